import { BEGINNINGS } from "./beginnings/all.ts";
import { ownAnswerTo, search } from "./knowledge/search.ts";
import { compile } from "./house/compile.ts";
import { readPublic } from "./language/read.ts";
const b=BEGINNINGS.find(x=>x.id.includes("bic"))! as any;
const { house } = compile({...b.handbook, key:"x", format:"gentian-house/1", country:"CA",currency:"CAD",zone:"America/Halifax",locale:"en-CA",languages:["en-CA"],dateOrder:"month-first",clientClock:"12",firstWeekday:"Monday",place:{},receptionists:[{id:"d",name:"d",greeting:"d",callBack:false}],lines:[{key:"l",name:"l",channel:"web",state:"on-duty",receptionist:"d"}]} as any);
if(house){ const q="How long will my bicycle be with you?"; console.log(readPublic(q,{house,now:0}), ownAnswerTo(house,q), search(house,q).map(h=>[h.passage.id,h.score,h.cover,h.supported,h.enough])); } else console.log(compile(b.handbook as any).gaps)

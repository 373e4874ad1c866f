import { modelOf, guesses, sentences } from "/work/main/core/language/classifier.ts";
const t=performance.now();
const s=sentences();
console.log(s.length);
const m=modelOf(); console.log("train ms", performance.now()-t, m.places.size, m.labels.length);
// cross-validation by template
const templates=[...new Set(s.map(x=>x.template))];
let ok=0,n=0; const bins=Array.from({length:10},()=>[0,0]);
for(let f=0;f<5;f++){ const out=new Set(templates.filter((_,i)=>i%5===f)); const mm=modelOf(t=>!out.has(t));
 for(const x of s.filter(x=>out.has(x.template))){ const g=guesses(x.text,()=>false,mm)[0]!; n++; const r=g.label===x.label; if(r) ok++; const b=bins[Math.min(9,Math.floor(g.sure*10))]!; b[0]++; if(r)b[1]++; }}
console.log("cv",ok/n); console.log(bins.map((b,i)=>`${i/10}: ${b[1]}/${b[0]} ${(b[1]!/b[0]!).toFixed(2)}`).join("\n"));

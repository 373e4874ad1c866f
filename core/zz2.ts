import { guesses } from "./language/classifier.ts";
for (const t of ["can we delete my <day> appointment?","could we make a booking?","can i get an appointment?","could we have <service> <day>","what would i pay for <service>, please?"]) console.log(t, guesses(t, (w)=>w==="appointment").map(g=>g.label+" "+g.sure.toFixed(2)).join(", "));

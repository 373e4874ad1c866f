import type { OwnMoment } from "./schema.ts";

/** What a wording of the house's own may speak of, and what it must not leave out. */
export interface MomentFacts {
  variables: readonly string[];
  needs: readonly string[];
}

/** Variables that are there at every moment; `client` is empty until a name is known. */
const ALWAYS = ["client", "daypart", "house", "receptionist"] as const;

export const GREETING: MomentFacts = { variables: ["daypart", "house", "name", "client", "receptionist"], needs: [] };

export const MOMENTS: Record<OwnMoment, MomentFacts> = {
  offer: { variables: [...ALWAYS, "service", "list"], needs: ["list"] },
  booked: { variables: [...ALWAYS, "service", "staff", "time"], needs: ["time"] },
  moved: { variables: [...ALWAYS, "service", "staff", "time"], needs: ["time"] },
  cancelled: { variables: [...ALWAYS, "service", "staff", "time"], needs: ["time"] },
  "late-fee": { variables: [...ALWAYS, "free", "percent", "sum"], needs: ["sum"] },
  unknown: { variables: ALWAYS, needs: [] },
  "handing-over": { variables: ALWAYS, needs: [] },
  "anything-else": { variables: ALWAYS, needs: [] },
  goodbye: { variables: ALWAYS, needs: [] },
  unheard: { variables: ALWAYS, needs: [] },
};

/** The variables of a wording, in their order, each once. */
export const variablesOf = (say: string): string[] => [...new Set([...say.matchAll(/\{([^{}]*)\}/g)].map((m) => (m[1] ?? "").trim()))];

export interface WordingFault {
  code: "unknown-variable" | "variable-needed" | "figure-in-wording";
  about: string;
}

/** What is wrong with a wording: a variable that does not exist, one that is left out, a figure that nothing stands behind. */
export function wordingFault(facts: MomentFacts, say: string): WordingFault | null {
  const used = variablesOf(say);
  const strange = used.find((v) => !facts.variables.includes(v));
  if (strange !== undefined) return { code: "unknown-variable", about: `{${strange}}` };
  const missing = facts.needs.find((v) => !used.includes(v));
  if (missing !== undefined) return { code: "variable-needed", about: `{${missing}}` };
  if (/\d/.test(say)) return { code: "figure-in-wording", about: (/\d[\d.,:]*/.exec(say) as RegExpExecArray)[0] };
  return null;
}

import type { Reason } from "../api/types.ts";

const WHY: Record<string, string> = {
  closed: "the house is closed that day",
  "not-in": "the person is not in that day",
  "shut-then": "the house is shut at that hour",
  past: "that time has passed",
  "too-soon": "sooner than the notice the house asks for",
  "too-far": "further ahead than the house books",
  "not-theirs": "that person does not do it",
  full: "nothing is open then",
  "only-one-day-open": "only one of the two days has an opening",
  "not-assessed": "only after an assessment",
  "several-fit": "several appointments fit: asked, never chosen in silence",
  "no-such-appointment": "no coming appointment fits",
  "taken-in-between": "somebody else took it in between",
  "no-answer": "the handbook has no answer to it",
};

const KIND: Record<string, string> = {
  service: "Services",
  staff: "People",
  hours: "The house, hours",
  closed: "The house, closed days",
  rule: "The house, rules",
  answer: "Answers",
  fact: "The house",
  house: "The house",
  limit: "Limits",
  question: "What it asks",
  calendar: "Calendar",
  card: "Card",
  said: "Said by the client",
  receptionist: "How it speaks",
  emergency: "Emergencies",
  document: "Documents",
  "handing-over": "Handing over",
};

/** The reasons of one reply, as the short notes that stand at its side. */
export function notesOf(reasons: readonly Reason[]): string[] {
  const notes: string[] = [];
  const read = reasons.filter((r) => r.what === "read");
  const errands = reasons.filter((r) => r.what === "errand");
  if (read.length > 0 || errands.length > 0) {
    const parts = [
      ...errands.map((e) => e.errand.replace("-", " ")),
      ...read.map((r) => `${r.means} “${r.words.trim()}”${r.assumed ? ` (assumed: ${r.assumed})` : ""}`),
    ];
    notes.push(`Read: ${parts.join("; ")}`);
  }
  for (const r of reasons) {
    if (r.what === "corrected") notes.push(`Corrected by later words: “${r.words.trim()}”`);
    if (r.what === "ruled-out") notes.push(`Ruled out: ${WHY[r.why] ?? r.why}${r.about ? ` (${r.about})` : ""}`);
    if (r.what === "looked") notes.push(`Looked at ${r.seen} ${r.seen === 1 ? "opening" : "openings"} of ${r.at}`);
    if (r.what === "withheld") notes.push(`Held back, since a figure had no source: ${r.text}`);
  }
  const sources = new Map<string, string[]>();
  for (const r of reasons)
    if (r.what === "source") sources.set(KIND[r.source.kind] ?? r.source.kind, [...(sources.get(KIND[r.source.kind] ?? r.source.kind) ?? []), r.source.label]);
  if (sources.size > 0)
    notes.push(
      `From: ${[...sources]
        .map(([kind, labels]) => {
          const own = [...new Set(labels)].filter((l) => !["The calendars", "What you said", "The client's card"].includes(l));
          return own.length > 0 ? `${kind}: ${own.join(", ")}` : kind;
        })
        .join("; ")}`,
    );
  return notes;
}

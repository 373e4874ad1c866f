import { readClosed, readHours } from "./calendar.ts";
import type { Find } from "./find.ts";
import { isTeamHeading, languageOf, readPlace, readRules, readStaff, topicOf } from "./prose.ts";
import { readSchemaOrg } from "./schemaorg.ts";
import { readServices } from "./services.ts";
import { textOf, type Block, type SourceText } from "./source.ts";
import { timeSpans } from "./tokens.ts";

/** Why nothing, or less than hoped for, was read from a source. */
export interface SourceNote {
  source: string;
  code: "other-language" | "nothing-found" | "no-text";
  about?: string;
}

export interface Read {
  finds: Find[];
  notes: SourceNote[];
}

/** Reads one source. The same words give the same finds, in the order in which they stand. */
export function readSource(source: SourceText, country: string): Read {
  const text = source.blocks.map(textOf).join("\n");
  if (text.trim() === "" && !source.data?.length) return { finds: [], notes: [{ source: source.name, code: "no-text" }] };
  const language = languageOf(text);
  if (language !== null && language !== "en") return { finds: [], notes: [{ source: source.name, code: "other-language", about: language }] };
  const finds: Find[] = [];
  const add = (list: readonly object[], words: string, at: number): void => {
    for (const f of list) finds.push({ ...(f as Find), source: source.name, words: words.slice(0, 600), at });
  };
  for (const found of readSchemaOrg(source.data ?? [], country)) add([found.find], found.words, -1);
  const { blocks } = source;
  const services = readServices(blocks);
  for (const f of services.finds) finds.push({ ...f, source: source.name, words: f.words.slice(0, 600) });
  let heading = "";
  let i = 0;
  while (i < blocks.length) {
    const b = blocks[i] as Block;
    const answered = question(blocks, i);
    if (answered) {
      add([{ what: "answer", question: answered.question, answer: answered.answer }], `${answered.question} ${answered.answer}`, b.at);
      i = answered.next;
      continue;
    }
    i++;
    if (b.kind === "heading") {
      heading = b.text;
      // "Closed on Mondays" may stand as a heading.
      prose(b.text, b.at, false);
      continue;
    }
    if (services.used.has(i - 1)) continue;
    const plain = b.kind === "row" ? b.cells.filter(Boolean).join(" ") : b.text;
    const person = isTeamHeading(heading) ? readStaff(b.kind === "row" ? b.cells.filter(Boolean).join(", ") : b.text) : null;
    if (person) {
      add([person], plain, b.at);
      continue;
    }
    prose(plain, b.at, true);
  }
  return { finds, notes: finds.length === 0 ? [{ source: source.name, code: "nothing-found" }] : [] };

  function prose(plain: string, at: number, keep: boolean): void {
    const hours = readHours(plain);
    const closed = readClosed(plain, country);
    const place = readPlace(plain, country);
    const rules = readRules(plain);
    add(hours, plain, at);
    add(
      closed.map((c) => ({ what: "closed", ...c })),
      plain,
      at,
    );
    add(place, plain, at);
    add(rules, plain, at);
    if (!keep || hours.length > 0 || closed.length > 0 || (place.length > 0 && plain.length < 140)) return;
    if (timeSpans(plain).length > 0 && plain.length < 40) return;
    if (plain.split(/\s+/).length < 3) return;
    // One line may speak of several things: each run of sentences about one of them is a fact of its own.
    const runs: { topic: ReturnType<typeof topicOf>; text: string }[] = [];
    for (const one of plain.match(/[^.!?]+(?:[.!?]+(?=\s|$)|$|[.!?]+)/g) ?? [plain]) {
      if (/^\s*(?:©|\(c\)|copyright)/i.test(one)) continue;
      const topic = topicOf(one);
      const before = runs.at(-1);
      if (before && (topic === null || before.topic?.topic === topic.topic)) before.text += one;
      else runs.push({ topic, text: one });
    }
    for (const { topic, text } of runs) {
      if (topic) add([{ what: "fact", topic: topic.topic, text: sentence(text), also: topic.also }], plain, at);
      else if (text.trim().split(/\s+/).length >= 4) add([{ what: "passage", heading, text: sentence(text) }], plain, at);
    }
  }
}

/** A question with what stands under it as its answer: "Q: …  A: …", or a line that ends in a question mark. */
function question(blocks: readonly Block[], i: number): { question: string; answer: string; next: number } | null {
  const b = blocks[i] as Block;
  if (b.kind === "row") {
    const [q, ...rest] = b.cells.map((c) => c.trim()).filter(Boolean);
    return q?.endsWith("?") && rest.length > 0 ? { question: q, answer: sentence(rest.join(" ")), next: i + 1 } : null;
  }
  const inline = /^(?:Q[:.)]\s*)?([^?]{6,180}\?)\s+(?:A[:.)]\s*)?(\S.{3,})$/.exec(b.text);
  if (inline && b.kind === "line" && !(inline[2] as string).includes("?"))
    return { question: inline[1] as string, answer: sentence(inline[2] as string), next: i + 1 };
  const q = /^(?:Q[:.)]\s*)?(.{5,180}\?)$/.exec(b.text)?.[1];
  if (!q) return null;
  const said: string[] = [];
  let k = i + 1;
  for (; k < blocks.length; k++) {
    const next = blocks[k] as Block;
    const text = textOf(next).replace(/^A[:.)]\s*/, "");
    if (next.kind !== "line" || text.endsWith("?")) break;
    const before = blocks[k - 1] as Block;
    if (said.length > 0 && next.at - before.at > 1) break;
    said.push(text);
  }
  return said.length > 0 ? { question: q, answer: sentence(said.join(" ").slice(0, 600)), next: k } : null;
}

const sentence = (text: string): string => {
  const t = text.trim().replace(/\s+/g, " ");
  return /[.!?]$/.test(t) ? t : `${t}.`;
};

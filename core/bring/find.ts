import type { ClosedRule } from "../house/schema.ts";
import type { Price } from "./tokens.ts";

interface Base {
  /** The source's name, the words that it was read from, and where they stand. */
  source: string;
  words: string;
  at: number;
}

/** One thing that was read out of a source. */
export type Find = Base &
  (
    | {
        what: "service";
        name: string;
        variants: { lengthMin: number | null; price: Price | null }[];
        about: string;
        /** The heading it stands under. */
        under: string;
        /** Who does it, in the source's words: names, or "any host". */
        by?: string;
      }
    | { what: "hours"; days: number[]; fromMin: number; toMin: number; whose?: string }
    | { what: "closed"; name: string; on: ClosedRule }
    | { what: "staff"; name: string; work: string; says: string }
    | { what: "place"; field: "street" | "town" | "region" | "phone" | "email" | "site"; value: string }
    | { what: "rule"; key: "freeUntilMin" | "lateFeePercent" | "missedFeePercent" | "noticeMin"; value: number }
    | { what: "fact"; topic: string; text: string; also: string[] }
    | { what: "answer"; question: string; answer: string }
    | { what: "passage"; heading: string; text: string }
  );

export type FindOf<W extends Find["what"]> = Extract<Find, { what: W }>;
export const finds = <W extends Find["what"]>(list: readonly Find[], what: W): FindOf<W>[] => list.filter((f): f is FindOf<W> => f.what === what);

import type { ReplyOut } from "../conversation/state.ts";
import type { House } from "../house/compile.ts";

/**
 * Sums of money in replies that neither a price of the house, a share of one that its rules charge, nor a line of the
 * handbook gives. Looks at the words only, so it does not trust how the replies were made.
 */
export function strayMoney(house: House, replies: readonly ReplyOut[]): string[] {
  const { services, rules } = house.handbook;
  const allowed = new Set<string>();
  for (const s of services)
    for (const v of s.variants)
      for (let places = 1; places <= (s.group?.perBooking ?? 1); places++)
        for (const percent of [100, rules.lateFeePercent, rules.missedFeePercent]) {
          const minor = Math.round(((v.priceMinor ?? 0) * places * percent) / 100);
          allowed.add((minor / 100).toFixed(2));
        }
  const handbook = JSON.stringify([house.handbook.answers, house.handbook.facts, house.handbook.documents ?? [], house.handbook.limits]);
  return replies.flatMap((r) =>
    [...r.text.matchAll(/(?:[$€£]|\bR|\b(?:CAD|EUR|AUD|GBP|ZAR) ?)\s?(\d{1,3}(?:[,\s]\d{3})+|\d+)(?:[.,](\d{2}))?(?!\d)/g)]
      .filter((m) => !allowed.has((Number((m[1] as string).replace(/\D/g, "")) + Number(m[2] ?? 0) / 100).toFixed(2)) && !handbook.includes(m[1] as string))
      .map((m) => m[0]),
  );
}

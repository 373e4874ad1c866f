import { feeForLate, isLate } from "../../schedule/fees.ts";
import { moneyText, spanText } from "../format.ts";
import { ruleSource, serviceSource } from "../sources.ts";
import type { AppointmentView } from "../state.ts";
import { val, type Turn, type Value } from "../turn.ts";

/** The fee for moving or cancelling now: part of the price when it is later than the house allows free of charge. */
export function lateFee(t: Turn, a: AppointmentView): { late: boolean; feeMinor: number; say: Value } {
  const late = isLate(t.house, t.now, a.startMin);
  const source = ruleSource("lateFeePercent", "Late fee");
  const free = ruleSource("freeUntilMin", "Free until");
  if (!late) return { late, feeMinor: 0, say: val("", free) };
  const feeMinor = feeForLate(t.house, t.now, a.startMin, a.priceMinor === null ? null : a.priceMinor * a.places);
  if (feeMinor === null) return { late, feeMinor: 0, say: val("", source) };
  return { late, feeMinor, say: val(moneyText(t.house, feeMinor), source, serviceSource(t.house, a.service)) };
}

/** What is said of that fee, with what it rests on; `besidePrice`: right after a price, of which it must be told apart. */
export function feeVal(t: Turn, a: AppointmentView, besidePrice = false): Value {
  const fee = lateFee(t, a);
  const rules = t.house.handbook.rules;
  if (!fee.late) return val(t.worded(besidePrice ? "fee/none-for-the-change" : "fee/none", {}).text, ruleSource("freeUntilMin", "Free until"));
  const percent = val(rules.lateFeePercent === 50 ? "half" : `${rules.lateFeePercent} percent`, ruleSource("lateFeePercent", "Late fee"));
  const free = val(spanText(rules.freeUntilMin), ruleSource("freeUntilMin", "Free until"));
  const kept = a.priceMinor === null || t.house.services.get(a.service)?.priceKept;
  return kept ? t.worded("fee/half-unpriced", { percent, free }) : t.worded("fee/half", { percent, free, sum: fee.say });
}

import type { House } from "../house/compile.ts";
import type { EpochMin } from "../time/zone.ts";

/** Whether moving or cancelling now is later than the house allows free of charge. Exactly on time is free. */
export function isLate(house: House, now: EpochMin, startMin: EpochMin): boolean {
  const { freeUntilMin, lateFeePercent } = house.handbook.rules;
  return startMin - now < freeUntilMin && lateFeePercent > 0;
}

/** The fee for moving or cancelling now, in minor units; null where it is late and the price of the visit is not known. */
export function feeForLate(house: House, now: EpochMin, startMin: EpochMin, priceMinor: number | null): number | null {
  if (!isLate(house, now, startMin)) return 0;
  return priceMinor === null ? null : Math.round((priceMinor * house.handbook.rules.lateFeePercent) / 100);
}

/** What a missed visit costs, in minor units; 0 where its price is not known. */
export function feeForMissed(house: House, priceMinor: number | null): number {
  return priceMinor === null ? 0 : Math.round((priceMinor * house.handbook.rules.missedFeePercent) / 100);
}

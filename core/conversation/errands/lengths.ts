import type { Service } from "../../house/schema.ts";
import { lengthText, serviceText } from "../format.ts";
import { saidSource, serviceSource } from "../sources.ts";
import { joinVals, val, type Turn } from "../turn.ts";
import { costText } from "./prices.ts";

/** Asks which of the lengths that a service comes in it is to be; where one was wished for that it does not come in, says so. */
export function askLength(t: Turn, service: Service, wanted?: number): void {
  const source = serviceSource(t.house, service.id);
  const list = joinVals(
    service.variants.map((v) => val(lengthText(v.lengthMin), source)),
    "or",
  );
  const name = val(serviceText(t.house, service.id), source);
  if (wanted !== undefined) t.say("book/no-such-length", { service: name, list, wanted: val(lengthText(wanted), saidSource) });
  else t.say("book/ask-length", { service: name, list });
  t.expect(
    "length",
    service.variants.map((v) => ({
      label: v.priceMinor === null || service.priceKept ? lengthText(v.lengthMin) : `${lengthText(v.lengthMin)}, ${costText(t, v.priceMinor)}`,
      say: `${v.lengthMin} minutes`,
    })),
  );
}

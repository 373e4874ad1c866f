import type { PublicAppointment, PublicState } from "../contract.ts";
import type { House } from "../house/compile.ts";
import { isoOfDay } from "../time/days.ts";
import { clockText, rfc3339 } from "../time/zone.ts";
import type { AppointmentView, Outcome, State } from "./state.ts";
import { singleDay, wishOf } from "./wish.ts";

/** An appointment as the public interface shows it. `end` is without clean-up. */
export function publicAppointment(house: House, a: AppointmentView, status: "booked" | "moved" | "cancelled"): PublicAppointment {
  const service = house.services.get(a.service);
  return {
    id: a.id,
    service: service?.name ?? a.service,
    length_min: a.lengthMin,
    staff: house.staff.get(a.staff)?.name ?? a.staff,
    start: rfc3339(house.zone, a.startMin),
    end: rfc3339(house.zone, a.endMin),
    status,
    ...(a.priceMinor === null || service?.priceKept ? {} : { price: { minor: a.priceMinor * a.places, currency: house.handbook.currency } }),
    ...(service?.group ? { places: a.places } : {}),
    client: { name: a.client.name, ...(a.client.phone ? { phone: a.client.phone } : {}) },
  };
}

const WEIGHT: Outcome[] = ["message-taken", "handed-over", "waitlisted", "turned-away", "answered"];

/** The weightiest outcome that still stands: the latest deed, then what was passed on, refused, answered. */
export function weightiest(outcomes: readonly Outcome[]): Outcome | undefined {
  const deed = outcomes.filter((o) => o === "booked" || o === "moved" || o === "cancelled").at(-1);
  if (deed) return deed;
  // Left with an errand open: what was answered on the way does not outweigh it.
  for (const o of WEIGHT.slice(0, 3)) if (outcomes.includes(o)) return o;
  if (outcomes.includes("abandoned")) return "abandoned";
  return WEIGHT.find((o) => outcomes.includes(o));
}

/** A conversation's state as the public interface shows it. */
export function publicState(house: House, now: number, state: State): PublicState {
  const task = state.task;
  const known: Record<string, unknown> = {};
  if (task?.errand === "book") {
    if (task.service) known["service"] = house.services.get(task.service)?.name;
    if (task.lengthMin) known["length_min"] = task.lengthMin;
    if (task.places) known["places"] = task.places;
    if (task.gender) known["staff_gender"] = task.gender;
    if (task.forWhom) known["for_whom"] = task.forWhom;
    if (task.staff) known["staff"] = task.staff === "any" ? "any" : house.staff.get(task.staff[0] ?? "")?.name;
  }
  if (task?.errand === "book" || task?.errand === "move") {
    const prefix = task.errand === "move" ? "new_" : "";
    const day = singleDay(task.wish.days);
    if (task.wish.ask) {
      known[`${prefix}date_candidates`] = task.wish.ask.map(isoOfDay);
      known[`${prefix}date_choice`] = "ask";
    } else if (day !== undefined) known[`${prefix}date`] = isoOfDay(day);
    const { wish } = wishOf(house, task.wish, now, undefined);
    if (wish.time?.nearMin !== undefined && wish.time.fromMin === wish.time.toMin) known[`${prefix}time`] = clockText(wish.time.nearMin);
    else {
      if (wish.time?.fromMin !== undefined) known[`${prefix}time_from`] = clockText(wish.time.fromMin);
      if (wish.time?.toMin !== undefined) known[`${prefix}time_to`] = clockText(wish.time.toMin);
    }
    if (task.hold) known["held"] = rfc3339(house.zone, task.hold.offer.startMin);
  }
  const c = state.client;
  if (c.name) known["name"] = c.name;
  if (c.phone) known["phone"] = c.phone;
  if (c.email) known["email"] = c.email;
  const outcome = weightiest(state.outcomes);
  return {
    status: state.status,
    ...(c.spells ? { spelling: true } : {}),
    ...(task ? { errand: task.errand } : {}),
    known,
    ...(outcome ? { outcome } : {}),
    outcomes: state.outcomes,
  };
}

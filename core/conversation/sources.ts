import type { House } from "../house/compile.ts";
import type { Source } from "./state.ts";

/** References to the lines of a house that a reply can come from. */
export const serviceSource = (house: House, id: string): Source => ({ kind: "service", id, label: house.services.get(id)?.name ?? id });
export const staffSource = (house: House, id: string): Source => ({ kind: "staff", id, label: house.staff.get(id)?.name ?? id });
export const ruleSource = (id: string, label: string): Source => ({ kind: "rule", id, label });
export const hoursSource = (id: string): Source => ({ kind: "hours", id, label: "Opening hours" });
export const closedSource = (house: House, id: string): Source => ({
  kind: "closed",
  id,
  label: house.handbook.closed.find((c) => c.id === id)?.name ?? "A day that differs",
});
export const calendarSource: Source = { kind: "calendar", id: "calendar", label: "The calendars" };
export const saidSource: Source = { kind: "said", id: "said", label: "What you said" };
export const cardSource: Source = { kind: "card", id: "card", label: "The client's card" };

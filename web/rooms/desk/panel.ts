/** Where an appointment is to go. */
export interface Target {
  staff?: string;
  room?: string;
  date?: string;
  time?: string;
  length?: number;
}

/** What is opened beside the day sheet. */
export type Panel =
  | { kind: "none" }
  | { kind: "slip"; id: string; moved?: number }
  | { kind: "overrule"; id: string; to: Target; why: string }
  | { kind: "book"; staff?: string; minute?: number }
  | { kind: "walk-in" }
  | { kind: "off"; staff?: string; room?: string; minute?: number; ill?: boolean }
  | { kind: "touched"; block: string }
  | { kind: "person"; id: string }
  | { kind: "room"; id: string }
  | { kind: "service"; id: string }
  | { kind: "house" }
  | { kind: "talk"; id: string };

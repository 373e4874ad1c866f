/** What is opened beside the day sheet. */
export type Panel =
  | { kind: "none" }
  | { kind: "slip"; id: string }
  | { kind: "book"; staff?: string; minute?: number }
  | { kind: "block"; staff?: string; minute?: number }
  | { kind: "talk"; id: string };

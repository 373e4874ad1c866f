/** A mistake of the person who typed the command: said in a line, without a stack. */
export class Mistake extends Error {}

export interface Flags {
  clock?: string | undefined;
  "clock-rate"?: string | undefined;
  port?: string | undefined;
  host?: string | undefined;
  data?: string | undefined;
  fresh?: boolean | undefined;
  empty?: boolean | undefined;
  house?: string | undefined;
  reasons?: boolean | undefined;
  seed?: string | undefined;
  callers?: string | undefined;
  json?: boolean | undefined;
  save?: string | undefined;
  wav?: string[] | undefined;
  out?: string | undefined;
  from?: string | undefined;
}

import { z } from "zod";
import { houseFileSchema } from "./schema.ts";

/** The open house format as a JSON Schema (2020-12), made from the schema that files are read by. */
export function houseJsonSchema(): Record<string, unknown> {
  return { title: "Gentian house, format 1", ...(z.toJSONSchema(houseFileSchema, { io: "input", target: "draft-2020-12" }) as Record<string, unknown>) };
}

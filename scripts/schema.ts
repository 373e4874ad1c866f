/** Writes docs/house-format.schema.json: node --import tsx scripts/schema.ts */
import { writeFileSync } from "node:fs";
import { houseJsonSchema } from "@gentian/core/house/jsonschema";

writeFileSync(new URL("../docs/house-format.schema.json", import.meta.url), `${JSON.stringify(houseJsonSchema(), null, 2)}\n`);

/** Writes a JSON Schema of each open format into docs/schemas, from the schemas that the core reads by. */
import { mkdirSync, writeFileSync } from "node:fs";
import { toJsonSchema } from "@valibot/to-json-schema";
import { cutSheetSchema, orderSchema } from "../src/core/formats";

mkdirSync("docs/schemas", { recursive: true });
const schemas = { order: orderSchema, "cut-sheet": cutSheetSchema };
for (const [name, schema] of Object.entries(schemas)) {
  const json = { title: `inner-fold/${name}`, ...toJsonSchema(schema) };
  writeFileSync(`docs/schemas/${name}.json`, `${JSON.stringify(json, null, 2)}\n`);
}
process.stdout.write(`Wrote ${Object.keys(schemas).length} schemas.\n`);

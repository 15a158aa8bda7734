import { resolve } from "node:path";

/** Where the shop's book lies, its copies, and all that belongs to it. */
export function dataFolder(): string {
  return resolve(/* turbopackIgnore: true */ process.env.INNER_FOLD_DATA ?? "data");
}

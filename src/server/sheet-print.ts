import { createHash } from "node:crypto";
import type { CutSheet } from "@/core/formats";

/** Stands for a sheet as a screen shows it: another card, choice, rule or cloth has another. */
export function sheetPrint(sheet: CutSheet): string {
  return createHash("sha256").update(JSON.stringify(sheet)).digest("hex").slice(0, 32);
}

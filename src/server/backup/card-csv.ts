import Papa from "papaparse";
import { measurementIds, measurements } from "@/core/body";
import type { Card } from "@/db";
import { withUnit } from "../with-unit";

/**
 * Cards as CSV, one row a card, readings as they were typed with their unit. Formulas are escaped: a name that starts
 * with an equals sign must not compute anything in a table program.
 */
export function writeCardCsv(cards: readonly (Card & { readonly clientName: string })[]): string {
  const head = ["Client", "Taken on", ...measurementIds.map((id) => measurements[id].label)];
  const rows = cards.map(({ clientName, takenOn, readings }) => [
    clientName,
    takenOn,
    ...measurementIds.map((id) => {
      const reading = readings[id];
      return reading === undefined ? "" : withUnit(reading.typed, reading.unit);
    }),
  ]);
  // Every cell in quotes: where a table program splits at semicolons, none of them starts a cell. The mark tells it the letters.
  return `\uFEFF${Papa.unparse([head, ...rows], { escapeFormulae: true, newline: "\r\n", quotes: true })}`;
}

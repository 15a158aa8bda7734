import { measurementIds, measurements } from "@/core/body";
import type { Card } from "@/db";
import { withUnit } from "../with-unit";
import { writeCsv } from "./write-csv";

/** Cards as CSV, one row a card, readings as they were typed with their unit. */
export function writeCardCsv(cards: readonly (Card & { readonly clientName: string })[]): string {
  const head = ["Client", "Taken on", "Figure", "Age", ...measurementIds.map((id) => measurements[id].label)];
  const rows = cards.map(({ clientName, takenOn, figure, age, readings }) => [
    clientName,
    takenOn,
    figure,
    age === null ? "" : String(age),
    ...measurementIds.map((id) => {
      const reading = readings[id];
      return reading === undefined ? "" : withUnit(reading.typed, reading.unit);
    }),
  ]);
  return writeCsv([head, ...rows]);
}

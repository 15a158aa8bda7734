import { type Tick, ticks } from "../length";
import type { CutSheet } from "./cut-sheet";

/** What the tape shows that a sheet was drawn for. */
export function sheetTick({ resolved, unit }: CutSheet): Tick {
  const tick = String(resolved.rules.tick?.value ?? "");
  return Object.hasOwn(ticks, tick) ? (tick as Tick) : unit === "cm" ? "0.5cm" : "1/8";
}

import { succeed } from "../result";
import type { SheetDrawing } from "./cut-sheet";
import { readAndMake, type SheetOutcome } from "./sheet-outcome";
import { writeDrawing } from "./write-drawing";

/**
 * From an order as it was written to its cut sheet without the work at the table: what a screen draws anew at every
 * move of a slider. Kept apart from `makeSheet` so that such a screen does not carry the planner and the words of steps.
 */
export function makeDrawing(order: unknown): SheetOutcome<SheetDrawing> {
  return readAndMake(order, (read) => {
    const drawn = writeDrawing(read);
    return drawn.ok ? succeed(drawn.value.drawing) : drawn;
  });
}

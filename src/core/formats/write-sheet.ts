import { orderSteps, usableWidth } from "../cloth";
import { type Result, succeed } from "../result";
import { layTable } from "../table";
import type { CutSheet } from "./cut-sheet";
import type { ReadOrder } from "./read-order";
import { writeDrawing } from "./write-drawing";
import { writeMaking } from "./write-making";
import type { RefusedOrder } from "./write-refusal";
import { writeStep } from "./write-step";
import { writePlacement } from "./write-table";

/** Draws, proves, folds and words an order that was read: the whole cut sheet, or why it cannot be drawn. */
export function writeSheet(read: ReadOrder): Result<CutSheet, RefusedOrder> {
  const drawn = writeDrawing(read);
  if (!drawn.ok) return drawn;
  const { drawing, draft, groups } = drawn.value;
  const table = layTable(draft, orderSteps(draft, groups, usableWidth(read.cloths.main)));
  const { cloth, ...rest } = drawing;
  return succeed({
    ...rest,
    steps: [...table.steps.map((step) => writeStep(step, draft)), ...writeMaking(drawing)],
    placements: table.placements.map(writePlacement),
    cloth,
  });
}

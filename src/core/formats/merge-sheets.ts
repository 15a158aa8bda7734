import type { CutSheet, SheetStep } from "./cut-sheet";
import { tableSteps } from "./table-screens";

/** What of a newly drawn sheet takes the place of what was frozen; everything else stays as it was cut. */
export interface DrawnAnew {
  readonly pieces: ReadonlySet<string>;
  readonly groups: ReadonlySet<string>;
  /** Ids of the steps that make them. */
  readonly steps: ReadonlySet<string>;
}

/** The groups that pieces are folded in, and the steps that make them. */
export function madeWith(sheet: CutSheet, pieces: ReadonlySet<string>): DrawnAnew {
  const groups = new Set(sheet.groups.filter((group) => group.pieces.some((id) => pieces.has(id))).map(({ id }) => id));
  const own = tableSteps(sheet).filter(({ piece, group }) => pieces.has(piece) || groups.has(group));
  return { pieces, groups, steps: new Set(own.map(({ id }) => id)) };
}

/** Each row of the new list that is drawn anew; for any other the one that was frozen, where it is still there. */
function keepFrozen<Row extends { readonly id: string }>(
  frozen: readonly Row[],
  drawn: readonly Row[],
  isOwn: (row: Row) => boolean,
): Row[] {
  const kept = new Map(frozen.filter((row) => !isOwn(row)).map((row) => [row.id, row]));
  return drawn.map((row) => (isOwn(row) ? row : (kept.get(row.id) ?? row)));
}

/** The making as it was frozen, in its order; what joins a new piece says its new seams. */
function makingAnew(frozen: CutSheet, sheet: CutSheet, { pieces }: DrawnAnew): readonly SheetStep[] {
  return frozen.steps
    .filter(({ phase }) => phase === "make")
    .map((step): SheetStep => {
      const { make, text } = sheet.steps.find(({ id }) => id === step.id) ?? {};
      if (step.make === undefined || make === undefined || text === undefined || !pieces.has(step.piece)) return step;
      return { ...step, text, make: { ...step.make, seams: make.seams } };
    });
}

/**
 * The sheet that was cut from, with some of its pieces as another sheet draws them: every other piece, its group, its steps
 * and its placements stay as they were frozen, whatever became of the program since.
 *
 * @param making whether the making stays in its frozen order, or follows what is drawn now
 */
export function mergeSheets(
  frozen: CutSheet,
  sheet: CutSheet,
  anew: DrawnAnew,
  making: "as-frozen" | "as-drawn",
): CutSheet {
  const made = sheet.steps.filter(({ phase }) => phase === "make");
  return {
    ...sheet,
    pieces: keepFrozen(frozen.pieces, sheet.pieces, ({ id }) => anew.pieces.has(id)),
    groups: keepFrozen(frozen.groups, sheet.groups, ({ id }) => anew.groups.has(id)),
    steps: [
      ...keepFrozen(tableSteps(frozen), tableSteps(sheet), ({ id }) => anew.steps.has(id)),
      ...(making === "as-drawn" ? made : makingAnew(frozen, sheet, anew)),
    ],
    ...(sheet.placements === undefined || frozen.placements === undefined
      ? {}
      : {
          placements: keepFrozen(frozen.placements, sheet.placements, ({ steps }) =>
            steps.some((step) => anew.steps.has(step)),
          ),
        }),
  };
}

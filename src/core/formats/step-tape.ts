import type { SheetMark, SheetPiece, SheetStep } from "./cut-sheet";
import { lookOf } from "./lights";

export type Place = readonly [number, number];

/** Where a mark lies on its piece: across from the origin, down from the top line. */
export function markPlace(piece: SheetPiece, mark: SheetMark): Place {
  if (mark.at !== undefined) return mark.at.stitch;
  if (mark.line === "centre") return [0, mark.stitch ?? 0];
  const line = piece.lines.find(({ id }) => id === mark.line);
  return [(line?.start ?? 0) + (mark.stitch ?? 0), line?.down ?? 0];
}

/** The tape of one step as it lies on the cloth: from its origin to the mark, and on to the cutting line. */
export interface StepTape {
  readonly from: Place;
  readonly to: Place;
  readonly cut: Place | null;
}

function startOf(piece: SheetPiece, step: SheetStep, [x, y]: Place): Place {
  const reading = step.reading ?? 0;
  if (step.act === "scoop") return [x + reading, y];
  if (step.act === "lengthen") return [x, y - reading];
  const start = piece.lines.find(({ id }) => id === step.line)?.start ?? 0;
  return step.direction === "across" ? [start, y] : [x, y - reading];
}

function markTape(piece: SheetPiece, step: SheetStep): StepTape | null {
  const mark = piece.marks.find(({ id }) => id === step.marks[0]);
  if (mark === undefined) return null;
  const to = markPlace(piece, mark);
  const beyond = step.cutReading === null ? null : (mark.cut ?? 0) - (mark.stitch ?? 0);
  const cut: Place | null =
    beyond === null ? null : step.direction === "across" ? [to[0] + beyond, to[1]] : [to[0], to[1] + beyond];
  return { from: step.act === "plumb" ? [to[0], 0] : startOf(piece, step, to), to, cut };
}

/** The tape of a step; null where nothing is measured along a straight line. */
export function stepTape(piece: SheetPiece, step: SheetStep): StepTape | null {
  if (step.act === "guide-line") {
    const down = piece.lines.find(({ id }) => id === step.line)?.down ?? 0;
    return { from: [0, down - (step.reading ?? 0)], to: [0, down], cut: null };
  }
  if (step.act === "zip-line" || step.act === "centre-line")
    return { from: [-piece.originInset, 0], to: [0, 0], cut: null };
  if (step.act === "swing")
    return {
      from: [0, 0],
      to: [0, step.reading ?? 0],
      cut: step.cutReading === null ? null : [0, step.cutReading],
    };
  return lookOf(step.act).tape ? markTape(piece, step) : null;
}

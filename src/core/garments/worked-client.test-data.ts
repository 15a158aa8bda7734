import { type CutSheet, makeSheet } from "../formats";

/** A made-up client of round readings, so that every sum of a worked example can be done on paper. */
export const WORKED_CARD = {
  head: 22,
  shoulder: 15.5,
  bust: 40,
  underbust: 34,
  waist: 32,
  hip: 42,
  armhole: 17.5,
  bustSpan: 8,
  shoulderToBust: 10.5,
  shoulderToUnderbust: 14,
  frontWaist: 17,
  backWaist: 15.5,
  waistToHip: 9,
  fullLength: 42,
  upperArm: 12,
  elbow: 10.5,
  wrist: 6.5,
  sleeveLength: 23,
} as const;

export interface Worked {
  readonly choices?: object;
  readonly rules?: object;
  readonly card?: object;
  readonly figureNotes?: readonly object[];
  /** 60 in wide, where none is told. */
  readonly cloth?: object;
}

export function workedOrder(garment: string, { card = {}, ...rest }: Worked = {}) {
  return { garment, client: { card: { measurements: { ...WORKED_CARD, ...card } } }, cloth: { width: 60 }, ...rest };
}

/** The cut sheet of a garment for the worked client; throws what stands in its way. */
export function workedSheet(garment: string, worked: Worked = {}): CutSheet {
  const outcome = makeSheet(workedOrder(garment, worked));
  if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
  return outcome.sheet;
}

export function pieceOf(sheet: CutSheet, id: string) {
  const found = sheet.pieces.find((piece) => piece.id === id);
  if (found === undefined) throw new Error(`no ${id} among ${sheet.pieces.map((piece) => piece.id).join(", ")}`);
  return found;
}

export function edgeOf(sheet: CutSheet, pieceId: string, id: string) {
  const found = pieceOf(sheet, pieceId).edges.find((edge) => edge.id === id);
  if (found === undefined) throw new Error(`no ${id} on ${pieceId}`);
  return found;
}

/** Where a mark lies: across without its panel's move, and down. */
export function markOn(sheet: CutSheet, pieceId: string, id: string): readonly [number, number] {
  const piece = pieceOf(sheet, pieceId);
  const mark = piece.marks.find((one) => one.id === id);
  if (mark === undefined) throw new Error(`no ${id} on ${pieceId}: ${piece.marks.map((one) => one.id).join(", ")}`);
  if (mark.at !== undefined) return [mark.at.stitch[0] - piece.shift, mark.at.stitch[1]];
  if (mark.line === "centre") return [0, mark.stitch ?? 0];
  return [(mark.stitch ?? 0) - piece.shift, piece.lines.find((line) => line.id === mark.line)?.down ?? 0];
}

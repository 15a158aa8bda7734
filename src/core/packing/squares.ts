import type { Point } from "../geometry";
import type { Inches } from "../length";
import type { LaidStance } from "./table";

/** Squares across the cloth: coarse enough for an answer at once. */
export const SQUARES_ACROSS = 128;

/** Squares that an outline touches, row by row: stretches from … to, both touched. */
export type Touched = readonly (readonly (readonly [number, number])[])[];

/** The cloth in squares: for every square the last taken one of its row up to it, or -1. */
export interface Taken {
  readonly columns: number;
  readonly lastTaken: Int32Array[];
}

/** Stretches across that an outline covers within a band: its edges there, and its inside at the band's middle. */
function bandStretches(outline: readonly Point[], top: Inches, bottom: Inches): readonly (readonly [number, number])[] {
  const found: [number, number][] = [];
  const middles: number[] = [];
  const middle = (top + bottom) / 2;
  let before = outline.at(-1) as Point;
  for (const point of outline) {
    const [upper, lower] = before.y < point.y ? [before, point] : [point, before];
    if (upper.y <= bottom && lower.y >= top) {
      const xAt = (y: number) =>
        lower.y - upper.y < 1e-12 ? upper.x : upper.x + ((lower.x - upper.x) * (y - upper.y)) / (lower.y - upper.y);
      const ends =
        lower.y - upper.y < 1e-12 ? [upper.x, lower.x] : [xAt(Math.max(top, upper.y)), xAt(Math.min(bottom, lower.y))];
      found.push([Math.min(...ends), Math.max(...ends)]);
      if (upper.y <= middle && lower.y > middle) middles.push(xAt(middle));
    }
    before = point;
  }
  middles.sort((a, b) => a - b);
  for (let index = 0; index + 1 < middles.length; index += 2)
    found.push([middles[index] as number, middles[index + 1] as number]);
  return found;
}

export function touchSquares(stance: LaidStance, square: Inches): Touched {
  const { outline, height } = stance.shape;
  const rows = Math.max(1, Math.ceil(height / square - 1e-9));
  return Array.from({ length: rows }, (_, row) => {
    const stretches = bandStretches(outline, row * square, (row + 1) * square)
      .map(([from, to]): [number, number] => [
        Math.floor(from / square + 1e-9),
        Math.max(0, Math.ceil(to / square - 1e-9) - 1),
      ])
      .sort((a, b) => a[0] - b[0]);
    const joined: [number, number][] = [];
    for (const [from, to] of stretches) {
      const last = joined.at(-1);
      if (last !== undefined && from <= last[1] + 1) last[1] = Math.max(last[1], to);
      else joined.push([from, to]);
    }
    return joined;
  });
}

/** On a repeat a piece lies between two rows of squares: it takes what it touches in both. */
export function acrossTwoRows(touched: Touched): Touched {
  return Array.from({ length: touched.length + 1 }, (_, row) => [...(touched[row] ?? []), ...(touched[row - 1] ?? [])]);
}

function rowOf(taken: Taken, row: number): Int32Array {
  while (taken.lastTaken.length <= row) taken.lastTaken.push(new Int32Array(taken.columns).fill(-1));
  return taken.lastTaken[row] as Int32Array;
}

/** The furthest taken square that a stretch of squares runs over; -1 for none. */
function lastTakenUnder(taken: Taken, row: number, from: number, to: number): number {
  const last = rowOf(taken, row)[Math.min(taken.columns - 1, to)] as number;
  return last >= from ? last : -1;
}

/** How far right a piece must move from a column to come clear of what is taken; 0 when it lies clear. */
export function blockedBy(taken: Taken, touched: Touched, row: number, column: number): number {
  for (let index = 0; index < touched.length; index++) {
    for (const [from, to] of touched[index] as Touched[number]) {
      const last = lastTakenUnder(taken, row + index, column + from, column + to);
      if (last >= 0) return last + 1 - from - column;
    }
  }
  return 0;
}

/** The first column from `start` at which a piece is clear of all that is taken, its top on `row`; null for none. */
export function findColumn(taken: Taken, touched: Touched, row: number, start: number, end: number): number | null {
  let column = start;
  while (column <= end) {
    const by = blockedBy(taken, touched, row, column);
    if (by === 0) return column;
    column += by;
  }
  return null;
}

export function take(taken: Taken, touched: Touched, row: number, column: number): void {
  for (let index = 0; index < touched.length; index++) {
    const lastTaken = rowOf(taken, row + index);
    for (const [from, to] of touched[index] as Touched[number]) {
      for (let square = Math.max(0, column + from); square <= column + to && square < taken.columns; square++)
        lastTaken[square] = square;
    }
    for (let square = 1; square < taken.columns; square++) {
      if ((lastTaken[square] as number) < square) lastTaken[square] = lastTaken[square - 1] as number;
    }
  }
}

/** One square more at the right, for what starts between two squares. */
export function widen(touched: Touched): Touched {
  return touched.map((row) => row.map(([from, to]) => [from, to + 1] as const));
}

import type { Point } from "../geometry";
import type { Inches } from "../length";
import type { LaidStance, PackTable } from "./table";
import type { PackPlan, Placement } from "./task";

/** Squares across the cloth: coarse enough for an answer at once. */
const SQUARES_ACROSS = 220;

/** A piece is turned only for more than this. */
const WORTH_TURNING: Inches = 0.25;

/** Squares that an outline touches, row by row: stretches from … to, both touched. */
type Touched = readonly (readonly (readonly [number, number])[])[];

/** The cloth in squares: for every square the last taken one of its row up to it, or -1. */
interface Taken {
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

function touchSquares(stance: LaidStance, square: Inches): Touched {
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
function acrossTwoRows(touched: Touched): Touched {
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
function blockedBy(taken: Taken, touched: Touched, row: number, column: number): number {
  for (let index = 0; index < touched.length; index++) {
    for (const [from, to] of touched[index] as Touched[number]) {
      const last = lastTakenUnder(taken, row + index, column + from, column + to);
      if (last >= 0) return last + 1 - from - column;
    }
  }
  return 0;
}

/** The first column from `start` at which a piece is clear of all that is taken, its top on `row`; null for none. */
function findColumn(taken: Taken, touched: Touched, row: number, start: number, end: number): number | null {
  let column = start;
  while (column <= end) {
    const by = blockedBy(taken, touched, row, column);
    if (by === 0) return column;
    column += by;
  }
  return null;
}

function take(taken: Taken, touched: Touched, row: number, column: number): void {
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

interface Candidate {
  readonly placement: Placement;
  readonly row: number;
  readonly column: number;
  readonly touched: Touched;
  readonly bottom: Inches;
}

/** Tops that a stance may have, from the start of the cloth on. */
function* topsOf(stance: LaidStance, square: Inches): Generator<{ readonly row: number; readonly y: Inches }, void> {
  if (stance.repeat === null) for (let row = 0; ; row++) yield { row, y: row * square };
  const { every, at } = stance.repeat;
  for (let y = at - Math.floor(at / every) * every; ; y += every) yield { row: Math.floor(y / square), y };
}

function placeStance(
  taken: Taken,
  stance: LaidStance,
  number: number,
  square: Inches,
  before: Inches,
): Candidate | null {
  const plain = touchSquares(stance, square);
  const touched = stance.repeat === null ? plain : acrossTwoRows(plain);
  const start = Math.ceil(stance.leftMin / square - 1e-9);
  const end = Math.max(start, Math.floor(stance.leftMax / square + 1e-9));
  // A piece on the fold lies at its edge, between two squares perhaps: its squares are counted from the one it starts in.
  const onEdge = start * square > stance.leftMax;
  for (const { row, y } of topsOf(stance, square)) {
    if (y + stance.shape.height > before) return null;
    const column = onEdge
      ? findColumn(taken, widen(touched), row, start - 1, start - 1)
      : findColumn(taken, touched, row, start, end);
    if (column === null) continue;
    const x = onEdge ? stance.leftMin : Math.min(column * square, stance.leftMax);
    return {
      placement: { stance: number, x, y },
      row,
      column,
      touched: onEdge ? widen(touched) : touched,
      bottom: y + stance.shape.height,
    };
  }
  return null;
}

function widen(touched: Touched): Touched {
  return touched.map((row) => row.map(([from, to]) => [from, to + 1] as const));
}

/**
 * A valid plan at once: pieces from the largest to the smallest, each as far up the cloth as it goes, on squares that
 * outlines touch. Coarse, and never with an overlap.
 */
export function makeFirstPlan(table: PackTable): PackPlan {
  const { task } = table;
  const square = task.width / SQUARES_ACROSS;
  const taken: Taken = { columns: SQUARES_ACROSS, lastTaken: [] };
  const placements: Placement[] = new Array(task.pieces.length);
  const stancesOf = (piece: number) =>
    table.stances.slice(table.first[piece] as number, (table.first[piece] as number) + (table.count[piece] as number));
  let length = 0;
  for (const [piece, { pinned }] of task.pieces.entries()) {
    if (pinned === null) continue;
    const stance = stancesOf(piece)[pinned.stance] as LaidStance;
    const touched = widen(acrossTwoRows(touchSquares(stance, square)));
    take(taken, touched, Math.max(0, Math.floor(pinned.y / square)), Math.floor(pinned.x / square));
    placements[piece] = pinned;
    length = Math.max(length, pinned.y + stance.shape.height);
  }
  const order = task.pieces
    .map((_, piece) => piece)
    .filter((piece) => task.pieces[piece]?.pinned === null)
    .sort((a, b) => (stancesOf(b)[0]?.shape.area ?? 0) - (stancesOf(a)[0]?.shape.area ?? 0));
  for (const piece of order) {
    let best: Candidate | null = null;
    for (const [number, stance] of stancesOf(piece).entries()) {
      const found = placeStance(
        taken,
        stance,
        number,
        square,
        (best?.bottom ?? Number.POSITIVE_INFINITY) - WORTH_TURNING,
      );
      if (found !== null) best = found;
    }
    if (best === null) throw new Error(`piece ${task.pieces[piece]?.id} found no place on endless cloth`);
    take(taken, best.touched, best.row, best.column);
    placements[piece] = best.placement;
    length = Math.max(length, best.bottom);
  }
  return { placements, length };
}

import { crossingsAt, type Point } from "../geometry";
import type { Inches } from "../length";
import { unfoldAcross } from "./lay-fold";
import type { LaidSection, LayPlan } from "./lay-plan";

/** A rectangle of cloth that nothing is cut from, as the cloth lies open: from the left selvedge's inner side, and down. */
export interface LeftOver {
  readonly across: Inches;
  readonly down: Inches;
  readonly width: Inches;
  readonly length: Inches;
}

/** Cloth is told in half inches: an offcut is no finer. */
const SQUARE: Inches = 0.5;
/** Smaller than this is a rag, not an offcut. */
const LEAST_SIDE: Inches = 4;
const MOST = 6;

/** Squares of open cloth, row by row; 1 where something is cut. */
interface Net {
  readonly columns: number;
  readonly rows: number;
  readonly taken: Uint8Array;
}

function takeStretch(net: Net, row: number, from: Inches, to: Inches): void {
  const first = Math.max(0, Math.floor(Math.min(from, to) / SQUARE + 1e-6));
  const last = Math.min(net.columns - 1, Math.ceil(Math.max(from, to) / SQUARE - 1e-6) - 1);
  for (let column = first; column <= last; column++) net.taken[row * net.columns + column] = 1;
}

/** Marks what one level of a folded stretch cuts out of the open cloth, on every layer. */
function takeLevel(
  net: Net,
  section: LaidSection,
  outline: readonly Point[],
  layers: number,
  level: Inches,
  rows: readonly number[],
): void {
  const met = crossingsAt(outline, level);
  for (let index = 0; index + 1 < met.length; index += 2) {
    const left = unfoldAcross(section.fold, (met[index] as number) + 1e-6).slice(0, layers);
    const right = unfoldAcross(section.fold, (met[index + 1] as number) - 1e-6).slice(0, layers);
    for (const [layer, from] of left.entries())
      for (const row of rows) takeStretch(net, row, from, right[layer] ?? from);
  }
}

function takeSection(net: Net, section: LaidSection): void {
  const seen = section.fold.endToEnd ? section.length / 2 : section.length;
  for (const { outline, layers } of section.laid) {
    for (let down = SQUARE / 4; down < seen; down += SQUARE / 2) {
      const here = Math.floor((section.from + down) / SQUARE);
      const rows = section.fold.endToEnd ? [here, Math.floor((section.from + section.length - down) / SQUARE)] : [here];
      takeLevel(
        net,
        section,
        outline,
        layers,
        down,
        rows.filter((row) => row >= 0 && row < net.rows),
      );
    }
  }
}

/** The largest free rectangle that stands on a row and starts at a column; null when it is a rag. */
function widestFrom(up: Int32Array, column: number): { width: number; height: number } | null {
  let best: { width: number; height: number } | null = null;
  let height = up[column] as number;
  for (let last = column; last < up.length && height * SQUARE >= LEAST_SIDE; last++) {
    height = Math.min(height, up[last] as number);
    const width = last - column + 1;
    if (Math.min(width, height) * SQUARE < LEAST_SIDE) continue;
    if (best === null || width * height > best.width * best.height) best = { width, height };
  }
  return best;
}

/** The largest free rectangle: for every square how far up it is free, and the widest stretch at each height. */
function largestFree({
  columns,
  rows,
  taken,
}: Net): { column: number; row: number; width: number; height: number } | null {
  const up = new Int32Array(columns);
  let best: { column: number; row: number; width: number; height: number } | null = null;
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++)
      up[column] = taken[row * columns + column] === 1 ? 0 : (up[column] as number) + 1;
    for (let column = 0; column < columns; column++) {
      const found = widestFrom(up, column);
      if (found !== null && (best === null || found.width * found.height > best.width * best.height))
        best = { column, row: row - found.height + 1, ...found };
    }
  }
  return best;
}

/**
 * What is left of the cloth after cutting, as rectangles from the largest down.
 *
 * @param length of the whole cloth; only the used part when it is still to be bought
 */
export function findLeftOver(plan: LayPlan, usable: Inches, length: Inches): readonly LeftOver[] {
  const net: Net = {
    columns: Math.floor(usable / SQUARE),
    rows: Math.floor(length / SQUARE),
    taken: new Uint8Array(Math.floor(usable / SQUARE) * Math.floor(length / SQUARE)),
  };
  for (const section of plan.sections) takeSection(net, section);
  const found: LeftOver[] = [];
  while (found.length < MOST) {
    const free = largestFree(net);
    if (free === null) break;
    found.push({
      across: free.column * SQUARE,
      down: free.row * SQUARE,
      width: free.width * SQUARE,
      length: free.height * SQUARE,
    });
    for (let row = free.row; row < free.row + free.height; row++)
      takeStretch(net, row, free.column * SQUARE, (free.column + free.width) * SQUARE);
  }
  return found;
}

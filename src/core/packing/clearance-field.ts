import type { Inches } from "../length";
import type { Shape } from "./shape";

/**
 * How deep two shapes lie in one another, for every way the second may lie beside the first: the distance that the
 * second must move, in the best direction, until both are clear. Positive where they overlap, negative where there is air
 * between. Known on the nodes of a square net, between them by bilinear interpolation.
 */
export interface ClearanceField {
  /** Offset of the second shape's box from the first's at node 0, 0. */
  readonly left: Inches;
  readonly top: Inches;
  readonly columns: number;
  readonly rows: number;
  readonly depth: Float32Array;
}

/** Rows of a shape are three times finer than the net, so that the border between overlap and air is known well inside a cell. */
export const ROWS_PER_CELL = 3;

/** Stretches of one row, in order and apart: those of row `r` are `starts[r]` to `starts[r + 1]`. */
interface Stretches {
  readonly starts: readonly number[];
  readonly left: readonly number[];
  readonly right: readonly number[];
}

/** Puts the last stretches of a list, those from `first`, in order and joins what touches. */
function joinStretches(first: number, left: number[], right: number[]): void {
  if (left.length - first < 2) return;
  const found = left.slice(first).map((from, index) => ({ from, to: right[first + index] as number }));
  found.sort((a, b) => a.from - b.from);
  left.length = first;
  right.length = first;
  for (const { from, to } of found) {
    const last = right.length - 1;
    if (last >= first && from <= (right[last] as number)) right[last] = Math.max(right[last] as number, to);
    else {
      left.push(from);
      right.push(to);
    }
  }
}

/** Adds a stretch to those from `first`; most lie over one that is there, which only grows. */
function addStretch(first: number, left: number[], right: number[], from: number, to: number): void {
  for (let index = left.length - 1; index >= first; index--) {
    if (from > (right[index] as number) || to < (left[index] as number)) continue;
    if (from < (left[index] as number)) left[index] = from;
    if (to > (right[index] as number)) right[index] = to;
    return;
  }
  left.push(from);
  right.push(to);
}

/** Offsets across at which two shapes overlap while the second lies `down` rows lower. */
function addOverlaps(a: Shape["rows"], b: Shape["rows"], down: number, left: number[], right: number[]): void {
  const first = left.length;
  const last = Math.min(a.count, b.count + down);
  for (let row = Math.max(0, down); row < last; row++) {
    const bEnd = b.starts[row - down + 1] as number;
    const aEnd = a.starts[row + 1] as number;
    for (let i = a.starts[row] as number; i < aEnd; i++) {
      for (let j = b.starts[row - down] as number; j < bEnd; j++) {
        const from = (a.left[i] as number) - (b.right[j] as number);
        addStretch(first, left, right, from, (a.right[i] as number) - (b.left[j] as number));
      }
    }
  }
  joinStretches(first, left, right);
}

/** Nearest places of the border, one for each node: where, and how far away (squared). */
interface Nearest {
  readonly columns: number;
  readonly rows: number;
  readonly x: Float32Array;
  readonly y: Float32Array;
  readonly far: Float32Array;
}

/** Tells the four nodes round a place of the border, in cells, that it is there. */
function mark(nearest: Nearest, x: number, y: number): void {
  const column = Math.floor(x);
  const row = Math.floor(y);
  for (let k = 0; k < 4; k++) {
    const c = column + (k & 1);
    const r = row + (k >> 1);
    if (c >= 0 && r >= 0 && c < nearest.columns && r < nearest.rows)
      offer(nearest, r * nearest.columns + c, c, r, x, y);
  }
}

function offer(nearest: Nearest, node: number, column: number, row: number, x: number, y: number): void {
  const far = (x - column) * (x - column) + (y - row) * (y - row);
  if (far >= (nearest.far[node] as number)) return;
  nearest.far[node] = far;
  nearest.x[node] = x;
  nearest.y[node] = y;
}

/** A node hears from its neighbour, `step` nodes away, which place of the border is near. */
function hear(nearest: Nearest, node: number, column: number, row: number, from: number): void {
  if ((nearest.far[from] as number) < 1e9)
    offer(nearest, node, column, row, nearest.x[from] as number, nearest.y[from] as number);
}

/** A row hears from the row beside it, straight and aslant. */
function hearFromRow(nearest: Nearest, row: number, other: number): void {
  const { columns } = nearest;
  for (let column = 0; column < columns; column++) {
    const node = row * columns + column;
    const beside = other * columns + column;
    hear(nearest, node, column, row, beside);
    if (column > 0) hear(nearest, node, column, row, beside - 1);
    if (column < columns - 1) hear(nearest, node, column, row, beside + 1);
  }
}

/** A row passes on what it heard, both ways along itself. */
function hearAlong(nearest: Nearest, row: number): void {
  const { columns } = nearest;
  const start = row * columns;
  for (let column = 1; column < columns; column++) hear(nearest, start + column, column, row, start + column - 1);
  for (let column = columns - 2; column >= 0; column--) hear(nearest, start + column, column, row, start + column + 1);
}

/** Every node learns its nearest place of the border: once down and once up the net. */
function spread(nearest: Nearest): void {
  const { rows } = nearest;
  for (let row = 0; row < rows; row++) {
    if (row > 0) hearFromRow(nearest, row, row - 1);
    hearAlong(nearest, row);
  }
  for (let row = rows - 1; row >= 0; row--) {
    if (row < rows - 1) hearFromRow(nearest, row, row + 1);
    hearAlong(nearest, row);
  }
}

/** Marks a stretch that lies on one row and not on its neighbour: there the border runs across. */
function markAcross(nearest: Nearest, from: number, to: number, y: number): void {
  const count = Math.floor((to - from) / 0.5);
  for (let index = 1; index <= count; index++) mark(nearest, from + ((to - from) * index) / (count + 1), y);
}

/** Marks what of a stretch of one row is not covered by the stretches of the other. */
function markUncovered(
  nearest: Nearest,
  from: number,
  to: number,
  others: Stretches,
  range: readonly [number, number],
  y: number,
): void {
  let at = from;
  for (let index = range[0]; index < range[1]; index++) {
    const left = others.left[index] as number;
    const right = others.right[index] as number;
    if (right < at || left > to) continue;
    if (left > at) markAcross(nearest, at, left, y);
    at = Math.max(at, right);
  }
  if (at < to) markAcross(nearest, at, to, y);
}

/** Marks the border between one fine row of offsets and the next. */
function markBetween(nearest: Nearest, all: Stretches, row: number, y: number): void {
  const here: [number, number] = [all.starts[row] as number, all.starts[row + 1] as number];
  const next: [number, number] = [here[1], all.starts[row + 2] as number];
  for (let index = here[0]; index < here[1]; index++) {
    markUncovered(nearest, all.left[index] as number, all.right[index] as number, all, next, y);
  }
  for (let index = next[0]; index < next[1]; index++) {
    markUncovered(nearest, all.left[index] as number, all.right[index] as number, all, here, y);
  }
}

/** Stretches of every fine row of the net, in cells from its left. */
function gatherStretches(a: Shape, b: Shape, cell: Inches, left: Inches, firstDown: number, rows: number): Stretches {
  const lefts: number[] = [];
  const rights: number[] = [];
  const starts = [0];
  for (let row = 0; row < rows; row++) {
    const from = lefts.length;
    addOverlaps(a.rows, b.rows, firstDown + row, lefts, rights);
    for (let index = from; index < lefts.length; index++) {
      lefts[index] = ((lefts[index] as number) - left) / cell;
      rights[index] = ((rights[index] as number) - left) / cell;
    }
    starts.push(lefts.length);
  }
  starts.push(lefts.length);
  return { starts, left: lefts, right: rights };
}

/** Distances become depths: positive for nodes inside a stretch of their row. */
function sign(nearest: Nearest, all: Stretches, cell: Inches, depth: Float32Array): void {
  for (let node = 0; node < depth.length; node++) depth[node] = -Math.sqrt(nearest.far[node] as number) * cell;
  for (let row = 0; row < nearest.rows; row++) {
    const end = all.starts[row * ROWS_PER_CELL + 1] as number;
    for (let index = all.starts[row * ROWS_PER_CELL] as number; index < end; index++) {
      const from = Math.max(0, Math.ceil(all.left[index] as number));
      const to = Math.min(nearest.columns - 1, Math.floor(all.right[index] as number));
      for (let column = from; column <= to; column++) {
        const node = row * nearest.columns + column;
        depth[node] = -(depth[node] as number);
      }
    }
  }
}

/**
 * Works out the clearance of two shapes on a net of square cells.
 *
 * @param cell side of a cell; both shapes' rows are `cell ÷ ROWS_PER_CELL` high
 * @returns depths within about a quarter of a cell; what a cut must keep is judged on the outlines themselves
 */
export function makeClearanceField(a: Shape, b: Shape, cell: Inches): ClearanceField {
  const left = -(Math.ceil(b.width / cell) + 1) * cell;
  const above = Math.ceil(b.height / cell) + 1;
  const columns = Math.ceil((a.width - left) / cell) + 2;
  const rows = above + Math.ceil(a.height / cell) + 2;
  const all = gatherStretches(a, b, cell, left, -above * ROWS_PER_CELL, (rows - 1) * ROWS_PER_CELL + 1);
  const nodes = columns * rows;
  const nearest: Nearest = {
    columns,
    rows,
    x: new Float32Array(nodes),
    y: new Float32Array(nodes),
    far: new Float32Array(nodes).fill(1e9),
  };
  const fineRows = all.starts.length - 2;
  for (let row = 0; row < fineRows; row++) {
    for (let index = all.starts[row] as number; index < (all.starts[row + 1] as number); index++) {
      mark(nearest, all.left[index] as number, row / ROWS_PER_CELL);
      mark(nearest, all.right[index] as number, row / ROWS_PER_CELL);
    }
    markBetween(nearest, all, row, (row + 0.5) / ROWS_PER_CELL);
  }
  spread(nearest);
  const depth = new Float32Array(nodes);
  sign(nearest, all, cell, depth);
  return { left, top: -above * cell, columns, rows, depth };
}

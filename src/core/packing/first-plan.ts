import type { Inches } from "../length";
import { certain } from "../result";
import { seededNumbers } from "../seeded";
import {
  acrossTwoRows,
  blockedBy,
  findColumn,
  SQUARES_ACROSS,
  type Taken,
  type Touched,
  take,
  touchSquares,
  widen,
} from "./squares";
import type { LaidStance, PackTable } from "./table";
import type { PackPlan, Placement } from "./task";

/** A piece is turned only for more than this. */
const WORTH_TURNING: Inches = 0.25;
/** So few pieces are tried in other orders and stances as well, and so often: some lays only come about by luck. */
const FEW = 6;
const TRIES = 40;

interface Candidate {
  readonly placement: Placement;
  readonly row: number;
  readonly column: number;
  readonly touched: Touched;
  readonly bottom: Inches;
}

/** How a try goes about it: in which order, in which stance each piece lies (null for the best), and from which side. */
interface Plan {
  readonly order: readonly number[];
  readonly stances: readonly (number | null)[];
  readonly fromRight: readonly boolean[];
}

/** The squares that every stance touches, worked out once. */
interface Squares {
  readonly square: Inches;
  readonly touched: readonly Touched[];
}

/** Tops that a stance may have, from the start of the cloth on. */
function* topsOf(stance: LaidStance, square: Inches): Generator<{ readonly row: number; readonly y: Inches }, void> {
  if (stance.repeat === null) for (let row = 0; ; row++) yield { row, y: row * square };
  const { every, at } = stance.repeat;
  for (let y = at - Math.floor(at / every) * every; ; y += every) yield { row: Math.floor(y / square), y };
}

function touchAll({ task, stances }: PackTable): Squares {
  const square = task.width / SQUARES_ACROSS;
  const touched = stances.map((stance) => {
    const plain = touchSquares(stance, square);
    const rows = stance.repeat === null ? plain : acrossTwoRows(plain);
    return liesOnEdge(stance, square) ? widen(rows) : rows;
  });
  return { square, touched };
}

/** A piece on a fold lies at its edge, between two squares perhaps: its squares are counted from the one it starts in. */
function liesOnEdge(stance: LaidStance, square: Inches): boolean {
  return Math.ceil(stance.leftMin / square - 1e-9) * square > stance.leftMax;
}

/** The place furthest up the cloth for a stance, above `before`; at either side where that is asked. */
function placeStance(
  taken: Taken,
  stance: LaidStance,
  touched: Touched,
  square: Inches,
  { number, before, fromRight }: { readonly number: number; readonly before: Inches; readonly fromRight: boolean },
): Candidate | null {
  const first = Math.ceil(stance.leftMin / square - 1e-9);
  const onEdge = liesOnEdge(stance, square);
  const [start, end] = onEdge
    ? [first - 1, first - 1]
    : [first, Math.max(first, Math.floor(stance.leftMax / square + 1e-9))];
  for (const { row, y } of topsOf(stance, square)) {
    if (y + stance.shape.height > before) return null;
    const atRight = fromRight && blockedBy(taken, touched, row, end) === 0;
    const column = atRight ? end : findColumn(taken, touched, row, start, end);
    if (column === null) continue;
    const x = onEdge ? stance.leftMin : Math.min(column * square, stance.leftMax);
    return { placement: { stance: number, x, y }, row, column, touched, bottom: y + stance.shape.height };
  }
  return null;
}

function bestStance(
  table: PackTable,
  squares: Squares,
  taken: Taken,
  piece: number,
  plan: Plan,
  bound: Inches,
): Candidate | null {
  const first = table.first[piece] as number;
  const wanted = plan.stances[piece] ?? null;
  let best: Candidate | null = null;
  for (let number = 0; number < (table.count[piece] as number); number++) {
    if (wanted !== null && wanted !== number) continue;
    const found = placeStance(
      taken,
      table.stances[first + number] as LaidStance,
      squares.touched[first + number] as Touched,
      squares.square,
      {
        number,
        before: best === null ? bound : best.bottom - WORTH_TURNING,
        fromRight: plan.fromRight[piece] === true,
      },
    );
    if (found !== null) best = found;
  }
  return best;
}

/**
 * Lays the pieces in the order of a plan, each as far up the cloth as it goes; what is pinned lies there before.
 *
 * @returns null as soon as it would be longer than `bound`
 */
function follow(table: PackTable, squares: Squares, plan: Plan, bound: Inches): PackPlan | null {
  const { task } = table;
  const { square } = squares;
  const taken: Taken = { columns: SQUARES_ACROSS, lastTaken: [] };
  const placements: Placement[] = new Array(task.pieces.length);
  let length = 0;
  for (const [piece, { pinned }] of task.pieces.entries()) {
    if (pinned === null) continue;
    const stance = table.stances[(table.first[piece] as number) + pinned.stance] as LaidStance;
    const touched = widen(acrossTwoRows(touchSquares(stance, square)));
    take(taken, touched, Math.max(0, Math.floor(pinned.y / square)), Math.floor(pinned.x / square));
    placements[piece] = pinned;
    length = Math.max(length, pinned.y + stance.shape.height);
  }
  for (const piece of plan.order) {
    const best = bestStance(table, squares, taken, piece, plan, bound);
    if (best === null) return null;
    take(taken, best.touched, best.row, best.column);
    placements[piece] = best.placement;
    length = Math.max(length, best.bottom);
  }
  return { placements, length };
}

/** The free pieces from the largest down. */
function largestFirst({ task, first, stances }: PackTable): readonly number[] {
  const area = (piece: number) => stances[first[piece] as number]?.shape.area ?? 0;
  return task.pieces.flatMap(({ pinned }, piece) => (pinned === null ? [piece] : [])).sort((a, b) => area(b) - area(a));
}

/** Another order, other stances, another side, by the numbers of a seeded row. */
function otherPlan({ count }: PackTable, order: readonly number[], random: () => number): Plan {
  const keyed = order.map((piece) => ({ piece, key: random() })).sort((a, b) => a.key - b.key);
  return {
    order: keyed.map(({ piece }) => piece),
    stances: count.map((many) => (random() < 0.8 ? Math.floor(random() * many) : null)),
    fromRight: count.map(() => random() < 0.5),
  };
}

/**
 * A valid plan at once: pieces from the largest to the smallest, each as far up the cloth as it goes, on squares that
 * outlines touch; a few pieces are tried in many orders. Coarse, and never with an overlap.
 */
export function makeFirstPlan(table: PackTable): PackPlan {
  const order = largestFirst(table);
  const squares = touchAll(table);
  const endless = Number.POSITIVE_INFINITY;
  let best = certain(
    follow(table, squares, { order, stances: [], fromRight: [] }, endless),
    "a place on endless cloth",
  );
  if (order.length > FEW || order.length < 2) return best;
  const random = seededNumbers(1);
  for (let tried = 0; tried < TRIES; tried++) {
    best = follow(table, squares, otherPlan(table, order, random), best.length - WORTH_TURNING) ?? best;
  }
  return best;
}

import type { Inches } from "../length";
import { depthBetween, type Layout, onRepeat } from "./layout";
import type { FieldView, LaidStance } from "./table";

/** Scratch cloth for one search: what every place on the net would cost. */
export interface CostMap {
  cost: Float32Array;
  readonly near: Near;
}

export function makeCostMap(): CostMap {
  const near: Near = { depth: [], columns: [], rows: [], numbers: new Float64Array(5 * MOST_NEAR), count: 0 };
  return { cost: new Float32Array(1), near };
}

/** More pieces than this never lie round one. */
const MOST_NEAR = 64;

interface Net {
  readonly columns: number;
  readonly rows: number;
  readonly left: Inches;
  /** Cells between two places that are tried. */
  readonly stride: number;
}

/** The cheapest places of the net that are looked at closely: fewer miss the best one, more cost moves (measured). */
const KEPT = 6;

interface Found {
  x: Inches;
  y: Inches;
  cost: number;
}

/** Adds to every place of the net what overlapping one other piece there would cost. */
function addCost(cost: Float32Array, net: Net, view: FieldView, weight: number, u0: number, v0: number): void {
  const { from, to, overlap } = view;
  const { columns, rows } = view.field;
  // Whole numbers throughout: this is the innermost loop of the search.
  const step = (view.sign * net.stride) | 0;
  const netColumns = net.columns | 0;
  for (let row = 0, v = v0; row < net.rows; row++, v += step) {
    if (v < 0 || v >= rows) continue;
    const first = from[v] as number;
    const last = to[v] as number;
    if (last < first) continue;
    const one = ((step > 0 ? first : last) - u0) / step;
    const other = ((step > 0 ? last : first) - u0) / step;
    const start = Math.max(0, Math.ceil(one)) | 0;
    const end = Math.min(netColumns - 1, Math.floor(other)) | 0;
    let node = (v * columns + u0 + step * start) | 0;
    const stop = (row * netColumns + end) | 0;
    for (let place = (row * netColumns + start) | 0; place <= stop; place++) {
      cost[place] = (cost[place] as number) + weight * (overlap[node] as number);
      node = (node + step) | 0;
    }
  }
}

function netFor(layout: Layout, stance: LaidStance, stride: number): Net {
  const { cell } = layout.table;
  const step = stride * cell;
  return {
    columns: Math.max(1, Math.floor((stance.leftMax - stance.leftMin) / step + 1e-6) + 1),
    rows: Math.max(1, Math.floor((layout.length - stance.shape.height) / step + 1e-6) + 1),
    left: stance.leftMin,
    stride,
  };
}

function fillMap(layout: Layout, map: CostMap, piece: number, index: number, net: Net): void {
  const { cell } = layout.table;
  const places = net.columns * net.rows;
  if (map.cost.length < places) map.cost = new Float32Array(places * 2);
  map.cost.fill(0, 0, places);
  for (let other = 0; other < layout.count; other++) {
    if (other === piece) continue;
    const view = layout.table.view(layout.stance[other] as number, index);
    const across = net.left - (layout.x[other] as number);
    const down = -(layout.y[other] as number);
    const u0 = Math.round((view.sign * across + view.across - view.field.left) / cell) | 0;
    const v0 = Math.round((view.sign * down + view.down - view.field.top) / cell) | 0;
    addCost(map.cost, net, view, layout.weight[piece * layout.count + other] as number, u0, v0);
  }
}

/** Whether no neighbour on the net costs less. */
function isLowest(cost: Float32Array, net: Net, column: number, row: number, value: number): boolean {
  const place = row * net.columns + column;
  if (column > 0 && (cost[place - 1] as number) < value) return false;
  if (column < net.columns - 1 && (cost[place + 1] as number) <= value) return false;
  if (row > 0 && (cost[place - net.columns] as number) < value) return false;
  return !(row < net.rows - 1 && (cost[place + net.columns] as number) <= value);
}

/** Keeps the cheapest few places. */
function keep(best: Found[], found: Found): void {
  let at = best.length;
  while (at > 0 && (best[at - 1] as Found).cost > found.cost) at--;
  best.splice(at, 0, found);
  if (best.length > KEPT) best.length = KEPT;
}

function findLows(layout: Layout, map: CostMap, net: Net, random: () => number): Found[] {
  const best: Found[] = [];
  const step = net.stride * layout.table.cell;
  const { cost } = map;
  let bound = Number.POSITIVE_INFINITY;
  for (let row = 0; row < net.rows; row++) {
    for (let column = 0; column < net.columns; column++) {
      const value = cost[row * net.columns + column] as number;
      if (value > bound || !isLowest(cost, net, column, row, value)) continue;
      keep(best, { x: net.left + column * step, y: row * step, cost: value + random() * 1e-6 });
      if (best.length === KEPT) bound = (best[KEPT - 1] as Found).cost;
    }
  }
  return best;
}

/** The pieces that a place might touch, with what is asked of each at every step, in rows of numbers. */
interface Near {
  readonly depth: Float32Array[];
  readonly columns: number[];
  readonly rows: number[];
  /** Sign, then where the field's node 0, 0 lies for the moving piece, weight and extra air: five numbers for each. */
  readonly numbers: Float64Array;
  count: number;
}

function gatherNear(near: Near, layout: Layout, piece: number, index: number, place: Found, reach: number): void {
  const { cell, stances, view: viewOf } = layout.table;
  const own = (stances[index] as LaidStance).shape;
  near.count = 0;
  for (let other = 0; other < layout.count; other++) {
    if (other === piece || near.count === MOST_NEAR) continue;
    const shape = (stances[layout.stance[other] as number] as LaidStance).shape;
    const across = place.x - (layout.x[other] as number);
    const down = place.y - (layout.y[other] as number);
    if (across > shape.width + reach || across < -own.width - reach) continue;
    if (down > shape.height + reach || down < -own.height - reach) continue;
    const view = viewOf(layout.stance[other] as number, index);
    const { numbers } = near;
    const at = near.count * 5;
    near.depth[near.count] = view.field.depth;
    near.columns[near.count] = view.field.columns;
    near.rows[near.count] = view.field.rows;
    numbers[at] = view.sign / cell;
    numbers[at + 1] = (-view.sign * (layout.x[other] as number) + view.across - view.field.left) / cell;
    numbers[at + 2] = (-view.sign * (layout.y[other] as number) + view.down - view.field.top) / cell;
    numbers[at + 3] = layout.weight[piece * layout.count + other] as number;
    numbers[at + 4] = layout.extra[piece * layout.count + other] as number;
    near.count++;
  }
}

/** What lying at a place would cost, from the fields between their nodes. */
function costAt(near: Near, x: Inches, y: Inches): number {
  let cost = 0;
  const { numbers } = near;
  for (let index = 0; index < near.count; index++) {
    const at = index * 5;
    const u = (numbers[at] as number) * x + (numbers[at + 1] as number);
    const v = (numbers[at] as number) * y + (numbers[at + 2] as number);
    const columns = near.columns[index] as number;
    const column = Math.floor(u);
    const row = Math.floor(v);
    if (column < 0 || row < 0 || column >= columns - 1 || row >= (near.rows[index] as number) - 1) continue;
    const depth = near.depth[index] as Float32Array;
    const node = row * columns + column;
    const s = u - column;
    const upper = (depth[node] as number) * (1 - s) + (depth[node + 1] as number) * s;
    const lower = (depth[node + columns] as number) * (1 - s) + (depth[node + columns + 1] as number) * s;
    const deep = upper + (lower - upper) * (v - row) + (numbers[at + 4] as number);
    if (deep > 0) cost += deep * (numbers[at + 3] as number);
  }
  return cost;
}

const STEPS = [
  [1, 0],
  [-1, 0],
  [0, 1],
  [0, -1],
] as const;

/** Walks from a place of the net to the cheapest place beside it, with steps that grow shorter. */
function refine({ near }: CostMap, layout: Layout, piece: number, index: number, start: Found, reach: number): Found {
  const stance = layout.table.stances[index] as LaidStance;
  gatherNear(near, layout, piece, index, start, reach * 3);
  const lowest = Math.max(0, layout.length - stance.shape.height);
  const clampX = (x: number) => Math.min(Math.max(x, stance.leftMin), stance.leftMax);
  const clampY = (y: number) => onRepeat(stance, Math.min(Math.max(y, 0), lowest), lowest);
  const found: Found = { x: clampX(start.x), y: clampY(start.y), cost: 0 };
  found.cost = costAt(near, found.x, found.y);
  const stepOn = (step: number): boolean => {
    const before = found.cost;
    for (const [across, down] of STEPS) {
      const x = clampX(found.x + across * step);
      const y = clampY(found.y + down * step);
      const cost = costAt(near, x, y);
      if (cost < found.cost) {
        found.x = x;
        found.y = y;
        found.cost = cost;
      }
    }
    return found.cost < before;
  };
  for (let step = reach * 0.5; step > reach / 20 && found.cost > 0; ) if (!stepOn(step)) step /= 2;
  return found;
}

/** What a piece's overlaps cost where it lies. */
export function costOf(layout: Layout, piece: number): number {
  let cost = 0;
  for (let other = 0; other < layout.count; other++) {
    if (other === piece) continue;
    const depth = depthBetween(layout, Math.min(piece, other), Math.max(piece, other));
    if (depth > 0) cost += depth * (layout.weight[piece * layout.count + other] as number);
  }
  return cost;
}

/**
 * Moves a piece to the cheapest place on the whole cloth, in its best stance: every place of a net is priced at once by
 * adding up the others' fields, and the cheapest few are walked to the bottom.
 */
export function moveToBestPlace(
  layout: Layout,
  map: CostMap,
  piece: number,
  stride: number,
  random: () => number,
): void {
  const { table } = layout;
  const first = table.first[piece] as number;
  let best: (Found & { index: number }) | null = null;
  for (let index = first; index < first + (table.count[piece] as number); index++) {
    const stance = table.stances[index] as LaidStance;
    if (stance.shape.height > layout.length + 1e-9) continue;
    const net = netFor(layout, stance, stride);
    fillMap(layout, map, piece, index, net);
    for (const low of findLows(layout, map, net, random)) {
      const found = refine(map, layout, piece, index, low, stride * table.cell);
      if (best === null || found.cost < best.cost) best = { ...found, index };
      if (best.cost === 0) break;
    }
  }
  if (best === null) return;
  layout.stance[piece] = best.index;
  layout.x[piece] = best.x;
  layout.y[piece] = best.y;
}

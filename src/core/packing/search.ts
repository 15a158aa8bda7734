import { seededNumbers } from "../seeded";
import { type CostMap, costOf, makeCostMap, moveToBestPlace } from "./best-place";
import { findMeetings } from "./exact";
import { depthBetween, keepOnCloth, type Layout, makeLayout, placementsOf, usedLength } from "./layout";
import { settle } from "./settle";
import type { PackTable } from "./table";
import type { PackPlan } from "./task";

/** Cells between two places that are tried. */
const STRIDE = 3;
/** Rounds without a better sum of overlaps before a try is given up. */
const PATIENCE = 40;
/** Overlaps as small as so many cells together are left to the pieces' own pushing. */
const CLOSE_IN = 2;
/** How much the weight of the deepest overlap grows in a round, of the shallowest, and how those of clear pairs fade. */
const WEIGHT_GROWTH = 1.5;
const LEAST_GROWTH = 1.1;
const WEIGHT_FADE = 0.95;
/** Shares of the length that are taken off at a step: the first, the shortest, and the one that a new round starts with. */
/** The share of the cloth that a first lay of many pieces is tried at, and how many are many. */
const FAIR_SHARE = 0.8;
const FEW = 8;
const FIRST_STEP = 0.03;
const LAST_STEP = 0.001;
const LONG_STEP = 0.008;
const STEP_CUT = 0.5;
/** Tries at one length, at first and at most, and how many of the nearest misses the next one may start from. */
const ATTEMPTS = 6;
const MOST_ATTEMPTS = 64;
const POOL = 5;

interface Kept {
  readonly stance: Int32Array;
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly length: number;
}

function keepPlaces(layout: Layout): Kept {
  return { stance: layout.stance.slice(), x: layout.x.slice(), y: layout.y.slice(), length: layout.length };
}

function bringBack(layout: Layout, kept: Kept): void {
  layout.stance.set(kept.stance);
  layout.x.set(kept.x);
  layout.y.set(kept.y);
  layout.length = kept.length;
}

/** Weights of overlapping pairs grow with their depth, those of clear ones fade; returns the whole overlap. */
function reweigh(layout: Layout): number {
  const { count, weight } = layout;
  const depths: number[] = [];
  let deepest = 0;
  let total = 0;
  for (let one = 0; one < count; one++) {
    for (let other = one + 1; other < count; other++) {
      const depth = depthBetween(layout, one, other);
      depths.push(depth);
      if (depth > 0) {
        total += depth;
        deepest = Math.max(deepest, depth);
      }
    }
  }
  let at = 0;
  for (let one = 0; one < count; one++) {
    for (let other = one + 1; other < count; other++) {
      const depth = depths[at++] as number;
      const old = weight[one * count + other] as number;
      const next =
        depth > 0
          ? old * (LEAST_GROWTH + (WEIGHT_GROWTH - LEAST_GROWTH) * (depth / deepest))
          : Math.max(1, old * WEIGHT_FADE);
      weight[one * count + other] = next;
      weight[other * count + one] = next;
    }
  }
  return total;
}

function shuffled(count: number, random: () => number): readonly number[] {
  const order = Array.from({ length: count }, (_, index) => index);
  for (let index = count - 1; index > 0; index--) {
    const other = Math.floor(random() * (index + 1));
    [order[index], order[other]] = [order[other] as number, order[index] as number];
  }
  return order;
}

/** Whether all outlines are really clear: where they meet, the pair keeps a little more air and all settle again. */
function makeExact(layout: Layout, tolerance: number): boolean {
  for (let round = 0; round < 12; round++) {
    const meetings = findMeetings(layout);
    if (meetings.length === 0) return true;
    for (const [one, other] of meetings) {
      const air = Math.max(0, -depthBetween(layout, one, other)) + tolerance * 2;
      layout.extra[one * layout.count + other] = (layout.extra[one * layout.count + other] as number) + air;
      layout.extra[other * layout.count + one] = layout.extra[one * layout.count + other] as number;
    }
    if (settle(layout, 120, tolerance) > 0) return false;
  }
  return false;
}

/**
 * One try at a shorter cloth: pieces that overlap move, one after another, to their cheapest place; what stays in the
 * way weighs more at the next round.
 *
 * @yields after every round
 * @returns whether every outline is clear
 */
function* separate(search: Search): Generator<void, boolean> {
  const { layout, map, random, tolerance } = search;
  let idle = 0;
  let lowest = Number.POSITIVE_INFINITY;
  while (idle < PATIENCE) {
    for (const piece of shuffled(layout.count, random)) {
      if (layout.fixed[piece] === 1 || costOf(layout, piece) <= 0) continue;
      moveToBestPlace(layout, map, piece, STRIDE, random);
    }
    yield;
    const total = reweigh(layout);
    if (total < lowest * 0.98) {
      lowest = total;
      idle = 0;
    } else idle++;
    if (total < search.leastTotal) {
      search.leastTotal = total;
      search.least = keepPlaces(layout);
    }
    if (total < layout.table.cell * CLOSE_IN) {
      const before = keepPlaces(layout);
      if (settle(layout, 100, tolerance) === 0 && makeExact(layout, tolerance)) return true;
      bringBack(layout, before);
      layout.extra.fill(0);
    }
  }
  return false;
}

interface Search {
  readonly layout: Layout;
  readonly map: CostMap;
  readonly random: () => number;
  readonly tolerance: number;
  least: Kept;
  leastTotal: number;
}

/** A lay that nearly came out at a length: what is left of its overlaps, and its places. */
interface NearMiss {
  readonly total: number;
  readonly kept: Kept;
}

/** Puts a cloth of another length under the pieces: what sticks out is pushed back in. */
function changeLength(layout: Layout, length: number): void {
  layout.length = length;
  layout.weight.fill(1);
  layout.extra.fill(0);
  for (let piece = 0; piece < layout.count; piece++) keepOnCloth(layout, piece);
}

/** Tries to come out at a length; where it does not, again and again from one of the nearest misses, disturbed. */
function* reach(search: Search, start: Kept, length: number, attempts: number): Generator<void, boolean> {
  const { layout, random } = search;
  const misses: NearMiss[] = [];
  bringBack(layout, start);
  changeLength(layout, length);
  if (settle(layout, 200, search.tolerance) === 0 && makeExact(layout, search.tolerance)) return true;
  layout.extra.fill(0);
  for (let attempt = 0; attempt < attempts; attempt++) {
    search.leastTotal = Number.POSITIVE_INFINITY;
    if (yield* separate(search)) return true;
    const at = misses.findIndex(({ total }) => total > search.leastTotal);
    misses.splice(at < 0 ? misses.length : at, 0, { total: search.leastTotal, kept: search.least });
    const share = random();
    const next = misses[Math.floor(share * share * Math.min(misses.length, POOL))] as NearMiss;
    bringBack(layout, next.kept);
    changeLength(layout, length);
    disturb(layout, random);
  }
  return false;
}

/** How much shorter a fair lay of many pieces is than a coarse one; a few pieces cannot fill a cloth, whatever is done. */
function firstLeap({ task, area }: PackTable, start: PackPlan): number {
  return task.pieces.length < FEW ? 0 : 1 - area / (FAIR_SHARE * task.width * start.length);
}

/**
 * Looks for ever shorter plans, one small piece of work at each step: the caller keeps the time and may stop anywhere.
 * Long steps are tried many times over before the plan is pressed together by short ones.
 *
 * @yields the best plan so far; every one that it yields has outlines that do not meet
 */
export function* improvePlan(table: PackTable, start: PackPlan, seed: number): Generator<PackPlan, never> {
  const layout = makeLayout(table, start);
  const search = startSearch(layout, seed);
  let best = start;
  let bestKept = search.least;
  // The first plan is coarse: its first goal is what a fair lay takes, tried once.
  let step = Math.max(FIRST_STEP, firstLeap(table, start));
  let attempts = 1;
  for (;;) {
    const tries = reach(search, bestKept, best.length * (1 - step), attempts);
    let turn = tries.next();
    while (turn.done !== true) {
      yield best;
      turn = tries.next();
    }
    if (turn.value) {
      layout.length = usedLength(layout);
      best = { placements: placementsOf(layout), length: layout.length };
      bestKept = keepPlaces(layout);
      step = Math.min(step, FIRST_STEP);
      attempts = Math.max(attempts, ATTEMPTS);
      yield best;
      continue;
    }
    // Pressed as far as it goes: back to long steps, tried longer than before.
    if (step <= LAST_STEP) {
      step = LONG_STEP;
      attempts = Math.min(MOST_ATTEMPTS, attempts * 2);
    } else {
      attempts = step > FIRST_STEP ? attempts : Math.max(attempts, ATTEMPTS);
      step = Math.max(LAST_STEP, step * STEP_CUT);
    }
  }
}

/**
 * Makes a plan valid again after a piece was moved by hand: what overlaps moves on, the rest stays where it lies.
 *
 * @returns null when that does not come out within the rounds
 */
export function repairPlan(table: PackTable, broken: PackPlan, seed: number, rounds: number): PackPlan | null {
  const layout = makeLayout(table, broken);
  for (let piece = 0; piece < layout.count; piece++) keepOnCloth(layout, piece);
  const search = startSearch(layout, seed);
  const whole = (): PackPlan => ({ placements: placementsOf(layout), length: usedLength(layout) });
  if (settle(layout, 200, search.tolerance) === 0 && makeExact(layout, search.tolerance)) return whole();
  layout.extra.fill(0);
  const tries = separate(search);
  for (let round = 0; round < rounds; round++) {
    const step = tries.next();
    if (step.done === true) return step.value ? whole() : null;
  }
  return null;
}

function startSearch(layout: Layout, seed: number): Search {
  return {
    layout,
    map: makeCostMap(),
    random: seededNumbers(seed),
    tolerance: layout.table.cell * 0.02,
    least: keepPlaces(layout),
    leastTotal: Number.POSITIVE_INFINITY,
  };
}

/** Two pieces change places: the way out of a lay that is stuck. */
function disturb(layout: Layout, random: () => number): void {
  const free = Array.from({ length: layout.count }, (_, piece) => piece).filter((piece) => layout.fixed[piece] === 0);
  if (free.length < 2) return;
  const one = free[Math.floor(random() * free.length)] as number;
  const other = free[Math.floor(random() * free.length)] as number;
  const [x, y] = [layout.x[one] as number, layout.y[one] as number];
  layout.x[one] = layout.x[other] as number;
  layout.y[one] = layout.y[other] as number;
  layout.x[other] = x;
  layout.y[other] = y;
  keepOnCloth(layout, one);
  keepOnCloth(layout, other);
}

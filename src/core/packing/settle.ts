import { depthBetween, keepOnCloth, type Layout, lookUp, stanceOf } from "./layout";

/** Offsets at which the slope of a field is felt, in cells. */
const FEEL = 0.25;

/** Pushes two overlapping pieces apart along the slope of their field; a pinned one stays. */
function pushApart(layout: Layout, one: number, other: number, depth: number): void {
  const { cell } = layout.table;
  const view = layout.table.view(layout.stance[one] as number, layout.stance[other] as number);
  const across = (layout.x[other] as number) - (layout.x[one] as number);
  const down = (layout.y[other] as number) - (layout.y[one] as number);
  const step = FEEL * cell;
  const slopeX = lookUp(view, cell, across + step, down) - lookUp(view, cell, across - step, down);
  const slopeY = lookUp(view, cell, across, down + step) - lookUp(view, cell, across, down - step);
  const steepness = Math.hypot(slopeX, slopeY);
  if (steepness < 1e-9) return;
  const share = layout.fixed[one] === 1 || layout.fixed[other] === 1 ? 1 : 0.5;
  const by = (share * depth) / steepness;
  move(layout, one, slopeX * by, slopeY * by);
  move(layout, other, -slopeX * by, -slopeY * by);
}

function move(layout: Layout, piece: number, across: number, down: number): void {
  if (layout.fixed[piece] === 1) return;
  layout.x[piece] = (layout.x[piece] as number) + across;
  if (stanceOf(layout, piece).repeat === null) layout.y[piece] = (layout.y[piece] as number) + down;
  keepOnCloth(layout, piece);
}

/** One round of pushing. @returns the deepest overlap that was found */
function pushAll(layout: Layout): number {
  let deepest = 0;
  for (let one = 0; one < layout.count; one++) {
    for (let other = one + 1; other < layout.count; other++) {
      const depth = depthBetween(layout, one, other);
      if (depth <= 0) continue;
      deepest = Math.max(deepest, depth);
      pushApart(layout, one, other, depth);
    }
  }
  return deepest;
}

/**
 * Lets overlapping pieces push each other apart until all are clear or the rounds are used up.
 *
 * @returns the deepest overlap that is left; 0 when every pair is clear
 */
export function settle(layout: Layout, rounds: number, tolerance: number): number {
  let deepest = 0;
  for (let round = 0; round < rounds; round++) {
    deepest = pushAll(layout);
    if (deepest <= tolerance) return 0;
  }
  return deepest;
}

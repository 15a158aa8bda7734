import type { Edge } from "../chalk";
import { at, cutLine, type Path, type Point, straight } from "../geometry";
import type { Inches } from "../length";

/** Cloth that is folded in along a front before its other edges are cut: a band, or a facing that is cut on. */
export interface FoldedBand {
  /** How far the folded edge lies beyond the centre, and how wide it is turned in, how often. */
  readonly beyond: Inches;
  readonly width: Inches;
  readonly turns: 1 | 2;
}

/** The uppermost height of a cutting line at a place across; short of its end it is drawn on straight. */
function heightAt(cut: readonly Point[], x: Inches): Inches {
  const heights = cut.slice(1).flatMap((to, index): readonly Inches[] => {
    const from = cut[index] as Point;
    const run = to.x - from.x;
    if (Math.abs(run) < 1e-9 || (x - from.x) * (x - to.x) > 0) return [];
    return [from.y + ((to.y - from.y) * (x - from.x)) / run];
  });
  if (heights.length > 0) return Math.min(...heights);
  const [nearest, next] = [...cut].sort((one, other) => Math.abs(one.x - x) - Math.abs(other.x - x));
  if (nearest === undefined || next === undefined || Math.abs(next.x - nearest.x) < 1e-9) return nearest?.y ?? 0;
  return nearest.y + ((next.y - nearest.y) * (x - nearest.x)) / (next.x - nearest.x);
}

/** The part of a cutting line that lies over the band, from the folded edge inwards. */
function overBand(cut: readonly Point[], { beyond, width }: FoldedBand): readonly Point[] {
  const [from, to] = [-beyond, width - beyond];
  const inside = cut.map(({ x }) => x).filter((x) => x > from + 1e-6 && x < to - 1e-6);
  const across = [...new Set([from, ...inside, to])].sort((a, b) => a - b);
  return across.map((x) => at(x, heightAt(cut, x)));
}

/** A cutting line as it must run over the turnings, so that it lies under itself once they are folded in; from the folded edge outwards. */
function mirrored(cut: readonly Point[], band: FoldedBand): readonly Point[] {
  const row = overBand(cut, band);
  const first = row.map(({ x, y }) => at(-2 * band.beyond - x, y));
  if (band.turns === 1) return first;
  const second = [...row].reverse().map(({ x, y }) => at(x - 2 * band.width, y));
  return [...first, ...second.slice(1)];
}

/**
 * The cutting line of a folded band's edge, from the lower edge up to the upper: over each turning both appear again,
 * mirrored at the fold, or the turning would not reach them (craft: front bands).
 */
export function foldedBandCut(band: FoldedBand, upper: Edge, lower: Edge): Path {
  const below = mirrored(cutLine(lower), band);
  const above = [...mirrored(cutLine(upper), band)].reverse();
  const [first, second, ...rest] = [...below, ...above];
  return straight(first as Point, second as Point, ...rest);
}

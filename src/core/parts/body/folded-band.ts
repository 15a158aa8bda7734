import type { Edge } from "../../chalk";
import { at, cutLine, type Path, type Point, straight } from "../../geometry";
import type { Inches } from "../../length";

/** A band that is folded in before neck and hem are cut: how wide it is finished, and how often it is turned. */
export interface FoldedBand {
  readonly half: Inches;
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
function overBand(cut: readonly Point[], { half }: FoldedBand): readonly Point[] {
  const inside = cut.map(({ x }) => x).filter((x) => x > -half + 1e-6 && x < half - 1e-6);
  const across = [...new Set([-half, ...inside, half])].sort((a, b) => a - b);
  return across.map((x) => at(x, heightAt(cut, x)));
}

/** A cutting line as it must run over the turnings, so that it lies under itself once they are folded in; from the folded edge outwards. */
function mirrored(cut: readonly Point[], band: FoldedBand): readonly Point[] {
  const row = overBand(cut, band);
  const first = row.map(({ x, y }) => at(-2 * band.half - x, y));
  if (band.turns === 1) return first;
  const second = [...row].reverse().map(({ x, y }) => at(x - 4 * band.half, y));
  return [...first, ...second.slice(1)];
}

/**
 * The cutting line of a folded band's edge, from the hem up to the neck: over each turning neck and hem appear again,
 * mirrored at the fold, or the turning would not reach them (craft: front bands).
 */
export function foldedBandCut(band: FoldedBand, neck: Edge, hem: Edge): Path {
  const below = mirrored(cutLine(hem), band);
  const above = [...mirrored(cutLine(neck), band)].reverse();
  const [first, second, ...rest] = [...below, ...above];
  return straight(first as Point, second as Point, ...rest);
}

import { Clipper, EndType, FillRule, JoinType } from "clipper2-ts";
import type { Inches } from "../length";
import { polygonArea } from "./outline";
import type { Point } from "./point";

const PRECISION = 5;
const MITRE = 2;

function largestOf(paths: readonly (readonly Point[])[]): readonly Point[] {
  const [largest] = [...paths].sort((a, b) => polygonArea(b) - polygonArea(a));
  return (largest ?? []).map(({ x, y }) => ({ x, y }));
}

/** A closed outline moved outwards (or inwards, negative) all round, corners kept; what falls apart keeps its largest part. */
export function growOutline(outline: readonly Point[], by: Inches): readonly Point[] {
  return largestOf(
    Clipper.inflatePathsD(
      Clipper.unionD([[...outline]], [], FillRule.NonZero, PRECISION),
      by,
      JoinType.Miter,
      EndType.Polygon,
      MITRE,
      PRECISION,
    ),
  );
}

/** The outline round several that lie together: what they cover, and gaps between them narrower than twice `bridge`. */
export function joinOutlines(outlines: readonly (readonly Point[])[], bridge: Inches): readonly Point[] {
  const grown = outlines.map((outline) => [...growOutline(outline, bridge)]);
  const joined = largestOf(Clipper.unionD(grown, [], FillRule.NonZero, PRECISION));
  return growOutline(joined, -bridge);
}

/** Area that two outlines share, in square inches. */
export function sharedArea(one: readonly Point[], other: readonly Point[]): number {
  const shared = Clipper.intersectD([[...one]], [[...other]], FillRule.NonZero, PRECISION);
  return shared.reduce((sum, path) => sum + polygonArea(path), 0);
}

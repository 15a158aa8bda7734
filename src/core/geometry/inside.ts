import { Polygon } from "@flatten-js/core";
import { Clipper, FillRule } from "clipper2-ts";
import { flattenPath } from "./measure";
import { polygonArea } from "./outline";
import type { Path } from "./path";
import type { Point } from "./point";

/** True when a closed outline never crosses or touches itself. Judged by another library than the one that offsets. */
export function isSimple(outline: Path | readonly Point[]): boolean {
  const points = "segments" in outline ? flattenPath(outline, 0.75) : outline;
  const closed = points.filter((point, index) => {
    const before = points[index - 1] ?? points.at(-1);
    return before === undefined || Math.hypot(point.x - before.x, point.y - before.y) > 1e-6;
  });
  return closed.length > 2 && new Polygon(closed.map(({ x, y }): [number, number] => [x, y])).isValid();
}

/** How much of `inner` sticks out of `outer`, in square inches: 0 when it could be cut from it. */
export function areaOutside(inner: readonly Point[], outer: readonly Point[]): number {
  const outside = Clipper.differenceD([[...inner]], [[...outer]], FillRule.NonZero, 5);
  return outside.reduce((sum, path) => sum + polygonArea(path), 0);
}

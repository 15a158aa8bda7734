import { type Path, withStarts } from "./path";
import type { Point } from "./point";

/** Six decimals: far below the chalk, and no `-0` or exponent that a reader of the file could stumble over. */
function number(value: number): string {
  const text = (Math.round(value * 1e6) / 1e6).toString();
  return text === "-0" ? "0" : text;
}

function place(point: Point): string {
  return `${number(point.x)} ${number(point.y)}`;
}

/** A path as SVG path data, absolute, in inches. */
export function toPathData(path: Path): string {
  const parts = withStarts(path).map(({ segment }) =>
    segment.kind === "line"
      ? `L ${place(segment.to)}`
      : `C ${place(segment.control1)} ${place(segment.control2)} ${place(segment.to)}`,
  );
  return [`M ${place(path.start)}`, ...parts].join(" ");
}

/** A closed chain of points as SVG path data. */
export function toPolygonData(points: readonly Point[]): string {
  return `${points.map((point, index) => `${index === 0 ? "M" : "L"} ${place(point)}`).join(" ")} Z`;
}

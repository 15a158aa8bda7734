import { cubicTo, lineTo, type Path, type Segment, withStarts } from "./path";
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

function readSegment(command: string, values: readonly number[]): Segment {
  const [x1 = 0, y1 = 0, x2 = 0, y2 = 0, x3 = 0, y3 = 0] = values;
  return command === "C" ? cubicTo({ x: x1, y: y1 }, { x: x2, y: y2 }, { x: x3, y: y3 }) : lineTo({ x: x1, y: y1 });
}

/** Reads path data that `toPathData` wrote: one start, then lines and cubics, absolute, in inches. */
export function readPathData(data: string): Path {
  const commands = [...data.matchAll(/([MLC])([^MLCZ]*)/g)].map(([, command = "", rest = ""]) => ({
    command,
    values: rest
      .trim()
      .split(/[\s,]+/)
      .map(Number),
  }));
  const [x = 0, y = 0] = commands[0]?.values ?? [];
  return { start: { x, y }, segments: commands.slice(1).map(({ command, values }) => readSegment(command, values)) };
}

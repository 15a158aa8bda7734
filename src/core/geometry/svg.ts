import { type ArcSegment, splitArc } from "./arc";
import { cubicTo, lineTo, type Path, type Segment, withStarts } from "./path";
import { add, angleBetween, distance, leftOf, lengthOf, type Point, rightOf, scale, subtract } from "./point";

/** Six decimals: far below the chalk, and no `-0` or exponent that a reader of the file could stumble over. */
function number(value: number): string {
  const text = (Math.round(value * 1e6) / 1e6).toString();
  return text === "-0" ? "0" : text;
}

function place(point: Point): string {
  return `${number(point.x)} ${number(point.y)}`;
}

/**
 * An arc of more than a quarter is told in parts: the format cannot say a whole circle, and where both ends lie nearly
 * opposite each other its centre could not be read back from six decimals.
 */
function arcData(from: Point, arc: ArcSegment): string {
  if (Math.abs(arc.sweep) > Math.PI / 2 + 1e-9) {
    const [first, second] = splitArc(from, arc, 0.5);
    return `${arcData(from, first)} ${arcData(first.to, second)}`;
  }
  const radius = number(distance(from, arc.centre));
  return `A ${radius} ${radius} 0 0 ${arc.sweep > 0 ? 1 : 0} ${place(arc.to)}`;
}

function segmentData(from: Point, segment: Segment): string {
  switch (segment.kind) {
    case "line":
      return `L ${place(segment.to)}`;
    case "cubic":
      return `C ${place(segment.control1)} ${place(segment.control2)} ${place(segment.to)}`;
    case "arc":
      return arcData(from, segment);
    default:
      return segment satisfies never;
  }
}

/** A path as SVG path data, absolute, in inches. */
export function toPathData(path: Path): string {
  const parts = withStarts(path).map(({ from, segment }) => segmentData(from, segment));
  return [`M ${place(path.start)}`, ...parts].join(" ");
}

/** A closed chain of points as SVG path data. */
export function toPolygonData(points: readonly Point[]): string {
  return `${points.map((point, index) => `${index === 0 ? "M" : "L"} ${place(point)}`).join(" ")} Z`;
}

/** The arc between two places with a radius, of at most half a circle: its centre lies where both radii meet. */
function readArc(from: Point, [radius = 0, , , , turns = 0, x = 0, y = 0]: readonly number[]): ArcSegment {
  const to = { x, y };
  const chord = subtract(to, from);
  const apart = lengthOf(chord);
  const away = Math.sqrt(Math.max(0, radius * radius - (apart * apart) / 4));
  const side = scale(turns === 1 ? rightOf(chord) : leftOf(chord), apart === 0 ? 0 : away / apart);
  const centre = add(add(from, scale(chord, 0.5)), side);
  return { kind: "arc", centre, sweep: angleBetween(subtract(from, centre), subtract(to, centre)), to };
}

function readSegment(from: Point, command: string, values: readonly number[]): Segment {
  if (command === "A") return readArc(from, values);
  const [x1 = 0, y1 = 0, x2 = 0, y2 = 0, x3 = 0, y3 = 0] = values;
  return command === "C" ? cubicTo({ x: x1, y: y1 }, { x: x2, y: y2 }, { x: x3, y: y3 }) : lineTo({ x: x1, y: y1 });
}

/** Reads path data that `toPathData` wrote: one start, then lines, cubics and arcs, absolute, in inches. */
export function readPathData(data: string): Path {
  const commands = [...data.matchAll(/([MLCA])([^MLCAZ]*)/g)].map(([, command = "", rest = ""]) => ({
    command,
    values: rest
      .trim()
      .split(/[\s,]+/)
      .map(Number),
  }));
  const [x = 0, y = 0] = commands[0]?.values ?? [];
  const segments: Segment[] = [];
  for (const { command, values } of commands.slice(1))
    segments.push(readSegment(segments.at(-1)?.to ?? { x, y }, command, values));
  return { start: { x, y }, segments };
}

import { Clipper, FillRule } from "clipper2-ts";
import { type Point, polygonArea } from "../../src/core/geometry";
import { type PackPiece, turnedOutline } from "../../src/core/packing";
import { seededNumbers } from "../../src/core/seeded";

/** A rectangle cut into pieces: a lay without any waste exists. */
export interface Jigsaw {
  readonly width: number;
  readonly length: number;
  readonly pieces: readonly (readonly Point[])[];
}

/** A cut right through: points from outside one side to outside the other, straight or swung like an armhole. */
function makeCut(middle: Point, angle: number, bend: number, reach: number): readonly Point[] {
  const steps = bend === 0 ? 1 : 24;
  const [cosine, sine] = [Math.cos(angle), Math.sin(angle)];
  return Array.from({ length: steps + 1 }, (_, index) => {
    const along = (index / steps) * 2 - 1;
    const swing = bend * Math.sin(along * Math.PI * 1.5) * Math.exp(-along * along * 4);
    return {
      x: middle.x + reach * along * cosine - swing * sine,
      y: middle.y + reach * along * sine + swing * cosine,
    };
  });
}

function centreOf(points: readonly Point[]): Point {
  const xs = points.map(({ x }) => x);
  const ys = points.map(({ y }) => y);
  return { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: (Math.min(...ys) + Math.max(...ys)) / 2 };
}

/** Both sides of a cut, or null where it leaves crumbs. */
function split(
  piece: readonly Point[],
  cut: readonly Point[],
  angle: number,
  reach: number,
): readonly (readonly Point[])[] | null {
  const out = { x: -Math.sin(angle) * reach * 2, y: Math.cos(angle) * reach * 2 };
  const [first, last] = [cut[0] as Point, cut.at(-1) as Point];
  const half = [...cut, { x: last.x + out.x, y: last.y + out.y }, { x: first.x + out.x, y: first.y + out.y }];
  const one = Clipper.intersectD([[...piece]], [half], FillRule.NonZero, 5);
  const other = Clipper.differenceD([[...piece]], [half], FillRule.NonZero, 5);
  if (one.length !== 1 || other.length !== 1) return null;
  const halves = [one[0] as Point[], other[0] as Point[]].map((points) => points.map(({ x, y }) => ({ x, y })));
  const whole = polygonArea(piece);
  return halves.every((points) => polygonArea(points) > whole * 0.3) ? halves : null;
}

/** Cuts a rectangle into irregular pieces, always the largest next; half of the cuts curved, half of the pieces turned. */
export function cutJigsaw(seed: number, count: number, width = 44): Jigsaw {
  const random = seededNumbers(seed);
  const length = (width * (0.8 + random() * 0.6) * count) / 20;
  let pieces: (readonly Point[])[] = [
    [
      { x: 0, y: 0 },
      { x: width, y: 0 },
      { x: width, y: length },
      { x: 0, y: length },
    ],
  ];
  while (pieces.length < count) {
    pieces = pieces.sort((a, b) => polygonArea(b) - polygonArea(a));
    const [largest, ...rest] = pieces;
    const size = Math.sqrt(polygonArea(largest as Point[]));
    const middle = centreOf(largest as Point[]);
    const place = { x: middle.x + (random() - 0.5) * size * 0.3, y: middle.y + (random() - 0.5) * size * 0.3 };
    const angle = random() * Math.PI;
    const bend = random() < 0.5 ? 0 : (random() - 0.5) * size * 0.5;
    const reach = size * 4;
    const halves = split(largest as Point[], makeCut(place, angle, bend === 0 ? 0 : bend, reach), angle, reach);
    if (halves !== null) pieces = [...halves, ...rest];
  }
  return {
    width,
    length,
    pieces: pieces.map((piece) => (random() < 0.5 ? piece : piece.map(({ x, y }) => ({ x: -x, y: -y })))),
  };
}

/** A piece that may lie head up or head down, anywhere across a strip of that width. */
export function upAndDown(id: string, outline: readonly Point[], width: number): PackPiece {
  const xs = outline.map(({ x }) => x);
  const most = width - (Math.max(...xs) - Math.min(...xs));
  const stance = (points: readonly Point[], turned: boolean) => ({
    outline: points,
    turned,
    left: [0, most] as const,
    repeat: null,
  });
  return { id, pinned: null, stances: [stance(outline, false), stance(turnedOutline(outline), true)] };
}

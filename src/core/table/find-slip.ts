import { distance, flattenPath, nearPath, type Path, type Point } from "../geometry";
import type { Inches } from "../length";
import type { CheckedPiece } from "./checked-piece";
import type { CheckLength } from "./tape-check";
import { lengthTo } from "./uses";

/** A mark or a guide line that may have been set wrong; or the fold itself. */
export interface Suspect {
  readonly id: string;
  readonly kind: "mark" | "line" | "fold";
}

/** What is seen of a slip: a length that was read, and by how much it is longer than the drawing. */
export interface SeenLength {
  readonly length: Pick<CheckLength, "edge" | "ends">;
  readonly off: Inches;
}

/** How a slip of one inch moves the marks of a piece. */
interface Slip {
  readonly suspect: Suspect;
  readonly moves: ReadonlyMap<string, Point>;
}

const ACROSS: Point = { x: 1, y: 0 };
const DOWN: Point = { x: 0, y: 1 };
/** A mark this near to an edge lies on it. */
const ON_EDGE: Inches = 1 / 8;

/** Marks that are chalked from another one move with it. */
const FOLLOWS: Readonly<Record<string, readonly (readonly [string, number])[]>> = {
  "top/shoulder": [
    ["shoulder/tip", 1],
    ["armhole/middle", 0.5],
  ],
  "shoulder/tip": [["armhole/middle", 0.5]],
};

function slipOfMark({ id, way }: CheckedPiece["marks"][number]): Slip {
  const by = way === "down" ? DOWN : ACROSS;
  const follows = (FOLLOWS[id] ?? []).map(([mark, share]) => [mark, { x: by.x * share, y: by.y * share }] as const);
  return { suspect: { id, kind: "mark" }, moves: new Map([[id, by], ...follows]) };
}

/** A guide line that was set wrong takes every mark on it along. */
function slipOfLine({ marks }: CheckedPiece, id: string): Slip {
  const on = marks.filter((mark) => mark.line === id || mark.id.startsWith(`${id}/`));
  const moves = new Map(on.map((mark) => [mark.id, DOWN] as const));
  if (id === "chest") moves.set("armhole/middle", { x: 0, y: 0.5 });
  if (id === "hem") moves.set("centre/hem", DOWN);
  return { suspect: { id, kind: "line" }, moves };
}

function slipsOf(piece: CheckedPiece): readonly Slip[] {
  const own = piece.marks.filter(({ id }) => !id.startsWith("dart/") && !id.includes("button"));
  return [...own.map(slipOfMark), ...piece.lines.filter((id) => id !== "top").map((id) => slipOfLine(piece, id))];
}

interface Corner {
  readonly point: Point;
  readonly along: Inches;
}

/** An edge is walked in so many steps: a length is told to a sixteenth, not to a hair. */
const STEPS = 24;

function cornersOf(path: Path): readonly Corner[] {
  let along = 0;
  const fine = flattenPath(path);
  const skip = Math.max(1, Math.floor(fine.length / STEPS));
  const corners = fine.filter((_, index) => index % skip === 0 || index === fine.length - 1);
  return corners.map((point, index) => {
    along += index === 0 ? 0 : distance(corners[index - 1] as Point, point);
    return { point, along };
  });
}

/** How far a place of an edge moves when marks on it do: evenly between one mark and the next. */
function moveAt(along: Inches, marks: readonly (readonly [Inches, Point])[]): Point {
  const after = marks.findIndex(([at]) => at >= along);
  const [next, last] = [marks[after], marks[after === -1 ? marks.length - 1 : after - 1]];
  if (next === undefined) return last?.[1] ?? { x: 0, y: 0 };
  if (last === undefined) return next[1];
  const share = next[0] - last[0] < 1e-9 ? 1 : (along - last[0]) / (next[0] - last[0]);
  return {
    x: last[1].x + (next[1].x - last[1].x) * share,
    y: last[1].y + (next[1].y - last[1].y) * share,
  };
}

function moved({ x, y }: Point, by: Point, amount: Inches): Point {
  return { x: x + by.x * amount, y: y + by.y * amount };
}

const STILL: Point = { x: 0, y: 0 };

/** A length of a piece as it would be with a slip of some inches. */
type Lengthened = (slip: Slip, amount: Inches) => Inches;

function edgeLengthened(piece: CheckedPiece, path: Path): Lengthened {
  const corners = cornersOf(path);
  const whole = corners.at(-1)?.along ?? 0;
  const marks = nearPath(path, piece.marks, ({ place }) => place, ON_EDGE)
    .map(({ id, place }) => ({ id, along: lengthTo(path, place) }))
    .sort((a, b) => a.along - b.along);
  return ({ moves }, amount) => {
    const row = marks.map(({ id, along }) => [along, moves.get(id) ?? STILL] as const);
    if (row.every(([, by]) => by === STILL)) return whole;
    const bent = corners.map(({ point, along }) => moved(point, moveAt(along, row), amount));
    return bent.slice(1).reduce((sum, point, index) => sum + distance(bent[index] as Point, point), 0);
  };
}

/** A straight length moves with the marks at its ends. */
function straightLengthened(piece: CheckedPiece, [from, to]: readonly [Point, Point]): Lengthened {
  const markAt = (end: Point) => piece.marks.filter(({ place }) => distance(place, end) < ON_EDGE);
  const [starts, ends] = [markAt(from), markAt(to)];
  const moveOf = (marks: readonly { readonly id: string }[], { moves }: Slip) =>
    marks.flatMap(({ id }) => moves.get(id) ?? [])[0] ?? STILL;
  return (slip, amount) => distance(moved(from, moveOf(starts, slip), amount), moved(to, moveOf(ends, slip), amount));
}

function lengthened(piece: CheckedPiece, length: SeenLength["length"]): Lengthened {
  const edge = piece.edges.find(({ id }) => id === length.edge);
  return edge === undefined ? straightLengthened(piece, length.ends) : edgeLengthened(piece, edge.path);
}

/** Slips that are looked for: from an eighth to two inches either way. */
const AMOUNTS: readonly Inches[] = Array.from({ length: 16 }, (_, index) => (index + 1) / 8).flatMap((one) => [
  one,
  -one,
]);
/** What reading a tape may be wrong by: more is no noise. */
const NOISE: Inches = 1 / 16;
/** A larger slip is less likely than a small one that explains as much. */
const PER_INCH = 0.15;

/** How badly a slip explains what was read: 0 when it explains all of it. */
function misfit(slip: Slip, amount: Inches, seen: readonly (SeenLength & { readonly as: Lengthened })[]): number {
  return seen.reduce((sum, { off, as }) => {
    const rest = (off - (as(slip, amount) - as(slip, 0))) / NOISE;
    return sum + Math.min(rest * rest, 400);
  }, Math.abs(amount) * PER_INCH);
}

/**
 * The marks whose single slip explains every reading of a piece best, the likeliest first: each is moved in the way it
 * is read, by eighths, and the lengths measured anew. Only the diagonal off, and no mark explains it: the fold slipped or
 * a line is not square.
 *
 * @returns at most two suspects
 */
export function findSlip(piece: CheckedPiece, seen: readonly SeenLength[]): readonly Suspect[] {
  if (seen.length === 0) return [];
  const all = seen.map((one) => ({ ...one, as: lengthened(piece, one.length) }));
  const ranked = slipsOf(piece)
    .map((slip) => ({ slip, cost: Math.min(...AMOUNTS.map((amount) => misfit(slip, amount, all))) }))
    .sort((a, b) => a.cost - b.cost);
  const none = all.reduce((sum, { off }) => sum + Math.min((off / NOISE) ** 2, 400), 0);
  const better = ranked.filter(({ cost }) => cost < none / 2).slice(0, 2);
  if (better.length === 0) return [{ id: "fold", kind: "fold" }];
  return better.map(({ slip }) => slip.suspect);
}

import type { Edge, Piece } from "@/core/chalk";
import { flattenPath, type Point } from "@/core/geometry";
import type { CheckLength } from "@/core/table";

/** A mark or line chalked in the wrong place, and how each length of the piece would then be measured. */
export interface ChalkSlip {
  readonly id: string;
  readonly measured: (length: CheckLength, amount: number) => number;
}

const span = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y);

/** Marks whose place shapes the outline; a slip of the others is no length of the net. */
const SHAPES =
  /^(top\/(neck|shoulder)|shoulder\/(tip|panel)|centre\/(neck-depth|hem|lower-edge)|chest\/side|bust\/side|underbust\/(side|panel)|waist\/(side|panel)|hip\/(side|panel)|hem\/(side|panel)|armhole\/(middle|panel)|yoke\/(armhole|panel)|edge\/neck)$/;

/** How far each mark of the piece goes when one is set wrong by an inch: what is chalked from it goes with it. */
function movesOf(piece: Piece, id: string): ReadonlyMap<string, Point> {
  const [prefix] = id.split("/");
  const isLine = !id.includes("/");
  const down = isLine || id.startsWith("centre/") || id === "shoulder/tip";
  const way: Point = down ? { x: 0, y: 1 } : { x: 1, y: 0 };
  const moves = new Map<string, Point>();
  for (const mark of piece.marks) if (mark.id === id || (isLine && mark.line === prefix)) moves.set(mark.id, way);
  if (isLine && prefix === "hem") moves.set("centre/hem", way);
  if (id === "top/shoulder") {
    moves.set("shoulder/tip", way);
    moves.set("armhole/middle", { x: 0.5, y: 0 });
  }
  if (id === "shoulder/tip" || id === "chest") moves.set("armhole/middle", { x: 0, y: 0.5 });
  return moves;
}

/** A hand that curves through a wrong mark bends its line smoothly towards it, and away again to the next marks. */
function bend(piece: Piece, edge: Edge, moves: ReadonlyMap<string, Point>, amount: number): readonly Point[] {
  const corners = flattenPath(edge.stitch);
  const along: number[] = [0];
  for (let index = 1; index < corners.length; index++)
    along.push((along[index - 1] as number) + span(corners[index - 1] as Point, corners[index] as Point));
  const fixed = piece.marks.flatMap((mark) => {
    const gaps = corners.map((corner) => span(corner, mark.place.stitch));
    const nearest = Math.min(...gaps);
    return nearest < 0.6
      ? [{ at: along[gaps.indexOf(nearest)] as number, by: moves.get(mark.id) ?? { x: 0, y: 0 } }]
      : [];
  });
  const row = fixed.sort((a, b) => a.at - b.at);
  return corners.map((corner, index) => {
    const here = along[index] as number;
    const next = row.find(({ at }) => at >= here - 1e-9);
    const last = row.filter(({ at }) => at < here - 1e-9).at(-1);
    const [from, to] = [last ?? next, next ?? last];
    if (from === undefined || to === undefined) return corner;
    const share = to.at - from.at < 1e-9 ? 1 : Math.min(1, Math.max(0, (here - from.at) / (to.at - from.at)));
    const eased = share * share * (3 - 2 * share);
    return {
      x: corner.x + amount * (from.by.x + (to.by.x - from.by.x) * eased),
      y: corner.y + amount * (from.by.y + (to.by.y - from.by.y) * eased),
    };
  });
}

function measure(piece: Piece, length: CheckLength, moves: ReadonlyMap<string, Point>, amount: number): number {
  const edge = piece.edges.find(({ id }) => id === length.edge);
  if (edge !== undefined) {
    const row = bend(piece, edge, moves, amount);
    return row.slice(1).reduce((sum, point, index) => sum + span(row[index] as Point, point), 0);
  }
  const [a, b] = length.ends.map((end) => {
    const mark = piece.marks.find(({ id, place }) => moves.has(id) && span(place.stitch, end) < 0.2);
    const by = mark === undefined ? undefined : moves.get(mark.id);
    return by === undefined ? end : { x: end.x + by.x * amount, y: end.y + by.y * amount };
  });
  return span(a as Point, b as Point);
}

/** Every slip of the chalk that a piece's outline would show. */
export function chalkSlips(piece: Piece): readonly ChalkSlip[] {
  // A mark that was only ruled from is no slip of the outline: where it lies, nothing is cut.
  const onOutline = piece.marks.filter(
    ({ id, place }) =>
      SHAPES.test(id) &&
      piece.edges.some(
        ({ onFold, stitch }) =>
          !onFold && Math.min(...flattenPath(stitch).map((corner) => span(corner, place.stitch))) < 0.3,
      ),
  );
  const lines = piece.lines.filter(({ id }) => id !== "top" && onOutline.some((mark) => mark.line === id));
  const ids = [...onOutline.map(({ id }) => id), ...lines.map(({ id }) => id as string)];
  return ids.map((id) => {
    const moves = movesOf(piece, id);
    return { id, measured: (length, amount) => measure(piece, length, moves, amount) };
  });
}

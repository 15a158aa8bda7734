import { add, at, flattenPath, type Point, readPathData, turnPoint } from "../geometry";
import type { SheetDrawing, SheetPiece } from "./cut-sheet";
import type { FlatEdge, FlatPiece } from "./flat-shapes";

/** The seam by which something is sewn on to the end of a half's own sleeve. */
const JOIN = "sleeve-join";

/** Points of an edge as they come to lie: its piece turned and moved so that the joined edges lie on one another. */
function layTo(piece: SheetPiece, top: Point, low: Point): readonly FlatEdge[] {
  const turn = Math.atan2(low.y - top.y, low.x - top.x) - Math.PI / 2;
  // The upper end of its own joining edge, which lies inside the edge of its cloth.
  const [x, y] = piece.edges.find(({ id }) => id === JOIN)?.end ?? [0, 0];
  return piece.edges.map(({ id, role, path }) => ({
    id,
    role,
    points: flattenPath(readPathData(path)).map((point) => add(turnPoint(add(point, at(-x, -y)), at(0, 0), turn), top)),
  }));
}

/** Sleeve ends that are joined on to a half whose cloth was too narrow, in their place. */
export function joinSleeves(
  sheet: SheetDrawing,
  body: readonly FlatPiece[],
  half: "front" | "back",
): readonly FlatPiece[] {
  const end = sheet.pieces.find(({ id, part }) => part === "body" && id === `sleeve-${half}`);
  const on = body.flatMap(({ edges }) => edges.filter(({ id }) => id === JOIN))[0]?.points;
  const [top, low] = [on?.[0], on?.at(-1)];
  if (end === undefined || top === undefined || low === undefined) return [];
  return [{ id: end.id, lift: 0, edges: layTo(end, top, low), darts: [], folds: [] }];
}

import {
  distanceOutside,
  distanceToPath,
  flattenPath,
  type Path,
  type Point,
  pathLength,
  placeAtLength,
  readPathData,
} from "../geometry";
import type { Inches } from "../length";
import { KEPT_IN_SEAM } from "../making";
import type { SheetDrawing, SheetPiece } from "./cut-sheet";

/** Inwards a cut edge is sewn elsewhere by this much without harm. */
const MOST_IN: Inches = 1;
/** Less than this no needle follows. */
const SAME: Inches = 1 / 16;
/** Places along an edge that are looked at. */
const SHARES = [0.05, 0.2, 0.35, 0.5, 0.65, 0.8, 0.95] as const;

/** An edge of a cut piece that would lie elsewhere now. */
export interface EdgeChange {
  readonly edge: string;
  /** How far outwards it moves where it moves most; inwards where it is negative. */
  readonly move: Inches;
  readonly allowance: Inches;
  /** Whether its seam takes it: out while ⅜ stays in it, in by no more than 1. */
  readonly absorbed: boolean;
}

/** What a reading, a choice or a rule that changed after the cut does to one piece. */
export interface PieceChange {
  readonly piece: string;
  readonly name: string;
  /** Whether it is not cut yet: then it is drawn anew, and nothing has to be absorbed. */
  readonly free: boolean;
  readonly edges: readonly EdgeChange[];
  /** Whether an edge moves further than its seam takes: cut again, or it stays wrong there. */
  readonly again: boolean;
}

interface Drawn {
  readonly outline: readonly Point[];
  readonly edges: ReadonlyMap<string, Path>;
}

function drawnOf({ outline, edges }: SheetPiece): Drawn {
  return {
    outline: flattenPath(readPathData(outline.stitch.replace(/\s*Z\s*$/, ""))),
    edges: new Map(edges.map(({ id, path }) => [id, readPathData(path)])),
  };
}

/** How far a place of the new edge lies from the old one, and whether another edge of the old piece lies as near: beyond a corner. */
function moveAt(place: Point, own: Path, id: string, { outline, edges }: Drawn) {
  const by = distanceToPath(own, place);
  const nearer = [...edges].some(([other, path]) => other !== id && distanceToPath(path, place) <= by + 1e-6);
  return {
    move: distanceOutside(place, outline) > 1e-6 ? by : -by,
    beyond: nearer && by > SAME,
  };
}

function moveOf(id: string, path: Path, before: Drawn): Inches {
  const own = before.edges.get(id);
  if (own === undefined) return 0;
  const length = pathLength(path);
  const moves = SHARES.map((share) => moveAt(placeAtLength(path, share * length).point, own, id, before));
  const told = moves.filter(({ beyond }) => !beyond);
  // An edge that lies all of it nearer to others has moved as a whole, far from where it was: its middle says which way.
  if (told.length === 0) return moves[Math.floor(SHARES.length / 2)]?.move ?? 0;
  return told.reduce((most, { move }) => (Math.abs(move) > Math.abs(most) ? move : most), 0);
}

function changeOf(cut: SheetPiece, drawn: SheetPiece, free: boolean): PieceChange {
  const [before, after] = [drawnOf(cut), drawnOf(drawn)];
  const edges = cut.edges.flatMap(({ id, allowance, onFold }): readonly EdgeChange[] => {
    const path = after.edges.get(id);
    const move = path === undefined || onFold ? 0 : moveOf(id, path, before);
    if (Math.abs(move) < SAME) return [];
    const absorbed = move > 0 ? allowance - move >= KEPT_IN_SEAM - 1e-9 : -move <= MOST_IN + 1e-9;
    return [{ edge: id, move, allowance, absorbed }];
  });
  return { piece: cut.id, name: cut.name, free, edges, again: !free && edges.some(({ absorbed }) => !absorbed) };
}

/**
 * What a change after the cut asks of each piece: where its edges would lie now, and whether their seams take it (craft:
 * making, a change after the first cut). Pieces that stay as they are, and strips, are left out.
 *
 * @param cut the sheet that was cut from
 * @param drawn the order as it would be drawn now
 * @param free pieces that are not cut yet
 */
export function changeAfterCut(
  cut: SheetDrawing,
  drawn: SheetDrawing,
  free: ReadonlySet<string>,
): readonly PieceChange[] {
  return cut.pieces.flatMap((piece): readonly PieceChange[] => {
    const now = drawn.pieces.find(({ id }) => id === piece.id);
    if (now === undefined || piece.strip !== undefined) return [];
    const change = changeOf(piece, now, free.has(piece.id));
    return change.edges.length === 0 ? [] : [change];
  });
}

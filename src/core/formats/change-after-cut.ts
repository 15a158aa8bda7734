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

/** How far a place of the new edge lies from the old one; null where another edge of the old piece lies as near: beyond a corner. */
function moveAt(place: Point, id: string, { outline, edges }: Drawn): Inches | null {
  const own = edges.get(id);
  if (own === undefined) return null;
  const by = distanceToPath(own, place);
  const nearer = [...edges].some(([other, path]) => other !== id && distanceToPath(path, place) <= by + 1e-6);
  if (nearer && by > SAME) return null;
  return distanceOutside(place, outline) > 1e-6 ? by : -by;
}

function moveOf(id: string, path: Path, before: Drawn): Inches {
  const length = pathLength(path);
  const moves = SHARES.flatMap((share) => moveAt(placeAtLength(path, share * length).point, id, before) ?? []);
  return moves.reduce((most, move) => (Math.abs(move) > Math.abs(most) ? move : most), 0);
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

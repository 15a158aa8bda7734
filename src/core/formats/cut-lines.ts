import { distanceToPath, type Path, type Point, readPathData } from "../geometry";
import type { SheetPiece } from "./cut-sheet";

const CORNER = /[ML] (-?[\d.e-]+) (-?[\d.e-]+)/g;

function cornersOf(data: string): readonly Point[] {
  return [...data.matchAll(CORNER)].map(([, x, y]) => ({ x: Number(x), y: Number(y) }));
}

/** The edge whose stitching line lies nearest, counted from where its allowance would put the cut. */
function nearestEdge(
  edges: readonly { readonly id: string; readonly path: Path; readonly allowance: number }[],
  point: Point,
) {
  let [best, least] = [edges[0], Number.POSITIVE_INFINITY];
  for (const edge of edges) {
    const out = distanceToPath(edge.path, point);
    const miss = Math.abs(out - edge.allowance) + out / 1000;
    if (miss < least) [best, least] = [edge, miss];
  }
  return best;
}

/**
 * The cutting outline of a piece taken apart by its edges: path data for each edge that is cut, corners with it. Works on
 * every sheet, however long ago it was frozen.
 */
export function cutLines(piece: SheetPiece): Readonly<Record<string, string>> {
  const edges = piece.edges.map(({ id, path, allowance, onFold }) => ({
    id,
    path: readPathData(path),
    allowance: onFold ? 0 : allowance,
    onFold,
  }));
  const corners = cornersOf(piece.outline.cut);
  const rows = new Map<string, string[]>();
  let last: string | undefined;
  for (const [index, from] of corners.entries()) {
    const to = corners[(index + 1) % corners.length];
    if (to === undefined || Math.hypot(to.x - from.x, to.y - from.y) < 1e-6) continue;
    const edge = nearestEdge(edges, { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 });
    if (edge === undefined) continue;
    const row = rows.get(edge.id) ?? [];
    row.push(edge.id === last ? `L ${to.x} ${to.y}` : `M ${from.x} ${from.y} L ${to.x} ${to.y}`);
    rows.set(edge.id, row);
    last = edge.id;
  }
  const folded = new Set(edges.filter(({ onFold }) => onFold).map(({ id }) => id));
  return Object.fromEntries([...rows].filter(([id]) => !folded.has(id)).map(([id, row]) => [id, row.join(" ")]));
}

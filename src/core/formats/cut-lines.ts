import { distanceToPath, flattenPath, type Path, type Point, readPathData } from "../geometry";
import type { SheetPiece } from "./cut-sheet";

const ON_FOLD = 0.02;
const CORNER = /[ML] (-?[\d.e-]+) (-?[\d.e-]+)/g;

function cornersOf(data: string): readonly Point[] {
  return [...data.matchAll(CORNER)].map(([, x, y]) => ({ x: Number(x), y: Number(y) }));
}

interface CutEdge {
  readonly id: string;
  readonly path: Path;
  readonly corners: readonly Point[];
  readonly allowance: number;
  readonly onFold: boolean;
}

/** How far a stretch of the outline turns away from an edge's end, where it lies beyond that end: 0 along it, 1 square to it. */
function turnsAway({ corners }: CutEdge, from: Point, to: Point): number {
  const near = (corner: Point | undefined) =>
    corner === undefined ? Number.POSITIVE_INFINITY : Math.hypot(corner.x - from.x, corner.y - from.y);
  const atStart = near(corners[0]) < near(corners.at(-1));
  const [a, b] = atStart ? [corners[0], corners[1]] : [corners.at(-2), corners.at(-1)];
  if (a === undefined || b === undefined) return 1;
  const [length, own] = [Math.hypot(b.x - a.x, b.y - a.y), Math.hypot(to.x - from.x, to.y - from.y)];
  return Math.abs((b.x - a.x) * (to.y - from.y) - (b.y - a.y) * (to.x - from.x)) / (length * own || 1);
}

/** Two edges explain a corner equally well within this: then the way it goes decides. */
const ALIKE = 0.03;

/** The edge whose stitching line lies nearest, counted from where its allowance would put the cut. */
function nearestEdge(edges: readonly CutEdge[], from: Point, to: Point): CutEdge | undefined {
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  const missed = edges.map((edge) => ({ edge, miss: Math.abs(distanceToPath(edge.path, middle) - edge.allowance) }));
  const least = Math.min(...missed.map(({ miss }) => miss));
  const near = missed.filter(({ miss }) => miss <= least + ALIKE).map(({ edge }) => edge);
  const [first] = near;
  return near.length < 2
    ? first
    : near.reduce((best, edge) => (turnsAway(edge, from, to) < turnsAway(best, from, to) ? edge : best));
}

/**
 * The cutting outline of a piece taken apart by its edges: path data for each edge that is cut, corners with it. Works on
 * every sheet, however long ago it was frozen.
 */
export function cutLines(piece: SheetPiece): Readonly<Record<string, string>> {
  const edges = piece.edges.map(({ id, path: data, allowance, onFold }): CutEdge => {
    const path = readPathData(data);
    return { id, path, corners: flattenPath(path), allowance: onFold ? 0 : allowance, onFold };
  });
  const corners = cornersOf(piece.outline.cut);
  const rows = new Map<string, string[]>();
  let last: string | undefined;
  for (const [index, from] of corners.entries()) {
    const to = corners[(index + 1) % corners.length];
    if (to === undefined || Math.hypot(to.x - from.x, to.y - from.y) < 1e-6) continue;
    // Along a fold nothing is cut, however far the neighbours' cutting lines reach down it.
    if (piece.cut.on === "fold" && Math.abs(from.x) < ON_FOLD && Math.abs(to.x) < ON_FOLD) continue;
    const edge = nearestEdge(edges, from, to);
    if (edge === undefined) continue;
    const row = rows.get(edge.id) ?? [];
    row.push(edge.id === last ? `L ${to.x} ${to.y}` : `M ${from.x} ${from.y} L ${to.x} ${to.y}`);
    rows.set(edge.id, row);
    last = edge.id;
  }
  const folded = new Set(edges.filter(({ onFold }) => onFold).map(({ id }) => id));
  return Object.fromEntries([...rows].filter(([id]) => !folded.has(id)).map(([id, row]) => [id, row.join(" ")]));
}

import { distanceToPath } from "../../src/core/geometry";
import type { CheckedPiece, CheckLength, CheckReadings } from "../../src/core/table";

/** The marks that a length touches, and the lines they lie on. */
function touched(piece: CheckedPiece, length: CheckLength): readonly string[] {
  const path = piece.edges.find(({ id }) => id === length.edge)?.path;
  const marks = piece.marks.filter(({ place }) =>
    path === undefined
      ? length.ends.some((end) => Math.hypot(end.x - place.x, end.y - place.y) < 1 / 8)
      : distanceToPath(path, place) < 1 / 8,
  );
  return [...marks.map(({ id }) => id), ...marks.flatMap(({ line }) => line ?? [])];
}

/**
 * The craft page's way to name a slip by place: each missed length accuses the marks on it and their lines, each that
 * agrees clears its own; the most accused of those never cleared. Measured beside the search, which does better.
 */
export function accuseByPlace(
  pieces: readonly CheckedPiece[],
  lengths: readonly CheckLength[],
  readings: CheckReadings,
): readonly string[] {
  const accused = new Map<string, number>();
  const cleared = new Set<string>();
  for (const length of lengths) {
    const piece = pieces.find(({ id }) => id === length.piece);
    const read = readings[length.id];
    if (piece === undefined || read === undefined) continue;
    const misses = Math.abs(read - length.expected) > length.tolerance;
    for (const id of touched(piece, length))
      if (misses) accused.set(id, (accused.get(id) ?? 0) + 1);
      else cleared.add(id);
  }
  const open = [...accused].filter(([id]) => !cleared.has(id)).sort((a, b) => b[1] - a[1]);
  return open.slice(0, 2).map(([id]) => id);
}

import type { Inches } from "../length";

/** A stretch of cloth that is folded for something, and what of its width stays single beside that. */
export interface Stretch {
  readonly id: string;
  readonly beside: Inches;
  readonly length: Inches;
}

/** A small piece that wants a fold of its own: how wide its doubled part must be, and how long. */
export interface SmallFold {
  readonly id: string;
  readonly doubled: Inches;
  readonly length: Inches;
}

/** Room between what is cut below one another. */
const AIR: Inches = 0.125;

/**
 * Where small folded pieces lie: folded in from the far side of what is left beside a larger one, one below the other, the
 * widest first; one that fits nowhere takes a stretch of its own, and offers what it leaves (craft: cloth, offcuts).
 *
 * @returns for each small piece the stretch that it lies beside; a piece that is its own stretch is left out
 */
export function placeOnLeftOvers(
  stretches: readonly Stretch[],
  smalls: readonly SmallFold[],
  usable: Inches,
): ReadonlyMap<string, string> {
  const rooms = stretches.map((stretch) => ({ ...stretch, taken: 0 }));
  const placed = new Map<string, string>();
  for (const small of [...smalls].sort((one, other) => other.doubled - one.doubled || other.length - one.length)) {
    const room = rooms.find(
      ({ beside, length, taken }) => beside >= 2 * small.doubled && taken + small.length <= length + 1e-6,
    );
    if (room === undefined) {
      const beside = usable - 2 * small.doubled;
      rooms.push({ id: small.id, beside, length: small.length, taken: 0 });
      continue;
    }
    room.taken += small.length + AIR;
    placed.set(small.id, room.id);
  }
  return placed;
}

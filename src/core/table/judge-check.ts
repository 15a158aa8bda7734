import { fromCentimetres, type Inches } from "../length";
import type { CheckedPiece } from "./checked-piece";
import { findSlip, type Suspect } from "./find-slip";
import { type CheckLength, pairTolerance } from "./tape-check";

/** What a miss may mean by its amount alone, asked before any mark is accused. */
export const missCauses = [
  "read-to-cut",
  "from-cloth-edge",
  "shift-forgotten",
  "dart-closed",
  "from-top-edge",
  "tape-from-one",
] as const;
export type MissCause = (typeof missCauses)[number];

/** A length that was read and misses, with what is asked and who is accused. */
export interface Miss {
  readonly length: string;
  readonly off: Inches;
  readonly cause: MissCause | null;
}

/** Two sewn edges that are each right enough alone, and do not fit one another. */
export interface PairMiss {
  readonly a: string;
  readonly b: string;
  readonly off: Inches;
}

export interface CheckVerdict {
  /** Open while a length is not read; missed when one does not agree. */
  readonly state: "open" | "agrees" | "missed";
  readonly misses: readonly Miss[];
  readonly pairs: readonly PairMiss[];
  /** At most two a piece, the likeliest first. */
  readonly suspects: readonly (Suspect & { readonly piece: string })[];
}

/** A length as it was read; left out while it was not measured. */
export type CheckReadings = Readonly<Record<string, Inches>>;

/** Two measured edges that will be sewn to one another. */
export type CheckPair = readonly [string, string];

const NEAR: Inches = 1 / 16;

const isNear = (off: Inches, amount: Inches): boolean =>
  amount > NEAR && Math.abs(Math.abs(off) - amount) <= NEAR + 1e-9;

/** The allowance of an edge, of its neighbours, and of both ends together. */
function cutAmounts({ edges }: CheckedPiece, edge: string | null): readonly Inches[] {
  const index = edges.findIndex(({ id }) => id === edge);
  if (index === -1) return [];
  const at = (step: number) => edges[(index + step + edges.length) % edges.length]?.allowance ?? 0;
  return [at(0), at(-1), at(1), at(-1) + at(1)];
}

/** Lengths that start at the top line, and those that start at the line widths are read from. */
const FROM_TOP = new Set(["diagonal", "centre"]);
const FROM_ORIGIN = new Set(["hem", "neck", "join"]);

function causeOf(piece: CheckedPiece, length: CheckLength, off: Inches, metric: boolean): MissCause | null {
  const { name } = length;
  if (off > 0 && cutAmounts(piece, length.edge).some((amount) => isNear(off, amount))) return "read-to-cut";
  if (
    (FROM_ORIGIN.has(name) || name.startsWith("across-") || name.startsWith("panel-")) &&
    isNear(off, piece.originInset)
  )
    return "from-cloth-edge";
  if (piece.shift > 0 && isNear(off, piece.shift)) return "shift-forgotten";
  if (off < 0 && piece.intakes.some((intake) => isNear(off, intake))) return "dart-closed";
  if (FROM_TOP.has(name) && isNear(off, piece.topInset)) return "from-top-edge";
  return isNear(off, metric ? fromCentimetres(10) : 1) ? "tape-from-one" : null;
}

function missesOf(
  pieces: readonly CheckedPiece[],
  lengths: readonly CheckLength[],
  readings: CheckReadings,
  metric: boolean,
): readonly Miss[] {
  return lengths.flatMap((length) => {
    const read = readings[length.id];
    const piece = pieces.find(({ id }) => id === length.piece);
    if (read === undefined || piece === undefined) return [];
    const off = read - length.expected;
    return Math.abs(off) <= length.tolerance + 1e-9
      ? []
      : [{ length: length.id, off, cause: causeOf(piece, length, off, metric) }];
  });
}

function pairMisses(
  lengths: readonly CheckLength[],
  readings: CheckReadings,
  pairs: readonly CheckPair[],
  metric: boolean,
): readonly PairMiss[] {
  const offOf = (id: string) => {
    const length = lengths.find((one) => one.id === id);
    const read = readings[id];
    return length === undefined || read === undefined ? undefined : read - length.expected;
  };
  return pairs.flatMap(([a, b]) => {
    const [one, other] = [offOf(a), offOf(b)];
    if (one === undefined || other === undefined) return [];
    const off = one - other;
    return Math.abs(off) <= pairTolerance(metric) + 1e-9 ? [] : [{ a, b, off }];
  });
}

/**
 * Judges what was read on the chalk against the drawing (craft: table, what a miss means). A miss is asked by its amount
 * first, then by place: which single mark explains all readings of its piece.
 */
export function judgeCheck(
  pieces: readonly CheckedPiece[],
  lengths: readonly CheckLength[],
  readings: CheckReadings,
  pairs: readonly CheckPair[],
  metric: boolean,
): CheckVerdict {
  const misses = missesOf(pieces, lengths, readings, metric);
  const missedPairs = pairMisses(lengths, readings, pairs, metric);
  const wrong = new Set([...misses.map(({ length }) => length), ...missedPairs.flatMap(({ a, b }) => [a, b])]);
  const suspects = pieces.flatMap((piece) => {
    const own = lengths.filter(({ piece: id }) => id === piece.id);
    if (!own.some(({ id }) => wrong.has(id))) return [];
    const seen = own.flatMap((length) => {
      const read = readings[length.id];
      return read === undefined ? [] : [{ length, off: read - length.expected }];
    });
    return findSlip(piece, seen).map((suspect) => ({ ...suspect, piece: piece.id }));
  });
  const missed = misses.length > 0 || missedPairs.length > 0;
  const allRead = lengths.every(({ id }) => readings[id] !== undefined);
  return { state: missed ? "missed" : allRead ? "agrees" : "open", misses, pairs: missedPairs, suspects };
}

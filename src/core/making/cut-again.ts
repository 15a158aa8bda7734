import type { Inches } from "../length";

/** A stretch of cloth that is left over, as it lies open. */
export interface LeftCloth {
  readonly width: Inches;
  readonly length: Inches;
}

/** What of a piece says how much cloth one copy of it takes. */
export interface AgainPiece {
  readonly cut: { readonly on: string };
  readonly box: { readonly left: Inches; readonly top: Inches; readonly right: Inches; readonly bottom: Inches };
}

/** One copy laid open, single: a piece on the fold is twice as wide as it is drawn. */
export function openSize({ cut, box }: AgainPiece): LeftCloth {
  const [wide, long] = [box.right - box.left, box.bottom - box.top];
  const folded = cut.on === "fold" || cut.on === "quarter";
  return { width: folded ? 2 * wide : wide, length: cut.on === "across" ? 2 * long : long };
}

/**
 * Where a spoilt piece is cut again: the smallest stretch that is left and holds it along the grain; null where none does
 * (craft: making, cut again).
 */
export function placeAgain(left: readonly LeftCloth[], piece: AgainPiece): LeftCloth | null {
  const { width, length } = openSize(piece);
  const fits = left.filter((one) => one.width >= width - 1e-9 && one.length >= length - 1e-9);
  return fits.sort((one, other) => one.width * one.length - other.width * other.length)[0] ?? null;
}

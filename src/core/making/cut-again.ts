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

/**
 * One copy laid open, single, along the grain: a piece on the fold is twice as wide as it is drawn, one in four also twice as
 * long; what is folded across has its fold from selvedge to selvedge, so that its width as drawn, twice, lies along the cloth.
 */
export function openSize({ cut, box }: AgainPiece): LeftCloth {
  const [wide, long] = [box.right - box.left, box.bottom - box.top];
  switch (cut.on) {
    case "fold":
      return { width: 2 * wide, length: long };
    case "quarter":
      return { width: 2 * wide, length: 2 * long };
    case "across":
      return { width: long, length: 2 * wide };
    default:
      return { width: wide, length: long };
  }
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

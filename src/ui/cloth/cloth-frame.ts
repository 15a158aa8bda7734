import type { CutSheet, SheetPiece } from "@/core/formats";
import type { Unit } from "@/core/length";

export type Group = CutSheet["groups"][number];

/** How a group of pieces lies on its drawing; everything in inches from the fold and the top line. */
export interface ClothFrame {
  readonly pieces: readonly SheetPiece[];
  /** The piece whose readings the tapes follow. */
  readonly lead: SheetPiece;
  readonly top: number;
  readonly bottom: number;
  readonly right: number;
  readonly view: { readonly left: number; readonly top: number; readonly width: number; readonly height: number };
}

/** Room round the cloth for its tapes and its second layer. */
const ROOM = { left: 3.2, top: 2.6, right: 1.4, bottom: 1.2 };

export function frameGroup(sheet: CutSheet, group: Group): ClothFrame | null {
  const pieces = group.pieces.flatMap((id) => sheet.pieces.filter((piece) => piece.id === id));
  const [lead] = pieces;
  if (lead === undefined) return null;
  const top = Math.min(...pieces.map(({ box }) => box.top)) - 0.4;
  const bottom = Math.max(...pieces.map(({ box }) => box.bottom)) + 0.7;
  const right = group.foldedWidth;
  const view = {
    left: -ROOM.left,
    top: top - ROOM.top,
    width: right + ROOM.left + ROOM.right,
    height: bottom - top + ROOM.top + ROOM.bottom,
  };
  return { pieces, lead, top, bottom, right, view };
}

/** Steps of a tape in the shop's unit: every inch with a number at each second, or every centimetre with one at each fifth. */
export function tapeTicks(
  length: number,
  unit: Unit,
): readonly { readonly at: number; readonly number: number | null }[] {
  const step = unit === "in" ? 1 : 1 / 2.54;
  const every = unit === "in" ? 2 : 5;
  return Array.from({ length: Math.floor(length / step) + 1 }, (_, index) => ({
    at: index * step,
    number: index % every === 0 ? index : null,
  }));
}

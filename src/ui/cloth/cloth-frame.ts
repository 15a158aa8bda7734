import type { SheetDrawing, SheetPiece } from "@/core/formats";
import type { Unit } from "@/core/length";
import { lineNames } from "@/core/wording";

export type Group = SheetDrawing["groups"][number];

export interface View {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** How a group of pieces lies on its drawing; everything in inches from the fold and the top line. */
export interface ClothFrame {
  readonly pieces: readonly SheetPiece[];
  /** The piece whose readings the tapes follow. */
  readonly lead: SheetPiece;
  readonly top: number;
  readonly bottom: number;
  readonly right: number;
  readonly view: View;
}

/** Room round the cloth for its tapes and its second layer. */
const ROOM = { left: 2.7, top: 2.6, right: 1.2, bottom: 1.2 };
/** How wide a letter of a line's name is. */
export const LETTER = 0.55;

/** Room for the longest name of a line. */
function roomForNames(lead: SheetPiece): number {
  return LETTER * Math.max(...lead.lines.map(({ id }) => lineNames[id].length));
}

export function frameGroup(sheet: SheetDrawing, group: Group): ClothFrame | null {
  const pieces = group.pieces.flatMap((id) => sheet.pieces.filter((piece) => piece.id === id));
  const [lead] = pieces;
  if (lead === undefined) return null;
  // What the tape is swung from lies on the cloth too, though its piece begins further down.
  const marked = pieces.flatMap(({ marks }) => marks.flatMap(({ at }) => at?.stitch?.[1] ?? []));
  const top = Math.min(...pieces.map(({ box }) => box.top), ...marked) - 0.4;
  const bottom = Math.max(...pieces.map(({ box }) => box.bottom)) + 0.7;
  const right = group.foldedWidth;
  const view = {
    left: -ROOM.left,
    top: top - ROOM.top,
    width: right + ROOM.left + ROOM.right + roomForNames(lead),
    height: bottom - top + ROOM.top + ROOM.bottom,
  };
  return { pieces, lead, top, bottom, right, view };
}

/** A window as high as its neighbours', its cloth at the top. */
export function asHigh(view: View, height: number | undefined): View {
  return height === undefined ? view : { ...view, height: Math.max(view.height, height) };
}

/** The pieces on a cloth, in words: `centre front and side front`. */
export function namePieces({ pieces }: ClothFrame): string {
  return pieces.map(({ name }) => name.toLowerCase()).join(" and ");
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

import type { ClothId, Draft, lineIds, Piece, PieceName } from "../chalk";
import { at, joinOutlines, type Point, polygonArea } from "../geometry";
import type { Inches } from "../length";
import { certain } from "../result";
import { SELVEDGE } from "./cloth";
import { type FoldGroup, isShared } from "./fold-plan";

/** How a unit may lie to the grain: along the cloth, along or across it, or at 45°. */
export type Grain = "length" | "either" | "bias";

/** What is laid and cut as one: a piece, or pieces that are chalked from one fold and cut apart later. */
export interface LayUnit {
  /** Its fold group's id. */
  readonly id: string;
  readonly names: readonly PieceName[];
  readonly cloth: ClothId;
  readonly pieces: readonly string[];
  /** `fold`: half a piece, its centre on a fold. `pair`: twice, as left and right. `single`: as often as `copies` says. */
  readonly on: "fold" | "pair" | "single";
  /** Of a half on a fold: how often it lies on one, two of them on one another where the cloth is in four. */
  readonly copies: number;
  /** Layers that it is cut through at once where it is folded for itself. */
  readonly layers: 2 | 4;
  /** Whether it is cut through all of them at once or not at all: front and back of a body. */
  readonly together: boolean;
  /** Whether it only finishes the garment: it is cut from what the others leave. */
  readonly small: boolean;
  /** The cutting outline; its fold lies at 0 across, or its left edge where it has none. */
  readonly outline: readonly Point[];
  /** The cutting line of each of its pieces, where they are chalked together. */
  readonly cuts: readonly (readonly Point[])[];
  /** Down to the line that must meet its neighbours on a repeat: waist, else bust. */
  readonly level: Inches | null;
  readonly grain: Grain;
}

/** Halves of a ring share their fold: nothing is bridged. */
const SEAMLESS: Inches = 0.02;

/** Panels chalked together lie closer than this: they stay one unit. */
const BRIDGE: Inches = 1.5;

/** A chalked outline has the lengths of chalk: a point each tenth of an inch is more than the shears follow. */
const CHALK_LINE: Inches = 0.02;

/** Drops points that lie on the line between their neighbours, as near as chalk can tell. */
export function thinOutline(outline: readonly Point[], within: Inches = CHALK_LINE): readonly Point[] {
  const kept: Point[] = [];
  let from = outline.at(-1) as Point;
  for (const [index, point] of outline.entries()) {
    const next = outline[(index + 1) % outline.length] as Point;
    const length = Math.hypot(next.x - from.x, next.y - from.y);
    const off =
      length < 1e-9
        ? Math.hypot(point.x - from.x, point.y - from.y)
        : Math.abs((next.x - from.x) * (point.y - from.y) - (next.y - from.y) * (point.x - from.x)) / length;
    if (off < within && Math.hypot(point.x - from.x, point.y - from.y) < 1) continue;
    kept.push(point);
    from = point;
  }
  return kept;
}

function levelOf(piece: Piece): Inches | null {
  const line = (["waist", "bust", "hem"] as const satisfies readonly (typeof lineIds)[number][])
    .map((id) => piece.lines.find((found) => found.id === id))
    .find((found) => found !== undefined);
  return line?.down ?? null;
}

/**
 * A ring as it lies open: in four it is a whole disc, its hole not worth laying anything in; folded across it is mirrored
 * over its fold, which runs from selvedge to selvedge.
 */
function unfolded(on: Piece["cut"]["on"], outline: readonly Point[]): readonly Point[] {
  const mirror = (points: readonly Point[]) => points.map(({ x, y }) => at(-x, y));
  const both = joinOutlines([outline, mirror(outline)], SEAMLESS);
  if (on !== "quarter") return both.map(({ x, y }) => at(y, x));
  return joinOutlines([both, both.map(({ x, y }) => at(x, -y))], SEAMLESS);
}

/** A strip from selvedge to selvedge has its selvedges inside its joins: what is laid between them is the rest. */
function withinSelvedges(outline: readonly Point[], { strip }: Piece, clothWidth: Inches): readonly Point[] {
  const usable = clothWidth - 2 * SELVEDGE;
  if (strip?.round === undefined || strip.length <= usable) return outline;
  return outline.map(({ x, y }) => at(Math.min(x, usable), y));
}

/** A facing, on its fold or as a pair from doubled cloth: small enough for what is left beside a larger piece. */
export function isSmall({ part, cut }: Pick<Piece, "part" | "cut">): boolean {
  return part === "finish" && (cut.on === "fold" || cut.on === "pair");
}

function unitOf(group: FoldGroup, pieces: readonly Piece[], clothWidth: Inches): LayUnit {
  const [main] = pieces;
  const first = certain(main, `a piece in group ${group.id}`);
  const outlines = pieces.map((piece) =>
    withinSelvedges(
      piece.outline.cut.map(({ x, y }) => at(x + first.originInset, y)),
      piece,
      clothWidth,
    ),
  );
  const ring = first.cut.on === "across" || first.cut.on === "quarter";
  const on = first.cut.on === "fold" || first.cut.on === "pair" ? first.cut.on : "single";
  const [alone] = outlines;
  const one = certain(alone, "an outline");
  const joined = ring ? unfolded(first.cut.on, one) : outlines.length === 1 ? one : joinOutlines(outlines, BRIDGE / 2);
  return {
    id: group.id,
    names: pieces.map(({ name }) => name),
    cloth: first.cloth,
    pieces: group.pieces,
    on: group.fold === "four-layers" ? "fold" : on,
    copies: isShared(group) && group.layers === 4 ? 2 : first.cut.copies,
    layers: group.fold === "four-layers" ? 4 : 2,
    together: isShared(group) && group.layers === 4,
    small: isSmall(first),
    outline: thinOutline(joined),
    cuts: (ring ? [joined] : outlines).map((outline) => thinOutline(outline)),
    level: levelOf(first),
    grain: on === "single" && first.strip?.round === undefined ? "either" : "length",
  };
}

/** What is to be laid of a garment, from the groups in which it is chalked. */
export function layUnits(draft: Draft, groups: readonly FoldGroup[]): readonly LayUnit[] {
  const pieceOf = (id: string) =>
    certain(
      draft.pieces.find((piece) => piece.id === id),
      `piece ${id}`,
    );
  return groups.map((group) => unitOf(group, group.pieces.map(pieceOf), draft.given.clothWidth));
}

/** Width and height of a unit's outline. */
export function unitSize({ outline }: LayUnit): { readonly width: Inches; readonly height: Inches } {
  const xs = outline.map(({ x }) => x);
  const ys = outline.map(({ y }) => y);
  return { width: Math.max(...xs) - Math.min(0, ...xs), height: Math.max(...ys) - Math.min(...ys) };
}

/** Cloth that all of a unit's copies cover, in square inches. */
export function unitArea(unit: LayUnit): number {
  const times = unit.on === "pair" ? 2 : unit.on === "fold" ? 2 * unit.copies : unit.copies;
  return times * polygonArea(unit.outline);
}

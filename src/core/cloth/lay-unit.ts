import type { ClothId, Draft, lineIds, Piece, PieceName } from "../chalk";
import { at, joinOutlines, type Point, polygonArea } from "../geometry";
import type { Inches } from "../length";
import { certain } from "../result";
import type { FoldGroup } from "./fold-plan";

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
  readonly copies: number;
  /** Layers that it is cut through at once where it is folded: four for a body cut front on back. */
  readonly layers: 2 | 4;
  /** The cutting outline; its fold lies at 0 across, or its left edge where it has none. */
  readonly outline: readonly Point[];
  /** The cutting line of each of its pieces, where they are chalked together. */
  readonly cuts: readonly (readonly Point[])[];
  /** Down to the line that must meet its neighbours on a repeat: waist, else bust. */
  readonly level: Inches | null;
  readonly grain: Grain;
}

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

function unitOf(group: FoldGroup, pieces: readonly Piece[]): LayUnit {
  const [main] = pieces;
  const first = certain(main, `a piece in group ${group.id}`);
  const outlines = pieces.map((piece) => piece.outline.cut.map(({ x, y }) => at(x + first.originInset, y)));
  const on = group.fold === "single" || first.cut.on === "quarter" ? "single" : first.cut.on;
  const [alone] = outlines;
  const joined = outlines.length === 1 ? certain(alone, "an outline") : joinOutlines(outlines, BRIDGE / 2);
  return {
    id: group.id,
    names: pieces.map(({ name }) => name),
    cloth: first.cloth,
    pieces: group.pieces,
    on: group.layers === 4 ? "fold" : on,
    copies: first.cut.copies,
    layers: group.layers === 4 ? 4 : 2,
    outline: thinOutline(joined),
    cuts: outlines.map((outline) => thinOutline(outline)),
    level: levelOf(first),
    grain: on === "single" ? "either" : "length",
  };
}

/** What is to be laid of a garment, from the groups in which it is chalked. */
export function layUnits(draft: Draft, groups: readonly FoldGroup[]): readonly LayUnit[] {
  return groups.map((group) =>
    unitOf(
      group,
      group.pieces.map((id) =>
        certain(
          draft.pieces.find((piece) => piece.id === id),
          `piece ${id}`,
        ),
      ),
    ),
  );
}

/** Width and height of a unit's outline. */
export function unitSize({ outline }: LayUnit): { readonly width: Inches; readonly height: Inches } {
  const xs = outline.map(({ x }) => x);
  const ys = outline.map(({ y }) => y);
  return { width: Math.max(...xs) - Math.min(0, ...xs), height: Math.max(...ys) - Math.min(...ys) };
}

/** Cloth that all of a unit's copies cover, in square inches. */
export function unitArea(unit: LayUnit): number {
  const layers = unit.on === "single" ? unit.copies : unit.layers;
  return layers * polygonArea(unit.outline);
}

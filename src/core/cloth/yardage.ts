import type { Draft, Piece } from "../chalk";
import type { Finding } from "../checks";
import { polygonArea } from "../geometry";
import { both, fromCentimetres, type Inches, pickSystem, roundUpToStep } from "../length";
import { type FoldGroup, reachOf } from "./fold-plan";

/** The cloth at hand, or to be bought. */
export interface Cloth {
  readonly width: Inches;
  /** Null when it is still to be bought. */
  readonly length: Inches | null;
  readonly oneWay: boolean;
}

export interface ClothNeed {
  readonly width: Inches;
  readonly usable: Inches;
  /** Length that the pieces take when laid one after another. */
  readonly used: Inches;
  /** No lay can take less: the area over the width, or the longest piece. */
  readonly lowerBound: Inches;
  readonly buy: number;
  readonly buyUnit: "yd" | "m";
  readonly fits: boolean;
  /** What is left beside the folds, as rectangles. */
  readonly left: readonly { readonly width: Inches; readonly length: Inches }[];
}

export const usualWidth = both(45, 115);

const SELVEDGE: Inches = 0.5;
/** To square a ragged end. */
const END_SQUARING: Inches = 2;

export function defaultCloth(metric: boolean): Cloth {
  return { width: pickSystem(usualWidth, metric), length: null, oneWay: false };
}

/** Whether a doubled part of four layers can lie side by side, or must be folded again across. */
function foldsAcross(group: FoldGroup, usable: Inches): boolean {
  return group.layers === 4 && 4 * group.foldedWidth > usable;
}

function groupLength(group: FoldGroup, usable: Inches): Inches {
  return foldsAcross(group, usable) ? 2 * group.length : group.length;
}

function pieceArea(piece: Piece): number {
  return (piece.half === null ? piece.cut.copies : 2) * polygonArea(piece.outline.cut);
}

/** Strips are cut from what is left beside the folds where they fit; only those that do not take length of their own. */
function stripLength(groups: readonly FoldGroup[], left: ClothNeed["left"]): Inches {
  const strips = groups.filter(({ fold }) => fold === "single");
  const fits = (strip: FoldGroup) =>
    left.some(({ width, length }) => width >= strip.foldedWidth && length >= strip.length);
  return strips.filter((strip) => !fits(strip)).reduce((sum, strip) => sum + strip.length, 0);
}

function roundPurchase(length: Inches, metric: boolean): { readonly buy: number; readonly buyUnit: "yd" | "m" } {
  const step = metric ? fromCentimetres(10) : 9;
  const rounded = roundUpToStep(length + END_SQUARING, step);
  return metric ? { buy: Math.round((rounded * 2.54) / 10) / 10, buyUnit: "m" } : { buy: rounded / 36, buyUnit: "yd" };
}

/** How much cloth the folds take when they follow each other along the length, and whether what is given suffices. */
export function measureCloth(draft: Draft, groups: readonly FoldGroup[], cloth: Cloth): ClothNeed {
  const usable = cloth.width - 2 * SELVEDGE;
  const folded = groups.filter(({ fold }) => fold !== "single");
  const left = folded.map((group) => ({
    width: Math.max(0, usable - 2 * group.foldedWidth),
    length: groupLength(group, usable),
  }));
  const used = folded.reduce((sum, group) => sum + groupLength(group, usable), 0) + stripLength(groups, left);
  const area = draft.pieces.reduce((sum, piece) => sum + pieceArea(piece), 0);
  const longest = Math.max(...draft.pieces.map((piece) => reachOf(piece).length));
  const wideEnough = folded.every((group) => 2 * group.foldedWidth <= usable);
  return {
    width: cloth.width,
    usable,
    used,
    lowerBound: Math.max(area / usable, longest),
    ...roundPurchase(used, draft.given.metric),
    fits: wideEnough && (cloth.length === null || used <= cloth.length),
    left,
  };
}

/** What the cloth at hand cannot do. */
export function findClothProblems(groups: readonly FoldGroup[], cloth: Cloth, need: ClothNeed): readonly Finding[] {
  const findings: Finding[] = [];
  for (const group of groups.filter(({ fold }) => fold !== "single")) {
    const wanted = 2 * group.foldedWidth + 2 * SELVEDGE;
    if (wanted > cloth.width)
      findings.push({
        id: "cloth-too-narrow",
        level: "error",
        piece: group.pieces[0] ?? "",
        numbers: { width: cloth.width, wanted },
      });
    if (cloth.oneWay && foldsAcross(group, need.usable))
      findings.push({ id: "cloth-one-way-turned", level: "caution", piece: group.pieces[0] ?? "", numbers: {} });
  }
  if (cloth.length !== null && need.used > cloth.length) {
    findings.push({
      id: "cloth-too-short",
      level: "error",
      numbers: { length: cloth.length, used: need.used, short: need.used - cloth.length },
    });
  }
  return findings;
}

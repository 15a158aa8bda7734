import type { Draft, Piece } from "../chalk";
import type { Finding } from "../checks";
import { polygonArea } from "../geometry";
import { fromCentimetres, type Inches, roundUpToStep } from "../length";
import { type Cloth, SELVEDGE, usableWidth } from "./cloth";
import { type FoldGroup, reachOf, timesFolded } from "./fold-plan";
import { foldFour } from "./lay-fold";
import { isSmall } from "./lay-unit";
import { placeOnLeftOvers } from "./left-overs";

/** What is asked for in the shop. */
export interface Purchase {
  readonly buy: number;
  readonly buyUnit: "yd" | "m";
  /** In the shop's money; null when no price is known. */
  readonly cost: number | null;
}

export interface ClothNeed extends Purchase {
  readonly width: Inches;
  readonly usable: Inches;
  /** Length that the pieces take when laid one after another. */
  readonly used: Inches;
  /** No lay can take less: the area over the width, or the longest piece. */
  readonly lowerBound: Inches;
  readonly fits: boolean;
  /** What is left beside the folds, as rectangles. */
  readonly left: readonly { readonly width: Inches; readonly length: Inches }[];
}

/** To square a ragged end. */
const END_SQUARING: Inches = 2;

/** How often a group's first piece is cut from folds of its own, one after the other. */
function copiesOf(pieces: readonly Piece[], { pieces: [id] }: FoldGroup): number {
  return pieces.find((piece) => piece.id === id)?.cut.copies ?? 1;
}

/** What a group must have between the selvedges: twice its doubled part, or how far a fold across reaches. */
function widthWanted({ fold, foldedWidth, length }: FoldGroup): Inches {
  return fold === "across" ? length : 2 * foldedWidth;
}

/** What a group takes of the width: four times its folded part where that lies in four side by side. */
function widthTaken(group: FoldGroup, usable: Inches): Inches {
  return group.fold === "four-layers" && !foldsAcross(group, usable) ? 4 * group.foldedWidth : widthWanted(group);
}

/** Whether a doubled part of four layers can lie side by side, or must be folded again across. */
function foldsAcross(group: FoldGroup, usable: Inches): boolean {
  return group.fold === "four-layers" && foldFour(usable, group.foldedWidth).endToEnd;
}

function groupLength(pieces: readonly Piece[], group: FoldGroup, usable: Inches): Inches {
  const copies = copiesOf(pieces, group);
  if (group.fold === "across") return 2 * group.foldedWidth * copies;
  if (group.fold === "quarter") return 2 * group.length * copies;
  const first = pieces.find(({ id }) => id === group.pieces[0]);
  const times = first === undefined ? 1 : timesFolded(first, group);
  return times * (foldsAcross(group, usable) ? 2 * group.length : group.length);
}

/** How often an outline lies in its piece: a half on the fold twice, a quarter four times. */
const TIMES = { fold: 2, across: 2, quarter: 4, pair: 1, single: 1 } as const;

function pieceArea({ cut, outline }: Piece): number {
  return TIMES[cut.on] * cut.copies * polygonArea(outline.cut);
}

/**
 * Strips are cut from what is left beside the folds where they fit, also along several folds that follow each other; only
 * those that do not take length of their own.
 */
function stripLength(
  pieces: readonly Piece[],
  groups: readonly FoldGroup[],
  left: ClothNeed["left"],
  width: Inches,
): Inches {
  const strips = groups.filter(({ fold }) => fold === "single");
  const fits = (strip: FoldGroup) => {
    let along = 0;
    return left.some(({ width, length }) => {
      along = width >= strip.foldedWidth ? along + length : 0;
      return along >= strip.length;
    });
  };
  const rest = strips.filter((strip) => !fits(strip));
  const isRound = ({ pieces: [id] }: FoldGroup) => pieces.find((piece) => piece.id === id)?.strip?.round !== undefined;
  const rounds = rest.filter(isRound).reduce((sum, strip) => sum + rowsOf(pieces, strip, width) * strip.length, 0);
  return (
    rounds +
    sideBySide(
      rest.filter((strip) => !isRound(strip)),
      width - 2 * SELVEDGE,
    )
  );
}

/** Length that single pieces take laid side by side, the longest first, in as many rows as they need. */
function sideBySide(singles: readonly FoldGroup[], usable: Inches): Inches {
  let [length, across] = [0, usable];
  for (const single of [...singles].sort((one, other) => other.length - one.length)) {
    if (across + single.foldedWidth > usable) {
      length += single.length;
      across = 0;
    }
    across += single.foldedWidth;
  }
  return length;
}

/** How many rows of strips across the cloth a group takes; what lies along it takes one. */
function rowsOf(pieces: readonly Piece[], { pieces: [id] }: FoldGroup, width: Inches): number {
  const piece = pieces.find((one) => one.id === id);
  if (piece?.strip?.round === undefined) return 1;
  return Math.ceil(piece.cut.copies / Math.max(1, Math.floor((width + 1e-6) / piece.strip.length)));
}

/** Length that is left of a length of cloth after its first wash. */
export function afterShrinking(length: Inches, { shrinkage }: Cloth): Inches {
  return length * (1 - shrinkage / 100);
}

/**
 * What to ask for: the length that is cut from, the end to be squared, what the wash takes off, rounded up to what shops
 * cut (a quarter of a yard, 10 cm; craft: yardage).
 */
export function purchase(used: Inches, cloth: Cloth, metric: boolean): Purchase {
  const length = (used + END_SQUARING) / (1 - cloth.shrinkage / 100);
  const rounded = roundUpToStep(length, metric ? fromCentimetres(10) : 9);
  const buy = metric ? Math.round((rounded * 2.54) / 10) / 10 : rounded / 36;
  return {
    buy,
    buyUnit: metric ? "m" : "yd",
    cost: cloth.price === null ? null : Math.round(buy * cloth.price * 100) / 100,
  };
}

/** A length of cloth as it is told: up to the next eighth, or half centimetre; finer no hand lays. */
export function toldLength(length: Inches, metric: boolean): Inches {
  return roundUpToStep(length - 1e-6, metric ? fromCentimetres(0.5) : 1 / 8);
}

/** Whether a lay of that length can be cut from a cloth that is there; true while it is still to be bought. */
export function suffices(used: Inches, cloth: Cloth): boolean {
  return cloth.length === null || used <= afterShrinking(cloth.length, cloth);
}

/** Which small groups are folded from what is left beside a larger one, where each has a fold of its own; by its id. */
export function smallGroupsBeside(
  pieces: readonly Piece[],
  groups: readonly FoldGroup[],
  usable: Inches,
): ReadonlyMap<string, string> {
  const small = ({ fold, pieces: [id] }: FoldGroup) =>
    fold === "one-fold" && pieces.some((piece) => piece.id === id && isSmall(piece));
  const inTurn = groups.filter(
    ({ fold, way }) => (fold === "one-fold" || fold === "back-from-front") && way === "in-turn",
  );
  return placeOnLeftOvers(
    inTurn
      .filter((group) => !small(group))
      .map(({ id, foldedWidth, length }) => ({ id, beside: usable - 2 * foldedWidth, length })),
    inTurn.filter(small).map(({ id, foldedWidth, length }) => ({ id, doubled: foldedWidth, length })),
    usable,
  );
}

/** How much cloth the folds take when they follow each other along the length, and whether what is given suffices. */
export function measureCloth(draft: Draft, groups: readonly FoldGroup[], cloth: Cloth): ClothNeed {
  const usable = usableWidth(cloth);
  const folded = groups.filter(({ fold }) => fold !== "single");
  const beside = smallGroupsBeside(draft.pieces, groups, usable);
  const stretches = folded.filter(({ id }) => !beside.has(id));
  const left = stretches.map((group) => {
    const smalls = folded.filter(({ id }) => beside.get(id) === group.id);
    const second = Math.max(0, ...smalls.map(({ foldedWidth }) => foldedWidth));
    return {
      width: Math.max(0, usable - widthTaken(group, usable) - 2 * second),
      length: groupLength(draft.pieces, group, usable),
    };
  });
  const used = left.reduce((sum, { length }) => sum + length, 0) + stripLength(draft.pieces, groups, left, cloth.width);
  const area = draft.pieces.reduce((sum, piece) => sum + pieceArea(piece), 0);
  const longest = Math.max(...draft.pieces.map((piece) => reachOf(piece).length));
  const wideEnough = folded.every((group) => widthWanted(group) <= usable);
  return {
    width: cloth.width,
    usable,
    used,
    lowerBound: Math.max(area / usable, longest),
    ...purchase(used, cloth, draft.given.metric),
    fits: wideEnough && suffices(used, cloth),
    left,
  };
}

/** What the cloth at hand cannot do. */
export function findClothProblems(groups: readonly FoldGroup[], cloth: Cloth, need: ClothNeed): readonly Finding[] {
  const findings: Finding[] = [];
  for (const group of groups.filter(({ fold }) => fold !== "single")) {
    const wanted = widthWanted(group) + 2 * SELVEDGE;
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
  if (!suffices(need.used, cloth) && cloth.length !== null) {
    const length = afterShrinking(cloth.length, cloth);
    findings.push({
      id: "cloth-too-short",
      level: "error",
      numbers: { length, used: need.used, short: need.used - length },
    });
  }
  return findings;
}

/** The head's reckoning beside the lay, so that the tailor sees why they differ. */
export interface RuleOfThumb {
  readonly kind: "dress" | "bodice";
  readonly length: Inches;
  /** Width that the rule wants. */
  readonly width: Inches;
}

/**
 * What the rule of thumb says (craft: yardage): twice the length with its hem, and a sleeve, on 45 in cloth; for a bodice
 * alone its length and 1½ on half the bust and 8 of width.
 */
export function ruleOfThumb(draft: Draft): RuleOfThumb | null {
  const halves = draft.pieces.filter(({ half }) => half !== null);
  if (halves.length === 0) return null;
  const lowestOf = (part: Piece["part"]) =>
    Math.max(
      0,
      ...halves.filter((piece) => piece.part === part).flatMap(({ outline }) => outline.cut.map(({ y }) => y)),
    );
  // A skirt hangs below its body.
  const lowest = lowestOf("body") + lowestOf("skirt");
  const bust = draft.given.measurements.bust?.value;
  const sleeve = draft.pieces.find(({ id }) => id === "sleeve");
  const sleeveLength = sleeve === undefined ? 0 : reachOf(sleeve).length;
  const reachesHip = halves.some((piece) => piece.lines.some(({ id }) => id === "hip" || id === "hem"));
  if (!reachesHip && bust !== undefined) return { kind: "bodice", length: lowest + 1.5, width: bust / 2 + 8 };
  return { kind: "dress", length: 2 * lowest + sleeveLength, width: 45 };
}

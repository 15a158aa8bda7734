import { type Draft, givenTick, type Piece, type Refusal } from "../chalk";
import { areaOutside } from "../geometry";
import { type Inches, roundUpToStep, type Tick, tickStep } from "../length";
import { fail, type Result, succeed } from "../result";
import type { LayWay } from "./lay-way";

/** How a garment may be folded; what has no fold of its own lies single. */
export const foldKinds = ["one-fold", "back-from-front", "four-layers"] as const;

export type FoldKind = (typeof foldKinds)[number];

/** Pieces that lie on the cloth and are chalked together. */
export interface FoldGroup {
  /** `front`, `back`, `body`, or the piece that lies alone. */
  readonly id: string;
  readonly pieces: readonly string[];
  readonly fold: FoldKind | "single";
  readonly layers: 1 | 2 | 4;
  /** How the cloth lies for the whole garment while this group is chalked. */
  readonly way: LayWay;
  /** How wide the doubled part must be: the widest cutting mark from the fold, and ½ (craft: cloth, fold plans). */
  readonly foldedWidth: Inches;
  /** Length of cloth from above the shoulder to below the hem. */
  readonly length: Inches;
}

const MARGIN: Inches = 0.5;
/** What may stick out of the first cut before a second piece is no longer inside it: rounding, not cloth. */
const INSIDE = 0.1;

export interface PieceReach {
  readonly width: Inches;
  readonly above: Inches;
  readonly length: Inches;
}

/** How far a piece reaches over the cloth: from its folded or cut edge across, and from its highest to its lowest cut. */
export function reachOf(piece: Piece): PieceReach {
  const xs = piece.outline.cut.map(({ x }) => x);
  const ys = piece.outline.cut.map(({ y }) => y);
  return {
    width: Math.max(...xs) + piece.originInset,
    above: -Math.min(...ys),
    length: Math.max(...ys) - Math.min(...ys),
  };
}

function groupOf(id: string, pieces: readonly Piece[], fold: FoldGroup["fold"], tick: Tick): FoldGroup {
  const reaches = pieces.map(reachOf);
  return {
    id,
    pieces: pieces.map((piece) => piece.id),
    fold,
    way: "in-turn",
    layers: fold === "four-layers" ? 4 : fold === "single" ? 1 : 2,
    foldedWidth: roundUpToStep(Math.max(...reaches.map(({ width }) => width)) + MARGIN, tickStep(tick)),
    length: roundUpToStep(Math.max(...reaches.map(({ length }) => length)), tickStep(tick)),
  };
}

/** The front's cutting outline must lie inside the back's, since the back's neck and armhole are cut first through both. */
function sticksOut(front: Piece, back: Piece): Inches {
  return areaOutside(front.outline.cut, back.outline.cut);
}

function refuseShared(front: Piece, back: Piece): Refusal | undefined {
  const outside = sticksOut(front, back);
  if (outside <= INSIDE) return undefined;
  return {
    code: "front-not-inside-back",
    conflicts: ["choices.fold", "choices.frontNeck", "choices.backNeck"],
    numbers: { outside },
    nearest: "one-fold",
  };
}

/** The piece that gives a half's group its name: whole, or the inner panel. */
function isMain(piece: Piece): boolean {
  return piece.half !== null && (piece.id === `bodice-${piece.half}` || piece.id === `centre-${piece.half}`);
}

/** Pieces that are chalked from one fold: an inner panel with the outer ones drawn with it. */
function foldOnce(draft: Draft, tick: Tick): readonly FoldGroup[] {
  const alone = draft.pieces.filter(({ drawnWith }) => drawnWith === null);
  return alone.map((piece) => {
    const together = [piece, ...draft.pieces.filter(({ drawnWith }) => drawnWith === piece.id)];
    if (piece.half === null) return groupOf(piece.id, together, "single", tick);
    return groupOf(isMain(piece) ? piece.half : piece.id, together, "one-fold", tick);
  });
}

/**
 * How the cloth is folded for a garment: once for each half with its panels, or front and back sharing one outline.
 *
 * @returns the groups in the order in which they are chalked, or the refusal when front and back cannot share a fold:
 *   panels, a zip line on it, or a front that cannot be cut out of the back's outline
 */
export function planFolds(
  draft: Draft,
  fold: FoldKind,
  way: LayWay = "in-turn",
): Result<readonly FoldGroup[], Refusal> {
  const groups = groupPieces(draft, fold);
  // Four layers are a fold of their own: no other lies beside them.
  if (!groups.ok || fold === "four-layers" || way === "in-turn") return groups;
  return succeed(shareFold(groups.value, way));
}

/** One fold for the whole garment: as wide as its widest group, as long as all of them; open cloth has one layer. */
function shareFold(groups: readonly FoldGroup[], way: LayWay): readonly FoldGroup[] {
  const foldedWidth = Math.max(...groups.filter(({ fold }) => fold !== "single").map((group) => group.foldedWidth));
  return groups.map((group) => {
    if (group.fold === "single") return { ...group, way };
    if (way === "open") return { ...group, way, layers: 1 };
    return { ...group, way, foldedWidth: way === "one-fold" ? foldedWidth : group.foldedWidth };
  });
}

function groupPieces(draft: Draft, fold: FoldKind): Result<readonly FoldGroup[], Refusal> {
  const tick = givenTick(draft.given);
  const once = foldOnce(draft, tick);
  if (fold === "one-fold") return succeed(once);
  const front = draft.pieces.find(({ id }) => id === "bodice-front");
  const back = draft.pieces.find(({ id }) => id === "bodice-back");
  const shared = { conflicts: ["choices.fold"], numbers: {}, nearest: "one-fold" };
  if (front === undefined || back === undefined) return fail({ code: "panels-need-own-fold", ...shared });
  if (fold === "four-layers" && back.origin !== "fold") {
    return fail({
      code: "four-layers-need-no-opening",
      conflicts: ["choices.fold", "choices.opening"],
      numbers: {},
      nearest: "back-from-front",
    });
  }
  const refusal = refuseShared(front, back);
  if (refusal !== undefined) return fail(refusal);
  if (fold === "back-from-front")
    return succeed(once.map((group) => (group.fold === "one-fold" ? { ...group, fold } : group)));
  const rest = once.filter(({ pieces }) => !pieces.includes(front.id) && !pieces.includes(back.id));
  return succeed([groupOf("body", [back, front], fold, tick), ...rest]);
}

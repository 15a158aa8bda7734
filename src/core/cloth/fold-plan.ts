import { type Draft, givenTick, type Piece, type Refusal } from "../chalk";
import { areaOutside } from "../geometry";
import { type Inches, roundUpToStep, type Tick, tickStep } from "../length";
import { fail, type Result, succeed } from "../result";

export const foldKinds = ["one-fold", "back-from-front", "four-layers"] as const;

export type FoldKind = (typeof foldKinds)[number];

/** Pieces that lie on the cloth and are chalked together. */
export interface FoldGroup {
  readonly id: "front" | "back" | "body";
  readonly pieces: readonly string[];
  readonly fold: FoldKind;
  readonly layers: 2 | 4;
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

function groupOf(id: FoldGroup["id"], pieces: readonly Piece[], fold: FoldKind, tick: Tick): FoldGroup {
  const reaches = pieces.map(reachOf);
  return {
    id,
    pieces: pieces.map((piece) => piece.id),
    fold,
    layers: fold === "four-layers" ? 4 : 2,
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

/**
 * How the cloth is folded for a garment of a front and a back.
 *
 * @returns the groups in the order in which they are chalked, or the refusal when the front cannot be cut out of the
 *   back's outline, or a zip line would have to lie on a shared fold
 */
export function planFolds(draft: Draft, fold: FoldKind): Result<readonly FoldGroup[], Refusal> {
  const front = draft.pieces.find(({ id }) => id === "bodice-front");
  const back = draft.pieces.find(({ id }) => id === "bodice-back");
  if (front === undefined || back === undefined) return succeed([]);
  if (fold === "four-layers" && back.origin !== "fold") {
    return fail({
      code: "four-layers-need-no-opening",
      conflicts: ["choices.fold", "choices.opening"],
      numbers: {},
      nearest: "back-from-front",
    });
  }
  const tick = givenTick(draft.given);
  const refusal = fold === "one-fold" ? undefined : refuseShared(front, back);
  if (refusal !== undefined) return fail(refusal);
  if (fold === "four-layers") return succeed([groupOf("body", [back, front], fold, tick)]);
  return succeed([groupOf("front", [front], fold, tick), groupOf("back", [back], fold, tick)]);
}

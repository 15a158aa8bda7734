import { type Draft, drawOutline, type Edge, type EdgeRole, givenTick, type Piece, type Refusal } from "../chalk";
import { areaOutside, cutLine, distanceOutside } from "../geometry";
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
  /** A ring lies in four, or folded once across its cloth. */
  readonly fold: FoldKind | "single" | "across" | "quarter";
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
    layers: fold === "four-layers" || fold === "quarter" ? 4 : fold === "single" ? 1 : 2,
    foldedWidth: roundUpToStep(Math.max(...reaches.map(({ width }) => width)) + MARGIN, tickStep(tick)),
    length: roundUpToStep(Math.max(...reaches.map(({ length }) => length)), tickStep(tick)),
  };
}

/** What decides an edge of the front, and the back's edge that it must lie inside: where the cause of its sticking out is looked for. */
const CAUSES: Readonly<Partial<Record<EdgeRole, readonly string[]>>> = {
  shoulder: ["rules.shoulderSlope", "rules.backShoulderSlope"],
  armhole: ["rules.backScoop", "rules.frontScoop", "rules.shoulderSlope", "rules.backShoulderSlope"],
  neck: ["choices.backNeckDepth", "choices.backNeck", "choices.frontNeckDepth", "choices.frontNeck"],
};

/** How far a front's place lies outside the back, and on which of its edges. */
interface StickingOut {
  readonly edge: Edge;
  readonly out: Inches;
}

/** The stretch of the front that sticks out furthest of the back's cutting outline. */
function furthestOut(front: Piece, back: Piece): StickingOut | undefined {
  return front.edges
    .filter(({ onFold }) => !onFold)
    .flatMap((edge) =>
      cutLine(edge).map((place): StickingOut => ({ edge, out: distanceOutside(place, back.outline.cut) })),
    )
    .reduce<StickingOut | undefined>((most, one) => (most === undefined || one.out > most.out ? one : most), undefined);
}

/** The back's outline with the front's armhole in it. */
function withArmholeOf(front: Piece, back: Piece): Piece["outline"] {
  const armhole = front.edges.find(({ role }) => role === "armhole");
  return drawOutline(back.edges.map((edge) => (edge.role === "armhole" && armhole !== undefined ? armhole : edge)));
}

/**
 * Whose armhole is cut first where front and back are cut together: the fuller one, usually the back's; the other is
 * re-cut on its own piece after separating.
 */
export function fullerArmhole(front: Piece, back: Piece): "front" | "back" {
  if (areaOutside(front.outline.cut, back.outline.cut) <= INSIDE) return "back";
  const { cut } = withArmholeOf(front, back);
  return areaOutside(front.outline.cut, cut) <= INSIDE && areaOutside(back.outline.cut, cut) <= INSIDE
    ? "front"
    : "back";
}

/** The front's cutting outline must lie inside what is cut first through both, or the first cut would go into it. */
function refuseShared(front: Piece, back: Piece): Refusal | undefined {
  const outside = areaOutside(front.outline.cut, back.outline.cut);
  if (outside <= INSIDE || fullerArmhole(front, back) === "front") return undefined;
  const most = furthestOut(front, back);
  return {
    code: "front-not-inside-back",
    conflicts: [...(CAUSES[most?.edge.role ?? "hem"] ?? []), "choices.fold"],
    numbers: { outside, out: most?.out ?? 0 },
    words: { edge: most?.edge.id ?? "" },
  };
}

/** Halves of several alike that lie on folds of their own: two at once where the cloth is folded in four. */
const isCutTwice = ({ cut }: Piece): boolean => cut.on === "fold" && cut.copies > 1;

/** Front and back of the body that share a fold or an outline; whatever else lies in four is two of a kind. */
export function isShared({ fold, pieces }: FoldGroup): boolean {
  return fold === "back-from-front" || (fold === "four-layers" && pieces.length > 1);
}

/** How often what lies on a fold is chalked and cut, one after the other: each time as many as there are folds on one another. */
export function timesFolded({ cut }: Piece, { layers }: Pick<FoldGroup, "layers">): number {
  return cut.on === "fold" && layers > 1 ? Math.max(1, Math.ceil((2 * cut.copies) / layers)) : 1;
}

/** Pieces that are chalked from one fold: an inner panel with the outer ones drawn with it. */
function foldOnce(draft: Draft, tick: Tick, way: LayWay): readonly FoldGroup[] {
  const alone = draft.pieces.filter(({ drawnWith }) => drawnWith === null);
  return alone.map((piece) => {
    const together = [piece, ...draft.pieces.filter(({ drawnWith }) => drawnWith === piece.id)];
    if (piece.strip !== null || piece.cut.on === "single") return groupOf(piece.id, together, "single", tick);
    if (piece.cut.on === "across" || piece.cut.on === "quarter") return groupOf(piece.id, together, piece.cut.on, tick);
    if (isCutTwice(piece) && way === "in-turn") return groupOf(piece.id, together, "four-layers", tick);
    const called = piece.lead && piece.part === "body" ? piece.half : null;
    return groupOf(called ?? piece.id, together, "one-fold", tick);
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
  const groups = groupPieces(draft, fold, fold === "four-layers" ? "in-turn" : way);
  // Four layers are a fold of their own: no other lies beside them.
  if (!groups.ok || fold === "four-layers" || way === "in-turn") return groups;
  return succeed(shareFold(groups.value, way));
}

/** One fold for the whole garment: as wide as its widest group, as long as all of them; open cloth has one layer. */
function shareFold(groups: readonly FoldGroup[], way: LayWay): readonly FoldGroup[] {
  const foldedWidth = Math.max(...groups.filter(({ fold }) => fold === "one-fold").map((group) => group.foldedWidth));
  return groups.map((group) => {
    if (group.fold === "single") return { ...group, way };
    // A ring has a fold of its own, whatever the rest lies on.
    if (group.fold === "across" || group.fold === "quarter") return group;
    if (way === "open") return { ...group, way, layers: 1 };
    return { ...group, way, foldedWidth: way === "one-fold" ? foldedWidth : group.foldedWidth };
  });
}

/** The body's piece of a half where it is cut in one; undefined where it is cut in panels or across. */
export function wholeOf({ pieces }: Draft, half: "front" | "back"): Piece | undefined {
  const whole = pieces.find((piece) => piece.part === "body" && piece.half === half && piece.lead);
  return pieces.some(({ drawnWith }) => drawnWith === whole?.id) ? undefined : whole;
}

/** What lies at a centre that should be a fold, where both are folded together; undefined where both are. */
function centreInTheWay(draft: Draft, front: Piece, back: Piece): string | undefined {
  if (back.origin !== "fold") return draft.opening === "back-zip" ? "zip" : "seam";
  return front.origin === "fold" ? undefined : "cut-fold";
}

function groupPieces(draft: Draft, fold: FoldKind, way: LayWay): Result<readonly FoldGroup[], Refusal> {
  const tick = givenTick(draft.given);
  const once = foldOnce(draft, tick, way);
  if (fold === "one-fold") return succeed(once);
  const [front, back] = [wholeOf(draft, "front"), wholeOf(draft, "back")];
  const shared = { conflicts: ["choices.fold"], numbers: {}, nearest: "one-fold" };
  if (front === undefined || back === undefined) return fail({ code: "panels-need-own-fold", ...shared });
  if (fold === "four-layers") {
    const centre = centreInTheWay(draft, front, back);
    if (centre !== undefined)
      return fail({
        code: "four-layers-need-no-opening",
        conflicts: ["choices.fold", "choices.opening", "choices.slitFinish", "choices.centreBackSeam"],
        numbers: {},
        words: { what: centre },
        nearest: "back-from-front",
      });
  }
  const refusal = refuseShared(front, back);
  if (refusal !== undefined) return fail(refusal);
  // Whatever hangs from the body, and every strip, is folded for itself.
  const isOfBody = ({ pieces }: FoldGroup) => pieces.includes(front.id) || pieces.includes(back.id);
  if (fold === "back-from-front") return succeed(once.map((group) => (isOfBody(group) ? { ...group, fold } : group)));
  const rest = once.filter((group) => !isOfBody(group));
  return succeed([groupOf("body", [back, front], fold, tick), ...rest]);
}

import type { Inches } from "../length";
import type { JoinId, JoinSide } from "./join-ids";

/** What is measured on the sewn garment before the next piece is drawn to it (craft: making, late measures). */
export const lateIds = [
  "necklineFront",
  "necklineBack",
  "armholeFront",
  "armholeBack",
  "armhole",
  "waistFront",
  "waistBack",
  "waistEdge",
  "cuffEdge",
  "flounceEdge",
  "tierEdge1",
  "tierEdge2",
  "tierEdge3",
  "tierEdge4",
  "tierEdge5",
] as const;
export type LateId = (typeof lateIds)[number];

/** The lower edges of tiers, each measured before the next is cut: one list in the open format, the first tier first. */
export const tierEdgeIds = [
  "tierEdge1",
  "tierEdge2",
  "tierEdge3",
  "tierEdge4",
  "tierEdge5",
] as const satisfies LateId[];

/** Edges measured whole, in one number: a sleeve's end for its cuff or its flounce, and the lower edge of a tier. */
export const wholeEdges = ["cuff", "flounce", "tier-1", "tier-2", "tier-3", "tier-4", "tier-5"] as const;
export type WholeEdge = (typeof wholeEdges)[number];

export type LateMeasures = Readonly<Partial<Record<LateId, Inches>>>;

/** The sewn length of each half of an edge. */
type Halves = Readonly<Record<JoinSide, Inches>>;

interface LateOf {
  readonly front: LateId;
  readonly back: LateId;
  /** One number for the whole, split as it was drawn; of how many fronts and backs it is the length. */
  readonly whole?: readonly [LateId, halves: number];
}

/** Which measures an edge is measured by: half of each, or a round that is split as it was drawn. */
const MEASURED_BY: Readonly<Partial<Record<JoinId, LateOf>>> = {
  neck: { front: "necklineFront", back: "necklineBack" },
  armhole: { front: "armholeFront", back: "armholeBack", whole: ["armhole", 1] },
  waist: { front: "waistFront", back: "waistBack", whole: ["waistEdge", 2] },
};

const WHOLE_BY: Readonly<Record<WholeEdge, LateId>> = {
  cuff: "cuffEdge",
  flounce: "flounceEdge",
  "tier-1": "tierEdge1",
  "tier-2": "tierEdge2",
  "tier-3": "tierEdge3",
  "tier-4": "tierEdge4",
  "tier-5": "tierEdge5",
};

/** A whole edge as it was measured on the garment; undefined where it was not. */
export function lateWhole(id: WholeEdge, late: LateMeasures): Inches | undefined {
  return late[WHOLE_BY[id]];
}

/** An edge's sewn length as it was measured on the garment; a half that was not is as drawn. */
export function lateLength(id: JoinId, drawn: Halves, late: LateMeasures): Halves {
  const by = MEASURED_BY[id];
  if (by === undefined) return drawn;
  const [whole, halves] = by.whole ?? [];
  const round = whole === undefined ? undefined : late[whole];
  const share = round === undefined ? 1 : round / ((halves ?? 1) * (drawn.front + drawn.back));
  return {
    front: late[by.front] ?? drawn.front * share,
    back: late[by.back] ?? drawn.back * share,
  };
}

function isWhole(id: JoinId | WholeEdge): id is WholeEdge {
  return id in WHOLE_BY;
}

function idsOf(by: LateOf | undefined): readonly LateId[] {
  if (by === undefined) return [];
  return [by.front, by.back, ...(by.whole === undefined ? [] : [by.whole[0]])];
}

/** The measures that an edge is drawn to, of those that were told. */
export function lateUsed(id: JoinId | WholeEdge, late: LateMeasures): readonly LateId[] {
  const all = isWhole(id) ? [WHOLE_BY[id]] : idsOf(MEASURED_BY[id]);
  return all.filter((one) => late[one] !== undefined);
}

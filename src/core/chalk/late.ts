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
] as const;
export type LateId = (typeof lateIds)[number];

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

/** The measures that an edge is drawn to, of those that were told. */
export function lateUsed(id: JoinId, late: LateMeasures): readonly LateId[] {
  const by = MEASURED_BY[id];
  const all = by === undefined ? [] : [by.front, by.back, ...(by.whole === undefined ? [] : [by.whole[0]])];
  return all.filter((one) => late[one] !== undefined);
}

import type { LateId } from "../chalk";
import type { Inches } from "../length";

/** What is done between the shears and the client, in the order in which it is done where nothing forbids (craft: making, make-up order). */
export const taskIds = [
  "stay",
  "darts",
  "panels",
  "flat-parts",
  "yokes",
  "centre-seam",
  "zip",
  "lining-body",
  "shoulders",
  "measure-neck",
  "neck",
  "lining-in",
  "sides",
  "measure-armhole",
  "armhole",
  "sleeve-made",
  "sleeve-set",
  "cuff",
  "measure-waist",
  "waist-join",
  "tiers",
  "waistband",
  "fitting",
  "hem-shape",
  "hang",
  "hem",
  "buttonholes",
  "finish",
] as const;
export type TaskId = (typeof taskIds)[number];

/** What is said at a seam; the id names the sentence (craft: making, said at the seam). */
export const sayingIds = [
  "match-on-stitch",
  "stop-and-measure",
  "underarm-first",
  "flat-twice",
  "ring-snip-after",
  "collar-chalk",
  "stay-free",
  "double-pins",
  "dart-hole",
  "pleat-down",
  "underbust-meet",
  "slit-together",
  "placket-lock",
  "pleat-way",
  "placket-ends",
  "band-first",
  "casing-flat",
  "cord-caught",
  "hem-fused",
  "hem-rolled",
  "hem-blind",
  "hem-curve",
  "zip-set",
  "facing-in",
  "facing-between",
  "bagged",
  "by-hand",
  "gather",
  "baste-sides",
] as const;
export type SayingId = (typeof sayingIds)[number];

/** Where the work can hurt. */
export const makeCautions = ["iron", "needle", "blade", "pins", "cords"] as const;
export type MakeCaution = (typeof makeCautions)[number];

/** Two rows of edges that are sewn to one another in a task. */
export interface TaskSeam {
  readonly id: string;
  /** The pieces of each row, each named once. */
  readonly a: readonly string[];
  readonly b: readonly string[];
  /** The seam of each row, from its edge. */
  readonly allowances: readonly [Inches, Inches];
  /** How much longer the first row is than the second, sewn. */
  readonly ease: Inches;
  /** How many times the first goes into the second; null where it is not gathered. */
  readonly gathered: number | null;
  /** Notches that both rows have. */
  readonly notches: readonly string[];
}

/** One task of the make-up order, with what must be done before it. */
export interface MakeTask {
  readonly id: TaskId;
  readonly pieces: readonly string[];
  readonly seams: readonly TaskSeam[];
  readonly waitsFor: readonly TaskId[];
  /** What is measured on the sewn work in this task, before the next piece is drawn. */
  readonly measures: readonly LateId[];
  readonly says: readonly SayingId[];
  readonly caution: MakeCaution | null;
}

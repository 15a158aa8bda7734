import { type Inches, pickSystem } from "../length";
import { type MeasurementId, measurements } from "./catalogue";

/** Whose card it is (craft: measuring, figure kind): what is usual, doubtful and estimated follows it; the geometry never does. */
export const figureKinds = ["woman", "man", "child"] as const;
export type FigureKind = (typeof figureKinds)[number];

/** A figure, with the age of a child in years where it was told. */
export interface Figure {
  readonly kind: FigureKind;
  readonly age?: number | undefined;
}

export const WOMAN: Figure = { kind: "woman" };

/** Ages that a child's card may have, in years. */
export const CHILD_AGES: readonly [number, number] = [1, 16];

type Ranges = Readonly<Partial<Record<MeasurementId, readonly [Inches, Inches]>>>;

/** Ours and plausible, not a survey. */
const ofMan: Ranges = {
  height: [60, 80],
  head: [20.5, 25.5],
  neck: [13, 21],
  shoulder: [15, 23],
  bust: [30, 60],
  waist: [25, 60],
  hip: [30, 62],
  armhole: [14, 28],
  upperArm: [9, 24],
  elbow: [8, 20],
  wrist: [5.5, 11],
  knee: [12, 26],
  frontWaist: [15, 22],
  backWaist: [15.5, 23],
  waistToHip: [6, 11],
  shoulderToHip: [22, 33],
  waistToKnee: [19, 30],
  fullLength: [24, 68],
  skirtLength: [12, 50],
  sleeveLength: [4, 30],
  shoulderToElbow: [11, 19],
  waistToFloor: [36, 50],
  shoulderToFloor: [50, 70],
};

const ofChild: Ranges = {
  height: [32, 66],
  head: [18.5, 22.5],
  neck: [9, 14],
  shoulder: [8.5, 15.5],
  bust: [18, 35],
  waist: [17, 33],
  hip: [18, 37],
  armhole: [8, 16.5],
  upperArm: [5, 13],
  elbow: [5, 12],
  wrist: [4, 7],
  knee: [7, 16],
  frontWaist: [8, 16],
  backWaist: [8, 16],
  waistToHip: [3.5, 8],
  shoulderToHip: [12, 24],
  waistToKnee: [9, 22],
  fullLength: [13, 50],
  skirtLength: [6, 34],
  sleeveLength: [2, 23],
  shoulderToElbow: [5.5, 14],
  waistToFloor: [18, 40],
  shoulderToFloor: [27, 54],
};

/** The usual range of a reading on such a figure, in inches: it says when to ask again, never when to refuse. */
export function usualRange(id: MeasurementId, kind: FigureKind): readonly [Inches, Inches] {
  const [least, most] = measurements[id].range;
  if (kind === "woman") return [least, most];
  if (kind === "man") return ofMan[id] ?? [least, most];
  return ofChild[id] ?? [least / 2, most];
}

/** What a reading is called on such a figure. */
export function measurementLabel(id: MeasurementId, kind: FigureKind): string {
  return id === "bust" && kind !== "woman" ? "Chest girth" : measurements[id].label;
}

/** Where the tape runs on such a figure. */
export function measurementTaken(id: MeasurementId, kind: FigureKind): string {
  if (kind === "woman") return measurements[id].taken;
  if (id === "bust") return "around the fullest part of the chest";
  return measurements[id].taken.replace(", over the bust,", ", over the chest,");
}

/** Readings of a bust, which only a woman's card is asked for; whoever writes one all the same is believed. */
const OF_A_BUST: ReadonlySet<MeasurementId> = new Set([
  "underbust",
  "bustSpan",
  "shoulderToBust",
  "shoulderToUnderbust",
]);

/** Whether a card of such a figure asks for a reading at all. */
export function asksFor(id: MeasurementId, kind: FigureKind): boolean {
  return kind === "woman" || !OF_A_BUST.has(id);
}

/** Readings beyond half the least and twice the most usual one of such a figure are slips of the pen, not bodies. */
export function isAbsurd(id: MeasurementId, value: Inches, kind: FigureKind = "woman"): boolean {
  const [least, most] = usualRange(id, kind);
  return value < least / 2 || value > most * 2;
}

/** For an absurd reading, the usual one it may have meant: a lost point (415 for 41½) or the other unit. */
export function guessMeant(id: MeasurementId, value: Inches, kind: FigureKind = "woman"): Inches | undefined {
  const [least, most] = usualRange(id, kind);
  const centimetres = pickSystem({ inches: value, centimetres: value }, true);
  return [value / 10, centimetres, value * 10, value * 2.54].find((guess) => guess >= least && guess <= most);
}

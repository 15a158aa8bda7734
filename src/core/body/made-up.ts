import { type Inches, roundToStep } from "../length";
import { seededNumbers } from "../seeded";
import { type MeasurementId, measurementIds, measurements } from "./catalogue";
import { type FigureKind, usualRange } from "./figures";
import type { Readings } from "./readings";

function bellOf(next: () => number): () => number {
  return () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());
}

function clampToUsual(id: MeasurementId, value: Inches, kind: FigureKind = "woman"): Inches {
  const [least, most] = usualRange(id, kind);
  return Math.min(most, Math.max(least, roundToStep(value, 1 / 8)));
}

/** A card has each length once: these are the same ones read from the other end, and what no garment asks for yet. */
const NOT_ON_CARDS: readonly MeasurementId[] = [
  "shoulderToHip",
  "shoulderToKnee",
  "waistToFloor",
  "shoulderToFloor",
  "height",
];

/** One body of the crowd. `girth` and `height` are standard deviations from the middle; `e` gives each reading's own scatter. */
export function makeBody(girth: number, height: number, e: () => number): Readings {
  const bust = 38.5 + 4.6 * girth + 0.6 * e();
  const underbust = bust - Math.max(1, 4.6 + 0.35 * girth + 1.1 * e());
  const shoulderToBust = 10.4 + 0.45 * girth + 0.35 * height + 0.3 * e();
  const frontWaist = 16.6 + 0.35 * girth + 0.7 * height + 0.35 * e();
  const waistToKnee = 23 + 1.2 * height + 0.4 * e();
  const waistToHip = 8.4 + 0.2 * girth + 0.5 * height + 0.3 * e();
  const body: Record<MeasurementId, Inches> = {
    head: 22 + 0.3 * e(),
    neck: 14.2 + 0.7 * girth + 0.3 * e(),
    shoulder: 15.2 + 0.45 * girth + 0.35 * height + 0.4 * e(),
    bust,
    underbust,
    waist: 32.5 + 5.2 * girth + 1.2 * e(),
    hip: 41.5 + 4.2 * girth + e(),
    armhole: 16.8 + 1.25 * girth + 0.3 * height + 0.5 * e(),
    upperArm: 12 + 1.35 * girth + 0.5 * e(),
    elbow: 10.4 + 0.8 * girth + 0.3 * e(),
    wrist: 6.5 + 0.3 * girth + 0.2 * e(),
    knee: 15 + 1.1 * girth + 0.4 * e(),
    bustSpan: 7.5 + 0.6 * girth + 0.35 * e(),
    shoulderToBust,
    shoulderToUnderbust: shoulderToBust + 3.7 + 0.15 * girth + 0.25 * e(),
    frontWaist,
    backWaist: frontWaist - Math.max(0.25, 1.3 + 0.2 * (bust - underbust - 4.6) + 0.3 * e()),
    waistToHip,
    shoulderToHip: frontWaist + waistToHip,
    waistToKnee,
    shoulderToKnee: frontWaist + waistToKnee,
    waistToFloor: 40.5 + 1.7 * height,
    shoulderToFloor: frontWaist + 40.5 + 1.7 * height,
    fullLength: frontWaist + waistToKnee + 2 * e(),
    skirtLength: waistToKnee + 2 * e(),
    sleeveLength: 22.6 + 0.9 * height + 0.4 * e(),
    shoulderToElbow: 13.2 + 0.55 * height + 0.25 * e(),
    height: 64.5 + 2.7 * height,
  };
  const taken = measurementIds.filter((id) => !NOT_ON_CARDS.includes(id));
  return Object.fromEntries(taken.map((id) => [id, clampToUsual(id, body[id])]));
}

/** The middle of the crowd. */
export const typicalBody: Readings = makeBody(0, 0, () => 0);

/** A made-up, correlated crowd for sweeps (craft: measuring, "A made-up population"). Not a survey. */
export function makeCrowd(seed: number, count: number): readonly Readings[] {
  const bell = bellOf(seededNumbers(seed));
  return Array.from({ length: count }, () => makeBody(bell(), bell(), bell));
}

/** Every reading at either end of its usual range in turn with all others typical, and very small, large, short and tall figures. */
export function makeExtremes(): readonly { readonly name: string; readonly body: Readings }[] {
  const ends = measurementIds
    .filter((id) => !NOT_ON_CARDS.includes(id))
    .flatMap((id) =>
      measurements[id].range.map((value) => ({ name: `${id} ${value}`, body: { ...typicalBody, [id]: value } })),
    );
  const corners = [-3, 3].flatMap((girth) =>
    [-3, 3].map((height) => ({ name: `girth ${girth}, height ${height}`, body: makeBody(girth, height, () => 0) })),
  );
  return [...ends, ...corners];
}

/** Readings on eighths and within what is usual for the figure. */
function cardOf(kind: FigureKind, body: Readings): Readings {
  const known = measurementIds.flatMap((id) => {
    const value = body[id];
    return value === undefined ? [] : [[id, clampToUsual(id, value, kind)] as const];
  });
  return Object.fromEntries(known);
}

function makeMan(girth: number, height: number, e: () => number): Readings {
  const frontWaist = 17.4 + 0.3 * girth + 0.75 * height + 0.35 * e();
  const waistToKnee = 24.2 + 1.2 * height + 0.4 * e();
  return cardOf("man", {
    bust: 40 + 4.2 * girth + 0.6 * e(),
    waist: 35 + 5 * girth + 1.2 * e(),
    hip: 40.5 + 3.5 * girth + 0.9 * e(),
    neck: 15.6 + 0.75 * girth + 0.3 * e(),
    shoulder: 18 + 0.5 * girth + 0.45 * height + 0.4 * e(),
    armhole: 18.4 + 1.2 * girth + 0.35 * height + 0.5 * e(),
    upperArm: 13 + 1.25 * girth + 0.5 * e(),
    elbow: 11.2 + 0.8 * girth + 0.3 * e(),
    wrist: 7 + 0.3 * girth + 0.2 * e(),
    knee: 15.4 + girth + 0.4 * e(),
    frontWaist,
    backWaist: frontWaist + 0.5 + 0.4 * e(),
    waistToHip: 8.5 + 0.15 * girth + 0.45 * height + 0.3 * e(),
    waistToKnee,
    fullLength: frontWaist + waistToKnee,
    skirtLength: waistToKnee,
    shoulderToElbow: 14.4 + 0.6 * height + 0.25 * e(),
    sleeveLength: 24.8 + height + 0.4 * e(),
  });
}

function makeChild(age: number, e: () => number): Readings {
  const bust = 19 + 0.9 * age + 1.1 * e();
  const frontWaist = 8.2 + 0.52 * age + 0.4 * e();
  const waistToKnee = 8.5 + age + 0.6 * e();
  const sleeveLength = 7.9 + 1.07 * age + 0.6 * e();
  return cardOf("child", {
    bust,
    waist: 19 + 0.5 * age + 1.1 * e(),
    hip: 19 + 1.05 * age + 1.2 * e(),
    height: 30 + 2.5 * age + 1.8 * e(),
    shoulder: 8.6 + 0.45 * age + 0.35 * e(),
    armhole: 0.46 * bust + 0.4 * e(),
    upperArm: 0.27 * bust,
    elbow: 0.25 * bust,
    wrist: 0.2 * bust,
    neck: 9.6 + 0.28 * age + 0.3 * e(),
    frontWaist,
    backWaist: frontWaist + 0.3 * e(),
    waistToHip: 3.6 + 0.27 * age + 0.2 * e(),
    waistToKnee,
    fullLength: frontWaist + waistToKnee,
    skirtLength: waistToKnee,
    sleeveLength,
    shoulderToElbow: 0.58 * sleeveLength,
  });
}

/** A made-up crowd of men, for sweeps. Not a survey. */
export function makeMen(seed: number, count: number): readonly Readings[] {
  const bell = bellOf(seededNumbers(seed));
  return Array.from({ length: count }, () => makeMan(bell(), bell(), bell));
}

/** Made-up children with their ages, evenly from 2 to 12 years. */
export function makeChildren(
  seed: number,
  count: number,
): readonly { readonly age: number; readonly body: Readings }[] {
  const next = seededNumbers(seed);
  const bell = bellOf(next);
  return Array.from({ length: count }, () => {
    const age = 2 + Math.round(20 * next()) / 2;
    return { age, body: makeChild(age, bell) };
  });
}

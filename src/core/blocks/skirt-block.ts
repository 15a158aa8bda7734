import type { Mouth } from "../chalk";
import {
  add,
  at,
  crossAtDepth,
  curveBetween,
  type Direction,
  directionFrom,
  distance,
  joinPaths,
  leaningLine,
  lineTo,
  meetingCurve,
  meetLines,
  movePath,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  placeAtLength,
  rightOf,
  roundCorner,
  type Segment,
  scale,
  splitAtAcross,
  splitAtLength,
  straight,
} from "../geometry";
import type { Inches } from "../length";

/** A dart of a skirt: it opens into the waist edge and points down. */
export interface SkirtDart {
  readonly id: string;
  /** Its plumb line, across from the centre. */
  readonly middle: Inches;
  readonly intake: Inches;
  /** How far down from the waist line its tip lies. */
  readonly tip: Inches;
}

/** How the side goes on from the hip. */
export type SkirtHem =
  | { readonly kind: "straight" }
  | { readonly kind: "pegged"; readonly peg: Inches }
  | { readonly kind: "flared"; readonly flare: Inches; readonly from: "waist" | "hip" }
  | {
      readonly kind: "mermaid";
      /** How far down it opens, and how far in from the hip's plumb line it is there. */
      readonly flareDown: Inches;
      readonly in: Inches;
      /** Out from that plumb line on the hem line, and how far round the turn above it is made. */
      readonly out: Inches;
      readonly rounded: Inches;
    };

/** The numbers of half a skirt: net, from the centre across and from the waist line down. */
export interface SkirtNumbers {
  readonly waist: Inches;
  readonly hip: Inches;
  readonly hipDown: Inches;
  readonly hemDown: Inches;
  readonly darts: readonly SkirtDart[];
  /** How far in the centre starts at the waist: a hollow that goes on from the body above. */
  readonly hollow: Inches;
  /** How much higher than the waist line the edge meets the side, and how much lower it starts at the centre. */
  readonly raise: Inches;
  readonly dip: Inches;
  /** How long the edge runs level from the centre. */
  readonly level: Inches;
  readonly hem: SkirtHem;
  /** How far the foot of the side is carried on, so that both sides are equally long. */
  readonly lengthened: Inches;
}

/** Half a skirt drawn. */
export interface SkirtHalf {
  readonly waist: Path;
  readonly mouths: readonly Mouth[];
  /** Both legs and the peak of each dart on the waist edge. */
  readonly legs: readonly { readonly inner: Point; readonly peak: Point; readonly outer: Point }[];
  readonly side: Path;
  readonly hip: Point;
  /** Where the side ends by its own run, before its foot is carried on. */
  readonly corner: Point;
  readonly hem: Path;
}

/** The side aims at this share of the hip depth on the hip mark's plumb line, so that it is round over the hip. */
const AIM = 0.6;
/** A pegged side lies on its straight line from a third of the way to the hem. */
const LEFT_PLUMB = 1 / 3;
/** A pegged foot is carried on by half as much again as its slope takes up over the inch, and its hem levels out this far in. */
const SQUARED_OVER: Inches = 3;
/** A foot that is carried on by less is not. */
const LEAST_CARRY: Inches = 1 / 16;

const DOWN: Direction = { x: 0, y: 1 };
const INWARDS: Direction = { x: -1, y: 0 };
const OUTWARDS: Direction = { x: 1, y: 0 };

const way = (from: Point, to: Point): Direction => directionFrom(from, to) ?? DOWN;

/** Where the side starts, once every dart is open. */
const topOf = ({ waist, hollow, darts, raise }: SkirtNumbers): Point =>
  at(hollow + waist + darts.reduce((sum, { intake }) => sum + intake, 0), -raise);

/** From the waist to the hip: one curve that arrives on the way the side goes on. */
function hipCurve(top: Point, hip: Point, hipDown: Inches, onward: Direction): Path {
  const aim = add(hip, scale(onward, (-(1 - AIM) * hipDown) / onward.y));
  return { start: top, segments: [curveBetween(top, way(top, aim), hip, onward)] };
}

function peggedSide(numbers: SkirtNumbers, peg: Inches): Path {
  const { hip: width, hipDown, hemDown, lengthened } = numbers;
  const [top, hip, hem] = [topOf(numbers), at(width, hipDown), at(width - peg, hemDown)];
  const carried = peggedCarry(numbers, peg) + lengthened;
  return joinPaths([
    hipCurve(top, hip, hipDown, DOWN),
    peggedRun(hip, hem),
    ...(carried > 0 ? [straight(hem, add(hem, scale(way(hip, hem), carried)))] : []),
  ]);
}

/** How far a pegged side is carried on below the hem line, so that the hem may meet it squarely. */
export function peggedCarry({ hipDown, hemDown }: SkirtNumbers, peg: Inches): Inches {
  const carry = ((SQUARED_OVER / 2) * peg) / (hemDown - hipDown);
  return carry < LEAST_CARRY ? 0 : carry;
}

/** The side straight to its flare; where that would pass inside the hip, round over the hip and straight from there. */
function flaredFromWaist(numbers: SkirtNumbers, flare: Inches): Path {
  const { hip: width, hipDown, hemDown } = numbers;
  const [top, hip, reading] = [topOf(numbers), at(width, hipDown), at(width + flare, hemDown)];
  const across = top.x + ((reading.x - top.x) * (hipDown - top.y)) / (reading.y - top.y);
  if (across >= width - 1e-9) return straight(top, reading);
  return joinPaths([hipCurve(top, hip, hipDown, way(hip, reading)), straight(hip, reading)]);
}

function flaredSide(numbers: SkirtNumbers, flare: Inches, from: "waist" | "hip"): Path {
  const { hip: width, hipDown, hemDown, lengthened } = numbers;
  if (from === "waist") {
    const long = flaredFromWaist(numbers, flare);
    // The slanted side keeps the length of a plumb one.
    return splitAtLength(long, hemDown - topOf(numbers).y + lengthened)[0];
  }
  const [top, hip, reading] = [topOf(numbers), at(width, hipDown), at(width + flare, hemDown)];
  const slant = way(hip, reading);
  const foot = add(hip, scale(slant, hemDown - hipDown + lengthened));
  return joinPaths([hipCurve(top, hip, hipDown, slant), straight(hip, foot)]);
}

/** From the hip to a place further in, as a pegged side runs: plumb at the hip, straight from a third of the way down. */
function peggedRun(hip: Point, to: Point): Path {
  const slope = way(hip, to);
  const left = add(hip, scale(slope, distance(hip, to) * LEFT_PLUMB));
  return joinPaths([leaningLine(hip, 0, left, slope.x / slope.y), straight(left, to)]);
}

/** Where a mermaid opens, and the reading on the hem line that its slant runs to. */
export function mermaidPoints(
  { hip, hemDown }: SkirtNumbers,
  { flareDown, in: inwards, out }: Extract<SkirtHem, { kind: "mermaid" }>,
): readonly [Point, Point] {
  return [at(hip - inwards, flareDown), at(hip + out, hemDown)];
}

/** Close to the flare line, then out along one slant; the turn between them rounded (craft: skirts, mermaid). */
function mermaidSide(numbers: SkirtNumbers, hem: Extract<SkirtHem, { kind: "mermaid" }>): Path {
  const { hip: width, hipDown, hemDown, lengthened } = numbers;
  const hip = at(width, hipDown);
  const [turn, reading] = mermaidPoints(numbers, hem);
  // The slant keeps the length of a plumb line below its turn.
  const foot = add(turn, scale(way(turn, reading), hemDown - hem.flareDown + lengthened));
  return joinPaths([
    hipCurve(topOf(numbers), hip, hipDown, DOWN),
    roundCorner(peggedRun(hip, turn), straight(turn, foot), hem.rounded),
  ]);
}

function straightSide(numbers: SkirtNumbers): Path {
  const { hip: width, hipDown, hemDown, lengthened } = numbers;
  const hip = at(width, hipDown);
  return joinPaths([hipCurve(topOf(numbers), hip, hipDown, DOWN), straight(hip, at(width, hemDown + lengthened))]);
}

/** The stitched side from the waist to its foot (craft: skirts, block 6, A-line). */
export function skirtSide(numbers: SkirtNumbers): Path {
  const { hem } = numbers;
  switch (hem.kind) {
    case "straight":
      return straightSide(numbers);
    case "pegged":
      return peggedSide(numbers, hem.peg);
    case "flared":
      return flaredSide(numbers, hem.flare, hem.from);
    case "mermaid":
      return mermaidSide(numbers, hem);
    default:
      return hem satisfies never;
  }
}

/**
 * A curve that is square to what it meets at both ends: the meeting curve where both ways meet between them, else the
 * house's own, which cannot run past either.
 */
function squareCurve(from: Point, leaving: Direction, to: Point, arriving: Direction): Segment {
  const meet = meetLines(from, leaving, to, arriving);
  const between = meet !== null && (meet.x - from.x) * (meet.x - to.x) < 0;
  return between ? meetingCurve(from, leaving, to, arriving) : curveBetween(from, leaving, to, arriving);
}

/** The hem from the foot of the side inwards: level at the centre and square to the side. */
function skirtHem({ hem, hemDown }: SkirtNumbers, side: Path): Path {
  const foot = pathEnd(side);
  const centre = at(0, hemDown);
  const leaving = rightOf(placeAtLength(side, pathLength(side)).tangent);
  if (hem.kind === "flared" || hem.kind === "mermaid")
    return { start: foot, segments: [squareCurve(foot, leaving, centre, INWARDS)] };
  if (foot.y - hemDown < 1e-6) return straight(foot, centre);
  const level = at(foot.x - SQUARED_OVER, hemDown);
  return { start: foot, segments: [squareCurve(foot, leaving, level, INWARDS), lineTo(centre)] };
}

/**
 * The waist edge with its darts closed, over the quarter: level from the centre, then one curve, square to the side. Both
 * ways meet before the side where that is much rounder than the edge rises: there a freer curve would sag below its level.
 */
function closedWaist({ waist, raise, dip, level }: SkirtNumbers, sideWay: Direction): Path {
  if (raise === 0 && dip === 0) return straight(at(0, 0), at(waist, 0));
  const [start, corner] = [at(level, dip), at(waist, -raise)];
  // A side that runs inwards, where the waist is the wider, is met level: square to it the edge would turn down.
  const square = sideWay.x <= 0 ? OUTWARDS : { x: sideWay.y, y: -sideWay.x };
  const curve = squareCurve(start, OUTWARDS, corner, square);
  return { start: at(0, dip), segments: [lineTo(start), curve] };
}

/** How high the cloth between a dart's legs must stand, so that it reaches the edge once the dart lies folded to the centre. */
export function dartPeak({ intake, tip }: SkirtDart): Inches {
  const half = intake / 2;
  return half * Math.tan(2 * Math.atan(half / tip));
}

/**
 * The waist edge with its darts opened: everything beyond a dart is moved out level by its intake, so that both legs stand
 * equally high.
 */
function openWaist(numbers: SkirtNumbers, sideWay: Direction): Pick<SkirtHalf, "waist" | "mouths" | "legs"> {
  const parts: Path[] = [];
  const legs: SkirtHalf["legs"][number][] = [];
  const mouths: Mouth[] = [];
  let rest = movePath(closedWaist(numbers, sideWay), at(numbers.hollow, 0));
  let opened = 0;
  for (const dart of numbers.darts) {
    const [before, after] = splitAtAcross(rest, dart.middle - dart.intake / 2 - opened) ?? [rest, null];
    if (after === null) break;
    parts.push(movePath(before, at(opened, 0)));
    const inner = pathEnd(parts.at(-1) ?? before);
    const leg = { inner, peak: at(dart.middle, inner.y - dartPeak(dart)), outer: at(inner.x + dart.intake, inner.y) };
    const from = parts.reduce((sum, part) => sum + pathLength(part), 0);
    const mouth = straight(leg.inner, leg.peak, leg.outer);
    parts.push(mouth);
    legs.push(leg);
    mouths.push({ closes: dart.id, from, to: from + pathLength(mouth) });
    rest = after;
    opened += dart.intake;
  }
  return { waist: joinPaths([...parts, movePath(rest, at(opened, 0))]), mouths, legs };
}

/** Draws half a skirt from its numbers (craft: skirts, skirt block). */
export function drawSkirtHalf(numbers: SkirtNumbers): SkirtHalf {
  const side = skirtSide(numbers);
  const carried = numbers.lengthened + (numbers.hem.kind === "pegged" ? peggedCarry(numbers, numbers.hem.peg) : 0);
  const [ownRun] = carried > 0 ? splitAtLength(side, pathLength(side) - carried) : [side];
  return {
    ...openWaist(numbers, placeAtLength(side, 0).tangent),
    side,
    hip: crossAtDepth(side, numbers.hipDown)[0] ?? pathEnd(side),
    corner: pathEnd(ownRun),
    hem: skirtHem(numbers, side),
  };
}

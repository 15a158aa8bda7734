import type { ShoulderPlan, Side } from "../blocks";
import {
  allowanceTerm,
  type ChoiceDefinitions,
  choiceOption,
  choiceTerm,
  type Given,
  givenStep,
  type PieceChalk,
  refuse,
  ruleLength,
  settleOnTape,
  type Term,
  turnTerm,
} from "../chalk";
import {
  at,
  curveBetween,
  type Direction,
  directionFrom,
  leftOf,
  type Path,
  type Point,
  pathEnd,
  placeAtLength,
  straight,
} from "../geometry";
import { both, type Inches, roundToStep, TRUEING_STEP } from "../length";
import { certain } from "../result";

const shapes = {
  round: "Round",
  v: "V",
  square: "Square",
} as const;

export type NeckShape = keyof typeof shapes;

/** The choices of a neckline; a garment spreads them into its own. */
export const neckChoices = {
  neckWidth: {
    kind: "length",
    label: "Neck width, from the centre",
    default: both(3, 7.5),
    range: [2, 7],
    why: "3 is usual; a wider neck shows more collarbone and slips off a narrow shoulder.",
  },
  frontNeck: {
    kind: "option",
    label: "Front neck",
    options: shapes,
    default: "round",
    why: "The shape of the front neck edge.",
  },
  frontNeckDepth: {
    kind: "length",
    label: "Front neck depth",
    default: both(3.5, 9),
    range: [1.5, 12],
    why: "3 sits at the base of the neck; keep it above the bust line.",
  },
  backNeck: {
    kind: "option",
    label: "Back neck",
    options: shapes,
    default: "round",
    why: "The shape of the back neck edge.",
  },
  backNeckDepth: {
    kind: "length",
    label: "Back neck depth",
    default: both(1, 2.5),
    range: [0.5, 8],
    why: "½ to 2 for a neck that lies close; deeper shows the back.",
  },
} as const satisfies ChoiceDefinitions;

/** Room that the neck must leave above the waist line. */
const LEAST_ABOVE_WAIST: Inches = 1;

/** The line of the neck from its depth on the centre to the shoulder (craft: bodice, step 5). */
export function drawNeck(shape: NeckShape, width: Inches, depth: Inches, shoulder: Direction): Path {
  const centre = at(0, depth);
  const shoulderPoint = at(width, 0);
  switch (shape) {
    case "round":
      return { start: centre, segments: [curveBetween(centre, { x: 1, y: 0 }, shoulderPoint, leftOf(shoulder))] };
    case "v":
      return straight(centre, shoulderPoint);
    case "square":
      return straight(centre, at(width, depth), shoulderPoint);
    default:
      return shape satisfies never;
  }
}

/** Which way a path goes at one of its ends. */
function tangentAt(path: Path, end: "start" | "end"): Direction {
  if (end === "start") return placeAtLength(path, 0).tangent;
  const from: Point = path.segments.at(-2)?.to ?? path.start;
  const last = certain(path.segments.at(-1), "a neck with a line");
  const before = last.kind === "cubic" ? last.control2 : from;
  return directionFrom(before, pathEnd(path)) ?? { x: 0, y: -1 };
}

/**
 * The neck allowance as the tape meets it on the centre or on the top line: ½ square to the line is more when the line
 * crosses the tape at a slant (a V cuts 1⅜ above its stitched point, not ½). Rounded to the tape as a term of its own.
 */
function slantedAllowance(given: Given, slant: number): readonly Term[] {
  const seam = turnTerm(allowanceTerm(given, "allowance.neck"));
  const exact = ruleLength(given, "allowance.neck") / Math.max(0.2, slant);
  const rounded = roundToStep(exact, givenStep(given) || TRUEING_STEP);
  const more = seam.value + rounded;
  return more < 1 / 32
    ? [seam]
    : [seam, { label: "Because the line slants", kind: "allowance", value: -more, source: "rule:allowance.neck" }];
}

/** Chalks a neck: width on the top line, depth on the centre line, the edge between. */
export function chalkNeck(piece: PieceChalk, shoulder: ShoulderPlan, side: Side): void {
  const { given } = piece;
  const shape = choiceOption(given, `${side}Neck`) as NeckShape;
  const depthChoice = `${side}NeckDepth`;
  const depth = settleOnTape(given, [choiceTerm(given, depthChoice, "Neck depth")]);
  if (depth.value > piece.down("waist") - LEAST_ABOVE_WAIST) {
    refuse({
      code: "neck-below-waist",
      conflicts: [`choices.${depthChoice}`, "measurements.frontWaist"],
      numbers: { depth: depth.value, waist: piece.down("waist") },
      nearest: piece.down("waist") - LEAST_ABOVE_WAIST,
    });
  }
  const path = drawNeck(shape, shoulder.neckWidth.value, depth.value, shoulder.direction);
  piece.mark("top", "neck", {
    terms: shoulder.neckWidth.terms,
    step: 0,
    allowance: slantedAllowance(given, Math.abs(leftOf(tangentAt(path, "end")).x)),
    why: "neck-width",
  });
  piece.centreMark("neck-depth", {
    terms: depth.terms,
    allowance: slantedAllowance(given, Math.abs(leftOf(tangentAt(path, "start")).y)),
  });
  piece.edge(`${side}-neck`, {
    role: "neck",
    stitch: path,
    allowance: ruleLength(given, "allowance.neck"),
    through: ["centre/neck-depth", "top/neck"],
    why: "neck-curve",
  });
}

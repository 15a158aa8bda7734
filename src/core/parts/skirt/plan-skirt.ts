import {
  drawSkirtHalf,
  planSkirtDarts,
  type Side,
  type SkirtHalf,
  type SkirtHem,
  type SkirtNumbers,
  skirtSide,
} from "../../blocks";
import {
  addTerms,
  bodyTerm,
  easeTerm,
  figureNoteTerms,
  type Given,
  givenStep,
  type OpenEdge,
  refuse,
  ruleLength,
  ruleValue,
  type Sum,
  settleOnTape,
  type Term,
} from "../../chalk";
import { pathLength } from "../../geometry";
import { both, type Inches, pickSystem, roundToStep, TRUEING_STEP } from "../../length";
import { checkFacedSlit } from "../faced-slit";
import { roundToPullOn } from "./hanger";
import { planFlareLine, planMermaid } from "./plan-mermaid";
import { planSlit } from "./plan-slit";
import type { SkirtForm } from "./skirt-form";
import { carryToFront } from "./skirt-front";

/** Half a skirt planned in numbers, and drawn. */
export interface HalfSkirt {
  readonly side: Side;
  readonly form: SkirtForm;
  readonly waist: Sum;
  readonly hip: Sum;
  readonly hipDown: Sum;
  readonly hemDown: Sum;
  /** Where a mermaid opens; left out of any other skirt. */
  readonly flareDown: Sum | undefined;
  readonly numbers: SkirtNumbers;
  readonly drawn: SkirtHalf;
  /** How far down a slit in its centre starts; null where there is none. */
  readonly slitTop: Inches | null;
  /** How far down a slit in its side starts. */
  readonly sideSlit: Inches | null;
  /** Whether its first dart closes where one of the body above does. */
  readonly meetsDart: boolean;
}

export const skirtPieces: Readonly<Record<Side, string>> = { front: "skirt-front", back: "skirt-back" };

/** A hem nearer to the hip line than this is a peplum's. */
const LEAST_BELOW_HIP = both(2, 5);
/** A shaped waist edge runs level this far from the centre. */
const LEVEL_FROM_CENTRE = both(2, 5);

function quarter(given: Given, side: Side, girth: "waist" | "hip"): readonly Term[] {
  return [bodyTerm(given, girth, 4), easeTerm(given, girth), ...figureNoteTerms(given, skirtPieces[side], girth)];
}

/** The hip's quarter; under elastic at least as wide as it takes to pull the skirt on. */
function planHip(given: Given, form: SkirtForm, side: Side): Sum {
  const terms = quarter(given, side, "hip");
  const short = roundToPullOn(given) / 4 - addTerms(terms);
  if (!form.elastic || short <= 0) return settleOnTape(given, terms);
  const room: Term = { code: "room-to-pull-on", kind: "ease", value: short, source: "declared:waistFinish" };
  return settleOnTape(given, [...terms, room]);
}

function hemOf(given: Given, form: SkirtForm, hip: Inches, flareDown: Inches | undefined): SkirtHem {
  const { style } = form;
  if (flareDown !== undefined) return planMermaid(given, form, hip, flareDown);
  if (style.kind === "a-line") {
    const from = ruleValue(given, "flareFrom") === "hip" ? "hip" : "waist";
    return { kind: "flared", flare: ruleLength(given, "hemFlare"), from };
  }
  if (style.kind === "ruched") return { kind: "straight" };
  const peg = ruleLength(given, "hemPeg");
  return peg === 0 ? { kind: "straight" } : { kind: "pegged", peg };
}

/** Half the bust span where it was taken: the first dart's line hangs under the bust point. */
export function halfSpan(given: Given): Inches | null {
  const span = given.measurements.bustSpan;
  return span === undefined || span.from === "estimate" ? null : span.value / 2;
}

type PlannedHalf = Omit<HalfSkirt, "drawn" | "slitTop" | "sideSlit">;

/** What the front runs on beyond its centre to an edge that opens. */
const beyondFront = ({ front }: SkirtForm, side: Side): Inches => (side === "front" ? (front?.overlap.value ?? 0) : 0);

/** Half the waist: by the card, as the hip under elastic, or as long as the edge of the body that was really drawn. */
function planWaist(given: Given, form: SkirtForm, side: Side, hip: Sum, above: OpenEdge | null): Sum {
  if (above !== null) {
    const value = above.length[side] - beyondFront(form, side);
    const code = above.off[side] === 0 ? "sewn-waist-of-the-body" : "measured-on-the-sewn-waist";
    return { value, terms: [{ code, kind: "drawn", value, source: "join:waist" }] };
  }
  return form.elastic ? hip : settleOnTape(given, quarter(given, side, "waist"));
}

/** The hollow of a body's zip goes on below its waist. */
function hollowOf(given: Given, form: SkirtForm, side: Side, above: OpenEdge | null): Inches {
  const hollowed = above !== null && side === "back" && form.opens === "back-zip";
  return hollowed && ruleLength(given, "backContour") === 0 ? ruleLength(given, "zipHollow") : 0;
}

/** A length down from the waist; said from the shoulder it is the same one, with the half length off. */
function lengthTerms(given: Given, form: SkirtForm, id: "waistToHip" | "skirtLength"): readonly Term[] {
  const own = bodyTerm(given, id);
  if (form.style.underBody !== true || form.skirtReadFrom === "waist") return [own];
  const half = bodyTerm(given, "frontWaist");
  const code = id === "waistToHip" ? "shoulder-to-hip" : "shoulder-to-hem";
  return [
    { code, kind: "body", value: own.value + half.value, source: own.source },
    { code: "half-length-above", kind: "body", value: -half.value, source: half.source },
  ];
}

function planHalf(given: Given, form: SkirtForm, side: Side, above: OpenEdge | null): PlannedHalf {
  const hip = planHip(given, form, side);
  const waist = planWaist(given, form, side, hip, above);
  const hollow = hollowOf(given, form, side, above);
  const hipDown = settleOnTape(given, lengthTerms(given, form, "waistToHip"));
  const hemDown = settleOnTape(given, lengthTerms(given, form, "skirtLength"));
  const least = hipDown.value + pickSystem(LEAST_BELOW_HIP, given.metric);
  if (hemDown.value < least - 1e-9)
    refuse({
      code: "hem-above-hip",
      conflicts: ["measurements.skirtLength", "measurements.waistToHip"],
      numbers: { hem: hemDown.value, hip: hipDown.value },
      nearest: least,
    });
  const flareDown =
    form.style.kind === "mermaid" ? planFlareLine(given, form, hipDown.value, hemDown.value) : undefined;
  const figure = {
    side,
    waist: waist.value,
    hip: hip.value,
    hipDown: hipDown.value,
    hollow,
    halfSpan: halfSpan(given),
    closesAt: above?.darts[side][0] === undefined ? null : above.darts[side][0] - beyondFront(form, side),
    step: givenStep(given),
  };
  // Under panels the house has no dart by habit: their seams shape the waist.
  const panelled = above !== null && above.rows[side].length > 1;
  const darts = panelled && form.darts === "habit" ? "none" : form.darts;
  const numbers: SkirtNumbers = {
    waist: waist.value,
    hip: hip.value,
    hipDown: hipDown.value,
    hemDown: hemDown.value,
    darts: planSkirtDarts(given, darts, figure),
    hollow,
    raise: form.shaped ? ruleLength(given, "waistRaise") : 0,
    dip: form.shaped && side === "back" ? ruleLength(given, "waistDip") : 0,
    level: pickSystem(LEVEL_FROM_CENTRE, given.metric),
    hem: hemOf(given, form, hip.value, flareDown?.value),
    lengthened: 0,
  };
  return { side, form, waist, hip, hipDown, hemDown, flareDown, numbers, meetsDart: figure.closesAt !== null };
}

/** Both halves, with the shorter side carried on so that they are equally long (a figure note makes one lean more). */
export function planSkirt(given: Given, form: SkirtForm, above: OpenEdge | null): Readonly<Record<Side, HalfSkirt>> {
  const [front, back] = [planHalf(given, form, "front", above), planHalf(given, form, "back", above)];
  const over = pathLength(skirtSide(front.numbers)) - pathLength(skirtSide(back.numbers));
  const draw = (half: PlannedHalf, short: Inches): HalfSkirt => {
    const numbers = { ...half.numbers, lengthened: Math.max(0, roundToStep(short, TRUEING_STEP)) };
    const drawn = drawSkirtHalf(numbers);
    const open = form.front !== null && half.side === "front" ? carryToFront(drawn, form.front) : drawn;
    return { ...half, numbers, drawn: open, slitTop: null, sideSlit: null };
  };
  const [drawnFront, drawnBack] = [draw(front, -over), draw(back, over)];
  if (form.slitAt === null) return { front: drawnFront, back: drawnBack };
  const top = planSlit(given, form, drawnBack.numbers, [drawnFront.drawn.side, drawnBack.drawn.side]);
  if (form.slitAt === "front" && form.slitFinish === "faced")
    checkFacedSlit(drawnFront.hemDown.value - top, "choices.hemSlitTop", "seam");
  const slit = (half: HalfSkirt): HalfSkirt => ({
    ...half,
    slitTop: form.slitAt === half.side ? top : null,
    sideSlit: form.slitAt === "side" ? top : null,
  });
  return { front: slit(drawnFront), back: slit(drawnBack) };
}

import type { Side } from "../../blocks";
import {
  type Given,
  type PieceChalk,
  refuse,
  ruleLength,
  ruleTerm,
  ruleValue,
  settleOnTape,
  type Term,
} from "../../chalk";
import { at, type Point } from "../../geometry";
import { both, type Inches, pickSystem } from "../../length";
import type { BodyLines, LowerLines } from "./body-lines";

/** A waist dart on the net draft. */
export interface WaistDart {
  readonly tip: Point;
  readonly legs: readonly [Point, Point];
  /** Null where it opens into the waist edge. */
  readonly end: Point | null;
  /** How far its upper tip was raised, so that it is long enough to be pressed flat; 0 where it lies as the house has it. */
  readonly raised: Inches;
  readonly removedAt: (down: Inches) => Inches;
}

/** A dart shorter than this above the waist cannot be pressed flat. */
const LEAST_LENGTH: Inches = 2;
/** One that runs on below the waist runs out this far down at least. */
const LEAST_BELOW_WAIST: Inches = 1;
/** Cloth that must be left between dart and side. */
const LEAST_BESIDE: Inches = 1;
/** Where there is no bust line the front tip lies this far below the chest line. */
const BELOW_CHEST = both(2, 5);

/** Where a dart's upper tip lies (craft: house rules, waist darts). */
function tipDown(given: Given, side: Side, lines: BodyLines): Inches {
  if (lines.bust === undefined) return lines.chest.value + pickSystem(BELOW_CHEST, given.metric);
  return side === "front"
    ? lines.bust.value + ruleLength(given, "frontDart.tipBelowBust")
    : lines.bust.value - ruleLength(given, "backDart.tipAboveBust");
}

/**
 * Where a front dart, or a panel's take-out, has run out below the waist (rule `frontDart.end`): above the hip, a length
 * below the waist, or at the hem; null where the body ends at the waist. The back's always run out above the hip.
 */
export function dartEnd(given: Given, side: Side, lines: LowerLines): Inches | null {
  const { waist, hip, hem } = lines;
  if (hip === undefined || waist === undefined) return null;
  const lowest = (hem ?? hip).value;
  const rule = side === "front" ? ruleValue(given, "frontDart.end") : "hip";
  if (rule === "hem") return lowest;
  if (typeof rule === "number") return Math.min(lowest, waist.value + ruleLength(given, "frontDart.end"));
  return Math.min(
    lowest,
    hip.value - ruleLength(given, side === "front" ? "frontDart.tipAboveHip" : "backDart.tipAboveHip"),
  );
}

/** Where a panel's take-out has run out: at least a little below the waist, where it is still at its full width. */
export function takeOutEnd(given: Given, side: Side, lines: LowerLines): Inches | null {
  const asked = dartEnd(given, side, lines);
  return asked === null ? null : Math.max(asked, (lines.waist?.value ?? 0) + LEAST_BELOW_WAIST);
}

/** The dart's removal at a depth: nothing at its tips, its full width at the waist. */
function removal(tip: Inches, waist: Inches, end: Inches, width: Inches): (down: Inches) => Inches {
  return (down) => {
    if (down <= tip || down >= end) return down === end && end === waist ? width : 0;
    return down <= waist ? (width * (down - tip)) / (waist - tip) : (width * (end - down)) / (end - waist);
  };
}

/**
 * Plans a waist dart on its line: tips and half width by house rule (craft: bodice, waist darts).
 *
 * @param across where the dart's line runs, plumb: its tips stand over its middle, or its legs would not be equally long
 * @param beside where the side is at the waist before the dart is given back
 */
export function planWaistDart(given: Given, side: Side, lines: BodyLines, across: Inches, beside: Inches): WaistDart {
  const rule = side === "front" ? "frontDart" : "backDart";
  const half = ruleLength(given, `${rule}.halfWidth`);
  const waist = lines.waist?.value ?? 0;
  const asked = tipDown(given, side, lines);
  const tip = Math.min(asked, waist - LEAST_LENGTH);
  const end = dartEnd(given, side, lines) ?? waist;
  if (lines.hip !== undefined && end - waist < LEAST_BELOW_WAIST) {
    refuse({
      code: "dart-too-short",
      conflicts: [`choices.${side}WaistDart`, "measurements.shoulderToBust", "measurements.frontWaist"],
      numbers: { tip, waist, end },
      nearest: false,
    });
  }
  if (across + half > beside - LEAST_BESIDE || across - half < LEAST_BESIDE / 2) {
    refuse({
      code: "dart-beyond-side",
      conflicts: ["measurements.bustSpan", "measurements.waist", `rules.${rule}.halfWidth`],
      numbers: { dart: across + half, side: beside },
      nearest: 2 * (beside - LEAST_BESIDE - half),
    });
  }
  return {
    tip: at(across, tip),
    legs: [at(across - half, waist), at(across + half, waist)],
    end: lines.hip === undefined ? null : at(across, end),
    raised: asked - tip,
    removedAt: removal(tip, waist, end, 2 * half),
  };
}

/** Chalks a waist dart: its two marks on the waist line, its tips, and the lines that join them. */
export function chalkWaistDart(
  piece: PieceChalk,
  side: Side,
  dart: WaistDart,
  line: readonly Term[],
  chalked = dart.legs,
  sewn = chalked,
): void {
  const rule = side === "front" ? "frontDart" : "backDart";
  const half = ruleTerm(piece.given, `${rule}.halfWidth`);
  const id = `${side}-waist-dart`;
  const bend = piece.bendOn("waist");
  const settled = settleOnTape(piece.given, line).terms;
  // Half the span again on each line that the dart reaches, so that its line is ruled plumb.
  for (const on of ["waist", "hip"] as const)
    if (piece.hasLine(on) && (on === "waist" || dart.end !== null))
      piece.mark(on, "dart-line", { terms: [...settled, ...piece.bendOn(on)], step: 0, why: "dart" });
  piece.mark("waist", "dart-inner", { terms: [...line, { ...half, value: -half.value }, ...bend], why: "dart" });
  if (chalked === dart.legs) piece.mark("waist", "dart-outer", { terms: [...line, half, ...bend], why: "dart" });
  else
    piece.at({
      id: "waist/dart-outer",
      terms: [...line, half],
      net: dart.legs[1],
      stitch: chalked[1],
      why: "dart-turned",
    });
  piece.at({ id: "dart/tip", terms: line, stitch: dart.tip, why: "dart" });
  if (dart.end !== null) piece.at({ id: "dart/end", terms: line, stitch: dart.end, why: "dart" });
  piece.dart({
    id,
    tip: dart.tip,
    legs: sewn,
    end: dart.end,
    through: ["dart/tip", "waist/dart-inner", "waist/dart-outer", ...(dart.end === null ? [] : ["dart/end"])],
    why: "dart",
  });
}

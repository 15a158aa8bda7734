import type { Side } from "../blocks";
import { type Given, type PieceChalk, refuse, ruleLength, ruleTerm, type Term } from "../chalk";
import { at, type Point } from "../geometry";
import { both, type Inches, pickSystem } from "../length";
import type { BodyLines } from "./body-lines";

/** A waist dart on the net draft. */
export interface WaistDart {
  readonly tip: Point;
  readonly legs: readonly [Point, Point];
  /** Null where it opens into the waist edge. */
  readonly end: Point | null;
  readonly removedAt: (down: Inches) => Inches;
}

/** A dart shorter than this above the waist cannot be pressed flat. */
const LEAST_LENGTH: Inches = 2;
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
 * @param across where the dart's line runs at the waist, and where its tip lies
 * @param beside where the side is at the waist before the dart is given back
 */
export function planWaistDart(
  given: Given,
  side: Side,
  lines: BodyLines,
  across: { readonly tip: Inches; readonly waist: Inches },
  beside: Inches,
): WaistDart {
  const rule = side === "front" ? "frontDart" : "backDart";
  const half = ruleLength(given, `${rule}.halfWidth`);
  const waist = lines.waist?.value ?? 0;
  const tip = tipDown(given, side, lines);
  const end = lines.hip === undefined ? waist : lines.hip.value - ruleLength(given, `${rule}.tipAboveHip`);
  if (waist - tip < LEAST_LENGTH || (lines.hip !== undefined && end - waist < 1)) {
    refuse({
      code: "dart-too-short",
      conflicts: [`choices.${side}WaistDart`, "measurements.shoulderToBust", "measurements.frontWaist"],
      numbers: { tip, waist, end },
      nearest: false,
    });
  }
  if (across.waist + half > beside - LEAST_BESIDE || across.waist - half < LEAST_BESIDE / 2) {
    refuse({
      code: "dart-beyond-side",
      conflicts: ["measurements.bustSpan", "measurements.waist", `rules.${rule}.halfWidth`],
      numbers: { dart: across.waist + half, side: beside },
      nearest: 2 * (beside - LEAST_BESIDE - half),
    });
  }
  return {
    tip: at(across.tip, tip),
    legs: [at(across.waist - half, waist), at(across.waist + half, waist)],
    end: lines.hip === undefined ? null : at(across.waist, end),
    removedAt: removal(tip, waist, end, 2 * half),
  };
}

/** Chalks a waist dart: its two marks on the waist line, its tips, and the lines that join them. */
export function chalkWaistDart(
  piece: PieceChalk,
  side: Side,
  dart: WaistDart,
  line: readonly Term[],
  sewnLegs = dart.legs,
): void {
  const rule = side === "front" ? "frontDart" : "backDart";
  const half = ruleTerm(piece.given, `${rule}.halfWidth`);
  const id = `${side}-waist`;
  piece.mark("waist", "dart-inner", { terms: [...line, { ...half, value: -half.value }], why: "dart" });
  if (sewnLegs === dart.legs) piece.mark("waist", "dart-outer", { terms: [...line, half], why: "dart" });
  else piece.at({ id: "waist/dart-outer", terms: [...line, half], stitch: sewnLegs[1], why: "dart-turned" });
  piece.at({ id: "dart/tip", terms: line, stitch: dart.tip, why: "dart" });
  if (dart.end !== null) piece.at({ id: "dart/end", terms: line, stitch: dart.end, why: "dart" });
  piece.dart({
    id,
    tip: dart.tip,
    legs: sewnLegs,
    end: dart.end,
    through: ["dart/tip", "waist/dart-inner", "waist/dart-outer", ...(dart.end === null ? [] : ["dart/end"])],
    why: "dart",
  });
}

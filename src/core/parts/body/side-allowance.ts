import { allowanceTerm, type EdgeChalk, type Given, type LineId, ruleLength, ruleValue, type Term } from "../../chalk";
import { at, mapPath, type Path, type SideSeamPoints } from "../../geometry";
import type { Inches } from "../../length";
import { isSlanted } from "./sides";

/** The side's allowance at a depth: the same all the way, or another at the waist (rule `allowance.sideWaist`). */
export interface SideAllowance {
  readonly at: (down: Inches) => Inches;
  /** The most that it is anywhere. */
  readonly most: Inches;
  /** Marks at which it differs; empty where it is the same all the way. */
  readonly marks: NonNullable<EdgeChalk["allowanceAt"]>;
  /** Whether it is cut level out from the stitching line, through a mark on each line. */
  readonly level: boolean;
}

const rows = ["underarm", "bust", "underbust", "waist", "hip", "hem"] as const;

/** Whether the waist has a side allowance of its own. */
function hasOwnWaist(given: Given): boolean {
  return ruleValue(given, "allowance.sideWaist") !== "as-side";
}

/**
 * Plans the side's allowance: changing evenly between the waist and the marks above and below it. A side that slants
 * strongly is cut square off its stitching line instead: moved out level, it would leave the seam next to nothing.
 */
export function planSideAllowance(given: Given, points: SideSeamPoints): SideAllowance {
  const side = ruleLength(given, "allowance.side");
  const level = !isSlanted(points);
  const waist = points.waist;
  if (!hasOwnWaist(given) || waist === undefined || !level) return { at: () => side, most: side, marks: [], level };
  const own = ruleLength(given, "allowance.sideWaist");
  const index = rows.indexOf("waist");
  const above =
    rows
      .slice(0, index)
      .flatMap((row) => points[row]?.y ?? [])
      .at(-1) ?? waist.y;
  const below = rows.slice(index + 1).flatMap((row) => points[row]?.y ?? [])[0] ?? Number.POSITIVE_INFINITY;
  const share = (down: Inches): number => {
    if (down <= waist.y) return waist.y - above < 1e-6 ? 1 : Math.max(0, (down - above) / (waist.y - above));
    return Number.isFinite(below) ? Math.max(0, (below - down) / (below - waist.y)) : 1;
  };
  return {
    at: (down) => side + (own - side) * share(down),
    most: Math.max(side, own),
    marks: [
      { mark: "chest/side", value: side },
      { mark: "waist/side", value: own },
      ...(points.hip === undefined ? [] : [{ mark: "hip/side", value: side }]),
    ],
    level,
  };
}

/** The cutting line of a side, where it is chalked through marks of its own. */
export function sideCut(allowance: SideAllowance, stitch: Path): { readonly cut?: Path } {
  return allowance.level ? { cut: mapPath(stitch, ({ x, y }) => at(x + allowance.at(y), y)) } : {};
}

/** What a side mark adds up to its cutting line on a guide line; nothing where the side is cut square off its line. */
export function sideTerms(
  given: Given,
  allowance: SideAllowance,
  line: LineId,
): { readonly allowance?: readonly Term[] } {
  if (!allowance.level) return {};
  const own = line === "waist" && allowance.marks.length > 0;
  return { allowance: [allowanceTerm(given, own ? "allowance.sideWaist" : "allowance.side")] };
}

import {
  addTerms,
  bodyValue,
  type EdgeReference,
  type Given,
  type OpenEdge,
  onTape,
  type PieceName,
  ruleLength,
  type Sheet,
} from "../../chalk";
import { both, type Inches, pickSystem } from "../../length";
import { bottomsOf, chalkStripRound } from "../strip-round";
import { waistTerms } from "./above-waist";
import { type Hanger, planHanger } from "./hanger";
import { edgeAbove, planTiers, type Tier } from "./plan-tiers";
import { remarkElastic, remarkFront } from "./remark-skirt";
import type { SkirtForm } from "./skirt-form";
import type { WaistEdge } from "./waistband";

/** A zip stops this far above the lower edge of the tier that it opens. */
const ABOVE_EDGE = both(1, 2.5);
/** More than this nothing is gathered. */
const MOST_FULL = 12;

const tierNames = ["tier-1", "tier-2", "tier-3", "tier-4", "tier-5", "tier-6"] as const satisfies readonly PieceName[];

/** What strips are called: a gathered skirt is one round, tiers are counted from the waist. */
function namesOf(form: SkirtForm, index: number): { readonly name: PieceName; readonly end: PieceName } {
  if (form.style.kind === "gathered") return { name: "skirt-gathered", end: "skirt-gathered-end" };
  const name = tierNames[index] ?? "tier-6";
  return { name, end: `${name}-end` };
}

/** How far down the first tier is left open: to the hip line, or nearly to its lower edge. */
function reachOf(given: Given, tier: Tier | undefined): Inches {
  const most = (tier?.depth ?? 0) - pickSystem(ABOVE_EDGE, given.metric);
  return onTape(given, Math.min(bodyValue(given, "waistToHip"), most));
}

interface Place {
  readonly index: number;
  readonly last: boolean;
  readonly opening: Hanger["opening"];
}

function chalkTier(
  sheet: Sheet,
  form: SkirtForm,
  tier: Tier,
  { index, last, opening }: Place,
): readonly EdgeReference[] {
  const { given } = sheet;
  const { name, end } = namesOf(form, index);
  const seam = ruleLength(given, "allowance.waistJoin");
  const top = index === 0 ? onTape(given, addTerms(waistTerms(given, form))) : seam;
  const bottom = last ? ruleLength(given, "allowance.hem") : seam;
  const open = opening !== null && (index === 0 || opening.at === "front");
  const opens = open ? { ...opening, reach: opening.at === "front" ? null : reachOf(given, tier) } : null;
  return chalkStripRound(sheet, tier.strips, {
    id: name,
    name,
    ends: { id: end, name: end },
    depth: top + tier.depth + bottom,
    seams: [top, bottom],
    part: "skirt",
    opening: opens,
  });
}

/**
 * Chalks a gathered skirt or tiers, as strips across this cloth: each round gathered into the edge above it, the first into
 * the waist (craft: skirts, gathers).
 */
export function chalkTiers(sheet: Sheet, form: SkirtForm, above: OpenEdge | null): WaistEdge | null {
  const { given } = sheet;
  const hanger = planHanger(given, form, above);
  const tiers = planTiers(given, form, hanger);
  const rows: (readonly EdgeReference[])[] = [];
  sheet.part("skirt", () => {
    for (const [index, tier] of tiers.entries()) {
      const tops = chalkTier(sheet, form, tier, { index, last: index === tiers.length - 1, opening: hanger.opening });
      const before = rows.at(-1);
      const edge = edgeAbove(index);
      if (before !== undefined && edge !== null) {
        const { off } = sheet.asSewn(edge, tiers[index - 1]?.strips.round.sewn ?? tier.into);
        const ease = { least: Math.min(0, off), most: MOST_FULL * tier.into };
        sheet.seam({ id: tierNames[index] ?? "tier", a: tops, b: bottomsOf(before), gathered: true, off, ease });
      }
      rows.push(tops);
    }
    const hemDown = tiers.reduce((sum, { depth }) => sum + depth, 0);
    if (above === null && form.opens !== "none")
      sheet.openAt(form.opens, form.front === null ? reachOf(given, tiers[0]) : hemDown);
    remarkFront(sheet, form, namesOf(form, 0).name, hemDown);
    remarkElastic(sheet, form, namesOf(form, 0).name);
  });
  const off = above === null ? 0 : 2 * (above.off.front + above.off.back);
  return joinToWaist(sheet, form, rows[0] ?? [], hanger, off);
}

/** The first round gathered into the waist: the body's, a band of its own, or its elastic. */
function joinToWaist(
  sheet: Sheet,
  form: SkirtForm,
  tops: readonly EdgeReference[],
  { rows, length, round }: Hanger,
  off: Inches,
): WaistEdge | null {
  if (rows === null) return form.elastic ? null : { length, sewn: tops, gathered: true };
  sheet.seam({
    id: "waist-join",
    a: tops,
    b: rows,
    gathered: true,
    off,
    ease: { least: Math.min(0, off), most: MOST_FULL * round },
  });
  return null;
}

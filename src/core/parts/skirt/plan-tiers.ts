import {
  bodyTerm,
  bodyValue,
  type Given,
  givenStep,
  lateWhole,
  refuse,
  settleOnTape,
  type WholeEdge,
} from "../../chalk";
import { both, type Inches, pickSystem, roundToStep, roundUpToStep } from "../../length";
import { certain } from "../../result";
import { planStripRound, type StripRoundPlan } from "../strip-round";
import { type Hanger, roundToPullOn } from "./hanger";
import type { SkirtForm } from "./skirt-form";

/** A strip of a skirt: how deep it hangs, how long its round is, and the edge that it is gathered into. */
export interface Tier {
  readonly depth: Inches;
  readonly strips: StripRoundPlan;
  readonly into: Inches;
}

/** The lower edge of a tier, by its count from the waist. */
const LOWER_EDGES = ["tier-1", "tier-2", "tier-3", "tier-4", "tier-5"] as const satisfies WholeEdge[];

/** The lower edge that a tier is gathered into, named by the tier above; null at the waist. */
export function edgeAbove(index: number): WholeEdge | null {
  return LOWER_EDGES[index - 1] ?? null;
}

/** The edge that a tier is gathered into: of the tier above, as it was measured or as it is drawn; the first goes to the waist. */
function intoOf({ late }: Given, rounds: readonly StripRoundPlan[], index: number, waist: Inches): Inches {
  const edge = edgeAbove(index);
  return (edge === null ? undefined : lateWhole(edge, late)) ?? rounds[index - 1]?.round.sewn ?? waist;
}

/** A tier no deeper than this is only a seam. */
const LEAST_DEPTH = both(1, 2.5);

/** Depths that share out a length: all alike or growing, each to the tick, the last with what is left. */
export function shareDepths(total: Inches, count: number, growth: number, step: Inches): readonly Inches[] {
  const first = Math.abs(growth - 1) < 1e-9 ? total / count : (total * (growth - 1)) / (growth ** count - 1);
  const depths = Array.from({ length: count - 1 }, (_, index) => roundToStep(first * growth ** index, step));
  return [...depths, total - depths.reduce((sum, depth) => sum + depth, 0)];
}

/** What is asked of a tier's round: by its school, from what is above it. */
function askedRound(given: Given, form: SkirtForm, index: number, above: Inches): Inches {
  if (form.style.kind === "gathered") return form.gatherRatio * above;
  return form.tierWidths === "ratio" ? form.tierRatio * above : bodyValue(given, "hip") + (index + 1) * form.tierAdd;
}

/** Whole rounds of the tiers as strips really make them; under elastic the first goes over the hip. */
function roundsOf(
  given: Given,
  form: SkirtForm,
  { round: waist, opening }: Hanger,
  count: number,
): readonly StripRoundPlan[] {
  const rounds: StripRoundPlan[] = [];
  for (let index = 0; index < count; index++) {
    const asked = askedRound(given, form, index, intoOf(given, rounds, index, waist));
    const least = index === 0 && form.elastic ? roundToPullOn(given) : 0;
    const wanted = roundToStep(Math.max(asked, least), givenStep(given));
    rounds.push(planStripRound(given, wanted, index === 0 || opening?.at === "front" ? opening : null));
  }
  return rounds;
}

/** The tiers of a skirt, from the waist down (craft: skirts, tiers); a gathered skirt is one. */
export function planTiers(given: Given, form: SkirtForm, hanger: Hanger): readonly Tier[] {
  const count = form.style.kind === "gathered" ? 1 : Number(form.tiers);
  const total = settleOnTape(given, [bodyTerm(given, "skirtLength")]).value;
  const growth = form.tierDepths === "growing" ? form.tierGrowth : 1;
  const least = pickSystem(LEAST_DEPTH, given.metric);
  const share = (many: number) => shareDepths(total, many, growth, givenStep(given));
  const deepEnough = (row: readonly Inches[]) => row.every((depth) => depth > least + 1e-9);
  const depths = share(count);
  if (!deepEnough(depths))
    refuse({
      code: "tier-too-shallow",
      conflicts: ["choices.tiers", "choices.tierGrowth", "measurements.skirtLength"],
      numbers: { depth: Math.min(...depths), least },
      nearest: String([5, 4, 3, 2].find((many) => many < count && deepEnough(share(many))) ?? 1),
    });
  const rounds = roundsOf(given, form, hanger, count);
  const tiers = depths.map((depth, index): Tier => {
    const strips = certain(rounds[index], "a round for each tier");
    return { depth, strips, into: intoOf(given, rounds, index, hanger.round) };
  });
  const short = tiers.find(({ strips, into }) => strips.round.sewn < into - givenStep(given) / 2 - 1e-9);
  if (short !== undefined)
    refuse({
      code: "ratio-under-one",
      conflicts: ["choices.tierAdd", "choices.tierWidths", "measurements.hip"],
      numbers: { round: short.strips.round.sewn, into: short.into },
      nearest: roundUpToStep(short.into - bodyValue(given, "hip"), givenStep(given)),
    });
  return tiers;
}

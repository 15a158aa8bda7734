import type { MeasurementId } from "../../body";
import type { ChoiceDefinition, ChoiceDefinitions, ChoiceValues } from "../../chalk";
import type { RuleId } from "../../rules";
import { type SkirtChoiceId, skirtChoices } from "./skirt-choices";
import { fittedKinds, type SkirtKind, skirtKinds } from "./skirt-form";
import { skirtNeeds, skirtRules } from "./skirt-needs";

/** A choice of the skirt that is asked under some kinds only, beside what it asks for itself. */
function askedOf(id: SkirtChoiceId, kinds: readonly SkirtKind[]): ChoiceDefinition {
  const choice: ChoiceDefinition = skirtChoices[id];
  return { ...choice, when: { ...choice.when, skirt: kinds } };
}

/** What is asked of a skirt under a body: which, and what the body does not decide already. */
export const skirtUnderBody = {
  skirt: {
    kind: "option",
    label: "Skirt",
    options: {
      none: "None",
      pencil: "Pencil skirt",
      "a-line": "A-line skirt",
      mermaid: "Mermaid skirt",
      ruched: "Ruched skirt",
      circle: "Circle skirt",
      peplum: "Peplum",
      gathered: "Gathered skirt",
      tiered: "Tiers",
    },
    default: "none",
    why: "It is as long as the bodice's sewn waist, its darts meet the bodice's, and how that opens runs on.",
  },
  skirtDarts: { ...skirtChoices.skirtDarts, when: { skirt: fittedKinds } },
  zipEnd: { ...skirtChoices.zipEnd, when: { opening: ["back-zip", "side-zip"], skirt: fittedKinds } },
  hemSlit: askedOf("hemSlit", ["pencil", "a-line"]),
  hemSlitAt: askedOf("hemSlitAt", ["pencil", "a-line"]),
  hemSlitTop: askedOf("hemSlitTop", ["pencil", "a-line"]),
  slitFinish: askedOf("slitFinish", ["pencil", "a-line"]),
  skirtReadFrom: askedOf("skirtReadFrom", fittedKinds),
  flareLine: askedOf("flareLine", ["mermaid"]),
  mermaidIn: askedOf("mermaidIn", ["mermaid"]),
  flareBy: askedOf("flareBy", ["mermaid"]),
  mermaidOut: askedOf("mermaidOut", ["mermaid"]),
  godetLength: askedOf("godetLength", ["mermaid"]),
  godetWidth: askedOf("godetWidth", ["mermaid"]),
  godetCount: askedOf("godetCount", ["mermaid"]),
  rucheSide: askedOf("rucheSide", ["ruched"]),
  rucheNotch: askedOf("rucheNotch", ["ruched"]),
  rucheSpreads: askedOf("rucheSpreads", ["ruched"]),
  slitOut: askedOf("slitOut", ["ruched"]),
  cordWidth: askedOf("cordWidth", ["ruched"]),
  circleShare: askedOf("circleShare", ["circle", "peplum"]),
  circlePieces: askedOf("circlePieces", ["circle", "peplum"]),
  peplumDepth: askedOf("peplumDepth", ["peplum"]),
  gatherRatio: askedOf("gatherRatio", ["gathered"]),
  tiers: askedOf("tiers", ["tiered"]),
  tierWidths: askedOf("tierWidths", ["tiered"]),
  tierAdd: askedOf("tierAdd", ["tiered"]),
  tierRatio: askedOf("tierRatio", ["tiered"]),
  tierDepths: askedOf("tierDepths", ["tiered"]),
  tierGrowth: askedOf("tierGrowth", ["tiered"]),
} as const satisfies ChoiceDefinitions;

/** The skirt that was chosen; null where none is. */
export function skirtKind({ skirt }: ChoiceValues): SkirtKind | null {
  return skirtKinds.find((kind) => kind === skirt) ?? null;
}

/** Readings that a skirt adds to those of its body. */
export const skirtAdds: readonly MeasurementId[] = skirtNeeds.filter((id) => id !== "waist");

/** House rules that a skirt under a body may read, whichever is chosen. */
export const skirtUnderBodyRules: readonly RuleId[] = [...new Set(skirtKinds.flatMap((kind) => skirtRules({ kind })))];

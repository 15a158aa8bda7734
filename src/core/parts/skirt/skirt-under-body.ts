import type { MeasurementId } from "../../body";
import { type ChoiceDefinitions, type ChoiceValues, refuse, type Sheet } from "../../chalk";
import type { RuleId } from "../../rules";
import { chalkSkirt } from "./chalk-skirt";
import { skirtChoices } from "./skirt-choices";
import type { SkirtHemKind } from "./skirt-form";
import { skirtNeeds, skirtRules } from "./skirt-needs";

/** Skirts that may hang from a body that ends at the waist, and how each goes on below the hip. */
const kinds: Readonly<Record<string, SkirtHemKind>> = { pencil: "pegged", "a-line": "flared" };

const whenSkirt = { skirt: Object.keys(kinds) } as const;

/** What is asked of a skirt under a body: which, and what the body does not decide already. */
export const skirtUnderBody = {
  skirt: {
    kind: "option",
    label: "Skirt",
    options: { none: "None", pencil: "Pencil skirt", "a-line": "A-line skirt" },
    default: "none",
    why: "It is as long as the bodice's sewn waist, its darts meet the bodice's, and the zip runs on.",
  },
  skirtDarts: { ...skirtChoices.skirtDarts, when: whenSkirt },
  zipEnd: { ...skirtChoices.zipEnd, when: { ...whenSkirt, opening: ["back-zip", "side-zip"] } },
  hemSlit: { ...skirtChoices.hemSlit, when: whenSkirt },
  hemSlitTop: { ...skirtChoices.hemSlitTop, when: { ...whenSkirt, ...skirtChoices.hemSlitTop.when } },
} as const satisfies ChoiceDefinitions;

/** How the chosen skirt goes on below the hip; null where none is chosen. */
export function skirtKind({ skirt }: ChoiceValues): SkirtHemKind | null {
  return (typeof skirt === "string" ? kinds[skirt] : undefined) ?? null;
}

/** Readings that a skirt adds to those of its body. */
export const skirtAdds: readonly MeasurementId[] = skirtNeeds.filter((id) => id !== "waist");

/** House rules that a skirt under a body may read, whichever is chosen. */
export const skirtUnderBodyRules: readonly RuleId[] = [
  ...new Set(Object.values(kinds).flatMap((hem) => skirtRules({ hem, offers: {} }))),
];

/** Bodies that open at the front have no skirt yet: its front would have to open with theirs. */
const MEETS: ReadonlySet<unknown> = new Set(["none", "back-zip", "side-zip"]);

/** Chalks the chosen skirt to the waist that the body left open. */
export function chalkSkirtUnderBody(sheet: Sheet, hem: SkirtHemKind): void {
  const { choices } = sheet.given;
  if (choices.ends === "ribs")
    refuse({ code: "skirt-needs-waist", conflicts: ["choices.skirt", "choices.ends"], numbers: {}, nearest: "none" });
  if (!MEETS.has(choices.opening ?? "none"))
    refuse({ code: "skirt-opens-not", conflicts: ["choices.skirt", "choices.opening"], numbers: {}, nearest: "none" });
  chalkSkirt(sheet, { hem, offers: {}, underBody: true }, sheet.take("waist"));
}

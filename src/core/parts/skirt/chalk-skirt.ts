import { givenStep, type OpenEdge, type Sheet } from "../../chalk";
import { chalkFitted } from "./chalk-fitted";
import { chalkRingSkirt } from "./chalk-ring";
import { chalkRuched } from "./chalk-ruched";
import { chalkTiers } from "./chalk-tiers";
import { readSkirtForm, type SkirtForm, type SkirtKind, type SkirtStyle } from "./skirt-form";
import { chalkWaistband, type WaistEdge } from "./waistband";

/** How each kind of skirt is chalked, and the waist edge that it leaves for a band. */
const chalks: Readonly<Record<SkirtKind, (sheet: Sheet, form: SkirtForm, above: OpenEdge | null) => WaistEdge | null>> =
  {
    pencil: chalkFitted,
    "a-line": chalkFitted,
    mermaid: chalkFitted,
    ruched: chalkRuched,
    circle: chalkRingSkirt,
    peplum: chalkRingSkirt,
    gathered: chalkTiers,
    tiered: chalkTiers,
  };

/**
 * Chalks a skirt by its style and choices, and the band that its waist is sewn to where it hangs from no body.
 *
 * @param above the waist edge of the body that it hangs from; null for a skirt of its own
 */
export function chalkSkirt(sheet: Sheet, style: SkirtStyle, above: OpenEdge | null = null): void {
  const form = readSkirtForm({ ...sheet.given, step: givenStep(sheet.given) }, style, above);
  const edge = chalks[style.kind](sheet, form, above);
  if (edge !== null) chalkWaistband(sheet, form, edge);
}

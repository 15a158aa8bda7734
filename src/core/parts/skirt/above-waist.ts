import { allowanceTerm, type Given, type Term } from "../../chalk";
import { both, pickSystem } from "../../length";
import type { SkirtForm } from "./skirt-form";

/** What turns over the elastic, beyond its width. */
const CASING_TURN = both(0.75, 2);

/** What lies above the waist line: the seam of the band, or the casing. */
export function waistTerms(given: Given, form: SkirtForm): readonly Term[] {
  if (!form.elastic) return [allowanceTerm(given, "allowance.waistJoin")];
  const value = form.elasticWidth + pickSystem(CASING_TURN, given.metric);
  return [{ code: "casing-above-the-waist", kind: "allowance", value, source: "choice:elasticWidth" }];
}

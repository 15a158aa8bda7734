import type { ChoiceValues } from "../chalk";
import { findGarment } from "./catalogue";

/** An order without a draft: a finished garment is altered. */
export const NO_GARMENT = "";

/** As a garment is called where its order is listed: its label, and the skirt that was chosen for it. */
export function nameGarment({
  garment,
  choices,
}: {
  readonly garment: string;
  readonly choices: ChoiceValues;
}): string {
  if (garment === NO_GARMENT) return "Alteration";
  const found = findGarment(garment);
  if (found === undefined) return garment;
  const { skirt } = found.choices;
  const chosen = choices.skirt;
  if (skirt?.kind !== "option" || chosen === undefined || chosen === skirt.default) return found.label;
  const name = skirt.options[String(chosen)];
  return name === undefined || chosen === "none" ? found.label : `${found.label}, ${name.toLowerCase()}`;
}

import type { ChoicePart } from "../chalk";
import { collarChoices, lowerStripOffers, makingChoices, skirtUnderBody, sleeveChoices, tableChoices } from "../parts";
import type { Garment } from "./garment";

const ofSkirt: ReadonlySet<string> = new Set([
  ...Object.keys(skirtUnderBody),
  ...Object.values(lowerStripOffers).flatMap(Object.keys),
  "bandDepth",
]);
/** Choices of how it is cut: asked last, as they are made last. */
export const ofCloth: ReadonlySet<string> = new Set([
  ...Object.keys(tableChoices),
  "fold",
  "frontCurves",
  "lengthsFrom",
]);

/** Which part of a garment a choice of it is about; a skirt of its own has no body. */
export function partOfChoice({ choices }: Pick<Garment, "choices">, id: string): ChoicePart {
  if (ofCloth.has(id)) return "cloth";
  if (Object.hasOwn(makingChoices, id)) return "making";
  const hasBody = choices.neckWidth !== undefined || choices.frontNeckDepth !== undefined;
  if (Object.hasOwn(sleeveChoices, id)) return "sleeve";
  if (Object.hasOwn(collarChoices, id)) return "collar";
  // A zip's end is asked of the body, and of a skirt that its zip runs on into.
  const both = id === "zipEnd" && choices.skirt === undefined;
  return !hasBody || (ofSkirt.has(id) && !both) ? "skirt" : "body";
}

import { givenStep, type Sheet } from "../../chalk";
import { decideAll } from "../offers";
import { insideChoices } from "./inside-choices";
import { chalkLining } from "./lining";
import { chalkStay } from "./stay";

/** Derives what is inside a garment from its own pieces, once all of them are drawn. */
export function chalkInside(sheet: Sheet): void {
  const { given } = sheet;
  const { lining, stay, bodyStay } = decideAll(insideChoices, {}, { ...given, step: givenStep(given) });
  if (stay || bodyStay !== "none") chalkStay(sheet, bodyStay !== "none");
  if (lining !== "none") chalkLining(sheet, lining);
}

import { type Given, givenStep, ruleLength, type Sheet } from "../../chalk";
import { both, type Inches, pickSystem, roundToStep } from "../../length";
import { decideAll } from "../offers";
import { chalkStripRound, planStripRound, type StripOpening } from "../strip-round";
import { lowerStripChoices } from "./lower-strip-choices";

/** An end that is turned in at an opening. */
const END_HEM = both(0.5, 1.25);
/** More than this nothing is gathered. */
const MOST_FULL = 12;

/** A front that is slit to its hem opens the strip as well: both its ends are hemmed. */
function openingOf({ choices, metric }: Given): StripOpening | null {
  const whole = choices.opening === "slit" && choices.slitLength === 0;
  return whole ? { at: "front", allowance: pickSystem(END_HEM, metric) } : null;
}

/** Chalks the ruffle or band below a body: strips gathered to the lower edge that was really drawn (craft: skirts, gathers). */
export function chalkLowerStrip(sheet: Sheet, kind: "ruffle" | "band"): void {
  const { given } = sheet;
  const open = sheet.take("lower-edge");
  const { front, back } = open.rows;
  const edge = 2 * (open.length.front + open.length.back);
  const form = decideAll(lowerStripChoices, {}, { ...given, step: givenStep(given) });
  const depth = kind === "ruffle" ? form.ruffleDepth : Number(given.choices.bandDepth);
  const ratio = kind === "ruffle" ? form.ruffleRatio : form.gatherRatio;
  const [seam, hem]: readonly [Inches, Inches] = [
    ruleLength(given, "allowance.waistJoin"),
    ruleLength(given, "allowance.hem"),
  ];
  const opening = openingOf(given);
  const plan = planStripRound(given, roundToStep(ratio * edge, givenStep(given)), opening);
  sheet.part("skirt", () => {
    const tops = chalkStripRound(sheet, plan, {
      id: kind,
      name: kind,
      depth: seam + depth + hem,
      seams: [seam, hem],
      part: "skirt",
      opening: null,
    });
    sheet.seam({
      id: kind === "band" ? "band-join" : "ruffle",
      a: tops,
      b: [...front, ...front, ...back, ...back],
      gathered: true,
      ease: { least: -givenStep(given) / 2, most: MOST_FULL * edge },
    });
  });
}

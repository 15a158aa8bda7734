import type { MeasurementId } from "../body";
import type { ChoiceDefinitions, ChoiceValues } from "../chalk";
import {
  type BodyStyle,
  bodyNeeds,
  bodyRules,
  finishChoices,
  finishesEdges,
  lowerStripOffers,
  offer,
  room,
  type SkirtKind,
  skirtAdds,
  skirtKind,
  skirtUnderBody,
  skirtUnderBodyRules,
} from "../parts";
import type { GarmentRules } from "../rules";
import { ofCloth } from "./choice-parts";
import type { Garment } from "./garment";

/** What a body garment says of itself; everything else follows from its style. */
export interface BodyGarment extends BodyStyle {
  readonly id: string;
  readonly label: string;
  readonly about: string;
  readonly rules?: GarmentRules;
  /** Whether a skirt may hang from its waist, and which does where nothing is chosen. */
  readonly takesSkirt?: true | SkirtKind;
}

const CHECKED_WITH: readonly MeasurementId[] = ["head", "knee", "waistToKnee", "shoulderToBust", "armhole"];

/** A garment that is one body from the shoulder down: its choices, readings, rules and recipe follow from its style. */
export function bodyGarment({ id, label, about, rules = {}, takesSkirt, ...style }: BodyGarment): Garment {
  const usual = takesSkirt === true ? "none" : takesSkirt;
  const hanging = (choices: ChoiceValues) => (usual === undefined ? null : skirtKind({ skirt: usual, ...choices }));
  return {
    id,
    label,
    about,
    choices: choicesOf(style, usual),
    rules,
    uses: [...new Set([...bodyRules(style), ...(usual === undefined ? [] : skirtUnderBodyRules)])],
    needs: (decisions) => {
      const added = hanging(decisions.choices) === null ? [] : skirtAdds;
      return [...new Set([...bodyNeeds(style, decisions), ...added])];
    },
    checksWith: CHECKED_WITH,
    rooms: (choices) => [
      "body",
      ...(hanging(choices) === null ? [] : (["skirt"] as const)),
      ...(finishesEdges(choices) ? (["finish"] as const) : []),
    ],
    recipe: (sheet) => {
      const { choices } = sheet.given;
      const skirt = hanging(choices);
      const finished = finishesEdges(choices);
      sheet.part("body", () => room("body").chalkBody(sheet, style, { waist: skirt !== null, edges: finished }));
      if (style.lower !== undefined && sheet.isOpen("lower-edge")) room("body").chalkLowerStrip(sheet, style.lower);
      if (skirt !== null) room("skirt").chalkSkirtUnderBody(sheet, skirt);
      if (finished) room("finish").chalkFinish(sheet);
    },
  };
}

/** What a body asks, then how its edges end, then what hangs from it; how it is cut comes last, as it is made. */
function choicesOf(style: BodyStyle, usual: SkirtKind | "none" | undefined): ChoiceDefinitions {
  // Whatever reaches down to a hem may be cut shorter than the card says.
  const own = Object.entries(offer(style.ends === "hem" ? { ...style.offers, shorterBy: true } : style.offers));
  return Object.fromEntries([
    ...own.filter(([id]) => !ofCloth.has(id)),
    ...Object.entries(finishChoices),
    ...Object.entries(style.lower === undefined ? {} : lowerStripOffers[style.lower]),
    ...(usual === undefined
      ? []
      : Object.entries({ ...skirtUnderBody, skirt: { ...skirtUnderBody.skirt, default: usual } })),
    ...own.filter(([id]) => ofCloth.has(id)),
  ]);
}

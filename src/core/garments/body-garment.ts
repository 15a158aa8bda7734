import type { MeasurementId } from "../body";
import type { ChoiceDefinitions } from "../chalk";
import {
  type BodyStyle,
  bodyNeeds,
  bodyRules,
  lowerStripOffers,
  offer,
  room,
  type SkirtKind,
  skirtAdds,
  skirtKind,
  skirtUnderBody,
  skirtUnderBodyRules,
  tableChoices,
} from "../parts";
import type { GarmentRules } from "../rules";
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
  const body = bodyOnly({ id, label, about, rules, ...style });
  return takesSkirt === undefined ? body : withSkirt(body, style, takesSkirt === true ? "none" : takesSkirt);
}

/** A body that a skirt may hang from: what the skirt asks is added, and is asked only once one is chosen. */
function withSkirt(body: Garment, style: BodyStyle, usual: SkirtKind | "none"): Garment {
  const own = Object.entries(body.choices);
  const table = own.filter(([id]) => Object.hasOwn(tableChoices, id));
  return {
    ...body,
    // In the order of making: how it is cut comes last.
    choices: Object.fromEntries([
      ...own.filter(([id]) => !Object.hasOwn(tableChoices, id)),
      ...Object.entries({ ...skirtUnderBody, skirt: { ...skirtUnderBody.skirt, default: usual } }),
      ...table,
    ]),
    uses: [...new Set([...body.uses, ...skirtUnderBodyRules])],
    needs: (decisions) => {
      const added = skirtKind(decisions.choices) === null ? [] : skirtAdds;
      return [...new Set([...body.needs(decisions), ...added])];
    },
    rooms: (choices) => (skirtKind({ skirt: usual, ...choices }) === null ? ["body"] : ["body", "skirt"]),
    recipe: (sheet) => {
      const hem = skirtKind(sheet.given.choices);
      sheet.part("body", () => room("body").chalkBody(sheet, style, hem !== null));
      if (hem !== null) room("skirt").chalkSkirtUnderBody(sheet, hem);
    },
  };
}

/** What is asked of a strip below the body, before how it is cut. */
function withLower(choices: ChoiceDefinitions, { lower }: BodyStyle): ChoiceDefinitions {
  if (lower === undefined) return choices;
  const rows = Object.entries(choices);
  const isTable = ([id]: readonly [string, unknown]) => Object.hasOwn(tableChoices, id) || id === "fold";
  return Object.fromEntries([
    ...rows.filter((row) => !isTable(row)),
    ...Object.entries(lowerStripOffers[lower]),
    ...rows.filter(isTable),
  ]);
}

/** A garment that is a body and nothing else. */
function bodyOnly({ id, label, about, rules = {}, ...style }: Omit<BodyGarment, "takesSkirt">): Garment {
  return {
    id,
    label,
    about,
    // Whatever reaches down to a hem may be cut shorter than the card says.
    choices: withLower(offer(style.ends === "hem" ? { ...style.offers, shorterBy: true } : style.offers), style),
    rules,
    uses: bodyRules(style),
    needs: (decisions) => bodyNeeds(style, decisions),
    checksWith: CHECKED_WITH,
    rooms: () => ["body"],
    recipe: (sheet) => {
      sheet.part("body", () => room("body").chalkBody(sheet, style));
      if (style.lower !== undefined && sheet.isOpen("lower-edge")) room("body").chalkLowerStrip(sheet, style.lower);
    },
  };
}

import type { MeasurementId } from "../body";
import type { ChoiceDefinitions, ChoiceValues, Sheet } from "../chalk";
import {
  type BodyStyle,
  bodyNeeds,
  bodyRules,
  type CollarKind,
  collarChoices,
  collarKind,
  collarRules,
  finishChoices,
  finishesEdges,
  hasInside,
  hasTrim,
  insideChoices,
  insideRules,
  lowerStripOffers,
  makingChoices,
  offer,
  room,
  type SkirtKind,
  type SleeveKind,
  skirtAdds,
  skirtKind,
  skirtUnderBody,
  skirtUnderBodyRules,
  sleeveChoices,
  sleeveKind,
  sleeveNeeds,
  sleeveRules,
  trimChoices,
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
  /** The sleeve that it has where nothing is chosen; none where it is left out. */
  readonly sleeve?: SleeveKind;
  /** The collar that it has where nothing is chosen; none where it is left out. */
  readonly collar?: CollarKind;
}

const CHECKED_WITH: readonly MeasurementId[] = ["head", "knee", "waistToKnee", "shoulderToBust", "armhole"];

/** A garment that is one body from the shoulder down: its choices, readings, rules and recipe follow from its style. */
export function bodyGarment({
  id,
  label,
  about,
  rules = {},
  takesSkirt,
  sleeve,
  collar,
  ...style
}: BodyGarment): Garment {
  const usual = takesSkirt === true ? "none" : takesSkirt;
  const sleeved = (choices: ChoiceValues) => sleeveKind({ sleeve: sleeve ?? "none", ...choices });
  const collared = (choices: ChoiceValues) => collarKind({ collar: collar ?? "none", ...choices });
  const hanging = (choices: ChoiceValues) => (usual === undefined ? null : skirtKind({ skirt: usual, ...choices }));
  return {
    id,
    label,
    about,
    choices: choicesOf(style, usual, { sleeve: sleeve ?? "none", collar: collar ?? "none" }),
    rules,
    uses: [
      ...new Set([
        ...bodyRules(style),
        ...sleeveRules,
        ...collarRules,
        ...insideRules,
        ...(usual === undefined ? [] : skirtUnderBodyRules),
      ]),
    ],
    needs: (decisions) => {
      const { choices } = decisions;
      const added = hanging(choices) === null ? [] : skirtAdds;
      const arm = sleeved(choices);
      const onArm = arm === null ? [] : sleeveNeeds({ ...choices, sleeve: arm });
      return [...new Set([...bodyNeeds(style, decisions), ...added, ...onArm])];
    },
    checksWith: CHECKED_WITH,
    rooms: (choices) => [
      "body",
      ...(hanging(choices) === null ? [] : (["skirt"] as const)),
      ...(sleeved(choices) === null ? [] : (["sleeve"] as const)),
      ...(collared(choices) === null ? [] : (["collar"] as const)),
      ...(hasTrim(choices) ? (["trim"] as const) : []),
      ...(hasInside(choices) ? (["inside"] as const) : []),
      ...(finishesEdges(choices) ? (["finish"] as const) : []),
    ],
    recipe: (sheet) => {
      const { choices } = sheet.given;
      const skirt = hanging(choices);
      const arm = sleeved(choices);
      const finished = finishesEdges(choices);
      const kind = collared(choices);
      const chosen = kind === null ? null : room("collar").chooseCollar(sheet.given, kind);
      const trimmed = hasTrim(choices);
      const edges = finished || arm !== null || chosen !== null || trimmed;
      const leaves = { waist: skirt !== null, edges, neck: chosen?.demand ?? null };
      sheet.part("body", () => room("body").chalkBody(sheet, style, leaves));
      if (style.lower !== undefined && sheet.isOpen("lower-edge")) room("body").chalkLowerStrip(sheet, style.lower);
      if (skirt !== null) room("skirt").chalkSkirtUnderBody(sheet, skirt);
      if (edges) chalkEdges(sheet, { arm, chosen, finished, trimmed });
      if (hasInside(choices)) room("inside").chalkInside(sheet);
    },
  };
}

/** What is sewn to the neck and the armholes of a body, or finishes them. */
interface EdgesOf {
  readonly arm: SleeveKind | null;
  readonly chosen: ReturnType<ReturnType<typeof room<"collar">>["chooseCollar"]> | null;
  readonly finished: boolean;
  readonly trimmed: boolean;
}

function chalkEdges(sheet: Sheet, { arm, chosen, finished, trimmed }: EdgesOf): void {
  const [neck, armhole] = [sheet.take("neck"), sheet.take("armhole")];
  if (arm !== null) room("sleeve").chalkSleeve(sheet, arm, armhole);
  chosen?.chalk(sheet, neck, armhole);
  if (finished) room("finish").chalkFinish(sheet, neck, armhole);
  if (trimmed) room("trim").chalkTrim(sheet, neck, armhole);
}

/** What a body asks, then how its edges end, then what hangs from it; how it is cut comes last, as it is made. */
function choicesOf(
  style: BodyStyle,
  usual: SkirtKind | "none" | undefined,
  { sleeve, collar }: { readonly sleeve: string; readonly collar: string },
): ChoiceDefinitions {
  // Whatever reaches down to a hem may be cut shorter than the card says.
  const own = Object.entries(offer(style.ends === "hem" ? { ...style.offers, shorterBy: true } : style.offers));
  return Object.fromEntries([
    ...own.filter(([id]) => !ofCloth.has(id)),
    ...Object.entries({ ...sleeveChoices, sleeve: { ...sleeveChoices.sleeve, default: sleeve } }),
    ...Object.entries({ ...collarChoices, collar: { ...collarChoices.collar, default: collar } }),
    ...Object.entries(finishChoices),
    ...Object.entries(trimOf(style)),
    ...Object.entries(insideChoices),
    ...Object.entries(style.lower === undefined ? {} : lowerStripOffers[style.lower]),
    ...(usual === undefined
      ? []
      : Object.entries({ ...skirtUnderBody, skirt: { ...skirtUnderBody.skirt, default: usual } })),
    ...Object.entries(makingChoices).filter(([id]) => id !== "hemShape" || style.offers.sideRise !== undefined),
    ...own.filter(([id]) => ofCloth.has(id)),
  ]);
}

const IN_PANELS: ReadonlySet<string> = new Set(["boning", "padding", "buttonPairs"]);

/** What may be put on a body: bones and cups want panels, which way fronts lap is asked where they may. */
function trimOf({ offers, fixed = {} }: BodyStyle): ChoiceDefinitions {
  const panels = offers.panel !== undefined || fixed.panel !== undefined;
  const { frontLap, ...rest } = trimChoices;
  const { when: _, ...always } = frontLap;
  const laps = offers.opening !== undefined ? { frontLap } : fixed.opening === undefined ? {} : { frontLap: always };
  return Object.fromEntries(Object.entries({ ...laps, ...rest }).filter(([id]) => panels || !IN_PANELS.has(id)));
}

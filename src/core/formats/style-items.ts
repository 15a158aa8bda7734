import { type ChoiceDefinition, type ChoiceValue, choiceDefault, isAsked, readList } from "../chalk";
import { findGarment, type Garment } from "../garments";
import { nameStyleItem, type StyleItemId, sayOnTape } from "../wording";
import type { CutSheet } from "./cut-sheet";
import { sheetTick } from "./sheet-tick";

/** One thing to hold the picture against: what was chosen for it, and the choice that changes it. */
export interface StyleItem {
  readonly id: StyleItemId;
  readonly label: string;
  readonly said: string;
  /** Null where nothing can be chosen for it yet. */
  readonly choice: string | null;
}

/** Which choices speak of each item, the first being the one that leads back to it. */
const CHOICES: Readonly<Record<StyleItemId, readonly string[]>> = {
  "neck-front": ["frontNeck", "frontNeckDepth", "neckWidth", "neckFinish"],
  "neck-back": ["backNeck", "backNeckDepth"],
  opening: ["opening", "zipEnd", "bandWidth", "overlapWidth", "frontLap"],
  shoulders: ["sleeve", "sleeveEnd", "sleeveCuff", "armholeFinish", "shoulderTrim", "shoulderTakeOut"],
  collar: ["collar", "standHeight", "fallWidth", "lapelWidth", "breakAt", "shawlWidth", "collarWidth", "capeDepth"],
  "shaping-front": ["panel", "frontWaistDart", "bustDart", "skirtDarts"],
  "shaping-back": ["backPanel", "backWaistDart", "backYoke"],
  waist: [
    "waistWidth",
    "bodySplit",
    "sideIn",
    "waistFinish",
    "waistShape",
    "waistbandDepth",
    "waistbandOverlap",
    "elasticWidth",
  ],
  hem: [
    "ends",
    "hemExtra",
    "belowHip",
    "bandDepth",
    "shorterBy",
    "panelFlare",
    "sideRise",
    "centreDip",
    "sideDip",
    "skirt",
    "circleShare",
    "gatherRatio",
    "tiers",
    "ruffleDepth",
    "ruffleRatio",
    "peplumDepth",
    "mermaidOut",
  ],
  slit: ["slitLength", "slitFinish", "slitEnd", "hemSlit", "hemSlitAt", "hemSlitTop"],
  pockets: ["pocket", "pocketFlap"],
  trim: ["tieBelt", "boning", "padding", "buttonPairs", "lining"],
};

/** What only a body has: a skirt alone is not held against it. */
const OF_THE_BODY: ReadonlySet<StyleItemId> = new Set([
  "neck-front",
  "neck-back",
  "shoulders",
  "collar",
  "shaping-back",
]);

/** What is said where a garment has no choice for an item. */
const NOTHING: Readonly<Record<StyleItemId, string>> = {
  "neck-front": "as drawn",
  "neck-back": "as drawn",
  opening: "none",
  shoulders: "as measured, no sleeve",
  collar: "none",
  "shaping-front": "none",
  "shaping-back": "none",
  waist: "as measured",
  hem: "as drawn",
  slit: "none",
  pockets: "none",
  trim: "none",
};

/** A length of several, a ratio, a flag or a length, with what it is of. */
function saySized(sheet: CutSheet, choice: ChoiceDefinition, value: ChoiceValue): string | null {
  const said = (length: number) => sayOnTape(length, sheet.unit, sheetTick(sheet));
  if (choice.kind === "list") return `${choice.label}: ${readList(value).map(said).join(", ")}`;
  if (choice.kind === "ratio") return `${choice.label}: ${value}`;
  if (choice.kind === "flag") return value === true ? choice.label : null;
  const length = Number(value);
  if (length === 0 && choiceDefault(choice, sheet.unit === "cm") === 0) return null;
  return `${choice.label}: ${said(length)}`;
}

function sayChoice(sheet: CutSheet, garment: Garment, id: string): string | null {
  const choice = garment.choices[id];
  const value = sheet.resolved.choices[id];
  if (choice === undefined || value === undefined || !isAsked(choice, sheet.resolved.choices)) return null;
  if (choice.kind === "option") return choice.options[String(value)] ?? String(value);
  if (choice.kind === "flag" || choice.kind === "list" || typeof value !== "string")
    return saySized(sheet, choice, value);
  // A length that is left to its usual way says nothing.
  return value === choice.default ? null : (choice.options?.[value] ?? value);
}

/** What the picture of a garment is held against before anything is folded. */
export function styleItemsOf(sheet: CutSheet): readonly StyleItem[] {
  const garment = findGarment(sheet.order.garment);
  if (garment === undefined) return [];
  const hasBody = sheet.pieces.some(({ part = "body" }) => part === "body");
  const asked = (Object.keys(CHOICES) as StyleItemId[]).filter((id) => hasBody || !OF_THE_BODY.has(id));
  return asked.map((id) => {
    const said = CHOICES[id].flatMap((choice) => sayChoice(sheet, garment, choice) ?? []);
    const choice = CHOICES[id].find((one) => garment.choices[one] !== undefined) ?? null;
    return { id, label: nameStyleItem(id), said: said.length === 0 ? NOTHING[id] : said.join(" · "), choice };
  });
}

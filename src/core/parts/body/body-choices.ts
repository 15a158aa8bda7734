import type { ChoiceDefinition, ChoiceDefinitions } from "../../chalk";
import { both } from "../../length";
import { type OffersOf, offerFrom } from "../offers";
import { tableChoices } from "../table-choices";
import { necklineShapes } from "./neck-shapes";

const openings = {
  none: "None",
  "back-zip": "Zip at the centre back",
  "side-zip": "Zip in the side seam",
  "front-band": "Buttoned front, folded band",
  slit: "Slit in front",
  overlap: "Overlapping front",
} as const;

export type OpeningChoice = keyof typeof openings;

/** A neck is built up front and back together: only the front asks for it. */
const { "built-up": _, ...backNecks } = necklineShapes;

const panels = {
  none: "No panels",
  armhole: "Panels from the armhole",
  shoulder: "Panels from the shoulder",
  yoke: "Panels below a yoke",
} as const;

const bustDarts = {
  none: "None",
  sewn: "Sewn from the side",
  "to-panel": "Closed, moved into the panel seam",
  "to-waist": "Closed, moved into the waist dart",
} as const;

const slitFinishes = {
  faced: "Faced, the fold stays",
  bands: "Bands sewn on",
  seam: "A seam inside the fold",
} as const;

const folds = {
  "one-fold": "One fold, twice",
  "back-from-front": "Back from front",
  "four-layers": "Four layers",
} as const;

/**
 * Every choice that bodies share, defined once: what it is called, how far it goes and why. A garment offers some of
 * them (see `offer`), with a default of its own where it has one; the rest stay at the value that is given here.
 */
export const bodyChoices = {
  neckWidth: {
    kind: "length",
    label: "Neck width, from the centre",
    default: both(3, 7.5),
    range: [2, 7],
    why: "3 is usual; a wider neck shows more collarbone and slips off a narrow shoulder.",
  },
  frontNeck: {
    kind: "option",
    label: "Front neck",
    options: necklineShapes,
    default: "round",
    why: "The shape of the front neck edge.",
  },
  frontNeckDepth: {
    kind: "length",
    label: "Front neck depth",
    default: both(3.5, 9),
    range: [1, 20],
    why: "3 sits at the base of the neck; keep it above the bust line.",
  },
  backNeck: {
    kind: "option",
    label: "Back neck",
    options: backNecks,
    default: "round",
    when: { frontNeck: Object.keys(backNecks) },
    why: "The shape of the back neck edge.",
  },
  backNeckDepth: {
    kind: "length",
    label: "Back neck depth",
    default: both(1, 2.5),
    range: [0.5, 8],
    when: { frontNeck: Object.keys(backNecks) },
    why: "½ to 2 for a neck that lies close; deeper shows the back.",
  },
  builtUpRise: {
    kind: "length",
    label: "Neck built up by",
    default: both(1.5, 4),
    range: [1, 1.5],
    when: { frontNeck: ["built-up"] },
    why: "Up and inward at the shoulder, front and back together.",
  },
  builtUpDip: {
    kind: "length",
    label: "Built-up neck dips at the centre back by",
    default: both(0.5, 1),
    range: [0.25, 0.5],
    when: { frontNeck: ["built-up"] },
    why: "Level there, so that it does not stand off.",
  },
  frontWaistDart: {
    kind: "flag",
    label: "Waist darts in front",
    default: false,
    why: "They bring the front in at the waist; what they take is given back at the side.",
  },
  backWaistDart: {
    kind: "flag",
    label: "Waist darts in the back",
    default: false,
    why: "They bring the back in at the waist; what they take is given back at the side.",
  },
  bustDart: {
    kind: "option",
    label: "Side bust dart",
    options: bustDarts,
    default: "none",
    why: "The front is longer than the back over the bust; the dart takes up the difference at the side.",
  },
  bustDartDepth: {
    kind: "length",
    label: "Bust dart below the chest line",
    default: both(3.5, 9),
    range: [2.5, 6],
    why: "3 to 4 down the side it points up to the bust and stays well above the waist.",
  },
  panel: {
    kind: "option",
    label: "Front panels",
    options: panels,
    default: "none",
    why: "A seam over the bust point shapes more than a dart can.",
  },
  backPanel: {
    kind: "option",
    label: "Back panels",
    options: { none: panels.none, armhole: panels.armhole },
    default: "none",
    why: "They shape the back from shoulder blade to waist.",
  },
  shoulderTakeOut: {
    kind: "length",
    label: "Shoulder take-out",
    default: both(1.5, 4),
    range: [0.5, 2.5],
    why: "What the panel seam from the shoulder takes away above the bust.",
  },
  shoulderTakeOutSplit: {
    kind: "option",
    label: "Shoulder take-out, larger leg",
    options: { outer: "Outside, two thirds", inner: "Inside, two thirds", even: "Even" },
    default: "outer",
    why: "Taken mostly outside, the seam keeps its line to the bust.",
  },
  panelLine: {
    kind: "option",
    label: "Panel line above the bust",
    options: { straight: "Straight from the middle of the shoulder", plumb: "Plumb up from the bust point" },
    default: "straight",
    why: "Straight it leads the eye outwards; plumb it looks longer.",
  },
  yokeAboveBust: {
    kind: "length",
    label: "Yoke line above the bust line",
    default: both(1.5, 4),
    range: [1, 4],
    why: "Between 1 and 2 the yoke ends where the bust begins to rise.",
  },
  yokeDart: {
    kind: "length",
    label: "Take-out below the yoke, each side",
    default: both(0.75, 2),
    range: [0.25, 1],
    why: "It closes just under the bust line; its width is given back outside the armhole.",
  },
  opening: {
    kind: "option",
    label: "Opening",
    options: openings,
    default: "back-zip",
    why: "Head, shoulders and waist must pass: without an opening the neck and the waist must be wide enough.",
  },
  zipEnd: {
    kind: "length",
    label: "Zip ends below the hip line",
    default: both(0, 0),
    range: [-1, 1],
    why: "A zip that ends much above the hip does not let the hips through.",
  },
  bandWidth: {
    kind: "length",
    label: "Finished band",
    default: both(1.5, 4),
    range: [0.75, 3],
    why: "The centre front runs down its middle, where the buttons sit.",
  },
  slitLength: {
    kind: "length",
    label: "Slit below the neck; 0 runs to the hem",
    default: both(0, 0),
    range: [0, 40],
    why: "A short slit is stitched closed at its end; a long one opens the whole front.",
  },
  slitFinish: {
    kind: "option",
    label: "The slit is finished with",
    options: slitFinishes,
    default: "bands",
    why: "A fold has no allowance: a facing takes none of the cloth, bands bring back what they take, a seam lies inside the fold.",
  },
  slitEnd: {
    kind: "option",
    label: "End of the slit",
    options: { square: "Square", slanted: "Slanted" },
    default: "square",
    why: "How the bands are finished where the slit stops.",
  },
  overlapWidth: {
    kind: "length",
    label: "Overlap beyond the centre front",
    default: both(4, 10),
    range: [0.5, 6],
    when: { opening: ["overlap"] },
    why: "½ to 1 for one row of buttons; 4 to 6 wraps the front.",
  },
  hemExtra: {
    kind: "length",
    label: "Hem beyond the hip, per quarter",
    default: both(1, 2.5),
    range: [-2, 6],
    why: "An inch in each quarter lets a straight hem fall clear of the knees.",
  },
  belowHip: {
    kind: "length",
    label: "Length below the hip line",
    default: both(1, 2.5),
    range: [-2, 14],
    why: "How far the hem hangs below the fullest hip.",
  },
  bandDepth: {
    kind: "length",
    label: "Gathered band at the hem",
    default: both(0, 0),
    range: [0, 16],
    why: "The body is drawn shorter by the band that is sewn to it.",
  },
  shorterBy: {
    kind: "length",
    label: "Shorter than measured",
    default: both(0, 0),
    range: [0, 8],
    why: "For a shorter hem, or where the cloth does not reach; the card keeps what was measured.",
  },
  panelFlare: {
    kind: "length",
    label: "Flare of each panel edge",
    default: both(3, 7.5),
    range: [0, 6],
    why: "Below the waist every edge but the fold goes out by this much; edges that meet get the same.",
  },
  sideRise: {
    kind: "length",
    label: "Side of the curved hem, raised",
    default: both(2.5, 6),
    range: [0, 4],
    why: "A shirt tail is shorter at the sides, where it would bunch.",
  },
  waistWidth: {
    kind: "option",
    label: "Width at the waist",
    options: { chest: "As wide as the chest", waist: "Waist and ease" },
    default: "waist",
    why: "A shift hangs straight from the chest; with waist and ease it follows the body.",
  },
  sideIn: {
    kind: "length",
    label: "Brought in at the waist, per quarter",
    default: both(0, 0),
    range: [0, 1],
    why: "Half an inch at the side gives a straight shape a little line.",
  },
  trimLength: {
    kind: "length",
    label: "Extra length to trim after fitting",
    default: both(0, 0),
    range: [0, 3],
    why: "2 to 2½ lets you trim the lower edge on the body.",
  },
  shoulderTrim: {
    kind: "length",
    label: "Extra at the shoulder to trim",
    default: both(0, 0),
    range: [0, 1],
    why: "Without a ruler ½ to 1 at the shoulder is left and trimmed at the fitting.",
  },
  ends: {
    kind: "option",
    label: "Ends at",
    options: { waist: "The waist", ribs: "The ribs, under the bust" },
    default: "waist",
    why: "A bustier stops at the half length, or right under the bust.",
  },
  centreDip: {
    kind: "length",
    label: "Dip at the centre, below the hip line",
    default: both(4, 10),
    range: [3.5, 5],
    why: "The point of a basque lengthens the body.",
  },
  sideDip: {
    kind: "length",
    label: "Dip at the side, below the hip line",
    default: both(1, 2.5),
    range: [0.5, 2],
    why: "An inch at the side lets the edge rise smoothly from the point.",
  },
  bodySplit: {
    kind: "flag",
    label: "Upper body split off",
    default: false,
    why: "A seam near the waist lets upper and lower part be of different cloth.",
  },
  splitAboveWaist: {
    kind: "length",
    label: "Split above the waist line",
    default: both(1, 2.5),
    range: [-1, 3],
    why: "Just above the waist the seam sits where the body is smallest.",
  },
  backYoke: {
    kind: "flag",
    label: "Back yoke",
    default: false,
    why: "A seam across the shoulder blades carries the fullness below it.",
  },
  backYokeDepth: {
    kind: "length",
    label: "Back yoke below the neck",
    default: both(4, 10),
    range: [3, 6],
    why: "4 to 5 below the neck it lies across the shoulder blades.",
  },
  backPleat: {
    kind: "length",
    label: "Back pleat beyond the centre",
    default: both(0, 0),
    range: [0, 2],
    why: "1 to 1½ laid outside the centre line gives reach; the yoke holds it.",
  },
  centreBackSeam: {
    kind: "flag",
    label: "Seam at the centre back",
    default: false,
    why: "Two back pieces fit where one on the fold does not; the seam may be shaped.",
  },
  fold: {
    kind: "option",
    label: "Fold",
    options: folds,
    default: "one-fold",
    why: "How the cloth lies while you chalk and cut; the garment stays the same.",
  },
  frontCurves: {
    kind: "option",
    label: "Front neck and armhole",
    options: {
      "with-back": "Chalked with the back's, dotted",
      "after-separating": "Chalked on the front alone",
    },
    default: "with-back",
    why: "In four layers the front lies uppermost: its curves are dotted with the back's, or chalked once it is lifted away.",
  },
  lengthsFrom: {
    kind: "option",
    label: "Lengths start",
    options: { "top-line": "At the top line", "cloth-edge": "At the cloth's edge, the seam added in" },
    default: "top-line",
    why: "The same marks; only what the tape says differs. From the edge nothing has to be chalked first.",
  },
  ...tableChoices,
} as const satisfies ChoiceDefinitions;

export type BodyChoiceId = keyof typeof bodyChoices;

export type Offers = OffersOf<BodyChoiceId>;

/** Both necks, free to choose: what most garments offer first. */
export const neckOffers = {
  neckWidth: true,
  frontNeck: true,
  frontNeckDepth: true,
  backNeck: true,
  backNeckDepth: true,
  builtUpRise: true,
  builtUpDip: true,
} as const satisfies Offers;

/** The choices of a body, in the order of making; what every garment offers at the table comes last. */
export function offer(offers: Offers): ChoiceDefinitions {
  const four = offers.fold === true || (Array.isArray(offers.fold) && offers.fold.includes("four-layers"));
  const offered = offerFrom(bodyChoices, {
    ...offers,
    ...(four ? { frontCurves: true } : {}),
    workingPiece: true,
    growth: true,
    scale: true,
  });
  return Object.fromEntries(Object.entries(offered).map(([id, choice]) => [id, askedAmong(choice, offered)]));
}

/** A choice that waits for another one is always asked where its garment has no such other. */
function askedAmong({ when, ...choice }: ChoiceDefinition, offered: ChoiceDefinitions): ChoiceDefinition {
  const known = Object.entries(when ?? {}).filter(([id]) => offered[id] !== undefined);
  return known.length === 0 ? choice : { ...choice, when: Object.fromEntries(known) };
}

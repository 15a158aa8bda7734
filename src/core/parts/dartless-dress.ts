import {
  type BodicePlan,
  type ChalkedSide,
  chalkArmhole,
  chalkDressLines,
  chalkHemMarks,
  chalkShoulder,
  chalkSides,
  chalkWidths,
  needsArmhole,
  pieceIds,
  planBodice,
  type Side,
} from "../blocks";
import type { MeasurementId } from "../body";
import {
  allowanceTerm,
  bodyTerm,
  type ChoiceDefinitions,
  choiceOption,
  type Mark,
  type PieceChalk,
  ruleLength,
  type Sheet,
  settleOnTape,
} from "../chalk";
import { both } from "../length";
import type { RuleId, RuleValue } from "../rules";
import { chalkFoldEdge, chalkZipHollow, chalkZipSeam, hollowGivenBack, openingChoices } from "./centre-back";
import { chalkNeck, neckChoices } from "./necklines";

/** The choices of a dartless dress, in the order of making. */
export const dartlessDressChoices = {
  ...neckChoices,
  ...openingChoices,
  hemExtra: {
    kind: "length",
    label: "Hem beyond the hip, per quarter",
    default: both(1, 2.5),
    range: [-2, 6],
    why: "An inch in each quarter lets a straight hem fall clear of the knees.",
  },
  fold: {
    kind: "option",
    label: "Fold",
    options: { "one-fold": "One fold, twice", "back-from-front": "Back from front", "four-layers": "Four layers" },
    default: "one-fold",
    why: "How the cloth lies while you chalk and cut; the garment stays the same.",
  },
} as const satisfies ChoiceDefinitions;

/** Every rule that a dartless dress reads. */
export const dartlessDressRules: readonly RuleId[] = [
  "armholeDepth",
  "armholeRoom",
  "armholeFrom",
  "armholeLine",
  "shoulderSlope",
  "backShoulderSlope",
  "frontScoop",
  "backScoop",
  "ease.bust",
  "ease.waist",
  "ease.hip",
  "allowance.shoulder",
  "allowance.armhole",
  "allowance.neck",
  "allowance.side",
  "allowance.hem",
  "allowance.zip",
  "zipHollow",
  "zipHollowGivenBack",
  "dartlessLength",
  "tick",
];

/** Readings a dartless dress cannot be drawn without, under the rules in force. */
export function dartlessDressNeeds(rule: (id: RuleId) => RuleValue): readonly MeasurementId[] {
  return [
    "bust",
    "waist",
    "hip",
    "shoulder",
    "frontWaist",
    "waistToHip",
    "fullLength",
    ...(needsArmhole(rule("armholeDepth")) ? (["armhole"] as const) : []),
    ...(rule("dartlessLength") === "front" ? [] : (["backWaist"] as const)),
  ];
}

const NAMES: Readonly<Record<Side, string>> = { front: "Front", back: "Back" };

function openPiece(sheet: Sheet, side: Side): PieceChalk {
  const zip = side === "back" && choiceOption(sheet.given, "opening") === "back-zip";
  const inset = zip ? [allowanceTerm(sheet.given, "allowance.zip")] : [];
  return sheet.piece(pieceIds[side], {
    name: NAMES[side],
    origin: zip ? "zip-line" : "fold",
    originInset: settleOnTape(sheet.given, inset),
    topInset: settleOnTape(sheet.given, [allowanceTerm(sheet.given, "allowance.shoulder")]),
  });
}

/** One half from the top line to the hem marks; its side waits for the other half, so that both can be made equal. */
function chalkHalf(piece: PieceChalk, plan: BodicePlan, side: Side): ChalkedSide {
  const zip = piece.start.origin === "zip-line";
  chalkDressLines(piece, plan);
  chalkNeck(piece, plan.shoulder[side], side);
  chalkShoulder(piece, plan, side);
  chalkArmhole(piece, plan, side);
  if (zip) chalkZipHollow(piece, piece.markAt("centre/neck-depth").stitch);
  chalkWidths(piece, side, (line) => (zip ? hollowGivenBack(piece, line as "waist" | "hip") : []));
  chalkHemMarks(piece, side, piece.markAt("hip/side"));
  const mark = (line: string): Mark => piece.markAt(`${line}/side`);
  return { piece, side, marks: { chest: mark("chest"), waist: mark("waist"), hip: mark("hip"), hem: mark("hem") } };
}

function chalkCentre(piece: PieceChalk): void {
  const neckDown = piece.markAt("centre/neck-depth").stitch;
  if (piece.start.origin === "zip-line") chalkZipSeam(piece, neckDown, piece.lineTerms("hip"));
  else chalkFoldEdge(piece, neckDown);
}

/**
 * Chalks a dartless dress from the shoulder to the hem: front on the fold, back on the fold or with a zip at its centre,
 * both sides made equal; promises its seams and its girths.
 */
export function chalkDartlessDress(sheet: Sheet): void {
  const { given } = sheet;
  const plan = planBodice(given);
  const front = chalkHalf(openPiece(sheet, "front"), plan, "front");
  const back = chalkHalf(openPiece(sheet, "back"), plan, "back");
  chalkSides(front, back, plan.underarmBelow);
  for (const { piece, side } of [front, back]) {
    chalkCentre(piece);
    if (piece.start.origin === "fold") piece.notchAt("centre-neck", `${side}-neck`, 0);
  }
  sheet.seam({
    id: "shoulder",
    a: ["bodice-front/shoulder"],
    b: ["bodice-back/shoulder"],
    ease: { least: 0, most: 0 },
  });
  sheet.seam({ id: "side", a: ["bodice-front/side"], b: ["bodice-back/side"], ease: { least: 0, most: 0 } });
  const girths = [
    ["bust", "chest"],
    ["waist", "waist"],
    ["hip", "hip"],
  ] as const;
  for (const [line, on] of girths) {
    sheet.girth({ line, on, body: bodyTerm(given, line).value, ease: ruleLength(given, `ease.${line}`) });
  }
  sheet.openAt(choiceOption(given, "opening") === "back-zip" ? "back-zip" : "none");
}

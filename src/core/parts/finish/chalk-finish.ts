import {
  armholeAllowance,
  armholeFinish,
  givenStep,
  neckFinish,
  type OpenEdge,
  refuse,
  ruleLength,
  type Sheet,
} from "../../chalk";
import { pathLength } from "../../geometry";
import type { Inches } from "../../length";
import { type ClosedHalf, closeHalf } from "../closed-half";
import { shapeArmholeFacing, shapeFacingInOne, shapeNeckFacing } from "../facing-shapes";
import { armholeFacingDepth, isForOneFacing } from "../facing-sizes";
import { decideAll } from "../offers";
import { chalkBinding } from "./binding";
import { chalkFacing, type FacingPlan } from "./chalk-facing";
import { finishChoices } from "./finish-choices";

const MEETS = { least: 0, most: 0 };
const SIDES = ["front", "back"] as const;
type Side = (typeof SIDES)[number];

interface Finish {
  readonly neck: "none" | "facing" | "binding";
  readonly armhole: "sleeve" | "faced" | "bound";
  readonly facingDepth: Inches;
}

interface Faced {
  readonly sheet: Sheet;
  readonly halves: Readonly<Record<Side, ClosedHalf>>;
  readonly finish: Finish;
  readonly neck: OpenEdge;
  readonly armhole: OpenEdge;
}

/** Where a half's facing ends at its centre: on the fold, at the zip, or at the edge that opens. */
function centreOf({ sheet, halves }: Faced, side: Side): { readonly onFold: boolean; readonly allowance: Inches } {
  const { given } = sheet;
  const half = halves[side];
  if (side === "back") {
    const zip = given.choices.opening === "back-zip";
    return { onFold: !zip, allowance: zip ? ruleLength(given, "allowance.zip") : 0 };
  }
  const onFold = half.onFold && half.neck.mouths.length === 0;
  return { onFold, allowance: onFold ? 0 : ruleLength(given, "allowance.shoulder") };
}

function isNotched({ walk }: OpenEdge, side: Side): boolean {
  return walk[side].some(({ piece }) => piece.notches.some(({ id }) => id === "centre-neck"));
}

function planFacing(faced: Faced, side: Side): Omit<FacingPlan, "id" | "name" | "shape" | "depth"> {
  const { given } = faced.sheet;
  const centre = centreOf(faced, side);
  return {
    of: faced.halves[side],
    onFold: centre.onFold,
    centreAsCut: side === "back" && !centre.onFold,
    notched: centre.onFold && isNotched(faced.neck, side),
    allowances: {
      centre: centre.allowance,
      armhole: armholeAllowance(given),
      neck: ruleLength(given, "allowance.neck"),
    },
  };
}

/** The facing of the neck, front and back; with the armhole's in one where the shoulder is narrow. */
function faceNeck(faced: Faced, inOne: boolean): void {
  const { sheet, halves, finish, neck, armhole } = faced;
  const depth = finish.facingDepth;
  for (const side of SIDES) {
    const half = halves[side];
    const edge = chalkFacing(sheet, {
      ...planFacing(faced, side),
      id: `facing-${side}-neck`,
      name: inOne ? `neck-armhole-facing-${side}` : `neck-facing-${side}`,
      shape: inOne ? shapeFacingInOne(half, depth, armholeFacingDepth(sheet.given)) : shapeNeckFacing(half, depth),
      depth,
    });
    sheet.seam({ id: `facing-neck-${side}`, a: [edge("neck")], b: neck.rows[side], ease: MEETS });
    if (inOne) sheet.seam({ id: `facing-armhole-${side}`, a: [edge("armhole")], b: armhole.rows[side], ease: MEETS });
  }
  const seams = inOne ? (["shoulder", "side"] as const) : (["shoulder"] as const);
  for (const seam of seams)
    sheet.seam({
      id: `facing-neck-${seam}`,
      a: [`facing-front-neck/${seam}`],
      b: [`facing-back-neck/${seam}`],
      ease: MEETS,
    });
}

/** The facing of the armhole: front and back, each a pair. */
function faceArmhole(faced: Faced): void {
  const { sheet, halves, armhole } = faced;
  const depth = armholeFacingDepth(sheet.given);
  for (const side of SIDES) {
    const edge = chalkFacing(sheet, {
      ...planFacing(faced, side),
      id: `facing-armhole-${side}`,
      name: `armhole-facing-${side}`,
      shape: shapeArmholeFacing(halves[side], depth),
      onFold: false,
      notched: false,
      depth,
    });
    sheet.seam({ id: `facing-armhole-${side}`, a: [edge("armhole")], b: armhole.rows[side], ease: MEETS });
  }
  for (const seam of ["shoulder", "side"] as const)
    sheet.seam({
      id: `facing-armhole-${seam}`,
      a: [`facing-armhole-front/${seam}`],
      b: [`facing-armhole-back/${seam}`],
      ease: MEETS,
    });
}

/** A neck that the body's own cut runs across has no one piece to chalk a facing round. */
function checkWhole({ walk }: OpenEdge, finish: Finish): void {
  if (SIDES.every((side) => walk[side].length === 1)) return;
  refuse({
    code: "facing-over-split",
    conflicts:
      finish.neck === "facing"
        ? ["choices.neckFinish", "choices.splitAboveWaist"]
        : ["choices.armholeFinish", "choices.splitAboveWaist"],
    numbers: {},
    nearest: finish.neck === "facing" ? "binding" : "bound",
  });
}

function chalkFacings(sheet: Sheet, finish: Finish, neck: OpenEdge, armhole: OpenEdge): void {
  checkWhole(neck, finish);
  const halves = { front: closeHalf(neck, armhole, "front"), back: closeHalf(neck, armhole, "back") };
  const faced: Faced = { sheet, halves, finish, neck, armhole };
  const [facesNeck, facesArmhole] = [finish.neck === "facing", finish.armhole === "faced"];
  const narrow = Math.min(...SIDES.map((side) => pathLength(halves[side].shoulder)));
  const inOne = facesNeck && facesArmhole && isForOneFacing(sheet.given, narrow);
  sheet.part("finish", () => {
    if (facesNeck) faceNeck(faced, inOne);
    if (facesArmhole && !inOne) faceArmhole(faced);
    const piece = facesNeck ? "facing-front-neck" : "facing-armhole-front";
    sheet.remark({ id: "facing-turned", piece, numbers: {} });
    if (facesNeck && sheet.given.choices.facingWraps === true) sheet.remark({ id: "facing-wraps", piece, numbers: {} });
  });
}

/** Finishes the neck and the armholes that no collar and no sleeve is sewn to (craft: bodice, collars). */
export function chalkFinish(sheet: Sheet, neck: OpenEdge, armhole: OpenEdge): void {
  const { given } = sheet;
  const { facingDepth } = decideAll(finishChoices, {}, { ...given, step: givenStep(given) });
  const finish: Finish = { neck: neckFinish(given) as Finish["neck"], armhole: armholeFinish(given), facingDepth };
  if (finish.neck === "facing" || finish.armhole === "faced") chalkFacings(sheet, finish, neck, armhole);
  const round = (edge: OpenEdge) => edge.length.front + edge.length.back;
  const bound = {
    neck: finish.neck === "binding" ? 2 * round(neck) : 0,
    armhole: finish.armhole === "bound" ? round(armhole) : 0,
  };
  if (bound.neck + bound.armhole > 0) chalkBinding(sheet, bound);
}

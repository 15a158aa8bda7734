import type { Side } from "../../blocks";
import {
  allowanceTerm,
  type Given,
  onTape,
  type PieceChalk,
  ruleLength,
  ruleTerm,
  type Sum,
  settleOnTape,
  type Term,
} from "../../chalk";
import {
  at,
  crossAtDepth,
  joinPaths,
  leaningLine,
  mapPath,
  type Path,
  type Point,
  pathEnd,
  reversePath,
  splitAtDepth,
  straight,
} from "../../geometry";
import { both, type Inches, pickSystem } from "../../length";
import { HOLLOW, RUN_OUT_ABOVE_HIP } from "../hollow";
import type { HalfSkirt } from "./plan-skirt";
import type { SkirtForm } from "./skirt-form";
import { chalkFrontButtons, chalkFrontEdge } from "./skirt-front";

/** A vent reaches this far beyond the centre; its upper edge slants to there at 45°. */
const VENT = both(2, 5);

const ventOf = (given: Given, form: SkirtForm): Inches =>
  form.hemSlit === "vent" ? pickSystem(VENT, given.metric) : 0;

/** A centre line that is sewn on a fold lies this far inside it (craft: skirts, slit on a fold). */
const SEAM_INSIDE = both(1, 2.5);

/** The rule that decides the centre back's allowance: the zip's, the side's where it is only a seam, or the slit's where that is more. */
function backRule(given: Given, form: SkirtForm): "allowance.zip" | "allowance.side" | "allowance.slit" {
  const seam = form.opens === "back-zip" ? "allowance.zip" : "allowance.side";
  if (form.slitAt !== "back" || form.hemSlit !== "slit") return seam;
  return ruleLength(given, "allowance.slit") > ruleLength(given, seam) ? "allowance.slit" : seam;
}

/** What lies beyond a centre that is sewn: a front was cut open along its fold for it. */
function centreTerm(given: Given, form: SkirtForm, side: Side): Term {
  if (side === "back") return allowanceTerm(given, backRule(given, form));
  if (form.front !== null) return form.front.foldIn;
  const value = onTape(given, pickSystem(SEAM_INSIDE, given.metric));
  return { code: "seam-inside-the-folded-edge", kind: "allowance", value, source: "choice:hemSlitAt" };
}

/** What lies beyond a side: with a slit in it no less than what that is turned in by. */
export function sideTerm(given: Given, form: SkirtForm): Term {
  const wide = ruleLength(given, "allowance.slit") > ruleLength(given, "allowance.side");
  return allowanceTerm(given, form.slitAt === "side" && wide ? "allowance.slit" : "allowance.side");
}

/** How far a centre line lies inside the cloth: its seam, and a vent that reaches beyond it. */
export function centreInset(given: Given, form: SkirtForm, side: Side): Sum {
  const vent = ventOf(given, form);
  const beyond: Term = { code: "vent-beyond-the-centre", kind: "style", value: vent, source: "choice:hemSlit" };
  if (side === "front" && form.front !== null) return settleOnTape(given, [form.front.foldIn, form.front.overlap]);
  return settleOnTape(given, [centreTerm(given, form, side), ...(vent > 0 && side === "back" ? [beyond] : [])]);
}

/** Where a vent's outer edge starts and ends; null where there is none. */
function ventCorners(given: Given, { form, slitTop, hemDown }: HalfSkirt): readonly [Point, Point] | null {
  const vent = ventOf(given, form);
  return vent === 0 || slitTop === null ? null : [at(-vent, slitTop + vent), at(-vent, hemDown.value)];
}

/** The hem to the centre, and on to the outer edge of a vent. */
export function hemWithVent(given: Given, half: HalfSkirt): Path {
  const corners = ventCorners(given, half);
  const { hem } = half.drawn;
  return corners === null ? hem : joinPaths([hem, straight(pathEnd(hem), corners[1])]);
}

/** A corner of the vent: it lies beyond the centre line, and is read from the cloth's own edge. */
function ventMark(piece: PieceChalk, id: string, stitch: Point): void {
  const value = piece.start.originInset.value + stitch.x;
  const inside: Term = { code: "inside-cloth-edge", kind: "drawn", value, source: "choice:hemSlit" };
  piece.at({ id, terms: [inside], stitch, from: "cloth-edge", why: "vent" });
}

/** Marks down the centre back: where the zip ends, where a slit or vent starts, and how far a vent reaches. */
export function chalkCentreMarks(piece: PieceChalk, half: HalfSkirt): void {
  const { given } = piece;
  const { form, side, slitTop } = half;
  if (side === "back" && form.opens === "back-zip") {
    const below: Term = { code: "zip-end-below-hip", kind: "style", value: form.zipEnd, source: "choice:zipEnd" };
    piece.centreMark("zip-end", { terms: [...half.hipDown.terms, ...(form.zipEnd === 0 ? [] : [below])], step: 0 });
  }
  if (side === "front" && form.front !== null) chalkFrontButtons(piece, form.front, half.hemDown.value);
  if (slitTop === null) return;
  const top: Term = { code: "top-of-the-slit", kind: "style", value: slitTop, source: "choice:hemSlitTop" };
  piece.centreMark(form.hemSlit === "vent" ? "vent-top" : "slit-top", { terms: [top], why: "slit-top" });
  const corners = ventCorners(given, half);
  if (corners === null) return;
  ventMark(piece, "vent/corner", corners[0]);
  ventMark(piece, "vent/hem", corners[1]);
}

/** The centre line from the waist down: plumb, or out of the hollow of the body above. */
function centreLine(given: Given, { numbers, drawn }: HalfSkirt): Path {
  const { hollow, hipDown, hemDown } = numbers;
  const { start } = drawn.waist;
  if (hollow === 0) return straight(start, at(start.x, hemDown));
  const out = at(0, hipDown - pickSystem(RUN_OUT_ABOVE_HIP, given.metric));
  return joinPaths([leaningLine(start, 0, out, 0), straight(out, at(0, hemDown))]);
}

/** The hollow marked, and registered as what it takes out of the back. */
export function chalkHollow(piece: PieceChalk, half: HalfSkirt): void {
  const { hollow } = half.numbers;
  if (hollow === 0) return;
  const line = centreLine(piece.given, half);
  piece.takeOut(HOLLOW, "zip-hollow", (down) => crossAtDepth(line, Math.max(0, down))[0]?.x ?? 0);
  piece.mark("waist", "hollow", { terms: [ruleTerm(piece.given, "zipHollow")], why: "zip-hollow" });
}

/** The centre edge from the hem up: on the fold, plumb in its seam, or round the outside of a vent. */
export function chalkCentre(piece: PieceChalk, half: HalfSkirt): void {
  const { given } = piece;
  const { form, slitTop } = half;
  const up = reversePath(centreLine(given, half));
  if (piece.start.origin === "fold") {
    piece.edge("centre", { role: "centre", stitch: up, allowance: 0, through: [], onFold: true });
    return;
  }
  if (half.side === "front" && form.front !== null) {
    chalkFrontEdge(piece, up, form.front);
    return;
  }
  const allowance = centreTerm(given, form, half.side).value;
  const corners = ventCorners(given, half);
  if (corners === null) {
    piece.edge("centre", {
      role: "centre",
      stitch: up,
      cut: mapPath(up, ({ y }) => at(-allowance, y)),
      allowance,
      through: ["centre/hem", "centre/slit-top", "centre/zip-end", "centre/waist", "waist/hollow"],
    });
    return;
  }
  piece.edge("centre", {
    role: "centre",
    stitch: joinPaths([
      straight(corners[1], corners[0], at(0, slitTop ?? 0)),
      reversePath(splitAtDepth(centreLine(given, half), slitTop ?? 0)?.[0] ?? up),
    ]),
    allowance,
    through: ["vent/hem", "vent/corner", "centre/vent-top", "centre/zip-end", "centre/waist", "waist/hollow"],
  });
}

/** Where the zip ends and a slit or vent starts: the stitching stops there. */
export function notchCentre(piece: PieceChalk): void {
  for (const id of ["slit-top", "vent-top", "zip-end"])
    if (piece.hasMark(`centre/${id}`)) piece.notchAtDepth(id, "centre", piece.markAt(`centre/${id}`).stitch);
}

import {
  type Given,
  type OpenEdge,
  onTape,
  type PieceChalk,
  refuse,
  ruleLength,
  type Sheet,
  settleOnTape,
  type Term,
} from "../../chalk";
import {
  add,
  at,
  cubicTo,
  directionFrom,
  distance,
  type Path,
  pathEnd,
  pathLength,
  scale,
  splitAtLength,
  straight,
} from "../../geometry";
import { both, type Inches, pickSystem, roundDownToStep } from "../../length";
import { chalkCapPlaces } from "./cap-places";
import { openSleeve } from "./open-sleeve";
import { type PlannedCap, planCap } from "./plan-cap";
import { chosenTerm, type SleeveForm } from "./sleeve-form";

/** Its lower edge is rolled or bound. */
const EDGE = both(0.5, 1);
/** A cap sleeve runs at least so far along the cap. */
const LEAST_ALONG = both(3, 7.5);

/** The cap as far as it is sewn, and the edge below it: from its end back to the fold, level there. */
function drawCapSleeve(cap: PlannedCap, ends: Inches, down: Inches): { readonly upper: Path; readonly lower: Path } {
  const [upper] = splitAtLength(cap.curve, pathLength(cap.curve) - ends);
  const [from, to] = [pathEnd(upper), at(0, down)];
  const handle = distance(from, to) / 3;
  const leaving = directionFrom(from, to) ?? { x: -1, y: 0 };
  const curve = cubicTo(add(from, scale(leaving, handle)), add(to, at(handle, 0)), to);
  return { upper, lower: { start: from, segments: [curve] } };
}

function checkEnds(given: Given, form: SleeveForm, cap: PlannedCap): void {
  const room = pathLength(cap.curve) - pickSystem(LEAST_ALONG, given.metric);
  if (form.capSleeveEnds <= room) return;
  refuse({
    code: "cap-sleeve-too-short",
    conflicts: ["choices.capSleeveEnds", "measurements.armhole"],
    numbers: { ends: form.capSleeveEnds, room },
    nearest: roundDownToStep(room, 1 / 8),
  });
}

/**
 * A sleeve that covers the shoulder alone: its cap is sewn from one notch over the shoulder to the other, and there is no
 * underarm seam. Below its ends the armhole is finished as a bare one.
 */
export function chalkCapSleeve(
  sheet: Sheet,
  form: SleeveForm,
  open: OpenEdge,
): { readonly piece: PieceChalk; readonly cap: PlannedCap } {
  const { given } = sheet;
  const cap = planCap(given, form, open);
  checkEnds(given, form, cap);
  const end =
    form.sleeveEnd === "by-kind" && typeof form.of.end === "object"
      ? chosenTerm("ends-by-kind", "sleeve", pickSystem(form.of.end, given.metric))
      : chosenTerm("ends-as-told", "sleeveEnd", Number(form.sleeveEnd));
  const hem = settleOnTape(given, [end]);
  const { upper, lower } = drawCapSleeve(cap, form.capSleeveEnds, hem.value);
  const piece = openSleeve(sheet);
  const own = (value: Inches): Term => ({ code: "cap-as-solved", kind: "drawn", value, source: "rule:capHeight" });
  piece.line("biceps", { value: cap.cap, terms: [own(cap.cap)] }, { why: "biceps-line" });
  piece.line("hem", hem);
  const wide: Term = { code: "width-from-the-armhole", kind: "drawn", value: cap.half, source: "join:armhole" };
  piece.mark("biceps", cap.level === null ? "side" : "level", { terms: [wide], why: "cap-width" });
  chalkCapPlaces(piece, cap);
  piece.edge("cap", {
    role: "cap",
    stitch: upper,
    allowance: ruleLength(given, "allowance.armhole"),
    through: ["cap/raised", "cap/middle", "cap/sunk"],
    why: "cap-curve",
  });
  piece.along({
    id: "cap/end",
    edge: "cap",
    reading: { value: pathLength(upper), terms: [] },
    stitch: pathEnd(upper),
    why: "cap-sleeve-end",
  });
  piece.edge("hem", {
    role: "hem",
    stitch: lower,
    allowance: onTape(given, pickSystem(EDGE, given.metric)),
    through: ["cap/end"],
    why: "cap-sleeve-edge",
  });
  piece.edge("centre", {
    role: "centre",
    stitch: straight(pathEnd(lower), upper.start),
    allowance: 0,
    through: [],
    onFold: true,
  });
  for (const side of ["front", "back"] as const) sheet.notchOpen(open, side, "sleeve-end", form.capSleeveEnds);
  sheet.remark({ id: "cap-sleeve-under", piece: "sleeve", numbers: { ends: form.capSleeveEnds } });
  return { piece, cap };
}

import type { Side } from "../../blocks";
import { ruleLength, ruleValue, type Sheet } from "../../chalk";
import type { BodyForm } from "./body-form";
import { isTrimmed, ribsMoved } from "./body-lines";
import { contourWidth } from "./centre-back";
import type { HalfPlan } from "./half-plan";
import { hemSide } from "./lower-edge";
import { cupLift, panelRoom } from "./panel-rules";
import type { SideShape } from "./sides";
import { dartEnd, takeOutEnd } from "./waist-dart";

export type Both<Kept> = Readonly<Record<Side, Kept>>;

export interface PlannedBody {
  readonly halves: Both<HalfPlan>;
  readonly sides: Both<SideShape>;
}

/** What the recipe did that a tailor must be told: a dart left out or raised, a trim without a join. */
function remarkDart(sheet: Sheet, form: BodyForm, sides: Both<SideShape>, piece: string): void {
  const { given } = sheet;
  const { angle, opensAt } = sides.front;
  if (form.bustDart !== "none" && form.dart === "none")
    sheet.remark({ id: "bust-dart-off-by-rule", piece, numbers: {} });
  else if (form.dart !== "none" && angle === 0) sheet.remark({ id: "bust-dart-not-needed", piece, numbers: {} });
  if (angle > 0 && opensAt < form.bustDartDepth - 1 / 16)
    sheet.remark({ id: "bust-dart-raised", piece, numbers: { asked: form.bustDartDepth, used: opensAt } });
  if (ruleLength(given, "backContour") > contourWidth(given, form))
    sheet.remark({ id: "contour-needs-seam", piece: "bodice-back", numbers: {} });
  if (ruleValue(given, "balance") === "trim" && !isTrimmed(given, form))
    sheet.remark({ id: "trim-needs-join", piece, numbers: {} });
}

/** Waist darts that had to be longer than the house has them. */
function remarkWaistDarts(sheet: Sheet, halves: Both<HalfPlan>): void {
  for (const side of ["front", "back"] as const) {
    const raised = halves[side].dart?.raised ?? 0;
    if (raised > 1 / 32) sheet.remark({ id: "dart-tip-raised", piece: `bodice-${side}`, numbers: { raised } });
  }
}

/** What the panels' rules could not do as they were set. */
function remarkPanels(sheet: Sheet, { front, back }: Both<HalfPlan>): void {
  const { given } = sheet;
  for (const half of [front, back]) remarkTakeOutEnd(sheet, half);
  const ribs = front.lines.underbust?.value;
  const moved = ribsMoved(given, front.form);
  if (ribs !== undefined && moved !== 0)
    sheet.remark({ id: "ribs-line-moved", piece: "side-front", numbers: { asked: ribs - moved, used: ribs } });
  if (front.panel === null) return;
  const piece = "side-front";
  const { asked: point, used: met } = front.panel.panelPoint;
  if (Math.abs(point - met) > 1 / 32)
    sheet.remark({ id: "panel-point-moved", piece, numbers: { asked: point, used: met } });
  if (panelRoom(given) !== ruleValue(given, "panelRoom"))
    sheet.remark({ id: "panel-room-by-line", piece, numbers: {} });
  const [asked, used] = [ruleLength(given, "cupLift"), cupLift(given, front.lines)];
  if (used < asked) sheet.remark({ id: "cup-lift-lowered", piece, numbers: { asked, used } });
}

/** A take-out that would have run out at the waist, where the rule and a short hip have it, runs on below. */
function remarkTakeOutEnd(sheet: Sheet, { side, lines, panel }: HalfPlan): void {
  const { given } = sheet;
  const [asked, used] = [dartEnd(given, side, lines), takeOutEnd(given, side, lines)];
  if (asked === null || used === null || used <= asked + 1e-6 || panel === null) return;
  const waist = lines.waist?.value ?? 0;
  sheet.remark({
    id: "take-out-end-lowered",
    piece: `side-${side}`,
    numbers: { asked: asked - waist, used: used - waist },
  });
}

/** A flare whose corner was lifted keeps less than was asked; a yoke line that was raised lies elsewhere than asked. */
function remarkShape(sheet: Sheet, { halves }: PlannedBody, piece: string): void {
  const { given } = sheet;
  const { form, points, lines, panel } = halves.front;
  const [hip, hem] = [points.hip, lines.hem?.value];
  if (form.style.hem === "flared" && hip !== undefined && hem !== undefined) {
    const corner = hemSide(given, halves.front) ?? hip;
    const numbers = { asked: ruleLength(given, "hemFlare"), kept: corner.x - hip.x, lift: hem - corner.y };
    if (numbers.kept < numbers.asked - 1 / 16) sheet.remark({ id: "flare-kept", piece, numbers });
  }
  const wanted = (lines.bust?.value ?? 0) - form.yokeAboveBust;
  const yoke = panel?.inner.start.y ?? 0;
  if (panel?.yokeArmhole && yoke < wanted - 1 / 16)
    sheet.remark({ id: "yoke-line-raised", piece, numbers: { yoke, wanted } });
}

/** Everything that a body's recipe did otherwise than it was asked, told as remarks on its sheet. */
export function remarkBody(sheet: Sheet, form: BodyForm, planned: PlannedBody, piece: string): void {
  remarkDart(sheet, form, planned.sides, piece);
  remarkShape(sheet, planned, piece);
  remarkPanels(sheet, planned.halves);
  remarkWaistDarts(sheet, planned.halves);
  if (form.hemShapedLater > 0) sheet.remark({ id: "hem-shaped-later", piece, numbers: { rise: form.hemShapedLater } });
}

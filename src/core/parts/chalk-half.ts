import { pieceIds, type Side } from "../blocks";
import {
  allowanceTerm,
  type LineId,
  type PieceStart,
  ruleLength,
  type Sheet,
  settleOnTape,
  type Term,
  type Turn,
} from "../chalk";
import { at, pathEnd, straight } from "../geometry";
import { chalkCentre, chalkHollow, HOLLOW } from "./centre-line";
import { chalkPanels, chalkPlainLower } from "./chalk-lower";
import {
  chalkBustDart,
  chalkHemCentre,
  chalkHemSide,
  chalkSideEdge,
  chalkSideMark,
  chalkSideMarks,
} from "./chalk-side";
import { chalkPanelUpper, chalkPlainUpper, type HalfPieces } from "./chalk-upper";
import type { HalfPlan } from "./half-plan";
import { chalkNeck, checkNeckDepth, planNeck } from "./necklines";
import type { PanelShape } from "./panel-plan";
import { turnPanel } from "./panel-shape";
import { bustPointOf, type SideShape, sewnLegs } from "./sides";
import { chalkWaistDart } from "./waist-dart";

const NAMES: Readonly<Record<Side, string>> = { front: "Front", back: "Back" };

function openPieces(sheet: Sheet, half: HalfPlan): HalfPieces {
  const { side, centre, form, panel } = half;
  const { given } = sheet;
  const trim: readonly Term[] =
    form.shoulderTrim > 0
      ? [
          {
            label: "To trim at the fitting",
            kind: "allowance",
            value: form.shoulderTrim,
            source: "choice:shoulderTrim",
          },
        ]
      : [];
  const topInset = settleOnTape(given, [allowanceTerm(given, "allowance.shoulder"), ...trim]);
  const start: Omit<PieceStart, "name"> = { ...centre.start, half: side, topInset };
  if (panel === null) {
    const whole = sheet.piece(pieceIds[side], { ...start, name: NAMES[side] });
    chalkLines(whole, half);
    return { inner: whole, outer: whole, top: whole };
  }
  const top = panel.yokeArmhole === null ? null : sheet.piece("yoke-front", { ...start, name: "Front yoke" });
  if (top !== null) chalkLines(top, half, ["chest"]);
  const inner = sheet.piece(`centre-${side}`, { ...start, name: `Centre ${side}` });
  chalkLines(inner, half);
  const { contour: _, front: __, pair: ___, ...shared } = start;
  const name = `Side ${side}`;
  const outer = sheet.piece(`side-${side}`, { ...shared, name, drawnWith: inner, shift: half.shift });
  return { inner, outer, top: top ?? inner };
}

const order = ["chest", "bust", "underbust", "waist", "hip", "hem"] as const;

function chalkLines(piece: HalfPieces["inner"], half: HalfPlan, wanted: readonly LineId[] = order): void {
  const { lines, underarmDown, form, points } = half;
  const lowest = form.end === "ribs" ? "underbust" : "waist";
  const trimmedTo = form.style.hem === "join" ? points[lowest]?.y : undefined;
  for (const id of order) {
    const down = lines[id];
    if (down === undefined || !wanted.includes(id)) continue;
    if (id === "chest") piece.line(id, down, { why: "armhole-depth", level: underarmDown });
    else piece.line(id, down, id === lowest && trimmedTo !== undefined ? { level: trimmedTo } : {});
  }
}

/** Writes what a half takes out, and what is not given back exactly, into the ledger of the piece that carries its side. */
function registerTakeOuts({ inner, outer }: HalfPieces, half: HalfPlan): void {
  chalkHollow(inner, outer, half.centre);
  for (const taken of half.takenOut.filter(({ id }) => id !== HOLLOW)) {
    outer.takeOut(taken.id, taken.why, taken.removedAt);
    for (const [line, instead] of Object.entries(taken.insteadOn)) {
      const id = line as LineId;
      outer.declare(taken.id, id, instead.amount - taken.removedAt(outer.level(id)), instead.why);
    }
  }
}

function turnOf(half: HalfPlan, shape: SideShape): Turn | null {
  const about = half.panel?.bustPoint ?? bustPointOf(half);
  if (half.side === "back" || about === null || shape.angle === 0 || shape.mouth !== null) return null;
  const toPanel = half.form.dart === "to-panel";
  return {
    about,
    angle: toPanel ? shape.angle : -shape.angle,
    from: "side bust dart",
    into: toPanel ? `${half.form.panel} panel` : "waist dart",
    lines: toPanel ? ["chest", "bust"] : ["waist"],
  };
}

/** Where the finished centre edge starts: at the neck, or at the yoke line below it. */
function centreTop(half: HalfPlan, neckDown: number): number {
  return half.panel?.yokeArmhole ? half.panel.inner.start.y : neckDown;
}

function chalkZipEnd(piece: HalfPieces["inner"], half: HalfPlan): void {
  const { zipEnd } = half.form;
  const below: Term = { label: "Zip end below the hip line", kind: "style", value: zipEnd, source: "choice:zipEnd" };
  const hip = piece.lineTerms("hip");
  piece.centreMark("zip-end", { terms: zipEnd === 0 ? hip : [...hip, below] });
}

function pointsAtBust(half: HalfPlan): boolean {
  return half.panel !== null || half.dart !== null || (half.side === "front" && half.form.dart !== "none");
}

/** Neck, shoulder, armhole and the marks at their level. */
function chalkUpperBody(
  pieces: HalfPieces,
  half: HalfPlan,
  shape: SideShape,
  panel: PanelShape | null,
  turned: boolean,
): void {
  const { inner, outer } = pieces;
  const chalkChest = () => chalkSideMark(outer, half, "chest", shape.underarm, shape.points.underarm);
  if (panel === null) chalkPlainUpper(pieces, half, chalkChest);
  else chalkPanelUpper(pieces, half, panel, turned, chalkChest);
  if (half.lines.bust !== undefined && pointsAtBust(half))
    inner.mark("bust", "point", { terms: half.line.bust, why: "bust-point" });
}

/** Side, darts and the marks of the lower edge. */
function chalkMiddleBody({ inner, outer }: HalfPieces, half: HalfPlan, shape: SideShape): void {
  chalkSideMarks(outer, half, shape);
  if (half.dart !== null) chalkWaistDart(inner, half.side, half.dart, half.line.rest, sewnLegs(half, shape));
  if (half.centre.kind === "zip" && inner.hasLine("hip")) chalkZipEnd(inner, half);
  chalkHemSide(outer, half, shape);
  chalkHemCentre(inner, half);
  chalkSideEdge(outer, half, shape);
  chalkBustDart(outer, half, shape);
}

/** Chalks one half from its top line to its lower edge, in the order in which the hand works. */
export function chalkHalf(sheet: Sheet, half: HalfPlan, shape: SideShape): HalfPieces {
  const pieces = openPieces(sheet, half);
  const { inner, outer, top } = pieces;
  const { side, centre, form } = half;
  const turn = turnOf(half, shape);
  const panel = half.panel !== null && turn !== null ? turnPanel(half.panel, turn.angle) : half.panel;
  const neck = planNeck(sheet.given, form, side, half.shoulder, centre.path(0).start.x);
  checkNeckDepth(side, neck.depth.value, neckLimit(half), form.opening === "overlap");
  chalkNeck(top, half.shoulder, side, neck.depth, neck.path);
  registerTakeOuts(pieces, half);
  if (turn !== null) outer.turned(turn);
  chalkUpperBody(pieces, half, shape, panel, turn !== null);
  chalkMiddleBody(pieces, half, shape);
  const edge = centre.path(centreTop(half, neck.depth.value));
  if (panel === null) chalkPlainLower(inner, half, shape, pathEnd(edge));
  else chalkPanels(pieces, half, panel, shape, edge, turn !== null);
  if (top !== inner) chalkCentre(top, centre, straight(neck.path.start, at(neck.path.start.x, edge.start.y)));
  chalkCentre(inner, centre, edge);
  if (top !== inner)
    for (const piece of [inner, outer])
      sheet.startAt(piece.id, edge.start.y, ruleLength(sheet.given, "allowance.panel"));
  if (centre.kind === "fold") top.notchAt("centre-neck", `${side}-neck`, 0);
  return pieces;
}

/** What lies below the neck and must not be reached by it: the yoke line, the waist, or the ribs. */
function neckLimit({ panel, lines }: HalfPlan): number {
  if (panel?.yokeArmhole) return panel.inner.start.y;
  return (lines.waist ?? lines.underbust)?.value ?? 0;
}

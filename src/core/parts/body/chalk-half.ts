import { pieceIds } from "../../blocks";
import {
  allowanceTerm,
  type FrontShape,
  givenStep,
  type LineId,
  type PieceStart,
  refuse,
  ruleLength,
  type Sheet,
  type Sum,
  settleOnTape,
  type Term,
  type Turn,
} from "../../chalk";
import { at, crossAtDepth, flattenPath, type Path, type Point, pathEnd, straight } from "../../geometry";
import { both, pickSystem, roundDownToStep } from "../../length";
import { HOLLOW } from "../hollow";
import { builtUpAbove } from "./built-up";
import { TIP_SHORT } from "./bust-dart";
import { chalkCentre, chalkHollow } from "./centre-line";
import { chalkPanels, chalkPlainLower } from "./chalk-lower";
import {
  chalkBustDart,
  chalkHemCentre,
  chalkHemSide,
  chalkRaisedCentre,
  chalkSideEdge,
  chalkSideMark,
  chalkSideMarks,
} from "./chalk-side";
import { chalkPanelUpper, chalkPlainUpper, type HalfPieces } from "./chalk-upper";
import type { HalfPlan } from "./half-plan";
import { chalkNeck, checkNeckDepth, type NeckLimit, planNeck } from "./necklines";
import type { PanelShape } from "./panel-plan";
import { turnPanel } from "./panel-shape";
import { planSideAllowance } from "./side-allowance";
import { bustPointOf, chalkedLegs, type SideShape, sewnLegs } from "./sides";
import { chalkWaistDart } from "./waist-dart";

function openPieces(sheet: Sheet, half: HalfPlan, above: readonly Term[]): HalfPieces {
  const { side, centre, form, panel } = half;
  const { given } = sheet;
  const trim: readonly Term[] =
    form.shoulderTrim > 0
      ? [
          {
            code: "to-trim",
            kind: "allowance",
            value: form.shoulderTrim,
            source: "choice:shoulderTrim",
          },
        ]
      : [];
  const topInset = settleOnTape(given, [allowanceTerm(given, "allowance.shoulder"), ...trim, ...above]);
  const start: Omit<PieceStart, "name" | "part"> = { ...centre.start, half: side, topInset };
  if (panel === null) {
    const whole = sheet.piece(pieceIds[side], { ...start, name: side });
    chalkLines(whole, half);
    return { inner: whole, outer: whole, top: whole };
  }
  const top =
    panel.yokeArmhole === null ? null : sheet.piece("yoke-front", { ...start, name: "front-yoke", lead: false });
  if (top !== null) chalkLines(top, half, ["chest"]);
  const inner = sheet.piece(`centre-${side}`, { ...start, name: `centre-${side}` });
  chalkLines(inner, half);
  const { contour: _, front: __, pair: ___, ...shared } = start;
  const outer = sheet.piece(`side-${side}`, { ...shared, name: `side-${side}`, drawnWith: inner, shift: half.shift });
  return { inner, outer, top: top ?? inner };
}

const order = ["chest", "bust", "underbust", "waist", "hip", "hem"] as const;

function chalkLines(piece: HalfPieces["inner"], half: HalfPlan, wanted: readonly LineId[] = order): void {
  const { lines, underarmDown } = half;
  for (const id of order) {
    const down = lines[id];
    if (down === undefined || !wanted.includes(id)) continue;
    if (id === "chest") piece.line(id, down, { why: "armhole-depth", level: underarmDown });
    else piece.line(id, down);
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
    from: "bust-dart",
    into: !toPanel ? "waist-dart" : half.form.panel === "shoulder" ? "shoulder-panel" : "armhole-panel",
    lines: toPanel ? ["chest", "bust"] : ["waist"],
  };
}

/** Where the finished edge lies beside the centre line: a neck starts there. */
function edgeAcross({ start, kind }: HalfPlan["centre"]): number {
  return kind === "cut-fold" ? 0 : -(start.front?.overlap ?? 0);
}

/** What must be left of a panel between its seam and the neck. */
const LEAST_BESIDE_NECK = 0.5;

/** The tips of a half's darts that a neck must stay clear of. */
function dartTips(half: HalfPlan, shape: SideShape): readonly Point[] {
  const about = bustPointOf(half);
  const sewn = shape.mouth === null || about === null || half.panel !== null ? [] : [at(about.x + TIP_SHORT, about.y)];
  return half.dart === null ? sewn : [half.dart.tip, ...sewn];
}

/** Refuses a neck that reaches down to the tip of a dart. */
function checkNeckAndDarts(half: HalfPlan, shape: SideShape, neck: Path): void {
  const { side } = half;
  for (const tip of dartTips(half, shape)) {
    const beside = flattenPath(neck).filter(({ x }) => x >= tip.x - LEAST_BESIDE_NECK);
    const lowest = Math.max(0, ...beside.map(({ y }) => y));
    if (lowest < tip.y - LEAST_BESIDE_NECK) continue;
    refuse({
      code: "neck-meets-dart",
      conflicts: [`choices.${side}NeckDepth`, `choices.${side}Neck`, "choices.neckWidth", `choices.${side}WaistDart`],
      numbers: { depth: neck.start.y, tip: tip.y },
      nearest: neck.start.y - (lowest - tip.y + LEAST_BESIDE_NECK),
    });
  }
}

/** Refuses a neck that runs into the panel seam, or leaves nothing of the shoulder beside it. */
function checkNeckAndPanel({ panel, side, form, shoulder }: HalfPlan, neck: Path): void {
  if (panel === null || panel.yokeArmhole !== null) return;
  const least = LEAST_BESIDE_NECK;
  const top = panel.inner.start;
  if (panel.innerShoulder !== null && top.x < shoulder.neckWidth.value + least - 1e-9)
    refuse({
      code: "panel-off-shoulder",
      conflicts: [
        ...(form.panelLine === "plumb" ? ["choices.panelLine"] : []),
        "choices.neckWidth",
        "choices.shoulderTakeOutSplit",
        "choices.shoulderTakeOut",
      ],
      numbers: { neckWidth: shoulder.neckWidth.value, panel: top.x },
      nearest: form.panelLine === "plumb" ? "straight" : top.x - least,
    });
  const meets = flattenPath(neck).some(({ x, y }) => y > top.y && x > (panel.innerAt(y) ?? 99) - least);
  if (meets)
    refuse({
      code: "neck-meets-panel",
      conflicts: ["choices.neckWidth", `choices.${side}NeckDepth`, `choices.${side}Neck`],
      numbers: { neckWidth: shoulder.neckWidth.value, depth: neck.start.y },
      nearest: shoulder.neckWidth.value - least,
    });
}

/** Where the finished centre edge starts: at the neck, or at the yoke line below it. */
function centreTop(half: HalfPlan, neckDown: number): number {
  return half.panel?.yokeArmhole ? half.panel.inner.start.y : neckDown;
}

/** A zip stops this much above the lower edge, where the body ends at the hip. */
const ABOVE_EDGE = both(1, 2.5);

/** Where the zip ends: by choice below the hip line, on its seam, and above the lower edge where that comes first. */
function chalkZipEnd(piece: HalfPieces["inner"], { form }: HalfPlan, edge: Path): void {
  const { given } = piece;
  const wanted = piece.down("hip") + form.zipEnd;
  const lowest = roundDownToStep(pathEnd(edge).y - pickSystem(ABOVE_EDGE, given.metric), givenStep(given));
  const end = Math.min(wanted, lowest);
  const below: Term = { code: "zip-end-below-hip", kind: "style", value: form.zipEnd, source: "choice:zipEnd" };
  const short: Term = { code: "zip-stops-above-edge", kind: "style", value: end - wanted, source: "choice:zipEnd" };
  const terms = [...piece.lineTerms("hip"), ...[below, short].filter(({ value }) => value !== 0)];
  piece.centreMark("zip-end", { terms, step: 0, across: crossAtDepth(edge, end)[0]?.x ?? 0 });
}

/** Where a slit that is faced or sewn to a notch stops, down the centre. */
function chalkSlitEnd(piece: HalfPieces["inner"], { form, centre }: HalfPlan, neck: Sum): void {
  if ((centre.kind !== "faced" && centre.kind !== "cut-fold") || form.slitLength === 0) return;
  const slit: Term = {
    code: "slit-below-the-neck",
    kind: "style",
    value: form.slitLength,
    source: "choice:slitLength",
  };
  piece.centreMark("slit-end", { terms: [...neck.terms, slit], step: 0, why: "slit-end" });
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
  const allowance = planSideAllowance(inner.given, shape.points);
  const chalkChest = () => chalkSideMark(outer, half, allowance, "chest", shape.underarm, shape.points.underarm);
  if (panel === null) chalkPlainUpper(pieces, half, chalkChest);
  else chalkPanelUpper(pieces, half, panel, turned, chalkChest);
  if (half.lines.bust !== undefined && pointsAtBust(half))
    inner.mark("bust", "point", { terms: half.line.bust, why: "bust-point" });
}

/** Side, darts and the marks of the lower edge. */
function chalkMiddleBody({ inner, outer }: HalfPieces, half: HalfPlan, shape: SideShape, edge: Path): void {
  const allowance = planSideAllowance(inner.given, shape.points);
  chalkSideMarks(outer, half, shape, allowance);
  if (half.dart !== null)
    chalkWaistDart(inner, half.side, half.dart, half.line.rest, chalkedLegs(half, shape), sewnLegs(half, shape));
  if (half.centre.kind === "zip" && inner.hasLine("hip")) chalkZipEnd(inner, half, edge);
  chalkHemSide(outer, half, shape, allowance);
  chalkHemCentre(inner, half, pathEnd(edge));
  chalkRaisedCentre(inner, half, half.form.trimLength);
  chalkSideEdge(outer, half, shape, allowance);
  chalkBustDart(outer, half, shape);
}

/**
 * Chalks one half from its top line to its lower edge, in the order in which the hand works.
 *
 * @param front what a collar whose cloth lies on this half makes of its edge; null for any other
 */
export function chalkHalf(sheet: Sheet, half: HalfPlan, shape: SideShape, front: FrontShape | null): HalfPieces {
  const seam = ruleLength(sheet.given, "allowance.shoulder");
  const pieces = openPieces(sheet, half, front?.above ?? builtUpAbove(sheet.given, half.form, seam));
  const { inner, outer, top } = pieces;
  const { side, centre, form } = half;
  const turn = turnOf(half, shape);
  const panel = half.panel !== null && turn !== null ? turnPanel(half.panel, turn.angle) : half.panel;
  const neck = planNeck(sheet.given, form, side, half.shoulder, front === null ? edgeAcross(centre) : 0);
  checkNeckDepth(side, neck.depth.value, neckLimit(half));
  checkNeckAndPanel(half, neck.path);
  checkNeckAndDarts(half, shape, neck.path);
  const chalkOwn = () => chalkNeck(top, half.shoulder, side, neck, centre.neckTaken);
  (front?.chalkNeck ?? chalkOwn)(top);
  chalkSlitEnd(inner, half, neck.depth);
  registerTakeOuts(pieces, half);
  if (turn !== null) outer.turned(turn);
  chalkUpperBody(pieces, half, shape, panel, turn !== null);
  const edge = front?.edge ?? centre.path(neck.depth.value, centreTop(half, neck.path.start.y));
  chalkMiddleBody(pieces, half, shape, edge);
  if (panel === null) chalkPlainLower(inner, half, shape, pathEnd(edge));
  else chalkPanels(pieces, half, panel, shape, edge, turn !== null);
  if (top !== inner) chalkCentre(top, centre, straight(neck.path.start, at(neck.path.start.x, edge.start.y)));
  chalkCentre(inner, centre, edge);
  front?.chalkLines(inner);
  if (top !== inner)
    for (const piece of [inner, outer])
      sheet.startAt(piece.id, edge.start.y, ruleLength(sheet.given, "allowance.panel"));
  if (centre.start.origin === "fold" && centre.kind !== "slit") top.notchAt("centre-neck", `${side}-neck`, 0);
  return pieces;
}

/** What lies below the neck and must not be reached by it: the yoke line, the waist, or the ribs. */
function neckLimit({ panel, lines }: HalfPlan): NeckLimit {
  if (panel?.yokeArmhole) return { line: "yoke", down: panel.inner.start.y };
  const down = (lines.waist ?? lines.underbust)?.value ?? 0;
  return { line: lines.waist === undefined ? "ribs" : "waist", down };
}

import { chalkStrip, planBodice, type Side } from "../../blocks";
import {
  alongDrawn,
  alongSewn,
  bodyValue,
  type EdgeReference,
  type FrontShape,
  type Given,
  givenStep,
  isSleeveless,
  type NeckDemand,
  onTape,
  type PieceChalk,
  refuse,
  ruleLength,
  ruleValue,
  type SeamPlan,
  type Sheet,
  type Sum,
} from "../../chalk";
import { lengthToDepth, type Path, pathEnd, pathLength } from "../../geometry";
import { both, type Inches, pickSystem, roundDownToStep, roundToStep, roundUpToStep } from "../../length";
import { type ButtonPlan, chalkButtons, planButtons } from "../buttons";
import { chalkSlitFacing } from "../faced-slit";
import { type BodyForm, type BodyStyle, readForm } from "./body-form";
import { bustDartIntake, checkChest, type LowerLines, planLines } from "./body-lines";
import { type Both, type PlannedBody, remarkBody } from "./body-remarks";
import { checkBuiltUp } from "./built-up";
import { bandSeam, openFront } from "./centre-front";
import { planCentre } from "./centre-line";
import { chalkHalf } from "./chalk-half";
import type { HalfPieces } from "./chalk-upper";
import { type HalfPlan, planHalf, sewnArmhole } from "./half-plan";
import { type HalfStart, NO_ROOM } from "./half-start";
import { checkNeckDemand, knownOfNeck, remarkNeckLine, shapeFront } from "./neck-demand";
import { panelRoom } from "./panel-rules";
import { planSides, type SideShape } from "./sides";

function bothSides<Kept>(make: (side: Side) => Kept): Both<Kept> {
  return { front: make("front"), back: make("back") };
}

/** Choices that contradict each other, said before anything is drawn. */
function checkChoices(given: Given, form: BodyForm): void {
  checkBuiltUp(given, form);
  const { dart, panel, frontWaistDart, style } = form;
  if (dart === "to-panel" && (panel === "none" || panel === "yoke"))
    refuse({
      code: "bust-dart-needs-panel",
      conflicts: ["choices.bustDart", "choices.panel"],
      numbers: {},
      nearest: "sewn",
    });
  if (dart === "to-waist" && (!frontWaistDart || panel !== "none" || style.hem !== "join"))
    refuse({
      code: "bust-dart-needs-waist-dart",
      conflicts: ["choices.bustDart", "choices.frontWaistDart"],
      numbers: {},
      nearest: "sewn",
    });
  if (form.backPleat > 0 && (!form.backYoke || form.opening === "back-zip" || form.centreBackSeam))
    refuse({ code: "pleat-needs-yoke", conflicts: ["choices.backPleat", "choices.backYoke"], numbers: {}, nearest: 0 });
}

/** A half up to its armhole; the hollow of its centre starts at the chest line, which while it is solved is a guess. */
function startHalf(given: Given, form: BodyForm, side: Side, lines: LowerLines, chest: Sum): HalfStart {
  const centre = planCentre(given, form, { ...lines, chest }, side);
  const movesDart = side === "front" && form.dart === "to-panel" && bustDartIntake(given, form) > 0;
  return { given, form, side, lines, centre, contour: centre.start.contour ?? NO_ROOM, movesDart };
}

const GUESSED_CHEST: Sum = { value: 8, terms: [] };

function planBody(given: Given, form: BodyForm): PlannedBody {
  checkChoices(given, form);
  const lines = bothSides((side) => planLines(given, form, side));
  const guessed = bothSides((side) => startHalf(given, form, side, lines[side], GUESSED_CHEST));
  const plan = planBodice(given, form.neckWidth, (side, armhole, underarmDown, shoulder) =>
    sewnArmhole(guessed[side], shoulder[side], armhole, underarmDown),
  );
  checkChest(plan, form, lines.front);
  checkChest(plan, form, lines.back);
  const halves = bothSides((side) => planHalf(startHalf(given, form, side, lines[side], plan.chestDown), plan));
  return { halves, sides: planSides(given, halves.front, halves.back) };
}

/** The front's centre as a lapel or a shawl has it: its edge lies further inside the cloth, and is cut square off itself. */
function withFront(planned: PlannedBody, { beyond, edge }: FrontShape): PlannedBody {
  const { front } = planned.halves;
  const { centre } = front;
  const start = { ...centre.start, originInset: beyond };
  const shaped: HalfPlan = { ...front, centre: { ...centre, start, path: () => edge, cutAcross: null } };
  return { ...planned, halves: { ...planned.halves, front: shaped } };
}

function edges(pieces: readonly HalfPieces["inner"][], edge: string): readonly EdgeReference[] {
  return pieces.filter((piece) => piece.hasEdge(edge)).map((piece) => `${piece.id}/${edge}` as const);
}

function distinct({ top, inner, outer }: HalfPieces): readonly HalfPieces["inner"][] {
  return [...new Set([top, inner, outer])];
}

const MEETS = { least: 0, most: 0 };

/** Cloth that a split leaves below the mouth of a bust dart. */
const LEAST_BELOW_DART: Inches = 0.5;

/**
 * How far two panel edges may differ: not at all, but where the house makes room for the seams on one line alone. There
 * the outer edge leans more and is longer; what it is longer by is eased in, and said.
 */
function panelEase(given: Given, inner: PieceChalk, outer: PieceChalk): SeamPlan["ease"] {
  if (panelRoom(given) === "apart" || panelRoom(given) === "none") return MEETS;
  const over = pathLength(inner.edgeOf("panel").stitch) - pathLength(outer.edgeOf("panel").stitch);
  return { least: Math.min(0, over), most: Math.max(0, over) };
}

/** A shoulder cut through by a panel, whose room is made on one line alone, may end a hair longer: it is eased in. */
function shoulderEase(given: Given, front: readonly PieceChalk[], back: readonly PieceChalk[]): SeamPlan["ease"] {
  const length = (pieces: readonly PieceChalk[]) =>
    pieces.reduce(
      (sum, piece) => sum + (piece.hasEdge("shoulder") ? pathLength(piece.edgeOf("shoulder").stitch) : 0),
      0,
    );
  if (panelRoom(given) === "apart" || panelRoom(given) === "none") return MEETS;
  const over = length(front) - length(back);
  return { least: Math.min(0, over), most: Math.max(0, over) };
}

function promiseSeams(sheet: Sheet, pieces: Both<HalfPieces>): void {
  const { given } = sheet;
  const [front, back] = [distinct(pieces.front), distinct(pieces.back)];
  sheet.seam({
    id: "shoulder",
    a: edges(front, "shoulder"),
    b: edges(back, "shoulder"),
    ease: shoulderEase(given, front, back),
  });
  sheet.seam({ id: "side", a: edges(front, "side"), b: edges(back, "side"), ease: MEETS });
  for (const side of ["front", "back"] as const) {
    const { inner, outer, top } = pieces[side];
    if (inner === outer) continue;
    sheet.seam({
      id: `${side}-panel`,
      a: [`${inner.id}/panel`],
      b: [`${outer.id}/panel`],
      ease: panelEase(given, inner, outer),
      parts: "bust",
    });
    if (top !== inner)
      sheet.seam({ id: "yoke", a: [`${top.id}/join`], b: [`${inner.id}/join`, `${outer.id}/join`], ease: MEETS });
  }
}

/** Whether every piece goes on below its hip line, lifted corners too: only there a girth can be measured. */
function reachesHip(pieces: Both<HalfPieces>): boolean {
  return [...distinct(pieces.front), ...distinct(pieces.back)].every((piece) => {
    const hem = piece.edgeIn("hem");
    if (hem === undefined) return true;
    return piece.hasLine("hip") && Math.min(hem.stitch.start.y, pathEnd(hem.stitch).y) >= piece.down("hip") - 1e-6;
  });
}

function promiseGirths(sheet: Sheet, { halves, sides }: PlannedBody, pieces: Both<HalfPieces>): void {
  const { given } = sheet;
  const { form } = halves.front;
  const promise = (
    line: "bust" | "underbust" | "waist" | "hip",
    on: "chest" | "bust" | "underbust" | "waist" | "hip",
  ) =>
    sheet.girth({
      line,
      on,
      body: bodyValue(given, line),
      ease: ruleLength(given, line === "underbust" ? "ease.bust" : `ease.${line}`),
    });
  promise("bust", "chest");
  const both = [halves.front, halves.back];
  if (both.every(({ points }) => points.bust !== undefined)) promise("bust", "bust");
  if (form.fitsRibs) promise("underbust", "underbust");
  if (form.end !== "ribs") promise("waist", "waist");
  const hipDrawn = both.every(
    ({ side, lines, points }) =>
      points.hip !== undefined && pathEnd(sides[side].path).y >= (lines.hip?.value ?? 0) - 1e-6,
  );
  if (hipDrawn && reachesHip(pieces)) promise("hip", "hip");
}

/** How far down from the top line each way of opening reaches; null where there is none. */
function opensTo(form: BodyForm, { front, back }: Both<HalfPlan>, neckDown: Inches): Inches | null {
  switch (form.opening) {
    case "none":
      return null;
    case "back-zip":
      return back.centre.opensTo(neckDown);
    case "side-zip":
      return front.lines.hip?.value ?? null;
    case "front-band":
    case "overlap":
    case "slit":
      return front.centre.opensTo(neckDown);
    default:
      return form.opening satisfies never;
  }
}

/**
 * Button stands, slit bands: what the front opening needs beside the front itself.
 *
 * @returns the lowest buttonhole down from the top line; null where there is none
 */
function chalkOpening(
  sheet: Sheet,
  form: BodyForm,
  pieces: Both<HalfPieces>,
  halves: Both<HalfPlan>,
  end: "hem" | "join",
): Inches | null {
  const { given } = sheet;
  const neckDown = pieces.front.top.markAt("centre/neck-depth").stitch;
  const { centre } = halves.front;
  const buttons = chalkOpeningButtons(sheet, form, pieces, halves, end);
  if (centre.kind === "slit") {
    chalkSlitBands(sheet, form, slitDepth(pieces.front.inner.edgeOf("centre").stitch, form));
    if (form.slitLength > 0) remarkPopover(sheet, form);
  }
  if (centre.kind === "faced") chalkSlitFacing(sheet, form.slitLength);
  sheet.openAt(form.opening, opensTo(form, halves, neckDown));
  if (form.opening === "side-zip" && pieces.front.outer.hasLine("hip")) notchSideZip(given, form, pieces);
  return buttons?.downs.at(-1) ?? null;
}

/** The buttons of a front with a band, folded on or sewn on; null where the front has neither. */
function chalkOpeningButtons(
  { given }: Sheet,
  form: BodyForm,
  pieces: Both<HalfPieces>,
  halves: Both<HalfPlan>,
  end: "hem" | "join",
): ButtonPlan | null {
  const { inner, top } = pieces.front;
  const { lines, centre } = halves.front;
  const banded = centre.kind === "slit";
  if (form.opening !== "front-band" && !banded) return null;
  const neckDown = top.markAt("centre/neck-depth").stitch;
  const bust = lines.bust?.value ?? given.measurements.shoulderToBust?.value ?? lines.chest.value + 1;
  const short = banded && form.slitLength > 0;
  const last = short ? neckDown + form.slitLength : inner.edgeOf("centre").stitch.start.y;
  const buttons = planButtons(neckDown, bust, last, {
    metric: given.metric,
    end: short ? "join" : end,
    stand: given.choices.collar === "shirt",
  });
  chalkButtons(inner, buttons, banded ? "buttonhole-on-band" : "buttonhole");
  return buttons;
}

/** How long the edge is that a band is sewn to: from the neck to the end of the slit, or the whole front. */
function slitDepth(up: Path, form: BodyForm): Inches {
  const top = pathEnd(up).y;
  if (form.slitLength === 0) return up.start.y - top;
  return (up.segments.at(-2)?.to ?? up.start).y - top;
}

/** Two strips twice the finished band and a seam on each side; the under one a little narrower (craft: front bands). */
function chalkSlitBands(sheet: Sheet, form: BodyForm, edge: Inches): void {
  const { given } = sheet;
  const seam = bandSeam(given, form);
  const strip = { length: roundUpToStep(edge + 2 * seam, givenStep(given)), copies: 1 } as const;
  const depth = 2 * form.bandWidth + 2 * seam;
  const narrower = onTape(given, pickSystem(both(0.5, 1.5), given.metric));
  sheet.add(chalkStrip({ ...strip, id: "placket", name: "placket", depth }));
  sheet.add(chalkStrip({ ...strip, id: "under-placket", name: "under-placket", depth: depth - narrower }));
}

/** The ends of a band's strips are trimmed to this before they are sewn across and turned. */
const STRIP_ENDS = both(0.75, 2);

/** How the bands of a front that opens no further than its slit are closed below (craft: collars, bands and plackets). */
function remarkPopover(sheet: Sheet, form: BodyForm): void {
  const { metric } = sheet.given;
  sheet.remark({
    id: "popover-end",
    piece: "placket",
    numbers: { opening: form.slitLength, trim: pickSystem(STRIP_ENDS, metric), across: form.bandWidth },
    words: { end: form.slitEnd },
  });
}

/** The end of a zip in the side: the hip line of the front, and on the back as far along the sewn side. */
function notchSideZip(given: Given, form: BodyForm, { front, back }: Both<HalfPieces>): void {
  const [edge, other] = [front.outer.edgeOf("side"), back.outer.edgeOf("side")];
  const along = lengthToDepth(edge.stitch, front.outer.down("hip") + form.zipEnd);
  if (along === undefined || along > pathLength(edge.stitch) - 1 / 2) return;
  const sewn = roundToStep(alongSewn(edge, along), givenStep(given));
  front.outer.notchAt("zip-end", "side", alongDrawn(edge, sewn));
  back.outer.notchAt("zip-end", "side", alongDrawn(other, sewn));
}

/** A split must leave the bust dart whole: cut across its mouth, neither part could be sewn. */
function checkSplit(form: BodyForm, { mouth, legs }: SideShape, down: Inches): void {
  const [upper, lower] = legs;
  const lowest = Math.max(upper.y, lower.y) + LEAST_BELOW_DART;
  if (mouth === null || down >= lowest) return;
  refuse({
    code: "split-cuts-dart",
    conflicts: ["choices.splitAboveWaist", "choices.bustDartDepth", "choices.bustDart"],
    numbers: { split: down, dart: lowest },
    nearest: form.splitAboveWaist - (lowest - down),
  });
}

/** A back yoke ends on the armhole, so far above its underarm at least. */
const ABOVE_UNDERARM: Inches = 1;
/** A yoke that is raised stays so deep below the neck. */
const LEAST_YOKE = both(2, 5);

/** How far down the back yoke ends: as asked, or above an underarm that lies higher because it has no sleeve. */
function yokeDown(given: Given, wanted: Inches, neckDown: Inches, most: Inches): Inches {
  const raised = roundDownToStep(most, givenStep(given));
  const leaves = raised >= neckDown + pickSystem(LEAST_YOKE, given.metric);
  return isSleeveless(given) && wanted > most && leaves ? raised : wanted;
}

/** Where a body is cut across: a basque's upper body, a shirt's yoke with its pleat. */
function promiseSplits(sheet: Sheet, form: BodyForm, { halves, sides }: PlannedBody): void {
  const { given } = sheet;
  const waistJoin = ruleLength(given, "allowance.waistJoin");
  if (form.bodySplit) {
    for (const side of ["front", "back"] as const) {
      const down = (halves[side].lines.waist?.value ?? 0) - form.splitAboveWaist;
      if (side === "front") checkSplit(form, sides.front, down);
      const piece = `bodice-${side}`;
      sheet.splitAcross({
        piece,
        down,
        upper: { id: `${piece}-upper`, name: `upper-${side}` },
        lower: { id: `${piece}-lower`, name: `lower-${side}` },
        allowance: waistJoin,
        pleat: 0,
      });
    }
  }
  if (form.backYoke) {
    const back = halves.back;
    const wanted = form.backNeckDepth + form.backYokeDepth;
    const down = yokeDown(given, wanted, form.backNeckDepth, back.underarmDown - ABOVE_UNDERARM);
    if (down < wanted) sheet.remark({ id: "back-yoke-raised", piece: "yoke-back", numbers: { yoke: down, wanted } });
    if (down > back.underarmDown - ABOVE_UNDERARM) {
      refuse({
        code: "yoke-below-armhole",
        conflicts: ["choices.backYokeDepth"],
        numbers: { yoke: down, chest: back.underarmDown },
        nearest: back.underarmDown - form.backNeckDepth - ABOVE_UNDERARM,
      });
    }
    sheet.splitAcross({
      piece: "bodice-back",
      down,
      upper: { id: "yoke-back", name: "back-yoke" },
      lower: { id: "bodice-back", name: "back" },
      allowance: ruleLength(given, "allowance.panel"),
      pleat: form.backPleat,
    });
  }
}

/** Notches at waist and hip of both sides, the back's set by walking the front's sewn lengths, so that they meet when sewn. */
function notchSides(given: Given, { front, back }: Both<HalfPieces>): void {
  const [edge, other] = [front.outer.edgeOf("side"), back.outer.edgeOf("side")];
  for (const line of ["waist", "hip"] as const) {
    if (!front.outer.hasMark(`${line}/side`)) continue;
    const along = lengthToDepth(edge.stitch, front.outer.markAt(`${line}/side`).place.stitch.y);
    if (along === undefined || along > pathLength(edge.stitch) - 1 / 8) continue;
    const sewn = roundToStep(alongSewn(edge, along), givenStep(given));
    front.outer.notchAt(line, "side", alongDrawn(edge, sewn));
    back.outer.notchAt(line, "side", alongDrawn(other, sewn));
  }
}

/**
 * Chalks a body from the shoulder down by its style and choices: both halves planned in numbers, sides made equal, then
 * chalked in the order of work; promises its seams, its girths, its opening (craft: bodice).
 *
 * @param leaves which of its edges wait for another part: the waist for a skirt, neck and armholes to be sewn to or
 *   finished; and what is asked of the neck
 */
export function chalkBody(
  sheet: Sheet,
  style: BodyStyle,
  leaves: { readonly waist?: boolean; readonly edges?: boolean; readonly neck?: NeckDemand | null } = {},
): void {
  const { given } = sheet;
  const form = readForm({ ...given, balance: ruleValue(given, "balance"), step: givenStep(given) }, style);
  const { neck: demand = null } = leaves;
  if (demand !== null) checkNeckDemand(form, demand);
  const plain = planBody(given, form);
  const shaped = demand === null ? null : shapeFront(given, plain.halves, demand);
  const planned = shaped === null ? plain : withFront(plain, shaped);
  const pieces = bothSides((side) =>
    chalkHalf(sheet, planned.halves[side], planned.sides[side], side === "front" ? shaped : null),
  );
  if (form.lengthsFrom === "cloth-edge") sheet.readLengthsFromEdge();
  notchSides(given, pieces);
  promiseSeams(sheet, pieces);
  promiseGirths(sheet, planned, pieces);
  const lastButton = chalkOpening(sheet, form, pieces, planned.halves, leaves.waist ? "join" : "hem");
  promiseSplits(sheet, form, planned);
  remarkBody(sheet, form, planned, pieces.front.outer.id);
  remarkNeckLine(sheet, planned.halves);
  if (form.style.lower !== undefined && form.sewnBelow)
    sheet.opens("lower-edge", {
      front: edges(distinct(pieces.front), "hem"),
      back: edges(distinct(pieces.back), "hem"),
    });
  if (leaves.edges) {
    const row = (side: Side, edge: "neck" | "armhole") => edges(distinct(pieces[side]), `${side}-${edge}`);
    const neck = knownOfNeck(sheet, planned.halves, shaped !== null);
    sheet.opens("neck", { front: row("front", "neck"), back: row("back", "neck") }, { neck });
    sheet.opens("armhole", { front: row("front", "armhole"), back: row("back", "armhole") });
  }
  if (leaves.waist) {
    const rows = { front: edges(distinct(pieces.front), "waist"), back: edges(distinct(pieces.back), "waist") };
    const front = openFront(planned.halves.front.centre, lastButton);
    sheet.opens("waist", rows, front === undefined ? {} : { front });
  }
}

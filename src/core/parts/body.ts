import { chalkStrip, planBodice, type Side } from "../blocks";
import {
  alongDrawn,
  alongSewn,
  bodyValue,
  type EdgeReference,
  type Given,
  givenStep,
  refuse,
  ruleLength,
  ruleValue,
  type Sheet,
  type Sum,
} from "../chalk";
import { lengthToDepth, pathEnd, pathLength } from "../geometry";
import { type Inches, roundToStep } from "../length";
import { type BodyForm, type BodyStyle, readForm } from "./body-form";
import { bustDartIntake, checkChest, isTrimmed, type LowerLines, planLines } from "./body-lines";
import { chalkButtons, planButtons } from "./buttons";
import { planCentre } from "./centre-line";
import { chalkHalf } from "./chalk-half";
import type { HalfPieces } from "./chalk-upper";
import { type HalfPlan, planHalf, sewnArmhole } from "./half-plan";
import { type HalfStart, NO_ROOM } from "./half-start";
import { hemSide } from "./lower-edge";
import { planSides, type SideShape } from "./sides";

type Both<Kept> = Readonly<Record<Side, Kept>>;

function bothSides<Kept>(make: (side: Side) => Kept): Both<Kept> {
  return { front: make("front"), back: make("back") };
}

/** Choices that contradict each other, said before anything is drawn. */
function checkChoices(form: BodyForm): void {
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

interface PlannedBody {
  readonly halves: Both<HalfPlan>;
  readonly sides: Both<SideShape>;
}

/** A half up to its armhole; the hollow of its centre starts at the chest line, which while it is solved is a guess. */
function startHalf(given: Given, form: BodyForm, side: Side, lines: LowerLines, chest: Sum): HalfStart {
  const centre = planCentre(given, form, { ...lines, chest }, side);
  const movesDart = side === "front" && form.dart === "to-panel" && bustDartIntake(given, form) > 0;
  return { given, form, side, lines, centre, contour: centre.start.contour ?? NO_ROOM, movesDart };
}

const GUESSED_CHEST: Sum = { value: 8, terms: [] };

function planBody(given: Given, form: BodyForm): PlannedBody {
  checkChoices(form);
  const lines = bothSides((side) => planLines(given, form, side));
  const guessed = bothSides((side) => startHalf(given, form, side, lines[side], GUESSED_CHEST));
  const plan = planBodice(given, form.neckWidth, (side, armhole, underarmDown, shoulder) =>
    sewnArmhole(guessed[side], shoulder[side], armhole, underarmDown),
  );
  checkChest(plan, lines.front);
  checkChest(plan, lines.back);
  const halves = bothSides((side) => planHalf(startHalf(given, form, side, lines[side], plan.chestDown), plan));
  return { halves, sides: planSides(given, halves.front, halves.back) };
}

function edges(pieces: readonly HalfPieces["inner"][], edge: string): readonly EdgeReference[] {
  return pieces.filter((piece) => piece.hasEdge(edge)).map((piece) => `${piece.id}/${edge}` as const);
}

function distinct({ top, inner, outer }: HalfPieces): readonly HalfPieces["inner"][] {
  return [...new Set([top, inner, outer])];
}

const MEETS = { least: 0, most: 0 };

function promiseSeams(sheet: Sheet, pieces: Both<HalfPieces>): void {
  const [front, back] = [distinct(pieces.front), distinct(pieces.back)];
  sheet.seam({ id: "shoulder", a: edges(front, "shoulder"), b: edges(back, "shoulder"), ease: MEETS });
  sheet.seam({ id: "side", a: edges(front, "side"), b: edges(back, "side"), ease: MEETS });
  for (const side of ["front", "back"] as const) {
    const { inner, outer, top } = pieces[side];
    if (inner === outer) continue;
    sheet.seam({ id: `${side}-panel`, a: [`${inner.id}/panel`], b: [`${outer.id}/panel`], ease: MEETS, parts: "bust" });
    if (top !== inner)
      sheet.seam({ id: "yoke", a: [`${top.id}/join`], b: [`${inner.id}/join`, `${outer.id}/join`], ease: MEETS });
  }
}

function promiseGirths(sheet: Sheet, { halves, sides }: PlannedBody): void {
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
  if (hipDrawn) promise("hip", "hip");
}

/** Button stands, slit bands: what the front opening needs beside the front itself. */
function chalkOpening(sheet: Sheet, form: BodyForm, { front, back }: Both<HalfPieces>, halves: Both<HalfPlan>): void {
  const { given } = sheet;
  const piece = front.top;
  const neckDown = piece.markAt("centre/neck-depth").stitch;
  const { centre, lines } = halves.front;
  const endDown = pathEnd(centre.path(neckDown)).y;
  const whole = centre.opensTo;
  if (form.opening === "front-band" || (form.opening === "slit" && whole !== null)) {
    const bust = lines.bust?.value ?? given.measurements.shoulderToBust?.value ?? lines.chest.value + 1;
    chalkButtons(front.inner, planButtons(neckDown, bust, endDown, given.metric));
  }
  if (form.opening === "slit")
    chalkSlitBands(sheet, form, neckDown, whole === null ? neckDown + form.slitLength : endDown);
  const opensTo = {
    none: null,
    "back-zip": halves.back.centre.opensTo,
    "side-zip": lines.hip?.value ?? null,
    "front-band": endDown,
    overlap: endDown,
    slit: whole ?? neckDown + form.slitLength,
  }[form.opening];
  sheet.openAt(form.opening, opensTo);
  if (form.opening === "side-zip" && front.outer.hasLine("hip")) {
    front.outer.notchAtDepth("zip-end", "side", front.outer.down("hip"));
    back.outer.notchAtDepth("zip-end", "side", back.outer.down("hip"));
  }
}

/** Two strips twice the finished band and a seam on each side; the under one a little narrower (craft: front bands). */
function chalkSlitBands(sheet: Sheet, form: BodyForm, from: Inches, to: Inches): void {
  const seam = ruleLength(sheet.given, "allowance.panel");
  const length = to - from + 2 * seam;
  const depth = 2 * form.bandWidth + 2 * seam;
  sheet.add(chalkStrip({ id: "placket", name: "Placket", length, depth, copies: 1 }));
  sheet.add(chalkStrip({ id: "under-placket", name: "Under placket", length, depth: depth - seam, copies: 1 }));
}

/** Where a body is cut across: a basque's upper body, a shirt's yoke with its pleat. */
function promiseSplits(sheet: Sheet, form: BodyForm, halves: Both<HalfPlan>): void {
  const { given } = sheet;
  const waistJoin = ruleLength(given, "allowance.waistJoin");
  if (form.bodySplit) {
    for (const side of ["front", "back"] as const) {
      const down = (halves[side].lines.waist?.value ?? 0) - form.splitAboveWaist;
      const name = side === "front" ? "Front" : "Back";
      const piece = `bodice-${side}`;
      sheet.splitAcross({
        piece,
        down,
        upper: { id: `${piece}-upper`, name: `Upper ${name.toLowerCase()}` },
        lower: { id: `${piece}-lower`, name: `Lower ${name.toLowerCase()}` },
        allowance: waistJoin,
        pleat: 0,
      });
    }
  }
  if (form.backYoke) {
    const back = halves.back;
    const down = form.backNeckDepth + form.backYokeDepth;
    if (down > back.underarmDown - 1) {
      refuse({
        code: "yoke-below-armhole",
        conflicts: ["choices.backYokeDepth"],
        numbers: { yoke: down, chest: back.underarmDown },
        nearest: back.underarmDown - form.backNeckDepth - 1,
      });
    }
    sheet.splitAcross({
      piece: "bodice-back",
      down,
      upper: { id: "yoke-back", name: "Back yoke" },
      lower: { id: "bodice-back", name: "Back" },
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

/** What the recipe did that a tailor must be told: a dart left out or raised, a trim without a join. */
function remarkDart(sheet: Sheet, form: BodyForm, sides: Both<SideShape>, piece: string): void {
  const { given } = sheet;
  const { angle, opensAt } = sides.front;
  if (form.bustDart !== "none" && form.dart === "none")
    sheet.remark({ id: "bust-dart-off-by-rule", piece, numbers: {} });
  else if (form.dart !== "none" && angle === 0) sheet.remark({ id: "bust-dart-not-needed", piece, numbers: {} });
  if (angle > 0 && opensAt < form.bustDartDepth - 1 / 16)
    sheet.remark({ id: "bust-dart-raised", piece, numbers: { asked: form.bustDartDepth, used: opensAt } });
  if (ruleValue(given, "balance") === "trim" && !isTrimmed(given, form))
    sheet.remark({ id: "trim-needs-join", piece, numbers: {} });
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

/**
 * Chalks a body from the shoulder down by its style and choices: both halves planned in numbers, sides made equal, then
 * chalked in the order of work; promises its seams, its girths, its opening (craft: bodice).
 */
export function chalkBody(sheet: Sheet, style: BodyStyle): void {
  const { given } = sheet;
  const form = readForm({ ...given, balance: ruleValue(given, "balance") }, style);
  const planned = planBody(given, form);
  const pieces = bothSides((side) => chalkHalf(sheet, planned.halves[side], planned.sides[side]));
  if (form.lengthsFrom === "cloth-edge") sheet.readLengthsFromEdge();
  notchSides(given, pieces);
  promiseSeams(sheet, pieces);
  promiseGirths(sheet, planned);
  chalkOpening(sheet, form, pieces, planned.halves);
  promiseSplits(sheet, form, planned.halves);
  remarkDart(sheet, form, planned.sides, pieces.front.outer.id);
  remarkShape(sheet, planned, pieces.front.outer.id);
}

import { peggedCarry, type Side, type SkirtDart } from "../../blocks";
import {
  addTerms,
  allowanceTerm,
  bodyTerm,
  bodyValue,
  dartNames,
  easeTo,
  type Given,
  givenBackTerms,
  type OpenEdge,
  type PieceChalk,
  ruleLength,
  ruleTerm,
  type Sheet,
  type Sum,
  settleOnTape,
  type Term,
  turnTerm,
} from "../../chalk";
import { add, at, lengthToDepth, mapPath, type Point, pathEnd } from "../../geometry";
import type { Inches } from "../../length";
import { chalkSlitFacing } from "../faced-slit";
import { HOLLOW } from "../hollow";
import { waistTerms } from "./above-waist";
import { chalkGodetSlots, chalkGodets } from "./godets";
import { type HalfSkirt, halfSpan, planSkirt, skirtPieces } from "./plan-skirt";
import { remarkElastic, remarkHalf } from "./remark-skirt";
import {
  centreInset,
  chalkCentre,
  chalkCentreMarks,
  chalkHollow,
  hemWithVent,
  notchCentre,
  sideTerm,
} from "./skirt-centre";
import type { SkirtForm } from "./skirt-form";
import { frontStart } from "./skirt-front";
import { chalkWaistFacing } from "./waist-facing";
import type { WaistEdge } from "./waistband";

function openPiece(sheet: Sheet, half: HalfSkirt): PieceChalk {
  const { side, form, numbers } = half;
  const { given } = sheet;
  const raised: Term = { code: "waist-raised-at-side", kind: "style", value: numbers.raise, source: "rule:waistRaise" };
  const seamed = form.seamed[side];
  const piece = sheet.piece(skirtPieces[side], {
    name: side === "front" ? "skirt-front" : "skirt-back",
    half: side,
    top: "waist",
    origin: !seamed ? "fold" : side === "back" ? "zip-line" : "centre-line",
    ...(side === "front" && form.front !== null ? { front: frontStart(form.front) } : {}),
    originInset: seamed ? centreInset(given, form, side) : { value: 0, terms: [] },
    topInset: settleOnTape(given, [...waistTerms(given, form), ...(numbers.raise > 0 ? [raised] : [])]),
  });
  piece.line("hip", half.hipDown);
  if (half.flareDown !== undefined) piece.line("flare", half.flareDown, { why: "flare-line" });
  piece.line("hem", half.hemDown);
  return piece;
}

/** How far in a dart's line runs: under the bust point, half way where no span is known, or evenly between the first and the side. */
function lineTerms(given: Given, dart: SkirtDart, index: number, met: boolean): readonly Term[] {
  const span = halfSpan(given);
  const drawn = (code: Term["code"], value: Inches): Term => ({
    code,
    kind: "drawn",
    value,
    source: "choice:skirtDarts",
  });
  if (index > 0) return [drawn("evenly-between", dart.middle)];
  if (met) return [drawn("meets-the-dart-above", dart.middle)];
  if (span === null) return [drawn("share-of-the-waist", dart.middle)];
  const own = [bodyTerm(given, "bustSpan", 2)];
  const clear = dart.middle - settleOnTape(given, own).value;
  return Math.abs(clear) < 1e-9 ? own : [...own, drawn("kept-clear", dart.middle - addTerms(own))];
}

/** A mark on the waist line, or beside it where the edge is shaped. */
function waistMark(piece: PieceChalk, name: string, terms: readonly Term[], stitch: Point, allowance?: Term): void {
  const cut = allowance === undefined ? {} : { allowance: [allowance] };
  const why = allowance === undefined ? "dart" : "side-width";
  if (Math.abs(stitch.y) < 1e-9) piece.mark("waist", name, { terms, step: 0, ...cut, why });
  else
    piece.at({
      id: `waist/${name}`,
      terms,
      stitch,
      ...(allowance === undefined ? {} : { allowance: allowance.value }),
      why,
    });
}

function chalkDart(piece: PieceChalk, half: HalfSkirt, dart: SkirtDart, index: number): void {
  const { given } = piece;
  const { side, drawn, form } = half;
  const names = dartNames(side, index);
  const legs = drawn.legs[index];
  if (legs === undefined) return;
  const line = settleOnTape(given, lineTerms(given, dart, index, half.meetsDart)).terms;
  const source = form.darts === "habit" ? `rule:${side}Dart.halfWidth` : "choice:skirtDarts";
  const leg = (value: Inches): Term => ({ code: "dart-leg", kind: "style", value, source });
  for (const on of ["waist", "hip"] as const) piece.mark(on, names.line, { terms: line, step: 0, why: "dart" });
  waistMark(piece, names.inner, [...line, leg(-dart.intake / 2)], legs.inner);
  waistMark(piece, names.outer, [...line, leg(dart.intake / 2)], legs.outer);
  piece.at({ id: `waist/${names.peak}`, terms: line, stitch: legs.peak, why: "dart-peak" });
  const tip = at(dart.middle, dart.tip);
  piece.at({ id: names.tip, terms: line, stitch: tip, why: "dart" });
  piece.dart({
    id: dart.id,
    tip,
    legs: [legs.inner, legs.outer],
    end: null,
    through: [`waist/${names.inner}`, names.tip, `waist/${names.outer}`],
    why: "dart",
  });
  piece.takeOut(dart.id, "waist-dart", (down) =>
    down >= dart.tip ? 0 : down <= 0 ? dart.intake : (dart.intake * (dart.tip - down)) / dart.tip,
  );
}

/** What the side gives back of the darts at the waist. */
function waistSideTerms({ waist, numbers }: HalfSkirt): readonly Term[] {
  return [
    ...waist.terms,
    ...givenBackTerms(HOLLOW, "zip-hollow-given-back", numbers.hollow),
    ...numbers.darts.flatMap(({ id, intake }) => givenBackTerms(id, "waist-dart-given-back", intake)),
  ];
}

function hipSideTerms({ hip, drawn }: HalfSkirt): readonly Term[] {
  const value = drawn.hip.x - hip.value;
  if (value < 1e-6) return hip.terms;
  return [...hip.terms, { code: "flare-at-the-hip", kind: "drawn", value, source: "declared:hemFlare" }];
}

/** How far out on the hem line the side is ruled to; null where it does not flare. */
function flareTerm(given: Given, { numbers: { hem } }: HalfSkirt): Term | null {
  if (hem.kind === "flared") return ruleTerm(given, "hemFlare");
  if (hem.kind !== "mermaid") return null;
  return { code: "flare-beyond-the-hip-line", kind: "style", value: hem.out, source: "choice:mermaidOut" };
}

/** Where a mermaid turns out: both of its lines are ruled to there, then the turn is rounded. */
function chalkFlarePoint(piece: PieceChalk, { numbers: { hem } }: HalfSkirt, quarter: Term): void {
  if (hem.kind !== "mermaid") return;
  const inwards: Term = { code: "pegged-in", kind: "style", value: -hem.in, source: "choice:mermaidIn" };
  piece.mark("flare", "side", { terms: [quarter, inwards], step: 0, why: "flare-point" });
}

/** Where the side meets the hem: on its line, or where its corner was lifted. */
function chalkHemSide(piece: PieceChalk, half: HalfSkirt, side: Term): void {
  const { given } = piece;
  const { numbers, drawn, hip } = half;
  const quarter: Term = { code: "hip-quarter", kind: "body", value: hip.value, source: "mark:hip/side" };
  const flare = flareTerm(given, half);
  if (flare !== null) {
    chalkFlarePoint(piece, half, quarter);
    piece.mark("hem", "flare", { terms: [quarter, flare], step: 0, why: "flare-reading" });
    const value = drawn.corner.x - quarter.value - flare.value;
    const lifted: Term = { code: "corner-lifted", kind: "drawn", value, source: flare.source };
    piece.at({
      id: "hem/side",
      terms: [quarter, flare, lifted],
      stitch: drawn.corner,
      allowance: side.value,
      why: "corner-lift",
    });
    return;
  }
  const pegged = numbers.hem.kind === "pegged" ? [turnTerm(ruleTerm(given, "hemPeg"), "pegged-in")] : [];
  piece.mark("hem", "side", {
    terms: [quarter, ...pegged],
    step: 0,
    allowance: [side],
    why: pegged.length > 0 ? "hem-peg" : "hem-width",
  });
  const foot = pathEnd(drawn.side);
  const carried = numbers.hem.kind === "pegged" ? peggedCarry(numbers, numbers.hem.peg) : 0;
  const reading: Sum = {
    value: carried + numbers.lengthened,
    terms: [
      ...(carried > 0
        ? [{ code: "squared-to-the-hem", kind: "drawn", value: carried, source: "rule:hemPeg" } as const]
        : []),
      ...(numbers.lengthened > 0
        ? [
            {
              code: "trued-to-skirt-side",
              kind: "trued",
              value: numbers.lengthened,
              source: "seam:skirt-side",
            } as const,
          ]
        : []),
    ],
  };
  if (reading.value === 0) return;
  piece.place({
    id: "side/foot",
    stitch: foot,
    cut: add(foot, at(side.value, 0)),
    act: "lengthen",
    reading,
    from: "hem-line",
    direction: "down",
    why: carried > 0 ? "hem-squared" : "hem-trued",
  });
}

function chalkMarks(piece: PieceChalk, half: HalfSkirt): void {
  const { given } = piece;
  const { numbers, drawn } = half;
  const allowance = sideTerm(given, half.form);
  const lowered: Term = { code: "waist-lowered-at-back", kind: "style", value: numbers.dip, source: "rule:waistDip" };
  if (numbers.dip > 0) piece.centreMark("waist", { terms: [lowered], step: 0, why: "waist-dip" });
  chalkHollow(piece, half);
  for (const [index, dart] of numbers.darts.entries()) chalkDart(piece, half, dart, index);
  waistMark(piece, "side", waistSideTerms(half), drawn.side.start, allowance);
  piece.mark("hip", "side", { terms: hipSideTerms(half), step: 0, allowance: [allowance], why: "side-width" });
  chalkHemSide(piece, half, allowance);
  piece.centreMark("hem", {
    terms: piece.lineTerms("hem"),
    allowance: [allowanceTerm(given, "allowance.hem")],
    step: 0,
  });
  chalkCentreMarks(piece, half);
}

function chalkEdges(piece: PieceChalk, half: HalfSkirt): void {
  const { given } = piece;
  const { numbers, drawn, form, side } = half;
  const names = numbers.darts.map((_, index) => dartNames(side, index));
  piece.edge("waist", {
    role: "waist",
    stitch: drawn.waist,
    allowance: settleOnTape(given, waistTerms(given, form)).value,
    mouths: drawn.mouths,
    through: [
      "centre/waist",
      ...names.flatMap(({ inner, peak, outer }) => [inner, peak, outer].map((name) => `waist/${name}`)),
      "waist/side",
    ],
    why: form.elastic ? "casing" : "skirt-waist",
  });
  const beside = sideTerm(given, form).value;
  piece.edge("side", {
    role: "side",
    stitch: drawn.side,
    cut: mapPath(drawn.side, ({ x, y }) => at(x + beside, y)),
    allowance: beside,
    through: ["waist/side", "hip/side", "flare/side", "hem/side", "side/foot"],
    why: "side-seam",
  });
  piece.edge("hem", {
    role: "hem",
    stitch: hemWithVent(given, half),
    allowance: ruleLength(given, "allowance.hem"),
    through: ["side/foot", "hem/side", "centre/hem", "vent/hem"],
  });
  chalkCentre(piece, half);
}

function chalkNotches(piece: PieceChalk, half: HalfSkirt): void {
  const { drawn, side, form } = half;
  notchCentre(piece);
  // Under a body the waist edges are laid on each other; there the darts themselves meet.
  if (form.style.underBody) return;
  if (piece.start.origin === "fold") piece.notchAt(`${side}-waist`, "waist", 0);
  for (const [index, { from, to }] of drawn.mouths.entries()) {
    const names = dartNames(side, index);
    piece.notchAt(names.inner, "waist", from);
    piece.notchAt(names.outer, "waist", to);
  }
}

/** Both sides are sewn from the waist down: what is notched on one lies as far along the other, whichever leans more. */
function notchSides(form: SkirtForm, { numbers, sideSlit }: HalfSkirt, pieces: readonly PieceChalk[]): void {
  const { hipDown } = numbers;
  const places: (readonly [string, Inches])[] = [["hip", hipDown]];
  if (sideSlit !== null) places.push(["slit-top", sideSlit]);
  if (form.opens === "side-zip" && form.zipEnd !== 0) places.push(["zip-end", hipDown + form.zipEnd]);
  for (const [id, down] of places) {
    const along = pieces[0] === undefined ? undefined : lengthToDepth(pieces[0].edgeOf("side").stitch, down);
    if (along !== undefined) for (const piece of pieces) piece.notchAt(id, "side", along);
  }
}

/** A skirt of its own promises its waist, its opening and an edge for its band; one under a body that it meets it. */
function promise(
  sheet: Sheet,
  form: SkirtForm,
  halves: Readonly<Record<Side, HalfSkirt>>,
  above: OpenEdge | null,
): void {
  const { given } = sheet;
  const meets = { least: 0, most: 0 };
  sheet.seam({ id: "skirt-side", a: ["skirt-front/side"], b: ["skirt-back/side"], ease: meets });
  const own = above === null && !form.elastic;
  for (const line of own ? (["waist", "hip"] as const) : (["hip"] as const))
    sheet.girth({ line, on: line, body: bodyValue(given, line), ease: ruleLength(given, `ease.${line}`) });
  if (above !== null) {
    for (const side of ["front", "back"] as const)
      sheet.seam({
        id: `waist-join-${side}`,
        a: [`${skirtPieces[side]}/waist`],
        b: above.rows[side],
        ease: easeTo(above, [side], 1),
      });
    return;
  }
  const { hipDown, hemDown } = halves.back.numbers;
  const down = form.opens === "front-band" ? hemDown : hipDown + form.zipEnd;
  sheet.openAt(form.opens, form.opens === "none" ? null : down);
  if (own) sheet.opens("waist", { front: ["skirt-front/waist"], back: ["skirt-back/waist"] });
}

/** A slit in a front that stays on its fold. */
function hasFacedSlit(half: HalfSkirt): half is HalfSkirt & { readonly slitTop: Inches } {
  return half.slitTop !== null && half.form.slitFinish === "faced";
}

const hasGodets = ({ style, flareBy }: SkirtForm): boolean => style.kind === "mermaid" && flareBy === "godet";

/** Chalks one half of a fitted skirt, from its frame to its notches. */
export function chalkHalf(sheet: Sheet, half: HalfSkirt): PieceChalk {
  const piece = openPiece(sheet, half);
  chalkMarks(piece, half);
  chalkEdges(piece, half);
  chalkNotches(piece, half);
  if (hasGodets(half.form)) chalkGodetSlots(piece, half);
  remarkHalf(sheet, half);
  return piece;
}

/** Chalks a fitted skirt, front and back, by its choices; its waist is left open for a band, or is its own casing. */
export function chalkFitted(sheet: Sheet, form: SkirtForm, above: OpenEdge | null): WaistEdge | null {
  const { given } = sheet;
  const chalked: HalfSkirt[] = [];
  sheet.part("skirt", () => {
    const halves = planSkirt(given, form, above);
    chalked.push(halves.front, halves.back);
    const pieces = chalked.map((half) => chalkHalf(sheet, half));
    notchSides(form, halves.front, pieces);
    promise(sheet, form, halves, above);
    remarkElastic(sheet, form, skirtPieces.back);
  });
  if (hasGodets(form)) chalkGodets(sheet, form);
  const front = chalked.find(({ side }) => side === "front");
  if (front !== undefined && hasFacedSlit(front)) chalkSlitFacing(sheet, front.hemDown.value - front.slitTop);
  if (above !== null || form.elastic) return null;
  if (form.waistFinish === "facing") {
    chalkWaistFacing(sheet, chalked);
    return null;
  }
  const open = sheet.take("waist");
  const { length, rows } = open;
  const { most } = easeTo(open, ["front", "back"], 2);
  const sewn = [...rows.front, ...rows.front, ...rows.back, ...rows.back];
  return { length, sewn, gathered: false, ease: { least: -most, most: -most } };
}

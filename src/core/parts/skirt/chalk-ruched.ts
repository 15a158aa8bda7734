import { chalkStrip } from "../../blocks";
import {
  easeTo,
  givenStep,
  type OpenEdge,
  onTape,
  type PieceChalk,
  type Sheet,
  type StepReason,
  settleOnTape,
  type Term,
} from "../../chalk";
import { lengthToDepth, type Point, pathEnd, pathLength } from "../../geometry";
import { both, type Inches, pickSystem, roundUpToStep } from "../../length";
import { markDrawn } from "../mark-drawn";
import { chalkHalf } from "./chalk-fitted";
import { footOf, type Lie, lieOf, ruchedEdges, sectorsOf } from "./lie-ruche";
import { planRuche, type RuchedPart, TURNS_FAR } from "./plan-ruche";
import { halfSpan, planSkirt } from "./plan-skirt";
import type { SkirtForm } from "./skirt-form";
import type { WaistEdge } from "./waistband";

/** Each cord is longer than its casing by this, to be tied. */
const CORD_MORE = both(10, 25);
/** A channel is wider than its cord by this. */
const CHANNEL_MORE = both(0.25, 0.5);

const asSpread = (value: Inches): Term => ({ code: "as-spread", kind: "drawn", value, source: "choice:rucheSpreads" });

function markAt(piece: PieceChalk, id: string, place: Point, why: StepReason): void {
  markDrawn(piece, id, place, { term: asSpread, why });
}

/** Frame and sectors of a part on its single layer. */
function openPart(sheet: Sheet, part: RuchedPart, lie: Lie): PieceChalk {
  const { given } = sheet;
  const above: Term = {
    code: "above-the-top-line",
    kind: "allowance",
    value: roundUpToStep(lie.above, givenStep(given)),
    source: "rule:allowance.waistJoin",
  };
  const piece = sheet.piece(`skirt-front-${part.which}`, {
    name: `skirt-front-${part.which}`,
    half: null,
    lead: false,
    single: true,
    origin: "cloth-edge",
    originInset: { value: 0, terms: [] },
    topInset: settleOnTape(given, [above]),
  });
  piece.spread(sectorsOf(part, lie));
  return piece;
}

/** Every place that the part is drawn through: waist, lines on seam and side, the top of the slit, and the hem. */
function markPart(piece: PieceChalk, part: RuchedPart, lie: Lie): void {
  const { spread, slit, lengthened } = part;
  const place = (point: Point): Point => lie.place({ start: point, segments: [] }).start;
  const { opened, hinge } = spread;
  markAt(piece, "waist/seam", place(opened.path.start), "spread-edge");
  markAt(piece, "waist/side", place(hinge.path.start), "spread-hinge");
  for (const [index, point] of opened.between.entries())
    markAt(piece, `ruche-${index + 1}/seam`, place(point), "spread-edge");
  for (const [index, point] of hinge.between.entries())
    markAt(piece, `ruche-${index + 1}/hinge`, place(point), "spread-hinge");
  markAt(piece, "seam/slit-top", place(slit.start), "slit-top");
  markAt(piece, "hem/side", place(footOf(part)), lengthened > 0 ? "hem-trued" : "hem-width");
  markAt(piece, "hem/slit", place(pathEnd(slit)), "slit-out");
}

/** One part of the front, drawn as it lies once it is spread: no paper is slashed. */
function chalkPart(sheet: Sheet, form: SkirtForm, part: RuchedPart, hipAlong: Inches): void {
  const edges = ruchedEdges(sheet.given, part);
  const lie = lieOf(form, part, edges);
  const piece = openPart(sheet, part, lie);
  markPart(piece, part, lie);
  for (const { id, ...edge } of lie.edges) piece.edge(id, edge);
  const side = piece.edgeOf("side").stitch;
  piece.notchAt("hip", "side", lie.mirrored ? pathLength(side) - hipAlong : hipAlong);
  piece.notchAt("slit-top", "seam", lie.mirrored ? pathLength(part.seam) : 0);
  if (part.spread.turned > TURNS_FAR) sheet.remark({ id: "ruche-turns-far", piece: piece.id, numbers: {} });
}

/** The casing over the seam, and a cord in each of its channels. */
function chalkCords(sheet: Sheet, form: SkirtForm, opened: Inches): void {
  const { given } = sheet;
  const casing = onTape(given, opened);
  const depth = 2 * (form.cordWidth + pickSystem(CHANNEL_MORE, given.metric)) + pickSystem(both(1, 2.5), given.metric);
  const length = casing + pickSystem(both(1, 2.5), given.metric);
  sheet.add(
    chalkStrip({ id: "casing", name: "casing", length: onTape(given, length), depth: onTape(given, depth), copies: 1 }),
  );
  const cord = onTape(given, casing + pickSystem(CORD_MORE, given.metric));
  sheet.add(chalkStrip({ id: "tie", name: "tie", length: cord, depth: onTape(given, 4 * form.cordWidth), copies: 2 }));
  sheet.remark({ id: "cords", piece: "tie", numbers: { casing, length: cord } });
}

/** A skirt whose front is gathered along a seam off its centre by cords in a casing; its back is plain (craft: skirts, ruched front). */
export function chalkRuched(sheet: Sheet, form: SkirtForm, above: OpenEdge | null): WaistEdge | null {
  const { given } = sheet;
  const length = { front: 0, back: 0 };
  const meets = { least: 0, most: 0 };
  const [narrow, wide] = ["skirt-front-narrow", "skirt-front-wide"] as const;
  sheet.part("skirt", () => {
    const { front, back } = planSkirt(given, form, above);
    const { side } = front.drawn;
    const seam = settleOnTape(given, [asSpread(halfSpan(given) ?? front.waist.value / 2)]).value;
    const parts = planRuche(given, form, { side, seam, waist: front.waist.value, hemDown: front.hemDown.value });
    const hipAlong = lengthToDepth(side, front.numbers.hipDown) ?? 0;
    chalkHalf(sheet, back).notchAt("hip", "side", hipAlong);
    for (const part of parts) chalkPart(sheet, form, part, hipAlong);
    for (const [id, piece] of [
      ["skirt-side", narrow],
      ["skirt-side-wide", wide],
    ] as const)
      sheet.seam({ id, a: [`${piece}/side`], b: ["skirt-back/side"], ease: meets });
    sheet.seam({ id: "ruche-seam", a: [`${narrow}/seam`], b: [`${wide}/seam`], ease: meets });
    chalkCords(sheet, form, Math.max(...parts.map(({ seam: own }) => pathLength(own))));
    if (above === null) sheet.openAt(form.opens, back.numbers.hipDown + form.zipEnd);
    length.front = front.waist.value;
    length.back = back.waist.value;
  });
  const front = [`${narrow}/waist`, `${wide}/waist`] as const;
  if (above === null) return { length, sewn: [...front, "skirt-back/waist", "skirt-back/waist"], gathered: false };
  const { rows } = above;
  sheet.seam({
    id: "waist-join-front",
    a: front,
    b: [...rows.front, ...rows.front],
    ease: easeTo(above, ["front"], 2),
  });
  sheet.seam({ id: "waist-join-back", a: ["skirt-back/waist"], b: rows.back, ease: easeTo(above, ["back"], 1) });
  return null;
}

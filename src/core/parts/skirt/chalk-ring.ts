import { chalkRing } from "../../blocks";
import {
  bodyTerm,
  bodyValue,
  type EdgeReference,
  type Given,
  givenStep,
  type OpenEdge,
  onTape,
  type Piece,
  type PieceName,
  ruleLength,
  type Sheet,
  type Sum,
  settleOnTape,
  type Term,
  TIMES_ROUND,
} from "../../chalk";
import { placeAtLength } from "../../geometry";
import { both, type Inches, pickSystem } from "../../length";
import { planHanger, roundToPullOn } from "./hanger";
import { planRing, type RingPieces, type RingSkirt } from "./plan-ring";
import { remarkElastic, remarkFront } from "./remark-skirt";
import type { SkirtForm } from "./skirt-form";
import type { WaistEdge } from "./waistband";

/** A zip stops this far above the hem of a short ring. */
const ABOVE_HEM = both(1, 2.5);

function lengthOf(given: Given, form: SkirtForm): Sum {
  if (form.style.kind !== "peplum") return settleOnTape(given, [bodyTerm(given, "skirtLength")]);
  return {
    value: form.peplumDepth,
    terms: [{ code: "skirt-below-the-ring", kind: "style", value: form.peplumDepth, source: "choice:peplumDepth" }],
  };
}

/** Where the zip ends on the edges that meet there: the closing ones, or the fold of a whole ring that is cut open. */
function openedAt(piece: Piece, reach: Inches | null): Piece {
  const closing = piece.edges.find(({ id }) => id === "closing");
  if (reach === null || closing === undefined) return piece;
  const { point } = placeAtLength(closing.stitch, reach);
  return { ...piece, notches: [...piece.notches, { id: "zip-end", edge: "closing", at: reach, point }] };
}

function nameOf(form: SkirtForm, { fold }: RingPieces, others: number): PieceName {
  if (form.style.kind === "peplum") return "peplum-ring";
  return fold === "single" && others > 0 ? "skirt-ring-quarter" : "skirt-ring";
}

/** Chalks one kind of a ring's pieces. @returns its inner edges, as often as they are sewn round */
function chalkPieces(
  sheet: Sheet,
  form: SkirtForm,
  ring: RingSkirt,
  pieces: RingPieces,
  length: Sum,
  reach: Inches | null,
): readonly EdgeReference[] {
  const { given } = sheet;
  const name = nameOf(form, pieces, ring.pieces.length - 1);
  const radius: Term = { code: "ring-from-round", kind: "drawn", value: ring.inner, source: "choice:circleShare" };
  const piece = chalkRing({
    id: name,
    name,
    part: "skirt",
    copies: pieces.copies,
    fold: pieces.fold,
    share: pieces.share,
    inner: { radius: ring.inner, terms: [radius], allowance: ruleLength(given, "allowance.waistJoin") },
    outer: { radius: ring.outer, terms: [radius, ...length.terms], allowance: ruleLength(given, "allowance.hem") },
    closing: ring.closing,
    closingTerms: ring.closingTerms,
    step: givenStep(given),
  });
  sheet.add(openedAt(piece, reach));
  return Array.from({ length: TIMES_ROUND[pieces.fold] * pieces.copies }, (): EdgeReference => `${name}/inner`);
}

/** What the tailor is told of a ring: what its radius was rounded by, and where it must be pieced. */
function remarkRing(sheet: Sheet, ring: RingSkirt, piece: string): void {
  const ease = 2 * Math.PI * ring.share * ring.inner - ring.round;
  sheet.remark({ id: "ring-ease", piece, numbers: { ease, round: ring.round, radius: ring.inner } });
  if (ring.inMore) sheet.remark({ id: "ring-in-more", piece, numbers: {} });
  if (ring.beyond > 0) sheet.remark({ id: "ring-pieced", piece, numbers: { beyond: ring.beyond } });
}

/** Chalks a skirt of the circle family, or a peplum of it: the tape swung about the centre (craft: skirts, circles and rings). */
export function chalkRingSkirt(sheet: Sheet, form: SkirtForm, above: OpenEdge | null): WaistEdge | null {
  const { given } = sheet;
  const hanger = planHanger(given, form, above);
  const round = form.elastic ? Math.max(hanger.round, roundToPullOn(given)) : hanger.round;
  const length = lengthOf(given, form);
  const ring = planRing(given, form, hanger, round, length.value);
  const most = length.value - pickSystem(ABOVE_HEM, given.metric);
  const zip = hanger.opening !== null && hanger.opening.at !== "front";
  const reach = !zip ? null : onTape(given, Math.min(bodyValue(given, "waistToHip"), most));
  const sewn: EdgeReference[] = [];
  sheet.part("skirt", () => {
    for (const pieces of ring.pieces) sewn.push(...chalkPieces(sheet, form, ring, pieces, length, reach));
    if (above === null) sheet.openAt(form.opens, form.front === null ? reach : length.value);
    remarkFront(sheet, form, sewn[0]?.split("/")[0] ?? "", length.value);
    remarkRing(sheet, ring, sewn[0]?.split("/")[0] ?? "");
    remarkElastic(sheet, form, sewn[0]?.split("/")[0] ?? "");
  });
  const lost = ring.round - round;
  // The radius is chalked to a 32nd: what that adds to the round is said.
  const rounding = Math.PI * ring.share * (given.metric ? 1 / 25.4 : 1 / 32);
  const ease = { least: lost - rounding, most: lost + rounding };
  const meets = { least: ease.least + hanger.off, most: ease.most + hanger.off };
  if (hanger.rows !== null) sheet.seam({ id: "waist-join", a: sewn, b: hanger.rows, ease: meets });
  if (hanger.rows !== null) return null;
  const quarter = form.elastic ? { front: round / 4, back: round / 4 } : hanger.length;
  return { length: quarter, sewn, gathered: false, ease };
}

import { chalkRing, chalkStrip } from "../../blocks";
import { givenStep, type Mouth, onTape, type PieceChalk, refuse, ruleLength, type Sheet, type Term } from "../../chalk";
import { at, meetingCurve, type Path, pathLength, straight } from "../../geometry";
import { both, fromCentimetres, type Inches, pickSystem, roundToStep } from "../../length";
import { cuffMore, NARROW, type SleevePlan } from "./plan-sleeve";
import { chosenTerm } from "./sleeve-form";

/** What is cut beyond a net edge of a small piece. */
const SEAM = both(0.5, 1);
/** A slit ends in a V, and leaves so much of the sleeve above it. */
const LEAST_ABOVE_SLIT = both(1, 2.5);
/** A placket strip is longer than its slit by this: its pointed end. */
const BEYOND_SLIT = both(1.5, 4);
/** A tie is cut so deep: net two inches, and its seams. */
const TIE_CUT = both(3, 7.5);
/** Opposite its seam a tie band's sleeve is slit so far up. */
const TIE_SLIT = both(2, 5);
/** Beyond the outer edge of a ring. */
const RING_HEM = both(0.25, 0.6);

/** A strip's two ends, which are sewn to nothing. */
function ends(length: Inches, seam: Inches): readonly Mouth[] {
  return [
    { closes: "end", from: 0, to: seam },
    { closes: "end", from: length - seam, to: length },
  ];
}

/** A name that no earlier part has taken: a front has plackets of its own, a ruched skirt a tie. */
function freeId(sheet: Sheet, id: string): string {
  return sheet.hasPiece(id) ? `sleeve-${id}` : id;
}

/** Where slit and pleat lie on the flat hem, from the sleeve's fold; a place beyond it lies on the front half. */
export interface CuffPlaces {
  readonly slit: Inches;
  readonly slitTop: Inches;
  readonly pleat: readonly [Inches, Inches] | null;
}

export function placesOfCuff({ form, hemDown, side }: SleevePlan): CuffPlaces {
  const half = side.at(-1)?.half.value ?? 0;
  const slit = half / 2;
  const first = slit - form.pleatFrom;
  return {
    slit,
    slitTop: hemDown.value - form.sleeveSlit,
    pleat: form.sleevePleat === 0 ? null : [first, first - form.sleevePleat],
  };
}

function laterAt(piece: PieceChalk, id: string, across: Inches, down: Inches): void {
  piece.known(id, at(Math.abs(across), down), across < 0 ? "front" : "back");
}

/** The buttoned cuff with what it wants of the sleeve: slit, placket and pleat (craft: sleeves, buttoned cuff). */
export function chalkButtonedCuff(sheet: Sheet, piece: PieceChalk, plan: SleevePlan, cuff: Inches): void {
  const { given } = sheet;
  const { form, hemDown, cap } = plan;
  const places = placesOfCuff(plan);
  const least = cap.cap + pickSystem(LEAST_ABOVE_SLIT, given.metric);
  if (places.slitTop < least)
    refuse({
      code: "sleeve-slit-too-long",
      conflicts: ["choices.sleeveSlit", "choices.sleeveEnd"],
      numbers: { slit: form.sleeveSlit, room: hemDown.value - least },
      nearest: hemDown.value - least,
    });
  laterAt(piece, "hem/slit", places.slit, hemDown.value);
  laterAt(piece, "slit/top", places.slit, places.slitTop);
  for (const [index, across] of (places.pleat ?? []).entries())
    laterAt(piece, `hem/pleat-${index + 1}`, across, hemDown.value);
  const seam = onTape(given, pickSystem(SEAM, given.metric));
  const sewn = sheet.asSewn("cuff", cuff);
  const finished = sewn.off === 0 ? cuff : onTape(given, sewn.length);
  const [length, depth] = [finished + 2 * seam, 2 * form.cuffDepth + 2 * seam];
  const id = freeId(sheet, "cuff");
  const strip = chalkStrip({ id, name: "cuff", length, depth, copies: 2, part: "sleeve" });
  const edges = strip.edges.map((one) => (one.id === "right" ? { ...one, mouths: ends(length, seam) } : one));
  sheet.add({ ...strip, edges });
  const placket = freeId(sheet, "placket");
  sheet.add(
    chalkStrip({
      id: placket,
      name: "sleeve-placket",
      length: onTape(given, form.sleeveSlit + pickSystem(BEYOND_SLIT, given.metric)),
      depth: onTape(given, form.placketStrip),
      copies: 2,
      part: "sleeve",
    }),
  );
  // The cuff lies on the tape: it is held against the drawn end by what it was really made longer.
  const more = cuffMore(given, form) - (finished - cuff);
  const near = Math.max(1 / 16, givenStep(given));
  sheet.seam({
    id: "cuff",
    a: ["sleeve/hem", "sleeve/hem"],
    b: [`${id}/right`],
    ease: { least: more - near, most: more + near },
    says: "cuff-balance",
  });
  sheet.notion({
    id: "buttons",
    unit: "piece",
    terms: [{ code: "buttons-at-the-cuffs", kind: "style", value: 2, source: "choice:sleeveCuff" }],
  });
  const stands = form.placketStrip - 2 * ruleLength(given, "allowance.placket") - form.placketWidth;
  sheet.remark({
    id: "sleeve-cuff",
    piece: id,
    numbers: {
      cuff: finished,
      depth: form.cuffDepth,
      stands,
      narrow: pickSystem(NARROW, given.metric),
      pleat: form.sleevePleat,
    },
  });
}

/** The strip that is sewn on as a band and tied, and the slit opposite its seam (craft: sleeves, tie band). */
export function chalkTie(sheet: Sheet, piece: PieceChalk, { form, hemDown }: SleevePlan): void {
  const { given } = sheet;
  const step = givenStep(given);
  const round = 2 * pathLength(piece.edgeOf("hem").stitch);
  const seam = onTape(given, pickSystem(SEAM, given.metric));
  const length = roundToStep(round + 2 * form.tieLength + 2 * seam, step);
  const id = freeId(sheet, "tie");
  const strip = chalkStrip({
    id,
    name: "sleeve-tie",
    length,
    depth: onTape(given, pickSystem(TIE_CUT, given.metric)),
    copies: 2,
    part: "sleeve",
  });
  const free = (length - round) / 2;
  const edges = strip.edges.map((one) => (one.id === "right" ? { ...one, mouths: ends(length, free) } : one));
  sheet.add({ ...strip, edges });
  sheet.seam({ id: "tie-band", a: [`${id}/right`], b: ["sleeve/hem", "sleeve/hem"], ease: { least: 0, most: 0 } });
  const slit = pickSystem(TIE_SLIT, given.metric);
  piece.known("hem/slit", at(0, hemDown.value), "back");
  piece.known("slit/top", at(0, hemDown.value - slit), "back");
  sheet.remark({ id: "tie-slit", piece: "sleeve", numbers: { slit, ends: form.tieLength } });
}

/** The ring below a sleeve that is cut across: two whole ones, sewn round (craft: sleeves, ring flounce). */
export function chalkFlounce(sheet: Sheet, piece: PieceChalk, { form }: SleevePlan): void {
  const { given } = sheet;
  const { length: round, off } = sheet.asSewn("flounce", 2 * pathLength(piece.edgeOf("hem").stitch));
  const finest = given.metric ? fromCentimetres(0.1) : 1 / 32;
  const inner = roundToStep(round / (2 * Math.PI), finest);
  const depth = form.flounceDepth === "same" ? form.flounceAt : form.flounceDepth;
  const radius: Term = { code: "ring-from-round", kind: "drawn", value: inner, source: "edge:sleeve/hem" };
  sheet.add(
    chalkRing({
      id: "flounce",
      name: "flounce",
      part: "sleeve",
      copies: 2,
      fold: "quarter",
      share: 1,
      inner: { radius: inner, terms: [radius], allowance: onTape(given, pickSystem(SEAM, given.metric)) },
      outer: {
        radius: inner + depth,
        terms: [radius, chosenTerm("skirt-below-the-ring", "flounceDepth", depth)],
        allowance: onTape(given, pickSystem(RING_HEM, given.metric)),
      },
      closing: 0,
      closingTerms: [],
      step: givenStep(given),
    }),
  );
  const rounding = Math.PI * finest;
  sheet.seam({
    id: "flounce",
    a: Array.from({ length: 4 }, () => "flounce/inner" as const),
    b: ["sleeve/hem", "sleeve/hem"],
    ease: { least: off - rounding, most: off + rounding },
  });
}

/** A cuff that lies turned back on the sleeve: its fold at the underarm seam, its open points at the sleeve's fold. */
export function chalkTurnBack(sheet: Sheet, { form, side }: SleevePlan): void {
  const { given } = sheet;
  const w = side.at(-1)?.half.value ?? 0;
  const [low, more] = [form.turnBackHeight, onTape(given, pickSystem(both(1, 2.5), given.metric))];
  const seam = onTape(given, pickSystem(SEAM, given.metric));
  const id = freeId(sheet, "cuff");
  const piece = sheet.piece(id, {
    name: "cuff-turn-back",
    half: null,
    origin: "fold",
    originInset: { value: 0, terms: [] },
    topInset: { value: seam, terms: [chosenTerm("joining-seam", "sleeveCuff", seam)] },
    copies: 4,
  });
  const [fold, open] = [at(0, more), at(w + more, 0)];
  const [heel, corner] = [at(0, more + low), at(w, more + low)];
  const upper: Path = {
    start: fold,
    segments: [meetingCurve(fold, { x: 1, y: 0 }, open, { x: open.x - w / 2, y: -more })],
  };
  const width: Term = { code: "width-from-the-armhole", kind: "drawn", value: w, source: "mark:hem/side" };
  const beyond = chosenTerm("beyond-finished-edge", "sleeveCuff", more);
  piece.at({ id: "cuff/point", terms: [width, beyond], stitch: open, why: "turn-back" });
  piece.centreMark("cuff", { terms: [beyond], step: 0, why: "turn-back" });
  piece.at({ id: "cuff/corner", terms: [width], stitch: corner, why: "turn-back" });
  const edge = (name: string, stitch: Path, through: readonly string[]) =>
    piece.edge(name, { role: "join", stitch, allowance: seam, through, why: "turn-back" });
  edge("top", upper, ["centre/cuff", "cuff/point"]);
  edge("end", straight(open, corner), ["cuff/point", "cuff/corner"]);
  edge("sleeve", straight(corner, heel), ["cuff/corner"]);
  piece.edge("centre", { role: "centre", stitch: straight(heel, fold), allowance: 0, through: [], onFold: true });
  sheet.seam({ id: "cuff", a: [`${id}/sleeve`], b: ["sleeve/hem"], ease: { least: -1 / 8, most: 1 / 8 } });
  sheet.remark({ id: "turn-back-lies", piece: id, numbers: { above: more, height: low } });
}

import { chalkStrip } from "../../blocks";
import {
  bodyValue,
  givenStep,
  isButton,
  type OpenEdge,
  onTape,
  type Piece,
  type Sheet,
  sewnLength,
  type Term,
} from "../../chalk";
import { both, type Inches, pickSystem, roundUpToStep } from "../../length";
import { type DecidedAll, decideAll } from "../offers";
import { chalkPatch, chalkSidePocket } from "./pockets";
import { trimChoices } from "./trim-choices";

/** A tie belt is this wide, finished, and so much longer than the waist. */
const BELT = both(2, 5);
const BELT_LONGER = both(40, 100);
const BELT_SEAM = both(0.5, 1);
/** A bone ends this far inside each edge. */
const BONE_SHORT = both(0.5, 1);
/** Circles of padding by the bust: up to here, up to there, beyond. */
const PADS = [
  [both(36, 92), both(2.25, 5.5)],
  [both(44, 112), both(2.5, 6.5)],
] as const;
const LARGEST_PAD = both(2.75, 7);
/** Three rows of pairs, on both panel seams. */
const PAIRED_BUTTONS = 12;
const BESIDE_SEAM = both(0.5, 1);

/** A belt in two halves, joined at the centre back; folded lengthwise. */
function chalkBelt(sheet: Sheet): void {
  const { given } = sheet;
  const pick = (length: typeof BELT) => onTape(given, pickSystem(length, given.metric));
  const seam = pick(BELT_SEAM);
  const whole = bodyValue(given, "waist") + pickSystem(BELT_LONGER, given.metric);
  const length = roundUpToStep(whole / 2, givenStep(given) || 1 / 8) + 2 * seam;
  sheet.add(chalkStrip({ id: "tie-belt", name: "tie-belt", copies: 2, length, depth: 2 * pick(BELT) + 2 * seam }));
}

/** Seams that carry a bone: each panel seam and side, once. */
function bonedSeams(
  pieces: readonly Piece[],
): readonly { readonly where: "panel" | "side"; readonly length: Inches }[] {
  return pieces
    .filter(({ part }) => part === "body")
    .flatMap(({ drawnWith, half, edges }) =>
      edges.flatMap((edge) => {
        const own = edge.role === "panel" ? drawnWith === null : edge.role === "side" && half === "front";
        return own ? [{ where: edge.role as "panel" | "side", length: sewnLength(edge) }] : [];
      }),
    );
}

function tellBoning(sheet: Sheet): void {
  const { given } = sheet;
  const short = 2 * pickSystem(BONE_SHORT, given.metric);
  const step = givenStep(given) || 1 / 8;
  const bones = bonedSeams(sheet.pieces).map(({ where, length }) => ({
    where,
    length: Math.floor((length - short) / step) * step,
  }));
  const terms = bones.map(
    ({ where, length }): Term => ({
      code: where === "panel" ? "bones-on-a-panel-seam" : "bones-on-a-side",
      about: { whole: length },
      kind: "drawn",
      value: 2 * length,
      source: "choice:boning",
    }),
  );
  if (terms.length > 0) sheet.notion({ id: "boning", unit: "in", terms });
}

function tellPadding(sheet: Sheet): void {
  const { given } = sheet;
  const bust = bodyValue(given, "bust");
  const found = PADS.find(([most]) => bust <= pickSystem(most, given.metric));
  const wide = pickSystem(found?.[1] ?? LARGEST_PAD, given.metric);
  sheet.remark({ id: "cups-padded", piece: sheet.pieces[0]?.id ?? "", numbers: { wide } });
}

type TrimForm = DecidedAll<typeof trimChoices>;

/** What a loop has beside twice its button, and how wide its bias is cut. */
const LOOP_MORE = both(0.375, 1);
const LOOP_WIDE = both(1.25, 3);

/** Loops for the buttons of a front, all of them from one square of cloth; at least one, at the neck. */
function chalkLoops(sheet: Sheet, { buttonSize }: TrimForm): void {
  const { given, pieces } = sheet;
  const step = givenStep(given) || 1 / 8;
  const count = Math.max(1, pieces.flatMap(({ marks }) => marks).filter(isButton).length);
  const each = roundUpToStep(2 * buttonSize + pickSystem(LOOP_MORE, given.metric), step);
  const wide = onTape(given, pickSystem(LOOP_WIDE, given.metric));
  const side = roundUpToStep(Math.max(each, Math.sqrt(count * each * wide)), step);
  sheet.add(chalkStrip({ id: "loops", name: "loops", length: side, depth: side, copies: 1 }));
  sheet.remark({ id: "loops", piece: "loops", numbers: { count, each, wide, button: buttonSize } });
}

function tellPairs(sheet: Sheet): void {
  const term: Term = { code: "buttons-in-pairs", kind: "style", value: PAIRED_BUTTONS, source: "choice:buttonPairs" };
  sheet.notion({ id: "buttons", unit: "piece", terms: [term] });
  const beside = pickSystem(BESIDE_SEAM, sheet.given.metric);
  sheet.remark({ id: "button-pairs", piece: sheet.pieces[0]?.id ?? "", numbers: { beside } });
}

function chalkPockets(sheet: Sheet, form: TrimForm, neck: OpenEdge, armhole: OpenEdge): void {
  if (form.pocket === "patch" || form.pocket === "box-pleat") chalkPatch(sheet, form, neck, armhole);
  if (form.pocket === "side-seam") chalkSidePocket(sheet);
}

/** Puts on a body what was chosen for it: pockets, a belt, bones, cups, pairs of buttons. */
export function chalkTrim(sheet: Sheet, neck: OpenEdge, armhole: OpenEdge): void {
  const { given } = sheet;
  const form = decideAll(trimChoices, {}, { ...given, step: givenStep(given) });
  const opens = (neck.neck?.overlap ?? null) !== null;
  const piece = sheet.pieces[0]?.id ?? "";
  sheet.part("finish", () => {
    chalkPockets(sheet, form, neck, armhole);
    if (form.frontLap === "left-over-right" && opens)
      sheet.remark({ id: "front-lap", piece, numbers: {}, words: { lap: "left" } });
    if (form.buttonLoops && opens) chalkLoops(sheet, form);
    if (form.tieBelt) chalkBelt(sheet);
    if (form.boning) tellBoning(sheet);
    if (form.padding) tellPadding(sheet);
    if (form.buttonPairs) tellPairs(sheet);
  });
}

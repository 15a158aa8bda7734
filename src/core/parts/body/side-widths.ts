import { pieceIds } from "../../blocks";
import {
  addTerms,
  bodyTerm,
  easeTerm,
  figureNoteTerms,
  type LineId,
  ruleLength,
  type Sum,
  settleOnTape,
  type Term,
} from "../../chalk";
import { at, type SideSeamPoints } from "../../geometry";
import type { Inches } from "../../length";
import type { BodyForm } from "./body-form";
import { type BodyLines, isTrimmed } from "./body-lines";
import { type HalfStart, panelKind } from "./half-start";
import { givenBackOn, type TakenOut } from "./take-outs";

/** The bust mark stands clear of the underarm by this much, or the side starts at the chest line alone. */
const BUST_CLEAR: Inches = 0.5;

/** Figure notes that name one of a half's panels; those that name the whole half are read with its chest. */
export function panelNotes({ given, side, form }: HalfStart, line: LineId): readonly Term[] {
  const ids = panelKind(form, side) === null ? [] : [`centre-${side}`, `side-${side}`];
  return ids.flatMap((id) => figureNoteTerms(given, id, line));
}

function notesOn(start: HalfStart, line: LineId): readonly Term[] {
  return [...figureNoteTerms(start.given, pieceIds[start.side], line), ...panelNotes(start, line)];
}

/** A shift's waist: as wide as its chest, and brought in by choice. */
function waistStyle(form: BodyForm, chest: Inches, waist: Inches): readonly Term[] {
  const out: Term = {
    code: "let-out-to-chest",
    kind: "style",
    value: chest - waist,
    source: "declared:waistWidth",
  };
  const brought: Term = {
    code: "brought-in-at-side",
    kind: "style",
    value: -form.sideIn,
    source: "declared:sideIn",
  };
  return [...(form.waistWidth === "chest" && chest > waist ? [out] : []), ...(form.sideIn > 0 ? [brought] : [])];
}

/** A line's own quarter of the body and its ease, before anything is given back there. */
function sideTerms({ given }: HalfStart, line: "bust" | "underbust" | "waist" | "hip"): readonly Term[] {
  return [bodyTerm(given, line, 4), easeTerm(given, line === "underbust" ? "bust" : line)];
}

/** Lines that get a side mark: not the ribs where the side only passes them, nor the hip under flared panels. */
function isMarked(form: BodyForm, line: LineId): boolean {
  if (line === "underbust") return form.fitsRibs;
  return line !== "hip" || form.style.hem !== "panel-flare";
}

/** Side marks below the chest line. */
export function planWidths(start: HalfStart, takenOut: readonly TakenOut[], chest: Sum): ReadonlyMap<LineId, Sum> {
  const { given, form, lines } = start;
  const widths = new Map<LineId, Sum>([["chest", chest]]);
  for (const line of ["bust", "underbust", "waist", "hip"] as const) {
    const down = lines[line];
    if (down === undefined || !isMarked(form, line)) continue;
    const body = sideTerms(start, line);
    const style = line === "waist" ? waistStyle(form, chest.value, addTerms(body)) : [];
    const back = givenBackOn(takenOut, line, down.value);
    widths.set(line, settleOnTape(given, [...body, ...style, ...back, ...notesOn(start, line)]));
  }
  return widths;
}

/** Where the side marks lie, from the underarm down. */
export function sidePoints(
  { given, form, contour, side }: HalfStart,
  widths: ReadonlyMap<LineId, Sum>,
  underarmDown: Inches,
  room: (down: Inches) => Inches,
  lines: BodyLines,
): SideSeamPoints {
  const point = (line: LineId, down: Inches) => {
    const width = widths.get(line);
    return width === undefined ? undefined : at(contour(down) + width.value + room(down), down);
  };
  const trim = side === "front" && isTrimmed(given, form) ? ruleLength(given, "balanceTrim") : 0;
  const end = form.end === "ribs" ? "underbust" : "waist";
  const at_ = (line: LineId & keyof BodyLines) => {
    const down = lines[line]?.value;
    if (down === undefined) return undefined;
    const place = point(line, down);
    return place === undefined || trim === 0 || line !== end ? place : at(place.x, place.y - trim);
  };
  const next = Math.min(lines.underbust?.value ?? 99, lines.waist?.value ?? 99);
  const bust = lines.bust;
  const clear = bust !== undefined && bust.value >= underarmDown + BUST_CLEAR && bust.value <= next - BUST_CLEAR;
  const marks = {
    bust: clear ? at_("bust") : undefined,
    underbust: at_("underbust"),
    waist: at_("waist"),
    hip: at_("hip"),
  };
  return {
    underarm: point("chest", underarmDown) ?? at(0, underarmDown),
    ...(marks.bust ? { bust: marks.bust } : {}),
    ...(marks.underbust ? { underbust: marks.underbust } : {}),
    ...(marks.waist ? { waist: marks.waist } : {}),
    ...(marks.hip ? { hip: marks.hip } : {}),
  };
}

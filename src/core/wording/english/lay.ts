import type { ClothId, PieceName } from "../../chalk";
import type { LayRefusal, LayWay } from "../../cloth";
import { formatLengthWithUnit, type Inches, type Unit } from "../../length";
import { namePiece, thePiece } from "./names";
import { wordPieceName } from "./terms";

/** What each way of folding the whole cloth is called. */
export const wayNames: Readonly<Record<LayWay, string>> = {
  "in-turn": "A fold for each piece in turn",
  "one-fold": "One fold for all",
  selvedges: "Selvedge to selvedge",
  gate: "Two folds, selvedges to the middle",
  open: "Open, one layer",
};

/** How the cloth is brought to lie so. */
export const wayHow: Readonly<Record<LayWay, string>> = {
  "in-turn": "Fold in only as wide as the piece, chalk and cut it, then fold for the next.",
  "one-fold": "Fold in once, as wide as the widest piece, along the whole length; lone pieces lie beside it.",
  selvedges: "Fold the whole length down the middle.",
  gate: "Bring both selvedges in until they meet: there is a fold on either side.",
  open: "Nothing is folded: whole pieces are chalked on one layer, left and right.",
};

export const clothNames: Readonly<Record<ClothId, string>> = {
  main: "Main cloth",
  contrast: "Contrast",
  lining: "Lining",
  stay: "Stay",
};

/** Why the core would fold so. */
export function wordWayChoice(why: "only-way" | "saves" | "simplest", saves: Inches, unit: Unit): string {
  switch (why) {
    case "only-way":
      return "The only way in which every piece fits.";
    case "saves":
      return `Saves ${formatLengthWithUnit(Math.floor(saves * 8) / 8, unit)} over a fold for each piece.`;
    case "simplest":
      return "The simplest to chalk; another fold would save next to nothing.";
    default:
      return why satisfies never;
  }
}

/** What lies as one on the cloth: a piece, or those that are chalked together. */
export function wordLaid({ names }: { readonly names: readonly PieceName[] }): string {
  return names.map(wordPieceName).join(" + ");
}

/** Which piece does not fit, and what would do. */
export function wordLayRefusal(refusal: LayRefusal, unit: Unit): string {
  const piece = namePiece(refusal.unit);
  if (refusal.code === "not-this-fold")
    return "Front and back are cut from four layers: those are a fold of their own.";
  const wanted = formatLengthWithUnit(Math.ceil(refusal.wanted * 4) / 4, unit);
  return `The ${piece} is too wide for this cloth so folded: it wants ${wanted} from selvedge to selvedge.`;
}

/** A change that would save cloth, as an offer to try. */
export interface ChangeWording {
  readonly title: string;
  readonly text: string;
}

interface Change {
  readonly kind: "way" | "fold" | "turned" | "other-cloth" | "back-seam" | "less-flare" | "shorter";
  /** What is changed: a way, a fold, a piece, a choice. */
  readonly what: string;
  readonly by: Inches;
}

const foldTitles: Readonly<Record<string, string>> = {
  "one-fold": "Front and back each on one fold",
  "four-layers": "Front and back in four layers",
  "back-from-front": "The back traced from the front",
};

/** Says a change; `by` is how much it changes, 0 where it is not a length. */
export function wordClothChange(change: Change, unit: Unit): ChangeWording {
  const by = formatLengthWithUnit(change.by, unit);
  switch (change.kind) {
    case "way":
      return { title: wayNames[change.what as LayWay], text: wayHow[change.what as LayWay] };
    case "fold":
      return { title: foldTitles[change.what] ?? change.what, text: "The garment stays the same." };
    case "turned":
      return {
        title: "Turn pieces head down",
        text: "The print will stand on its head on some of them. Ask the client.",
      };
    case "other-cloth":
      return {
        title: `Cut ${thePiece(change.what)} from another cloth`,
        text: "A contrast that will be seen, or an offcut that will not.",
      };
    case "back-seam":
      return { title: "A seam at the centre back", text: "Two narrower pieces in place of one on the fold." };
    case "less-flare":
      return { title: `${by} less flare in each quarter`, text: "It hangs a little straighter." };
    case "shorter":
      return { title: `${by} shorter`, text: "The card keeps what was measured." };
    default:
      return change.kind satisfies never;
  }
}

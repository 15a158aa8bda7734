import type { ChalkStep, Piece, PieceName } from "../chalk";
import type { Inches } from "../length";

export type Phase = "fold" | "chalk" | "cut" | "notch" | "make";

/** What the hand does in a step that is not chalking. */
export type HandAct =
  | { readonly kind: "prepare" }
  | { readonly kind: "fold-in"; readonly foldedWidth: Inches; readonly length: Inches }
  | { readonly kind: "along-fold" }
  | { readonly kind: "fold-selvedges" }
  | { readonly kind: "fold-gate"; readonly foldedWidth: Inches }
  | { readonly kind: "lie-open" }
  | { readonly kind: "fold-again"; readonly foldedWidth: Inches; readonly endToEnd: boolean }
  | { readonly kind: "lay-on"; readonly traced: string }
  | { readonly kind: "trace"; readonly edges: readonly string[] }
  | { readonly kind: "cut"; readonly edges: readonly string[]; readonly closing: boolean }
  | { readonly kind: "cut-out"; readonly edges: readonly string[] }
  | { readonly kind: "fold-in-band"; readonly foldIn: Inches; readonly turns: 1 | 2; readonly centre: Inches }
  | { readonly kind: "separate"; readonly keep: string }
  | { readonly kind: "re-cut"; readonly edges: readonly string[] }
  | { readonly kind: "open-fold" }
  | {
      readonly kind: "notch";
      readonly notch: string;
      readonly edge: string;
      readonly at: Inches;
      readonly from: "top-line" | "edge-start";
    }
  | { readonly kind: "name"; readonly name: PieceName };

/** One thing to do at the table, in its place in the order. Plain data; the sentence is in wording. */
export interface TableStep {
  readonly id: string;
  readonly phase: Phase;
  readonly group: string;
  readonly piece: string;
  readonly layers: number;
  readonly act: HandAct | ChalkStep["act"];
  readonly chalk: ChalkStep | null;
  readonly stopUntil: "separated" | null;
  /** Edges on other pieces that must not be cut now: `bodice-front/front-neck`. */
  readonly mustNotCut: readonly string[];
}

export interface StepPlace {
  readonly group: string;
  readonly piece: Piece;
  readonly layers: number;
}

export function handStep(
  place: StepPlace,
  phase: Phase,
  id: string,
  act: HandAct,
  rest: Partial<Pick<TableStep, "stopUntil" | "mustNotCut">> = {},
): TableStep {
  return {
    id: `${id}-${place.group}`,
    phase,
    group: place.group,
    piece: place.piece.id,
    layers: place.layers,
    act,
    chalk: null,
    stopUntil: rest.stopUntil ?? null,
    mustNotCut: rest.mustNotCut ?? [],
  };
}

/** A piece's name in a step's id: `front` of `bodice-front`. */
export function shortName(piece: Piece): string {
  return piece.id.replace(/^bodice-/, "");
}

export function chalkStep(place: StepPlace, step: ChalkStep): TableStep {
  return {
    id: `${shortName(place.piece)}-${step.id}`,
    phase: "chalk",
    group: place.group,
    piece: place.piece.id,
    layers: place.layers,
    act: step.act,
    chalk: step,
    stopUntil: null,
    mustNotCut: [],
  };
}

import type { ChalkStep, ClothId, JoinSide, LineId, Piece, PieceName, StripRound, TopOrigin } from "../chalk";
import type { Inches } from "../length";

/** What is done in which part of the work; each is one screen a group, but for chalking: one a placement. */
export const phases = ["style", "fold", "chalk", "check", "cut", "notch", "count", "make"] as const;
export type Phase = (typeof phases)[number];

/** What must be done before a step: the picture agreed, the chalk checked, the layers apart. */
export const stops = ["style-agreed", "checked", "separated", "counted"] as const;
export type Stop = (typeof stops)[number];

/** How a place on a cut piece is marked: a snip into the allowance, chalk, or thread through both layers. */
export const notchWays = ["snip", "chalk", "tack"] as const;
export type NotchWay = (typeof notchWays)[number];

/** A piece to be counted after the cut. */
export interface CountedPiece {
  readonly piece: string;
  readonly name: PieceName;
  readonly cloth: ClothId;
  readonly copies: number;
  readonly mirrored: boolean;
}

/** What the hand does in a step that is not chalking. */
export type HandAct =
  | { readonly kind: "prepare" }
  | {
      readonly kind: "fold-in";
      readonly foldedWidth: Inches;
      readonly length: Inches;
      /** The piece beside which enough cloth is left over for it; left out where it is folded off the cloth. */
      readonly leftBeside?: string;
    }
  | { readonly kind: "cut-off"; readonly length: Inches; readonly width: Inches }
  | { readonly kind: "halve" }
  | { readonly kind: "along-fold" }
  | { readonly kind: "fold-selvedges" }
  | { readonly kind: "fold-gate"; readonly foldedWidth: Inches }
  | { readonly kind: "lie-open" }
  | { readonly kind: "fold-again"; readonly foldedWidth: Inches; readonly endToEnd: boolean }
  /** Once from selvedge to selvedge: the fold runs across the cloth. */
  | { readonly kind: "fold-across"; readonly length: Inches; readonly copies: number }
  | { readonly kind: "fold-quarter"; readonly foldedWidth: Inches }
  /** A ring's hole, cut last and a little short; and the radius that is cut open for its zip. */
  | { readonly kind: "cut-hole"; readonly edges: readonly string[]; readonly short: Inches }
  | { readonly kind: "cut-radius" }
  | { readonly kind: "lay-on"; readonly traced: string }
  | { readonly kind: "trace"; readonly edges: readonly string[] }
  | { readonly kind: "cut"; readonly edges: readonly string[]; readonly closing: boolean }
  | { readonly kind: "cut-out"; readonly edges: readonly string[] }
  | { readonly kind: "fold-in-band"; readonly foldIn: Inches; readonly turns: 1 | 2; readonly centre: Inches }
  | { readonly kind: "separate"; readonly keep: string }
  | { readonly kind: "re-cut"; readonly edges: readonly string[] }
  | { readonly kind: "open-fold" }
  /** A piece on the fold that is cut twice from folds of its own: laid on the next fold and chalked round. */
  | { readonly kind: "cut-again"; readonly copies: number }
  /** Both of a pair laid right sides together and slit at once. */
  | {
      readonly kind: "slit-pair";
      readonly across: Inches;
      readonly up: Inches;
      /** On the back half, or on the fold itself. */
      readonly on: "back" | "fold";
    }
  /** The front of a tailored cap hollowed more, once its halves lie apart. */
  | { readonly kind: "hollow-front"; readonly by: Inches }
  /** Both lines of a pleat, from the fold; one that passed it lies on the front half. */
  | { readonly kind: "pleat"; readonly first: Inches; readonly second: Inches; readonly passesFold: boolean }
  | {
      readonly kind: "notch";
      readonly notch: string;
      readonly edge: string;
      readonly at: Inches;
      readonly from: TopOrigin | "edge-start" | "lower-end" | "centre-back";
      /** Which half of a piece on the fold is notched; left out where both are. */
      readonly side?: JoinSide;
      readonly by: NotchWay;
      /** Two pins side by side: here the stitching stops or changes. */
      readonly pins: boolean;
    }
  | {
      readonly kind: "pierce";
      readonly mark: string;
      readonly dart: string;
      readonly tip: string;
      /** How far inside the tip, on the dart's middle line. */
      readonly inside: Inches;
    }
  /** Strips joined into a round, folded in four and notched, so that it meets the quarters of the edge above. */
  | { readonly kind: "quarter"; readonly round: StripRound }
  | {
      readonly kind: "name";
      readonly name: PieceName;
      readonly copies: number;
      readonly mirrored: boolean;
      /** Whether its halves are told apart: front and back of a sleeve. */
      readonly halves: boolean;
    }
  | { readonly kind: "style" }
  | { readonly kind: "check"; readonly pieces: readonly string[] }
  | { readonly kind: "count"; readonly pieces: readonly CountedPiece[] };

/** One thing to do at the table, in its place in the order. Plain data; the sentence is in wording. */
export interface TableStep {
  readonly id: string;
  readonly phase: Phase;
  readonly group: string;
  readonly piece: string;
  /** What the piece's lengths are read down from. */
  readonly top: LineId;
  readonly layers: number;
  readonly act: HandAct | ChalkStep["act"];
  readonly chalk: ChalkStep | null;
  readonly stopUntil: Stop | null;
  /** Edges on other pieces that must not be cut now: `bodice-front/front-neck`. */
  readonly mustNotCut: readonly string[];
  /** Cut steps that the shears do without stopping share one: `cut-front-1`. */
  readonly movement: string | null;
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
    top: place.piece.top,
    layers: place.layers,
    act,
    chalk: null,
    stopUntil: rest.stopUntil ?? null,
    mustNotCut: rest.mustNotCut ?? [],
    movement: null,
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
    top: place.piece.top,
    layers: place.layers,
    act: step.act,
    chalk: step,
    stopUntil: null,
    mustNotCut: [],
    movement: null,
  };
}

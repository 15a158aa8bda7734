import type { MeasurementId } from "../body";
import type { Path, Point } from "../geometry";
import type { Inches } from "../length";
import type { Given } from "./given";
import type { Term } from "./term";

export const lineIds = ["top", "chest", "bust", "underbust", "waist", "hip", "hem"] as const;
export type LineId = (typeof lineIds)[number];

/** Where a tape starts. */
export type Origin = "fold" | "zip-line" | "top-line" | "cloth-edge" | "armhole-line" | "hem-line" | "edge-start";

export type CentreOrigin = Extract<Origin, "fold" | "zip-line">;

export type TapeDirection = "across" | "down" | "inwards" | "outwards" | "along";

/** A line squared across the piece at a length down from the top line. */
export interface GuideLine {
  readonly id: LineId;
  readonly down: Inches;
  readonly terms: readonly Term[];
}

/**
 * A place to chalk. Marks on a guide line (or down the `centre`) have readings from the piece's origin along it;
 * others have only their place. `cut` is null where nothing is cut.
 */
export interface Mark {
  readonly id: string;
  readonly line: LineId | "centre" | null;
  readonly stitch: Inches;
  readonly cut: Inches | null;
  readonly terms: readonly Term[];
  readonly cutTerms: readonly Term[];
  readonly place: { readonly stitch: Point; readonly cut: Point | null };
}

export type EdgeRole = "neck" | "shoulder" | "armhole" | "side" | "hem" | "centre";

/** One edge of the stitching outline, walked clockwise as it lies. */
export interface Edge {
  readonly id: string;
  readonly role: EdgeRole;
  readonly stitch: Path;
  /** The cutting line, where it is chalked through marks of its own rather than square off the stitching line. */
  readonly cut?: Path;
  readonly allowance: Inches;
  readonly onFold: boolean;
}

/** Cloth that is taken out of a piece, and what it removes on each guide line it crosses. */
export interface TakeOut {
  readonly id: string;
  readonly why: string;
  readonly removes: readonly { readonly line: LineId; readonly amount: Inches }[];
  /** What the shop's rule says not to give back, and why the tailor was told. */
  readonly declared: readonly { readonly line: LineId; readonly amount: Inches; readonly why: string }[];
}

export interface Notch {
  readonly id: string;
  readonly edge: string;
  /** Along the edge from its start. */
  readonly at: Inches;
  readonly point: Point;
}

/** What the hand does in one chalk step. */
export type ChalkAct =
  | { readonly kind: "top-line" }
  | { readonly kind: "zip-line" }
  | { readonly kind: "guide-line"; readonly line: LineId }
  | { readonly kind: "mark"; readonly mark: string; readonly line: LineId }
  | { readonly kind: "centre-mark"; readonly mark: string }
  | { readonly kind: "plumb"; readonly mark: string; readonly line: LineId }
  | { readonly kind: "drop"; readonly mark: string }
  | { readonly kind: "scoop"; readonly mark: string }
  | { readonly kind: "lengthen"; readonly mark: string }
  | { readonly kind: "edge"; readonly edge: string; readonly curved: boolean; readonly through: readonly string[] }
  | { readonly kind: "allowance"; readonly edge: string; readonly allowance: Inches };

export interface ChalkStep {
  /** Without its piece: `chest-side`. */
  readonly id: string;
  readonly act: ChalkAct;
  readonly marks: readonly string[];
  readonly from: Origin;
  readonly direction: TapeDirection;
  readonly reading: Inches;
  readonly terms: readonly Term[];
  /** The cutting line's reading, when the step chalks both. */
  readonly cutReading: Inches | null;
  readonly why: StepReason | null;
}

/** Why a step is done; the sentences are in wording. */
export type StepReason =
  | "armhole-depth"
  | "shoulder-slope"
  | "scoop"
  | "side-width"
  | "given-back"
  | "zip-hollow"
  | "hem-width"
  | "hem-trued"
  | "neck-width"
  | "origin-zip-line"
  | "armhole-cutting"
  | "side-seam"
  | "neck-curve";

export interface Piece {
  readonly id: string;
  readonly name: string;
  readonly cloth: "main";
  readonly cut: { readonly copies: number; readonly on: "fold" | "pair" | "single"; readonly mirrored: boolean };
  readonly origin: CentreOrigin;
  /** How far the origin lies inside the folded edge or the cloth's edge. */
  readonly originInset: Inches;
  readonly lines: readonly GuideLine[];
  readonly marks: readonly Mark[];
  readonly edges: readonly Edge[];
  readonly takeOuts: readonly TakeOut[];
  readonly notches: readonly Notch[];
  readonly steps: readonly ChalkStep[];
  readonly outline: { readonly stitch: Path; readonly cut: readonly Point[] };
}

/** `piece/edge`. */
export type EdgeReference = `${string}/${string}`;

/** Two rows of edges that are sewn together, and how much longer the first may be than the second. */
export interface SeamPlan {
  readonly id: string;
  readonly a: readonly EdgeReference[];
  readonly b: readonly EdgeReference[];
  readonly ease: { readonly least: Inches; readonly most: Inches };
}

/** A finished girth that the garment promises: body and ease round the whole body, drawn on one guide line. */
export interface GirthPlan {
  readonly line: "bust" | "waist" | "hip";
  readonly on: LineId;
  readonly body: Inches;
  readonly ease: Inches;
}

export type Opening = "none" | "back-zip";

/** A garment drawn: plain data from which everything else is read. */
export interface Draft {
  readonly garment: string;
  readonly given: Given;
  readonly pieces: readonly Piece[];
  readonly seams: readonly SeamPlan[];
  readonly girths: readonly GirthPlan[];
  readonly opening: Opening;
  /** Readings that the recipe used. */
  readonly needed: readonly MeasurementId[];
}

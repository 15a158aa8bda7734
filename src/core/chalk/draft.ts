import type { MeasurementId } from "../body";
import type { Path, Point, Radians } from "../geometry";
import type { Inches } from "../length";
import type { DeclaredCode, PieceName, TakeOutCode } from "./codes";
import type { Given } from "./given";
import type { JoinId, JoinSide } from "./join-ids";
import type { WholeEdge } from "./late";
import type { Notion } from "./notion";
import type { Term } from "./term";

export const lineIds = [
  "top",
  "chest",
  "bust",
  "underbust",
  "waist",
  "hip",
  "flare",
  "cap",
  "biceps",
  "elbow",
  "wrist",
  "base",
  "hem",
] as const;
export type LineId = (typeof lineIds)[number];

/** Where a tape starts. */
export type Origin =
  | "fold"
  | "zip-line"
  | "centre-line"
  | "top-line"
  | "waist-line"
  | "cap-line"
  | "slant-line"
  | "cloth-edge"
  | "armhole-line"
  | "hem-line"
  | "ring-centre"
  | "lowest-mark"
  | "edge-start";

/** Where a piece's widths start: at its centre, or at the edge of the cloth where it has none. */
export type CentreOrigin = Extract<Origin, "fold" | "zip-line" | "centre-line" | "cloth-edge">;

/** What a garment is composed of; a check or a fold that is about one part asks the pieces of that part alone. */
export const partIds = ["body", "skirt", "sleeve", "collar", "finish"] as const;
export type PartId = (typeof partIds)[number];

/** Which half of the body a piece covers; a strip covers none. */
export type Half = "front" | "back" | null;

export type TapeDirection = "across" | "down" | "inwards" | "outwards" | "along";

/** A line squared across the piece at a length down from the top line. */
export interface GuideLine {
  readonly id: LineId;
  readonly down: Inches;
  readonly terms: readonly Term[];
  /** Where widths on it are measured and given back: its own depth, or the sewn underarm where that lies lower. */
  readonly level: Inches;
  /** Where the piece's origin crosses it: 0, but for a contoured centre back. */
  readonly start: Inches;
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
  /** Which half of a piece on the fold it belongs to, where both lie under one drawing; left out where to both. */
  readonly side?: JoinSide;
}

export type EdgeRole =
  | "neck"
  | "shoulder"
  | "armhole"
  | "side"
  | "hem"
  | "waist"
  | "panel"
  | "join"
  | "centre"
  | "cap"
  | "collar";

/** A stretch of an edge that disappears when a dart or pleat that opens into it is closed; lengths along the edge. */
export interface Mouth {
  readonly closes: string;
  readonly from: Inches;
  readonly to: Inches;
}

/** One edge of the stitching outline, walked clockwise as it lies. */
export interface Edge {
  readonly id: string;
  readonly role: EdgeRole;
  readonly stitch: Path;
  /** The cutting line, where it is chalked through marks of its own rather than square off the stitching line. */
  readonly cut?: Path;
  readonly allowance: Inches;
  /** Where it differs along the edge, at its marks; `allowance` is then the largest. Left out where it is the same all the way. */
  readonly allowanceAt?: readonly { readonly mark: string; readonly value: Inches }[];
  readonly onFold: boolean;
  readonly mouths: readonly Mouth[];
  /** Segments of the stitching line, from … to before, that turned with the piece's turn. */
  readonly turned: readonly [number, number];
}

/** Cloth that is taken out of a piece, and what it removes on each guide line it crosses. */
export interface TakeOut {
  readonly id: string;
  readonly why: TakeOutCode;
  readonly removes: readonly { readonly line: LineId; readonly amount: Inches }[];
  /** What the shop's rule says not to give back, and why the tailor was told. */
  readonly declared: readonly { readonly line: LineId; readonly amount: Inches; readonly why: DeclaredCode }[];
}

/** A dart as it is chalked inside a piece: upper tip, widest place, and where it runs out or opens into an edge. */
export interface Dart {
  readonly id: string;
  /** Cloth between the legs at their widest. */
  readonly intake: Inches;
  readonly tip: Point;
  readonly legs: readonly [Point, Point];
  /** Null where it opens into an edge. */
  readonly end: Point | null;
  /** Where its upper end opens into an edge, when it was cut off there before its tip; else null. */
  readonly opens: readonly [Point, Point] | null;
  /** Where its lower end opens into an edge, when it was cut off there below its widest place. */
  readonly mouth?: readonly [Point, Point];
  readonly sewn: boolean;
}

/** A dart that was closed by turning part of the piece about the bust point, and where its cloth went. */
export interface Turn {
  readonly about: Point;
  readonly angle: Radians;
  readonly from: "bust-dart";
  readonly into: "armhole-panel" | "shoulder-panel" | "waist-dart";
  /** Guide lines that turned with it. */
  readonly lines: readonly LineId[];
}

export interface Notch {
  readonly id: string;
  readonly edge: string;
  /** Along the edge from its start. */
  readonly at: Inches;
  readonly point: Point;
  /** Which half of a piece on the fold it belongs to; left out where to both. */
  readonly side?: JoinSide;
  /** From which end of its edge it is counted, where that is not the upper one: an armhole is set from the underarm. */
  readonly counts?: "from-start" | "from-end";
}

/** Lines inside a piece that are chalked and never cut: where it turns over, is pressed, or has something sewn on it. */
export const creaseIds = ["break", "roll", "stand", "cape", "pocket", "pleat", "channel"] as const;
export type CreaseId = (typeof creaseIds)[number];

export interface Crease {
  /** Its kind, and a number where a piece has several. */
  readonly id: CreaseId | `${CreaseId}-${number}`;
  readonly path: Path;
}

/** What the hand does in one chalk step. */
export type ChalkAct =
  /** `line` is left out where the top line is called just that. */
  | { readonly kind: "top-line"; readonly line?: LineId }
  | { readonly kind: "zip-line" }
  | {
      readonly kind: "centre-line";
      readonly foldIn: Inches;
      readonly beyond: Inches;
      /** How often a band is turned in; left out where nothing is folded in before the cut. */
      readonly turns?: 1 | 2;
    }
  | { readonly kind: "at"; readonly mark: string; readonly down: Inches }
  | { readonly kind: "along"; readonly mark: string; readonly edge: string }
  | { readonly kind: "dart"; readonly dart: string; readonly through: readonly string[] }
  /** A line that is chalked and never cut. */
  | {
      readonly kind: "crease";
      readonly crease: Crease["id"];
      readonly curved: boolean;
      readonly through: readonly string[];
    }
  | { readonly kind: "move-out"; readonly piece: string }
  | { readonly kind: "split"; readonly upper: string; readonly lower: string }
  /** `across` says how many are chalked one below the other from selvedge to selvedge; left out where it runs along the cloth. */
  | { readonly kind: "strip"; readonly length: Inches; readonly depth: Inches; readonly across?: number }
  /** Where the end of the tape is held for a ring. */
  | { readonly kind: "ring-centre"; readonly mark: string }
  /** The tape swung round the centre: one edge of a ring, and its cutting line. */
  | { readonly kind: "swing"; readonly edge: string; readonly radius: Inches; readonly cutRadius: Inches }
  | { readonly kind: "guide-line"; readonly line: LineId }
  | { readonly kind: "mark"; readonly mark: string; readonly line: LineId }
  | { readonly kind: "centre-mark"; readonly mark: string }
  | { readonly kind: "plumb"; readonly mark: string; readonly line: LineId }
  | { readonly kind: "drop"; readonly mark: string }
  | { readonly kind: "scoop"; readonly mark: string }
  /** A help: ruled from the cap's top to a mark, and rubbed out once the cap is drawn. */
  | { readonly kind: "slant-line"; readonly to: string }
  /** So far along the slanted line, then square to it: out above its middle, in below. */
  | { readonly kind: "off-slant"; readonly mark: string; readonly along: Inches }
  | { readonly kind: "lengthen"; readonly mark: string }
  | { readonly kind: "edge"; readonly edge: string; readonly curved: boolean; readonly through: readonly string[] }
  /** The cutting line of an edge, chalked round pieces that are cut already and laid on; its seam lies so far inside. */
  | { readonly kind: "round"; readonly edge: string; readonly pieces: readonly string[]; readonly seam: Inches }
  /** A cutting line so far inside that of another piece which is cut already and laid on; outside it where less than none. */
  | { readonly kind: "inside"; readonly edge: string; readonly piece: string; readonly by: Inches }
  /** An edge without a seam, chalked so far inside the cutting line of another, all along it. */
  | { readonly kind: "beside"; readonly edge: string; readonly of: string; readonly by: Inches }
  | {
      readonly kind: "allowance";
      readonly edge: string;
      readonly allowance: Inches;
      /** Where it differs, at the marks of the edge. */
      readonly at?: readonly { readonly mark: string; readonly value: Inches }[];
    };

export interface ChalkStep {
  /** Without its piece: `chest-side`. */
  readonly id: string;
  readonly act: ChalkAct;
  readonly marks: readonly string[];
  readonly from: Origin;
  readonly direction: TapeDirection;
  readonly reading: Inches;
  readonly terms: readonly Term[];
  /** The cutting line's reading, when the step chalks both; from where the step reads, unless `cutFrom` says otherwise. */
  readonly cutReading: Inches | null;
  /** Set where the cut lies above the top line, and is read from the cloth's edge. */
  readonly cutFrom?: "cloth-edge";
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
  | "neck-curve"
  | "bust-point"
  | "dart"
  | "dart-turned"
  | "bust-dart"
  | "panel-point"
  | "shoulder-panel"
  | "take-out"
  | "panel-line"
  | "moved-out"
  | "panel-trued"
  | "balance-trim"
  | "waist-join"
  | "corner-lift"
  | "hem-peg"
  | "band"
  | "strips"
  | "facing"
  | "facing-traced"
  | "facing-inner"
  | "facing-low"
  | "godet"
  | "spread-edge"
  | "spread-hinge"
  | "slit-out"
  | "ring-centre"
  | "ring-inner"
  | "ring-outer"
  | "buttonhole"
  | "buttonhole-below"
  | "buttonhole-on-band"
  | "basque"
  | "split"
  | "yoke"
  | "curved-hem"
  | "slit-end"
  | "neck-edge"
  | "back-raised"
  | "fold-in-band"
  | "dart-peak"
  | "waist-dip"
  | "flare-reading"
  | "hem-squared"
  | "skirt-waist"
  | "casing"
  | "slit-top"
  | "flare-line"
  | "flare-point"
  | "vent"
  | "cap-line"
  | "biceps-line"
  | "cap-width"
  | "cap-slant"
  | "cap-bow"
  | "cap-middle"
  | "cap-curve"
  | "cap-spread"
  | "level-mark"
  | "underarm-walked"
  | "sleeve-width"
  | "sleeve-side"
  | "sleeve-hem"
  | "hem-turned"
  | "sleeve-casing"
  | "cuff-edge"
  | "turn-back"
  | "petal-free"
  | "petal-drop"
  | "cap-sleeve-end"
  | "cap-sleeve-edge"
  | "grown-end"
  | "grown-underarm"
  | "grown-shoulder"
  | "grown-join"
  | "collar-base"
  | "collar-rise"
  | "collar-top"
  | "collar-end"
  | "collar-front"
  | "stand-line"
  | "fall-edge"
  | "fall-back"
  | "fall-point"
  | "under-layer"
  | "break-point"
  | "break-line"
  | "lapel-tip"
  | "lapel-edge"
  | "collar-lean"
  | "collar-back"
  | "collar-notch"
  | "gorge"
  | "roll-line"
  | "shawl-edge"
  | "collar-room"
  | "neck-rise"
  | "cape-join"
  | "cape-edge"
  | "cape-seam"
  | "lapel-facing"
  | "neck-cut-on-chalk"
  | "pocket-place"
  | "lining-same"
  | "lining-hem"
  | "lining-underarm"
  | "lining-armhole"
  | "lining-flare"
  | "lining-neck"
  | "stay-net";

/** The cloths that a garment may be cut from, each on its own width. */
export const clothIds = ["main", "contrast", "lining", "stay"] as const;
export type ClothId = (typeof clothIds)[number];

/** Strips that are joined end to end into a round, and where the joins fall: sewn lengths from the centre back. */
export interface StripRound {
  readonly sewn: Inches;
  /** How deep it hangs, its seams off. */
  readonly hangs: Inches;
  readonly count: number;
  readonly joins: readonly Inches[];
  /** Whether two of its ends meet at an opening. */
  readonly opens: boolean;
}

/** A part of a piece between two lines that it was spread along, as it comes to lie, numbered from 1. */
export interface PieceSector {
  readonly n: number;
  readonly path: Path;
  /** Where it turned about, as it lies, and how far; the held one not at all. */
  readonly about: Point;
  readonly angle: Radians;
}

export interface StripCut {
  readonly length: Inches;
  readonly depth: Inches;
  /** Left out where it is no part of a round. */
  readonly round?: StripRound;
}

export interface Piece {
  readonly id: string;
  readonly name: PieceName;
  readonly part: PartId;
  /** Its own top line: what its lengths are read down from. */
  readonly top: LineId;
  readonly half: Half;
  /** Whether its half is called by it at the table: whole, or the panel at the centre; no yoke, and no panel beside it. */
  readonly lead: boolean;
  /** A straight strip of this cut size, chalked single by its two lengths; null for any other piece. */
  readonly strip: StripCut | null;
  readonly cloth: ClothId;
  readonly cut: {
    readonly copies: number;
    /** `across` lies on a fold that runs from selvedge to selvedge. */
    readonly on: "fold" | "across" | "quarter" | "pair" | "single";
    readonly mirrored: boolean;
  };
  /** Which way the cloth's length runs on the piece as it is drawn: 0 down its origin line. */
  readonly grain: Radians;
  readonly origin: CentreOrigin;
  /** How far the origin lies inside the folded edge or the cloth's edge. */
  readonly originInset: Inches;
  /** How far the piece was moved out, whole, to leave room for two panel allowances. */
  readonly shift: Inches;
  /** The piece it is chalked together with, from one fold, before both are cut apart. */
  readonly drawnWith: string | null;
  /** Whether widths count from the centre line: the finished edge lies beyond it, or short of it for a band. */
  readonly fromCentre: boolean;
  readonly lines: readonly GuideLine[];
  readonly marks: readonly Mark[];
  readonly edges: readonly Edge[];
  readonly takeOuts: readonly TakeOut[];
  readonly darts: readonly Dart[];
  readonly turn: Turn | null;
  /** Of a piece that was slashed and spread; left out of any other. */
  readonly sectors?: readonly PieceSector[];
  /** Lines inside it that are chalked and never cut; left out where there are none. */
  readonly creases?: readonly Crease[];
  readonly notches: readonly Notch[];
  readonly steps: readonly ChalkStep[];
  readonly outline: { readonly stitch: Path; readonly cut: readonly Point[] };
}

/** `piece/edge`. */
export type EdgeReference = `${string}/${string}`;

/** A change to the order that would mend what is told, tried by the part that tells it; lengths in inches. */
export interface Cure {
  /** `choices.fullWidth`, `rules.capHeight`. */
  readonly path: `choices.${string}` | `rules.${string}`;
  readonly value: string | boolean | Inches;
}

/** Two rows of edges that are sewn together, and how much longer the first may be than the second. */
export interface SeamPlan {
  readonly id: string;
  readonly a: readonly EdgeReference[];
  readonly b: readonly EdgeReference[];
  readonly ease: { readonly least: Inches; readonly most: Inches };
  /** A notch that both rows have: each part up to it and from it must meet by itself. */
  readonly parts?: string;
  /** Set where the first is gathered into the second: how much longer it is counts as its fullness. */
  readonly gathered?: true | "between-notches";
  /** How much longer the second was measured on the garment than it is drawn: fullness is counted from there. */
  readonly off?: Inches;
  /** Under which name a miss is told, where it has a cause and a cure of its own. */
  readonly says?: "cap-ease" | "cuff-balance";
  readonly cure?: Cure;
}

export type GirthLine = "bust" | "underbust" | "waist" | "hip";

/** A finished girth that the garment promises: body and ease round the whole body, drawn on one guide line. */
export interface GirthPlan {
  readonly part: PartId;
  readonly line: GirthLine;
  readonly on: LineId;
  readonly body: Inches;
  readonly ease: Inches;
}

export type Opening = "none" | "back-zip" | "side-zip" | "front-band" | "slit" | "overlap";

/** Something the recipe did that a tailor must be told; its sentence is in wording. */
export interface Remark {
  readonly id:
    | "bust-dart-off-by-rule"
    | "bust-dart-not-needed"
    | "bust-dart-raised"
    | "yoke-line-raised"
    | "back-yoke-raised"
    | "flare-kept"
    | "trim-needs-join"
    | "contour-needs-seam"
    | "panel-room-by-line"
    | "panel-point-moved"
    | "dart-tip-raised"
    | "ribs-line-moved"
    | "cup-lift-lowered"
    | "take-out-end-lowered"
    | "side-too-hollow"
    | "many-darts"
    | "waist-over-hip"
    | "hip-break"
    | "elastic-to-cut"
    | "ring-ease"
    | "ring-pieced"
    | "ring-in-more"
    | "ruche-turns-far"
    | "cords"
    | "facing-stay"
    | "facing-turned"
    | "facing-wraps"
    | "binding-neck"
    | "binding-armholes"
    | "binding-both"
    | "front-buttons"
    | "hem-shaped-later"
    | "godets"
    | "underarm-left-over"
    | "notch-off-centre"
    | "gather-ratio"
    | "cap-ratio"
    | "sleeve-elastic"
    | "strips-turn-too-far"
    | "tie-slit"
    | "turn-back-lies"
    | "sleeve-cuff"
    | "petals-lap"
    | "hand-does-not-pass"
    | "wrist-vent"
    | "sleeve-narrow"
    | "sleeve-narrow-uncured"
    | "sleeve-told-narrow"
    | "cap-sleeve-under"
    | "underarm-tight"
    | "sleeve-joined-on"
    | "elbow-unshaped"
    | "collar-chokes"
    | "collar-stands-off"
    | "outer-edge-short"
    | "fall-front"
    | "rise-limited"
    | "under-layer-less"
    | "under-collar-bias"
    | "collar-cut-on"
    | "cape-line-later"
    | "neck-cut-on-chalk"
    | "front-lap"
    | "popover-end"
    | "loops"
    | "pocket-pleat"
    | "pocket-side-narrow"
    | "cups-padded"
    | "button-pairs"
    | "lining-pleats"
    | "lining-neck"
    | "lining-hangs"
    | "stay-layers";
  readonly piece: string;
  readonly numbers: Readonly<Record<string, Inches>>;
  /** Codes that its sentence needs beside its numbers. */
  readonly words?: Readonly<Record<string, string>>;
  readonly cure?: Cure;
}

/** Half an edge, or the whole of one, as it was drawn and as it was measured on the garment. */
export interface MeasuredEdge {
  readonly join: JoinId | WholeEdge;
  readonly half: JoinSide | "whole";
  readonly drawn: Inches;
  readonly measured: Inches;
}

/** A garment drawn: plain data from which everything else is read. */
export interface Draft {
  readonly garment: string;
  readonly given: Given;
  readonly pieces: readonly Piece[];
  readonly seams: readonly SeamPlan[];
  readonly girths: readonly GirthPlan[];
  readonly opening: Opening;
  /** How far down from the top line the opening reaches; null when there is none. */
  readonly opensTo: Inches | null;
  /** Choices that a rule of the house left without effect, and like remarks for the tailor. */
  readonly remarks: readonly Remark[];
  /** Edges that were drawn to be measured on the sewn garment, and were. */
  readonly measured: readonly MeasuredEdge[];
  /** What the parts want beside cloth, and no mark says. */
  readonly notions: readonly Notion[];
  /** Readings that the recipe used. */
  readonly needed: readonly MeasurementId[];
}

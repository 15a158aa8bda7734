import type { Point } from "../geometry";
import type { Inches } from "../length";

/** The slots of a group in the order in which the hand works (craft: table, which placements). */
export const slots = [
  "frame",
  "swing",
  "lengths",
  "top",
  "tip",
  "chest",
  "middle",
  "walk",
  "tips",
  "panel",
  "panel-upper",
  "level",
  "bust",
  "underbust",
  "yoke",
  "waist",
  "hip",
  "flare",
  "biceps",
  "slant",
  "cap",
  "elbow",
  "wrist",
  "base",
  "hem",
  "side-dart",
  "slit",
  "beside",
  "seams",
  "buttons",
  "strips",
] as const;
export type Slot = (typeof slots)[number];

/** How the tape or the short rule is laid. */
export const placementKinds = ["line", "walk", "along", "swing", "strips", "frame", "short", "seams"] as const;
export type PlacementKind = (typeof placementKinds)[number];

export const placementOrigins = [
  "cloth-edge",
  "fold",
  "zip-line",
  "centre-line",
  "contour",
  "top-line",
  "waist-line",
  "cap-line",
  "hip-line",
  "hem-line",
  "bust-line",
  "armhole-line",
  "edge-start",
  "mark",
] as const;
export type PlacementOrigin = (typeof placementOrigins)[number];

export const placementDirections = ["down", "across", "along", "inwards", "outwards"] as const;
export type PlacementDirection = (typeof placementDirections)[number];

/** What a reading is: a stitching mark, a cutting mark, a guide line's depth, or a help that is rubbed out later. */
export const readingKinds = ["stitch", "cut", "guide", "help"] as const;
export type ReadingKind = (typeof readingKinds)[number];

/** One thing made where the tape reads: a mark or a guide line of a piece, and the step that it ticks. */
export interface Made {
  readonly name: string;
  readonly piece: string;
  readonly is: ReadingKind;
  readonly step: string;
}

/** A length read from the tape, on a tick or a hair past it; several things that fall on one tick are one reading. */
export interface Reading {
  readonly at: Inches;
  readonly hair: boolean;
  readonly made: readonly Made[];
  /** Set off plumb from the line on which it is read; down positive. */
  readonly off: { readonly at: Inches; readonly hair: boolean } | null;
  /** For the short rule and the walk: where this reading starts, and which way it goes. */
  readonly from: string | null;
  readonly way: "down" | "up" | "inwards" | "outwards" | null;
  /** A second way to say the same reading. */
  readonly alsoFrom: { readonly origin: PlacementOrigin; readonly at: Inches } | null;
  /** Where the mark comes to lie, across from the piece's origin and down from its top line; null for a whole edge. */
  readonly place: Point | null;
}

export const thenActs = [
  "square",
  "plumb",
  "slant",
  "double",
  "rule",
  "curve",
  "offset",
  "lay-on",
  "trace",
  "beside",
  "rub-out",
] as const;
export type ThenActKind = (typeof thenActs)[number];

/** What is drawn once the tape has gone away. */
export interface ThenAct {
  readonly act: ThenActKind;
  readonly piece: string;
  readonly edge: string | null;
  readonly line: string | null;
  readonly dart: string | null;
  readonly from: string | null;
  readonly to: string | null;
  readonly names: readonly string[];
  /** A length that the act itself is set by: half the doubled tape, or a mark squared out to. */
  readonly at: { readonly at: Inches; readonly hair: boolean } | null;
  /** The step that it ticks; null for what makes no mark of its own. */
  readonly step: string | null;
}

/** One laying of the tape, every mark that is made from it, and what is then drawn. */
export interface Placement {
  readonly id: string;
  readonly slot: Slot;
  readonly kind: PlacementKind;
  /** What is chalked together, on one fold. */
  readonly group: string;
  readonly piece: string;
  readonly layers: number;
  readonly origin: PlacementOrigin | null;
  readonly originMark: string | null;
  readonly direction: PlacementDirection | null;
  /** The guide line, the lines in order (walk), the edge (along), or the dart (short). */
  readonly on: string | readonly string[] | null;
  readonly readings: readonly Reading[];
  readonly acts: readonly ThenAct[];
  /** Every chalk step that is done here, in the order in which it is done. */
  readonly steps: readonly string[];
}

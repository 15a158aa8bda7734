import type { Path, Point } from "../geometry";
import type { Inches } from "../length";
import type { PieceName, TermCode } from "./codes";
import type {
  CentreOrigin,
  ChalkAct,
  Crease,
  EdgeRole,
  GuideLine,
  Half,
  LineId,
  Mouth,
  Origin,
  PartId,
  StepReason,
  TapeDirection,
} from "./draft";
import type { Sum, Term } from "./term";

export interface PieceStart {
  readonly name: PieceName;
  readonly origin: CentreOrigin;
  /** How far the origin lies inside the fold or the cloth's edge: the zip allowance, or 0 on the fold. */
  readonly originInset: Sum;
  /** How far the top line lies below the cloth's edge: the shoulder allowance. */
  readonly topInset: Sum;
  readonly part: PartId;
  /** Set where nothing is read: it is chalked round what is cut already. */
  readonly traced?: true;
  /** What lengths are read down from, where that is a line of the body. */
  readonly top?: Exclude<LineId, "top">;
  readonly half: Half;
  /** Whether its half is called by it at the table; so it is unless it lies above or beside the piece that is. */
  readonly lead?: boolean;
  /** An outer panel: chalked from the same fold and lines as this piece, moved out by `shift`. */
  readonly drawnWith?: { readonly id: string; readonly lines: readonly GuideLine[] };
  readonly shift?: Sum;
  /** How far the finished edge reaches beyond the centre line, and how much is folded in beyond that. */
  readonly front?: { readonly overlap: Inches; readonly foldIn: Inches; readonly turns?: 1 | 2 };
  /** Whether it is cut once, from one layer. */
  readonly single?: boolean;
  /** How often it is cut, on the fold, single, or as a pair; once, unless told. */
  readonly copies?: number;
  /** Whether left and right are two pieces: always, but for a centre that stays on the fold. */
  readonly pair?: boolean;
  /** Where the origin runs at a depth, for a contoured centre back. */
  readonly contour?: (down: Inches) => Inches;
}

export interface MarkChalk {
  readonly terms: readonly Term[];
  /** From the stitching to the cutting line, along the guide line; left out where nothing is cut. */
  readonly allowance?: readonly Term[];
  readonly why?: StepReason;
  /** Set when the reading is finer than the tape: a corner that trues a seam. */
  readonly step?: Inches;
  /** Where a mark down the centre lies across, when its seam has left the origin there. */
  readonly across?: Inches;
}

/** A mark read across from the origin at a depth that is no guide line. */
export interface AtChalk {
  readonly id: string;
  readonly terms: readonly Term[];
  readonly stitch: Point;
  /** Where its sum puts it, before a closed bust dart turned it away. */
  readonly net?: Point;
  /** Read from the cloth's edge, where the place lies beyond the origin. */
  readonly from?: "cloth-edge";
  /** What is read off the drawing, where a sum alone does not give the place. */
  readonly drawn?: TermCode;
  /** From the stitching to the cutting mark, across. */
  readonly allowance?: Inches;
  readonly why: StepReason;
}

/** A mark at a length along an edge that is chalked already. */
export interface AlongChalk {
  readonly id: string;
  readonly edge: string;
  readonly reading: Sum;
  readonly stitch: Point;
  readonly why: StepReason;
}

export interface DartChalk {
  readonly id: string;
  readonly tip: Point;
  readonly legs: readonly [Point, Point];
  readonly end: Point | null;
  readonly sewn?: boolean;
  readonly through: readonly string[];
  readonly why: StepReason;
}

export interface CreaseChalk {
  readonly id: Crease["id"];
  readonly path: Path;
  /** Marks that it runs through, chalked before. */
  readonly through: readonly string[];
  readonly why: StepReason;
}

export interface PlaceChalk {
  readonly id: string;
  readonly stitch: Point;
  readonly cut?: Point;
  readonly act: "drop" | "scoop" | "lengthen";
  readonly reading: Sum;
  readonly from: Origin;
  readonly direction: TapeDirection;
  readonly why: StepReason;
}

/** A mark set square off the slanted line under a cap. */
export interface OffSlantChalk {
  readonly id: string;
  /** Along the slanted line, from the cap's top. */
  readonly along: Inches;
  /** How far off it, and which way. */
  readonly off: Sum;
  readonly direction: "outwards" | "inwards";
  readonly stitch: Point;
  readonly why: StepReason;
}

export interface EdgeChalk {
  readonly role: EdgeRole;
  readonly stitch: Path;
  readonly cut?: Path;
  readonly allowance: Inches;
  /** Where the allowance differs along the edge; `allowance` is then the largest. */
  readonly allowanceAt?: readonly { readonly mark: string; readonly value: Inches }[];
  /** How it is drawn, where not through its marks: round cut pieces, or inside another edge. */
  readonly drawn?:
    | Omit<Extract<ChalkAct, { kind: "round" }>, "edge" | "seam">
    | Omit<Extract<ChalkAct, { kind: "beside" }>, "edge">;
  /** Marks that the edge may run through, in order; those that it misses are not told. */
  readonly through: readonly string[];
  readonly onFold?: boolean;
  readonly mouths?: readonly Mouth[];
  readonly turned?: readonly [number, number];
  readonly why?: StepReason;
}

import type { ArmholePlan } from "../../blocks";
import type { Path, Point, Radians } from "../../geometry";
import type { Inches } from "../../length";

/** How much of a take-out lies on either side of the panel line. */
export interface Shares {
  readonly inner: Inches;
  readonly outer: Inches;
}

/** A panel on the net draft, before anything is cut apart or moved. Depths from the top line, widths from the centre. */
export interface PanelPlan {
  readonly kind: "armhole" | "shoulder" | "yoke";
  /** Where the panel line runs plumb: half the bust span. */
  readonly across: Inches;
  /** Where it crosses the bust line, when the house sets it further out there. */
  readonly bustAcross: Inches;
  readonly armhole: ArmholePlan;
  /** Across to the underarm, from what the take-out removes on its level: settled on the tape, or exact while solving. */
  readonly sideAcross: (removed: Inches) => Inches;
  readonly underarmDown: Inches;
  readonly neckPoint: Point;
  /** Along the armhole from the tip to where the line meets it; null for the middle of the curve. */
  readonly panelPoint: Inches | null;
  /** Where a shoulder panel leaves the shoulder, across. */
  readonly shoulderAcross: Inches;
  readonly yokeDown: Inches;
  /** Taken out at the armhole, the shoulder or the yoke line. */
  readonly upper: Shares;
  /** Legs of the upper take-out meet this far above the bust line. */
  readonly tipAbove: Inches;
  readonly bustDown: Inches;
  /** The first line at full width below the bust: the ribs in front, the waist in the back. */
  readonly fullDown: Inches;
  /** The ribs' line, that both panels must reach; null where none is drawn. */
  readonly ribsDown: Inches | null;
  readonly lower: Shares;
  /** The outer leg is at full width this much above that line. */
  readonly cupLift: Inches;
  /** Taken in beyond the take-out on that line alone, and never given back. */
  readonly tightening: Shares;
  /** The waist, when the piece goes on below `fullDown`. */
  readonly waistDown: Inches;
  /** Where the take-out has run out to nothing; null when it stays open to the end. */
  readonly runOut: Inches | null;
  readonly endDown: Inches;
  /** Both edges flare by this from the waist to the end. */
  readonly flare: Inches;
  /** Room for the allowances that the house makes up at a depth of the outer panel alone. */
  readonly room: (down: Inches) => Inches;
  /** Depths at which that room stops growing: an edge is cut there before it is moved. */
  readonly roomBends: readonly Inches[];
}

export interface PanelShape {
  /** Edges of the inner and the outer panel from the top end down to the lower edge. */
  readonly inner: Path;
  readonly outer: Path;
  /** Where the panel line crosses the bust line on either edge, along it from the top. */
  readonly bustAlong: Shares;
  /** The inner panel's own stretch of armhole, shoulder tip first; null when it has none. */
  readonly innerArmhole: Path | null;
  readonly outerArmhole: Path;
  readonly innerShoulder: Path | null;
  readonly outerShoulder: Path | null;
  /** The yoke's own stretch of armhole. */
  readonly yokeArmhole: Path | null;
  /** Room below the yoke line from the panel line to the armhole, moved out. */
  readonly yokeAcross: Inches;
  readonly tip: Point;
  /** The bust point on the panel line. */
  readonly bustPoint: Point;
  readonly ends: { readonly inner: Point; readonly outer: Point };
  /** How far the upper end of the outer edge was carried on, and its lower end lifted, so that both edges are equal. */
  readonly trued: { readonly upper: Inches; readonly lower: Inches };
  /** The leans of the two upper legs from the plumb. */
  readonly leans: Shares;
  readonly removedAt: (down: Inches) => Inches;
  /** Along the armhole to where the panel meets it, and where that was asked; the same, but where it found no place there. */
  readonly panelPoint: { readonly used: Inches; readonly asked: Inches };
  /** The room that the house made up at a depth, as the outer edge really has it. */
  readonly madeRoom: (down: Inches) => Inches;
  /** Where either edge crosses a depth; undefined above its top and below its end. */
  readonly innerAt: (down: Inches) => Inches | undefined;
  readonly outerAt: (down: Inches) => Inches | undefined;
  /** Along the inner edge from the bust line to the ribs' line, and to the waist line; 0 where it ends above them. */
  readonly bustToRibs: Inches;
  readonly bustToWaist: Inches;
  /** The lean of flared edges below the waist; 0 where they do not flare. */
  readonly flareLean: Radians;
  /** How far the two edges run over each other where they flare; 0 elsewhere. */
  readonly overlap: Inches;
}

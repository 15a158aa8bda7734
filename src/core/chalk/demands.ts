import type { Path } from "../geometry";
import type { Inches } from "../length";
import type { PieceChalk } from "./piece-chalk";
import type { Sum, Term } from "./term";

/** What something that is sewn to a neck asks of it, before the body is planned (craft: collars, what sits on what). */
export interface NeckDemand {
  /** What it is for, as the choice `collar` has it. */
  readonly collar: string;
  /** Shapes of the front neck that it sits on, the likeliest first; every one where left out. */
  readonly shapes?: readonly string[];
  readonly width?: readonly [Inches, Inches];
  readonly frontDepth?: readonly [Inches, Inches];
  /** Where the garment must open for it. */
  readonly opens: "front" | "front-or-behind" | "anywhere";
  /** Shapes the front's own edge, where its cloth lies on the front. */
  readonly front?: (facts: FrontFacts) => FrontShape;
}

/** What a body knows of its front before it is chalked; places as on the net draft, from the centre and the top line. */
export interface FrontFacts {
  readonly neckWidth: Inches;
  readonly gorge: Inches;
  /** What both are made of. */
  readonly terms: { readonly neckWidth: readonly Term[]; readonly gorge: readonly Term[] };
  /** How far the finished edge lies beyond the centre. */
  readonly overlap: Inches;
  readonly waistDown: Inches;
  /** Down to where the front ends at its centre. */
  readonly endDown: Inches;
  /** Half the back neck, sewn. */
  readonly backNeck: Inches;
  /** The sewn armhole from the tip to the underarm. */
  readonly armhole: Path;
  /** The shoulder seam from the neck to the tip. */
  readonly shoulder: Path;
}

/** How a front with a lapel or a shawl is made, by the part whose cloth it carries. */
export interface FrontShape {
  /** How far the centre line lies inside the cloth's edge; what the front overlaps by is among the terms. */
  readonly beyond: Sum;
  /** Cloth above the top line beside the shoulder's seam; none where the collar is cut apart. */
  readonly above: readonly Term[];
  /** The finished edge from its upper end down to where the front ends. */
  readonly edge: Path;
  /** Chalks what lies above that edge: neck, gorge or collar, from the edge to the shoulder. */
  readonly chalkNeck: (piece: PieceChalk) => void;
  /** Chalks what comes after the outline: break line and roll. */
  readonly chalkLines: (piece: PieceChalk) => void;
}

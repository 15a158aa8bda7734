import { formatLengthWithUnit, type Inches, type Unit } from "../../length";
import { nameEdge, nameList } from "./names";

export type TrimSide = "left" | "right";

/** A piece of which one half of the wearer is smaller, and the edges that are trimmed there. */
interface Trimmed {
  readonly piece: string;
  readonly half: "front" | "back" | null;
  readonly side: TrimSide;
  /** Whether it lies on the fold: then it is opened out, and a half of it trimmed. */
  readonly folded: boolean;
  /** Whether each side of the wearer has a whole one: a sleeve. */
  readonly oneEach: boolean;
  readonly edges: readonly { readonly edge: string; readonly most: Inches }[];
  readonly unit: Unit;
}

/**
 * Where one side of the wearer lies. Right sides together, the fold at the tailor's left, the neck away from her: the upper
 * layer of a front is the wearer's right, of a back the wearer's left. Opened out, its right side up, a front lies as one
 * looks at the wearer, a back as one stands behind.
 */
function whereOf({ half, side, folded, oneEach, piece }: Trimmed): string {
  if (oneEach)
    return `Lift one ${piece.toLowerCase()} off the other, folded as it was cut, and write on both whose side they are: this one is the wearer's ${side}.`;
  const isFront = half !== "back";
  if (folded) {
    const at = isFront === (side === "left") ? "right" : "left";
    return `Open it out, its right side up and the neck away from you: the wearer's ${side} lies at your ${at}.`;
  }
  const isUpper = isFront === (side === "right");
  return `Lift the layers apart: the wearer's ${side} is the ${isUpper ? "upper" : "under"} layer with the fold at your left, the ${isUpper ? "under" : "upper"} one with the fold at your right.`;
}

/** The stop before one layer alone is trimmed, and how much of it. */
export function wordTrim(trimmed: Trimmed): {
  readonly title: string;
  readonly text: string;
  readonly caution: string;
} {
  const { piece, side, edges, unit, oneEach, folded } = trimmed;
  const what = oneEach ? "one" : folded ? "half" : "layer";
  const most = Math.max(0, ...edges.map((edge) => edge.most));
  const names = nameList(edges.map(({ edge }) => nameEdge(edge)));
  return {
    title: `Trim the wearer's ${side}`,
    text: `${whereOf(trimmed)} Trim that ${oneEach ? piece.toLowerCase() : `${what} of the ${piece.toLowerCase()}`} alone along its dotted line: ${names}, by ${formatLengthWithUnit(most, unit)} at most.`,
    caution: `Look under the shears: the other ${what} stays as it is.`,
  };
}

import type { Inches } from "../length";
import type { FoldGroup } from "./fold-plan";
import type { Lane } from "./lay-stances";
import type { LayWay } from "./lay-way";

/** How a stretch of cloth lies while it is chalked. */
export interface LayFold {
  readonly kind: "one-fold" | "two-folds" | "selvedges" | "gate" | "four-layers" | "open";
  /** Width of the doubled part at the left; 0 on open cloth. */
  readonly doubled: Inches;
  /** Width of the doubled part at the right, folded from the other selvedge; 0 but for two folds. */
  readonly second: Inches;
  /** Width that stays single. */
  readonly beside: Inches;
  /** Width of the whole as it is seen from above. */
  readonly across: Inches;
  /** True for four layers when the doubled cloth is folded again end to end: it takes twice the length. */
  readonly endToEnd: boolean;
}

export function openFold(usable: Inches): LayFold {
  return { kind: "open", doubled: 0, second: 0, beside: usable, across: usable, endToEnd: false };
}

/** Folded in from one side until the doubled part is so wide; at half the width the selvedges meet. */
export function foldIn(usable: Inches, doubled: Inches): LayFold {
  const beside = Math.max(0, usable - 2 * doubled);
  const kind = beside < 0.01 ? "selvedges" : "one-fold";
  return { kind, doubled, second: 0, beside, across: doubled + beside, endToEnd: false };
}

/** Folded in from both sides, so that the doubled parts are so wide; what is between them stays single. */
export function foldBoth(usable: Inches, doubled: Inches, second: Inches): LayFold {
  const beside = Math.max(0, usable - 2 * doubled - 2 * second);
  return { kind: "two-folds", doubled, second, beside, across: doubled + beside + second, endToEnd: false };
}

/** Both selvedges brought together, the left doubled part so wide. */
export function foldGate(usable: Inches, doubled: Inches): LayFold {
  return { kind: "gate", doubled, second: usable / 2 - doubled, beside: 0, across: usable / 2, endToEnd: false };
}

/** Folded twice: side by side where four widths go into the cloth, else end to end. */
export function foldFour(usable: Inches, doubled: Inches): LayFold {
  const endToEnd = 4 * doubled > usable;
  const beside = Math.max(0, usable - (endToEnd ? 2 : 4) * doubled);
  return { kind: "four-layers", doubled, second: 0, beside, across: doubled + beside, endToEnd };
}

/** How the cloth lies while a group is chalked: what its fold step asks for. */
export function foldOfGroup(
  group: Pick<FoldGroup, "layers" | "foldedWidth"> & { readonly way: LayWay },
  usable: Inches,
): LayFold {
  if (group.layers === 1) return openFold(usable);
  if (group.layers === 4) return foldFour(usable, group.foldedWidth);
  switch (group.way) {
    case "in-turn":
    case "one-fold":
      return foldIn(usable, Math.min(group.foldedWidth, usable / 2));
    case "selvedges":
      return foldIn(usable, usable / 2);
    case "gate":
      return foldGate(usable, Math.min(group.foldedWidth, usable / 2));
    case "open":
      return openFold(usable);
    default:
      return group.way satisfies never;
  }
}

/** Stretches of a fold in which pieces may lie. */
export function lanesOf(fold: LayFold): readonly Lane[] {
  const layers = fold.kind === "four-layers" ? 4 : 2;
  const left: Lane = { from: 0, to: fold.doubled, layers, fold: "left" };
  const right: Lane = { from: fold.across - fold.second, to: fold.across, layers: 2, fold: "right" };
  const beside: Lane = { from: fold.doubled, to: fold.across - fold.second, layers: 1, fold: null };
  return [
    ...(fold.doubled > 0 ? [left] : []),
    ...(fold.second > 0 ? [right] : []),
    ...(fold.beside > 0 ? [beside] : []),
  ];
}

/**
 * Cloth as it lies open, for a stretch of it as it lies folded: where a place seen from above is on the lower layer and,
 * where it is double, on the upper one, from the left selvedge.
 */
export function unfoldAcross(fold: LayFold, across: Inches): readonly Inches[] {
  if (fold.kind === "open") return [across];
  if (fold.kind === "gate") {
    const total = 2 * fold.across;
    return across <= fold.doubled
      ? [fold.doubled - across, fold.doubled + across]
      : [fold.doubled + across, total - (across - fold.doubled)];
  }
  const right = fold.across - fold.second;
  if (fold.second > 0 && across > right) {
    const crease = 2 * fold.doubled + fold.beside + fold.second;
    return [crease - (fold.across - across), crease + (fold.across - across)];
  }
  if (across > fold.doubled) return [across + fold.doubled * (fold.kind === "four-layers" && !fold.endToEnd ? 3 : 1)];
  const twice = [fold.doubled - across, fold.doubled + across];
  return fold.kind === "four-layers" && !fold.endToEnd
    ? [...twice, 3 * fold.doubled - across, 3 * fold.doubled + across]
    : twice;
}

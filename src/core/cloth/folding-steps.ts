import type { Piece } from "../chalk";
import type { Inches } from "../length";
import type { FoldGroup } from "./fold-plan";
import { foldFour } from "./lay-fold";
import { type HandAct, handStep, type StepPlace, type TableStep } from "./steps";

/** How the cloth is made to lie for a group: folded for it alone, or for the whole garment when its first group is chalked. */
function foldAct({ way, foldedWidth, length }: FoldGroup, isFirst: boolean): HandAct {
  if (way === "in-turn") return { kind: "fold-in", foldedWidth, length };
  if (way === "open") return { kind: "lie-open" };
  if (!isFirst) return { kind: "along-fold" };
  switch (way) {
    case "one-fold":
      return { kind: "fold-in", foldedWidth, length };
    case "selvedges":
      return { kind: "fold-selvedges" };
    case "gate":
      return { kind: "fold-gate", foldedWidth };
    default:
      return way satisfies never;
  }
}

/** The cloth pressed and squared before it is folded. */
export function prepareStep(place: StepPlace): TableStep {
  return handStep(place, "fold", "prepare", { kind: "prepare" });
}

/** Everything before the first chalk of a group. */
export function prepareSteps(group: FoldGroup, place: StepPlace, isFirst: boolean): readonly TableStep[] {
  const fold = foldAct(group, isFirst);
  const folding = handStep(place, "fold", fold.kind === "along-fold" ? "along-fold" : "fold-in", fold);
  return isFirst || group.way === "in-turn" ? [prepareStep(place), folding] : [folding];
}

/** Cloth folded twice: once along, then side by side or, where four widths do not go into it, end to end. */
export function foldAgain(group: FoldGroup, place: StepPlace, usable: Inches, isFirst: boolean): readonly TableStep[] {
  const { endToEnd } = foldFour(usable, group.foldedWidth);
  const folded = endToEnd ? { ...group, length: 2 * group.length } : group;
  const again: HandAct = { kind: "fold-again", foldedWidth: group.foldedWidth, endToEnd };
  return [...prepareSteps(folded, place, isFirst), handStep(place, "fold", "fold-again", again)];
}

/** A small piece is folded from what a larger one left: nothing is taken off the cloth for it. */
export function foldLeftOver({ foldedWidth, length }: FoldGroup, place: StepPlace, leftBeside: string): TableStep {
  return handStep(place, "fold", "fold-in", { kind: "fold-in", foldedWidth, length, leftBeside });
}

/** Front and back folded from the two halves of a piece cut off the cloth; null where they are not folded for themselves. */
export function workingGroups(
  groups: readonly FoldGroup[],
  pieceOf: (id: string) => Piece,
): readonly FoldGroup[] | null {
  const isBody = ({ pieces }: FoldGroup) => pieces.some((id) => ["body", "skirt"].includes(pieceOf(id).part));
  const halves = groups.filter((group) => isBody(group) && group.fold === "one-fold" && group.way === "in-turn");
  return halves.length === 2 ? halves : null;
}

/** A working piece is cut off the doubled cloth and halved along the old fold; each half is folded in for itself. */
export function workingSteps(
  halves: readonly FoldGroup[],
  group: FoldGroup,
  place: StepPlace,
  isFirst: boolean,
): readonly TableStep[] {
  if (!halves.includes(group)) return prepareSteps(group, place, isFirst);
  const folding = handStep(place, "fold", "fold-in", {
    kind: "fold-in",
    foldedWidth: group.foldedWidth,
    length: group.length,
  });
  if (!isFirst) return [folding];
  const length = Math.max(...halves.map((half) => half.length)) + 1;
  const width = 2 * Math.max(...halves.map((half) => half.foldedWidth));
  return [
    prepareStep(place),
    handStep(place, "fold", "cut-off", { kind: "cut-off", length, width }),
    handStep(place, "fold", "halve", { kind: "halve" }),
    folding,
  ];
}

import type { Draft } from "../chalk";
import type { Finding } from "../checks";
import { type FoldGroup, findClothProblems, measureCloth, purchase, suffices } from "../cloth";
import type { CutSheet } from "./cut-sheet";
import { outlinePrint } from "./outline-print";
import type { ReadOrder } from "./read-order";

type SheetCloth = CutSheet["cloth"];

/**
 * The main cloth that a draft needs: as the tailor laid and kept it, where these outlines on this width were laid; else
 * reckoned from the folds.
 */
export function needCloth(
  read: ReadOrder,
  draft: Draft,
  groups: readonly FoldGroup[],
): { readonly need: SheetCloth; readonly problems: readonly Finding[] } {
  const cloth = read.cloths.main;
  const main = groups.filter(({ pieces }) =>
    draft.pieces.some(({ id, cloth: of }) => of === "main" && pieces.includes(id)),
  );
  const reckoned = measureCloth(draft, main, cloth);
  const kept = read.order.lay?.main?.kept;
  if (kept === undefined || kept.width !== cloth.width || kept.of !== outlinePrint(draft, "main")) {
    const need: SheetCloth = { ...reckoned, left: reckoned.left.map((rest) => ({ ...rest })), from: "reckoned" };
    return { need, problems: findClothProblems(main, cloth, reckoned) };
  }
  const need: SheetCloth = {
    ...reckoned,
    ...purchase(kept.used, cloth, draft.given.metric),
    used: kept.used,
    fits: suffices(kept.used, cloth),
    left: kept.left.map(({ width, length }) => ({ width, length })),
    from: "laid",
  };
  // What was laid fits its width: only its length can still be missing.
  return { need, problems: findClothProblems([], cloth, { ...reckoned, used: kept.used }) };
}

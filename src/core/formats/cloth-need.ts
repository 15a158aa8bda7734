import { type ClothId, clothIds, type Draft } from "../chalk";
import type { Finding } from "../checks";
import { type ClothNeed, type FoldGroup, findClothProblems, measureCloth, purchase, suffices } from "../cloth";
import type { CutSheet } from "./cut-sheet";
import type { KeptLay } from "./order";
import { outlinePrint } from "./outline-print";
import type { ReadOrder } from "./read-order";

type SheetCloth = CutSheet["cloth"];
type OtherCloth = NonNullable<CutSheet["otherCloths"]>[number];

interface ClothReckoned {
  readonly groups: readonly FoldGroup[];
  readonly reckoned: ClothNeed;
  /** The tailor's own lay, where these outlines on this width were laid and kept. */
  readonly kept: NonNullable<KeptLay["kept"]> | null;
}

/** What one cloth of a draft takes when its folds follow each other, and how it was laid by hand. */
function reckonCloth(read: ReadOrder, draft: Draft, all: readonly FoldGroup[], id: ClothId): ClothReckoned {
  const cloth = read.cloths[id];
  const groups = all.filter(({ pieces }) =>
    draft.pieces.some((piece) => piece.cloth === id && pieces.includes(piece.id)),
  );
  const reckoned = measureCloth(draft, groups, cloth);
  const kept = read.order.lay?.[id]?.kept;
  const holds = kept !== undefined && kept.width === cloth.width && kept.of === outlinePrint(draft, id);
  return { groups, reckoned, kept: holds ? kept : null };
}

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
  const { groups: main, reckoned, kept } = reckonCloth(read, draft, groups, "main");
  if (kept === null) {
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

/** What to buy of lining, stay and contrast, each on its own width (craft: making, what to buy); none where none is cut. */
export function needOthers(read: ReadOrder, draft: Draft, groups: readonly FoldGroup[]): readonly OtherCloth[] {
  const cut = clothIds.filter((id) => id !== "main" && draft.pieces.some(({ cloth }) => cloth === id));
  return cut.map((id) => {
    const { reckoned, kept } = reckonCloth(read, draft, groups, id);
    const cloth = read.cloths[id];
    const bought = purchase(kept?.used ?? reckoned.used, cloth, draft.given.metric);
    const fits = kept === null ? reckoned.fits : suffices(kept.used, cloth);
    return { id, width: cloth.width, ...bought, fits, from: kept === null ? "reckoned" : "laid" };
  });
}

/**
 * What all the cloth of a sheet comes to, in the shop's money; null where no price is known.
 *
 * @returns `whole` says whether every cloth has a price
 */
export function costOfCloth({ cloth, otherCloths = [] }: Pick<CutSheet, "cloth" | "otherCloths">): {
  readonly sum: number;
  readonly whole: boolean;
} | null {
  const costs = [cloth, ...otherCloths].map(({ cost }) => cost ?? null);
  const known = costs.filter((cost) => cost !== null);
  return known.length === 0
    ? null
    : { sum: known.reduce((sum, cost) => sum + cost, 0), whole: known.length === costs.length };
}

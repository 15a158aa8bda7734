import type { ClothId, Draft } from "../chalk";

/** A short word for what is cut from a cloth, to a hundredth of an inch: other outlines have another word. */
export function outlinePrint({ pieces }: Draft, cloth: ClothId): string {
  let mixed = 2166136261;
  for (const piece of pieces.filter((found) => found.cloth === cloth)) {
    for (const { x, y } of piece.outline.cut) {
      mixed = Math.imul(mixed ^ Math.round(x * 100), 16777619);
      mixed = Math.imul(mixed ^ Math.round(y * 100), 16777619);
    }
  }
  return (mixed >>> 0).toString(36);
}

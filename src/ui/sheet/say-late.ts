import type { CutSheet, LateCause } from "@/core/formats";
import { formatLengthWithUnit, type Unit } from "@/core/length";

/** The usual causes, as a tailor says them. */
export const causeNames: readonly { readonly id: LateCause; readonly label: string }[] = [
  { id: "stretched", label: "Stretched in the hand" },
  { id: "seam-twice", label: "Allowance taken twice" },
  { id: "wrong-seam", label: "Another line was sewn" },
  { id: "cut-on-chalk", label: "Cut on the chalked line" },
  { id: "unknown", label: "I do not know" },
];

const HALF = { front: "Front", back: "Back", whole: "The whole" } as const;
const CLOSE = 1 / 64;

/** Half an edge, or the whole of one, as drawn and as measured, and what lies between. */
export function sayHalf({ half, drawn, measured }: NonNullable<CutSheet["late"]>[number], unit: Unit): string {
  const [was, is] = [drawn, measured].map((value) => formatLengthWithUnit(value, unit));
  const off = measured - drawn;
  const by =
    Math.abs(off) < CLOSE ? "as drawn" : `${formatLengthWithUnit(Math.abs(off), unit)} ${off > 0 ? "more" : "less"}`;
  return `${HALF[half]}: drawn ${was}, measured ${is}, ${by}`;
}

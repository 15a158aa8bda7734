import { splitRepeated, splitSides } from "@/core/body";
import type { Unit } from "@/core/length";

/** A length as it was typed, each taking with its unit always said: so it means the same in an order of either unit. */
export function withUnit(typed: string, own: Unit): string {
  const sides = splitSides(typed);
  if (sides !== null) return `L ${withUnit(sides.left, own)} R ${withUnit(sides.right, own)}`;
  return splitRepeated(typed)
    .map((part) => (/[a-z"'″”’]$/i.test(part) ? part : `${part} ${own}`))
    .join("; ");
}

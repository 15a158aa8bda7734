import { splitRepeated } from "@/core/body";
import type { Unit } from "@/core/length";

/** A length as it was typed, each taking with its unit always said: so it means the same in an order of either unit. */
export function withUnit(typed: string, own: Unit): string {
  return splitRepeated(typed)
    .map((part) => (/[a-z"'″”’]$/i.test(part) ? part : `${part} ${own}`))
    .join("; ");
}

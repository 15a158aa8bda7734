import type { TicksKept } from "./use-progress";

/** What is said of ticks that are not in the book: they wait on this device. */
export const ticksSaid: Readonly<Record<Exclude<TicksKept, "kept">, string>> = {
  away: "Place not kept yet: the shop's computer does not answer. It is sent when it does.",
  gone: "Place not kept: this order is not in the shop's book any more.",
  failed: "Place not kept yet: the shop's computer answered with an error. It is sent again.",
};

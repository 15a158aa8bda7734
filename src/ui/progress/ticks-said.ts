import type { TicksKept } from "./use-progress";

/** What is said of ticks that are not in the book: they wait on this device. */
export const ticksSaid: Readonly<Record<Exclude<TicksKept, "kept">, string>> = {
  away: "Place not kept yet: the shop's computer does not answer. It is sent when it does.",
  gone: "Place not kept: this order is not in the shop's book any more.",
  "no-room": "Place not kept yet: the disk of the shop's computer is full, or may not be written on. It is sent again.",
  failed: "Place not kept yet: the shop's computer answered with an error. It is sent again.",
};

import type { MeasurementId, Readings } from "@/core/body";
import { toCentimetres, type Unit } from "@/core/length";

/** A card on a chart: when it was taken, and its readings in the shop's unit. */
export type CardMoment = { readonly at: number } & Readonly<Partial<Record<MeasurementId, number>>>;

/** Cards from the oldest to the newest, as a chart wants them. */
export function cardMoments(
  cards: readonly { readonly takenOn: string; readonly readings: Readings }[],
  unit: Unit,
): readonly CardMoment[] {
  return cards
    .map(
      ({ takenOn, readings }): CardMoment => ({
        at: Date.parse(`${takenOn}T00:00:00Z`),
        ...(unit === "in"
          ? readings
          : Object.fromEntries(Object.entries(readings).map(([id, inches]) => [id, toCentimetres(inches)]))),
      }),
    )
    .sort((a, b) => a.at - b.at);
}

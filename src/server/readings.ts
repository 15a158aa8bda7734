import { differenceInMonths, parseISO } from "date-fns";
import { type MeasurementId, measurementIds, type Readings } from "@/core/body";
import { readCard } from "@/core/formats";
import { defaultChoices, garments } from "@/core/garments";
import type { Unit } from "@/core/length";
import { ruleDefault } from "@/core/rules";
import type { Card } from "@/db";
import { withUnit } from "./with-unit";

/** Today in the shop, as a day. */
export function today(): string {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
}

/** Readings that a garment of the catalogue cannot do without, in the order of the card. */
export function askedReadings(): readonly MeasurementId[] {
  const needed = new Set(
    garments.flatMap((garment) =>
      garment.needs({ rule: (id) => ruleDefault("close", id), choices: defaultChoices(garment, false) }),
    ),
  );
  return measurementIds.filter((id) => needed.has(id));
}

/** The readings that a client's open orders ask for beyond the last card, before all others; the whole list when there is none. */
export function askedFor(wants: readonly { readonly wants: readonly { readonly id: MeasurementId }[] }[]): {
  readonly asked: readonly MeasurementId[];
  readonly by: string;
} {
  const missing = new Set(wants.flatMap(({ wants: own }) => own.map(({ id }) => id)));
  if (missing.size === 0) return { asked: askedReadings(), by: "A dress asks for these" };
  return {
    asked: measurementIds.filter((id) => missing.has(id) || askedReadings().includes(id)),
    by: "The open orders ask for these",
  };
}

/** A kept card's readings as a form shows them: as they were typed, with their unit where it is not the shop's. */
export function typedReadings({ readings }: Card, shop: Unit): Readonly<Record<string, string>> {
  return Object.fromEntries(
    Object.entries(readings).map(([id, { typed, unit }]) => [id, unit === shop ? typed : withUnit(typed, unit)]),
  );
}

/** A child's card is trusted for half a year. */
const GROWS_IN_MONTHS = 6;

/** Whether a child has grown out of a card by a day. */
export function isOutgrown({ figure, takenOn }: Pick<Card, "figure" | "takenOn">, day: string): boolean {
  return figure === "child" && differenceInMonths(parseISO(day), parseISO(takenOn)) >= GROWS_IN_MONTHS;
}

/** A kept card's readings in inches. */
export function cardReadings(card: Card | undefined, unit: Unit): Readings {
  if (card === undefined) return {};
  const typed = Object.entries(card.readings).map(
    ([id, reading]) => [id, withUnit(reading.typed, reading.unit)] as const,
  );
  return readCard(Object.fromEntries(typed), unit, card.figure).readings;
}

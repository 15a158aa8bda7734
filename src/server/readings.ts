import { type MeasurementId, measurementIds, type Readings } from "@/core/body";
import { readCard } from "@/core/formats";
import { defaultChoices, garments } from "@/core/garments";
import type { Unit } from "@/core/length";
import { ruleDefault } from "@/core/rules";
import type { Card } from "@/db";

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

/** A length as it was typed, with its unit always said: so it means the same in an order of either unit. */
export function withUnit(typed: string, own: Unit): string {
  return /[a-z"'″”’]\s*$/i.test(typed) ? typed : `${typed.trim()} ${own}`;
}

/** A kept card's readings in inches. */
export function cardReadings(card: Card | undefined, unit: Unit): Readings {
  if (card === undefined) return {};
  const typed = Object.entries(card.readings).map(
    ([id, reading]) => [id, withUnit(reading.typed, reading.unit)] as const,
  );
  return readCard(Object.fromEntries(typed), unit).readings;
}

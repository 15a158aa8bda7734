import { notionSoldBy } from "@/core/chalk";
import { type CutSheet, costOfCloth } from "@/core/formats";
import type { Inches, Unit } from "@/core/length";
import { minutesOf, timedStages, type usualMinutes } from "@/core/making";
import type { Shop } from "@/db";
import { readAmount } from "./money";

/** One line of what a garment comes to, in hundredths; null where the shop has no price for it. */
export interface ReckonedLine {
  readonly what: "cloth" | "notions" | "work";
  readonly hundredths: number | null;
  /** Whether a part of it has no price yet. */
  readonly partly: boolean;
}

export interface Reckoned {
  readonly lines: readonly ReckonedLine[];
  /** What is known of it, together. */
  readonly sum: number;
  /** Minutes that the work takes here; null while the shop has timed too few garments. */
  readonly minutes: number | null;
}

const YARD: Inches = 36;
const METRE: Inches = 100 / 2.54;

type Notion = NonNullable<CutSheet["notions"]>[number];

function priceOf({ id, amount, unit }: Notion, price: number, shop: Unit): number {
  switch (notionSoldBy[id]) {
    case "each":
      // A zip is one, however long.
      return unit === "piece" ? amount * price : price;
    case "length":
      return (amount / (shop === "cm" ? METRE : YARD)) * price;
    case "hundred-metres":
      return (amount / 100) * price;
    default:
      return notionSoldBy[id] satisfies never;
  }
}

function notionsLine({ notions = [] }: CutSheet, { notionPrices, unit }: Shop): ReckonedLine {
  const priced = notions.map((notion) => {
    const price = readAmount(notionPrices[notion.id] ?? "");
    return price === null ? null : priceOf(notion, price, unit);
  });
  const known = priced.filter((one) => one !== null);
  return {
    what: "notions",
    hundredths: known.length === 0 ? null : Math.round(known.reduce((sum, one) => sum + one, 0)),
    partly: known.length < priced.length,
  };
}

/**
 * What a garment comes to by the shop's own numbers: its cloth, what goes with it, and the hours that the work takes here.
 * Offered beside the price that is agreed, never instead of it.
 */
export function reckon(sheet: CutSheet, usual: ReturnType<typeof usualMinutes>, shop: Shop): Reckoned {
  const cloth = costOfCloth(sheet);
  const minutes = minutesOf(timedStages, usual);
  const hourly = readAmount(shop.hourly);
  const lines: readonly ReckonedLine[] = [
    {
      what: "cloth",
      hundredths: cloth === null ? null : Math.round(100 * cloth.sum),
      partly: cloth !== null && !cloth.whole,
    },
    ...((sheet.notions ?? []).length === 0 ? [] : [notionsLine(sheet, shop)]),
    {
      what: "work",
      hundredths: minutes === null || hourly === null ? null : Math.round((minutes / 60) * hourly),
      partly: false,
    },
  ];
  return { lines, sum: lines.reduce((sum, { hundredths }) => sum + (hundredths ?? 0), 0), minutes };
}

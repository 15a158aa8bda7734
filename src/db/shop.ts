import { eq } from "drizzle-orm";
import type { Unit } from "../core/length";
import type { Database } from "./connection";
import { type NotionPrices, shop } from "./schema";

/** What belongs to the whole shop. */
export interface Shop {
  /** The unit that the shop reads its tape in. */
  readonly unit: Unit;
  /** How many fittings and promised garments a day holds. */
  readonly dayHolds: number;
  /** The sign of its money; none until it is set. */
  readonly currency: string;
  /** Working hours of a day, all hands together. */
  readonly hoursADay: number;
  /** What an hour is reckoned at, and what notions cost, as they were typed. */
  readonly hourly: string;
  readonly notionPrices: NotionPrices;
}

export async function findShop(db: Database): Promise<Shop> {
  const [row] = await db
    .select({
      unit: shop.unit,
      dayHolds: shop.dayHolds,
      currency: shop.currency,
      hoursADay: shop.hoursADay,
      hourly: shop.hourly,
      notionPrices: shop.notionPrices,
    })
    .from(shop)
    .where(eq(shop.id, 1));
  return row ?? { unit: "in", dayHolds: 4, currency: "", hoursADay: 8, hourly: "", notionPrices: {} };
}

export async function changeShop(db: Database, change: Partial<Shop>): Promise<void> {
  await db.update(shop).set(change).where(eq(shop.id, 1));
}

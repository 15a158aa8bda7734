import { eq } from "drizzle-orm";
import type { Unit } from "../core/length";
import type { Database } from "./connection";
import { shop } from "./schema";

/** What belongs to the whole shop. */
export interface Shop {
  /** The unit that the shop reads its tape in. */
  readonly unit: Unit;
  /** How many fittings and promised garments a day holds. */
  readonly dayHolds: number;
  /** The sign of its money; none until it is set. */
  readonly currency: string;
}

export async function findShop(db: Database): Promise<Shop> {
  const [row] = await db
    .select({ unit: shop.unit, dayHolds: shop.dayHolds, currency: shop.currency })
    .from(shop)
    .where(eq(shop.id, 1));
  return row ?? { unit: "in", dayHolds: 4, currency: "" };
}

export async function changeShop(db: Database, change: Partial<Shop>): Promise<void> {
  await db.update(shop).set(change).where(eq(shop.id, 1));
}

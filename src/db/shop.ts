import { eq } from "drizzle-orm";
import type { Unit } from "../core/length";
import type { Database } from "./connection";
import { shop } from "./schema";

/** The unit that the shop reads its tape in. */
export async function shopUnit(db: Database): Promise<Unit> {
  const [row] = await db.select({ unit: shop.unit }).from(shop).where(eq(shop.id, 1));
  return row?.unit ?? "in";
}

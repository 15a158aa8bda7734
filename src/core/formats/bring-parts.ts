import { findGarment } from "../garments";
import { bringRooms, type RoomId } from "../parts";
import type { Order } from "./order";

/** What decides which parts a garment has. */
export type PartsOrder = Pick<Order, "garment" | "choices">;

function roomsOf({ garment, choices = {} }: PartsOrder): readonly RoomId[] {
  return findGarment(garment)?.rooms(choices) ?? [];
}

/**
 * Brings what chalks the parts of these orders, so that they can be drawn here; null where all of it is at hand, as it
 * always is outside a browser. The promise of the same parts is the same one until it is kept or broken.
 */
export function bringParts(orders: readonly PartsOrder[]): Promise<void> | null {
  return bringRooms([...new Set(orders.flatMap(roomsOf))]);
}

import type { ChoiceValues } from "../chalk";
import { bringRooms, type RoomId } from "../parts";
import { findGarment } from "./catalogue";

/** What decides which parts a garment has. */
export interface PartsOrder {
  readonly garment: string;
  readonly choices?: ChoiceValues | undefined;
}

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

import type { Garment } from "./garment";
import { straightDress } from "./straight-dress";

/** Every garment, in the order in which people choose. A new one is its file and its line here. */
export const garments: readonly Garment[] = [straightDress];

export function findGarment(id: string): Garment | undefined {
  return garments.find((garment) => garment.id === id);
}

import { aLineDress } from "./a-line-dress";
import { aLineSkirt } from "./a-line-skirt";
import { armholeBustier } from "./armhole-bustier";
import { basicBodice } from "./basic-bodice";
import { basqueGown } from "./basque-gown";
import { circleSkirt } from "./circle-skirt";
import { flaredBlouse } from "./flared-blouse";
import { freehandBustier } from "./freehand-bustier";
import type { Garment } from "./garment";
import { gatheredSkirt } from "./gathered-skirt";
import { lapelDress } from "./lapel-dress";
import { mermaidSkirt } from "./mermaid-skirt";
import { overlapDress } from "./overlap-dress";
import { pencilSkirt } from "./pencil-skirt";
import { pocketShirt } from "./pocket-shirt";
import { ruchedSkirt } from "./ruched-skirt";
import { sheathDress } from "./sheath-dress";
import { shiftDress } from "./shift-dress";
import { shirt } from "./shirt";
import { shirtDress } from "./shirt-dress";
import { shoulderBustier } from "./shoulder-bustier";
import { straightDress } from "./straight-dress";
import { tieredDress } from "./tiered-dress";
import { tieredSkirt } from "./tiered-skirt";
import { wideGown } from "./wide-gown";
import { yokeGown } from "./yoke-gown";

/** Every garment, in the order in which people choose. A new one is its file and its line here. */
export const garments: readonly Garment[] = [
  straightDress,
  shiftDress,
  sheathDress,
  aLineDress,
  overlapDress,
  shirtDress,
  yokeGown,
  basqueGown,
  wideGown,
  lapelDress,
  tieredDress,
  basicBodice,
  armholeBustier,
  shoulderBustier,
  freehandBustier,
  flaredBlouse,
  shirt,
  pocketShirt,
  pencilSkirt,
  aLineSkirt,
  mermaidSkirt,
  ruchedSkirt,
  circleSkirt,
  gatheredSkirt,
  tieredSkirt,
];

export function findGarment(id: string): Garment | undefined {
  return garments.find((garment) => garment.id === id);
}

import { writeSided } from "./left-right";
import { readAndMake, type SheetOutcome } from "./sheet-outcome";

/** From an order as it was written to its cut sheet. The one way, for the server, the command and the tests. */
export function makeSheet(order: unknown): SheetOutcome {
  return readAndMake(order, writeSided);
}

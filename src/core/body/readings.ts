import type { Inches } from "../length";
import type { MeasurementId } from "./catalogue";

/** Readings in inches by id; what was not taken is left out. */
export type Readings = Readonly<Partial<Record<MeasurementId, Inches>>>;

/** A value for a reading that was not taken. `rule` names the rule of thumb, `basis` the readings it came from. */
export interface Estimate {
  readonly value: Inches;
  readonly rule: string;
  readonly basis: readonly MeasurementId[];
  /** Set where it is no estimate: the same length was read from its other end. */
  readonly derived?: true;
}

/** Inches, the core's only length: eighths are exact in binary. */
export type Inches = number;

/** The unit a person reads and types. */
export type Unit = "in" | "cm";

export const CENTIMETRES_PER_INCH = 2.54;

export function fromCentimetres(centimetres: number): Inches {
  return centimetres / CENTIMETRES_PER_INCH;
}

export function toCentimetres(inches: Inches): number {
  return inches * CENTIMETRES_PER_INCH;
}

/** A length that has its own round value in either system: ½ in is 1.5 cm on a metric tape, never 1.27. */
export interface BothUnits {
  readonly inches: number;
  readonly centimetres: number;
}

export function both(inches: number, centimetres: number): BothUnits {
  return { inches, centimetres };
}

/** The value in inches that belongs to the shop's system. */
export function pickSystem(length: BothUnits, metric: boolean): Inches {
  return metric ? fromCentimetres(length.centimetres) : length.inches;
}

import { both, type Inches, pickSystem } from "../length";

/** A stretch of cloth to keep out of, as it lies open: from the left selvedge across and from the end down. */
export interface Spot {
  readonly across: Inches;
  readonly down: Inches;
  readonly width: Inches;
  readonly length: Inches;
}

/** The cloth at hand, or to be bought. */
export interface Cloth {
  readonly width: Inches;
  /** Null when it is still to be bought. */
  readonly length: Inches | null;
  /** Nap or a print with a top: nothing may be turned half round. */
  readonly oneWay: boolean;
  /** What the first wash takes off its length, in hundredths. */
  readonly shrinkage: number;
  /** Length of one repeat of the pattern when it must meet at the seams; null for plain cloth. */
  readonly repeat: Inches | null;
  /** Price of a yard, or of a metre in a metric shop; null when it is not known. */
  readonly price: number | null;
  readonly spots: readonly Spot[];
}

export const usualWidth = both(45, 115);

/** Widths that cloth is sold in (craft: yardage). */
export const usualWidths = [both(36, 90), both(45, 115), both(54, 140), both(60, 150)] as const;

/** Kept clear along each selvedge. */
export const SELVEDGE: Inches = 0.5;

export function plainCloth(width: Inches): Cloth {
  return { width, length: null, oneWay: false, shrinkage: 0, repeat: null, price: null, spots: [] };
}

export function defaultCloth(metric: boolean): Cloth {
  return plainCloth(pickSystem(usualWidth, metric));
}

/** Width between the selvedges. */
export function usableWidth(cloth: Cloth): Inches {
  return cloth.width - 2 * SELVEDGE;
}

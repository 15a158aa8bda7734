import { fractionGlyph } from "./glyphs";
import { roundToStep } from "./tick";
import { type Inches, toCentimetres, type Unit } from "./units";

const FINEST_INCH = 1 / 16;
const FINEST_CENTIMETRE = 0.1;

function formatFraction(parts: number, whole: number): string {
  let top = parts;
  let bottom = whole;
  while (top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  return fractionGlyph(`${top}/${bottom}`) ?? `${top}⁄${bottom}`;
}

function formatInches(inches: Inches): string {
  const size = roundToStep(Math.abs(inches), FINEST_INCH);
  const whole = Math.floor(size);
  const parts = Math.round((size - whole) / FINEST_INCH);
  const sign = inches < 0 && size > 0 ? "−" : "";
  if (parts === 0) return `${sign}${whole}`;
  const fraction = formatFraction(parts, 16);
  if (whole === 0) return `${sign}${fraction}`;
  // A fraction without a glyph of its own needs a space: 10 3⁄16, but 10⅜.
  return `${sign}${whole}${fraction.length > 1 ? " " : ""}${fraction}`;
}

function formatCentimetres(inches: Inches): string {
  const size = roundToStep(Math.abs(toCentimetres(inches)), FINEST_CENTIMETRE);
  const text = size.toFixed(1).replace(/\.0$/, "");
  return `${inches < 0 && size > 0 ? "−" : ""}${text}`;
}

/**
 * A length as the tape says it, without its unit: `10⅜`, `10 3⁄16`, `27.5`.
 * Inches are shown to the nearest 1/16, centimetres to the millimetre: nothing finer is on any tape.
 */
export function formatLength(inches: Inches, unit: Unit): string {
  return unit === "in" ? formatInches(inches) : formatCentimetres(inches);
}

/** A length with its unit, for a sentence: `10⅜ in`, `27.5 cm`. */
export function formatLengthWithUnit(inches: Inches, unit: Unit): string {
  return `${formatLength(inches, unit)} ${unit}`;
}

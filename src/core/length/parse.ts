import { fail, type Result, succeed } from "../result";
import { fractionGlyphs } from "./glyphs";
import { fromCentimetres, type Inches, type Unit } from "./units";

/** A length as a person wrote it: kept as typed, understood in inches. */
export interface TypedLength {
  readonly typed: string;
  readonly unit: Unit;
  readonly inches: Inches;
}

export const lengthProblemCodes = [
  "empty",
  "not-a-length",
  "negative",
  "zero",
  "divided-by-zero",
  "more-than-whole",
  "thousands",
  "feet-then-inches",
] as const;

export type LengthProblemCode = (typeof lengthProblemCodes)[number];

export interface LengthProblem {
  readonly code: LengthProblemCode;
  readonly typed: string;
}

interface UnitWord {
  readonly unit: Unit;
  /** How many of the unit it stands for: cloth is told in yards and metres. */
  readonly times: number;
}

const INCH: UnitWord = { unit: "in", times: 1 };
const CENTIMETRE: UnitWord = { unit: "cm", times: 1 };
const MILLIMETRE: UnitWord = { unit: "cm", times: 0.1 };
const YARD: UnitWord = { unit: "in", times: 36 };
const METRE: UnitWord = { unit: "cm", times: 100 };

const UNIT_WORDS: Readonly<Record<string, UnitWord>> = {
  in: INCH,
  inch: INCH,
  inches: INCH,
  '"': INCH,
  "''": INCH,
  "’’": INCH,
  "″": INCH,
  "”": INCH,
  mm: MILLIMETRE,
  millimetre: MILLIMETRE,
  millimetres: MILLIMETRE,
  millimeter: MILLIMETRE,
  millimeters: MILLIMETRE,
  cm: CENTIMETRE,
  centimetre: CENTIMETRE,
  centimetres: CENTIMETRE,
  centimeter: CENTIMETRE,
  centimeters: CENTIMETRE,
  yd: YARD,
  yds: YARD,
  yard: YARD,
  yards: YARD,
  m: METRE,
  metre: METRE,
  metres: METRE,
  meter: METRE,
  meters: METRE,
};

const AMOUNT = /^(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)$|^(\d+(?:[.,]\d+)?|[.,]\d+)$/;
/** Feet, but not the two strokes that stand for inches. */
const FEET = /^(\d+)\s*(?:['’′](?!['’])|ft\.?|feet)\s*(.*)$/;
/** A comma before three figures is a decimal one to some and marks thousands for others: nobody can know. */
const THOUSANDS = /^[1-9]\d*,\d{3}$/;

/** Fraction glyphs become `1/2`, set apart from whatever stands beside them: `38½0` is no length. */
function spellFractions(text: string): string {
  return text.replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (glyph) => ` ${fractionGlyphs[glyph]} `).replace(/⁄/g, "/");
}

function splitUnit(text: string, fallback: Unit): UnitWord & { readonly amount: string } {
  const match = /^(.*?)\s*([a-z]+|"|″|”|''|’’)\.?$/.exec(text);
  const word = match?.[2] === undefined ? undefined : UNIT_WORDS[match[2]];
  if (word === undefined) return { amount: text, unit: fallback, times: 1 };
  return { amount: (match?.[1] ?? "").trim(), ...word };
}

function readAmount(amount: string): number | LengthProblemCode {
  const match = AMOUNT.exec(amount);
  if (match === null) return "not-a-length";
  const [, whole, top, bottom, decimal] = match;
  if (decimal !== undefined) return THOUSANDS.test(decimal) ? "thousands" : Number(decimal.replace(",", "."));
  if (Number(bottom) === 0) return "divided-by-zero";
  if (whole !== undefined && Number(top) >= Number(bottom)) return "more-than-whole";
  return Number(whole ?? 0) + Number(top) / Number(bottom);
}

/** Feet are followed by less than twelve inches, and by nothing else. */
function readFeet(feet: string, rest: string): number | LengthProblemCode {
  if (rest === "") return Number(feet) * 12;
  const { amount, unit, times } = splitUnit(rest, "in");
  const inches = readAmount(amount);
  if (typeof inches !== "number") return inches;
  return unit !== "in" || times !== 1 || inches >= 12 ? "feet-then-inches" : Number(feet) * 12 + inches;
}

/**
 * Reads a length in any spelling a tailor uses: `38`, `38.5`, `38 1/2`, `38½`, `38 4/8`, `38-½`, `38 in.`, `38''`,
 * `5' 4 1/2"`, `96cm`, `96,5 cm`, `960 mm`, `2 1/4 yd`, `2.5 m`. What could mean two things is refused, with what it could be.
 *
 * @param fallback the unit meant when none is written
 * @returns the length in inches with what was typed, or the reason why it is none; zero and negatives are refused,
 *   since no reading of a body and no allowance the tailor types on a card can be either
 */
export function parseLength(typed: string, fallback: Unit): Result<TypedLength, LengthProblem> {
  const text = spellFractions(typed.trim().toLowerCase()).trim().replace(/\s+/g, " ");
  if (text === "") return fail({ code: "empty", typed });
  if (/^[-−–]\s*[\d.,]/.test(text)) return fail({ code: "negative", typed });

  const feet = FEET.exec(text);
  const { amount, unit, times } = feet === null ? splitUnit(text, fallback) : { amount: "", ...INCH };
  const value = feet === null ? readAmount(amount) : readFeet(feet[1] ?? "", feet[2] ?? "");

  if (typeof value === "string") return fail({ code: value, typed });
  if (value === 0) return fail({ code: "zero", typed });
  const length = value * times;
  return succeed({ typed: typed.trim(), unit, inches: unit === "cm" ? fromCentimetres(length) : length });
}

/**
 * Reads a length that may be nothing or less: an amount of a figure note, an ease, a hem beyond the hip.
 *
 * @returns inches, with what was typed; the reason when it is no length
 */
export function parseSignedLength(typed: string, fallback: Unit): Result<TypedLength, LengthProblem> {
  const [, minus, rest] = /^\s*([-−–]?)\s*(.*)$/.exec(typed) ?? [];
  const read = parseLength(rest ?? "", fallback);
  if (!read.ok)
    return read.issues[0]?.code === "zero"
      ? succeed({ typed, unit: fallback, inches: 0 })
      : fail({ code: read.issues[0]?.code ?? "not-a-length", typed });
  return succeed({ ...read.value, typed: typed.trim(), inches: minus === "" ? read.value.inches : -read.value.inches });
}

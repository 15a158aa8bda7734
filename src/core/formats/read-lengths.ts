import { fromCentimetres, type Inches, parseLength, parseSignedLength, type Unit } from "../length";
import { fail, type Result, succeed } from "../result";
import { wordLengthProblem } from "../wording";
import type { OrderError } from "./order";

interface Field {
  readonly path: string;
  /** What the field is called in a sentence. */
  readonly label: string;
  readonly unit: Unit;
}

function fromNumber(value: number, field: Field, signed: boolean): Result<Inches, OrderError> {
  const typed = String(value);
  const problem = !Number.isFinite(value)
    ? "not-a-length"
    : signed || value > 0
      ? null
      : value === 0
        ? "zero"
        : "negative";
  if (problem !== null)
    return fail({ path: field.path, message: wordLengthProblem(field.label, { code: problem, typed }), nearest: null });
  return succeed(field.unit === "cm" ? fromCentimetres(value) : value);
}

function readLength(value: string | number, field: Field, signed: boolean): Result<Inches, OrderError> {
  if (typeof value === "number") return fromNumber(value, field, signed);
  const parsed = signed ? parseSignedLength(value, field.unit) : parseLength(value, field.unit);
  if (parsed.ok) return succeed(parsed.value.inches);
  return fail(
    ...parsed.issues.map((problem) => ({
      path: field.path,
      message: wordLengthProblem(field.label, problem),
      nearest: null,
    })),
  );
}

/** A length that must be more than nothing: a reading, a width of cloth. */
export function readPositiveLength(value: string | number, field: Field): Result<Inches, OrderError> {
  return readLength(value, field, false);
}

/** A length that may be nothing or less. */
export function readSignedLength(value: string | number, field: Field): Result<Inches, OrderError> {
  return readLength(value, field, true);
}

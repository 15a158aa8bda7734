export { formatLength, formatLengthWithUnit } from "./format";
export { fractionGlyphs } from "./glyphs";
export {
  type LengthProblem,
  type LengthProblemCode,
  lengthProblemCodes,
  parseLength,
  parseSignedLength,
  type TypedLength,
} from "./parse";
export { finestOn, readOnTape, type TapeReading } from "./tape";
export {
  isAtMost,
  roundDownToStep,
  roundToStep,
  roundUpToStep,
  type Tick,
  TRUEING_STEP,
  tickStep,
  ticks,
} from "./tick";
export {
  type BothUnits,
  both,
  CENTIMETRES_PER_INCH,
  fromCentimetres,
  type Inches,
  pickSystem,
  toCentimetres,
  type Unit,
} from "./units";

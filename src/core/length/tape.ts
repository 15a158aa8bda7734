import { roundToStep, type Tick, ticks } from "./tick";
import { CENTIMETRES_PER_INCH, type Inches } from "./units";

/** What a tape shows for a length: the tick to chalk at, or just past it. */
export interface TapeReading {
  readonly at: Inches;
  /** Half a tick further: "a hair more". */
  readonly hair: boolean;
}

const MILLIMETRE: Inches = 0.1 / CENTIMETRES_PER_INCH;
const SIXTEENTH: Inches = 1 / 16;

/** The finest length that is told apart on a tape: half its tick, or a millimetre on a metric one. */
export function finestOn(tick: Tick): Inches {
  if (tick === "0.5cm") return MILLIMETRE;
  return tick === "none" ? SIXTEENTH : ticks[tick].step / 2;
}

/**
 * A length as it is found on the tape: the nearest half tick, and an odd one as the tick below and a hair more
 * (craft: table, readings only on tape ticks). On metric tapes the millimetre, which they show.
 *
 * @returns within 1/32 of the length (1/16 with quarter ticks, ½ mm with metric ones)
 */
export function readOnTape(length: Inches, tick: Tick): TapeReading {
  const finest = finestOn(tick);
  const told = roundToStep(Math.abs(length), finest);
  const sign = length < 0 ? -1 : 1;
  if (tick === "0.5cm" || tick === "none") return { at: sign * told, hair: false };
  const below = Math.floor(told / ticks[tick].step + 1e-9) * ticks[tick].step;
  return { at: sign * below, hair: told - below > 1e-9 };
}

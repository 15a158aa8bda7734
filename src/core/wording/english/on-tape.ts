import { formatLengthWithUnit, type Inches, readOnTape, type Tick, type Unit } from "../../length";

/** Half a tick further, as a hand says it. */
export function sayHair(tick: Tick): string {
  return tick === "1/4" ? "half way to the next mark" : "a hair more";
}

/** A length as it is found on the shop's tape: `9¾ in, a hair more`. */
export function sayOnTape(length: Inches, unit: Unit, tick: Tick): string {
  const { at, hair } = readOnTape(length, tick);
  return `${formatLengthWithUnit(at, unit)}${hair ? `, ${sayHair(tick)}` : ""}`;
}

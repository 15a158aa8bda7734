import { formatLength, type Inches, readOnTape, type Tick, type Unit } from "@/core/length";
import { sayHair } from "@/core/wording";
import { Fractions } from "./fractions";

interface ReadingProps {
  readonly value: Inches;
  readonly unit: Unit;
  readonly withUnit?: boolean;
  /** The shop's tape: then the number stands on a tick of it, and "a hair more" beside it where it lies past one. */
  readonly tick?: Tick;
}

/** A length in the shop's unit, with a true fraction; nothing finer than a sixteenth or a millimetre. */
export function Reading({ value, unit, withUnit = false, tick }: ReadingProps) {
  const told = tick === undefined ? { at: value, hair: false } : readOnTape(value, tick);
  return (
    <>
      <span className="whitespace-nowrap">
        <Fractions text={formatLength(told.at, unit)} />
        {withUnit && <span className="ml-1 text-[0.6em] font-normal">{unit}</span>}
      </span>
      {told.hair && tick !== undefined && (
        <span className="ml-[0.3em] text-[max(0.45em,13px)] font-normal leading-none">{sayHair(tick)}</span>
      )}
    </>
  );
}

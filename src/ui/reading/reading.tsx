import { formatLength, type Inches, type Unit } from "@/core/length";
import { Fractions } from "./fractions";

interface ReadingProps {
  readonly value: Inches;
  readonly unit: Unit;
  readonly withUnit?: boolean;
}

/** A tape reading in the shop's unit, with a true fraction. */
export function Reading({ value, unit, withUnit = false }: ReadingProps) {
  return (
    <span className="whitespace-nowrap">
      <Fractions text={formatLength(value, unit)} />
      {withUnit && <span className="ml-1 text-[0.6em] font-normal">{unit}</span>}
    </span>
  );
}

import { type MeasurementId, measurements } from "@/core/body";
import type { Inches, Unit } from "@/core/length";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";

interface CardFieldProps {
  readonly id: MeasurementId;
  readonly unit: Unit;
  readonly typed: string;
  /** What the text was understood as; missing while it is none. */
  readonly understood: Inches | undefined;
  readonly error: string | undefined;
  readonly doubt: string | undefined;
  /** What stands in when it is not taken, in words. */
  readonly standIn: string | undefined;
  readonly onType: (text: string) => void;
}

/** One reading: where the tape goes, as typed, as understood, and the doubt beside it. */
export function CardField({ id, unit, typed, understood, error, doubt, standIn, onType }: CardFieldProps) {
  const { label, taken } = measurements[id];
  const unread = typed.trim() !== "" && understood === undefined;
  const message = error ?? (unread ? "Not understood yet. Write a length like 38 1/2 or 97,5 cm." : (doubt ?? standIn));
  return (
    <div>
      <label htmlFor={id} className="font-semibold">
        {label}
      </label>
      <p id={`${id}-taken`} className="text-sm text-ink-soft">
        {taken}
      </p>
      <div className="flex items-center gap-3">
        <input
          id={id}
          name={id}
          className="field"
          value={typed}
          autoComplete="off"
          inputMode="text"
          aria-describedby={`${id}-taken ${id}-said`}
          aria-invalid={error !== undefined}
          onChange={(event) => onType(event.target.value)}
        />
        <span className="min-w-20 text-2xl font-semibold" aria-hidden="true">
          {understood !== undefined && <Reading value={understood} unit={unit} withUnit />}
        </span>
      </div>
      <p id={`${id}-said`} className={`text-sm ${error === undefined ? "text-next-deep" : "font-semibold text-wrong"}`}>
        {message !== undefined && <Fractions text={message} />}
      </p>
    </div>
  );
}

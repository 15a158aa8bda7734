import { memo } from "react";
import { type FigureKind, type MeasurementId, measurementLabel, measurementTaken } from "@/core/body";
import type { Inches, Unit } from "@/core/length";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";

interface CardFieldProps {
  readonly id: MeasurementId;
  readonly unit: Unit;
  /** Whose card it is: what the reading is called follows it. */
  readonly figure: FigureKind;
  readonly typed: string;
  /** What the text was understood as; missing while it is none. */
  readonly understood: Inches | undefined;
  /** The same reading on the last card. */
  readonly before: Inches | undefined;
  readonly error: string | undefined;
  /** Why what is typed is no reading: what was understood, and the likely slip. */
  readonly unreadBecause: string | undefined;
  readonly doubt: string | undefined;
  /** What stands in when it is not taken, in words. */
  readonly standIn: string | undefined;
  readonly onType: (id: MeasurementId, text: string) => void;
  readonly onFocus: (id: MeasurementId) => void;
}

/** How a reading reads: where it stands beside the last card's. */
function Understood({ understood, before, unit }: Pick<CardFieldProps, "understood" | "before" | "unit">) {
  return (
    <span className="w-24 shrink-0 leading-tight">
      <span className="block text-2xl font-semibold" aria-hidden="true">
        {understood !== undefined && <Reading value={understood} unit={unit} withUnit />}
      </span>
      {before !== undefined && (
        <span className="block text-sm text-ink-soft">
          last <Reading value={before} unit={unit} />
        </span>
      )}
    </span>
  );
}

/** One reading: as typed, as understood, and the doubt beside it. A reading taken again follows a semicolon. */
export const CardField = memo(function CardField(props: CardFieldProps) {
  const { id, figure, typed, understood, error, unreadBecause, doubt, standIn, onType, onFocus } = props;
  const [label, taken] = [measurementLabel(id, figure), measurementTaken(id, figure)];
  const unread = typed.trim() !== "" && understood === undefined;
  const message = error ?? (unread ? unreadBecause : (doubt ?? standIn));
  return (
    <div className="border-b border-card-deep pb-2">
      <label htmlFor={id} className="block pb-1 font-semibold">
        {label}
      </label>
      <p id={`${id}-taken`} className="sr-only">
        {taken}
      </p>
      <div className="flex items-center gap-3">
        <input
          id={id}
          name={id}
          className="field min-w-0 flex-1"
          value={typed}
          autoComplete="off"
          inputMode="text"
          aria-describedby={`${id}-taken ${id}-said`}
          aria-invalid={error !== undefined}
          onFocus={() => onFocus(id)}
          onChange={(event) => onType(id, event.target.value)}
        />
        <Understood {...props} understood={understood} />
        <button
          type="button"
          tabIndex={-1}
          className={`button px-3 ${typed.trim() === "" ? "invisible" : ""}`}
          aria-label={`${label}: taken again`}
          disabled={typed.trim() === ""}
          onClick={() => {
            onType(id, `${typed.replace(/[;\s]+$/, "")}; `);
            document.getElementById(id)?.focus();
          }}
        >
          again
        </button>
      </div>
      <p id={`${id}-said`} className={`text-sm ${error === undefined ? "text-next-deep" : "font-semibold text-wrong"}`}>
        {message !== undefined && <Fractions text={message} />}
      </p>
    </div>
  );
});

import type { CutSheet } from "@/core/formats";
import { namePiece } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";

/** The step list on paper: a box to tick, the number, the words; clean in black and white. */
export function PrintedList({ sheet }: { readonly sheet: CutSheet }) {
  return (
    <ol>
      {sheet.steps.map((step) => (
        <li
          key={step.id}
          className={`flex break-inside-avoid gap-3 border-b border-line py-1.5 ${step.stopUntil === null ? "" : "border-y-4 border-ink"}`}
        >
          <span className="mt-1 inline-block size-4 shrink-0 border border-ink" aria-hidden="true" />
          <span className="min-w-0 flex-1">
            <strong>{step.title}</strong> <span className="text-sm">({namePiece(step.group)})</span>
            <br />
            <Fractions text={step.text} /> {step.caution !== null && <em>{step.caution}</em>}
          </span>
          {step.reading !== null && step.act !== "edge" && (
            <span className="text-right text-xl font-bold">
              <Reading value={step.reading} unit={sheet.unit} />
              {step.cutReading !== null && (
                <span className="block text-sm font-normal">
                  cut <Reading value={step.cutReading} unit={sheet.unit} />
                  {step.cutFrom !== undefined && " from the edge"}
                </span>
              )}
            </span>
          )}
        </li>
      ))}
    </ol>
  );
}

import type { CutSheet, SheetStep } from "@/core/formats";
import { isMeasured, sheetTick } from "@/core/formats";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";

interface ListSlipProps {
  readonly sheet: CutSheet;
  readonly title: string;
  readonly steps: readonly SheetStep[];
  readonly done: ReadonlySet<string>;
  readonly onTick: (steps: readonly string[]) => void;
}

/** Several small things on one screen, each with its number and a tick of its own: folding, notches, a strip. */
export function ListSlip({ sheet, title, steps, done, onTick }: ListSlipProps) {
  const cautions = [...new Set(steps.flatMap(({ caution }) => caution ?? []))];
  const pieces = new Set(steps.map(({ piece }) => piece));
  return (
    <>
      <h2 className="text-2xl lg:text-3xl">{title}</h2>
      <ul aria-label={title}>
        {steps.map((step) => (
          <li key={step.id} className="border-b border-cloth-under">
            <button
              type="button"
              aria-pressed={done.has(step.id)}
              onClick={() => onTick([step.id])}
              className={`flex w-full items-center gap-4 rounded-lg px-2 py-2 text-left hover:bg-cloth ${done.has(step.id) ? "opacity-60" : ""}`}
            >
              {isMeasured(step) && step.reading !== null && (
                <span className="min-w-[2.2em] shrink-0 text-[56px] font-bold leading-none">
                  <Reading value={step.reading} unit={sheet.unit} tick={sheetTick(sheet)} />
                </span>
              )}
              <span className="min-w-0">
                <span className="block text-xl font-semibold">
                  {step.title}
                  {pieces.size > 1 && (
                    <span className="font-normal">
                      , {sheet.pieces.find(({ id }) => id === step.piece)?.name.toLowerCase()}
                    </span>
                  )}
                  {done.has(step.id) && <span className="sr-only"> (done)</span>}
                </span>
                <span className="block text-lg leading-snug text-chalk-soft">
                  <Fractions text={step.text} />
                </span>
              </span>
            </button>
          </li>
        ))}
      </ul>
      {cautions.map((caution) => (
        <p key={caution} className="text-lg font-semibold text-lantern">
          Careful: {caution}
        </p>
      ))}
    </>
  );
}

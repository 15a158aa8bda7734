import { type CutSheet, isMeasured, type SheetStep, sheetTick, tellTerms } from "@/core/formats";
import { DotList } from "@/ui/reading/dot-list";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";
import { sayDirection } from "@/ui/reading/say-direction";

/** The sum of a reading, one term after another, small enough to stay out of the number's way. */
function SumLine({ step, unit }: { readonly step: SheetStep; readonly unit: CutSheet["unit"] }) {
  if (step.terms.length < 2) return null;
  return (
    <details className="max-w-3xl">
      <summary className="inline-block min-h-12 content-center text-lg text-chalk-soft underline underline-offset-4">
        How it adds up
      </summary>
      <p className="flex flex-wrap gap-x-3 text-xl">
        {tellTerms(step.terms, step.reading ?? 0, unit).map((term) => (
          <span key={`${term.source}-${term.label}`}>
            {term.value < 0 ? "" : "+ "}
            <strong>
              <Reading value={term.value} unit={unit} />
            </strong>{" "}
            <span className="text-chalk-soft">
              <Fractions text={term.label} />
            </span>
          </span>
        ))}
      </p>
    </details>
  );
}

/** What to do now, the number as large as the screen allows. */
export function TableReading({ sheet, step }: { readonly sheet: CutSheet; readonly step: SheetStep }) {
  const measured = isMeasured(step);
  const edge =
    step.act === "edge"
      ? sheet.pieces.find(({ id }) => id === step.piece)?.edges.find(({ id }) => id === step.edge)
      : undefined;
  return (
    <>
      <h2 className={measured ? "text-3xl lg:text-4xl" : "text-5xl lg:text-6xl"}>{step.title}</h2>
      {measured && step.reading !== null && (
        <p className="text-[clamp(120px,21vw,240px)] font-bold leading-none text-chalk">
          <Reading value={step.reading} unit={sheet.unit} withUnit tick={sheetTick(sheet)} />
        </p>
      )}
      {measured && <p className="text-2xl font-semibold text-lantern lg:text-3xl">{sayDirection(step)}</p>}
      {step.cutReading !== null && (
        <p className="text-3xl lg:text-5xl">
          then cut at{" "}
          <strong>
            <Reading value={step.cutReading} unit={sheet.unit} withUnit tick={sheetTick(sheet)} />
          </strong>
          {step.cutFrom !== undefined && " from the cloth’s edge"}
        </p>
      )}
      <p className="max-w-3xl text-xl text-chalk-soft lg:text-2xl">
        <Fractions text={step.text} />
      </p>
      {measured && <SumLine step={step} unit={sheet.unit} />}
      {edge !== undefined && (
        <div className="max-w-[calc(100vw-2rem)] text-xl lg:max-w-[60vw]">
          <DotList edge={edge} unit={sheet.unit} tick={sheetTick(sheet)} />
        </div>
      )}
      {step.caution !== null && <p className="max-w-3xl text-xl font-semibold text-lantern">Careful: {step.caution}</p>}
    </>
  );
}

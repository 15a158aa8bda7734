import type { CutSheet, SheetStep } from "@/core/formats";
import { DotList } from "@/ui/reading/dot-list";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";
import { sayDirection } from "@/ui/sheet/reading-in-hand";

/** Steps whose number is the thing to chalk; others are told in words. */
const MEASURED = new Set([
  "top-line",
  "zip-line",
  "guide-line",
  "mark",
  "centre-mark",
  "plumb",
  "drop",
  "scoop",
  "lengthen",
  "allowance",
  "fold-in",
  "fold-again",
  "notch",
]);

/** What to do now, the number as large as the screen allows. */
export function TableReading({ sheet, step }: { readonly sheet: CutSheet; readonly step: SheetStep }) {
  const measured = step.reading !== null && step.reading > 0 && MEASURED.has(step.act);
  const edge =
    step.act === "edge"
      ? sheet.pieces.find(({ id }) => id === step.piece)?.edges.find(({ id }) => id === step.edge)
      : undefined;
  return (
    <>
      <h2 className={measured ? "text-3xl lg:text-4xl" : "text-5xl lg:text-6xl"}>{step.title}</h2>
      {measured && step.reading !== null && (
        <p className="text-[clamp(120px,21vw,260px)] font-bold leading-none text-chalk">
          <Reading value={step.reading} unit={sheet.unit} withUnit />
        </p>
      )}
      {measured && <p className="text-2xl font-semibold text-lantern lg:text-3xl">{sayDirection(step)}</p>}
      {step.cutReading !== null && (
        <p className="text-3xl lg:text-5xl">
          then cut at{" "}
          <strong>
            <Reading value={step.cutReading} unit={sheet.unit} withUnit />
          </strong>
        </p>
      )}
      <p className="max-w-3xl text-xl text-chalk-soft lg:text-2xl">
        <Fractions text={step.text} />
      </p>
      {edge !== undefined && (
        <div className="max-w-[calc(100vw-2rem)] text-xl lg:max-w-[60vw]">
          <DotList edge={edge} unit={sheet.unit} />
        </div>
      )}
      {step.caution !== null && <p className="max-w-3xl text-xl font-semibold text-lantern">Careful: {step.caution}</p>}
    </>
  );
}

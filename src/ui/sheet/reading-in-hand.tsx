import { type CutSheet, type SheetStep, sheetTick } from "@/core/formats";
import { WordsHere } from "@/ui/help/words-here";
import { DotList } from "@/ui/reading/dot-list";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";
import { sayDirection } from "@/ui/reading/say-direction";
import { SumStrip } from "@/ui/reading/sum-strip";

/** The step in hand: its reading large, where from and which way, unfolded into its sum. */
export function ReadingInHand({ sheet, step }: { readonly sheet: CutSheet; readonly step: SheetStep }) {
  const piece = sheet.pieces.find(({ id }) => id === step.piece);
  const mark = piece?.marks.find(({ id }) => id === step.marks[0]);
  const edge = step.act === "edge" ? piece?.edges.find(({ id }) => id === step.edge) : undefined;
  const summed = step.terms.length > 0 && step.act !== "edge";
  return (
    // On a phone a long one scrolls in itself, so it must be reachable by keyboard.
    <section
      aria-label="The reading in hand"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: see above
      tabIndex={0}
      className="fold-edge slip sticky bottom-0 z-20 flex max-h-[48dvh] flex-wrap items-center gap-x-6 gap-y-2 overflow-y-auto px-4 py-3 lg:max-h-none lg:overflow-visible"
    >
      <div className="min-w-52">
        <p className="text-sm text-ink-soft">{[piece?.name, sayDirection(step)].filter(Boolean).join(" · ")}</p>
        <p className="flex items-baseline gap-3">
          <span className="font-head text-xl font-semibold">{step.title}</span>
          {summed && step.reading !== null && (
            <span className="text-5xl font-bold">
              <Reading value={step.reading} unit={sheet.unit} withUnit tick={sheetTick(sheet)} />
            </span>
          )}
        </p>
      </div>
      <div className="min-w-0 basis-full sm:flex-1 sm:basis-0">
        {summed ? (
          <SumStrip
            terms={step.terms}
            cutTerms={step.cutFrom === undefined ? (mark?.cutTerms ?? []) : []}
            total={step.reading ?? 0}
            cut={step.cutFrom === undefined ? step.cutReading : null}
            unit={sheet.unit}
          />
        ) : (
          <Fractions text={step.text} />
        )}
        {edge !== undefined && <DotList edge={edge} unit={sheet.unit} tick={sheetTick(sheet)} />}
        <div className="hidden pt-1 sm:block">
          {step.why !== null && <p className="text-sm text-ink-soft">Why: {step.why}</p>}
          <WordsHere key={step.id} text={`${step.title}. ${step.text} ${step.why ?? ""}`} />
        </div>
      </div>
    </section>
  );
}

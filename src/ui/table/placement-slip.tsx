import type { CutSheet, SheetPlacement, SheetReading } from "@/core/formats";
import { sheetTick } from "@/core/formats";
import { formatLength } from "@/core/length";
import { namePlacement, nameReading, partActs, sayActs, sayBeside, sayHair, sayTape } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";

/** Readings are as large as their number allows: seen from two metres where one is, from arm's length where many are. */
function sizeOf(count: number): string {
  if (count === 1) return "text-[clamp(96px,13vw,160px)]";
  return count <= 3 ? "text-[clamp(72px,7vw,92px)]" : "text-[56px]";
}

interface RowProps {
  readonly sheet: CutSheet;
  readonly placement: SheetPlacement;
  readonly reading: SheetReading;
  readonly ticked: boolean;
  readonly inHand: boolean;
  readonly onTick: () => void;
}

function ReadingRow({ sheet, placement, reading, ticked, inHand, onTick }: RowProps) {
  const tick = sheetTick(sheet);
  const beside = sayBeside(reading, placement, sheet.unit, tick);
  const cut = reading.is === "cut";
  const name = nameReading(reading, placement);
  return (
    <li>
      <button
        type="button"
        aria-pressed={ticked}
        aria-current={inHand ? "true" : undefined}
        onClick={onTick}
        className={`flex w-full items-center gap-x-4 rounded-lg border-l-8 px-2 text-left hover:bg-cloth ${inHand ? "border-lantern bg-cloth" : "border-transparent"} ${ticked ? "opacity-60" : ""}`}
      >
        <span
          className={`shrink-0 font-bold leading-none ${sizeOf(placement.readings.length)} ${cut ? "text-lantern" : "text-chalk"} ${placement.readings.length > 3 ? "min-w-[2.1em]" : "min-w-[1.6em]"}`}
        >
          <Fractions text={formatLength(reading.at, sheet.unit)} />
        </span>
        <span className="min-w-0 text-xl leading-tight">
          {reading.hair && <strong className="block text-lantern">{sayHair(tick)}</strong>}
          {cut ? <strong>{name.replace(/^cut, /, "cut at: ")}</strong> : name}
          {beside !== "" && (
            <span className="block text-base text-chalk-soft">
              <Fractions text={beside} />
            </span>
          )}
          {ticked && <span className="sr-only"> (chalked)</span>}
        </span>
      </button>
    </li>
  );
}

function ActList({ title, acts }: { readonly title: string; readonly acts: readonly string[] }) {
  if (acts.length === 0) return null;
  return (
    <div className="border-t-2 border-cloth-under pt-2 text-lg leading-snug">
      <h3 className="text-base font-normal text-chalk-soft">{title}</h3>
      <ul className="list-inside list-disc marker:text-lantern">
        {acts.map((said) => (
          <li key={said}>
            <Fractions text={said} />
          </li>
        ))}
      </ul>
    </div>
  );
}

interface PlacementSlipProps {
  readonly sheet: CutSheet;
  readonly placement: SheetPlacement;
  readonly done: ReadonlySet<string>;
  /** The reading that the voice waits at; null where it is silent. */
  readonly inHand: number | null;
  readonly onTick: (steps: readonly string[]) => void;
}

/** One laying of the tape: where it starts once, every reading with its name, and what is drawn when it is gone. */
export function PlacementSlip({ sheet, placement, done, inHand, onTick }: PlacementSlipProps) {
  const [first, then] = partActs(placement.then).map((acts) => sayActs(acts, sheet.unit, sheetTick(sheet)));
  return (
    <>
      <div>
        <h2 className="text-2xl lg:text-3xl">{namePlacement(placement)}</h2>
        <p className="text-xl font-semibold text-lantern">{sayTape(placement)}</p>
      </div>
      <ActList title="First" acts={first ?? []} />
      <ul aria-label="Readings on this tape">
        {placement.readings.map((reading, index) => {
          const steps = reading.made.map(({ step }) => step);
          return (
            <ReadingRow
              key={`${reading.at} ${reading.names.join(" ")} ${reading.made[0]?.piece}`}
              sheet={sheet}
              placement={placement}
              reading={reading}
              ticked={steps.every((step) => done.has(step))}
              inHand={index === inHand}
              onTick={() => onTick(steps)}
            />
          );
        })}
      </ul>
      <ActList title="Then, the tape away" acts={then ?? []} />
    </>
  );
}

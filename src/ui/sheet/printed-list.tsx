import {
  type CutSheet,
  lookOf,
  makingOf,
  type SheetPlacement,
  type SheetStep,
  sheetTick,
  tableScreens,
} from "@/core/formats";
import { namePiece, namePlacement, nameReading, partActs, sayActs, sayBeside, sayTape, sayTick } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";

const row = "flex break-inside-avoid gap-3 border-b border-line py-1.5";

function Box() {
  return <span className="mt-1 inline-block size-4 shrink-0 border border-ink" aria-hidden="true" />;
}

function PrintedStep({ sheet, step }: { readonly sheet: CutSheet; readonly step: SheetStep }) {
  return (
    <li className={`${row} ${step.stopUntil === "separated" ? "border-y-4 border-ink" : ""}`}>
      <Box />
      <span className="min-w-0 flex-1">
        <strong>{step.title}</strong>
        {step.phase !== "style" && step.phase !== "count" && step.phase !== "make" && (
          <span className="text-sm"> ({namePiece(step.group)})</span>
        )}
        <br />
        <Fractions text={step.text} /> {step.caution !== null && <em>{step.caution}</em>}
        {(step.lengths ?? []).map((length) => (
          <span key={length.id} className="mr-4 inline-block whitespace-nowrap">
            {length.name}{" "}
            <strong>
              <Reading value={length.expected} unit={sheet.unit} tick={sheetTick(sheet)} />
            </strong>{" "}
            ____
          </span>
        ))}
      </span>
      {step.reading !== null && lookOf(step.act).number && (
        <span className="text-right text-xl font-bold">
          <Reading value={step.reading} unit={sheet.unit} tick={sheetTick(sheet)} />
        </span>
      )}
    </li>
  );
}

/** One laying of the tape: its readings in a row, and what is drawn then. */
function PrintedPlacement({ sheet, placement }: { readonly sheet: CutSheet; readonly placement: SheetPlacement }) {
  const tick = sheetTick(sheet);
  const [first, then] = partActs(placement.then);
  return (
    <li className={row}>
      <Box />
      <span className="min-w-0 flex-1">
        <strong>{namePlacement(placement)}</strong>{" "}
        <span className="text-sm">
          ({namePiece(placement.group)}) {sayTape(placement)}
        </span>
        <span className="block text-sm">
          <Fractions text={sayActs(first, sheet.unit, tick).join(" ")} />
        </span>
        <span className="flex flex-wrap gap-x-5">
          {placement.readings.map((reading) => (
            <span key={`${reading.at} ${reading.names.join(" ")} ${reading.made[0]?.piece}`}>
              <strong className="text-xl">
                <Fractions text={sayTick(reading, sheet.unit, tick)} />
              </strong>{" "}
              <Fractions
                text={[nameReading(reading, placement), sayBeside(reading, placement, sheet.unit, tick)]
                  .filter(Boolean)
                  .join(", ")}
              />
            </span>
          ))}
        </span>
        <span className="text-sm">
          <Fractions text={sayActs(then, sheet.unit, tick).join(" ")} />
        </span>
      </span>
    </li>
  );
}

/** The work on paper: a box to tick for each laying of the tape, its numbers, the words; clean in black and white. */
export function PrintedList({ sheet }: { readonly sheet: CutSheet }) {
  return (
    <>
      <ol>
        {tableScreens(sheet, "placements").flatMap(({ id, placement, steps }) =>
          placement === null
            ? steps.map((step) => <PrintedStep key={step.id} sheet={sheet} step={step} />)
            : [<PrintedPlacement key={id} sheet={sheet} placement={placement} />],
        )}
      </ol>
      <h2 className="mt-6 break-after-avoid text-xl">After the cut</h2>
      <ol>
        {makingOf(sheet).map((step) => (
          <PrintedStep key={step.id} sheet={sheet} step={step} />
        ))}
      </ol>
    </>
  );
}

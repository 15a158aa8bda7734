import type { Compared, MarkChange, SheetComparison } from "@/core/formats";
import { formatLength, roundToStep, type Unit } from "@/core/length";
import { nameGirth, nameLine, nameMark, namePiece } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";

/** Moves are said as finely as the tape shows: eighths of an inch, or half centimetres. */
const FINE: Readonly<Record<Unit, number>> = { in: 1 / 8, cm: 0.5 / 2.54 };

/** How far something moved, as a tailor says it: `+ ⅜`, `− 1`, or that it is less than the tape shows. */
export function sayMove({ before, after }: Compared, unit: Unit): string {
  if (before === null || after === null) return before === null ? "new" : "gone";
  const move = after - before;
  const said = roundToStep(Math.abs(move), FINE[unit]);
  if (move === 0) return "stays";
  if (said === 0) return "less than the tape shows";
  return `${move > 0 ? "+" : "−"} ${formatLength(said, unit)}`;
}

function Value({ value, unit }: { readonly value: number | null; readonly unit: Unit }) {
  return value === null ? <span className="text-ink-soft">none</span> : <Reading value={value} unit={unit} />;
}

function nameChange({ kind, mark }: MarkChange): string {
  if (kind === "arc") return `Radius of the ${mark === "arc inner" ? "inner" : "outer"} line`;
  if (kind === "strip") return mark === "length" ? "Length of the strip" : "Depth of the strip";
  return kind === "line" ? nameLine(mark) : nameMark(mark);
}

const cell = "px-2 py-1.5 text-lg whitespace-nowrap";

function Row({ name, compared, unit }: { readonly name: string; readonly compared: Compared; readonly unit: Unit }) {
  return (
    <tr className="border-b border-card-deep">
      <th scope="row" className="py-1.5 pr-2 text-left font-normal first-letter:uppercase">
        {name}
      </th>
      <td className={cell}>
        <Value value={compared.before} unit={unit} />
      </td>
      <td className={cell}>
        <Value value={compared.after} unit={unit} />
      </td>
      <td className={`${cell} font-bold`}>
        <Fractions text={sayMove(compared, unit)} />
      </td>
    </tr>
  );
}

function Head({ caption, first }: { readonly caption: string; readonly first: string }) {
  return (
    <>
      <caption className="pb-1 text-left font-head text-lg font-semibold first-letter:uppercase">{caption}</caption>
      <thead>
        <tr className="border-b border-line text-left text-sm">
          {[first, "Before", "After", "Moves"].map((name) => (
            <th key={name} scope="col" className="py-1 pr-2 font-semibold">
              {name}
            </th>
          ))}
        </tr>
      </thead>
    </>
  );
}

/** A mark that moved, and where only its cutting line moved, that one. */
function MarkRows({ change, unit }: { readonly change: MarkChange; readonly unit: Unit }) {
  const sewn = change.before !== change.after;
  return sewn ? (
    <Row name={nameChange(change)} compared={change} unit={unit} />
  ) : (
    <Row name={`${nameChange(change)}, cutting line`} compared={change.cut} unit={unit} />
  );
}

interface ComparisonTableProps {
  readonly comparison: SheetComparison;
  readonly unit: Unit;
  /** What is said when nothing moves. */
  readonly whenStill: string;
}

/** What moves, mark by mark, in eighths; then the girths and the cloth. */
export function ComparisonTable({ comparison, unit, whenStill }: ComparisonTableProps) {
  const { marks, girths, gone, added, cloth, unmoved } = comparison;
  const pieces = [...new Set(marks.map(({ piece }) => piece))];
  return (
    <div className="space-y-5">
      <p role="status" className="text-lg">
        {marks.length === 0 && gone.length + added.length === 0 ? (
          whenStill
        ) : (
          <>
            <strong>{marks.length}</strong> {marks.length === 1 ? "mark moves" : "marks move"}, {unmoved} stay. Cloth:{" "}
            {cloth.before === cloth.after
              ? `${cloth.after} ${cloth.unit} as before`
              : `${cloth.after} ${cloth.unit} in place of ${cloth.before}`}
            .
          </>
        )}
      </p>
      {added.length > 0 && <p>New pieces: {added.map(namePiece).join(", ")}.</p>}
      {gone.length > 0 && <p>Pieces no longer cut: {gone.map(namePiece).join(", ")}.</p>}
      {girths.length > 0 && (
        <table className="w-full border-collapse">
          <Head caption="Finished girths" first="Girth" />
          <tbody>
            {girths.map((girth) => (
              <Row key={girth.on} name={nameGirth(girth.line, girth.on)} compared={girth} unit={unit} />
            ))}
          </tbody>
        </table>
      )}
      {pieces.map((piece) => (
        <table key={piece} className="w-full border-collapse">
          <Head caption={namePiece(piece)} first="Mark" />
          <tbody>
            {marks
              .filter((change) => change.piece === piece)
              .map((change) => (
                <MarkRows key={change.mark} change={change} unit={unit} />
              ))}
          </tbody>
        </table>
      ))}
    </div>
  );
}

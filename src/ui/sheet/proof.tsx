import { type CutSheet, sheetTick } from "@/core/formats";
import { formatLengthWithUnit, type Tick } from "@/core/length";
import { isRuleId, ruleDefinition } from "@/core/rules";
import { nameGirth, nameLine, namePiece, nameSeam } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";
import { Checks } from "./checks";

const cell = "px-2 py-2 text-lg";

function TableHead({ caption, columns }: { readonly caption: string; readonly columns: readonly string[] }) {
  return (
    <>
      <caption className="pb-1 text-left font-head font-semibold">{caption}</caption>
      <thead>
        <tr className="border-b border-line">
          {columns.map((name) => (
            <th key={name} scope="col" className="px-2 py-1 text-left text-sm font-semibold">
              {name}
            </th>
          ))}
        </tr>
      </thead>
    </>
  );
}

function Girths({ sheet }: { readonly sheet: CutSheet }) {
  return (
    <table className="w-full border-collapse">
      <TableHead
        caption="Finished girths, whole body"
        columns={["", "Body", "Ease", "Wanted", "On the cloth", "A quarter"]}
      />
      <tbody>
        {sheet.girths.map((girth) => (
          <tr key={girth.on} className="border-b border-card-deep">
            <th scope="row" className="px-2 py-2 text-left font-semibold first-letter:uppercase">
              {nameGirth(girth.line)}
              {girth.on !== girth.line && (
                <span className="block text-sm font-normal">on the {nameLine(girth.on)}</span>
              )}
            </th>
            <td className={cell}>
              <Reading value={girth.body} unit={sheet.unit} tick={sheetTick(sheet)} />
            </td>
            <td className={cell}>
              <Reading value={girth.ease} unit={sheet.unit} tick={sheetTick(sheet)} />
              {girth.declared !== 0 && (
                <span className="block text-sm text-ink-soft">
                  and <Reading value={girth.declared} unit={sheet.unit} tick={sheetTick(sheet)} />, said openly
                </span>
              )}
            </td>
            <td className={cell}>
              <Reading value={girth.wanted} unit={sheet.unit} tick={sheetTick(sheet)} />
            </td>
            <td className={`${cell} font-bold`}>
              <Reading value={girth.drawn} unit={sheet.unit} tick={sheetTick(sheet)} />
              <span className="block text-sm font-normal text-ink-soft">
                within <Reading value={girth.tolerance} unit={sheet.unit} tick={sheetTick(sheet)} />
              </span>
            </td>
            <td className={cell}>
              <Reading value={girth.quarter} unit={sheet.unit} tick={sheetTick(sheet)} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Lengths of a seam above and below its notch, where each part must meet by itself. */
function Parts({
  lengths,
  unit,
  tick,
}: {
  readonly lengths: readonly number[];
  readonly unit: CutSheet["unit"];
  readonly tick: Tick;
}) {
  const [above, below] = lengths;
  if (above === undefined || below === undefined) return null;
  return (
    <span className="block text-sm text-ink-soft">
      <Reading value={above} unit={unit} tick={tick} /> · <Reading value={below} unit={unit} tick={tick} />
    </span>
  );
}

function Seams({ sheet }: { readonly sheet: CutSheet }) {
  return (
    <table className="w-full border-collapse">
      <TableHead caption="Seams that meet, stitched lengths" columns={["", "One side", "Other side", "Meets"]} />
      <tbody>
        {sheet.seams.map((seam) => (
          <tr key={seam.id} className="border-b border-card-deep">
            <th scope="row" className="px-2 py-2 text-left font-semibold first-letter:uppercase">
              {nameSeam(seam.id)}
              {seam.parts.length === 2 && <span className="block text-sm font-normal">above · below the bust</span>}
            </th>
            <td className={cell}>
              <Reading value={seam.lengthA} unit={sheet.unit} tick={sheetTick(sheet)} />
              <Parts lengths={seam.parts.map(({ lengthA }) => lengthA)} unit={sheet.unit} tick={sheetTick(sheet)} />
            </td>
            <td className={cell}>
              <Reading value={seam.lengthB} unit={sheet.unit} tick={sheetTick(sheet)} />
              <Parts lengths={seam.parts.map(({ lengthB }) => lengthB)} unit={sheet.unit} tick={sheetTick(sheet)} />
            </td>
            <td className={cell}>{seam.meets ? "yes" : "no"}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Ledger({ sheet }: { readonly sheet: CutSheet }) {
  if (sheet.ledger.length === 0) return null;
  return (
    <section>
      <h2 className="pb-1">Taken out, given back</h2>
      <ul>
        {sheet.ledger.map((row) => (
          <li key={`${row.piece}-${row.line}-${row.why}`} className="border-b border-card-deep px-2 py-2">
            {row.why}, {nameLine(row.line)} of the {namePiece(row.piece)}:{" "}
            <Reading value={row.removed} unit={sheet.unit} tick={sheetTick(sheet)} /> out,{" "}
            <Reading value={row.givenBack} unit={sheet.unit} tick={sheetTick(sheet)} /> back
            {row.declared && <strong> · said openly</strong>}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A rule's value on a sheet, in words. */
function sayValue(value: string | number | boolean, unit: CutSheet["unit"]): string {
  if (typeof value === "number") return formatLengthWithUnit(value, unit);
  return typeof value === "boolean" ? (value ? "yes" : "no") : value;
}

/** Rules that are not the set's: changed for this order, or the shop's own. */
function ChangedRules({ sheet }: { readonly sheet: CutSheet }) {
  const from = { order: "this order", "own-set": String(sheet.order.rules?.setName ?? "our own set") };
  const changed = Object.entries(sheet.resolved.rules).filter(([, rule]) => Object.hasOwn(from, rule.from));
  if (changed.length === 0) return null;
  return (
    <section>
      <h2 className="pb-1">Rules changed</h2>
      <ul>
        {changed.map(([id, rule]) => (
          <li key={id} className="border-b border-card-deep px-2 py-2">
            {isRuleId(id) ? ruleDefinition(id).label : id}:{" "}
            <strong>
              <Fractions text={sayValue(rule.value, sheet.unit)} />
            </strong>{" "}
            · {from[rule.from as keyof typeof from]}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The proof that it will fit together: checks, finished girths, seams, ledger. */
export function Proof({ sheet }: { readonly sheet: CutSheet }) {
  return (
    <div className="space-y-6 p-3">
      <Checks checks={sheet.checks} />
      <Girths sheet={sheet} />
      <Seams sheet={sheet} />
      {sheet.rounds.neck > 0 && (
        <p className="px-2">
          Neck <Reading value={sheet.rounds.neck} unit={sheet.unit} withUnit tick={sheetTick(sheet)} /> round · armhole,
          sewn, <Reading value={sheet.rounds.armhole} unit={sheet.unit} withUnit tick={sheetTick(sheet)} />
        </p>
      )}
      <Ledger sheet={sheet} />
      <ChangedRules sheet={sheet} />
    </div>
  );
}

import { type CutSheet, type TableScreen, tableSteps } from "@/core/formats";
import { ticksSaid } from "@/ui/progress/ticks-said";
import type { TicksKept } from "@/ui/progress/use-progress";
import { BackToSheet } from "@/ui/shell/back-to-sheet";
import { type TableTool, TableTools } from "./table-tools";

interface TableHeadProps {
  readonly orderId: string;
  readonly sheet: CutSheet;
  readonly screens: readonly TableScreen[];
  readonly index: number;
  readonly done: ReadonlySet<string>;
  readonly kept: TicksKept;
  readonly tools: readonly TableTool[];
}

/** Ticks of steps that this sheet does not have: of another garment, or drawn before a change. */
export function straysOf(sheet: CutSheet, done: ReadonlySet<string>): number {
  const own = new Set(tableSteps(sheet).map(({ id }) => id));
  return [...done].filter((id) => !own.has(id) && !/^(style|count|make)-/.test(id)).length;
}

/** Which part of the work a screen belongs to: its pieces, or what comes before and after all of them. */
function saidOf({ kind, group: id }: TableScreen, sheet: CutSheet): string {
  if (kind === "style") return "Before the chalk";
  if (kind === "count") return "After the cut";
  const group = sheet.groups.find((one) => one.id === id);
  const names = (group?.pieces ?? []).flatMap((piece) => sheet.pieces.filter((one) => one.id === piece));
  return names.map(({ name }, index) => (index === 0 ? name : name.toLowerCase())).join(" and ");
}

/** Where the work stands, and the tools. */
export function TableHead({ orderId, sheet, screens, index, done, kept, tools }: TableHeadProps) {
  const screen = screens[index];
  const ticked = screen?.steps.every(({ id }) => done.has(id)) ?? false;
  const steps = tableSteps(sheet);
  const share = steps.filter(({ id }) => done.has(id)).length / steps.length;
  const strays = straysOf(sheet, done);
  return (
    <>
      <header className="flex flex-wrap items-center gap-x-4 px-3">
        <BackToSheet orderId={orderId} />
        <h1 className="flex-1 whitespace-nowrap text-lg">
          {screen !== undefined && saidOf(screen, sheet)} · {index + 1} of {screens.length}
          {ticked && <span className="text-lantern"> · done</span>}
        </h1>
        {kept !== "kept" && <p role="status">{ticksSaid[kept]}</p>}
        {strays > 0 && (
          <p role="status" className="text-base">
            {strays === 1 ? "One tick belongs" : `${strays} ticks belong`} to an earlier drawing of this order: kept,
            and ticking nothing here.
          </p>
        )}
        <TableTools tools={tools} />
      </header>
      <div className="mx-3 h-1.5 overflow-hidden rounded-full bg-cloth-under" aria-hidden="true">
        <div className="slides h-full rounded-full bg-lantern" style={{ width: `${share * 100}%` }} />
      </div>
    </>
  );
}

import { Shirt, ShoppingBag } from "lucide-react";
import Link from "next/link";
import { nameGarment } from "@/core/garments";
import type { ShortDay } from "@/core/making";
import type { ListedOrder } from "@/db";
import { addDays, isSunday, sayDay, sayShortDay } from "@/server/week";

interface WeekStripProps {
  readonly monday: string;
  readonly days: number;
  readonly today: string;
  readonly due: readonly ListedOrder[];
  /** How many fittings and promised garments a day holds. */
  readonly dayHolds: number;
  /** Promised days that the hours until then do not reach for. */
  readonly short: readonly ShortDay[];
}

interface Due {
  readonly order: ListedOrder;
  readonly kind: "fitting" | "promised";
}

function dueOn(day: string, due: readonly ListedOrder[]): readonly Due[] {
  return due.flatMap((order): readonly Due[] => [
    ...(order.fittings.includes(day) ? [{ order, kind: "fitting" as const }] : []),
    ...(order.promisedOn === day ? [{ order, kind: "promised" as const }] : []),
  ]);
}

function DueRow({ order, kind }: Due) {
  const Icon = kind === "fitting" ? Shirt : ShoppingBag;
  const garment = nameGarment(order);
  return (
    <li>
      <Link
        href={`/orders/${order.id}/sheet`}
        prefetch={false}
        className="flex min-h-12 items-center gap-2 rounded px-1 leading-tight hover:bg-card-deep"
      >
        <Icon size={16} aria-hidden="true" className="shrink-0" />
        <span className="min-w-0">
          <span className="block truncate font-semibold">{order.clientName}</span>
          <span className="block truncate text-sm text-ink-soft">{kind === "fitting" ? "fitting" : garment}</span>
        </span>
      </Link>
    </li>
  );
}

interface DayColumnProps {
  readonly day: string;
  readonly isToday: boolean;
  readonly due: readonly Due[];
  readonly dayHolds: number;
  readonly short: ShortDay | undefined;
}

/** A day that cannot be done: the work until its end, and the hours that there are. */
function Short({ needed, there }: ShortDay) {
  return (
    <p className="mt-1 rounded-sm border-l-4 border-wrong px-2 text-sm leading-tight text-wrong">
      <strong>Cannot be done:</strong> {Math.ceil(needed / 60)}&nbsp;h of work until here, {Math.floor(there / 60)}
      &nbsp;h there
    </p>
  );
}

function DayColumn({ day, isToday, due, dayHolds, short }: DayColumnProps) {
  const full = due.length > dayHolds;
  return (
    <li
      aria-current={isToday ? "date" : undefined}
      className="slip flex flex-col border-t-4 border-transparent p-2 aria-[current=date]:border-cloth"
    >
      <h3 className="flex items-baseline justify-between px-1 font-sans text-base">
        <time dateTime={day}>
          <span aria-hidden="true">{isToday ? "Today" : sayShortDay(day)}</span>
          <span className="sr-only">{sayDay(day)}</span>
        </time>
        <span className={full ? "font-bold text-wrong" : "text-sm font-normal text-ink-soft"}>
          {full ? "too full" : due.length > 0 && `${due.length} of ${dayHolds}`}
        </span>
      </h3>
      <Load done={due.length} holds={dayHolds} />
      {short !== undefined && <Short {...short} />}
      {due.length === 0 ? (
        <p className="px-1 pt-2 text-sm text-ink-soft">Free</p>
      ) : (
        <ul>
          {due.map((one) => (
            <DueRow key={`${one.order.id}-${one.kind}`} {...one} />
          ))}
        </ul>
      )}
    </li>
  );
}

/** A day that is past or a Sunday has a column only when something is due on it. */
function isShown(day: string, today: string, due: readonly Due[]): boolean {
  return due.length > 0 || day === today || (day > today && !isSunday(day));
}

/** Two weeks of days: who comes for a fitting, what is promised, and which day is too full. */
export function WeekStrip({ monday, days, today, due, dayHolds, short }: WeekStripProps) {
  const strip = Array.from({ length: days }, (_, index) => addDays(monday, index))
    .map((day) => ({ day, due: dueOn(day, due) }))
    .filter(({ day, due: own }) => isShown(day, today, own));
  return (
    // The strip scrolls sideways on a small screen, so it must be reachable by keyboard.
    // biome-ignore lint/a11y/noNoninteractiveTabindex: see above
    <section aria-label="The week" tabIndex={0} className="relative overflow-x-auto pb-1">
      <h2 className="sr-only">The week</h2>
      <ol className="grid min-w-max auto-cols-[168px] grid-flow-col gap-2">
        {strip.map(({ day, due: own }) => (
          <DayColumn
            key={day}
            day={day}
            isToday={day === today}
            due={own}
            dayHolds={dayHolds}
            short={short.find((one) => one.day === day)}
          />
        ))}
      </ol>
    </section>
  );
}

/** How much of a day is taken, as a strip that fills from its fold; past its end it is too full. */
function Load({ done, holds }: { readonly done: number; readonly holds: number }) {
  const over = done > holds;
  return (
    <div className="mx-1 my-1 h-2 overflow-hidden rounded-sm bg-card-deep" aria-hidden="true">
      <div
        className={over ? "h-full bg-wrong" : "h-full bg-cloth"}
        style={{ width: `${Math.min(100, (done / holds) * 100)}%` }}
      />
    </div>
  );
}

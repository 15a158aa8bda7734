import Link from "next/link";
import { nameGarment } from "@/core/garments";
import { type TimedStage, timedStages, type usualMinutes } from "@/core/making";
import { nameSeen, sayDate, sayMinutes } from "@/core/wording";
import type { LoggedOrder } from "@/db";
import { readAmount, sayBalance, sayMoney } from "@/server/money";

interface LogViewProps {
  readonly log: readonly LoggedOrder[];
  /** Whether there are more than are shown. */
  readonly more: boolean;
  readonly letters: string;
  readonly garment: string;
  readonly garments: readonly { readonly id: string; readonly label: string }[];
  readonly currency: string;
  readonly usual: ReturnType<typeof usualMinutes>;
}

const STAGES: Readonly<Record<TimedStage, string>> = { chalk: "chalking", cut: "cutting", sew: "sewing" };

/** How long each stretch of the work takes here, from the ticks of the last garments. */
function UsualTimes({ usual }: Pick<LogViewProps, "usual">) {
  const said = timedStages.flatMap((stage) => {
    const one = usual[stage];
    return one === undefined ? [] : [`${STAGES[stage]} ${sayMinutes(one.minutes)} (of ${one.garments})`];
  });
  if (said.length === 0) return null;
  return <p className="pb-3">By the ticks of the last garments a garment takes here: {said.join(", ")}.</p>;
}

/** What is worth knowing of a garment that was cut: its fittings, what was spoilt, its money. */
function sayOf({ fitted, spoilt, money }: LoggedOrder, currency: string): readonly string[] {
  const price = money === null ? null : readAmount(money.price);
  return [
    ...(fitted.length === 0 ? [] : [`fitting: ${fitted.map(({ seen }) => nameSeen(seen).toLowerCase()).join(", ")}`]),
    ...(spoilt.length === 0 ? [] : [`spoilt: ${spoilt.map(({ why }) => why).join(", ")}`]),
    ...(money === null || price === null
      ? []
      : [`${sayMoney(price, currency)}, ${sayBalance(money, currency).toLowerCase()}`]),
  ];
}

/** Every garment that was cut, found by a name, a number or its kind; each to be looked at, or cut again. */
export function LogView({ log, more, letters, garment, garments, currency, usual }: LogViewProps) {
  return (
    <>
      <form action="/log" className="flex flex-wrap items-end gap-3 pb-3">
        <label className="block w-64">
          <span className="font-semibold">Name or number</span>
          <input name="find" type="search" className="field" defaultValue={letters} autoComplete="off" />
        </label>
        <label className="block w-64">
          <span className="font-semibold">Garment</span>
          <select name="garment" className="field" defaultValue={garment}>
            <option value="">Every one</option>
            {garments.map(({ id, label }) => (
              <option key={id} value={id}>
                {label}
              </option>
            ))}
          </select>
        </label>
        <button type="submit" className="button">
          Find
        </button>
      </form>
      <UsualTimes usual={usual} />
      {log.length === 0 ? (
        <p className="slip p-4 text-lg">
          {letters === "" && garment === "" ? "Nothing is cut yet." : "Nothing that was cut is called so."}
        </p>
      ) : (
        <ul className="space-y-2" aria-label="Garments that were cut">
          {log.map((order) => (
            <li key={order.id} className="slip fold-edge flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2">
              <Link
                href={`/orders/${order.id}/sheet`}
                prefetch={false}
                className="min-h-12 min-w-56 flex-1 content-center"
              >
                <span className="block text-lg font-semibold">
                  {order.clientName} <span className="font-normal text-ink-soft">· {nameGarment(order)}</span>
                </span>
                <span className="block text-sm text-ink-soft">
                  No. {order.number} · cut on {sayDate(order.cutAt)} · {order.state}
                </span>
                {sayOf(order, currency).map((line) => (
                  <span key={line} className="block text-sm">
                    {line}
                  </span>
                ))}
              </Link>
              <Link href={`/orders/${order.id}/again`} prefetch={false} className="button">
                Cut it again
              </Link>
            </li>
          ))}
        </ul>
      )}
      {more && <p className="p-3 text-ink-soft">There are more: a few letters of a name find them.</p>}
    </>
  );
}

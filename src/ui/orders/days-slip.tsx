"use client";

import { Plus, X } from "lucide-react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import type { OrderState } from "@/db";
import { keepDays, moveOn } from "@/server/order-actions";
import { askShop } from "@/ui/shell/ask-shop";
import { Refused } from "@/ui/shell/refused";
import { SlipDialog } from "@/ui/shell/slip-dialog";

export interface OrderDaysProps {
  readonly orderId: string;
  /** The order in a few words, for those who cannot see which row a button belongs to. */
  readonly name: string;
  readonly promisedOn: string | null;
  readonly fittings: readonly string[];
  /** How the work moves on from here; null before the shears and after the last state. */
  readonly after: { readonly state: OrderState; readonly said: string } | null;
}

/** An order's promised day and fittings, how far the work has come, and the way to cut it again. */
export default function DaysSlip({
  orderId,
  name,
  promisedOn,
  fittings,
  after,
  onOpen,
}: OrderDaysProps & { readonly onOpen: (open: boolean) => void }) {
  const router = useRouter();
  const [promised, setPromised] = useState(promisedOn ?? "");
  const [days, setDays] = useState(fittings.map((day, index) => ({ key: index, day })));
  const [said, setSaid] = useState<string | null>(null);
  const finish = async (asked: Promise<{ readonly said: string | null }>) => {
    const { said: wrong } = await asked;
    setSaid(wrong);
    if (wrong !== null) return;
    onOpen(false);
    router.refresh();
  };
  const keep = (event: FormEvent) => {
    event.preventDefault();
    const chosen = {
      promisedOn: promised === "" ? null : promised,
      fittings: days.map(({ day }) => day).filter(Boolean),
    };
    finish(askShop(() => keepDays(orderId, chosen)));
  };
  return (
    <SlipDialog title={`Days of ${name}`} open onOpen={onOpen}>
      <form onSubmit={keep} className="space-y-4 pt-2">
        <label className="block">
          <span className="font-semibold">Promised for</span>
          <input className="field" type="date" value={promised} onChange={(event) => setPromised(event.target.value)} />
        </label>
        <fieldset>
          <legend className="font-semibold">Fittings</legend>
          <ul className="space-y-2">
            {days.map(({ key, day }, index) => (
              <li key={key} className="flex gap-2">
                <input
                  className="field"
                  type="date"
                  aria-label={`Fitting ${index + 1}`}
                  value={day}
                  onChange={(event) =>
                    setDays((old) => old.map((one) => (one.key === key ? { key, day: event.target.value } : one)))
                  }
                />
                <button
                  type="button"
                  className="button"
                  aria-label={`No fitting ${index + 1}`}
                  onClick={() => setDays((old) => old.filter((one) => one.key !== key))}
                >
                  <X size={18} aria-hidden="true" />
                </button>
              </li>
            ))}
          </ul>
          <button
            type="button"
            className="button mt-2"
            onClick={() => setDays((old) => [...old, { key: Math.max(-1, ...old.map((one) => one.key)) + 1, day: "" }])}
          >
            <Plus size={18} aria-hidden="true" /> A fitting
          </button>
        </fieldset>
        <Refused said={said} />
        <div className="flex flex-wrap gap-2">
          <button type="submit" className="button button-next">
            Keep the days
          </button>
          {after !== null && (
            <button
              type="button"
              className="button"
              // What stood in the way was said: said once more it is meant.
              onClick={() => finish(askShop(() => moveOn(orderId, after.state, said !== null)))}
            >
              {after.said}
            </button>
          )}
          <Link href={`/orders/${orderId}/again`} className="button" prefetch={false}>
            Cut it again
          </Link>
        </div>
      </form>
    </SlipDialog>
  );
}

"use client";

import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { sayDate } from "@/core/wording";
import type { StoredMoney } from "@/db";
import { readAmount, sayBalance, sayMoney } from "@/server/money";
import { addPaid, dropPaid, keepAgreed } from "@/server/money-actions";
import { AskButton } from "@/ui/shell/ask-button";
import { askShop } from "@/ui/shell/ask-shop";
import { Refused } from "@/ui/shell/refused";

interface MoneyViewProps {
  readonly orderId: string;
  readonly money: StoredMoney;
  readonly currency: string;
}

/** Price, deposit and payments: plain numbers of the shop. */
export function MoneyView({ orderId, money, currency }: MoneyViewProps) {
  const router = useRouter();
  const [said, setSaid] = useState<string | null>(null);
  const [amount, setAmount] = useState("");
  const keep = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const told = Object.fromEntries(new FormData(event.currentTarget));
    const { said: wrong } = await askShop(() => keepAgreed(orderId, told));
    setSaid(wrong);
    if (wrong === null) router.refresh();
  };
  const pay = async (event: FormEvent) => {
    event.preventDefault();
    const { said: wrong } = await askShop(() => addPaid(orderId, { amount }));
    setSaid(wrong);
    if (wrong !== null) return;
    setAmount("");
    router.refresh();
  };
  const sign = currency === "" ? "" : `, ${currency}`;
  return (
    <section className="slip space-y-4 p-4" aria-label="Money">
      <p className="text-3xl font-bold">{sayBalance(money, currency)}</p>
      <form onSubmit={keep} className="flex flex-wrap items-end gap-3">
        <label className="block w-32">
          <span className="font-semibold">Price{sign}</span>
          <input name="price" className="field text-xl" inputMode="decimal" defaultValue={money.price} />
        </label>
        <label className="block w-32">
          <span className="font-semibold">Deposit{sign}</span>
          <input name="deposit" className="field text-xl" inputMode="decimal" defaultValue={money.deposit} />
        </label>
        <label className="block min-w-48 flex-1">
          <span className="font-semibold">Note</span>
          <input name="note" className="field" defaultValue={money.note} />
        </label>
        <button type="submit" className="button no-print">
          Keep
        </button>
      </form>
      <div>
        <h2 className="text-lg">Paid</h2>
        {money.paid.length === 0 && <p className="text-ink-soft">Nothing yet.</p>}
        <ul>
          {money.paid.map((one, index) => (
            // Two payments may be alike; their place tells them apart.
            // biome-ignore lint/suspicious/noArrayIndexKey: see above
            <li key={index} className="flex items-center gap-3 border-b border-card-deep py-1">
              <span className="flex-1">{sayDate(one.on)}</span>
              <strong className="text-lg">{sayMoney(readAmount(one.amount) ?? 0, currency)}</strong>
              <span className="no-print">
                <AskButton
                  className="button"
                  act={() => dropPaid(orderId, index, one.amount)}
                  onDone={() => router.refresh()}
                >
                  Take it out
                </AskButton>
              </span>
            </li>
          ))}
        </ul>
      </div>
      <form onSubmit={pay} className="no-print flex items-end gap-3">
        <label className="block w-32">
          <span className="font-semibold">Paid today{sign}</span>
          <input
            className="field text-xl"
            inputMode="decimal"
            value={amount}
            onChange={({ target }) => setAmount(target.value)}
          />
        </label>
        <button type="submit" className="button">
          Write it down
        </button>
      </form>
      <Refused said={said} />
    </section>
  );
}

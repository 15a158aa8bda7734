"use client";

import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { type NotionId, notionIds, notionSoldBy, type SoldBy } from "@/core/chalk";
import { notionNames } from "@/core/wording";
import type { Shop } from "@/db";
import { keepPrices } from "@/server/shop-actions";
import { askShop } from "@/ui/shell/ask-shop";

/** The shop's own prices, as plain numbers: an hour of work, and what is bought beside the cloth. */
export function PriceList({ shop }: { readonly shop: Shop }) {
  const router = useRouter();
  const [said, setSaid] = useState<string | null>(null);
  const by: Readonly<Record<SoldBy, string>> = {
    each: "each",
    length: shop.unit === "cm" ? "a metre" : "a yard",
    "hundred-metres": "100 m",
  };
  const keep = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const typed = new FormData(event.currentTarget);
    const told = (name: string) => String(typed.get(name) ?? "");
    const notionPrices = Object.fromEntries(notionIds.map((id) => [id, told(id)])) as Record<NotionId, string>;
    const { said: wrong } = await askShop(() => keepPrices({ hourly: told("hourly"), notionPrices }));
    setSaid(wrong ?? "Kept.");
    if (wrong === null) router.refresh();
  };
  const sign = shop.currency === "" ? "" : ` ${shop.currency}`;
  return (
    <form onSubmit={keep} noValidate className="slip space-y-3 p-4">
      <h2 className="text-lg">Our prices</h2>
      <p className="text-sm text-ink-soft">
        They are offered beside the price of a garment, never instead of it. Empty: not reckoned. Cloth has its price
        where its width is told.
      </p>
      <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">
        <label className="block">
          <span className="font-semibold">An hour of work{sign}</span>
          <input name="hourly" className="field" inputMode="decimal" defaultValue={shop.hourly} />
        </label>
        {notionIds.map((id) => (
          <label key={id} className="block">
            <span className="font-semibold">
              {notionNames[id]}, {by[notionSoldBy[id]]}
            </span>
            <input name={id} className="field" inputMode="decimal" defaultValue={shop.notionPrices[id] ?? ""} />
          </label>
        ))}
      </div>
      <button type="submit" className="button">
        Keep
      </button>
      <p role="status" className="font-semibold text-next-deep">
        {said}
      </p>
    </form>
  );
}

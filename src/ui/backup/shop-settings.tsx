"use client";

import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import type { Shop } from "@/db";
import { keepShop } from "@/server/shop-actions";
import { askShop } from "@/ui/shell/ask-shop";
import { usePreferences } from "@/ui/shell/preferences";

const choice = "flex min-h-12 items-center gap-2";

/** What belongs to the whole shop, and to this screen: the tape, the day, the hand, the light. */
export function ShopSettings({ shop }: { readonly shop: Shop }) {
  const router = useRouter();
  const { hand, room, voice, prefer } = usePreferences();
  const [unit, setUnit] = useState(shop.unit);
  const [dayHolds, setDayHolds] = useState(String(shop.dayHolds));
  const [currency, setCurrency] = useState(shop.currency);
  const [hoursADay, setHoursADay] = useState(String(shop.hoursADay));
  const [said, setSaid] = useState<string | null>(null);
  const keep = async (event: FormEvent) => {
    event.preventDefault();
    const { said: wrong } = await askShop(() =>
      keepShop({ unit, dayHolds: Number(dayHolds), currency, hoursADay: Number(hoursADay.replace(",", ".")) }),
    );
    setSaid(wrong ?? "Kept.");
    if (wrong === null) router.refresh();
  };
  const switches = [
    {
      label: "Left-handed: the fold at the right",
      on: hand === "left",
      set: (on: boolean) => prefer("hand", on ? "left" : "right"),
    },
    { label: "Dim room", on: room === "dim", set: (on: boolean) => prefer("room", on ? "dim" : "bright") },
    {
      label: "Read steps aloud at the table",
      on: voice === "on",
      set: (on: boolean) => prefer("voice", on ? "on" : "off"),
    },
  ];
  return (
    <>
      <form onSubmit={keep} className="slip fold-edge space-y-3 p-4">
        <h2 className="text-lg">The shop</h2>
        <fieldset>
          <legend className="font-semibold">Our tape shows</legend>
          {(["in", "cm"] as const).map((one) => (
            <label key={one} className={choice}>
              <input
                type="radio"
                name="unit"
                className="size-5 accent-cloth"
                checked={unit === one}
                onChange={() => setUnit(one)}
              />
              {one === "in" ? "inches and eighths" : "centimetres"}
            </label>
          ))}
        </fieldset>
        <label className="block">
          <span className="font-semibold">A day holds so many fittings and garments</span>
          <input
            className="field"
            inputMode="numeric"
            value={dayHolds}
            onChange={(event) => setDayHolds(event.target.value)}
          />
        </label>
        <label className="block">
          <span className="font-semibold">Working hours of a day, all hands together</span>
          <input
            className="field"
            inputMode="decimal"
            value={hoursADay}
            onChange={(event) => setHoursADay(event.target.value)}
          />
        </label>
        <label className="block">
          <span className="font-semibold">Sign of our money</span>
          <input
            className="field"
            value={currency}
            maxLength={8}
            placeholder="€"
            onChange={(event) => setCurrency(event.target.value)}
          />
        </label>
        <button type="submit" className="button">
          Keep
        </button>
        <p role="status" className="font-semibold text-next-deep">
          {said}
        </p>
      </form>
      <section className="slip space-y-1 p-4" aria-labelledby="this-screen">
        <h2 id="this-screen" className="text-lg">
          This screen
        </h2>
        {switches.map(({ label, on, set }) => (
          <label key={label} className={choice}>
            <input
              type="checkbox"
              className="size-5 accent-cloth"
              checked={on}
              onChange={(event) => set(event.target.checked)}
            />
            {label}
          </label>
        ))}
      </section>
    </>
  );
}

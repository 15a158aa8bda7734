"use client";

import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import type { MeasurementId } from "@/core/body";
import type { Unit } from "@/core/length";
import { type SeenPlace, seenPlaces } from "@/core/wording";
import { keepFitted } from "@/server/fitting-actions";
import { Figure } from "@/ui/client/figure";
import { askShop } from "@/ui/shell/ask-shop";
import { ChoicePills } from "@/ui/shell/choice-pills";
import { Refused } from "@/ui/shell/refused";

/** Where each place is shown on the drawn figure. */
const TAPES: Readonly<Record<string, MeasurementId>> = {
  neck: "neck",
  shoulder: "shoulder",
  armhole: "armhole",
  bust: "bust",
  ribs: "underbust",
  waist: "waist",
  hip: "hip",
  sleeve: "upperArm",
  hem: "fullLength",
};

const SIDES = [
  { id: "both", label: "Both sides" },
  { id: "left", label: "Wearer's left" },
  { id: "right", label: "Wearer's right" },
] as const;
const PINNED = [
  { id: "pinned", label: "Pinned" },
  { id: "guessed", label: "Guessed" },
] as const;

const FIRST = seenPlaces.find(({ id }) => id === "waist") as SeenPlace;

/** One thing that is seen at a fitting: where on the figure, what, how much, on which side, pinned or guessed. */
export function SeenForm({ orderId, unit }: { readonly orderId: string; readonly unit: Unit }) {
  const router = useRouter();
  const [place, setPlace] = useState(FIRST);
  const [seen, setSeen] = useState(FIRST.seen[0]?.id ?? "tight-waist");
  const [side, setSide] = useState("both");
  const [pinned, setPinned] = useState("pinned");
  const [amount, setAmount] = useState("");
  const [by, setBy] = useState("");
  const [said, setSaid] = useState<string | null>(null);
  const pickPlace = (id: string) => {
    const next = seenPlaces.find((one) => one.id === id) ?? FIRST;
    setPlace(next);
    setSeen(next.seen[0]?.id ?? seen);
  };
  const keep = async (event: FormEvent) => {
    event.preventDefault();
    const told = { seen, amount, side, pinned: pinned === "pinned", by };
    const { said: wrong } = await askShop(() => keepFitted(orderId, told));
    setSaid(wrong);
    if (wrong !== null) return;
    setAmount("");
    router.refresh();
  };
  return (
    <form onSubmit={keep} className="slip grid gap-4 p-4 sm:grid-cols-[150px_1fr]">
      <div className="h-[220px] text-ink sm:h-[300px]">
        <Figure reading={TAPES[place.id] ?? null} said={`Where it is seen: ${place.label.toLowerCase()}`} />
      </div>
      <div className="space-y-4">
        <div>
          <h2 className="mb-1 font-semibold">Where</h2>
          <ChoicePills label="Where" options={seenPlaces} value={place.id} onPick={pickPlace} />
        </div>
        <div>
          <h2 className="mb-1 font-semibold">What is seen</h2>
          <ChoicePills
            label="What is seen"
            options={place.seen}
            value={seen}
            onPick={(id) => setSeen(place.seen.find((one) => one.id === id)?.id ?? seen)}
          />
        </div>
        <div className="flex flex-wrap gap-4">
          <label className="block w-40">
            <span className="font-semibold">How much in all, {unit}</span>
            <input
              className="field text-2xl font-bold"
              inputMode="text"
              value={amount}
              onChange={({ target }) => setAmount(target.value)}
            />
          </label>
          <label className="block w-40">
            <span className="font-semibold">Seen by</span>
            <input className="field" value={by} onChange={({ target }) => setBy(target.value)} />
          </label>
        </div>
        <div className="flex flex-wrap gap-4">
          <ChoicePills label="Side" options={SIDES} value={side} onPick={setSide} />
          <ChoicePills label="Pinned or guessed" options={PINNED} value={pinned} onPick={setPinned} />
        </div>
        <Refused said={said} />
        <button type="submit" className="button button-next">
          Write it down
        </button>
      </div>
    </form>
  );
}

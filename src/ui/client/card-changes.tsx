"use client";

import dynamic from "next/dynamic";
import { useState } from "react";
import { type MeasurementId, measurementIds, measurements, type Readings } from "@/core/body";
import type { Unit } from "@/core/length";
import { cardMoments } from "./card-moments";

const CardChart = dynamic(() => import("./card-chart"), {
  ssr: false,
  loading: () => <p className="h-[280px] p-4">Drawing…</p>,
});

interface CardChangesProps {
  readonly cards: readonly { readonly takenOn: string; readonly readings: Readings }[];
  readonly unit: Unit;
}

const FIRST: readonly MeasurementId[] = ["bust", "waist", "hip"];
const MOST = 4;

/** What changed from card to card, as a chart that comes only when it is wanted. */
export function CardChanges({ cards, unit }: CardChangesProps) {
  const [open, setOpen] = useState(false);
  const [shown, setShown] = useState<readonly MeasurementId[]>(FIRST);
  const taken = measurementIds.filter((id) => cards.filter(({ readings }) => readings[id] !== undefined).length > 1);
  if (cards.length < 2 || taken.length === 0) return null;
  const toggle = (id: MeasurementId) =>
    setShown((before) => (before.includes(id) ? before.filter((one) => one !== id) : [...before, id].slice(-MOST)));
  return (
    <section className="slip space-y-3 p-4" aria-labelledby="card-changes">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 id="card-changes" className="text-lg">
          What changed
        </h2>
        <button type="button" className="button" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? "Put the chart away" : "Show as a chart"}
        </button>
      </div>
      {open && (
        <>
          <fieldset className="flex flex-wrap gap-2">
            <legend className="sr-only">Readings on the chart, four at most</legend>
            {taken.map((id) => (
              <button
                key={id}
                type="button"
                aria-pressed={shown.includes(id)}
                onClick={() => toggle(id)}
                className="min-h-12 rounded-md border-2 border-line px-3 aria-pressed:border-cloth aria-pressed:bg-cloth aria-pressed:text-chalk"
              >
                {measurements[id].label}
              </button>
            ))}
          </fieldset>
          <CardChart moments={cardMoments(cards, unit)} shown={shown.filter((id) => taken.includes(id))} unit={unit} />
        </>
      )}
    </section>
  );
}

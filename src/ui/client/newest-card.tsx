"use client";

import { useState } from "react";
import { type MeasurementId, measurementIds, measurements } from "@/core/body";
import type { Card } from "@/db";
import { Fractions } from "@/ui/reading/fractions";
import { Figure } from "./figure";

/** The newest card beside the figure: touching a reading shows where its tape goes. */
export function NewestCard({ card }: { readonly card: Card }) {
  const taken = measurementIds.filter((id) => card.readings[id] !== undefined);
  const [shown, setShown] = useState<MeasurementId | null>(taken[0] ?? null);
  const said =
    shown === null ? "A figure, front and back" : `${measurements[shown].label}: ${measurements[shown].taken}`;
  return (
    <section aria-label="The newest card" className="slip fold-edge grid gap-4 p-4 sm:grid-cols-[220px_1fr]">
      <div>
        <div className="mx-auto h-72 w-full max-w-64">
          <Figure reading={shown} said={said} />
        </div>
        <p className="text-center text-sm text-ink-soft" aria-live="polite">
          {shown !== null && measurements[shown].taken}
        </p>
      </div>
      <ul className="grid content-start gap-x-4 sm:grid-cols-2">
        {taken.map((id) => (
          <li key={id}>
            <button
              type="button"
              aria-pressed={shown === id}
              onClick={() => setShown(id)}
              onFocus={() => setShown(id)}
              onMouseEnter={() => setShown(id)}
              className="flex min-h-12 w-full items-baseline justify-between gap-3 border-b border-card-deep px-2 py-2 text-left aria-pressed:bg-card-deep"
            >
              <span>{measurements[id].label}</span>
              <span className="whitespace-nowrap text-lg font-semibold">
                <Fractions text={card.readings[id]?.typed ?? ""} />
                <span className="ml-1 text-sm font-normal">
                  {card.readings[id]?.unit === "cm" && !card.readings[id]?.typed.includes("cm") && "cm"}
                </span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

"use client";

import { useState } from "react";
import {
  type MeasurementId,
  measurementIds,
  measurementLabel,
  measurementTaken,
  type Readings,
  splitSides,
} from "@/core/body";
import type { Unit } from "@/core/length";
import type { Card, StoredReading } from "@/db";
import { withUnit } from "@/server/with-unit";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";
import { Figure } from "./figure";

/** What was written, where that is not the reading itself: taken again, of both sides, or in the other unit. */
function AsTyped({ reading, unit }: { readonly reading: StoredReading | undefined; readonly unit: Unit }) {
  if (reading === undefined) return null;
  const isSimple = !reading.typed.includes(";") && splitSides(reading.typed) === null;
  if (reading.unit === unit && isSimple) return null;
  return (
    <span className="block text-right text-sm font-normal text-ink-soft">
      <Fractions text={reading.unit === unit ? reading.typed : withUnit(reading.typed, reading.unit)} />
    </span>
  );
}

interface NewestCardProps {
  readonly card: Card;
  /** Its readings in inches, settled where they were taken again. */
  readonly readings: Readings;
  readonly unit: Unit;
}

/** The newest card beside the figure: touching a reading shows where its tape goes. */
export function NewestCard({ card, readings, unit }: NewestCardProps) {
  const taken = measurementIds.filter((id) => card.readings[id] !== undefined);
  const [shown, setShown] = useState<MeasurementId | null>(taken[0] ?? null);
  const said =
    shown === null
      ? "A figure, front and back"
      : `${measurementLabel(shown, card.figure)}: ${measurementTaken(shown, card.figure)}`;
  return (
    <section aria-label="The newest card" className="slip fold-edge grid gap-4 p-4 sm:grid-cols-[220px_1fr]">
      <div>
        <div className="mx-auto h-72 w-full max-w-64">
          <Figure reading={shown} said={said} kind={card.figure} />
        </div>
        <p className="text-center text-sm text-ink-soft" aria-live="polite">
          {shown !== null && measurementTaken(shown, card.figure)}
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
              <span>{measurementLabel(id, card.figure)}</span>
              <span className="whitespace-nowrap text-lg font-semibold">
                <Reading value={readings[id] ?? 0} unit={unit} />
                <AsTyped reading={card.readings[id]} unit={unit} />
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

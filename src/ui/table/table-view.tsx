"use client";

import { ArrowLeft, Check, Hand } from "lucide-react";
import Link from "next/link";
import type { CutSheet } from "@/core/formats";
import { namePiece } from "@/core/wording";
import { ClothDrawing } from "@/ui/cloth/cloth-drawing";
import { TableReading } from "./table-reading";
import { usePlace } from "./use-place";

interface TableViewProps {
  readonly orderId: string;
  readonly sheet: CutSheet;
  readonly startAt: string | null;
}

/** At the table: one step at a time, full screen, readable from two metres. */
export function TableView({ orderId, sheet, startAt }: TableViewProps) {
  const { index, move, kept } = usePlace(orderId, sheet, startAt);
  const step = sheet.steps[index];
  const group = sheet.groups.find(({ id }) => id === step?.group);
  if (step === undefined || group === undefined) return null;
  const last = index === sheet.steps.length - 1;
  return (
    <div className="on-cloth flex min-h-dvh flex-col bg-cloth-deep text-chalk">
      <header className="flex items-center gap-4 px-4 py-2">
        <Link
          href={`/orders/${orderId}/sheet`}
          className="flex min-h-12 items-center gap-2 underline underline-offset-4"
        >
          <ArrowLeft aria-hidden="true" /> Sheet
        </Link>
        <h1 className="flex-1 text-lg">
          {namePiece(step.group)} · step {index + 1} of {sheet.steps.length}
        </h1>
        {!kept && <p role="status">Place not kept: the shop's computer does not answer.</p>}
      </header>
      <div className="mx-4 h-2 overflow-hidden rounded-full bg-cloth-under" aria-hidden="true">
        <div
          className="h-full rounded-full bg-lantern"
          style={{ width: `${((index + 1) / sheet.steps.length) * 100}%` }}
        />
      </div>
      <main className="flex min-h-0 flex-1 flex-col gap-4 p-4 lg:flex-row">
        <section
          aria-live="polite"
          className={`flex flex-1 flex-col justify-center gap-3 ${step.stopUntil === null ? "" : "rounded-xl border-8 border-lantern p-4"}`}
        >
          {step.stopUntil !== null && (
            <p className="flex items-center gap-3 text-3xl font-bold text-lantern">
              <Hand size={40} aria-hidden="true" /> Stop
            </p>
          )}
          <TableReading sheet={sheet} step={step} />
        </section>
        <div className="h-[34dvh] lg:h-auto lg:max-h-[calc(100dvh-180px)] lg:w-[34%]">
          <ClothDrawing sheet={sheet} group={group} activeStep={step} />
        </div>
      </main>
      <nav className="sticky bottom-0 flex gap-3 bg-cloth-deep p-4" aria-label="Steps">
        <button
          type="button"
          className="min-h-16 flex-1 rounded-lg border-2 border-chalk-soft text-xl font-semibold disabled:opacity-40"
          onClick={() => move(-1)}
          disabled={index === 0}
        >
          Back
        </button>
        <button
          type="button"
          className="flex min-h-16 flex-[2] items-center justify-center gap-3 rounded-lg bg-lantern text-2xl font-bold text-cloth-deep disabled:opacity-40"
          onClick={() => move(1)}
          disabled={last}
        >
          <Check aria-hidden="true" /> {last ? "All done" : "Done, next"}
        </button>
      </nav>
    </div>
  );
}

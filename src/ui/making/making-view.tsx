"use client";

import { Check } from "lucide-react";
import Link from "next/link";
import { type CutSheet, lateEdges, waitsFor } from "@/core/formats";
import type { Progress } from "@/db";
import { ticksSaid } from "@/ui/progress/ticks-said";
import { lateWords } from "@/ui/sheet/late-words";
import { BackToSheet } from "@/ui/shell/back-to-sheet";
import { usePreferences } from "@/ui/shell/preferences";
import { SewnPicture } from "./sewn-picture";
import { TaskList } from "./task-list";
import { TaskSlip } from "./task-slip";
import { useMaking } from "./use-making";

interface MakingViewProps {
  readonly orderId: string;
  readonly title: string;
  readonly sheet: CutSheet;
  readonly isCut: boolean;
  readonly start: Progress | null;
}

/** Whether the pieces were counted; a sheet of before the count has none to wait for. */
function isCounted(sheet: CutSheet, done: ReadonlySet<string>): boolean {
  return sheet.steps.filter(({ phase }) => phase === "count").every(({ id }) => done.has(id));
}

/** Edges that are measured on the sewn garment before the next piece is cut. */
function LateLinks({ orderId, sheet }: Pick<MakingViewProps, "orderId" | "sheet">) {
  const edges = lateEdges.filter((edge) => waitsFor(sheet, edge));
  return edges.map((edge) => (
    <Link
      key={edge}
      href={`/orders/${orderId}/late?edge=${edge}`}
      prefetch={false}
      className="flex min-h-12 items-center border-b border-card-deep px-5 font-semibold underline"
    >
      {lateWords[edge].name}
    </Link>
  ));
}

const bigButton = "min-h-16 rounded-lg text-xl font-semibold disabled:opacity-40";

/** Making: one task, large, beside all of them; ticks shared with the table and with every other screen. */
export function MakingView({ orderId, title, sheet, isCut, start }: MakingViewProps) {
  const { hand } = usePreferences();
  const { stands, inHand, pick, tick, done, kept } = useMaking(orderId, sheet, start);
  if (inHand === undefined) return null;
  const { step, waits } = inHand;
  const counted = isCut || isCounted(sheet, done);
  const many = stands.filter((stand) => stand.done).length;
  return (
    <div className="on-cloth flex min-h-dvh flex-col bg-cloth-deep text-chalk lg:h-dvh">
      <header className="flex flex-wrap items-center gap-x-4 px-3">
        <BackToSheet orderId={orderId} />
        <h1 className="flex-1 text-lg">
          Making: {title} · {many} of {stands.length} done
        </h1>
        <Link
          href={`/orders/${orderId}/pieces`}
          prefetch={false}
          className="flex min-h-12 items-center underline underline-offset-4"
        >
          Pieces
        </Link>
        {kept !== "kept" && <p role="status">{ticksSaid[kept]}</p>}
      </header>
      <div className="mx-3 h-1.5 overflow-hidden rounded-full bg-cloth-under" aria-hidden="true">
        <div className="slides h-full rounded-full bg-lantern" style={{ width: `${(many / stands.length) * 100}%` }} />
      </div>
      <main
        className={`flex min-h-0 flex-1 flex-col-reverse gap-3 p-3 ${hand === "left" ? "lg:flex-row-reverse" : "lg:flex-row"}`}
      >
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a list that scrolls in itself must be reachable by keyboard */}
        <section className="slip overflow-y-auto text-ink lg:w-[340px]" aria-label="All tasks" tabIndex={0}>
          <TaskList stands={stands} inHand={step.id} onPick={pick} />
          {isCut && <LateLinks orderId={orderId} sheet={sheet} />}
        </section>
        <div className="flex min-h-0 flex-1 flex-col gap-3">
          <div className="h-[34dvh] shrink-0 rounded-lg bg-table p-2 text-ink lg:order-none">
            <SewnPicture sheet={sheet} step={step} />
          </div>
          <section
            key={step.id}
            aria-live="polite"
            aria-label="What is done now"
            // biome-ignore lint/a11y/noNoninteractiveTabindex: a long slip scrolls in itself, so it must be reachable by keyboard
            tabIndex={0}
            className="step-in flex min-h-0 flex-1 flex-col gap-4 overflow-y-auto px-2"
          >
            <TaskSlip orderId={orderId} sheet={sheet} step={step} isCut={isCut} />
          </section>
          {!counted && (
            <p role="status" className="text-lg">
              Sewing waits for the count:{" "}
              <Link href={`/orders/${orderId}/table`} prefetch={false} className="underline">
                count the pieces at the table
              </Link>
              .
            </p>
          )}
          {waits.length > 0 && (
            <p role="status" className="text-lg">
              First: {waits.join(", ").toLowerCase()}.
            </p>
          )}
          <button
            type="button"
            className={`${bigButton} flex items-center justify-center gap-3 bg-lantern text-2xl font-bold text-on-lantern`}
            disabled={!inHand.done && (!counted || waits.length > 0)}
            onClick={() => tick(step.id)}
          >
            <Check aria-hidden="true" />
            {inHand.done ? "Not done after all" : "Done, next"}
          </button>
        </div>
      </main>
    </div>
  );
}

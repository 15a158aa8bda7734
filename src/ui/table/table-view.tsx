"use client";

import { ArrowLeft, Check, Hand } from "lucide-react";
import dynamic from "next/dynamic";
import Link from "next/link";
import { useMemo, useState } from "react";
import type { CutSheet } from "@/core/formats";
import { namePiece } from "@/core/wording";
import type { Progress } from "@/db";
import { ClothDrawing } from "@/ui/cloth/cloth-drawing";
import { FoldPicture } from "@/ui/cloth/fold-picture";
import { usePreferences } from "@/ui/shell/preferences";
import { TableReading } from "./table-reading";
import { TableTools, tableTools } from "./table-tools";
import { usePlace } from "./use-place";
import { useTableKeys } from "./use-table-keys";
import { useVoice } from "./use-voice";

const KeyMap = dynamic(() => import("@/ui/shell/key-map").then((module) => module.KeyMap), { ssr: false });

interface TableViewProps {
  readonly orderId: string;
  readonly sheet: CutSheet;
  readonly start: Progress | null;
}

/** At the table: one step at a time, full screen, readable from two metres. */
export function TableView({ orderId, sheet, start }: TableViewProps) {
  const { index, move, done, kept } = usePlace(orderId, sheet, start);
  const { hand, room, prefer } = usePreferences();
  const [close, setClose] = useState(false);
  const [keys, setKeys] = useState(false);
  const step = sheet.steps[index];
  const { speaks, toggle, repeat } = useVoice(sheet, step);
  const tools = useMemo(
    () =>
      tableTools(
        { close, left: hand === "left", dim: room === "dim", speaks },
        {
          close: () => setClose((before) => !before),
          left: () => prefer("hand", hand === "left" ? "right" : "left"),
          dim: () => prefer("room", room === "dim" ? "bright" : "dim"),
          speaks: toggle,
          repeat,
          keys: () => setKeys(true),
        },
      ),
    [close, hand, room, speaks, prefer, toggle, repeat],
  );
  useTableKeys(move, tools);
  const group = sheet.groups.find(({ id }) => id === step?.group);
  if (step === undefined || group === undefined) return null;
  const piece = sheet.pieces.find(({ id }) => id === step.piece);
  const last = index === sheet.steps.length - 1;
  const ticked = done.has(step.id);
  const share = sheet.steps.filter(({ id }) => done.has(id)).length / sheet.steps.length;
  return (
    <div className="on-cloth flex min-h-dvh flex-col bg-cloth-deep text-chalk">
      <header className="flex flex-wrap items-center gap-x-4 px-4 py-1">
        <Link
          href={`/orders/${orderId}/sheet`}
          prefetch={false}
          className="flex min-h-12 items-center gap-2 underline underline-offset-4"
        >
          <ArrowLeft aria-hidden="true" /> Sheet
        </Link>
        <h1 className="flex-1 whitespace-nowrap text-lg">
          {piece?.name ?? namePiece(step.group)} · step {index + 1} of {sheet.steps.length}
          {ticked && <span className="text-lantern"> · done</span>}
        </h1>
        {!kept && <p role="status">Place not kept yet: the shop's computer does not answer.</p>}
        <TableTools tools={tools} />
      </header>
      <div className="mx-4 h-2 overflow-hidden rounded-full bg-cloth-under" aria-hidden="true">
        <div className="slides h-full rounded-full bg-lantern" style={{ width: `${share * 100}%` }} />
      </div>
      <main
        className={`flex min-h-0 flex-1 flex-col gap-4 p-4 ${hand === "left" ? "lg:flex-row-reverse" : "lg:flex-row"}`}
      >
        <section
          key={step.id}
          aria-live="polite"
          className={`step-in flex flex-1 flex-col justify-center gap-3 ${step.stopUntil === null ? "" : "rounded-xl border-8 border-lantern p-4"}`}
        >
          {step.stopUntil !== null && (
            <p className="flex items-center gap-3 text-3xl font-bold text-lantern">
              <Hand size={40} aria-hidden="true" /> Stop
            </p>
          )}
          <TableReading sheet={sheet} step={step} />
        </section>
        <div className={`h-[34dvh] lg:h-auto lg:max-h-[calc(100dvh-180px)] ${close ? "lg:w-[46%]" : "lg:w-[34%]"}`}>
          {step.phase === "fold" ? (
            <FoldPicture sheet={sheet} group={group} act={step.act} />
          ) : (
            <ClothDrawing sheet={sheet} group={group} activeStep={step} close={close} />
          )}
        </div>
      </main>
      <nav
        className={`sticky bottom-0 flex gap-3 bg-cloth-deep p-4 ${hand === "left" ? "flex-row-reverse" : ""}`}
        aria-label="Steps"
      >
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
          className="flex min-h-16 flex-[2] items-center justify-center gap-3 rounded-lg bg-lantern text-2xl font-bold text-on-lantern disabled:opacity-40"
          onClick={() => move(1)}
          disabled={last && ticked}
        >
          <Check aria-hidden="true" /> {last ? "All done" : "Done, next"}
        </button>
      </nav>
      {keys && <KeyMap open onOpen={setKeys} />}
    </div>
  );
}

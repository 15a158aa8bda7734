"use client";

import { ArrowLeft, Check } from "lucide-react";
import dynamic from "next/dynamic";
import Link from "next/link";
import { useCallback, useMemo, useState } from "react";
import { type CutSheet, type StyleItem, type TableScreen, tableScreens } from "@/core/formats";
import { namePiece } from "@/core/wording";
import type { Progress } from "@/db";
import { FoldPicture } from "@/ui/cloth/fold-picture";
import { FlatDrawing } from "@/ui/garment/flat-drawing";
import { usePreferences } from "@/ui/shell/preferences";
import { ScreenSlip } from "./screen-slip";
import { TableCloth } from "./table-cloth";
import { TableTools, tableTools } from "./table-tools";
import { usePlace } from "./use-place";
import { useTableKeys } from "./use-table-keys";
import { useVoice } from "./use-voice";

const KeyMap = dynamic(() => import("@/ui/shell/key-map").then((module) => module.KeyMap), { ssr: false });

interface TableViewProps {
  readonly orderId: string;
  readonly sheet: CutSheet;
  readonly style: readonly StyleItem[];
  readonly start: Progress | null;
}

/** Whether a group's chalk was measured, or someone let it be cut; sheets of before the check are free. */
function isFree(sheet: CutSheet, group: string, done: ReadonlySet<string>): boolean {
  const checks = sheet.steps.filter((step) => step.phase === "check" && step.group === group);
  return checks.every(({ id }) => done.has(id));
}

/** Ticks of steps that this sheet does not have: of another garment, or drawn before a change. */
function straysOf(sheet: CutSheet, done: ReadonlySet<string>): number {
  const own = new Set(sheet.steps.map(({ id }) => id));
  return [...done].filter((id) => !own.has(id) && !/^(style|count)-/.test(id)).length;
}

function saidOf(screen: TableScreen, sheet: CutSheet): string {
  if (screen.kind === "style") return "Before the chalk";
  if (screen.kind === "count") return "After the cut";
  const group = sheet.groups.find(({ id }) => id === screen.group);
  const piece = sheet.pieces.find(({ id }) => id === group?.pieces[0]);
  return group?.pieces.length === 1 ? (piece?.name ?? "") : namePiece(screen.group);
}

const nav = "min-h-16 rounded-lg text-xl font-semibold disabled:opacity-40";

/** At the table: one laying of the tape at a time, full screen, readable from two metres. */
export function TableView({ orderId, sheet, style, start }: TableViewProps) {
  const { hand, room, steps, prefer } = usePreferences();
  const screens = useMemo(() => tableScreens(sheet, steps), [sheet, steps]);
  const { place, move, tick, keepCheck, done, checks, kept } = usePlace(orderId, sheet, screens, start);
  const [close, setClose] = useState(true);
  const [whole, setWhole] = useState(false);
  const [keys, setKeys] = useState(false);
  const [read, setRead] = useState({ screen: "", reading: 0 });
  const screen = screens[place.index];
  const reading = read.screen === screen?.id ? read.reading : 0;
  const { speaks, toggle, repeat } = useVoice(sheet, screen, place.part, reading);
  const readings = screen?.placement?.readings.length ?? 0;
  // Read aloud, a tape waits at each of its readings.
  const waits = speaks && reading < readings - 1;
  const free = screen === undefined || isFree(sheet, screen.group, done);
  const held = screen?.kind === "cut" && !free && !screen.steps.some(({ phase }) => phase === "check");
  const go = useCallback(
    (by: 1 | -1) => {
      if (by === 1 && held) return;
      if (by === 1 && waits) {
        const made = screen?.placement?.readings[reading]?.made.map(({ step }) => step) ?? [];
        if (!made.every((id) => done.has(id))) tick(made.filter((id) => !done.has(id)));
        setRead({ screen: screen?.id ?? "", reading: reading + 1 });
        return;
      }
      move(by);
    },
    [held, waits, screen, reading, done, tick, move],
  );
  const tools = useMemo(
    () =>
      tableTools(
        { close, whole, single: steps === "single", left: hand === "left", dim: room === "dim", speaks },
        {
          close: () => setClose((before) => !before),
          whole: () => setWhole((before) => !before),
          single: () => prefer("steps", steps === "single" ? "placements" : "single"),
          left: () => prefer("hand", hand === "left" ? "right" : "left"),
          dim: () => prefer("room", room === "dim" ? "bright" : "dim"),
          speaks: toggle,
          repeat,
          keys: () => setKeys(true),
        },
      ),
    [close, whole, steps, hand, room, speaks, prefer, toggle, repeat],
  );
  useTableKeys(go, tools);
  const group = sheet.groups.find(({ id }) => id === screen?.group);
  if (screen === undefined || group === undefined) return null;
  const last = place.index === screens.length - 1;
  const ticked = screen.steps.every(({ id }) => done.has(id));
  const share = sheet.steps.filter(({ id }) => done.has(id)).length / sheet.steps.length;
  const strays = straysOf(sheet, done);
  const inHand = screen.steps[Math.min(place.part, screen.steps.length - 1)];
  return (
    <div className="on-cloth flex h-dvh flex-col bg-cloth-deep text-chalk">
      <header className="flex flex-wrap items-center gap-x-4 px-3">
        <Link
          href={`/orders/${orderId}/sheet`}
          prefetch={false}
          className="flex min-h-12 items-center gap-2 underline underline-offset-4"
        >
          <ArrowLeft aria-hidden="true" /> Sheet
        </Link>
        <h1 className="flex-1 whitespace-nowrap text-lg">
          <span className="first-letter:uppercase">{saidOf(screen, sheet)}</span> · {place.index + 1} of{" "}
          {screens.length}
          {ticked && <span className="text-lantern"> · done</span>}
        </h1>
        {!kept && <p role="status">Place not kept yet: the shop's computer does not answer.</p>}
        {strays > 0 && (
          <p role="status" className="text-base">
            {strays === 1 ? "One tick belongs" : `${strays} ticks belong`} to an earlier drawing of this order: they are
            kept, and tick nothing here.
          </p>
        )}
        <TableTools tools={tools} />
      </header>
      <div className="mx-3 h-1.5 overflow-hidden rounded-full bg-cloth-under" aria-hidden="true">
        <div className="slides h-full rounded-full bg-lantern" style={{ width: `${share * 100}%` }} />
      </div>
      <main
        className={`flex min-h-0 flex-1 flex-col gap-3 p-3 ${hand === "left" ? "lg:flex-row-reverse" : "lg:flex-row"}`}
      >
        <div className="h-[42dvh] shrink-0 overflow-hidden rounded-lg bg-table lg:h-auto lg:w-[62%]">
          {screen.kind === "style" || screen.kind === "count" ? (
            <FlatDrawing sheet={sheet} />
          ) : screen.kind === "fold" ? (
            <FoldPicture sheet={sheet} group={group} act={inHand?.act ?? ""} />
          ) : (
            <TableCloth
              sheet={sheet}
              group={group}
              screens={screens}
              index={place.index}
              part={place.part}
              close={close}
              whole={whole}
            />
          )}
        </div>
        <section
          key={`${screen.id} ${screen.kind === "cut" ? place.part : ""}`}
          aria-live="polite"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: a long slip scrolls in itself, so it must be reachable by keyboard
          tabIndex={0}
          aria-label="What is done now"
          className="step-in flex min-h-0 flex-1 flex-col gap-3 overflow-y-auto"
        >
          <ScreenSlip
            orderId={orderId}
            sheet={sheet}
            screen={screen}
            part={place.part}
            reading={speaks ? reading : null}
            style={style}
            done={done}
            checks={checks}
            free={free}
            onTick={tick}
            onCheck={keepCheck}
          />
        </section>
      </main>
      <nav
        className={`flex gap-3 bg-cloth-deep px-3 pb-3 ${hand === "left" ? "flex-row-reverse" : ""}`}
        aria-label="Steps"
      >
        <button
          type="button"
          className={`${nav} flex-1 border-2 border-chalk-soft`}
          onClick={() => go(-1)}
          disabled={place.index === 0 && place.part === 0}
        >
          Back
        </button>
        <button
          type="button"
          className={`${nav} flex flex-[2] items-center justify-center gap-3 bg-lantern text-2xl font-bold text-on-lantern`}
          onClick={() => go(1)}
          disabled={held || (last && ticked)}
        >
          <Check aria-hidden="true" />
          {doneSaid(screen, { waits, last, free, part: place.part })}
        </button>
      </nav>
      {keys && <KeyMap open onOpen={setKeys} />}
    </div>
  );
}

/** What the large button says: what going on means here. */
function doneSaid(
  { kind, steps, placement }: TableScreen,
  { waits, last, free, part }: { waits: boolean; last: boolean; free: boolean; part: number },
): string {
  if (last) return "All done";
  if (waits) return "Marked, next reading";
  if (kind === "style") return "All of it is so, fold";
  if (kind === "check") return free ? "To the shears" : "Go on, not cutting yet";
  if (kind === "cut" && part < steps.length - 1) return "Next edge";
  return placement === null ? "Done, next" : "All chalked, next";
}

"use client";

import dynamic from "next/dynamic";
import { useCallback, useMemo } from "react";
import { type CutSheet, type SheetLength, type StyleItem, type TableScreen, tableScreens } from "@/core/formats";
import type { Progress } from "@/db";
import { FoldPicture } from "@/ui/cloth/fold-picture";
import { StripsPicture } from "@/ui/cloth/strips-picture";
import { FlatDrawing } from "@/ui/garment/flat-drawing";
import { usePreferences } from "@/ui/shell/preferences";
import { ScreenSlip } from "./screen-slip";
import { TableCloth } from "./table-cloth";
import { TableHead } from "./table-head";
import { TableNav } from "./table-nav";
import { type TablePlace, usePlace } from "./use-place";
import { measuredNow, useReadings } from "./use-readings";
import { useTableKeys } from "./use-table-keys";
import { useTableTools } from "./use-table-tools";
import { useVoice } from "./use-voice";

const KeyMap = dynamic(() => import("@/ui/shell/key-map").then((module) => module.KeyMap), { ssr: false });

interface TableViewProps {
  readonly orderId: string;
  readonly sheet: CutSheet;
  readonly style: readonly StyleItem[];
  readonly start: Progress | null;
}

/** Whether a group's chalk was measured, or someone let it be cut; sheets of before the check are free. */
export function isFree(sheet: CutSheet, group: string, done: ReadonlySet<string>): boolean {
  const checks = sheet.steps.filter((step) => step.phase === "check" && step.group === group);
  return checks.every(({ id }) => done.has(id));
}

interface TableStageProps {
  readonly sheet: CutSheet;
  readonly screens: readonly TableScreen[];
  readonly place: TablePlace;
  readonly close: boolean;
  readonly whole: boolean;
  readonly measured: SheetLength | null;
}

/** What lies on the table: the garment before and after, the fold, or the cloth with its chalk. */
function TableStage({ sheet, screens, place, close, whole, measured }: TableStageProps) {
  const screen = screens[place.index];
  const group = sheet.groups.find(({ id }) => id === screen?.group);
  if (screen === undefined || group === undefined) return null;
  if (screen.kind === "style" || screen.kind === "count") return <FlatDrawing sheet={sheet} />;
  if (screen.kind === "fold") return <FoldPicture sheet={sheet} group={group} act={screen.steps.at(-1)?.act ?? ""} />;
  const { index, part } = place;
  if (screen.placement?.kind === "strips")
    return (
      <StripsPicture
        sheet={sheet}
        pieces={screen.placement.readings.flatMap(({ made }) => made.map(({ piece }) => piece))}
      />
    );
  return <TableCloth {...{ sheet, group, screens, index, part, close, whole, measured }} />;
}

/** At the table: one laying of the tape at a time, full screen, readable from two metres. */
export function TableView({ orderId, sheet, style, start }: TableViewProps) {
  const { hand, steps } = usePreferences();
  const screens = useMemo(() => tableScreens(sheet, steps), [sheet, steps]);
  const { place, move, tick, keepCheck, done, checks, kept } = usePlace(orderId, sheet, screens, start);
  const screen = screens[place.index];
  const { reading, touched, toReading, toLength } = useReadings(screen);
  const voice = useVoice(sheet, screen, place.part, reading);
  const { close, whole, keys, setKeys, tools } = useTableTools(voice);
  const readings = screen?.placement?.readings;
  // Read aloud, a tape waits at each of its readings.
  const waits = voice.speaks && reading < (readings?.length ?? 0) - 1;
  const free = screen === undefined || isFree(sheet, screen.group, done);
  const held = screen?.kind === "cut" && !free && !screen.steps.some(({ phase }) => phase === "check");
  const go = useCallback(
    (by: 1 | -1) => {
      if (by === 1 && held) return;
      if (by === -1 || !waits) {
        move(by);
        return;
      }
      const open = (readings?.[reading]?.made ?? []).map(({ step }) => step).filter((id) => !done.has(id));
      if (open.length > 0) tick(open);
      toReading(reading + 1);
    },
    [held, waits, readings, reading, done, tick, move, toReading],
  );
  useTableKeys(go, tools);
  if (screen === undefined) return null;
  const measured = measuredNow(screen, touched, checks);
  return (
    <div className="on-cloth flex h-dvh flex-col bg-cloth-deep text-chalk">
      <TableHead {...{ orderId, sheet, screens, done, kept, tools }} index={place.index} />
      <main
        className={`flex min-h-0 flex-1 flex-col gap-3 p-3 ${hand === "left" ? "lg:flex-row-reverse" : "lg:flex-row"}`}
      >
        <div className="h-[42dvh] shrink-0 overflow-hidden rounded-lg bg-table text-ink lg:h-auto lg:w-[64%]">
          <TableStage {...{ sheet, screens, place, close, whole, measured }} />
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
            {...{ orderId, sheet, screen, style, done, checks, free }}
            part={place.part}
            reading={voice.speaks ? reading : null}
            measured={measured?.id ?? null}
            onMeasure={toLength}
            onTick={tick}
            onCheck={keepCheck}
          />
        </section>
      </main>
      <TableNav
        {...{ screen, free, held, waits }}
        part={place.part}
        isFirst={place.index === 0 && place.part === 0}
        isLast={place.index === screens.length - 1}
        ticked={screen.steps.every(({ id }) => done.has(id))}
        leftHanded={hand === "left"}
        onMove={go}
      />
      {keys && <KeyMap open onOpen={setKeys} />}
    </div>
  );
}

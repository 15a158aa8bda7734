"use client";

import { Tabs } from "radix-ui";
import { useCallback, useMemo, useState } from "react";
import { type CutSheet, reopened, tableScreens, tableSteps, waiversOf } from "@/core/formats";
import { namePiece, sayWaiver } from "@/core/wording";
import type { Progress } from "@/db";
import { Legend } from "@/ui/cloth/legend";
import { ticksSaid } from "@/ui/progress/ticks-said";
import { useProgress } from "@/ui/progress/use-progress";
import { usePreferences } from "@/ui/shell/preferences";
import { Proof } from "./proof";
import { ReadingInHand } from "./reading-in-hand";
import { StepCloth } from "./step-cloth";
import { StepList } from "./step-list";
import { useSheetKeys } from "./use-sheet-keys";

const tab =
  "min-h-12 flex-1 border-b-4 border-transparent px-3 font-semibold data-[state=active]:border-next data-[state=active]:bg-card-deep";

/** The step that chalks a mark of a piece. */
function stepOfMark(sheet: CutSheet, piece: string, mark: string): string | null {
  return (
    sheet.steps.find(
      (step) => step.phase === "chalk" && step.piece === piece && step.act !== "edge" && step.marks.includes(mark),
    )?.id ?? null
  );
}

interface SheetViewProps {
  readonly orderId: string;
  readonly sheet: CutSheet;
  readonly start: Progress | null;
}

/** The cut sheet: steps and proof beside the cloth, the reading in hand under it. Touching one lights the other. */
export function SheetView({ orderId, sheet, start }: SheetViewProps) {
  const { hand } = usePreferences();
  const { done, checks, kept, change } = useProgress(orderId, start);
  const [activeId, setActiveId] = useState(
    start?.stepId || (sheet.steps.find(({ phase }) => phase === "chalk")?.id ?? null),
  );
  const active = sheet.steps.find(({ id, phase }) => id === activeId && phase !== "make") ?? null;
  const group = sheet.groups.find(({ id }) => id === active?.group) ?? sheet.groups[0];
  const pickMark = useCallback(
    (piece: string, mark: string) => setActiveId((before) => stepOfMark(sheet, piece, mark) ?? before),
    [sheet],
  );
  const screens = useMemo(() => tableScreens(sheet, "placements"), [sheet]);
  const steps = useMemo(() => tableSteps(sheet), [sheet]);
  const tickAll = useCallback(
    (ids: readonly string[]) => {
      const [first = ""] = ids;
      if (ids.every((id) => done.has(id))) change(first, [], [...ids, ...reopened(sheet, ids)]);
      else change(first, ids);
    },
    [done, change, sheet],
  );
  const tick = useCallback((id: string) => tickAll([id]), [tickAll]);
  const walk = useCallback(
    (by: 1 | -1) =>
      setActiveId((before) => {
        const at = steps.findIndex(({ id }) => id === before);
        return steps[Math.min(steps.length - 1, Math.max(0, at + by))]?.id ?? before;
      }),
    [steps],
  );
  const tickActive = useCallback(() => activeId !== null && tick(activeId), [activeId, tick]);
  useSheetKeys(walk, tickActive);
  const waivers = waiversOf(sheet, checks);
  return (
    <div className="flex flex-col gap-3 p-3 lg:h-[calc(100dvh-72px)] lg:min-h-[640px]">
      {waivers.map(({ group: id, waiver }) => (
        <p key={id} role="note" className="slip px-3 py-2 font-semibold text-wrong">
          {sayWaiver(namePiece(id), waiver)}
        </p>
      ))}
      <div className={`flex min-h-0 flex-1 flex-col gap-3 ${hand === "left" ? "lg:flex-row-reverse" : "lg:flex-row"}`}>
        <Tabs.Root defaultValue="steps" className="slip flex flex-col overflow-hidden lg:w-[400px]">
          <Tabs.List className="flex" aria-label="The sheet">
            <Tabs.Trigger value="steps" className={tab}>
              Steps
              <span className="ml-2 whitespace-nowrap text-sm font-normal text-ink-soft">
                {steps.filter(({ id }) => done.has(id)).length} of {steps.length}
              </span>
            </Tabs.Trigger>
            <Tabs.Trigger value="cloth" className={`${tab} lg:hidden`}>
              Cloth
            </Tabs.Trigger>
            <Tabs.Trigger value="proof" className={tab}>
              Proof
            </Tabs.Trigger>
          </Tabs.List>
          {kept !== "kept" && (
            <p role="status" className="px-3 py-1 font-semibold text-next-deep">
              {ticksSaid[kept]}
            </p>
          )}
          <Tabs.Content value="steps" className="max-h-[44dvh] overflow-y-auto lg:max-h-none lg:flex-1" tabIndex={0}>
            <StepList
              sheet={sheet}
              screens={screens}
              activeId={activeId}
              done={done}
              onPick={setActiveId}
              onTick={tick}
              onTickAll={tickAll}
            />
          </Tabs.Content>
          {group !== undefined && (
            <Tabs.Content value="cloth" className="on-cloth space-y-2 bg-table lg:hidden">
              <div className="h-[56dvh]">
                <StepCloth sheet={sheet} group={group} step={active} onMark={pickMark} close />
              </div>
              <Legend />
            </Tabs.Content>
          )}
          <Tabs.Content value="proof" className="overflow-auto lg:flex-1">
            <Proof sheet={sheet} />
          </Tabs.Content>
        </Tabs.Root>
        <div className="on-cloth hidden min-h-0 flex-1 flex-col gap-2 lg:flex">
          {group !== undefined && (
            <div className={`flex min-h-0 flex-1 gap-2 ${hand === "left" ? "flex-row-reverse" : ""}`}>
              <div className="min-h-0 w-[34%]">
                <StepCloth sheet={sheet} group={group} step={active} onMark={pickMark} />
              </div>
              <div className="min-h-[420px] min-w-0 flex-1">
                <StepCloth sheet={sheet} group={group} step={active} onMark={pickMark} close />
              </div>
            </div>
          )}
          <Legend />
        </div>
      </div>
      {active !== null && <ReadingInHand sheet={sheet} step={active} />}
    </div>
  );
}

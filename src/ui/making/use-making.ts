"use client";

import { useCallback, useMemo, useState } from "react";
import { type CutSheet, makingOf, type SheetStep } from "@/core/formats";
import type { Progress } from "@/db";
import { useProgress } from "@/ui/progress/use-progress";

/** A task as it stands: done, free to be done, or waiting for others. */
export interface TaskStand {
  readonly step: SheetStep;
  readonly done: boolean;
  /** Titles of the tasks that come first and are not done. */
  readonly waits: readonly string[];
}

/** How every task stands under what is ticked. */
export function standOf(steps: readonly SheetStep[], done: ReadonlySet<string>): readonly TaskStand[] {
  const titles = new Map(steps.map(({ id, title }) => [id, title]));
  return steps.map((step) => ({
    step,
    done: done.has(step.id),
    waits: (step.make?.waitsFor ?? []).filter((id) => !done.has(id)).flatMap((id) => titles.get(id) ?? []),
  }));
}

/** The task that comes next: the first that is free, or the last of all. */
export function nextTask(stands: readonly TaskStand[]): string {
  const open = stands.find(({ done, waits }) => !done && waits.length === 0) ?? stands.at(-1);
  return open?.step.id ?? "";
}

/** The making of a garment: which task is in hand, and what is ticked, shared with the table. */
export function useMaking(orderId: string, sheet: CutSheet, start: Progress | null) {
  const { stepId, done, kept, change } = useProgress(orderId, start);
  const steps = useMemo(() => makingOf(sheet), [sheet]);
  const stands = useMemo(() => standOf(steps, done), [steps, done]);
  const [picked, setPicked] = useState<string | null>(null);
  const inHand = stands.find(({ step }) => step.id === (picked ?? nextTask(stands))) ?? stands[0];
  /** Ticks a task and goes on to the next that is free; ticked before, it is taken back. */
  const tick = useCallback(
    (id: string) => {
      // The place at the table stays where it was: only ticks are shared.
      if (done.has(id)) change(stepId, [], [id]);
      else change(stepId, [id]);
      setPicked(done.has(id) ? id : null);
    },
    [change, done, stepId],
  );
  return { stands, inHand, pick: setPicked, tick, done, kept };
}

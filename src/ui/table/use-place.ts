"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { type CutSheet, type KeptCheck, reopened, type TableScreen } from "@/core/formats";
import type { Progress } from "@/db";
import { useProgress } from "@/ui/progress/use-progress";

/** A page left this lately may come back before its last place has reached the server. */
const JUST_LEFT_MS = 10_000;

function rememberHere(orderId: string, stepId: string): void {
  window.sessionStorage.setItem(`place-${orderId}`, JSON.stringify({ stepId, at: Date.now() }));
}

/** The step that this very page was left at a moment ago; null when that is longer ago, and the server knows better. */
function recallHere(orderId: string): string | null {
  try {
    const left = JSON.parse(window.sessionStorage.getItem(`place-${orderId}`) ?? "null") as {
      stepId: string;
      at: number;
    } | null;
    return left !== null && Date.now() - left.at < JUST_LEFT_MS ? left.stepId : null;
  } catch {
    return null;
  }
}

/** A screen, and where on it: the shears go edge by edge. */
export interface TablePlace {
  readonly index: number;
  readonly part: number;
}

const START: TablePlace = { index: 0, part: 0 };

function placeOfStep(screens: readonly TableScreen[], stepId: string | null): TablePlace | null {
  const index = screens.findIndex(({ steps }) => steps.some(({ id }) => id === stepId));
  const screen = screens[index];
  if (screen === undefined) return null;
  return { index, part: screen.kind === "cut" ? screen.steps.findIndex(({ id }) => id === stepId) : 0 };
}

function stepAt(screens: readonly TableScreen[], { index, part }: TablePlace): string {
  return screens[index]?.steps[part]?.id ?? "";
}

/** The place after this one, and the steps that are ticked by going there. */
export function nextPlace(
  screens: readonly TableScreen[],
  { index, part }: TablePlace,
): { readonly place: TablePlace; readonly ticked: readonly string[] } {
  const screen = screens[index];
  if (screen === undefined) return { place: START, ticked: [] };
  const goesOn = screen.kind === "cut" && part < screen.steps.length - 1;
  const ticked = screen.kind === "cut" ? screen.steps.slice(part, part + 1) : screen.steps;
  const place = goesOn ? { index, part: part + 1 } : { index: Math.min(index + 1, screens.length - 1), part: 0 };
  // A check is ticked by what was read, never by going on.
  return { place, ticked: screen.kind === "check" ? [] : ticked.map(({ id }) => id) };
}

export function placeBefore(screens: readonly TableScreen[], { index, part }: TablePlace): TablePlace {
  if (part > 0) return { index, part: part - 1 };
  const before = screens[index - 1];
  if (before === undefined) return START;
  return { index: index - 1, part: before.kind === "cut" ? before.steps.length - 1 : 0 };
}

/** The screen in hand at the table: moved by key and by tap, kept on the server, followed by a second browser. */
export function usePlace(orderId: string, sheet: CutSheet, screens: readonly TableScreen[], start: Progress | null) {
  const { stepId, done, checks, kept, change } = useProgress(orderId, start);
  const [place, setPlace] = useState<TablePlace>(() => placeOfStep(screens, stepId) ?? START);
  // Two quick taps may come before the page has drawn the first: the place itself must not wait for it.
  const here = useRef(place);
  const goTo = useCallback(
    (next: TablePlace) => {
      here.current = next;
      setPlace(next);
      rememberHere(orderId, stepAt(screens, next));
    },
    [orderId, screens],
  );
  // Somebody moved on in another browser, or the steps are shown otherwise.
  useEffect(() => {
    const found = placeOfStep(screens, stepId);
    if (found === null) return;
    if (found.index === here.current.index && found.part === here.current.part) return;
    here.current = found;
    setPlace(found);
  }, [screens, stepId]);
  useEffect(() => {
    const left = recallHere(orderId);
    const found = placeOfStep(screens, left);
    if (found === null || left === stepAt(screens, here.current)) return;
    goTo(found);
    change(left ?? "", []);
  }, [orderId, screens, goTo, change]);

  /** On, which ticks what was done here; or back, which ticks nothing and takes nothing back. */
  const move = useCallback(
    (by: 1 | -1) => {
      const { place: next, ticked } =
        by === 1
          ? nextPlace(screens, here.current)
          : { place: placeBefore(screens, here.current), ticked: [] as readonly string[] };
      goTo(next);
      change(stepAt(screens, next), ticked);
    },
    [change, goTo, screens],
  );
  /** Ticks some steps here, or takes them back when all of them were ticked. */
  const tick = useCallback(
    (ids: readonly string[]) => {
      const at = stepAt(screens, here.current);
      if (ids.every((id) => done.has(id))) change(at, [], [...ids, ...reopened(sheet, ids)]);
      else change(at, ids);
    },
    [change, done, screens, sheet],
  );
  const keepCheck = useCallback(
    (id: string, check: KeptCheck, free: boolean) => change(id, free ? [id] : [], free ? [] : [id], { [id]: check }),
    [change],
  );
  return { place, move, tick, keepCheck, done, checks, kept };
}

"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import type { CutSheet } from "@/core/formats";
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

/** The step in hand at the table: moved by key and by tap, kept on the server, followed by a second browser. */
export function usePlace(orderId: string, sheet: CutSheet, start: Progress | null) {
  const { stepId, done, kept, change } = useProgress(orderId, start);
  const found = sheet.steps.findIndex(({ id }) => id === stepId);
  const [index, setIndex] = useState(Math.max(0, found));
  // Two quick taps may come before the page has drawn the first: the place itself must not wait for it.
  const place = useRef(index);
  const goTo = useCallback(
    (next: number) => {
      place.current = next;
      setIndex(next);
      rememberHere(orderId, sheet.steps[next]?.id ?? "");
    },
    [orderId, sheet.steps],
  );
  // Somebody moved on in another browser.
  useEffect(() => {
    if (found >= 0 && found !== place.current) {
      place.current = found;
      setIndex(found);
    }
  }, [found]);
  useEffect(() => {
    const left = sheet.steps.findIndex(({ id }) => id === recallHere(orderId));
    if (left < 0 || left === place.current) return;
    goTo(left);
    change(sheet.steps[left]?.id ?? "", []);
  }, [orderId, sheet.steps, goTo, change]);

  /** On to the next step, which ticks this one; or back, which ticks nothing and takes nothing back. */
  const move = useCallback(
    (by: 1 | -1) => {
      const here = sheet.steps[place.current];
      const next = Math.min(sheet.steps.length - 1, Math.max(0, place.current + by));
      const step = sheet.steps[next];
      if (here === undefined || step === undefined) return;
      if (next !== place.current) goTo(next);
      change(step.id, by === 1 ? [here.id] : []);
    },
    [change, goTo, sheet.steps],
  );
  return { index, move, done, kept };
}

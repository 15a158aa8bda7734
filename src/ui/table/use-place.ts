"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import type { CutSheet } from "@/core/formats";

const FORWARD = new Set(["ArrowRight", "Enter", " ", "PageDown"]);
const BACK = new Set(["ArrowLeft", "Backspace", "PageUp"]);

interface Place {
  readonly stepId: string;
  readonly done: readonly string[];
}

/** Sends places one after another, only ever the newest; a place on its way still arrives when the page is left. */
function useKeeper(orderId: string) {
  const [kept, setKept] = useState(true);
  const waiting = useRef<Place | null>(null);
  const sending = useRef(false);
  const send = useCallback(async () => {
    sending.current = true;
    while (waiting.current !== null) {
      const place = waiting.current;
      waiting.current = null;
      const answer = await fetch(`/orders/${orderId}/place`, {
        method: "PUT",
        keepalive: true,
        body: JSON.stringify(place),
      }).catch(() => null);
      setKept(answer?.ok ?? false);
    }
    sending.current = false;
  }, [orderId]);
  const keep = useCallback(
    (place: Place) => {
      waiting.current = place;
      if (!sending.current) send();
    },
    [send],
  );
  useEffect(() => {
    window.addEventListener("pagehide", send);
    return () => window.removeEventListener("pagehide", send);
  }, [send]);
  return { kept, keep };
}

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

/** The place in the steps, kept on the server at every move, moved by key and by tap. */
export function usePlace(orderId: string, sheet: CutSheet, startAt: string | null) {
  const [index, setIndex] = useState(() =>
    Math.max(
      0,
      sheet.steps.findIndex(({ id }) => id === startAt),
    ),
  );
  const { kept, keep } = useKeeper(orderId);
  // Two quick taps may come before the page has drawn the first: the place itself must not wait for it.
  const place = useRef(index);
  const move = useCallback(
    (by: number) => {
      const next = Math.min(sheet.steps.length - 1, Math.max(0, place.current + by));
      const step = sheet.steps[next];
      if (next === place.current || step === undefined) return;
      place.current = next;
      setIndex(next);
      rememberHere(orderId, step.id);
      keep({ stepId: step.id, done: sheet.steps.slice(0, next).map(({ id }) => id) });
    },
    [keep, orderId, sheet.steps],
  );
  useEffect(() => {
    const left = sheet.steps.findIndex(({ id }) => id === recallHere(orderId));
    if (left >= 0) move(left - place.current);
  }, [move, orderId, sheet.steps]);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const onControl = event.target instanceof HTMLElement && event.target.closest("button, a") !== null;
      if (onControl && (event.key === "Enter" || event.key === " ")) return;
      if (FORWARD.has(event.key)) move(1);
      else if (BACK.has(event.key)) move(-1);
      else return;
      event.preventDefault();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [move]);
  return { index, move, kept };
}

"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { KeptChecks } from "@/core/formats";
import type { Progress } from "@/db";

interface Change {
  readonly stepId: string;
  readonly ticked: readonly string[];
  readonly unticked: readonly string[];
  readonly checks?: KeptChecks;
}

/** So often a second browser looks where the first one stands. */
const FOLLOW_EVERY_MS = 1500;

function join(before: Change | null, next: Change): Change {
  if (before === null) return next;
  const without = (ids: readonly string[], taken: readonly string[]) => ids.filter((id) => !taken.includes(id));
  return {
    stepId: next.stepId,
    ticked: [...without(before.ticked, next.unticked), ...next.ticked],
    unticked: [...without(before.unticked, next.ticked), ...next.unticked],
    checks: { ...before.checks, ...next.checks },
  };
}

/** Whether ticks are in the book; where not, whether nobody answered, the order is gone, or the answer was a failure. */
export type TicksKept = "kept" | "away" | "gone" | "failed" | "no-room";

const [GONE, NO_ROOM] = [404, 507];

/** What became of ticks that were sent. */
function toldBy(answer: Response | null): TicksKept {
  if (answer === null) return "away";
  if (answer.ok) return "kept";
  return answer.status === GONE ? "gone" : answer.status === NO_ROOM ? "no-room" : "failed";
}

/** Sends changes one after another, what waits joined into one; a change on its way still arrives when the page is left. */
function useSender(orderId: string) {
  const [kept, setKept] = useState<TicksKept>("kept");
  const waiting = useRef<Change | null>(null);
  const sending = useRef(false);
  const send = useCallback(async () => {
    sending.current = true;
    while (waiting.current !== null) {
      const change = waiting.current;
      waiting.current = null;
      const answer = await fetch(`/orders/${orderId}/place`, {
        method: "PUT",
        keepalive: true,
        body: JSON.stringify(change),
      }).catch(() => null);
      const told = toldBy(answer);
      setKept(told);
      // It is in the book only when that was said: else it waits for the next try, joined with what comes meanwhile.
      if (told !== "kept") {
        waiting.current = waiting.current === null ? change : join(change, waiting.current);
        break;
      }
    }
    sending.current = false;
  }, [orderId]);
  const keep = useCallback(
    (change: Change) => {
      waiting.current = join(waiting.current, change);
      if (!sending.current) send();
    },
    [send],
  );
  useEffect(() => {
    window.addEventListener("pagehide", send);
    return () => window.removeEventListener("pagehide", send);
  }, [send]);
  const isBusy = useCallback(() => sending.current || waiting.current !== null, []);
  return { kept, keep, send, isBusy };
}

const NOTHING: Progress = { stepId: "", done: [], checks: {} };

/**
 * Where the table stands with an order and which steps are ticked: kept on the server at every change, and followed
 * from it, so that two browsers show the same.
 */
export function useProgress(orderId: string, start: Progress | null) {
  const [progress, setProgress] = useState(start ?? NOTHING);
  const { kept, keep, send, isBusy } = useSender(orderId);
  const changed = useRef(0);

  const change = useCallback(
    (stepId: string, ticked: readonly string[], unticked: readonly string[] = [], checks: KeptChecks = {}) => {
      changed.current += 1;
      setProgress((before) => ({
        stepId,
        done: [...new Set([...before.done, ...ticked])].filter((id) => !unticked.includes(id)),
        checks: { ...before.checks, ...checks },
      }));
      keep({ stepId, ticked, unticked, checks });
    },
    [keep],
  );

  useEffect(() => {
    const follow = async () => {
      if (document.visibilityState !== "visible") return;
      if (isBusy()) {
        send();
        return;
      }
      const before = changed.current;
      const answer = await fetch(`/orders/${orderId}/place`).catch(() => null);
      const place = answer?.ok ? ((await answer.json()) as Progress | null) : null;
      // What was done here while the answer came is newer than the answer.
      if (place === null || changed.current !== before || isBusy()) return;
      setProgress((old) => (JSON.stringify(old) === JSON.stringify(place) ? old : place));
    };
    const timer = setInterval(follow, FOLLOW_EVERY_MS);
    return () => clearInterval(timer);
  }, [orderId, send, isBusy]);

  const done = useMemo(() => new Set(progress.done), [progress.done]);
  return { stepId: progress.stepId, done, checks: progress.checks, kept, change };
}

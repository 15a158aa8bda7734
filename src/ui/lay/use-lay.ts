"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import type { ClothId } from "@/core/chalk";
import type { LayPin, LayRefusal, LayWay } from "@/core/cloth";
import type { Order, WhatIf } from "@/core/formats";
import type { LayPost, LayReport, LayRequest, ShownLay, WidthLine } from "@/workers/lay-messages";

type WaysReport = Extract<LayReport, { kind: "ways" }>;

export interface LayState {
  readonly shown: ShownLay | null;
  readonly refused: LayRefusal | null;
  readonly message: string | null;
  readonly seconds: number;
  readonly looking: "no" | "yes" | "paused";
  readonly ways: WaysReport | null;
  readonly widths: readonly WidthLine[] | null;
  readonly whatIfs: readonly WhatIf[];
  readonly answered: boolean;
}

const NOTHING: LayState = {
  shown: null,
  refused: null,
  message: null,
  seconds: 0,
  looking: "no",
  ways: null,
  widths: null,
  whatIfs: [],
  answered: false,
};

function take(state: LayState, report: LayReport): LayState {
  switch (report.kind) {
    case "plan":
      return { ...state, shown: report.shown, refused: null, message: null };
    case "refused":
      return { ...state, shown: null, refused: report.refused, looking: "no" };
    case "undrawable":
      return { ...state, message: report.message, looking: "no" };
    case "progress":
      return { ...state, seconds: report.seconds, looking: report.looking ? "yes" : "no" };
    case "ways":
      return { ...state, ways: report };
    case "widths":
      return { ...state, widths: report.widths };
    case "what-if":
      return { ...state, whatIfs: [...state.whatIfs, report.found] };
    case "answered":
      return { ...state, answered: true };
    default:
      return report satisfies never;
  }
}

interface Asked {
  readonly worker: Worker;
  /** The question that is open: answers to earlier ones are not heard. */
  ticket: number;
}

function startWorker(tell: (report: LayReport) => void): Asked {
  const worker = new Worker(new URL("../../workers/lay.worker.ts", import.meta.url), { type: "module" });
  const asked: Asked = { worker, ticket: 0 };
  worker.onmessage = ({ data }: MessageEvent<LayPost>) => {
    if (data.ticket === asked.ticket) tell(data.report);
  };
  return asked;
}

/** Lays an order's cloth in one worker, and asks another what else could be done, so that neither waits for the other. */
export function useLay(order: Order, cloth: ClothId, way: LayWay, pins: readonly LayPin[], kept: readonly LayPin[]) {
  const [state, setState] = useState(NOTHING);
  const [workers, setWorkers] = useState<{ readonly laying: Asked; readonly asking: Asked } | null>(null);
  // How the pieces lay last in this way of folding: where a new lay begins.
  const before = useRef({ way, laid: kept });
  if (state.shown?.plan.way === way)
    before.current = { way, laid: state.shown.plan.sections.flatMap(({ laid }) => laid) };
  else if (before.current.way !== way) before.current = { way, laid: [] };

  useEffect(() => {
    const tell = (report: LayReport) => setState((now) => take(now, report));
    const laying = startWorker(tell);
    const asking = startWorker(tell);
    setWorkers({ laying, asking });
    return () => {
      laying.worker.terminate();
      asking.worker.terminate();
    };
  }, []);

  const lay = useCallback(() => {
    if (workers === null) return;
    const { laying } = workers;
    laying.ticket++;
    const request: LayRequest = { kind: "lay", ticket: laying.ticket, order, cloth, pins, before: before.current.laid };
    setState((now) => ({ ...now, seconds: 0, looking: "yes" }));
    laying.worker.postMessage(request);
  }, [workers, order, cloth, pins]);

  useEffect(() => {
    lay();
  }, [lay]);

  useEffect(() => {
    if (workers === null) return;
    setState((now) => ({ ...now, ways: null, widths: null, whatIfs: [], answered: false }));
    const { asking } = workers;
    asking.ticket++;
    const request: LayRequest = { kind: "answer", ticket: asking.ticket, order, cloth };
    asking.worker.postMessage(request);
  }, [workers, order, cloth]);

  const say = useCallback(
    (kind: "pause" | "go-on" | "stop") => {
      if (workers === null) return;
      const { laying } = workers;
      // A lay that was found before the word reached the worker must not take the place of the one on the screen.
      if (kind === "stop") laying.ticket++;
      laying.worker.postMessage({ kind } satisfies LayRequest);
      setState((now) => ({ ...now, looking: kind === "pause" ? "paused" : kind === "go-on" ? "yes" : "no" }));
    },
    [workers],
  );
  return { ...state, say, layAgain: lay };
}

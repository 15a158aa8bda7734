/// <reference lib="webworker" />
import { bringParts } from "../core/formats";
import type { LayPost, LayReport, LayRequest } from "./lay-messages";
import { workOn } from "./lay-session";

declare const self: DedicatedWorkerGlobalScope;

/** Work is done in short turns, so that the page is heard between them. */
const TURN_MS = 40;
/** Progress is told so often, plans as they come. */
const TELL_MS = 250;

let work: Generator<void, void> | null = null;
let paused = false;
let planned = false;
let lastProgress = 0;

function tell(ticket: number, report: LayReport): void {
  if (report.kind === "progress" && report.looking) {
    const now = performance.now();
    if (now - lastProgress < TELL_MS) return;
    lastProgress = now;
  }
  self.postMessage({ ticket, report } satisfies LayPost);
}

/** The clock stands still while the work is paused: its minute is a minute of looking. */
let stoodFor = 0;
let pausedAt = 0;
const now = () => performance.now() - stoodFor;

function takeTurn(): void {
  planned = false;
  if (work === null || paused) return;
  const until = performance.now() + TURN_MS;
  while (performance.now() < until) {
    if (work.next().done === true) {
      work = null;
      return;
    }
  }
  planTurn();
}

function planTurn(): void {
  if (planned) return;
  planned = true;
  setTimeout(takeTurn, 0);
}

/** The question asked last: another may come while the parts of this one are brought. */
let asked = 0;

/** While the shop's computer does not answer it is asked again so often. */
const AGAIN_AFTER_MS = 4000;

async function bring({ order }: Extract<LayRequest, { order: unknown }>): Promise<void> {
  for (;;) {
    try {
      return await (bringParts([order]) ?? undefined);
    } catch {
      await new Promise((again) => setTimeout(again, AGAIN_AFTER_MS));
    }
  }
}

async function begin(request: Extract<LayRequest, { order: unknown }>): Promise<void> {
  asked = request.ticket;
  paused = false;
  work = null;
  await bring(request);
  if (asked !== request.ticket) return;
  work = workOn(request, (report) => tell(request.ticket, report), now);
  planTurn();
}

self.onmessage = ({ data }: MessageEvent<LayRequest>) => {
  switch (data.kind) {
    case "pause":
      if (!paused) pausedAt = performance.now();
      paused = true;
      return;
    case "go-on":
      if (paused) stoodFor += performance.now() - pausedAt;
      paused = false;
      return planTurn();
    case "stop":
      work = null;
      asked = -1;
      return;
    case "lay":
    case "answer":
      return void begin(data);
    default:
      return data satisfies never;
  }
};

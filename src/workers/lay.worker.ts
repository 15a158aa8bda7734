/// <reference lib="webworker" />
import { bringParts } from "../core/garments";
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

/** While the shop's computer does not answer it is asked again so often. */
const AGAIN_AFTER_MS = 4000;

type Question = Extract<LayRequest, { order: unknown }>;

/** The question asked last: another may come while the parts of this one are brought. */
let asked = -1;

/** Begins once what chalks the parts is at hand; it is looked for again where it did not come. */
function begin(request: Question): void {
  if (asked !== request.ticket) return;
  const coming = bringParts([request.order]);
  if (coming === null) {
    work = workOn(request, (report) => tell(request.ticket, report), now);
    planTurn();
    return;
  }
  coming.then(
    () => begin(request),
    () => setTimeout(() => begin(request), AGAIN_AFTER_MS),
  );
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
      asked = data.ticket;
      paused = false;
      work = null;
      return begin(data);
    default:
      return data satisfies never;
  }
};

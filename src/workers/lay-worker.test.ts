import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Order } from "@/core/formats";
import type { LayPost, LayReport, LayRequest } from "./lay-messages";
import { workOn } from "./lay-session";

vi.mock("./lay-session", () => ({ workOn: vi.fn() }));

const order: Order = { garment: "straight-dress", client: { card: { measurements: {} } } };
const layRequest = (ticket: number): LayRequest => ({
  kind: "lay",
  ticket,
  order,
  cloth: "main",
  pins: [],
  before: [],
});
const progress = (seconds: number, looking = true): LayReport => ({ kind: "progress", seconds, looking });

/** The worker's own clock; each piece of work below takes 10 ms of it. */
let time = 0;
let posts: LayPost[] = [];
let turns: (() => void)[] = [];
let send: (request: LayRequest) => void;

/** Lets the browser give the worker so many turns. */
function giveTurns(count: number): void {
  for (let turn = 0; turn < count; turn++) turns.shift()?.();
}

/** Work that tells at each step what its own clock says, for so many steps. */
function stepsOf(count: number) {
  return function* (_request: LayRequest, tell: (report: LayReport) => void, now: () => number): Generator<void, void> {
    for (let step = 0; step < count; step++) {
      time += 10;
      tell({ kind: "undrawable", message: String(now()) });
      yield;
    }
  };
}

const told = () =>
  posts.map(({ ticket, report }) => [ticket, report.kind === "undrawable" ? Number(report.message) : report.kind]);

beforeEach(async () => {
  [time, posts, turns] = [0, [], []];
  const shell = { postMessage: (post: LayPost) => posts.push(post), onmessage: null as unknown };
  vi.stubGlobal("self", shell);
  vi.stubGlobal("setTimeout", (turn: () => void) => turns.push(turn));
  vi.spyOn(performance, "now").mockImplementation(() => time);
  vi.resetModules();
  await import("./lay.worker");
  send = (data) => (shell.onmessage as (event: { data: LayRequest }) => void)({ data });
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

const works = (work: ReturnType<typeof stepsOf>) => vi.mocked(workOn).mockImplementation(work);

describe("the worker between the page and the work", () => {
  it("works 40 ms in a turn, then listens before it goes on", () => {
    works(stepsOf(9));
    send(layRequest(1));
    expect(posts).toEqual([]);
    giveTurns(1);
    expect(told().map(([, at]) => at)).toEqual([10, 20, 30, 40]);
    giveTurns(2);
    expect(told()).toHaveLength(9);
    expect(turns).toEqual([]);
  });
  it("each report carries the ticket of its question; a new question ends the old one's work", () => {
    works(stepsOf(100));
    send(layRequest(7));
    giveTurns(1);
    send(layRequest(8));
    giveTurns(1);
    expect(told().map(([ticket]) => ticket)).toEqual([7, 7, 7, 7, 8, 8, 8, 8]);
  });
  it("paused it does nothing, and its clock stands still: going on after an hour, no minute has passed", () => {
    works(stepsOf(8));
    send(layRequest(1));
    giveTurns(1);
    send({ kind: "pause" });
    giveTurns(3);
    expect(told()).toHaveLength(4);
    time += 3_600_000;
    send({ kind: "go-on" });
    giveTurns(1);
    expect(told().map(([, at]) => at)).toEqual([10, 20, 30, 40, 50, 60, 70, 80]);
  });
  it("two pauses add up, and a second press on pause counts once", () => {
    works(stepsOf(12));
    send(layRequest(1));
    giveTurns(1);
    for (const stood of [1000, 500]) {
      send({ kind: "pause" });
      time += stood / 2;
      send({ kind: "pause" });
      time += stood / 2;
      send({ kind: "go-on" });
      giveTurns(2);
    }
    expect(told().at(-1)).toEqual([1, 120]);
  });
  it("stopped it tells no more, also when it is asked to go on", () => {
    works(stepsOf(100));
    send(layRequest(1));
    giveTurns(1);
    send({ kind: "stop" });
    send({ kind: "go-on" });
    giveTurns(5);
    expect(told()).toHaveLength(4);
  });
  it("a new question while paused is worked on at once", () => {
    works(stepsOf(2));
    send(layRequest(1));
    send({ kind: "pause" });
    send(layRequest(2));
    giveTurns(2);
    expect(told().map(([ticket]) => ticket)).toEqual([2, 2]);
  });
  it("tells progress four times a second while looking, and always when it rests", () => {
    vi.mocked(workOn).mockImplementation(function* (_request, tell) {
      for (let step = 0; step < 100; step++) {
        time += 10;
        tell(progress(step / 100));
        yield;
      }
      tell(progress(1, false));
    });
    send(layRequest(1));
    giveTurns(40);
    // A second of looking.
    expect(posts.filter(({ report }) => report.kind === "progress" && report.looking)).toHaveLength(4);
    expect(posts.at(-1)?.report).toEqual(progress(1, false));
  });
});

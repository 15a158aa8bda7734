import { type Draft, givenTick } from "../chalk";
import type { TableStep } from "../cloth";
import { certain } from "../result";
import type { Placement } from "./placement";
import { planPlacements } from "./plan-placements";
import type { ChalkRun } from "./run";

/** Everything that is done at the table: steps in the order of the hand, and the layings of the tape that make them. */
export interface Table {
  readonly steps: readonly TableStep[];
  readonly placements: readonly Placement[];
}

/** Steps chalked from one fold without a cut between them; all strips of a cloth are chalked together. */
function runsOf(draft: Draft, steps: readonly TableStep[]): readonly ChalkRun[] {
  const pieces = new Map(draft.pieces.map((piece) => [piece.id, piece]));
  const tick = givenTick(draft.given);
  const runs: { id: string; steps: TableStep[]; alone: boolean }[] = [];
  const cut = new Set<string>();
  for (const step of steps) {
    if (step.phase === "cut") cut.add(step.group);
    if (step.phase !== "chalk") continue;
    const strip = step.act.kind === "strip";
    const alone = !strip && cut.has(step.group);
    const id = strip ? "strips" : alone ? `${step.group}-${step.piece}-alone` : step.group;
    const open = runs.find((run) => run.id === id);
    if (open === undefined) runs.push({ id, steps: [step], alone });
    else open.steps.push(step);
  }
  return runs.map((run) => ({ ...run, pieces, tick }));
}

/** Chalk steps put where their placements come, each run in the place of its first step. */
function reorder(
  steps: readonly TableStep[],
  runs: readonly ChalkRun[],
  planned: readonly (readonly Placement[])[],
): readonly TableStep[] {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const rowOf = new Map<string, readonly TableStep[]>();
  const inRun = new Set<string>();
  for (const [index, run] of runs.entries()) {
    const row = (planned[index] ?? []).flatMap((placement) =>
      placement.steps.map((id) => certain(byId.get(id), `step ${id}`)),
    );
    rowOf.set(run.steps[0]?.id ?? "", row);
    for (const step of run.steps) inRun.add(step.id);
  }
  return steps.flatMap((step) => rowOf.get(step.id) ?? (inRun.has(step.id) ? [] : [step]));
}

/** Lays a draft's steps out at the table. */
export function layTable(draft: Draft, steps: readonly TableStep[]): Table {
  const runs = runsOf(draft, steps);
  const planned = runs.map(planPlacements);
  return { steps: reorder(steps, runs, planned), placements: planned.flat() };
}

/** Stretches of the work that are timed. */
export const timedStages = ["chalk", "cut", "sew"] as const;
export type TimedStage = (typeof timedStages)[number];

/** A longer pause than this was no work on the garment, in minutes: a client came, or the day ended. */
const PAUSE = 30;
const MINUTE = 60_000;

/** Which stretch of the work a step belongs to, by its id; null for what is no work of the hand. */
export function stageOf(step: string): TimedStage | null {
  if (step.startsWith("make-")) return "sew";
  if (/^(cut|re-cut|separate|open|notch|name|pierce|slit|pleat|hollow|quarter|count)-?/.test(step)) return "cut";
  return /^(style|check)-?/.test(step) ? null : "chalk";
}

/** When each step was ticked first, in milliseconds of the clock. */
export type TickTimes = Readonly<Record<string, number>>;

/**
 * Minutes that each stretch of the work took, from its ticks: from one tick to the next, pauses left out. A stretch with a
 * single tick has no length.
 */
export function stageMinutes(times: TickTimes): Readonly<Partial<Record<TimedStage, number>>> {
  const ticks = Object.entries(times)
    .map(([step, at]) => ({ stage: stageOf(step), at: at / MINUTE }))
    .sort((one, other) => one.at - other.at);
  const minutes: Partial<Record<TimedStage, number>> = {};
  for (const [index, { stage, at }] of ticks.entries()) {
    const before = ticks[index - 1];
    if (stage === null || before === undefined) continue;
    const took = at - before.at;
    // What is between two stretches belongs to the one that it ends in.
    if (took <= PAUSE) minutes[stage] = (minutes[stage] ?? 0) + took;
  }
  return minutes;
}

/** What a stretch usually takes, over several garments: the middle of those that were timed; left out where fewer than three were. */
export function usualMinutes(
  garments: readonly TickTimes[],
): Readonly<Partial<Record<TimedStage, { readonly minutes: number; readonly garments: number }>>> {
  const all = garments.map(stageMinutes);
  return Object.fromEntries(
    timedStages.flatMap((stage) => {
      const timed = all.flatMap((one) => one[stage] ?? []).sort((a, b) => a - b);
      const middle = timed[Math.floor(timed.length / 2)];
      return middle === undefined || timed.length < 3 ? [] : [[stage, { minutes: middle, garments: timed.length }]];
    }),
  );
}

import { type TimedStage, timedStages, type usualMinutes } from "./stage-times";

/** A garment that is promised, with the stretches of its work that are still to be done. */
export interface PromisedWork {
  /** The day it is promised for, as `2026-11-23`. */
  readonly on: string;
  readonly stages: readonly TimedStage[];
}

/** A promised day that cannot be kept as it stands: minutes of work until its end, and minutes that there are. */
export interface ShortDay {
  readonly day: string;
  readonly needed: number;
  readonly there: number;
}

type Usual = ReturnType<typeof usualMinutes>;

/** Minutes that some stretches of the work take here; null while the shop has not timed all of them. */
export function minutesOf(stages: readonly TimedStage[], usual: Usual): number | null {
  const timed = stages.map((stage) => usual[stage]?.minutes);
  return timed.some((minutes) => minutes === undefined)
    ? null
    : timed.reduce<number>((sum, minutes) => sum + (minutes ?? 0), 0);
}

/**
 * Promised days that cannot be done: whatever is promised until a day's end, and what is late already, against the working
 * hours until then. Nothing is said before every stretch of the work was timed on three garments.
 *
 * @param days the working days from today on, in order
 */
export function findShortDays(
  work: readonly PromisedWork[],
  usual: Usual,
  days: readonly string[],
  minutesADay: number,
): readonly ShortDay[] {
  if (minutesOf(timedStages, usual) === null) return [];
  return days.flatMap((day, index) => {
    if (!work.some(({ on }) => on === day)) return [];
    const needed = work
      .filter(({ on }) => on <= day)
      .reduce((sum, { stages }) => sum + (minutesOf(stages, usual) ?? 0), 0);
    const there = (index + 1) * minutesADay;
    return needed > there ? [{ day, needed, there }] : [];
  });
}

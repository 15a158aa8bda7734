import { addDays as add, format, isSunday as isOnSunday, parseISO, startOfISOWeek } from "date-fns";

const DAY = "yyyy-MM-dd";

/** A day some days later, as `2026-11-23`. */
export function addDays(day: string, days: number): string {
  return format(add(parseISO(day), days), DAY);
}

/** The Monday of a day's week. */
export function startOfWeek(day: string): string {
  return format(startOfISOWeek(parseISO(day)), DAY);
}

/** A day as it is said: `Wednesday 25 November`. */
export function sayDay(day: string): string {
  return format(parseISO(day), "EEEE d MMMM");
}

/** A day in a strip: `Wed 25`. */
export function sayShortDay(day: string): string {
  return format(parseISO(day), "EEE d");
}

export function isSunday(day: string): boolean {
  return isOnSunday(parseISO(day));
}

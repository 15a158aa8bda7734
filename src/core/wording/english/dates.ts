const MONTHS = [
  "January",
  "February",
  "March",
  "April",
  "May",
  "June",
  "July",
  "August",
  "September",
  "October",
  "November",
  "December",
] as const;

/** A day as people write it: `26 November 2026`; of a moment its day, of anything else what was given. */
export function sayDate(iso: string): string {
  const [, year, month, day] = /^(\d{4})-(\d{2})-(\d{2})/.exec(iso) ?? [];
  const name = MONTHS[Number(month) - 1];
  return year === undefined || name === undefined ? iso : `${Number(day)} ${name} ${year}`;
}

/** Minutes as they are said: `24 min`, `3 h 10`. */
export function sayMinutes(minutes: number): string {
  const whole = Math.round(minutes);
  return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, "0")}`;
}

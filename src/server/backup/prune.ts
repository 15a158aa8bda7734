/** When a copy was written, as its name says; null for what is no copy. */
const NAME = /^shop-(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-(\d{2})(?:-\d{1,3})?(-before)?\.json$/;

export interface NamedCopy {
  readonly name: string;
  /** Milliseconds, by the clock that the shop's computer had. */
  readonly at: number;
  /** Written because the book was about to be replaced. */
  readonly before: boolean;
}

/** What a copy's name says; null for any other name. */
export function readCopyName(name: string): NamedCopy | null {
  const [, day, hour, minute, second, before] = NAME.exec(name) ?? [];
  const at = Date.parse(`${day}T${hour}:${minute}:${second}Z`);
  return Number.isNaN(at) ? null : { name, at, before: before !== undefined };
}

/** A free name for a copy of this moment: two that are written in one second both stay. */
export function nameCopy(now: Date, before: boolean, taken: readonly string[]): string {
  const moment = `shop-${now.toISOString().slice(0, 19).replaceAll(":", "-")}`;
  const end = before ? "-before.json" : ".json";
  const free = [`${moment}${end}`, ...Array.from({ length: 998 }, (_, n) => `${moment}-${n + 2}${end}`)];
  return free.find((name) => !taken.includes(name)) ?? `${moment}-999${end}`;
}

const HOUR = 3_600_000;
const DAY = 24 * HOUR;

/** Of each hour of the last day one copy stays, of each day of the last month one, of each month one. */
const KEPT: readonly (readonly [age: number, span: (at: number) => string])[] = [
  [DAY, (at) => new Date(at).toISOString().slice(0, 13)],
  [31 * DAY, (at) => new Date(at).toISOString().slice(0, 10)],
  [Number.POSITIVE_INFINITY, (at) => new Date(at).toISOString().slice(0, 7)],
];

/** However much is written, so many of the newest stay, and so long what was written before a replacement. */
const NEWEST = 5;
const BEFORE_FOR = 31 * DAY;

/**
 * Copies that may go: never because there are many, only because a newer one stands for the same hour, day or month.
 * What lies in the future was written before somebody set the clock back, and stays.
 */
export function copiesToDrop(names: readonly string[], now: Date): readonly string[] {
  const copies = names.flatMap((name) => readCopyName(name) ?? []).sort((a, b) => b.at - a.at);
  const stands = new Set<string>();
  return copies
    .filter(({ at, before }, index) => {
      const age = now.getTime() - at;
      if (index < NEWEST || age < 0 || (before && age < BEFORE_FOR)) return false;
      const span = KEPT.find(([most]) => age < most)?.[1] ?? (() => "");
      const key = `${span(at).length} ${span(at)}`;
      if (!stands.has(key)) {
        stands.add(key);
        return false;
      }
      return true;
    })
    .map(({ name }) => name);
}

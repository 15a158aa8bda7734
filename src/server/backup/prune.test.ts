import { describe, expect, it } from "vitest";
import { copiesToDrop, nameCopy, readCopyName } from "./prune";

const NOW = new Date("2026-11-26T12:00:00Z");
const HOUR = 3_600_000;
const at = (hoursAgo: number, before = false) => nameCopy(new Date(NOW.getTime() - hoursAgo * HOUR), before, []);
const kept = (names: readonly string[], now = NOW) => {
  const gone = new Set(copiesToDrop(names, now));
  return names.filter((name) => !gone.has(name));
};

describe("copies go by age", () => {
  it("never because there are many: 22 starts in a quarter of an hour leave yesterday's and last month's alone", () => {
    const starts = Array.from({ length: 22 }, (_, n) => at(n / 90));
    const old = [at(30), at(24 * 40), at(24 * 200)];
    expect(kept([...starts, ...old])).toEqual(expect.arrayContaining(old));
  });
  it("one stays of each hour of the last day, of each day of the month, of each month before", () => {
    const hourly = Array.from({ length: 24 * 90 }, (_, n) => at(n + 0.5));
    const stay = kept(hourly);
    const ages = stay.map((name) => (NOW.getTime() - (readCopyName(name)?.at ?? 0)) / HOUR);
    expect(ages.filter((age) => age < 24)).toHaveLength(24);
    expect(ages.filter((age) => age >= 24 && age < 24 * 31).length).toBeGreaterThanOrEqual(30);
    expect(ages.filter((age) => age >= 24 * 31).length).toBeGreaterThanOrEqual(2);
    expect(stay.length).toBeLessThan(24 + 32 + 5);
  });
  it("of an hour the newest stays", () => {
    const filler = Array.from({ length: 5 }, (_, n) => at(n / 100));
    const [early, late] = [at(2.9), at(2.2)];
    expect(kept([...filler, early, late])).toContain(late);
    expect(kept([...filler, early, late])).not.toContain(early);
  });
  it("what was written before a replacement stays a month, however many there are", () => {
    const before = Array.from({ length: 40 }, (_, n) => at(3 + n / 60, true));
    expect(kept(before)).toEqual(before);
    expect(kept([...Array.from({ length: 6 }, (_, n) => at(n)), at(24 * 60, true), at(24 * 60.1, true)])).toHaveLength(
      7,
    );
  });
  it("a clock set back loses none: what was written in its future stays", () => {
    const names = Array.from({ length: 30 }, (_, n) => at(n));
    expect(kept(names, new Date("2026-01-01T00:00:00Z"))).toEqual(names);
  });
  it("thinning twice is thinning once", () => {
    const names = Array.from({ length: 500 }, (_, n) => at(n * 1.7));
    expect(kept(kept(names))).toEqual(kept(names));
  });
  it("leaves whatever is no copy", () => expect(copiesToDrop(["notes.txt", "shop-old.json"], NOW)).toEqual([]));
});

describe("names", () => {
  it("two copies in one second have two names, and both are read back", () => {
    const first = nameCopy(NOW, true, []);
    const second = nameCopy(NOW, true, [first]);
    expect(second).not.toBe(first);
    for (const name of [first, second]) expect(readCopyName(name)).toMatchObject({ at: NOW.getTime(), before: true });
  });
  it.each([
    "../shop-2026-11-26T12-00-00.json",
    "shop-2026-11-26T12-00-00.json.part",
    "shop-2026-13-40T99-00-00.json",
    "",
  ])("%j is no copy's", (name) => expect(readCopyName(name)).toBeNull());
});

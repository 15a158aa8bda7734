import { randomUUID } from "node:crypto";
import type { KeptChecks } from "@/core/formats";
import type { Inches } from "@/core/length";
import type { StoredTry } from "@/db";

/** A length that was read further off than this was chalked wrong: what any tape check allows a short one. */
const AGREES: Inches = 1 / 4;

/** Lengths of a tape check stand among a person's marks, under a name of their own. */
export const CHECKED = "check/";

/**
 * What real garments add to a person's table: every length of a tape check that was waived by name since. Nothing but the
 * length's name is kept, as of a rehearsal.
 */
export function triesOfWaivers(before: KeptChecks, after: KeptChecks, now: string): readonly StoredTry[] {
  return Object.entries(after).flatMap(([id, { waiver }]) => {
    if (waiver === undefined || before[id]?.waiver?.on === waiver.on) return [];
    return waiver.lengths.map(({ id: length, expected, read }): StoredTry => {
      const right = read !== null && Math.abs(read - expected) <= AGREES;
      return {
        id: randomUUID(),
        person: waiver.by,
        on: now,
        mark: `${CHECKED}${length.slice(length.indexOf("/") + 1)}`,
        rules: [],
        right,
        slip: right ? null : read === null ? "check-waived" : "check-missed",
      };
    });
  });
}

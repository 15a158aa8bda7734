import { type Draft, type LateId, lateUsed } from "../chalk";
import { both, type Inches, pickSystem } from "../length";
import type { Finding } from "./finding";

/** Up to this nothing is said, up to the next it is shown, beyond that its cause is asked, and then measured again. */
const NOTHING = both(0.125, 0.3);
const SHOWN = both(0.25, 0.6);
const AGAIN = both(1, 2.5);

/** How far an edge came out from what was drawn, by what is asked then; null where nothing is said. */
export function lateLevel(off: Inches, metric: boolean): "shown" | "asks-cause" | "asks-again" | null {
  const by = Math.abs(off) - 1e-9;
  if (by <= pickSystem(NOTHING, metric)) return null;
  if (by > pickSystem(AGAIN, metric)) return "asks-again";
  return by > pickSystem(SHOWN, metric) ? "asks-cause" : "shown";
}

const SAID: Readonly<Record<NonNullable<ReturnType<typeof lateLevel>>, Pick<Finding, "id" | "level">>> = {
  shown: { id: "late-differs", level: "note" },
  "asks-cause": { id: "late-differs", level: "caution" },
  "asks-again": { id: "late-far-off", level: "caution" },
};

/** What was measured on the sewn garment against what was drawn; and what was measured that nothing here is drawn to. */
export function findLateProblems(draft: Draft): readonly Finding[] {
  const { late, metric } = draft.given;
  const off = draft.measured.flatMap(({ join, half, drawn, measured }): readonly Finding[] => {
    const level = lateLevel(measured - drawn, metric);
    return level === null
      ? []
      : [{ ...SAID[level], numbers: { drawn, measured, off: Math.abs(measured - drawn) }, words: { join, half } }];
  });
  const used = new Set(draft.measured.flatMap(({ join }) => lateUsed(join, late)));
  const unused = (Object.keys(late) as LateId[])
    .filter((id) => !used.has(id))
    .map(
      (id): Finding => ({ id: "late-unused", level: "note", numbers: { value: late[id] ?? 0 }, words: { late: id } }),
    );
  return [...off, ...unused];
}

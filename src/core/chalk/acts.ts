import type { ChalkAct } from "./draft";

/** What an act lights on the cloth, and whether its number is the thing to chalk. */
export interface ActLook {
  readonly lights: "line" | "marks" | "stitch" | "cut" | "cut-out" | "dart" | "notch" | "centre" | "none";
  /** Whether something is measured along a straight tape. */
  readonly tape: boolean;
  /** Whether the number is set large: others are told in words. */
  readonly number: boolean;
}

/** What a chalk act is, besides: which way its reading runs. */
export interface ActKind extends ActLook {
  readonly reads: "down" | "other";
}

export const actLook = (lights: ActLook["lights"], tape: boolean, number: boolean): ActLook => ({
  lights,
  tape,
  number,
});

const act = (reads: ActKind["reads"], ...look: Parameters<typeof actLook>): ActKind => ({ reads, ...actLook(...look) });

/** What each chalk act is, once for every view and every walker: an act without its line here does not compile. */
export const chalkActs: Readonly<Record<ChalkAct["kind"], ActKind>> = {
  "top-line": act("other", "line", true, true),
  "zip-line": act("other", "centre", true, true),
  "centre-line": act("other", "centre", true, true),
  "ring-centre": act("other", "marks", true, true),
  swing: act("other", "stitch", true, true),
  "guide-line": act("down", "line", true, true),
  mark: act("other", "marks", true, true),
  "centre-mark": act("down", "marks", true, true),
  plumb: act("other", "marks", true, true),
  drop: act("other", "marks", true, true),
  scoop: act("other", "marks", true, true),
  "slant-line": act("other", "marks", false, false),
  "off-slant": act("other", "marks", true, true),
  lengthen: act("other", "marks", true, true),
  at: act("other", "marks", true, true),
  along: act("other", "marks", false, true),
  edge: act("other", "stitch", false, false),
  round: act("other", "cut", false, false),
  inside: act("other", "cut", false, true),
  beside: act("other", "cut", false, true),
  dart: act("other", "dart", false, false),
  crease: act("other", "dart", false, false),
  allowance: act("other", "cut", false, true),
  "move-out": act("other", "none", false, true),
  split: act("down", "none", false, true),
  strip: act("other", "cut-out", false, true),
};

import type { Tick, Unit } from "../../length";
import type { LengthName, MissCause, Suspect } from "../../table";
import { sayDate } from "./dates";
import { nameLine, nameMark, thePiece } from "./names";
import { sayOnTape } from "./on-tape";

const lengthNames: Readonly<Record<LengthName, string>> = {
  diagonal: "diagonal",
  side: "side",
  armhole: "armhole",
  shoulder: "shoulder",
  hem: "lower edge",
  neck: "neck",
  join: "joining edge",
  panel: "panel seam",
  centre: "down the centre",
  "across-armhole": "across at the armhole",
  "across-bust": "slanting to the bust",
  "across-underbust": "slanting to the under-bust",
  "across-waist": "slanting to the waist",
  "across-hip": "slanting to the hip",
  "panel-underbust": "slanting to the panel, under-bust",
  "panel-waist": "slanting to the panel, waist",
  "panel-hip": "slanting to the panel, hip",
  length: "length",
  depth: "width",
  waist: "waist edge",
  cap: "cap",
  biceps: "across the biceps line",
  outer: "outer edge",
};

export const nameLength = (name: LengthName): string => lengthNames[name];

/** How a length is measured: straight from where to where, or with the tape on its edge. */
export function sayHow(name: LengthName, how: "straight" | "along"): string {
  if (how === "along") return "along the net line, tape on its edge";
  if (name === "diagonal") return "straight, corner to corner";
  if (name === "centre") return "straight, from the upper to the lower edge";
  if (name === "biceps") return "straight across, from the fold or the cloth's edge";
  if (name === "across-armhole") return "straight across, from the origin";
  if (name.startsWith("across-") || name.startsWith("panel-")) return "straight, from the origin on the line above";
  return "straight, net corner to net corner";
}

/** A miss asked by its amount: what the hand may have done. */
export function askCause(cause: MissCause): string {
  return causes[cause];
}

const causes: Readonly<Record<MissCause, string>> = {
  "read-to-cut": "Did you measure to the cutting line?",
  "from-cloth-edge": "Did the tape start at the edge instead of the centre line?",
  "shift-forgotten": "Does the side panel lie further out, by its move?",
  "dart-closed": "Was it measured with the dart closed?",
  "from-top-edge": "Did the tape start above the top line?",
  "tape-from-one": "Was the tape held at 1?",
};

const nameSuspect = ({ id, kind }: Suspect): string =>
  kind === "line"
    ? `the ${nameLine(id)}`
    : kind === "fold"
      ? "the fold, or a line that is not square"
      : `the ${nameMark(id)}`;

/** Who is accused, and what is to be done: the chalk is changed, never the number. */
export function saySuspects(piece: string, suspects: readonly Suspect[]): string {
  const [first, second] = suspects;
  if (first === undefined) return "";
  const or = second === undefined ? "" : `, or ${nameSuspect(second)}`;
  return `On ${thePiece(piece)} look at ${nameSuspect(first)}${or}: rub out, chalk it again, measure again.`;
}

/** How far off a length is. */
export function sayMiss(off: number, unit: Unit, tick: Tick): string {
  const by = sayOnTape(Math.abs(off), unit, tick);
  return `${by}${by.includes(",") ? "," : ""} too ${off > 0 ? "long" : "short"}`;
}

const reasons = {
  "cloth-moves": "the cloth moves under the tape",
  "measured-otherwise": "measured otherwise",
  "difference-accepted": "the difference is accepted",
  practice: "practice",
  words: "for a reason of its own",
} as const;

export type SaidReason = keyof typeof reasons;

/** Who cut although the check had not passed, when and why: it stands in the head of the sheet for good. */
export function sayWaiver(
  group: string,
  {
    by,
    on,
    reason,
    words,
  }: { readonly by: string; readonly on: string; readonly reason: SaidReason; readonly words: string },
): string {
  return `The ${group} was cut without a passed check: ${by}, ${sayDate(on)}, ${reasons[reason]}${words === "" ? "" : `: ${words}`}.`;
}

export const nameReason = (reason: SaidReason): string => reasons[reason];

import { judgeAllowances, judgeDarts, judgeOutlines, judgeRing, judgeThrough } from "./edges";
import { judgeGirths, judgeLedger } from "./girths";
import { judgeMarks, judgeNotes, judgeSteps } from "./marks";
import { judgeNotches, judgeSeams } from "./seams";
import type { Fault, Seen } from "./seen";
import { judgeTable } from "./table";
import { judgeNotchSteps, judgeNumbers, judgeOrder, judgeWork } from "./work";

export { tellsWidth } from "./seams";
export type { Fault, Seen } from "./seen";

const eyes = [
  judgeOutlines,
  judgeRing,
  judgeGirths,
  judgeLedger,
  judgeSeams,
  judgeNotches,
  judgeAllowances,
  judgeThrough,
  judgeDarts,
  judgeMarks,
  judgeSteps,
  judgeNotes,
  judgeOrder,
  judgeWork,
  judgeNotchSteps,
  judgeNumbers,
  judgeTable,
];

/**
 * Everything that is wrong with what was made of an order, by an eye of its own: its geometry, its girths, its walks and
 * its table of allowances share no code with the recipes and the checks.
 */
export function judge(seen: Seen): readonly Fault[] {
  return eyes.flatMap((eye) => eye(seen));
}

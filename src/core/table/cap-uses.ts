import type { ChalkAct, Piece } from "../chalk";
import type { TableStep } from "../cloth";
import { type ChalkRun, markIn } from "./run";
import { laying, reading, thenAct, type Use } from "./use";

/** Where a cap is read from. */
export const CAP_TOP = "cap/top";

/** The slanted line is ruled once the width on the biceps line stands. */
export function slantUse(step: TableStep, piece: Piece, to: string): Use {
  const across = laying("biceps", "line", { origin: piece.origin, direction: "across", on: "biceps" });
  const rule = thenAct("slant", piece.id, { from: CAP_TOP, to, names: [to], step: step.id });
  return { laying: across, step, readings: [], acts: [rule] };
}

/** A place along the slanted line, and how far it is set off it: out is up, in is down. */
export function offSlantUse(
  run: ChalkRun,
  step: TableStep,
  piece: Piece,
  { mark, along }: Extract<ChalkAct, { kind: "off-slant" }>,
): Use {
  const { chalk } = step;
  const bow = chalk?.reading ?? 0;
  const off = bow === 0 ? null : chalk?.direction === "outwards" ? -bow : bow;
  const ruled = run.steps.find(({ piece: id, chalk: own }) => id === piece.id && own?.act.kind === "slant-line");
  const to = ruled?.chalk?.act.kind === "slant-line" ? ruled.chalk.act.to : null;
  const tape = laying("slant", "line", { origin: "mark", originMark: CAP_TOP, direction: "along", on: to });
  return {
    laying: tape,
    step,
    readings: [reading(step, mark, along, "stitch", { place: markIn(piece, mark).place.stitch, off })],
    acts: [],
  };
}

/** A length walked along the cap from its top, the tape on its edge. */
export function walkedCapUse(step: TableStep, piece: Piece, { mark, edge }: Extract<ChalkAct, { kind: "along" }>): Use {
  return {
    laying: laying("cap", "along", { origin: "mark", originMark: CAP_TOP, direction: "along", on: edge }),
    step,
    readings: [reading(step, mark, step.chalk?.reading ?? 0, "stitch", { place: markIn(piece, mark).place.stitch })],
    acts: [],
  };
}

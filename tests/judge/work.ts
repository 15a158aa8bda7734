import type { Piece } from "../../src/core/chalk";
import type { TableStep } from "../../src/core/cloth";
import { type Fault, fault, pieceById, type Seen } from "./seen";

function edgesOf(step: TableStep): readonly string[] {
  return "edges" in step.act ? step.act.edges : [];
}

function isShears({ act }: TableStep): boolean {
  return act.kind === "cut" || act.kind === "re-cut" || act.kind === "cut-out" || act.kind === "cut-hole";
}

/** Step ids once each, and no cut of what the same step forbids, or that was forbidden until the layers are apart. */
export function judgeOrder({ steps }: Seen): readonly Fault[] {
  const ids = steps.map(({ id }) => id);
  const twice = ids.filter((id, index) => ids.indexOf(id) !== index);
  const forbidden = steps
    .filter(isShears)
    .filter((step) => edgesOf(step).some((edge) => step.mustNotCut.includes(`${step.piece}/${edge}`)));
  return [
    ...twice.map((id) => fault("step id twice", id)),
    ...forbidden.map((step) => fault("cut against its own warning", step.id)),
  ];
}

/** Folded at once with others, a piece is chalked and cut under another's name. */
function areShared(steps: readonly TableStep[]): boolean {
  return steps.some(({ act }) => act.kind === "separate" || act.kind === "lay-on");
}

function judgePiece(piece: Piece, steps: readonly TableStep[]): readonly Fault[] {
  const own = steps.filter((step) => step.piece === piece.id);
  const named = own.filter(({ act }) => act.kind === "name").length;
  const chalked = own.some(({ phase }) => phase === "chalk") || areShared(steps);
  const folded = piece.half === null || steps.some(({ group, phase }) => group === own[0]?.group && phase === "fold");
  return [
    ...(named === 1 ? [] : [fault("named not once", piece.id, String(named))]),
    ...(chalked ? [] : [fault("never chalked", piece.id)]),
    ...(folded ? [] : [fault("never folded", piece.id)]),
  ];
}

/** Edges of a piece that the shears must go along: not its fold, nor a centre that is cut open with the fold. */
function edgesToCut(piece: Piece): readonly string[] {
  return piece.edges
    .filter(({ onFold, role, cut }) => !onFold && (role !== "centre" || (cut === undefined && piece.origin === "fold")))
    .map(({ id }) => id);
}

/** Every piece is folded (or a strip), chalked, cut along every edge that is not on a fold, and named, once. */
export function judgeWork({ draft, steps }: Seen): readonly Fault[] {
  const cut = new Set(steps.filter(isShears).flatMap((step) => edgesOf(step).map((edge) => `${step.piece}/${edge}`)));
  return draft.pieces.flatMap((piece) => {
    const uncut = areShared(steps) ? [] : edgesToCut(piece).filter((edge) => !cut.has(`${piece.id}/${edge}`));
    return [...judgePiece(piece, steps), ...uncut.map((edge) => fault("edge never cut", piece.id, edge))];
  });
}

/** A notch step for every notch. */
export function judgeNotchSteps({ draft, steps }: Seen): readonly Fault[] {
  return draft.pieces.flatMap((piece) => {
    const told = steps.filter((step) => step.piece === piece.id && step.act.kind === "notch").length;
    return told === piece.notches.length
      ? []
      : [fault("notch steps", piece.id, String(told), String(piece.notches.length))];
  });
}

/** Numbers in the order of the steps stay numbers. */
export function judgeNumbers({ steps, draft }: Seen): readonly Fault[] {
  return steps.flatMap((step) => {
    const reading = step.chalk?.reading ?? 0;
    return Number.isFinite(reading) && pieceById(draft, step.piece) !== undefined
      ? []
      : [fault("step without a number", step.id)];
  });
}

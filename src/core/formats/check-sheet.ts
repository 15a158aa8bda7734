import { readPathData } from "../geometry";
import { parseLength } from "../length";
import { type CheckedPiece, type CheckPair, type CheckReadings, type CheckVerdict, judgeCheck } from "../table";
import { wordLengthProblem } from "../wording";
import type { CutSheet, SheetPiece, SheetStep } from "./cut-sheet";
import type { SheetLength } from "./sheet-table";
import { markPlace } from "./step-tape";

/** What the tape check knows of a piece, from its sheet. */
function checkedPiece(sheet: CutSheet, piece: SheetPiece): CheckedPiece {
  const steps = sheet.steps.filter((step) => step.piece === piece.id && step.phase === "chalk");
  const wayOf = (id: string) =>
    steps.find(({ marks, act }) => marks[0] === id && act !== "edge" && act !== "dart")?.direction === "down"
      ? ("down" as const)
      : ("across" as const);
  return {
    id: piece.id,
    marks: piece.marks
      .filter(({ id }) => !id.endsWith("-hole"))
      .map((mark) => {
        const [x, y] = markPlace(piece, mark);
        return { id: mark.id, line: mark.line ?? null, place: { x, y }, way: wayOf(mark.id) };
      }),
    lines: piece.lines.map(({ id }) => id),
    edges: piece.edges.map(({ id, path, allowance }) => ({ id, path: readPathData(path), allowance })),
    originInset: piece.originInset,
    topInset: steps.find(({ act }) => act === "top-line")?.reading ?? 0,
    shift: piece.shift,
    intakes: piece.darts.map(({ intake }) => intake),
  };
}

/** Lengths of two edges that are sewn to one another, both of them in this check. */
function pairsOf(sheet: CutSheet, lengths: readonly SheetLength[]): readonly CheckPair[] {
  const idOf = (reference: string | undefined) =>
    lengths.find(({ piece, edge }) => `${piece}/${edge}` === reference)?.id;
  return sheet.seams.flatMap(({ a, b }): CheckPair[] => {
    const [one, other] = [a.length === 1 ? idOf(a[0]) : undefined, b.length === 1 ? idOf(b[0]) : undefined];
    return one === undefined || other === undefined ? [] : [[one, other]];
  });
}

const point = ([x, y]: readonly [number, number]) => ({ x, y });

/** Judges what was read on the chalk of a group against its sheet. */
export function checkChalk(sheet: CutSheet, step: SheetStep, readings: CheckReadings): CheckVerdict {
  const lengths = step.lengths ?? [];
  const pieces = sheet.pieces
    .filter(({ id }) => lengths.some(({ piece }) => piece === id))
    .map((piece) => checkedPiece(sheet, piece));
  const told = lengths.map(({ ends, ...length }) => ({ ...length, ends: [point(ends[0]), point(ends[1])] as const }));
  return judgeCheck(pieces, told, readings, pairsOf(sheet, lengths), sheet.unit === "cm");
}

/** A length as it was typed at the table, or why it cannot be read. */
export function readChecked(
  typed: string,
  label: string,
  unit: CutSheet["unit"],
): { readonly value: number } | { readonly problem: string } {
  const parsed = parseLength(typed, unit);
  if (parsed.ok) return { value: parsed.value.inches };
  const [problem] = parsed.issues;
  return { problem: problem === undefined ? "" : wordLengthProblem(label, problem) };
}

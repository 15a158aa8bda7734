import { measurementIds } from "../body";
import { addTerms, type Draft, type Notion } from "../chalk";
import { checkDraft, countNotions, type Finding, type Seam } from "../checks";
import { type FoldGroup, planFolds, smallGroupsBeside, usableWidth } from "../cloth";
import type { Inches } from "../length";
import { fail, type Result, succeed } from "../result";
import { wordFinding, wordLedgerWhy } from "../wording";
import { needCloth, needOthers } from "./cloth-need";
import type { CutSheet, SheetDrawing } from "./cut-sheet";
import { draftOrder } from "./draft-order";
import type { ReadOrder } from "./read-order";
import { writePiece, writeTurn } from "./write-piece";
import { type RefusedOrder, writeRefusal } from "./write-refusal";
import { writeTerms } from "./write-terms";

function writeCheck(finding: Finding, unit: CutSheet["unit"]): CutSheet["checks"][number] {
  return {
    id: finding.id,
    level: finding.level,
    ...wordFinding(finding, unit),
    piece: finding.piece ?? null,
    line: finding.line ?? null,
    edge: finding.edge ?? null,
    measurement: finding.measurement ?? null,
    ...(finding.cure === undefined ? {} : { change: { ...finding.cure } }),
  };
}

function writeResolved(draft: Draft): CutSheet["resolved"] {
  const { measurements, rules, choices } = draft.given;
  return {
    measurements: measurementIds.flatMap((id) => {
      const given = measurements[id];
      return given === undefined
        ? []
        : [{ id, value: given.value, from: given.from, rule: given.estimate?.rule ?? null }];
    }),
    rules: Object.fromEntries(Object.entries(rules).map(([id, rule]) => [id, { ...rule }])),
    choices: { ...choices },
  };
}

function writeGroups(groups: readonly FoldGroup[], draft: Draft, usable: Inches): CutSheet["groups"] {
  const beside = smallGroupsBeside(draft.pieces, groups, usable);
  return groups.map((group) => {
    const leftBeside = beside.get(group.id);
    return { ...group, pieces: [...group.pieces], ...(leftBeside === undefined ? {} : { leftBeside }) };
  });
}

function writeNotion(
  { id, unit: of, terms }: Notion,
  unit: CutSheet["unit"],
): NonNullable<CutSheet["notions"]>[number] {
  return { id, amount: addTerms(terms), unit: of, terms: writeTerms(terms, unit) };
}

function writeSeam({
  a,
  b,
  allowed,
  parts,
  ease,
  gathered,
  into,
  says: _,
  cure: __,
  ...seam
}: Seam): CutSheet["seams"][number] {
  const meets = ease >= allowed[0] && ease <= allowed[1];
  return {
    ...seam,
    a: [...a],
    b: [...b],
    ease,
    allowed: [...allowed],
    meets,
    ...(gathered ? { ratio: seam.lengthA / into } : {}),
    parts: parts.map((part) => ({ ...part })),
  };
}

/** What an order looks like on its folded cloth, and what the table needs to know to chalk it there. */
export interface DrawnOrder {
  readonly drawing: SheetDrawing;
  readonly draft: Draft;
  readonly groups: readonly FoldGroup[];
}

/** Draws, proves and folds an order that was read, or says why it cannot be drawn. */
export function writeDrawing(read: ReadOrder): Result<DrawnOrder, RefusedOrder> {
  const { unit } = read.given;
  const drawn = draftOrder(read);
  if (!drawn.ok) return fail(...drawn.issues.map((refusal) => writeRefusal(read, refusal)));
  // The proof is of the garment in full size; what is chalked may be its half for practice.
  const { full, draft } = drawn.value;
  const report = checkDraft(full);
  // Whether it can be folded is asked of the full size: at half scale a slip looks small enough to pass.
  const foldable = planFolds(full, read.fold, read.way);
  const groups = foldable.ok && full !== draft ? planFolds(draft, read.fold, read.way) : foldable;
  if (!groups.ok) return fail(...groups.issues.map((refusal) => writeRefusal(read, refusal)));
  const cloth = needCloth(read, draft, groups.value);
  const others = needOthers(read, draft, groups.value);
  const notions = countNotions(full, report.seams);
  const practice: readonly Finding[] = full === draft ? [] : [{ id: "half-scale", level: "note", numbers: {} }];
  const findings = [...report.findings, ...practice, ...cloth.problems];
  const drawing: SheetDrawing = {
    format: "inner-fold/cut-sheet",
    version: 1,
    unit,
    order: read.order,
    resolved: writeResolved(draft),
    pieces: draft.pieces.map((piece) => writePiece(piece, draft.given)),
    groups: writeGroups(groups.value, draft, usableWidth(read.cloths.main)),
    turns: draft.pieces.flatMap(writeTurn),
    ledger: report.ledger.map(({ note: _, said, why, ...row }) => ({ ...row, why: wordLedgerWhy(why, said) })),
    girths: report.girths.map((girth) => ({ ...girth, quarter: girth.drawn / 4 })),
    seams: report.seams.map(writeSeam),
    rounds: { neck: report.neckRound, armhole: report.armholeRound },
    checks: findings.map((finding) => writeCheck(finding, unit)),
    ...(notions.length === 0 ? {} : { notions: notions.map((notion) => writeNotion(notion, unit)) }),
    ...(draft.measured.length === 0
      ? {}
      : { late: draft.measured.map(({ join, ...one }) => ({ edge: join, ...one })) }),
    cloth: cloth.need,
    ...(others.length === 0 ? {} : { otherCloths: [...others] }),
  };
  return succeed({ drawing, draft, groups: groups.value });
}

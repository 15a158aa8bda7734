import { measurementIds } from "../body";
import {
  type Draft,
  type Edge,
  edgeDots,
  type Given,
  givenTick,
  type Mark,
  type Piece,
  type Refusal,
  type Remedy,
  sewnLength,
} from "../chalk";
import { checkDraft, type Finding, type Seam } from "../checks";
import { type FoldGroup, orderSteps, planFolds, type TableStep, usableWidth } from "../cloth";
import { boxOf, type Point, pathEnd, pathLength, toPathData, toPolygonData } from "../geometry";
import type { Unit } from "../length";
import { fail, type Result, succeed } from "../result";
import { layTable } from "../table";
import { wordFinding, wordLedgerWhy, wordPieceName, wordReason, wordRefusal, wordStep, wordTurnEnd } from "../wording";
import { needCloth } from "./cloth-need";
import type { CutSheet, SheetMark, SheetPiece, SheetStep } from "./cut-sheet";
import { draftOrder } from "./draft-order";
import { findRemedy } from "./find-remedy";
import type { ReadOrder } from "./read-order";
import { writeHoles, writePlacement, writeTableParts } from "./write-table";
import { writeTerms } from "./write-terms";

const place = ({ x, y }: Point): [number, number] => [x, y];

function writeMark(mark: Mark, unit: Unit): SheetMark {
  const [terms, cutTerms] = [writeTerms(mark.terms, unit), writeTerms(mark.cutTerms, unit)];
  const base = { id: mark.id, reading: mark.stitch, terms, cutTerms };
  if (mark.line !== null) return { ...base, line: mark.line, stitch: mark.stitch, cut: mark.cut };
  return {
    ...base,
    at: { stitch: place(mark.place.stitch), cut: mark.place.cut === null ? null : place(mark.place.cut) },
  };
}

function writeEdge(edge: Edge, given: Given): SheetPiece["edges"][number] {
  return {
    id: edge.id,
    role: edge.role,
    onFold: edge.onFold,
    allowance: edge.allowance,
    ...(edge.allowanceAt === undefined ? {} : { allowanceAt: edge.allowanceAt.map((place) => ({ ...place })) }),
    length: pathLength(edge.stitch),
    sewn: sewnLength(edge),
    path: toPathData(edge.stitch),
    start: place(edge.stitch.start),
    end: place(pathEnd(edge.stitch)),
    dots: edgeDots(edge, given).map((dot) => ({ ...dot })),
  };
}

function writePiece(piece: Piece, given: Given): SheetPiece {
  return {
    id: piece.id,
    name: wordPieceName(piece.name),
    cloth: piece.cloth,
    cut: { ...piece.cut },
    origin: piece.origin,
    originInset: piece.originInset,
    half: piece.half,
    shift: piece.shift,
    drawnWith: piece.drawnWith,
    lines: piece.lines.map(({ id, down, start, terms }) => ({ id, down, start, terms: writeTerms(terms, given.unit) })),
    marks: [...piece.marks.map((mark) => writeMark(mark, given.unit)), ...writeHoles(piece, given)],
    edges: piece.edges.map((edge) => writeEdge(edge, given)),
    outline: { stitch: `${toPathData(piece.outline.stitch)} Z`, cut: toPolygonData(piece.outline.cut) },
    box: boxOf(piece.outline.cut),
    darts: piece.darts.map((dart) => ({
      id: dart.id,
      intake: dart.intake,
      tip: place(dart.tip),
      legs: [place(dart.legs[0]), place(dart.legs[1])],
      end: dart.end === null ? null : place(dart.end),
      opens: dart.opens === null ? null : [place(dart.opens[0]), place(dart.opens[1])],
      ...(dart.mouth === undefined ? {} : { mouth: [place(dart.mouth[0]), place(dart.mouth[1])] as const }),
      sewn: dart.sewn,
    })),
    notches: piece.notches.map(({ id, edge, at, point }) => ({ id, edge, at, point: place(point) })),
    grain: { angle: 0 },
  };
}

function writeTurn({ id, turn }: Piece): CutSheet["turns"] {
  if (turn === null) return [];
  return [
    {
      piece: id,
      about: place(turn.about),
      angle: turn.angle,
      from: wordTurnEnd(turn.from),
      into: wordTurnEnd(turn.into),
    },
  ];
}

function stepEdge(step: TableStep): string | null {
  if ("edge" in step.act) return step.act.edge;
  return "edges" in step.act ? (step.act.edges[0] ?? null) : null;
}

function stepReading(step: TableStep): number | null {
  if (step.chalk !== null) return step.chalk.reading;
  if ("foldedWidth" in step.act) return step.act.foldedWidth;
  if (step.act.kind === "cut-off") return step.act.length;
  return step.act.kind === "notch" ? step.act.at : null;
}

function writeStep(step: TableStep, draft: Draft): SheetStep {
  const { chalk } = step;
  const { unit } = draft.given;
  const words = wordStep(step, unit, givenTick(draft.given));
  return {
    id: step.id,
    phase: step.phase,
    piece: step.piece,
    group: step.group,
    act: step.act.kind,
    ...words,
    why: chalk?.why ? wordReason(chalk.why) : null,
    marks: [...(chalk?.marks ?? [])],
    line: "line" in step.act ? step.act.line : null,
    edge: stepEdge(step),
    from: chalk?.from ?? null,
    direction: chalk?.direction ?? null,
    reading: stepReading(step),
    cutReading: chalk?.cutReading ?? null,
    ...(chalk?.cutFrom === undefined ? {} : { cutFrom: chalk.cutFrom }),
    terms: writeTerms(chalk?.terms ?? [], unit),
    layers: step.layers,
    stopUntil: step.stopUntil,
    mustNotCut: [...step.mustNotCut],
    ...writeTableParts(draft, step),
  };
}

function writeCheck(finding: Finding, unit: CutSheet["unit"]): CutSheet["checks"][number] {
  return {
    id: finding.id,
    level: finding.level,
    ...wordFinding(finding, unit),
    piece: finding.piece ?? null,
    line: finding.line ?? null,
    edge: finding.edge ?? null,
    measurement: finding.measurement ?? null,
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

function writeGroups(groups: readonly FoldGroup[]): CutSheet["groups"] {
  return groups.map((group) => ({ ...group, pieces: [...group.pieces] }));
}

function writeSeam({ a, b, allowed, parts, ease, ...seam }: Seam): CutSheet["seams"][number] {
  const meets = ease >= allowed[0] && ease <= allowed[1];
  return {
    ...seam,
    a: [...a],
    b: [...b],
    ease,
    allowed: [...allowed],
    meets,
    parts: parts.map((part) => ({ ...part })),
  };
}

/** A refusal ready to be said. */
export interface RefusedOrder {
  readonly code: string;
  readonly message: string;
  readonly conflicts: readonly string[];
  readonly remedy: string;
  /** The change that the remedy says, as it would be made to the order: lengths in inches; left out where readings are asked for again. */
  readonly change?:
    | { readonly path: string; readonly value: string | number | boolean }
    | { readonly path: "defaults" };
}

function writeChange(remedy: Remedy): Pick<RefusedOrder, "change"> {
  switch (remedy.kind) {
    case "choice":
    case "rule":
      return { change: { path: `${remedy.kind}s.${remedy.id}`, value: remedy.value } };
    case "defaults":
      return { change: { path: "defaults" } };
    case "measure":
      return {};
    default:
      return remedy satisfies never;
  }
}

/** A field that this garment does not have is nobody's to change. */
function isOffered({ garment }: ReadOrder, path: string): boolean {
  if (path.startsWith("choices.")) return garment.choices[path.slice("choices.".length)] !== undefined;
  return !path.startsWith("rules.") || garment.uses.some((id) => `rules.${id}` === path);
}

/** The first conflict is what the remedy changes, so that the field which cures it is the one that is marked. */
function writeRefusal(read: ReadOrder, refusal: Refusal): RefusedOrder {
  const remedy = findRemedy(read, refusal);
  const cured = remedy.kind === "choice" || remedy.kind === "rule" ? [`${remedy.kind}s.${remedy.id}`] : [];
  return {
    code: refusal.code,
    ...wordRefusal(refusal, remedy, read.given.unit),
    conflicts: [...new Set([...cured, ...refusal.conflicts.filter((path) => isOffered(read, path))])],
    ...writeChange(remedy),
  };
}

/** Draws, proves, folds and words an order that was read: the whole cut sheet, or why it cannot be drawn. */
export function writeSheet(read: ReadOrder): Result<CutSheet, RefusedOrder> {
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
  const table = layTable(draft, orderSteps(draft, groups.value, usableWidth(read.cloths.main)));
  const practice: readonly Finding[] = full === draft ? [] : [{ id: "half-scale", level: "note", numbers: {} }];
  const findings = [...report.findings, ...practice, ...cloth.problems];
  return succeed({
    format: "inner-fold/cut-sheet",
    version: 1,
    unit,
    order: read.order,
    resolved: writeResolved(draft),
    pieces: draft.pieces.map((piece) => writePiece(piece, draft.given)),
    groups: writeGroups(groups.value),
    turns: draft.pieces.flatMap(writeTurn),
    ledger: report.ledger.map(({ note: _, said, why, ...row }) => ({ ...row, why: wordLedgerWhy(why, said) })),
    girths: report.girths.map((girth) => ({ ...girth, quarter: girth.drawn / 4 })),
    seams: report.seams.map(writeSeam),
    rounds: { neck: report.neckRound, armhole: report.armholeRound },
    checks: findings.map((finding) => writeCheck(finding, unit)),
    steps: table.steps.map((step) => writeStep(step, draft)),
    placements: table.placements.map(writePlacement),
    cloth: cloth.need,
  });
}

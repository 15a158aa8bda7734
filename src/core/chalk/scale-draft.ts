import { mapPath, type Path, type Point, scale } from "../geometry";
import type { Inches } from "../length";
import type { ChalkAct, ChalkStep, Dart, Draft, Edge, GuideLine, Mark, Piece, TakeOut } from "./draft";
import type { Term } from "./term";

interface Scaled {
  readonly length: (length: Inches) => Inches;
  readonly point: (point: Point) => Point;
  readonly path: (path: Path) => Path;
  readonly terms: (terms: readonly Term[]) => readonly Term[];
}

function scaledBy(factor: number): Scaled {
  const point = (place: Point) => scale(place, factor);
  return {
    length: (length) => length * factor,
    point,
    path: (path) => mapPath(path, point),
    terms: (terms) => terms.map((term) => ({ ...term, value: term.value * factor })),
  };
}

function scaleMark(mark: Mark, by: Scaled): Mark {
  const { stitch, cut } = mark.place;
  return {
    ...mark,
    stitch: by.length(mark.stitch),
    cut: mark.cut === null ? null : by.length(mark.cut),
    terms: by.terms(mark.terms),
    cutTerms: by.terms(mark.cutTerms),
    place: { stitch: by.point(stitch), cut: cut === null ? null : by.point(cut) },
  };
}

type AllowanceAt = NonNullable<Edge["allowanceAt"]>;

function scaleAt(places: AllowanceAt, by: Scaled): AllowanceAt {
  return places.map(({ mark, value }) => ({ mark, value: by.length(value) }));
}

function scaleEdge(edge: Edge, by: Scaled): Edge {
  return {
    ...edge,
    stitch: by.path(edge.stitch),
    ...(edge.cut === undefined ? {} : { cut: by.path(edge.cut) }),
    allowance: by.length(edge.allowance),
    ...(edge.allowanceAt === undefined ? {} : { allowanceAt: scaleAt(edge.allowanceAt, by) }),
    mouths: edge.mouths.map(({ closes, from, to }) => ({ closes, from: by.length(from), to: by.length(to) })),
  };
}

function scaleTakeOut(takeOut: TakeOut, by: Scaled): TakeOut {
  return {
    ...takeOut,
    removes: takeOut.removes.map((row) => ({ ...row, amount: by.length(row.amount) })),
    declared: takeOut.declared.map((row) => ({ ...row, amount: by.length(row.amount) })),
  };
}

function scaleDart(dart: Dart, by: Scaled): Dart {
  const [inner, outer] = dart.legs;
  return {
    ...dart,
    intake: by.length(dart.intake),
    tip: by.point(dart.tip),
    legs: [by.point(inner), by.point(outer)],
    end: dart.end === null ? null : by.point(dart.end),
    opens: dart.opens === null ? null : [by.point(dart.opens[0]), by.point(dart.opens[1])],
    ...(dart.mouth === undefined ? {} : { mouth: [by.point(dart.mouth[0]), by.point(dart.mouth[1])] as const }),
  };
}

/** The lengths that a step says beside its reading. */
function scaleAct(act: ChalkAct, by: Scaled): ChalkAct {
  switch (act.kind) {
    case "centre-line":
      return { ...act, foldIn: by.length(act.foldIn), beyond: by.length(act.beyond) };
    case "at":
      return { ...act, down: by.length(act.down) };
    case "strip":
      return { ...act, length: by.length(act.length), depth: by.length(act.depth) };
    case "allowance":
      return {
        ...act,
        allowance: by.length(act.allowance),
        ...(act.at === undefined ? {} : { at: scaleAt(act.at, by) }),
      };
    default:
      return act;
  }
}

function scaleStep(step: ChalkStep, by: Scaled): ChalkStep {
  return {
    ...step,
    act: scaleAct(step.act, by),
    reading: by.length(step.reading),
    cutReading: step.cutReading === null ? null : by.length(step.cutReading),
    terms: by.terms(step.terms),
  };
}

function scaleLine(line: GuideLine, by: Scaled): GuideLine {
  const { down, level, start, terms } = line;
  return { ...line, down: by.length(down), level: by.length(level), start: by.length(start), terms: by.terms(terms) };
}

function scalePiece(piece: Piece, by: Scaled): Piece {
  return {
    ...piece,
    originInset: by.length(piece.originInset),
    shift: by.length(piece.shift),
    lines: piece.lines.map((line) => scaleLine(line, by)),
    marks: piece.marks.map((mark) => scaleMark(mark, by)),
    edges: piece.edges.map((edge) => scaleEdge(edge, by)),
    takeOuts: piece.takeOuts.map((takeOut) => scaleTakeOut(takeOut, by)),
    darts: piece.darts.map((dart) => scaleDart(dart, by)),
    turn: piece.turn === null ? null : { ...piece.turn, about: by.point(piece.turn.about) },
    notches: piece.notches.map((notch) => ({ ...notch, at: by.length(notch.at), point: by.point(notch.point) })),
    steps: piece.steps.map((step) => scaleStep(step, by)),
    outline: { stitch: by.path(piece.outline.stitch), cut: piece.outline.cut.map(by.point) },
  };
}

/** A draft to chalk at another scale, for practice: every reading, sum and allowance of it (craft: bodice, freehand bustier). */
export function scaleDraft(draft: Draft, factor: number): Draft {
  const by = scaledBy(factor);
  return { ...draft, pieces: draft.pieces.map((piece) => scalePiece(piece, by)) };
}

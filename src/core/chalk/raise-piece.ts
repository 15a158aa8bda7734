import { at, movePath, type Point } from "../geometry";
import type { Inches } from "../length";
import type { ChalkAct, ChalkStep, Dart, Edge, Mark, Piece } from "./draft";
import { drawOutline } from "./outline";
import type { Term } from "./term";

/** Lengths of a raised piece are read from its own upper edge; what lies above it is a term of each. */
function raisedTerms(terms: readonly Term[], by: Inches): readonly Term[] {
  return [...terms, { code: "above-start", kind: "style", value: -by, source: "split" }];
}

function raiseMark(mark: Mark, by: Inches, up: (point: Point) => Point): Mark {
  const { stitch, cut } = mark.place;
  const place = { stitch: up(stitch), cut: cut === null ? null : up(cut) };
  if (mark.line !== "centre") return { ...mark, place };
  const read = { stitch: mark.stitch - by, cut: mark.cut === null ? null : mark.cut - by };
  return { ...mark, ...read, terms: raisedTerms(mark.terms, by), place };
}

function raiseEdge(edge: Edge, by: Inches): Edge {
  const move = at(0, -by);
  return { ...edge, stitch: movePath(edge.stitch, move), ...(edge.cut ? { cut: movePath(edge.cut, move) } : {}) };
}

function raiseDart(dart: Dart, up: (point: Point) => Point): Dart {
  const pair = ([inner, outer]: readonly [Point, Point]) => [up(inner), up(outer)] as const;
  return {
    ...dart,
    tip: up(dart.tip),
    legs: pair(dart.legs),
    end: dart.end === null ? null : up(dart.end),
    opens: dart.opens === null ? null : pair(dart.opens),
    ...(dart.mouth === undefined ? {} : { mouth: pair(dart.mouth) }),
  };
}

function raiseAct(act: ChalkAct, by: Inches): ChalkAct {
  return act.kind === "at" ? { ...act, down: act.down - by } : act;
}

/** Steps that read down from the top line read less; the top line itself lies a seam below the cloth's edge. */
function raiseStep(step: ChalkStep, by: Inches, allowance: Inches): ChalkStep {
  const act = raiseAct(step.act, by);
  if (act.kind === "top-line") {
    const terms: readonly Term[] = [{ code: "joining-seam", kind: "allowance", value: allowance, source: "split" }];
    return { ...step, reading: allowance, terms };
  }
  if (act.kind !== "guide-line" && act.kind !== "centre-mark") return { ...step, act };
  const cutReading = step.cutReading === null ? null : step.cutReading - by;
  return { ...step, act, reading: step.reading - by, cutReading, terms: raisedTerms(step.terms, by) };
}

/**
 * A piece that starts at a line of its own, below a yoke or a split: its top line is that line, and every length is read
 * from there.
 *
 * @param by how far down the draft's top line the piece starts
 * @param allowance the seam above that line
 */
export function raisePiece(piece: Piece, by: Inches, allowance: Inches): Piece {
  const up = ({ x, y }: Point) => at(x, y - by);
  const edges = piece.edges.map((edge) => raiseEdge(edge, by));
  return {
    ...piece,
    lines: piece.lines.map((line) =>
      line.id === "top"
        ? line
        : { ...line, down: line.down - by, level: line.level - by, terms: raisedTerms(line.terms, by) },
    ),
    marks: piece.marks.map((mark) => raiseMark(mark, by, up)),
    edges,
    darts: piece.darts.map((dart) => raiseDart(dart, up)),
    turn: piece.turn === null ? null : { ...piece.turn, about: up(piece.turn.about) },
    notches: piece.notches.map((notch) => ({ ...notch, point: up(notch.point) })),
    steps: piece.steps.map((step) => raiseStep(step, by, allowance)),
    outline: drawOutline(edges),
  };
}

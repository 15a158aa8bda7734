import { mapPath, type Path, type Point } from "../geometry";
import type { Inches } from "../length";
import { chalkActs } from "./acts";
import type {
  ChalkAct,
  ChalkStep,
  Crease,
  Dart,
  Edge,
  GuideLine,
  LineId,
  Mark,
  Notch,
  Piece,
  PieceSector,
  StripCut,
  TakeOut,
  Turn,
} from "./draft";
import type { Term } from "./term";

/** What becomes of a piece that is moved as a whole. */
export interface Motion {
  /** Where a place of the piece goes. */
  readonly point: (point: Point) => Point;
  /** What a length on the piece becomes, whichever way it is read. */
  readonly length: (length: Inches) => Inches;
  /** What is read down from the top line becomes. */
  readonly depth: (depth: Inches) => Inches;
}

/** Whether a step's reading runs down from the top line. */
export const readsDown = ({ act }: ChalkStep): boolean => chalkActs[act.kind].reads === "down";

/** A motion with what follows from it, for every kind of thing that a piece has. */
interface Mover extends Motion {
  readonly path: (path: Path) => Path;
  readonly pair: (pair: readonly [Point, Point]) => readonly [Point, Point];
  readonly terms: (terms: readonly Term[]) => readonly Term[];
}

function moverOf(motion: Motion): Mover {
  return {
    ...motion,
    path: (path) => mapPath(path, motion.point),
    pair: ([inner, outer]) => [motion.point(inner), motion.point(outer)],
    terms: (terms) => terms.map((term) => ({ ...term, value: motion.length(term.value) })),
  };
}

const orNull = <Value, Moved>(value: Value | null, move: (value: Value) => Moved): Moved | null =>
  value === null ? null : move(value);

function moveLine({ id, down, terms, level, start }: GuideLine, top: LineId, by: Mover): GuideLine {
  // A piece's own top line stays its top line, wherever the piece goes.
  const depth = id === top ? by.length : by.depth;
  return { id, down: depth(down), terms: by.terms(terms), level: depth(level), start: by.length(start) };
}

function moveMark({ id, line, stitch, cut, terms, cutTerms, place, side }: Mark, by: Mover): Mark {
  const read = line === "centre" ? by.depth : by.length;
  return {
    id,
    line,
    stitch: read(stitch),
    cut: orNull(cut, read),
    terms: by.terms(terms),
    cutTerms: by.terms(cutTerms),
    place: { stitch: by.point(place.stitch), cut: orNull(place.cut, by.point) },
    ...(side === undefined ? {} : { side }),
  };
}

type AllowanceAt = NonNullable<Edge["allowanceAt"]>;

function moveAt(places: AllowanceAt, by: Mover): AllowanceAt {
  return places.map(({ mark, value }) => ({ mark, value: by.length(value) }));
}

function moveEdge(edge: Edge, by: Mover): Edge {
  const { id, role, stitch, cut, allowance, allowanceAt, onFold, mouths, turned } = edge;
  return {
    id,
    role,
    stitch: by.path(stitch),
    ...(cut === undefined ? {} : { cut: by.path(cut) }),
    allowance: by.length(allowance),
    ...(allowanceAt === undefined ? {} : { allowanceAt: moveAt(allowanceAt, by) }),
    onFold,
    mouths: mouths.map(({ closes, from, to }) => ({ closes, from: by.length(from), to: by.length(to) })),
    turned,
  };
}

function moveTakeOut({ id, why, removes, declared }: TakeOut, by: Mover): TakeOut {
  return {
    id,
    why,
    removes: removes.map((row) => ({ ...row, amount: by.length(row.amount) })),
    declared: declared.map((row) => ({ ...row, amount: by.length(row.amount) })),
  };
}

function moveDart({ id, intake, tip, legs, end, opens, mouth, sewn }: Dart, by: Mover): Dart {
  return {
    id,
    intake: by.length(intake),
    tip: by.point(tip),
    legs: by.pair(legs),
    end: orNull(end, by.point),
    opens: orNull(opens, by.pair),
    ...(mouth === undefined ? {} : { mouth: by.pair(mouth) }),
    sewn,
  };
}

function moveTurn({ about, angle, from, into, lines }: Turn, by: Mover): Turn {
  return { about: by.point(about), angle, from, into, lines };
}

function moveNotch({ id, edge, at, point, side, counts }: Notch, by: Mover): Notch {
  return {
    id,
    edge,
    at: by.length(at),
    point: by.point(point),
    ...(side === undefined ? {} : { side }),
    ...(counts === undefined ? {} : { counts }),
  };
}

/** The lengths that a step says beside its reading. */
function moveAct(act: ChalkAct, by: Mover): ChalkAct {
  switch (act.kind) {
    case "centre-line":
      return { ...act, foldIn: by.length(act.foldIn), beyond: by.length(act.beyond) };
    case "at":
      return { ...act, down: by.depth(act.down) };
    case "strip":
      return {
        ...act,
        length: by.length(act.length),
        depth: by.length(act.depth),
      };
    case "off-slant":
      return { ...act, along: by.length(act.along) };
    case "round":
      return { ...act, seam: by.length(act.seam) };
    case "inside":
      return { ...act, by: by.length(act.by) };
    case "beside":
      return { ...act, by: by.length(act.by) };
    case "swing":
      return { ...act, radius: by.length(act.radius), cutRadius: by.length(act.cutRadius) };
    case "allowance":
      return {
        ...act,
        allowance: by.length(act.allowance),
        ...(act.at === undefined ? {} : { at: moveAt(act.at, by) }),
      };
    default:
      return act;
  }
}

function moveStep(step: ChalkStep, by: Mover): ChalkStep {
  const { id, act, marks, from, direction, reading, terms, cutReading, cutFrom, why } = step;
  const read = readsDown(step) ? by.depth : by.length;
  return {
    id,
    act: moveAct(act, by),
    marks,
    from,
    direction,
    reading: read(reading),
    terms: by.terms(terms),
    cutReading: orNull(cutReading, read),
    ...(cutFrom === undefined ? {} : { cutFrom }),
    why,
  };
}

function moveSector({ n, path, about, angle }: PieceSector, by: Mover): PieceSector {
  return { n, path: by.path(path), about: by.point(about), angle };
}

function moveCrease({ id, path }: Crease, by: Mover): Crease {
  return { id, path: by.path(path) };
}

function moveStrip({ length, depth, round }: StripCut, by: Mover): StripCut {
  return {
    length: by.length(length),
    depth: by.length(depth),
    ...(round === undefined
      ? {}
      : {
          round: {
            sewn: by.length(round.sewn),
            hangs: by.length(round.hangs),
            count: round.count,
            joins: round.joins.map(by.length),
            opens: round.opens,
          },
        }),
  };
}

/**
 * A piece moved as a whole: raised, or drawn at another scale. The one walker over everything that a piece has: each
 * field is written out, so that one that is added and forgotten here does not compile.
 */
export function movePiece(piece: Piece, motion: Motion): Piece {
  const by = moverOf(motion);
  const { strip, outline } = piece;
  return {
    id: piece.id,
    name: piece.name,
    part: piece.part,
    top: piece.top,
    half: piece.half,
    lead: piece.lead,
    strip: orNull(strip, (one) => moveStrip(one, by)),
    cloth: piece.cloth,
    cut: piece.cut,
    grain: piece.grain,
    origin: piece.origin,
    originInset: by.length(piece.originInset),
    shift: by.length(piece.shift),
    drawnWith: piece.drawnWith,
    fromCentre: piece.fromCentre,
    lines: piece.lines.map((line) => moveLine(line, piece.top, by)),
    marks: piece.marks.map((mark) => moveMark(mark, by)),
    edges: piece.edges.map((edge) => moveEdge(edge, by)),
    takeOuts: piece.takeOuts.map((takeOut) => moveTakeOut(takeOut, by)),
    darts: piece.darts.map((dart) => moveDart(dart, by)),
    turn: orNull(piece.turn, (turn) => moveTurn(turn, by)),
    ...(piece.sectors === undefined ? {} : { sectors: piece.sectors.map((sector) => moveSector(sector, by)) }),
    ...(piece.creases === undefined ? {} : { creases: piece.creases.map((crease) => moveCrease(crease, by)) }),
    notches: piece.notches.map((notch) => moveNotch(notch, by)),
    steps: piece.steps.map((step) => moveStep(step, by)),
    outline: { stitch: by.path(outline.stitch), cut: outline.cut.map(by.point) },
  };
}

import { type Edge, edgeDots, type Given, type Mark, type Piece, sewnLength } from "../chalk";
import { boxOf, distance, type Point, pathEnd, pathLength, toPathData, toPolygonData } from "../geometry";
import type { Unit } from "../length";
import { wordPieceName, wordTurnEnd } from "../wording";
import type { CutSheet, SheetMark, SheetPiece } from "./cut-sheet";
import { writeHoles } from "./write-holes";
import { writeTerms } from "./write-terms";

const place = ({ x, y }: Point): [number, number] => [x, y];

function writeMark(mark: Mark, unit: Unit): SheetMark {
  const [terms, cutTerms] = [writeTerms(mark.terms, unit), writeTerms(mark.cutTerms, unit)];
  const half = mark.side === undefined ? {} : { half: mark.side };
  const base = { id: mark.id, reading: mark.stitch, terms, cutTerms, ...half };
  if (mark.line !== null) return { ...base, line: mark.line, stitch: mark.stitch, cut: mark.cut };
  return {
    ...base,
    at: { stitch: place(mark.place.stitch), cut: mark.place.cut === null ? null : place(mark.place.cut) },
  };
}

/** An edge that is one swing of the tape says its centre and radii. */
function arcOf({ stitch, cut }: Edge): Pick<SheetPiece["edges"][number], "arc"> {
  const [segment] = stitch.segments;
  if (stitch.segments.length !== 1 || segment?.kind !== "arc") return {};
  const { centre, sweep } = segment;
  const radius = distance(stitch.start, centre);
  return {
    arc: { centre: place(centre), radius, cutRadius: cut === undefined ? radius : distance(cut.start, centre), sweep },
  };
}

function writeSectors({ sectors }: Piece): Pick<SheetPiece, "sectors"> {
  if (sectors === undefined) return {};
  return {
    sectors: sectors.map(({ n, path, about, angle }) => ({ n, path: toPathData(path), about: place(about), angle })),
  };
}

function writeCreases({ creases }: Piece): Pick<SheetPiece, "creases"> {
  return creases === undefined ? {} : { creases: creases.map(({ id, path }) => ({ id, path: toPathData(path) })) };
}

function writeStrip({ strip }: Piece): Pick<SheetPiece, "strip"> {
  if (strip === null) return {};
  const { length, depth, round } = strip;
  const of =
    round === undefined ? {} : { across: round.count, sewn: round.sewn, hangs: round.hangs, joins: [...round.joins] };
  return { strip: { length, depth, ...of } };
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
    ...arcOf(edge),
  };
}

/** A piece as other programs read it. */
export function writePiece(piece: Piece, given: Given): SheetPiece {
  return {
    id: piece.id,
    name: wordPieceName(piece.name),
    cloth: piece.cloth,
    cut: { ...piece.cut },
    origin: piece.origin,
    originInset: piece.originInset,
    part: piece.part,
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
    notches: piece.notches.map(({ id, edge, at, point, side }) => ({
      id,
      edge,
      at,
      point: place(point),
      ...(side === undefined ? {} : { half: side }),
    })),
    grain: { angle: piece.grain },
    ...writeStrip(piece),
    ...writeSectors(piece),
    ...writeCreases(piece),
  };
}

/** How a piece is laid when a part of it was turned. */
export function writeTurn({ id, turn }: Piece): CutSheet["turns"] {
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

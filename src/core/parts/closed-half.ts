import type { Edge, EdgeRole, OpenEdge, Piece, WalkedEdge } from "../chalk";
import {
  add,
  type Direction,
  joinPaths,
  mapPath,
  type Path,
  type Point,
  pathEnd,
  placeAtLength,
  reversePath,
  subtract,
  turnPoint,
} from "../geometry";
import { certain } from "../result";

type Move = (point: Point) => Point;
const STAYS: Move = (point) => point;

/** The upper edges of half a body as they lie once its panels and its yoke are sewn: what a facing is chalked round. */
export interface ClosedHalf {
  readonly pieces: readonly string[];
  readonly neck: Edge;
  /** From the neck to the tip. */
  readonly shoulder: Path;
  /** From the tip to the underarm. */
  readonly armhole: Path;
  /** From the underarm down. */
  readonly side: Path;
  /** From the neck down. */
  readonly centre: Path;
  readonly onFold: boolean;
}

function edgeAt(piece: Piece, role: EdgeRole): Edge | undefined {
  return piece.edges.find((edge) => edge.role === role);
}

/** The edge that comes so many after another as the outline is walked. */
function neighbour({ edges }: Piece, edge: Edge, by: 1 | -1): Edge {
  const index = edges.findIndex(({ id }) => id === edge.id);
  return certain(edges[(index + by + edges.length) % edges.length], `an edge beside ${edge.id}`);
}

function wayFrom(path: Path): Direction {
  return placeAtLength(path, 0).tangent;
}

/** How a piece is laid to the one before it: the corners of their joined edges together, the seam between them closed. */
function layTo(before: WalkedEdge, after: WalkedEdge, moved: Move): Move {
  const here = pathEnd(before.edge.stitch);
  const corner = after.edge.stitch.start;
  const seam = wayFrom(neighbour(before.piece, before.edge, 1).stitch);
  const other = wayFrom(reversePath(neighbour(after.piece, after.edge, -1).stitch));
  const angle = Math.atan2(seam.y, seam.x) - Math.atan2(other.y, other.x);
  return (point) => moved(add(turnPoint(point, corner, angle), subtract(here, corner)));
}

/** The edges of one role over several pieces as one line, each piece laid to the one before it. */
function chain(pieces: readonly Piece[], moves: ReadonlyMap<string, Move>, role: EdgeRole): Path {
  return joinPaths(
    pieces.flatMap((piece) => {
      const edge = edgeAt(piece, role);
      return edge === undefined ? [] : [mapPath(edge.stitch, moves.get(piece.id) ?? STAYS)];
    }),
  );
}

/** The seams of half a body closed, in the place of the piece that has its neck. */
export function closeHalf(neckEdge: OpenEdge, armholeEdge: OpenEdge, side: "front" | "back"): ClosedHalf {
  const { piece: top, edge: neck } = certain(neckEdge.walk[side][0], `the ${side} neck`);
  const around = armholeEdge.walk[side];
  const pieces = [top, ...around.map(({ piece }) => piece).filter(({ id }) => id !== top.id)];
  const moves = new Map<string, Move>([[top.id, STAYS]]);
  for (const [index, piece] of pieces.entries()) {
    const before = pieces[index - 1];
    if (before === undefined) continue;
    // They meet where both have a part of the armhole, else on the shoulder.
    const role = edgeAt(before, "armhole") === undefined ? "shoulder" : "armhole";
    const [one, other] = [edgeAt(before, role), edgeAt(piece, role)];
    if (one === undefined || other === undefined) continue;
    moves.set(piece.id, layTo({ piece: before, edge: one }, { piece, edge: other }, moves.get(before.id) ?? STAYS));
  }
  const centre = certain(edgeAt(top, "centre"), `the ${side} centre`);
  return {
    pieces: pieces.map(({ id }) => id),
    neck,
    shoulder: chain(pieces, moves, "shoulder"),
    armhole: chain(pieces, moves, "armhole"),
    side: chain(pieces.slice(-1), moves, "side"),
    centre: reversePath(centre.stitch),
    onFold: centre.onFold,
  };
}

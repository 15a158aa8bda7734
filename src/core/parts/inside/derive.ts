import {
  type ChalkStep,
  type ClothId,
  drawOutline,
  type Edge,
  type OwnPieceName,
  type Piece,
  type PieceName,
  type StepReason,
} from "../../chalk";
import { at, movePath, pathEnd, pathLength } from "../../geometry";
import type { Inches } from "../../length";

/** An edge of a derived piece: its line, what lies beyond it, and how far inside the outside's cut it is cut. */
export interface DerivedEdge {
  readonly edge: Edge;
  readonly inside: Inches;
  readonly why: StepReason;
}

export interface Derived {
  readonly id: string;
  readonly name: PieceName;
  readonly cloth: ClothId;
  /** The piece that is cut already, and laid on. */
  readonly of: Piece;
  readonly cut: Piece["cut"];
  readonly edges: readonly DerivedEdge[];
}

/** A derived piece is called after the piece that it lies in. */
export function nameAfter(kind: "lining" | "stay", { name }: Piece): PieceName {
  return `${kind}/${name.split("/").at(-1) as OwnPieceName}`;
}

function stepOf({ edge, inside, why }: DerivedEdge, of: string): ChalkStep {
  const base = { marks: [], from: "edge-start", direction: "inwards", terms: [], cutReading: null, why } as const;
  if (Math.abs(inside) < 1 / 64) {
    const act = { kind: "round", edge: edge.id, pieces: [of], seam: edge.allowance } as const;
    return { ...base, id: edge.id, act, reading: pathLength(edge.stitch) };
  }
  return {
    ...base,
    id: edge.id,
    act: { kind: "inside", edge: edge.id, piece: of, by: inside },
    reading: Math.abs(inside),
  };
}

/** How far a derived piece is moved so that it lies on its cloth: its fold at nothing, or its cut edge there. */
function movedBy({ cut, edges }: Derived): Inches {
  const outline = drawOutline(edges.map(({ edge }) => edge));
  const left = Math.min(...outline.cut.map(({ x }) => x));
  if (cut.on !== "fold") return -left;
  const ends = edges.flatMap(({ edge }) => [edge.stitch.start.x, pathEnd(edge.stitch).x]);
  return -Math.min(0, ...ends);
}

function moveEdge(edge: Edge, by: Inches): Edge {
  const stitch = movePath(edge.stitch, at(by, 0));
  return { ...edge, stitch, ...(edge.cut === undefined ? {} : { cut: movePath(edge.cut, at(by, 0)) }) };
}

/** A piece that is chalked round another one which is cut already; its own edges lie inside or outside of that. */
export function derivePiece(derived: Derived): Piece {
  const { id, name, cloth, of, cut, edges } = derived;
  const by = movedBy(derived);
  const moved = edges.map((one) => ({ ...one, edge: moveEdge(one.edge, by) }));
  const own = moved.map(({ edge }) => edge);
  return {
    id,
    name,
    part: "finish",
    top: "top",
    half: null,
    lead: true,
    strip: null,
    cloth,
    cut,
    grain: 0,
    origin: cut.on === "fold" ? "fold" : "cloth-edge",
    originInset: 0,
    shift: 0,
    drawnWith: null,
    fromCentre: false,
    lines: [{ id: "top", down: 0, terms: [], level: 0, start: 0 }],
    marks: [],
    edges: own,
    takeOuts: [],
    darts: [],
    turn: null,
    notches: [],
    steps: moved.filter(({ edge }) => !edge.onFold).map((one) => stepOf(one, of.id)),
    outline: drawOutline(own),
  };
}

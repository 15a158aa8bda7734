import type { Edge, Piece } from "../chalk";
import type { TableStep } from "../cloth";
import { isStraight, nearPath } from "../geometry";
import { certain } from "../result";
import type { ThenAct } from "./placement";
import { type ChalkRun, pieceIn } from "./run";
import { type ExactReading, type Laying, thenAct, type Use } from "./use";
import { seamReading, seams, wideAcross } from "./uses";

/** An edge that passes this near to a mark needs it. */
const AT_MARK = 1 / 16;
/** A line that leaves the level by less is level. */
const LEVEL = 1 / 64;

function edgeIn(piece: Piece, id: string): Edge {
  return certain(
    piece.edges.find((edge) => edge.id === id),
    `edge ${id} on ${piece.id}`,
  );
}

/** Marks that are made along an edge once it is drawn: it does not wait for them. */
function isMadeAlong(piece: Piece, mark: string, edge: string): boolean {
  if (mark.startsWith("side/dart")) return true;
  return piece.steps.some(({ act }) => act.kind === "along" && act.mark === mark && act.edge === edge);
}

/** The marks that must stand before an edge can be drawn: those it is said to run through, and those that lie on it. */
function marksOf(piece: Piece, edge: Edge, through: readonly string[]): readonly string[] {
  const near = nearPath(edge.stitch, piece.marks, ({ place }) => place.stitch, AT_MARK).map(({ id }) => id);
  return [...new Set([...through, ...near])].filter((mark) => !isMadeAlong(piece, mark, edge.id));
}

export interface Drawn {
  readonly step: TableStep;
  readonly act: ThenAct;
  /** Marks, of the same piece, that must stand before. */
  readonly needs: readonly string[];
}

/** What an edge or a dart waits for, and how it is drawn; null for steps that draw neither. */
export function drawnBy(run: ChalkRun, step: TableStep): Drawn | null {
  const act = step.chalk?.act;
  if (act === undefined) return null;
  const piece = pieceIn(run, step.piece);
  if (act.kind === "round")
    return {
      step,
      act: thenAct("trace", piece.id, { edge: act.edge, names: act.pieces, step: step.id }),
      needs: [],
    };
  if (act.kind === "crease") {
    const how = act.curved ? "curve" : "rule";
    return {
      step,
      act: thenAct(how, piece.id, { line: act.crease, names: act.through, step: step.id }),
      needs: act.through,
    };
  }
  if (act.kind !== "edge" && act.kind !== "dart") return null;
  if (act.kind === "dart") {
    const rule = thenAct("rule", piece.id, { dart: act.dart, names: act.through, step: step.id });
    return { step, act: rule, needs: act.through };
  }
  const needs = marksOf(piece, edgeIn(piece, act.edge), act.through);
  const rule = thenAct(act.curved ? "curve" : "rule", piece.id, {
    edge: act.edge,
    names: act.through,
    step: step.id,
  });
  return { step, act: rule, needs };
}

/** A slit that is cut out of the fold on the front alone: how wide, read across from the fold; null for any other edge. */
export function cutWide(run: ChalkRun, step: TableStep): Pick<Use, "laying" | "readings"> | null {
  const act = step.chalk?.act;
  if (!run.alone || act?.kind !== "edge") return null;
  const piece = pieceIn(run, step.piece);
  const edge = edgeIn(piece, act.edge);
  return edge.role === "centre" ? wideAcross(step, piece, edge) : null;
}

function isLevel({ stitch }: Edge): boolean {
  return stitch.segments.every(({ to }) => Math.abs(to.y - stitch.start.y) < LEVEL) && isStraight(stitch);
}

/** Whether the cutting line of a level edge is squared from a tick down the origin line. */
function squaredBy(edge: Edge, uses: readonly Use[]): boolean {
  if (!isLevel(edge)) return false;
  const down = edge.stitch.start.y;
  return uses.some(({ laying, readings }) => {
    if (laying.slot !== "lengths") return false;
    const net = readings.some(({ is, place }) => is === "stitch" && Math.abs((place?.y ?? -99) - down) < LEVEL);
    return net && readings.some(({ is, name }) => is === "cut" && !name.includes("neck"));
  });
}

/** Whether an edge's cutting line is dotted by the cuts that were read across it. */
function dottedBy(piece: Piece, edge: Edge, uses: readonly Use[]): boolean {
  if (edge.role !== "side") return false;
  const cut = new Set<string>();
  for (const { step, readings } of uses)
    if (step.piece === piece.id) for (const { is, name } of readings) if (is === "cut") cut.add(name);
  if (cut.size === 0) return false;
  const through = marksOf(
    piece,
    edge,
    piece.steps.flatMap(({ act }) => (act.kind === "edge" && act.edge === edge.id ? act.through : [])),
  );
  return through.length > 0 && through.every((mark) => cut.has(mark));
}

export type Offset =
  | {
      readonly kind: "seams";
      readonly laying: Laying;
      readonly readings: readonly ExactReading[];
      readonly act: ThenAct;
    }
  | { readonly kind: "squared"; readonly act: ThenAct }
  | { readonly kind: "dotted"; readonly act: ThenAct };

/** How an edge gets its cutting line: squared with the lengths, through the dots of the widths, or with the short rule. */
export function offsetBy(run: ChalkRun, step: TableStep, uses: readonly Use[], isWide: boolean): Offset | null {
  const act = step.chalk?.act;
  if (act?.kind !== "allowance") return null;
  const piece = pieceIn(run, step.piece);
  const edge = edgeIn(piece, act.edge);
  const offset = thenAct("offset", piece.id, { edge: edge.id, step: step.id });
  if (squaredBy(edge, uses)) return { kind: "squared", act: offset };
  if (isWide || dottedBy(piece, edge, uses)) return { kind: "dotted", act: offset };
  const varied = (act.at ?? []).filter(({ value }) => value !== act.allowance);
  const readings = [
    seamReading(step, edge.id, act.allowance, null),
    ...varied.map(({ mark, value }) => seamReading(step, edge.id, value, mark)),
  ];
  return { kind: "seams", laying: seams, readings, act: offset };
}

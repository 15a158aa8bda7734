import type { Draft, Edge, Piece } from "../../src/core/chalk";
import type { Report } from "../../src/core/checks";
import type { FoldGroup, TableStep } from "../../src/core/cloth";
import type { ReadOrder } from "../../src/core/formats";
import { type Tick, tickStep } from "../../src/core/length";
import type { Placement } from "../../src/core/table";

/** Everything that was made of an order, as the judge looks at it. */
export interface Seen {
  readonly read: ReadOrder;
  readonly draft: Draft;
  readonly report: Report;
  readonly groups: readonly FoldGroup[];
  readonly steps: readonly TableStep[];
  readonly placements: readonly Placement[];
}

/** Something wrong: `kind` tells one class of mistakes from another, `said` shows this one. */
export interface Fault {
  readonly kind: string;
  readonly said: string;
}

export function round(value: number): string {
  return value.toFixed(3);
}

export function fault(kind: string, ...said: readonly (string | number)[]): Fault {
  return { kind, said: said.map((word) => (typeof word === "number" ? round(word) : word)).join(" ") };
}

/** A length as the shop's tape shows it: what is chalked is always on a tick. */
export function onTick({ read }: Seen, length: number): number {
  const step = tickStep(read.given.rules.tick.value as Tick);
  return step === 0 ? length : Math.floor(length / step + 0.5 + 1e-9) * step;
}

/** A rule's value on the tape when it is a length, else 0. */
export function ruleNumber(seen: Seen, id: keyof ReadOrder["given"]["rules"]): number {
  const { value } = seen.read.given.rules[id];
  return typeof value === "number" ? onTick(seen, value) : 0;
}

export function pieceById(draft: Draft, id: string): Piece | undefined {
  return draft.pieces.find((piece) => piece.id === id);
}

/** A line that something is sewn on along, as an edge to walk. */
function creaseEdge({ creases }: Piece, id: string): Edge | undefined {
  const crease = creases?.find((one) => one.id === id);
  if (crease === undefined) return undefined;
  return { id, role: "join", stitch: crease.path, allowance: 0, onFold: false, mouths: [], turned: [0, 0] };
}

export function edgeByReference(draft: Draft, reference: string): Edge | undefined {
  const [id = "", edge = ""] = reference.split("/");
  const piece = pieceById(draft, id);
  return piece?.edges.find((one) => one.id === edge) ?? (piece === undefined ? undefined : creaseEdge(piece, edge));
}

import type { TableStep } from "../cloth";
import type { Point } from "../geometry";
import type { Inches } from "../length";
import type { PlacementDirection, PlacementKind, PlacementOrigin, ReadingKind, Slot, ThenAct } from "./placement";

/** A reading before it is settled on the tape. */
export interface ExactReading {
  readonly exact: Inches;
  readonly name: string;
  readonly piece: string;
  readonly is: ReadingKind;
  readonly step: string;
  readonly off: Inches | null;
  readonly from: string | null;
  readonly way: "down" | "up" | "inwards" | "outwards" | null;
  readonly place: Point | null;
  /** Where it comes in a walk or under the short rule, which do not rise. */
  readonly order: number;
}

/** The laying of the tape that a step is read from: steps with the same key are read together. */
export interface Laying {
  readonly slot: Slot;
  /** Tells layings of one slot apart: a dart, a level, an edge. */
  readonly key: string;
  /** How deep a laying of its own level lies. */
  readonly level: Inches | null;
  readonly kind: PlacementKind;
  readonly origin: PlacementOrigin | null;
  readonly originMark: string | null;
  readonly direction: PlacementDirection | null;
  readonly on: string | null;
}

/** What one step asks of one laying. */
export interface Use {
  readonly laying: Laying;
  readonly step: TableStep;
  readonly readings: readonly ExactReading[];
  readonly acts: readonly ThenAct[];
}

/** Written out field by field: a hundred of these are made for a sheet, and spreading costs half of planning it. */
export function thenAct(
  act: ThenAct["act"],
  piece: string,
  {
    edge = null,
    line = null,
    dart = null,
    from = null,
    to = null,
    names = [],
    at = null,
    step = null,
  }: Partial<ThenAct>,
): ThenAct {
  return { act, piece, edge, line, dart, from, to, names, at, step };
}

export function reading(
  step: TableStep,
  name: string,
  exact: Inches,
  is: ReadingKind,
  { off = null, from = null, way = null, place = null, order = 0 }: Partial<ExactReading> = {},
): ExactReading {
  return { exact, name, piece: step.piece, is, step: step.id, off, from, way, place, order };
}

export function laying(slot: Slot, kind: PlacementKind, rest: Partial<Laying> = {}): Laying {
  return { slot, key: slot, level: null, kind, origin: null, originMark: null, direction: null, on: null, ...rest };
}

/** The cloth's own frame, from its edges. */
export const frame = laying("frame", "frame");

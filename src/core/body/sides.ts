import { both, type Inches, pickSystem } from "../length";
import type { MeasurementId } from "./catalogue";
import type { Readings } from "./readings";

/** Readings of one side of the body, which may be typed as two (craft: measuring, left and right). */
const SIDED: ReadonlySet<MeasurementId> = new Set<MeasurementId>([
  "armhole",
  "upperArm",
  "elbow",
  "wrist",
  "knee",
  "shoulderToBust",
  "waistToHip",
  "waistToFloor",
  "sleeveLength",
  "shoulderToElbow",
]);
/** Cut deeper it leaves less cloth: of these the smaller is the larger outline. */
const DEEPER_IS_LESS: ReadonlySet<MeasurementId> = new Set<MeasurementId>(["armhole"]);
/** Up to this the larger is drawn for both. */
const DRAWN_ALIKE = both(0.25, 0.6);
/** Further apart than this both are doubted. */
const DOUBTED = both(1.5, 4);

export interface Sides<Value> {
  readonly left: Value;
  readonly right: Value;
}

/** Whether a reading is of one side, and may differ between both. */
export function isSided(id: MeasurementId): boolean {
  return SIDED.has(id);
}

const LEFT_FIRST = /^\s*L[\s:]*([^LR]+?)[\s,;]*R[\s:]*([^LR]+)$/i;
const RIGHT_FIRST = /^\s*R[\s:]*([^LR]+?)[\s,;]*L[\s:]*([^LR]+)$/i;

/** The wearer's left and right as they are typed into one field, `L 17 R 16 1/2` or the other way round; null for one reading. */
export function splitSides(typed: string): Sides<string> | null {
  const [, left, right] = LEFT_FIRST.exec(typed) ?? [];
  if (left !== undefined && right !== undefined) return { left: left.trim(), right: right.trim() };
  const [, first, second] = RIGHT_FIRST.exec(typed) ?? [];
  return first === undefined || second === undefined ? null : { left: second.trim(), right: first.trim() };
}

/** How much the sides of a body differ in each reading that was taken of both. */
export type SidedReadings = Readonly<Partial<Record<MeasurementId, Sides<Inches>>>>;

/** The readings of each half of a body that is not alike on both, and those that its larger outline is chalked by. */
export interface SidesApart extends Sides<Readings> {
  readonly chalked: Readings;
}

/** Whether two sides differ by so much that both are drawn: below it the larger is drawn for both. */
export function areDrawnApart({ left, right }: Sides<Inches>, metric: boolean): boolean {
  return Math.abs(left - right) > pickSystem(DRAWN_ALIKE, metric) + 1e-9;
}

/** Readings that differ by so much that both sides are drawn; null where none does. */
export function sidesApart(sided: SidedReadings, metric: boolean): SidesApart | null {
  const rows = Object.entries(sided) as [MeasurementId, Sides<Inches>][];
  const apart = rows.filter(([, sides]) => areDrawnApart(sides, metric));
  if (apart.length === 0) return null;
  const of = (read: (sides: Sides<Inches>, id: MeasurementId) => Inches): Readings =>
    Object.fromEntries(apart.map(([id, sides]) => [id, read(sides, id)]));
  return {
    left: of(({ left }) => left),
    right: of(({ right }) => right),
    chalked: of(({ left, right }, id) => (DEEPER_IS_LESS.has(id) ? Math.min : Math.max)(left, right)),
  };
}

/** Whether two sides differ by more than a body does: one of them was read wrong. */
export function areFarApart({ left, right }: Sides<Inches>, metric: boolean): boolean {
  return Math.abs(left - right) > pickSystem(DOUBTED, metric) + 1e-9;
}

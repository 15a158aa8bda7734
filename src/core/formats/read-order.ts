import { type Figure, type MeasurementId, type Readings, type SidedReadings, type Sides, sidesApart } from "../body";
import { type ClothId, type FigureNote, type Given, type LateMeasures, lateIds, lineIds, tierEdgeIds } from "../chalk";
import type { Cloth, FoldKind, LayWay } from "../cloth";
import { findGarment, forFigure, type Garment, garments, settleRules } from "../garments";
import type { Unit } from "../length";
import { fail, type Result, succeed } from "../result";
import { type RuleOverrides, type RuleSetId, ruleSets } from "../rules";
import { nearestWord } from "./nearest";
import type { Order, OrderError } from "./order";
import { readAge } from "./read-age";
import { gatherReadings, missingErrors, readCard } from "./read-card";
import { readCloths } from "./read-cloth";
import { readChoices, readRules } from "./read-decisions";
import { readPositiveLength, readSignedLength } from "./read-lengths";
import { readShape } from "./read-shape";
import { sideNotes } from "./side-notes";

/** An order understood: the garment and every number that its recipe may ask for. */
export interface ReadOrder {
  readonly order: Order;
  readonly garment: Garment;
  readonly given: Given;
  readonly cloths: Readonly<Record<ClothId, Cloth>>;
  readonly fold: FoldKind;
  /** The set of house rules that the order stands on. */
  readonly set: RuleSetId;
  /** What the shop's own set changes in it. */
  readonly own: RuleOverrides;
  /** How the main cloth is folded for the whole garment. */
  readonly way: LayWay;
  /** What is given of each half of a figure that is not alike on both; null where it is. What is given has the larger. */
  readonly sides: Sides<SideGiven> | null;
}

/** What one half of a figure has of its own. */
export type SideGiven = Pick<Given, "figureNotes" | "measurements">;

interface Collected<Value> {
  readonly value: Value;
  readonly errors: readonly OrderError[];
}

function readFigureNotes(order: Order, unit: Unit): Collected<readonly FigureNote[]> {
  const errors: OrderError[] = [];
  const notes = (order.figureNotes ?? []).flatMap((note, index): readonly FigureNote[] => {
    const path = `figureNotes.${index}`;
    const amount = readSignedLength(note.amount, {
      path: `${path}.amount`,
      label: "The amount of the figure note",
      unit,
    });
    if (!(lineIds as readonly string[]).includes(note.line)) {
      errors.push({
        path: `${path}.line`,
        message: `There is no line “${note.line}”. There are ${lineIds.join(", ")}.`,
        nearest: nearestWord(note.line, lineIds),
      });
    }
    if (!amount.ok) errors.push(...amount.issues);
    return amount.ok ? [{ ...note, amount: amount.value }] : [];
  });
  return { value: notes, errors };
}

type TypedLate = readonly (readonly [id: string, typed: string | number, path: string])[];

/** Measures as they were typed, the list of tiers taken apart; what is none by its name and place. */
function typedLate(order: Order): { readonly known: TypedLate; readonly errors: readonly OrderError[] } {
  const errors: OrderError[] = [];
  const known = Object.entries(order.measuredOnGarment ?? {}).flatMap(([id, value]): TypedLate => {
    const path = `measuredOnGarment.${id.slice(0, 60)}`;
    const isList = Array.isArray(value);
    if (isList && id === TIER_EDGES && value.length <= tierEdgeIds.length)
      return value.flatMap((one, index): TypedLate => {
        const flat = tierEdgeIds[index];
        return one === null || flat === undefined ? [] : [[flat, one, `${path}.${index}`]];
      });
    if (!isList && lateKeys.includes(id) && id !== TIER_EDGES) return [[id, value, path]];
    const message =
      id === TIER_EDGES
        ? `Tiers are a list of their lower edges, the first tier first, at most ${tierEdgeIds.length}.`
        : isList
          ? `“${id.slice(0, 60)}” is one number, not a list.`
          : `“${id.slice(0, 60)}” is not measured on a garment.`;
    errors.push({ path, message, nearest: nearestWord(id, lateKeys) });
    return [];
  });
  return { known, errors };
}

/** The lower edges of tiers, as the open format has them; every other measure goes by its own name. */
const TIER_EDGES = "tierEdges";
const lateKeys: readonly string[] = [...lateIds.filter((id) => !tierEdgeIds.some((one) => one === id)), TIER_EDGES];

function readLate(order: Order, unit: Unit): Collected<LateMeasures> {
  const { known, errors: unknown } = typedLate(order);
  const errors: OrderError[] = [...unknown];
  const late = known.flatMap(([id, typed, path]) => {
    const read = readPositiveLength(typed, { path, label: id, unit });
    if (!read.ok) errors.push(...read.issues);
    return read.ok ? [[id, read.value] as const] : [];
  });
  return { value: Object.fromEntries(late), errors };
}

/** Whose card it is: a woman's where nothing is said; the age is a child's, in years. */
function readFigure(order: Order): Collected<Figure> {
  const { figure: kind = "woman", age } = order.client?.card ?? {};
  if (kind !== "child" || age === undefined) return { value: { kind }, errors: [] };
  const years = readAge(age);
  return years.ok
    ? { value: { kind, age: years.value ?? undefined }, errors: [] }
    : { value: { kind }, errors: [{ path: "client.card.age", message: years.why, nearest: null }] };
}

/** Readings with both sides where both were read: they are doubted together. */
function withSides(measurements: Given["measurements"], sided: SidedReadings): Given["measurements"] {
  const told = (Object.entries(sided) as [MeasurementId, NonNullable<SidedReadings[MeasurementId]>][]).flatMap(
    ([id, sides]) => {
      const given = measurements[id];
      return given === undefined ? [] : [[id, { ...given, sides }] as const];
    },
  );
  return { ...measurements, ...Object.fromEntries(told) };
}

function unknownGarment(id: string): OrderError {
  const known = garments.map((garment) => garment.id);
  const nearest = nearestWord(id, known);
  return {
    path: "garment",
    message: `There is no garment “${id}”. ${nearest === null ? `There are: ${known.join(", ")}.` : `Did you mean “${nearest}”?`}`,
    nearest,
  };
}

/**
 * Reads an order as it was written: every unknown id, unparsable, missing or absurd reading, and choice out of range at
 * once, each with its place, what to do and the nearest that would do.
 */
export function readOrder(input: unknown): Result<ReadOrder, OrderError> {
  const shape = readShape(input);
  if (!shape.ok) return shape;
  const order = shape.value;
  const unit = order.unit ?? "in";
  const figure = readFigure(order);
  const found = findGarment(order.garment);
  const garment = found === undefined ? undefined : forFigure(found, figure.value.kind);
  const card = readCard(order.client?.card?.measurements ?? {}, unit, figure.value.kind);
  const rules = readRules(order.rules, unit);
  const metric = ruleSets[rules.set].metric;
  const cloths = readCloths(order, unit, metric);
  const notes = readFigureNotes(order, unit);
  const late = readLate(order, unit);
  const errors = [...figure.errors, ...card.errors, ...rules.errors, ...cloths.errors, ...notes.errors, ...late.errors];
  if (garment === undefined) return fail(unknownGarment(order.garment), ...errors);

  const choices = readChoices(garment.choices, order.choices, unit, metric);
  const resolved = settleRules(garment, choices.values, rules);
  const gather = (own: Readings) =>
    gatherReadings(
      garment,
      { rule: (id) => resolved[id].value, choices: choices.values },
      { ...card.readings, ...own },
      figure.value.kind,
    );
  const apart = sidesApart(card.sides, metric);
  const readings = gather(apart?.chalked ?? {});
  const unread = new Set(card.errors.map(({ path }) => path));
  const missing = missingErrors(readings.missing, figure.value.kind).filter(({ path }) => !unread.has(path));
  const all = [...errors, ...choices.errors, ...missing];
  if (all.length > 0) return fail(...all);
  const sidedNotes = sideNotes(notes.value);
  const half = (side: "left" | "right"): SideGiven => ({
    figureNotes: sidedNotes?.[side] ?? notes.value,
    measurements: withSides(gather(apart?.[side] ?? {}).measurements, card.sides),
  });
  const alike = sidedNotes === null && apart === null;
  const given: Given = {
    unit,
    figure: figure.value,
    metric,
    measurements: withSides(readings.measurements, card.sides),
    rules: resolved,
    choices: choices.values,
    figureNotes: sidedNotes?.larger ?? notes.value,
    late: late.value,
    clothWidth: cloths.value.main.width,
  };
  const fold = (choices.values.fold ?? "one-fold") as FoldKind;
  const way = order.lay?.main?.way ?? "in-turn";
  const sides = alike ? null : { left: half("left"), right: half("right") };
  return succeed({ order, garment, given, cloths: cloths.value, fold, set: rules.set, own: rules.own, way, sides });
}

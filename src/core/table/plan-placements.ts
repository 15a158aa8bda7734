import type { LineId } from "../chalk";
import type { TableStep } from "../cloth";
import { readOnTape, type Tick } from "../length";
import { CAP_TOP } from "./cap-uses";
import { cutWide, drawnBy, offsetBy } from "./drawn";
import { type Made, type Placement, type Reading, slots, type ThenAct, type ThenActKind } from "./placement";
import { type ChalkRun, pieceIn } from "./run";
import { type ExactReading, type Laying, thenAct, type Use } from "./use";
import { usesOf } from "./uses";

/** A laying while it is being filled. */
interface Open {
  readonly laying: Laying;
  readonly rank: number;
  readonly first: TableStep;
  readonly readings: ExactReading[];
  readonly acts: ThenAct[];
  readonly steps: string[];
}

const lineSlots: readonly LineId[] = [
  "bust",
  "underbust",
  "waist",
  "hip",
  "flare",
  "biceps",
  "elbow",
  "wrist",
  "base",
  "hem",
];

/** Where a laying comes among the others: its slot; a level of its own comes before the first line below it. */
function rankOf(run: ChalkRun, laying: Laying, piece: string): number {
  const own = slots.indexOf(laying.slot);
  if (laying.level === null || laying.slot === "panel-upper" || laying.slot === "middle") return own;
  const { lines } = pieceIn(run, piece);
  const level = laying.level;
  const below = lineSlots.find((id) => (lines.find((line) => line.id === id)?.down ?? -1) > level);
  return (below === undefined ? slots.indexOf("hem") : slots.indexOf(below)) - 0.5 + level / 1000;
}

/** Readings that rise, but for those that each start anew. */
const RISES: ReadonlySet<string> = new Set(["line", "along", "swing"]);

/** Of what falls on one tick, the most telling says what the reading is. */
const STRENGTH = { stitch: 0, guide: 1, cut: 2, help: 3 } as const;

/** Less than this off its line is not chalked. */
const LEAST_OFF = 1 / 16;

function settle(run: ChalkRun, one: ExactReading): Reading {
  const { at, hair } = readOnTape(one.exact, run.tick);
  const off = one.off === null || Math.abs(one.off) < LEAST_OFF ? null : readOnTape(one.off, run.tick);
  const made = { name: one.name, piece: one.piece, is: one.is, step: one.step };
  return { at, hair, made: [made], off, from: one.from, way: one.way, alsoFrom: null, place: one.place };
}

const sameTick = (one: Reading, other: Reading): boolean =>
  Math.abs(one.at - other.at) < 1e-9 && one.hair === other.hair && (one.off?.at ?? 0) === (other.off?.at ?? 0);

/** Both readings' names, the most telling first; each once. */
function joinMade(one: readonly Made[], other: readonly Made[]): readonly Made[] {
  const isIn = ({ name, is, piece }: Made) =>
    one.some((made) => made.name === name && made.is === is && made.piece === piece);
  return [...one, ...other.filter((made) => !isIn(made))].sort((a, b) => STRENGTH[a.is] - STRENGTH[b.is]);
}

/** Two that fall on one tick are one reading with two names. */
function merge(readings: readonly Reading[]): readonly Reading[] {
  const row: Reading[] = [];
  for (const next of readings) {
    const last = row.at(-1);
    if (last === undefined || !sameTick(last, next)) row.push(next);
    else row[row.length - 1] = { ...last, made: joinMade(last.made, next.made) };
  }
  return row;
}

function order(laying: Laying, readings: readonly ExactReading[]): readonly ExactReading[] {
  const by = RISES.has(laying.kind)
    ? (one: ExactReading) => one.exact
    : laying.kind === "seams"
      ? () => 0
      : (one: ExactReading) => one.order;
  return [...readings].sort((a, b) => by(a) - by(b));
}

/** The hip is read from the waist as well, the hem too: whichever end of the tape is nearer to the hand. */
function alsoFromWaist(reading: Reading, readings: readonly Reading[], tick: Tick): Reading {
  const isLine = (id: string) => (one: Reading) => one.made.some(({ name, is }) => name === id && is === "guide");
  const waist = readings.find(isLine("waist"));
  if (waist === undefined || !(isLine("hip")(reading) || isLine("hem")(reading)) || reading.at <= waist.at)
    return reading;
  const { at } = readOnTape(reading.at - waist.at, tick);
  return { ...reading, alsoFrom: { origin: "waist-line", at } };
}

const THEN_ORDER: readonly ThenActKind[] = [
  "double",
  "square",
  "lay-on",
  "trace",
  "plumb",
  "slant",
  "beside",
  "rule",
  "curve",
  "offset",
  "rub-out",
];

/** Squared lines and plumbs first, acts what is drawn in the order in which it was told, cutting lines, and what goes away. */
function orderActs(acts: readonly ThenAct[]): readonly ThenAct[] {
  const stage = ({ act }: ThenAct) => THEN_ORDER.indexOf(act === "curve" ? "rule" : act);
  // Front and back that share a line say it once.
  const key = ({ act, from, to, names }: ThenAct) => `${act} ${from} ${to} ${names.join(" ")}`;
  const said = new Set<string>();
  const once = acts.filter((one) => {
    if (one.step !== null) return true;
    const isNew = !said.has(key(one));
    said.add(key(one));
    return isNew;
  });
  return once.sort((a, b) => stage(a) - stage(b));
}

function close(run: ChalkRun, open: Open, id: string): Placement {
  const { laying, first } = open;
  const exact = order(laying, open.readings).map((one) => settle(run, one));
  const merged = RISES.has(laying.kind) ? merge(exact) : exact;
  const readings = laying.slot === "lengths" ? merged.map((one) => alsoFromWaist(one, merged, run.tick)) : merged;
  const acts = orderActs(open.acts).map((act) =>
    act.at === null ? act : { ...act, at: readOnTape(act.at.at, run.tick) },
  );
  const walked = laying.kind === "walk" ? [...new Set(readings.map(({ from }) => from ?? ""))] : null;
  // What is laid on and chalked round comes before anything is read from it.
  const isFirst = ({ act }: ThenAct) => act === "lay-on" || act === "trace";
  const ticked = [
    ...acts.filter(isFirst).flatMap(({ step }) => step ?? []),
    ...readings.flatMap(({ made }) => made.map(({ step }) => step)),
    ...acts.flatMap(({ step }) => step ?? []),
  ];
  const own = new Set(open.steps);
  return {
    id,
    slot: laying.slot,
    kind: laying.kind,
    group: first.group,
    piece: first.piece,
    layers: first.layers,
    origin: laying.origin,
    originMark: laying.originMark,
    direction: laying.direction,
    on: walked ?? laying.on,
    readings,
    acts,
    steps: [...new Set([...ticked.filter((id) => own.has(id)), ...open.steps])],
  };
}

/** The layings of a run while they are being filled. Lives only while a run is planned; what comes out is plain data. */
interface Plan {
  readonly run: ChalkRun;
  readonly open: Map<string, Open>;
  /** Where each mark of a piece is made. */
  readonly madeAt: Map<string, Open>;
  /** Where each edge of a piece is drawn. */
  readonly drawnAt: Map<string, Open>;
}

/** The laying of a key, opened when it is first read from. */
function openAt({ run, open }: Plan, laying: Laying, step: TableStep): Open {
  const found = open.get(laying.key);
  if (found !== undefined) return found;
  const made: Open = { laying, rank: rankOf(run, laying, step.piece), first: step, readings: [], acts: [], steps: [] };
  open.set(laying.key, made);
  return made;
}

function inOrder({ open }: Plan): readonly Open[] {
  return [...open.values()].sort((a, b) => a.rank - b.rank);
}

/** The laying that everything else of a run comes after. */
function firstOf(plan: Plan, step: TableStep): Open {
  return inOrder(plan)[0] ?? openAt(plan, NO_LAYING, step);
}

function bySlot({ open }: Plan, slot: Laying["slot"]): Open | undefined {
  return [...open.values()].find(({ laying }) => laying.slot === slot);
}

/** Reads a step's uses; the step belongs to the last laying that it is read from. */
function readUses(plan: Plan, uses: readonly Use[]): void {
  for (const [index, { laying, step, readings, acts }] of uses.entries()) {
    const open = openAt(plan, laying, step);
    open.readings.push(...readings);
    open.acts.push(...acts);
    if (index < uses.length - 1) continue;
    open.steps.push(step.id);
    for (const mark of step.chalk?.marks ?? []) plan.madeAt.set(`${step.piece}|${mark}`, open);
  }
}

/**
 * Of the layings that make some marks, the one that comes last; marks that stand already ask for none. In four layers a
 * mark that front and back share is made once, with the other's.
 */
function lastOf({ madeAt, run }: Plan, piece: string, marks: readonly string[]): Open | undefined {
  const shared = run.steps.find(({ layers }) => layers === 4)?.piece;
  return marks
    .flatMap((mark) => madeAt.get(`${piece}|${mark}`) ?? madeAt.get(`${shared}|${mark}`) ?? [])
    .reduce<Open | undefined>((last, one) => (last === undefined || one.rank >= last.rank ? one : last), undefined);
}

/** Edges and darts are drawn as soon as the last of their marks stands. */
function draw(plan: Plan, step: TableStep): void {
  const drawn = drawnBy(plan.run, step);
  if (drawn === null) return;
  const wide = cutWide(plan.run, step);
  if (wide !== null) openAt(plan, wide.laying, step).readings.push(...wide.readings);
  const open =
    wide === null ? (lastOf(plan, step.piece, drawn.needs) ?? firstOf(plan, step)) : openAt(plan, wide.laying, step);
  open.acts.push(drawn.act);
  open.steps.push(step.id);
  plan.drawnAt.set(`${step.piece}|${drawn.act.edge ?? ""}`, open);
}

/** Cutting lines: squared with the lengths, through the dots of the widths, or in one pass with the short rule. */
function offset(plan: Plan, step: TableStep, uses: readonly Use[]): void {
  const drawn = plan.drawnAt.get(`${step.piece}|${step.chalk?.act.kind === "allowance" ? step.chalk.act.edge : ""}`);
  const made = offsetBy(plan.run, step, uses, drawn?.laying.slot === "slit");
  if (made === null) return;
  const open =
    made.kind === "seams"
      ? openAt(plan, made.laying, step)
      : ((made.kind === "squared" ? bySlot(plan, "lengths") : drawn) ?? firstOf(plan, step));
  if (made.kind === "seams") open.readings.push(...made.readings);
  open.acts.push(made.act);
  open.steps.push(step.id);
}

/** Steps that measure nothing: an outer panel moved out is told where it is read first, a piece traced with the frame. */
function tell(plan: Plan, step: TableStep, uses: readonly Use[]): void {
  const { kind } = step.act;
  if (kind === "move-out") {
    const first = uses.find((use) => use.step.piece === step.piece);
    const open = first === undefined ? firstOf(plan, step) : openAt(plan, first.laying, step);
    open.steps.unshift(step.id);
  }
  if (kind === "lay-on" || kind === "trace") {
    const open = firstOf(plan, step);
    open.acts.push(thenAct(kind, step.piece, { step: step.id }));
    open.steps.push(step.id);
  }
}

/** Helper lines are rubbed out where they are used last, ticks for a level with the last of the seams. */
function rubOut(plan: Plan): void {
  for (const step of plan.run.steps.filter(({ chalk }) => chalk?.act.kind === "plumb")) {
    const mark = step.chalk?.marks[0] ?? "";
    const last = bySlot(plan, "middle") ?? lastOf(plan, step.piece, [mark]);
    last?.acts.push(thenAct("rub-out", step.piece, { from: "shoulder/tip", to: mark, names: [mark] }));
  }
  for (const step of plan.run.steps) {
    if (step.chalk?.act.kind !== "slant-line") continue;
    const { to } = step.chalk.act;
    const cap = plan.drawnAt.get(`${step.piece}|cap`) ?? bySlot(plan, "slant");
    cap?.acts.push(thenAct("rub-out", step.piece, { from: CAP_TOP, to, names: [to] }));
  }
  const lengths = bySlot(plan, "lengths");
  const helps = lengths?.readings.filter(({ is }) => is === "help") ?? [];
  const last = bySlot(plan, "seams") ?? lengths;
  for (const step of plan.run.steps.filter(({ chalk }) => chalk?.marks[0] === "hem/flare"))
    last?.acts.push(thenAct("rub-out", step.piece, { names: ["hem/flare"] }));
  for (const { name, piece } of helps) last?.acts.push(thenAct("rub-out", piece, { names: [name] }));
}

function closeAll(plan: Plan): readonly Placement[] {
  const numbers = new Map<string, number>();
  return inOrder(plan).map((open) => {
    const { slot } = open.laying;
    const number = (numbers.get(slot) ?? 0) + 1;
    numbers.set(slot, number);
    const id = plan.run.id === slot ? slot : `${plan.run.id}-${slot}`;
    return close(plan.run, open, number > 1 ? `${id}-${number}` : id);
  });
}

/**
 * Groups the chalk steps of one run into layings of the tape and orders them as the hand works (craft: table, sections
 * 1 and 2): every step in exactly one, readings rising, nothing read from what is not there yet. Pure, and stable: the
 * same steps give the same placements.
 */
export function planPlacements(run: ChalkRun): readonly Placement[] {
  const plan: Plan = { run, open: new Map(), madeAt: new Map(), drawnAt: new Map() };
  const uses = run.steps.map((step) => usesOf(run, step));
  for (const one of uses) readUses(plan, one);
  const all = uses.flat();
  for (const step of run.steps) draw(plan, step);
  for (const step of run.steps) offset(plan, step, all);
  for (const step of run.steps) tell(plan, step, all);
  rubOut(plan);
  return closeAll(plan);
}

const NO_LAYING: Laying = {
  slot: "frame",
  key: "frame",
  level: null,
  kind: "frame",
  origin: null,
  originMark: null,
  direction: null,
  on: null,
};

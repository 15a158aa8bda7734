import { isDartLine } from "../../chalk";
import type { Tick, Unit } from "../../length";
import { formatLength } from "../../length";
import type { PlacementDirection, PlacementOrigin, ReadingKind, Slot, ThenActKind } from "../../table";
import {
  capital,
  nameCrease,
  nameEdge,
  nameLine,
  nameList,
  nameMark,
  namePiece,
  nameRing,
  originNames,
  thePiece,
} from "./names";
import { sayHair } from "./on-tape";

/** A place on the tape: a tick, or a hair past it. */
interface OnTape {
  readonly at: number;
  readonly hair: boolean;
}

/** A reading as a cut sheet carries it. */
export interface SaidReading extends OnTape {
  readonly is: ReadingKind;
  readonly made: readonly { readonly name: string; readonly piece: string; readonly is: ReadingKind }[];
  readonly off?: OnTape | undefined;
  readonly from?: string | undefined;
  readonly way?: "down" | "up" | "inwards" | "outwards" | undefined;
  readonly alsoFrom?: { readonly origin: PlacementOrigin; readonly at: number } | undefined;
}

export interface SaidAct {
  readonly act: ThenActKind;
  readonly piece: string;
  readonly edge: string | null;
  readonly line: string | null;
  readonly dart: string | null;
  readonly from: string | null;
  readonly to: string | null;
  readonly names: readonly string[];
  readonly at: OnTape | null;
}

/** A placement as a cut sheet carries it. */
export interface SaidPlacement {
  readonly slot: Slot;
  readonly kind: string;
  readonly origin: PlacementOrigin | null;
  readonly originMark: string | null;
  readonly direction: PlacementDirection | null;
  readonly on: string | readonly string[] | null;
  readonly readings: readonly SaidReading[];
  readonly then: readonly SaidAct[];
}

const slotNames: Readonly<Record<Slot, string>> = {
  frame: "Top line",
  swing: "The tape swung",
  lengths: "Lengths",
  top: "Along the top line",
  tip: "Shoulder drop",
  chest: "Across the chest line",
  middle: "Middle of the armhole",
  walk: "Half the span, on each line",
  tips: "Dart tips",
  panel: "Panel point",
  "panel-upper": "Upper end of the outer panel",
  level: "Across at its own level",
  bust: "Across the bust line",
  underbust: "Across the under-bust line",
  yoke: "Across the yoke line",
  waist: "Across the waist line",
  hip: "Across the hip line",
  flare: "Across the flare line",
  biceps: "Across the biceps line",
  slant: "Along the slanted line",
  cap: "Along the cap",
  elbow: "Across the elbow line",
  wrist: "Across the wrist line",
  base: "Across the base line",
  hem: "Across the hem line",
  "side-dart": "Bust dart on the side",
  slit: "Slit",
  beside: "Chalk round what is cut",
  seams: "Seam allowances",
  buttons: "Buttonholes",
  strips: "Strips",
};

const fromNames: Readonly<Record<PlacementOrigin, string>> = {
  ...originNames,
  contour: "from the curved centre back",
  "hip-line": "from the hip line",
  "bust-line": "from the bust line",
  mark: "from the mark",
};

/** What a placement is called: by its line, or by what it makes. */
export function namePlacement({ slot, readings }: Pick<SaidPlacement, "slot" | "readings">): string {
  const [first] = readings.flatMap(({ made }) => made);
  if (slot === "swing") return `Swing the ${nameRing(first?.name ?? "")}`;
  if (slot !== "frame") return slotNames[slot];
  if (first?.name === "ring/centre") return capital(nameMark(first.name));
  const guides = readings.flatMap(({ made }) => made.filter(({ name }) => !name.includes("/")));
  const top = guides.find(({ name }) => !Object.hasOwn(guideNames, name))?.name ?? "top";
  const centre = guides.some(({ name }) => Object.hasOwn(guideNames, name)) ? " and centre line" : "";
  return `${capital(nameLine(top))}${centre}`;
}

/** Where the tape starts, which way it runs, and along which line: said once, before its readings. */
export function sayTape({
  kind,
  origin,
  originMark,
  direction,
  on,
  slot,
}: Omit<SaidPlacement, "readings" | "then">): string {
  const from = originMark === null ? (origin === null ? "" : fromNames[origin]) : `from the ${nameMark(originMark)}`;
  switch (kind) {
    case "frame":
      return "with the short rule, from the cloth's own edges";
    case "seams":
      if (slot === "beside") return `inwards from the ${nameEdge(typeof on === "string" ? on : "edge")}, all along it`;
      return "one pass round with the short rule, outside the stitching line";
    case "short":
      return "with the short rule, on the dart's line";
    case "strips":
      return "from the cloth's edge, strips side by side, then their lengths";
    case "walk":
      return `${from}, across, one line after the other`;
    case "along":
      return `${from}, tape on its edge along the ${nameEdge(typeof on === "string" ? on : "edge")}`;
    default:
      return [from, direction ?? "", lineOf(slot, on)].filter(Boolean).join(", ");
  }
}

function lineOf(slot: Slot, on: SaidPlacement["on"]): string {
  if (on === "cloth-edge") return "along the cloth's edge";
  if (slot === "lengths" || slot === "buttons" || slot === "slit") return "along the centre";
  if (slot === "slant") return "straight to the end of the slanted line";
  if (slot === "panel-upper" || slot === "level" || slot === "yoke") return "at its own tick";
  return typeof on === "string" ? `on the ${nameLine(on)}` : "";
}

/** A number on the tape: `9¾, a hair more`. */
export function sayTick({ at, hair }: OnTape, unit: Unit, tick: Tick): string {
  return `${formatLength(at, unit)}${hair ? `, ${sayHair(tick)}` : ""}`;
}

const startNames: Readonly<Record<string, string>> = {
  "cloth-edge": "from the cloth's edge",
  top: "top line",
};

/** A mark's name without the line that it is read on: `side` on the chest line. */
function shortMark(name: string, on: SaidPlacement["on"]): string {
  const [line, mark = ""] = name.split("/");
  if (mark === "side" && line === on && line !== "biceps") return "side";
  return nameMark(name);
}

const guideNames: Readonly<Record<string, string>> = {
  "zip-line": "centre-back line",
  "centre-line": "centre-front line",
};

function nameMade(
  { name, piece, is }: SaidReading["made"][number],
  { slot, kind, on }: Pick<SaidPlacement, "slot" | "kind" | "on">,
): string {
  if (kind === "strips") return namePiece(piece);
  if (kind === "seams") return nameEdge(name);
  if (is === "guide") return guideNames[name] ?? nameLine(name);
  if (name === "yoke") return "yoke line";
  if (name === "chest/armhole") return "armhole line, the same again";
  if (!name.includes("/")) return nameEdge(name);
  const said = slot === "walk" ? walkedName(name) : shortMark(name, on);
  return is === "help" && !isDartLine(name) && name !== "hem/flare" ? `level of the ${said}` : said;
}

/** Whether another piece's reading is called the same: then both say whose they are. */
function isTwin(made: SaidReading["made"][number], readings: readonly SaidReading[]): boolean {
  return readings.some((one) => one.made.some(({ name, piece }) => name === made.name && piece !== made.piece));
}

/** On a walk the line is said beside each reading. */
function walkedName(name: string): string {
  if (name === "bust/point") return "bust point";
  return isDartLine(name) ? "the dart's line" : "the panel seam";
}

/** What a reading makes: `chest side`, `cut, chest side`, two names where two fall on one tick. */
export function nameReading(
  reading: SaidReading,
  placement: Pick<SaidPlacement, "slot" | "kind" | "on" | "readings">,
): string {
  const cut = placement.kind === "seams" || placement.kind === "strips" ? "" : "cut, ";
  // A mark at the centre of a line is made with the line.
  const lines = new Set(reading.made.filter(({ is }) => is === "guide").map(({ name }) => `centre/${name}`));
  const told = reading.made.filter(({ name }) => !lines.has(name));
  const names = told.map((made) => {
    const twin = isTwin(made, placement.readings) ? `, ${namePiece(made.piece)}` : "";
    return `${made.is === "cut" ? cut : ""}${nameMade(made, placement)}${twin}`;
  });
  return [...new Set(names)].join(" · ");
}

/** A strip across the cloth is read down for its depth, from a selvedge for its length. */
const stripStarts: Readonly<Record<string, string>> = {
  "cloth-end down": "down to its lower edge",
  "selvedge inwards": "across, its length",
};

/** Where a reading that says its own start is read from; nothing where the laying says it for all. */
function sayStart({ from, way }: SaidReading, kind: SaidPlacement["kind"]): string {
  if (from === undefined || kind === "seams") return "";
  if (kind === "strips") return stripStarts[`${from} ${way}`] ?? (way === "down" ? "its length" : "across");
  if (kind === "walk") return `on the ${nameLine(from)}`;
  return `${startNames[from] ?? `from the ${nameLine(from.replace(/-line$/, ""))}`}, ${way ?? "across"}`;
}

/** Which way a mark is set off: square to the slanted line of a cap, plumb from any other. */
function offWay(slot: Slot, off: number): string {
  if (slot === "slant") return off < 0 ? "square out" : "square in";
  return off < 0 ? "up" : "down";
}

/** What stands beside a reading: where it starts, how far it is set off, the second way to read it. */
export function sayBeside(
  reading: SaidReading,
  { kind, slot }: Pick<SaidPlacement, "kind" | "slot">,
  unit: Unit,
  tick: Tick,
): string {
  const { off, alsoFrom } = reading;
  const set =
    off === undefined
      ? ""
      : `then ${sayTick({ at: Math.abs(off.at), hair: off.hair }, unit, tick)} ${offWay(slot, off.at)}`;
  const also = alsoFrom === undefined ? "" : `or ${formatLength(alsoFrom.at, unit)} ${fromNames[alsoFrom.origin]}`;
  return [sayStart(reading, kind), set, also].filter(Boolean).join(" · ");
}

/** Edges that are swung about a centre. */
const SWUNG: ReadonlySet<string> = new Set(["inner", "outer"]);

const nameDart = (id: string): string => (id === "bust-dart" ? "bust dart" : "waist dart");

/** Lines squared out to a mark, or across the whole cloth. */
function saySquare(act: SaidAct, unit: Unit, tick: Tick): string {
  if (act.at === null)
    return `Square across and name it: ${act.line === "yoke" ? "yoke line" : nameLine(act.line ?? "")}.`;
  const from = startNames[act.from ?? ""] ?? fromNames[(act.from ?? "fold") as PlacementOrigin];
  return `Square across to the ${nameList(act.names.map(nameMark))}: ${sayTick(act.at, unit, tick)} ${from}.`;
}

/** A piece that is chalked round others which are cut already. */
function sayTraced(acts: readonly SaidAct[]): string {
  const cut = acts[0]?.names ?? [];
  const laid =
    cut.length > 1 ? `${nameList(cut.map(thePiece))}, the seam between them pinned shut,` : thePiece(cut[0] ?? "");
  return `Lay ${laid} on as cut; chalk round the ${nameList(acts.map(({ edge }) => nameEdge(edge ?? "")))}: cut there.`;
}

/** An edge, with its piece where two pieces of the placement have one. */
type NameOfEdge = (act: SaidAct) => string;

/** A tick that nothing is read from any more, the slanted line under a cap, or the plumb armhole line. */
function sayRubOut({ to, from, names }: SaidAct): string {
  if (to === null) return `Rub out the tick for the ${nameList(names.map(nameMark))}.`;
  return from === "cap/top" ? "Rub out the slanted line." : "Rub out the plumb line below the shoulder.";
}

/** A line that is ruled or curved through its marks: an edge, the legs of a dart, a swung edge, or one that is never cut. */
function sayLine(act: SaidAct, edge: NameOfEdge): string {
  const ruled = act.act === "rule";
  if (act.line !== null)
    return `${ruled ? "Rule" : "Curve"} the ${nameCrease(act.line)}${ruled ? "" : ", by its dots"}. Do not cut it.`;
  if (act.dart !== null) return `Rule the legs of the ${nameDart(act.dart)}. Do not cut them.`;
  if (ruled) return `Rule the ${edge(act)}.`;
  return SWUNG.has(act.edge ?? "")
    ? `Join both rows of dots: the ${nameRing(act.edge ?? "")} and its cutting line.`
    : `Curve the ${edge(act)}, by its dots.`;
}

/** One sentence for what is drawn once the tape has gone away. */
function sayAct(act: SaidAct, edge: NameOfEdge, unit: Unit, tick: Tick): string {
  switch (act.act) {
    case "square":
      return saySquare(act, unit, tick);
    case "slant":
      return `Rule a thin line from the top of the cap to the ${nameMark(act.to ?? "")}: only a help.`;
    case "plumb":
      return "Plumb down from the shoulder tip: the two must meet.";
    case "double":
      return `Tape doubled down the armhole line: its middle is at ${act.at === null ? "half" : sayTick(act.at, unit, tick)}.`;
    case "rule":
    case "curve":
      return sayLine(act, edge);
    case "offset":
      return `Chalk the cutting line of the ${edge(act)}.`;
    case "lay-on":
      return "Lay the cut front on, its fold on the back's centre line, its top line on the back's.";
    case "trace":
      return act.edge === null ? "Chalk round the front's edges." : sayTraced([act]);
    case "beside":
      return `Join the dots of the ${edge(act)}: no seam, cut there.`;
    case "rub-out":
      return sayRubOut(act);
    default:
      return act.act satisfies never;
  }
}

/** Acts of one kind that are told in one sentence once there are several. */
function gather(acts: readonly SaidAct[], is: (act: SaidAct) => boolean, say: (few: readonly SaidAct[]) => string) {
  const few = acts.filter(is);
  return few.length < 2 ? { told: [], said: [] } : { told: few, said: [say(few)] };
}

/** What is laid on the cloth and chalked round before anything is read, and what is done once it was. */
export function partActs<Act extends Pick<SaidAct, "act">>(
  acts: readonly Act[],
): readonly [readonly Act[], readonly Act[]] {
  const isFirst = ({ act }: Pick<SaidAct, "act">) => act === "lay-on" || act === "trace";
  return [acts.filter(isFirst), acts.filter((act) => !isFirst(act))];
}

/** What is done after the readings, acts of one kind told in one sentence. */
export function sayActs(acts: readonly SaidAct[], unit: Unit, tick: Tick): readonly string[] {
  const edge: NameOfEdge = (act) => {
    const twin = acts.some((one) => one.edge === act.edge && one.act === act.act && one.piece !== act.piece);
    return `${nameEdge(act.edge ?? "")}${twin ? ` of ${thePiece(act.piece)}` : ""}`;
  };
  const squared = gather(
    acts,
    ({ act, at }) => act === "square" && at === null,
    (few) => `Square all ${few.length} lines across in one go, and name each on the cloth.`,
  );
  const cutting = gather(
    acts,
    ({ act }) => act === "offset",
    (few) => `Chalk the cutting lines: ${nameList([...new Set(few.map((act) => nameEdge(act.edge ?? "")))])}.`,
  );
  const rubbed = gather(
    acts,
    ({ act, to }) => act === "rub-out" && to === null,
    () => "Rub out the ticks for single levels: nothing is read from them any more.",
  );
  const traced = gather(acts, ({ act, edge: of }) => act === "trace" && of !== null, sayTraced);
  const told = new Set([...traced.told, ...squared.told, ...cutting.told, ...rubbed.told]);
  const rest = acts.filter((act) => !told.has(act));
  const isLate = ({ act }: SaidAct) => act === "offset" || act === "rub-out";
  const say = (act: SaidAct) => sayAct(act, edge, unit, tick);
  return [
    ...squared.said,
    ...traced.said,
    ...rest.filter((act) => !isLate(act)).map(say),
    ...cutting.said,
    ...rest.filter(isLate).map(say),
    ...rubbed.said,
  ];
}

import { type ChalkAct, type Edge, isDartLine, type Piece, topOrigin } from "../chalk";
import type { TableStep } from "../cloth";
import { at, flattenPath, type Path, type Point, pathEnd, subtract } from "../geometry";
import type { Inches } from "../length";
import { offSlantUse, slantUse, walkedCapUse } from "./cap-uses";
import type { PlacementOrigin, Slot } from "./placement";
import { type ChalkRun, markIn, namedLine, originAt, pieceIn } from "./run";
import { type ExactReading, frame, type Laying, laying, reading, thenAct, type Use } from "./use";
import { centreUse, stripUse, swingUse } from "./whole-cloth-uses";

/** Marks that lines are only ruled through, and that no seam passes. */
export function isHelper(mark: string): boolean {
  return isDartLine(mark) || mark === "hem/flare";
}

/** How far a mark may be set off plumb from the line it is named after; further, it gets a laying of its own. */
const MOST_OFF: Inches = 4;
/** A mark this near to its line lies on it. */
const ON_LINE: Inches = 1 / 64;

/** The tape down the origin line: from the top line, or from the cloth's edge by house rule. */
function lengths(run: ChalkRun, step: TableStep): Laying {
  const top = topOrigin(pieceIn(run, step.piece).top);
  const origin = step.chalk?.from === "cloth-edge" ? "cloth-edge" : top;
  // A tick that is read from the top line goes on the same tape, whatever the house reads its lines from.
  const usual = run.steps.some(({ chalk }) => chalk?.act.kind === "guide-line" && chalk.from === "cloth-edge");
  const single = pieceIn(run, step.piece).origin === "cloth-edge";
  const along = single ? { on: "cloth-edge" } : {};
  return laying("lengths", "line", { origin: usual ? "cloth-edge" : origin, direction: "down", ...along });
}

/** What lies above the top line on the tape, where lengths are read from the cloth's edge. */
function aboveTop(run: ChalkRun, piece: Piece): Inches {
  const line = run.steps.find(({ chalk }) => chalk?.act.kind === "guide-line" && chalk.from === "cloth-edge");
  if (line?.chalk?.act.kind !== "guide-line") return 0;
  const { act, reading: read } = line.chalk;
  return read - (piece.lines.find(({ id }) => id === act.line)?.down ?? read);
}

/** Lines that lie on one another (the hip and the hem of a basque) are laid across once, as the upper one. */
function lineLaid(piece: Piece, line: Piece["lines"][number]): Piece["lines"][number] {
  return piece.lines.find(({ down }) => Math.abs(down - line.down) < ON_LINE) ?? line;
}

/** Across on a line from the piece's own origin; the walk is apart. */
function acrossOn(piece: Piece, slot: Slot, on: string | null, rest: Partial<Laying> = {}): Laying {
  return laying(slot, "line", { key: slot, origin: piece.origin, direction: "across", on, ...rest });
}

/** Marks that the dart's line or the inner panel's leg is ruled through. */
const WALKED = new Set([
  "bust/point",
  "waist/dart-line",
  "waist/dart-2-line",
  "waist/dart-3-line",
  "hip/dart-line",
  "hip/dart-2-line",
  "hip/dart-3-line",
  "underbust/panel",
  "waist/panel",
  "hip/panel",
  "hem/panel",
]);

function isWalked(piece: Piece, mark: string): boolean {
  if (!WALKED.has(mark) || piece.drawnWith !== null) return false;
  return piece.darts.some(({ id }) => id.endsWith("waist-dart")) || piece.edges.some(({ role }) => role === "panel");
}

const walk = (piece: Piece): Laying => laying("walk", "walk", { origin: piece.origin, direction: "across" });

/** Stitching and cutting mark across on a line. */
function markUse(step: TableStep, piece: Piece): Use {
  const mark = markIn(piece, step.chalk?.marks[0] ?? "");
  const read = step.chalk?.reading ?? 0;
  const named = piece.lines.find(({ id }) => id === mark.line);
  const { id: line, down } = named === undefined ? { id: "top" as const, down: 0 } : lineLaid(piece, named);
  const walked = isWalked(piece, mark.id);
  const stitch = reading(step, mark.id, read, isHelper(mark.id) ? "help" : "stitch", {
    place: mark.place.stitch,
    order: down,
    ...(walked ? { from: line } : {}),
  });
  if (walked) return { laying: walk(piece), step, readings: [stitch], acts: [] };
  const cut = step.chalk?.cutReading ?? null;
  const cuts = cut === null ? [] : [reading(step, mark.id, cut, "cut", { place: mark.place.cut })];
  return { laying: acrossOn(piece, line as Slot, line), step, readings: [stitch, ...cuts], acts: [] };
}

/** A tick down the origin line at the level of a mark that lies on no line. */
function levelTick(run: ChalkRun, step: TableStep, name: string, exact: Inches): Use {
  const down = step.chalk?.act.kind === "at" ? step.chalk.act.down : exact;
  if (exact < -ON_LINE) return aboveTick(run, step, name, down);
  const help = reading(step, name, exact, "help", { place: at(0, down) });
  return { laying: lengths(run, step), step, readings: [help], acts: [] };
}

/** A tick above the top line: no tape runs up from there, it is read from the cloth's own edge with the short rule. */
function aboveTick(run: ChalkRun, step: TableStep, name: string, down: Inches): Use {
  const top = run.steps.find(({ chalk }) => chalk?.act.kind === "top-line");
  const inset = top?.chalk?.reading ?? 0;
  const help = reading(step, name, inset + down, "help", {
    from: "cloth-edge",
    way: "down",
    order: 2,
    place: at(0, down),
  });
  return { laying: frame, step, readings: [help], acts: [] };
}

/** A mark squared out to from its level, and read from the cloth's own edge. */
function toldUse(run: ChalkRun, step: TableStep, piece: Piece, down: Inches): readonly Use[] {
  const mark = step.chalk?.marks[0] ?? "";
  const tick = levelTick(run, step, mark, down + aboveTop(run, piece));
  const square = thenAct("square", piece.id, {
    names: [mark],
    from: step.chalk?.from === "cloth-edge" ? "cloth-edge" : piece.origin,
    to: mark,
    at: { at: step.chalk?.reading ?? 0, hair: false },
    step: step.id,
  });
  return [{ ...tick, acts: [square] }];
}

/** The dart that is joined through a mark. */
function dartThrough(piece: Piece, mark: string): string {
  const joined = piece.steps.find(({ act }) => act.kind === "dart" && act.through.includes(mark))?.act;
  return joined?.kind === "dart" ? joined.dart : "waist-dart";
}

function tipUse(step: TableStep, piece: Piece, mark: string): Use {
  const dart = dartThrough(piece, mark);
  const place = markIn(piece, mark).place.stitch;
  // Where there is no bust line a dart hangs from the chest line; a skirt's from its waist line, which is its top.
  const hasBust = piece.lines.some(({ id }) => id === "bust");
  const near = piece.lines
    .filter(({ id }) => (piece.top === "top" ? id !== "top" && (id !== "chest" || !hasBust) : id === piece.top))
    .reduce((best, line) => (Math.abs(line.down - place.y) < Math.abs(best.down - place.y) ? line : best));
  const out = place.y - near.down;
  const tip = reading(step, mark, Math.abs(out), "stitch", {
    place,
    from: `${near.id}-line`,
    way: out < 0 ? "up" : "down",
    order: place.y,
  });
  return { laying: laying("tips", "short", { key: `tips-${dart}`, on: dart }), step, readings: [tip], acts: [] };
}

/** How far along a path a point of it lies. */
export function lengthTo(path: Path, point: Point): Inches {
  const corners = flattenPath(path);
  let [along, best, nearest] = [0, 0, Number.POSITIVE_INFINITY];
  for (const [index, corner] of corners.entries()) {
    const next = corners[index + 1];
    if (next === undefined) break;
    const way = subtract(next, corner);
    const length = Math.hypot(way.x, way.y);
    const share =
      length === 0
        ? 0
        : Math.min(1, Math.max(0, ((point.x - corner.x) * way.x + (point.y - corner.y) * way.y) / length ** 2));
    const out = Math.hypot(corner.x + way.x * share - point.x, corner.y + way.y * share - point.y);
    if (out < nearest) [best, nearest] = [along + share * length, out];
    along += length;
  }
  return best;
}

function sideDartUse(step: TableStep, piece: Piece, mark: string): Use {
  const side = piece.edges.find(({ role }) => role === "side");
  const place = markIn(piece, mark).place.stitch;
  const along = side === undefined ? (step.chalk?.reading ?? 0) : lengthTo(side.stitch, place);
  return {
    laying: laying("side-dart", "along", { origin: "mark", originMark: "chest/side", direction: "along", on: "side" }),
    step,
    readings: [reading(step, mark, along, "stitch", { place })],
    acts: [],
  };
}

/** The stitching and cutting readings of a place that was solved or turned. */
function atReadings(step: TableStep, piece: Piece, id: string): readonly ExactReading[] {
  const mark = markIn(piece, id);
  const stitch = reading(step, id, step.chalk?.reading ?? 0, "stitch", { place: mark.place.stitch });
  const { cut } = mark.place;
  return cut === null ? [stitch] : [stitch, reading(step, id, cut.x - originAt(mark), "cut", { place: cut })];
}

/** The line that a solved place is read on, and how far it lies off it; null where that is too far. */
function lineOff(piece: Piece, id: string, down: Inches) {
  const named = isOnTop(id, down) ? piece.lines[0] : (namedLine(piece, id) ?? baseOf(piece, id));
  if (named === undefined) return null;
  const line = lineLaid(piece, named);
  const off = markIn(piece, id).place.stitch.y - line.down;
  return Math.abs(off) > MOST_OFF ? null : { line, off: Math.abs(off) < ON_LINE ? null : off };
}

/** Places that were solved or turned: on the line they are named after with `off`, or at a level of their own. */
function atUses(run: ChalkRun, step: TableStep, piece: Piece, down: Inches): readonly Use[] {
  const id = step.chalk?.marks[0] ?? "";
  if (id.startsWith("dart/")) return [tipUse(step, piece, id)];
  if (id === "side/dart-lower") return [sideDartUse(step, piece, id)];
  if (step.chalk?.from === "cloth-edge" || id === "edge/neck") return toldUse(run, step, piece, down);
  const readings = atReadings(step, piece, id);
  const on = lineOff(piece, id, down);
  if (on === null) {
    const slot = slotOfLevel(id);
    const own = acrossOn(piece, slot, null, { key: `${slot}-${down.toFixed(3)}`, level: down });
    return [levelTick(run, step, id, down + aboveTop(run, piece)), { laying: own, step, readings, acts: [] }];
  }
  const { line, off } = on;
  const set = readings.map((one) => ({ ...one, off }));
  if (!isWalked(piece, id))
    return [{ laying: acrossOn(piece, line.id as Slot, line.id), step, readings: set, acts: [] }];
  const walked = set.slice(0, 1).map((one) => ({ ...one, from: line.id, order: line.down }));
  return [{ laying: walk(piece), step, readings: walked, acts: [] }];
}

/** The sewn edge of a collar is read on its base line, from which it turns up. */
function baseOf({ lines }: Piece, mark: string): Piece["lines"][number] | undefined {
  return mark.startsWith("neck/") ? lines.find(({ id }) => id === "base") : undefined;
}

/** Marks of a lower part's upper edge, and of a swung shoulder, are read on the top line. */
function isOnTop(mark: string, down: Inches): boolean {
  if (mark === "shoulder/panel") return down <= MOST_OFF;
  return Math.abs(down) < ON_LINE && (mark.startsWith("yoke/") || mark.startsWith("join/"));
}

function slotOfLevel(mark: string): Slot {
  if (mark === "armhole/panel") return "panel-upper";
  if (mark === "armhole/middle") return "middle";
  return mark.startsWith("yoke/") || mark.startsWith("join/") ? "yoke" : "level";
}

function centreUses(run: ChalkRun, step: TableStep, piece: Piece, mark: string): readonly Use[] {
  const chalk = step.chalk;
  if (chalk === null) return [];
  const made = markIn(piece, mark);
  const stitch = reading(step, mark, chalk.reading, "stitch", { place: made.place.stitch });
  if (mark.startsWith("centre/button")) {
    const down = laying("buttons", "line", { origin: chalk.from as PlacementOrigin, direction: "down" });
    return [{ laying: down, step, readings: [stitch], acts: [] }];
  }
  if (mark === "centre/slit-end" && (run.alone || step.layers === 4)) {
    const down = laying("slit", "line", { origin: chalk.from as PlacementOrigin, direction: "down" });
    return [{ laying: down, step, readings: [stitch], acts: [] }];
  }
  if (chalk.cutReading === null) return [{ laying: lengths(run, step), step, readings: [stitch], acts: [] }];
  const cut = reading(step, mark, chalk.cutReading, "cut", { place: made.place.cut });
  if (chalk.cutFrom === undefined) return [{ laying: lengths(run, step), step, readings: [stitch, cut], acts: [] }];
  // A cut above the top line is read with the short rule, from the cloth's own edge.
  const above = { ...cut, from: "cloth-edge", way: "down" as const, order: 2 };
  return [
    { laying: frame, step, readings: [above], acts: [] },
    { laying: lengths(run, step), step, readings: [stitch], acts: [] },
  ];
}

function guideUse(run: ChalkRun, step: TableStep, piece: Piece, line: string): Use {
  const down = piece.lines.find(({ id }) => id === line)?.down ?? 0;
  return {
    laying: lengths(run, step),
    step,
    readings: [reading(step, line, step.chalk?.reading ?? 0, "guide", { place: at(0, down) })],
    acts: [thenAct("square", piece.id, { line, names: [line], step: step.id })],
  };
}

function alongUse(step: TableStep, piece: Piece, act: Extract<ChalkAct, { kind: "along" }>): Use {
  if (act.mark === "side/dart-upper") return sideDartUse(step, piece, act.mark);
  if (act.edge === "cap") return walkedCapUse(step, piece, act);
  const originMark = act.edge === "shoulder" ? "top/neck" : "shoulder/tip";
  return {
    laying: laying("panel", "along", { origin: "mark", originMark, direction: "along", on: act.edge }),
    step,
    readings: [
      reading(step, act.mark, step.chalk?.reading ?? 0, "stitch", { place: markIn(piece, act.mark).place.stitch }),
    ],
    acts: [],
  };
}

function dropUse(step: TableStep, piece: Piece, mark: string): Use {
  const made = markIn(piece, mark);
  return {
    laying: laying("tip", "line", { origin: "mark", originMark: "top/shoulder", direction: "down" }),
    step,
    readings: [reading(step, mark, step.chalk?.reading ?? 0, "stitch", { place: made.place.stitch })],
    acts: [],
  };
}

/** The armhole line's middle, by the tape doubled, and how far in from there the curve runs. */
function scoopUse(step: TableStep, piece: Piece, mark: string): Use {
  const made = markIn(piece, mark);
  const half = Math.abs(
    made.place.stitch.y - (piece.marks.find(({ id }) => id === "shoulder/tip")?.place.stitch.y ?? 0),
  );
  const double = thenAct("double", piece.id, {
    from: "shoulder/tip",
    to: "chest/armhole",
    names: [mark],
    at: { at: half, hair: false },
  });
  return {
    laying: laying("middle", "line", { origin: "armhole-line", direction: "inwards" }),
    step,
    readings: [reading(step, mark, step.chalk?.reading ?? 0, "stitch", { place: made.place.stitch })],
    acts: [double],
  };
}

/** The lowest line that a side has a mark on, or is named after. */
function lowestLine(piece: Piece): Piece["lines"][number] | undefined {
  const named = piece.marks.filter(({ id }) => id.endsWith("/side")).flatMap(({ id }) => namedLine(piece, id) ?? []);
  const lowest = named.reduce<Piece["lines"][number] | undefined>(
    (low, line) => (low === undefined || line.down >= low.down ? line : low),
    undefined,
  );
  return lowest === undefined ? undefined : lineLaid(piece, lowest);
}

/** The foot of a side that was carried on: read on the lowest line, acts down from it. */
function footUse(step: TableStep, piece: Piece, mark: string): readonly Use[] {
  const made = markIn(piece, mark);
  const line = lowestLine(piece);
  if (line === undefined) return [];
  const { stitch, cut } = made.place;
  const off = stitch.y - line.down;
  const set = Math.abs(off) < ON_LINE ? null : off;
  const readings = [reading(step, mark, stitch.x - line.start, "stitch", { place: stitch, off: set })];
  if (cut !== null) readings.push(reading(step, mark, cut.x - line.start, "cut", { place: cut, off: set }));
  return [{ laying: acrossOn(piece, line.id as Slot, line.id), step, readings, acts: [] }];
}

function plumbUse(step: TableStep, piece: Piece, act: Extract<ChalkAct, { kind: "plumb" }>): Use {
  const mark = step.chalk?.marks[0] ?? "";
  const help = reading(step, mark, step.chalk?.reading ?? 0, "help", { place: markIn(piece, mark).place.stitch });
  const from = piece.marks.some(({ id }) => id === "shoulder/tip") ? "shoulder/tip" : act.mark;
  const plumb = thenAct("plumb", piece.id, { from, to: mark, names: [mark] });
  return { laying: acrossOn(piece, act.line as Slot, act.line), step, readings: [help], acts: [plumb] };
}

function frameUse(step: TableStep, name: string, way: "down" | "inwards", order: number): Use {
  const line = reading(step, name, step.chalk?.reading ?? 0, "guide", { from: "cloth-edge", way, order });
  return { laying: frame, step, readings: [line], acts: [] };
}

/** The laying that cuts a piece across: its line goes down with the other lengths. */
function splitUse(run: ChalkRun, step: TableStep): Use {
  const read = step.chalk?.reading ?? 0;
  return {
    laying: lengths(run, step),
    step,
    readings: [reading(step, "yoke", read, "stitch", { place: at(0, read) })],
    acts: [thenAct("square", step.piece, { line: "yoke", names: ["yoke"], step: step.id })],
  };
}

/** An edge dotted from another one, the short rule moved along it. */
function besideUse(step: TableStep, { edge, of, by }: Extract<ChalkAct, { kind: "beside" }>): Use {
  return {
    laying: laying("beside", "seams", { on: of }),
    step,
    readings: [reading(step, edge, by, "cut", { from: of, way: "inwards" })],
    acts: [thenAct("beside", step.piece, { edge, from: of, step: step.id })],
  };
}

/** An edge dotted from one that lies on it, cut: inwards or outwards of that. */
function insideUse(step: TableStep, { edge, piece, by }: Extract<ChalkAct, { kind: "inside" }>): Use {
  return {
    laying: laying("beside", "seams", { on: edge }),
    step,
    readings: [reading(step, edge, Math.abs(by), "cut", { from: edge, way: by < 0 ? "outwards" : "inwards" })],
    acts: [thenAct("beside", step.piece, { edge, from: edge, names: [piece], step: step.id })],
  };
}

/** What a step that makes marks reads; edges, darts and allowances are placed once their marks are. */
export function usesOf(run: ChalkRun, step: TableStep): readonly Use[] {
  const act = step.chalk?.act;
  if (act === undefined) return [];
  const piece = pieceIn(run, step.piece);
  switch (act.kind) {
    case "ring-centre":
      return [centreUse(step, piece, act.mark)];
    case "swing":
      return [swingUse(step, piece, act)];
    case "top-line":
      return [frameUse(step, piece.top, "down", 0)];
    case "zip-line":
    case "centre-line":
      return [frameUse(step, act.kind, "inwards", 1)];
    case "guide-line":
      return [guideUse(run, step, piece, act.line)];
    case "mark":
      return [markUse(step, piece)];
    case "centre-mark":
      return centreUses(run, step, piece, act.mark);
    case "plumb":
      return [plumbUse(step, piece, act)];
    case "drop":
      return [dropUse(step, piece, act.mark)];
    case "scoop":
      return [scoopUse(step, piece, act.mark)];
    case "slant-line":
      return [slantUse(step, piece, act.to)];
    case "off-slant":
      return [offSlantUse(run, step, piece, act)];
    case "lengthen":
      return footUse(step, piece, act.mark);
    case "at":
      return atUses(run, step, piece, act.down);
    case "along":
      return [alongUse(step, piece, act)];
    case "strip":
      return [stripUse(run, step, act)];
    case "split":
      return [splitUse(run, step)];
    case "beside":
      return [besideUse(step, act)];
    case "inside":
      return [insideUse(step, act)];
    case "edge":
    case "round":
    case "dart":
    case "crease":
    case "allowance":
    case "move-out":
      return [];
    default:
      return act satisfies never;
  }
}

/** The seams' placement: one pass round the group with the short rule. */
export const seams = laying("seams", "seams");

export function seamReading(step: TableStep, edge: string, allowance: Inches, mark: string | null): ExactReading {
  return reading(step, mark ?? edge, allowance, "cut", { from: edge, way: "outwards" });
}

/** How far from the fold a slit is sewn, and cut: across, once for its whole length. */
export function wideAcross(step: TableStep, piece: Piece, edge: Edge): Pick<Use, "laying" | "readings"> {
  const middle = upperOf(edge.stitch);
  // Where the folded edge itself is cut open, the cut is as far out as that edge.
  const cut = edge.cut === undefined ? at(middle.x - edge.allowance, middle.y) : upperOf(edge.cut);
  // A cut that lies outside the line widths are read from is read from the cloth's edge.
  const [origin, before] = cut.x < 0 ? (["cloth-edge", piece.originInset] as const) : ([piece.origin, 0] as const);
  return {
    laying: laying("slit", "line", { key: "slit-width", origin, direction: "across" }),
    readings: [
      reading(step, edge.id, middle.x + before, "stitch", { place: middle }),
      reading(step, edge.id, cut.x + before, "cut", { place: cut }),
    ],
  };
}

/** The upper end of a path. */
function upperOf(path: Path): Point {
  const end = pathEnd(path);
  return end.y < path.start.y ? end : path.start;
}

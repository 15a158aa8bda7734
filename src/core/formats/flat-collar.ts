import { add, at, cross, dot, flattenPath, type Point, readPathData, rightOf, scale, subtract } from "../geometry";
import type { Inches } from "../length";
import type { SheetDrawing, SheetPiece } from "./cut-sheet";
import type { FlatEdge, FlatPiece } from "./flat-shapes";

/** What a collar makes of one half of the flat: the body as it lies under it, and what lies over it. */
export interface TurnedCollar {
  readonly body: readonly FlatPiece[];
  readonly over: readonly FlatPiece[];
  /** Where a front that turns over starts to be closed; undefined where it does not. */
  readonly closesAt?: Inches;
}

type Row = readonly Point[];
type Side = "front" | "back";

/** A stand seen from in front leans in by so much of its height, and is seen so high at its front. */
const LEANS_IN = 0.22;
const SEEN_IN_FRONT = 0.62;
/** A fall leaves the line of the neck for its point over this share of it. */
const TO_POINT = 0.4;
/** A collar that turns over on the front wraps behind the neck so far above the shoulder. */
const BEHIND: Inches = 0.3;

const number = (sheet: SheetDrawing, id: string): Inches => Number(sheet.resolved.choices[id] ?? 0);

function edgesOf(body: readonly FlatPiece[], role: string): readonly FlatEdge[] {
  return body.flatMap(({ edges }) => edges.filter((edge) => edge.role === role));
}

/** The neck of a half from its centre to its shoulder: what overlaps or falls short there is another's, or a band. */
function neckOf(body: readonly FlatPiece[]): Row {
  const inside = edgesOf(body, "neck").flatMap(({ points }) => points.filter(({ x }) => x >= 0));
  const [first] = inside;
  return first === undefined || first.x < 1e-6 ? inside : [at(0, first.y), ...inside];
}

/** The shoulder's tip, and the way there. */
function shoulderOf(body: readonly FlatPiece[]): { readonly tip: Point; readonly along: Point } | null {
  const row = edgesOf(body, "shoulder").flatMap(({ points }) => points);
  const [tip, before] = [row.at(-1), row.at(-2)];
  if (tip === undefined || before === undefined) return null;
  const way = subtract(tip, before);
  return { tip, along: scale(way, 1 / Math.max(1e-6, Math.hypot(way.x, way.y))) };
}

function shape(id: string, points: Row): FlatPiece {
  const closed = [...points, ...points.slice(0, 1)];
  return { id, lift: 0, edges: [{ id, role: "collar", points: closed }], darts: [], folds: [] };
}

/** Square to a row of points, to the right of the walk. */
function besideRow(row: Row, by: Inches): Row {
  return row.map((point, index) => {
    const way = subtract(row[Math.min(index + 1, row.length - 1)] ?? point, row[Math.max(0, index - 1)] ?? point);
    const length = Math.max(1e-6, Math.hypot(way.x, way.y));
    return add(point, scale(rightOf(way), by / length));
  });
}

/** The upper edge of a stand, as it is seen: lower in front, leaning in beside the neck. */
function standTop(neck: Row, height: Inches, side: Side): Row {
  return neck.map(({ x, y }, index) => {
    const share = index / Math.max(1, neck.length - 1);
    const up = side === "back" ? height : height * (SEEN_IN_FRONT + (1 - SEEN_IN_FRONT) * share);
    return at(x - LEANS_IN * height * share, y - up);
  });
}

/** A fall from its stand's upper edge, lying on the body as far as it is wider than that. */
function fallOver(neck: Row, top: Row, beyond: Inches, point: Point | null): Row {
  const outer = besideRow(neck, beyond);
  const kept = point === null ? outer : outer.filter((_, index) => index >= TO_POINT * outer.length);
  return [...top, ...[...kept].reverse(), ...(point === null ? [] : [point])];
}

function lengthOfEdge(sheet: SheetDrawing, id: string, edge: string): Inches {
  return sheet.pieces.find((piece) => piece.id === id)?.edges.find((one) => one.id === edge)?.length ?? 0;
}

function standing(sheet: SheetDrawing, body: readonly FlatPiece[], side: Side, kind: string): readonly FlatPiece[] {
  const neck = neckOf(body);
  const height = number(sheet, "standHeight");
  const top = standTop(neck, height, side);
  const stand = shape("collar-stand", [...neck, ...[...top].reverse()]);
  if (kind === "stand") return [stand];
  const beyond = number(sheet, "fallWidth") - height;
  const [start] = top;
  const front = kind === "shirt" ? lengthOfEdge(sheet, "collar-fall", "front") : number(sheet, "fallWidth");
  const lean = kind === "shirt" ? 0.35 + number(sheet, "fallPoint") / 2 : number(sheet, "fallLean");
  const tip = side === "back" || start === undefined ? null : at(start.x + lean, start.y + front);
  return [stand, shape("collar-fall", fallOver(neck, top, beyond, tip))];
}

/** The part of a closed row that lies to one side of a line. */
function clipped(row: Row, through: Point, way: Point, keep: 1 | -1): Row {
  const off = (point: Point) => keep * cross(way, subtract(point, through));
  return row.flatMap((point, index) => {
    const next = row[(index + 1) % row.length] as Point;
    const [here, there] = [off(point), off(next)];
    const meets = here * there < 0 ? [add(point, scale(subtract(next, point), here / (here - there)))] : [];
    return [...(here >= 0 ? [point] : []), ...meets];
  });
}

/** The part of an open row that lies to one side of a line, with where it crosses it. */
function clippedOpen(row: Row, through: Point, way: Point, keep: 1 | -1): Row {
  const closed = clipped(row, through, way, keep);
  const last = row.at(-1);
  const first = row[0];
  const off = (point: Point) => keep * cross(way, subtract(point, through));
  // Closing an open row may cross the line where it never ran.
  return last !== undefined && first !== undefined && off(last) * off(first) < 0 ? closed.slice(0, -1) : closed;
}

function mirroredAt(through: Point, way: Point): (point: Point) => Point {
  return (point) => {
    const off = subtract(point, through);
    const foot = add(through, scale(way, dot(off, way) / dot(way, way)));
    return add(foot, subtract(foot, point));
  };
}

/** A collar cut apart, laid to its front: shoulder on neck point, gorge on gorge. */
function laidToFront(sheet: SheetDrawing, neckPoint: Point, gorge: Point): Row {
  const collar = sheet.pieces.find(({ id }) => id === "collar");
  const place = (id: string) => {
    const found = collar?.marks.find((mark) => mark.id === id)?.at?.stitch;
    return found === undefined ? null : at(found[0], found[1]);
  };
  const [from, to] = [place("neck/shoulder"), place("gorge/depth")];
  if (collar === undefined || from === null || to === null) return [];
  // On its fold it lies the other way up: turned over, then round.
  const over = ({ x, y }: Point) => at(x - from.x, from.y - y);
  const [own, wanted] = [over(to), subtract(gorge, neckPoint)];
  const turn = Math.atan2(wanted.y, wanted.x) - Math.atan2(own.y, own.x);
  const [sine, cosine] = [Math.sin(turn), Math.cos(turn)];
  const laid = (point: Point) => {
    const { x, y } = over(point);
    return add(neckPoint, at(x * cosine - y * sine, x * sine + y * cosine));
  };
  return collar.edges.flatMap(({ path }) => flattenPath(readPathData(path), 0.05).map(laid));
}

interface Broken {
  readonly piece: SheetPiece;
  readonly point: Point;
  readonly way: Point;
}

function breakOf(sheet: SheetDrawing): Broken | null {
  const piece = sheet.pieces.find(({ creases }) => creases?.some(({ id }) => id === "break"));
  const path = piece?.creases?.find(({ id }) => id === "break")?.path;
  if (piece === undefined || path === undefined) return null;
  const line = readPathData(path);
  const to = line.segments.at(-1)?.to ?? line.start;
  return { piece, point: line.start, way: subtract(to, line.start) };
}

/** A front that turns over at its break: the body keeps what lies inside, the rest lies on it the other way up. */
function turnedFront(sheet: SheetDrawing, body: readonly FlatPiece[]): TurnedCollar {
  const broken = breakOf(sheet);
  const shoulder = shoulderOf(body);
  if (broken === null || shoulder === null) return { body, over: [] };
  const { point, way } = broken;
  const own = body.find(({ id }) => id === broken.piece.id);
  if (own === undefined) return { body, over: [] };
  const turn = mirroredAt(point, way);
  const neckPoint = own.edges.find(({ role }) => role === "shoulder")?.points[0] ?? point;
  // What is cut on above the shoulder goes behind the neck.
  const worn = ({ role, points }: FlatEdge) =>
    role === "neck" || role === "collar" ? clippedOpen(points, neckPoint, shoulder.along, 1) : points;
  const kept: FlatPiece = {
    ...own,
    edges: own.edges.map((edge) => ({ ...edge, points: clippedOpen(worn(edge), point, way, 1) })),
  };
  const gorge = at(0, broken.piece.marks.find(({ id }) => id === "centre/neck-depth")?.stitch ?? 0);
  const above = add(neckPoint, at(0, -BEHIND));
  const onBody = (row: Row) => clipped(row.map(turn), above, shoulder.along, 1);
  const lapel = onBody(
    clipped(
      own.edges.flatMap(({ points }) => points),
      point,
      way,
      -1,
    ),
  );
  const apart = laidToFront(sheet, neckPoint, gorge);
  const collar = apart.length === 0 ? [] : [shape("collar", onBody(clipped(apart, point, way, -1)))];
  return {
    body: body.map((piece) => (piece === own ? kept : piece)),
    over: [shape("lapel", lapel), ...collar],
    closesAt: point.y,
  };
}

/** Behind, a collar lies over its own roll: so far down as it is wider than that twice. */
function turnedBack(sheet: SheetDrawing, body: readonly FlatPiece[]): readonly FlatPiece[] {
  const neck = neckOf(body);
  const width = number(sheet, "collarWidth");
  const roll = Math.min(1.25, Math.max(0.75, width / 3));
  return [shape("collar", fallOver(neck, standTop(neck, roll, "back"), width - 2 * roll, null))];
}

/** How a cape's piece lies on the body: its front as drawn, its back turned over at the shoulder. */
function capeOver(sheet: SheetDrawing, body: readonly FlatPiece[], side: Side): readonly FlatPiece[] {
  const piece = sheet.pieces.find(({ id }) => id === "cape");
  const shoulder = shoulderOf(body);
  const front = sheet.pieces.find(
    ({ half, edges }) => half === "front" && edges.some(({ role }) => role === "shoulder"),
  );
  const mark = (id: string) => {
    const found = piece?.marks.find((one) => one.id === id)?.at?.stitch;
    return found === undefined ? at(0, 0) : at(found[0], found[1]);
  };
  if (piece === undefined || shoulder === null || front === undefined) return [];
  const [from, to] = [mark("cape/shoulder-inner"), mark("cape/shoulder-outer")];
  const along = scale(subtract(to, from), 1 / Math.max(1e-6, Math.hypot(to.x - from.x, to.y - from.y)));
  const start = subtract(shoulder.tip, scale(shoulder.along, number(sheet, "capeTipIn")));
  const way = side === "front" ? 1 : -1;
  const lay = (point: Point) => {
    const off = subtract(point, from);
    const [out, down] = [dot(off, along), way * dot(off, rightOf(along))];
    return add(start, add(scale(shoulder.along, out), scale(rightOf(shoulder.along), down)));
  };
  const outline = piece.edges.flatMap(({ path }) => flattenPath(readPathData(path), 0.05));
  return [shape("cape", clipped(outline, from, along, way).map(lay))];
}

/** How a collar is worn, on one half of the flat: turned over where it turns, with what it covers covered. */
export function turnCollar(sheet: SheetDrawing, body: readonly FlatPiece[], side: Side): TurnedCollar {
  const kind = String(sheet.resolved.choices.collar ?? "none");
  const own = sheet.pieces.some(({ part }) => part === "collar");
  if (kind === "none" || !own) return { body, over: [] };
  if (kind === "cape") return { body, over: capeOver(sheet, body, side) };
  if (kind === "lapel" || kind === "shawl")
    return side === "front" ? turnedFront(sheet, body) : { body, over: turnedBack(sheet, body) };
  return { body, over: standing(sheet, body, side, kind) };
}

import type { Edge, EdgeRole, Piece } from "../chalk";
import { distance, isStraight, type Point, pathEnd, pathLength } from "../geometry";
import { fromCentimetres, type Inches, pickSystem } from "../length";

/** What is measured on a piece's chalked net lines (craft: table, the tape check). */
export const lengthNames = [
  "diagonal",
  "side",
  "armhole",
  "shoulder",
  "hem",
  "neck",
  "join",
  "panel",
  "centre",
  "across-armhole",
  "across-bust",
  "across-underbust",
  "across-waist",
  "across-hip",
  "panel-underbust",
  "panel-waist",
  "panel-hip",
  "length",
  "depth",
  "waist",
  "cap",
  "biceps",
  "outer",
] as const;
export type LengthName = (typeof lengthNames)[number];

/** One length to be measured before the shears, with what the drawing says it is. */
export interface CheckLength {
  /** `bodice-front/side`. */
  readonly id: string;
  readonly piece: string;
  readonly name: LengthName;
  /** Straight between two marks, or with the tape on its edge. */
  readonly how: "straight" | "along";
  /** The edge that is walked; null for a straight length between two places. */
  readonly edge: string | null;
  readonly expected: Inches;
  readonly tolerance: Inches;
  /** Both ends, for the picture. */
  readonly ends: readonly [Point, Point];
}

const STRAIGHT_SHORT: Inches = 24;
const ALONG_SHORT: Inches = 12;

/** What chalk and tape may differ by: an eighth, twice that on long lengths; at half scale the same. */
export function toleranceOf(how: CheckLength["how"], expected: Inches, metric: boolean): Inches {
  const short = expected <= (how === "straight" ? STRAIGHT_SHORT : ALONG_SHORT) + 1e-9;
  return metric ? fromCentimetres(short ? 0.3 : 0.6) : short ? 1 / 8 : 1 / 4;
}

/** Two edges that are sewn together may differ from their drawn difference by this, though each alone is inside its own. */
export function pairTolerance(metric: boolean): Inches {
  return pickSystem({ inches: 1 / 8, centimetres: 0.3 }, metric);
}

type Draw = (name: LengthName) => CheckLength | null;

function edgeWith(piece: Piece, ...roles: readonly EdgeRole[]): Edge | undefined {
  return piece.edges.find(({ role, onFold }) => !onFold && roles.includes(role));
}

function lower(edge: Edge): Point {
  const [from, to] = [edge.stitch.start, pathEnd(edge.stitch)];
  return from.y > to.y ? from : to;
}

function upper(edge: Edge): Point {
  const [from, to] = [edge.stitch.start, pathEnd(edge.stitch)];
  return from.y > to.y ? to : from;
}

function outerEnd(edge: Edge): Point {
  const [from, to] = [edge.stitch.start, pathEnd(edge.stitch)];
  return from.x > to.x ? from : to;
}

function innerEnd(edge: Edge): Point {
  const [from, to] = [edge.stitch.start, pathEnd(edge.stitch)];
  return from.x > to.x ? to : from;
}

/** Whether a piece's waist edge is its upper one. */
const hangsFromWaist = ({ top }: Piece): boolean => top === "waist";

/** The lower edge, whatever it is called; an upper part's is its joining edge. */
function lowerEdge(piece: Piece): Edge | undefined {
  const waist = hangsFromWaist(piece) ? undefined : edgeWith(piece, "waist");
  return (
    edgeWith(piece, "hem") ?? waist ?? (edgeWith(piece, "side") === undefined ? edgeWith(piece, "join") : undefined)
  );
}

function isInner(piece: Piece): boolean {
  return piece.drawnWith === null && edgeWith(piece, "panel") !== undefined;
}

/** Where a piece's diagonal starts: the neck point, an outer panel's upper corner, or the corner at the origin below a yoke. */
function diagonalTop(piece: Piece): Point | undefined {
  if (piece.top === "cap") return edgeWith(piece, "cap")?.stitch.start;
  const panel = edgeWith(piece, "panel");
  if (piece.drawnWith !== null && panel !== undefined) return upper(panel);
  const neck = edgeWith(piece, "neck");
  if (neck !== undefined) return outerEnd(neck);
  const waist = hangsFromWaist(piece) ? edgeWith(piece, "waist") : undefined;
  if (waist !== undefined) return innerEnd(waist);
  const join = edgeWith(piece, "join");
  return join === undefined ? undefined : innerEnd(join);
}

/** Where it ends: the lower corner at the side, at the panel, or at the lower edge's outer end. */
function diagonalFoot(piece: Piece): Point | undefined {
  const outer = edgeWith(piece, "side") ?? edgeWith(piece, "panel");
  if (outer !== undefined) return lower(outer);
  const bottom = lowerEdge(piece);
  return bottom === undefined ? undefined : outerEnd(bottom);
}

/** The two corners that say whether the piece is square. */
function diagonalOf(piece: Piece): readonly [Point, Point] | null {
  const [from, to] = [diagonalTop(piece), diagonalFoot(piece)];
  return from === undefined || to === undefined ? null : [from, to];
}

function straightLength(piece: Piece, name: LengthName, ends: readonly [Point, Point], metric: boolean): CheckLength {
  const expected = distance(...ends);
  return {
    id: `${piece.id}/${name}`,
    piece: piece.id,
    name,
    how: "straight",
    edge: null,
    expected,
    tolerance: toleranceOf("straight", expected, metric),
    ends,
  };
}

function edgeLength(piece: Piece, name: LengthName, edge: Edge, metric: boolean): CheckLength {
  const how = isStraight(edge.stitch) && edge.stitch.segments.length === 1 ? "straight" : "along";
  const expected = pathLength(edge.stitch);
  return {
    id: `${piece.id}/${name}`,
    piece: piece.id,
    name,
    how,
    edge: edge.id,
    expected,
    tolerance: toleranceOf(how, expected, metric),
    ends: [edge.stitch.start, pathEnd(edge.stitch)],
  };
}

/** Down the middle, from the neck or the waist to the lower edge. */
function centreLength(piece: Piece, metric: boolean): CheckLength | null {
  const [neck, bottom] = [edgeWith(piece, hangsFromWaist(piece) ? "waist" : "neck"), lowerEdge(piece)];
  if (piece.drawnWith !== null || neck === undefined || bottom === undefined) return null;
  return straightLength(piece, "centre", [innerEnd(neck), innerEnd(bottom)], metric);
}

/** The edges of a collar or a cape that its lengths are read on: sewn to the neck, beyond it, and at the centre. */
const COLLAR_EDGES = { neck: ["neck", "inner"], outer: ["outer", "top"], centre: ["centre", "back"] } as const;

function collarEdge({ edges }: Piece, name: keyof typeof COLLAR_EDGES): Edge | undefined {
  return edges.find(({ id }) => COLLAR_EDGES[name].some((one) => one === id));
}

/** A collar, a cape, or the stay that lies in one: nothing but a collar's edges and its centre. */
function isCollar({ edges }: Piece): boolean {
  return (
    edges.some(({ role }) => role === "collar") && edges.every(({ role }) => role === "collar" || role === "centre")
  );
}

/** A collar by its sewn edge, its outer one, its height at the centre, and from there slanting to the sewn edge's other end. */
function collarLengths(piece: Piece, metric: boolean): readonly CheckLength[] {
  const [neck, outer, centre] = [collarEdge(piece, "neck"), collarEdge(piece, "outer"), collarEdge(piece, "centre")];
  if (neck === undefined || outer === undefined || centre === undefined) return [];
  const ends = ({ stitch }: Edge) => [stitch.start, pathEnd(stitch)] as const;
  const awayFrom = (edge: Edge) => (point: Point) => ends(edge).every((end) => distance(point, end) > 1 / 64);
  const foot = ends(neck).find(awayFrom(centre));
  const top = ends(centre).find(awayFrom(neck));
  const slant = foot === undefined || top === undefined ? [] : [straightLength(piece, "diagonal", [top, foot], metric)];
  return [
    ...slant,
    edgeLength(piece, "neck", neck, metric),
    edgeLength(piece, "outer", outer, metric),
    straightLength(piece, "centre", ends(centre), metric),
  ];
}

/** Across the biceps line, from the fold or the cap's top to the underarm. */
function bicepsLength(piece: Piece, metric: boolean): CheckLength | null {
  const underarm = piece.marks.find(({ id }) => id === "biceps/side")?.place.stitch;
  if (underarm === undefined) return null;
  return straightLength(piece, "biceps", [{ x: 0, y: underarm.y }, underarm], metric);
}

const ROLES: Readonly<Partial<Record<LengthName, readonly EdgeRole[]>>> = {
  side: ["side"],
  armhole: ["armhole"],
  shoulder: ["shoulder"],
  neck: ["neck"],
  join: ["join"],
  panel: ["panel"],
  waist: ["waist"],
  cap: ["cap"],
};

function drawLengths(piece: Piece, metric: boolean): Draw {
  return (name) => {
    if (name === "diagonal") {
      const ends = diagonalOf(piece);
      return ends === null ? null : straightLength(piece, name, ends, metric);
    }
    if (name === "centre") return centreLength(piece, metric);
    if (name === "biceps") return bicepsLength(piece, metric);
    const edge = name === "hem" ? lowerEdge(piece) : edgeWith(piece, ...(ROLES[name] ?? []));
    return edge === undefined ? null : edgeLength(piece, name, edge, metric);
  };
}

/** Lines between the armhole and the lower edge, from top to bottom. */
const BETWEEN = ["bust", "underbust", "waist", "hip"] as const;

/** Where a slant down to a line starts: at the origin on the line above it. */
function slantStart(piece: Piece, down: Inches): Point | undefined {
  const above = piece.lines
    .filter((line) => line.down < down - LEAST_ABOVE)
    .reduce<Piece["lines"][number] | undefined>(
      (low, line) => (low === undefined || line.down > low.down ? line : low),
      undefined,
    );
  return above === undefined ? undefined : { x: above.start, y: above.down };
}

/**
 * From the origin a line higher up, slanting down to the marks of a line: a line that was set too low shows in it as much
 * as a width that was read wrong, where no edge would tell either.
 */
function slantLengths(piece: Piece, metric: boolean): readonly CheckLength[] {
  return BETWEEN.flatMap((id) => {
    const line = piece.lines.find((one) => one.id === id);
    const from = line === undefined ? undefined : slantStart(piece, line.down);
    if (from === undefined) return [];
    const at = (name: string) => piece.marks.find((mark) => mark.id === `${id}/${name}`)?.place.stitch;
    const [side, panel, point] = [at("side"), at("panel"), at("point")];
    const outer = side ?? panel ?? point;
    const own = outer === undefined ? [] : [straightLength(piece, `across-${id}`, [from, outer], metric)];
    // An outer panel has two edges on each line; the bust is no mark of its own there.
    const inner =
      side === undefined || panel === undefined || id === "bust"
        ? []
        : [straightLength(piece, `panel-${id}`, [from, panel], metric)];
    return [...own, ...inner];
  });
}

/** Across from the origin to where the armhole is hollowed most, or to an outer panel's upper corner. */
function armholeAcross(piece: Piece, metric: boolean): readonly CheckLength[] {
  const id = piece.drawnWith === null ? "armhole/middle" : "armhole/panel";
  const mark = piece.marks.find((one) => one.id === id);
  if (mark === undefined) return [];
  const { x, y } = mark.place.stitch;
  return [
    straightLength(
      piece,
      "across-armhole",
      [
        { x: 0, y },
        { x, y },
      ],
      metric,
    ),
  ];
}

/** A slant from a line nearer than this would not tell its depth. */
const LEAST_ABOVE: Inches = 4;

/** Which edges tell whether a piece is right, in the order in which they are measured. */
function namesFor(piece: Piece): readonly LengthName[] {
  if (piece.top === "cap") return ["diagonal", "cap", "biceps", "side", "hem"];
  if (hangsFromWaist(piece)) return ["diagonal", "side", "waist", "hem", "centre"];
  if (isInner(piece)) return ["diagonal", "panel", "shoulder", "neck", "join", "hem", "centre"];
  if (piece.drawnWith !== null) return ["diagonal", "panel", "armhole", "shoulder", "join", "side", "hem"];
  if (edgeWith(piece, "join") !== undefined)
    return ["diagonal", "join", "armhole", "side", "shoulder", "neck", "hem", "centre"];
  return ["diagonal", "side", "armhole", "shoulder", "hem", "neck", "centre"];
}

function stripLengths(piece: Piece, metric: boolean): readonly CheckLength[] {
  const xs = piece.outline.cut.map(({ x }) => x);
  const ys = piece.outline.cut.map(({ y }) => y);
  const [right, bottom] = [Math.max(...xs), Math.max(...ys)];
  const corner = { x: Math.min(...xs), y: Math.min(...ys) };
  return [
    straightLength(piece, "length", [corner, { x: corner.x, y: bottom }], metric),
    straightLength(piece, "depth", [corner, { x: right, y: corner.y }], metric),
  ];
}

/**
 * The lengths of each piece that are measured on the chalk before its first cut, read off the outline and never from the
 * formula. Front and back in four layers are one, with both armholes.
 */
export function checkLengths(pieces: readonly Piece[], metric: boolean): readonly CheckLength[] {
  const [first, second] = pieces;
  const shared = second !== undefined && second.drawnWith === null && second.strip === null ? second : undefined;
  const told = shared === undefined ? pieces : pieces.slice(0, 1);
  return told.flatMap((piece) => {
    if (piece.strip !== null) return stripLengths(piece, metric);
    if (isCollar(piece)) return collarLengths(piece, metric);
    const draw = drawLengths(piece, metric);
    const own = namesFor(piece).flatMap((name) => draw(name) ?? []);
    const also = shared === undefined || piece !== first ? [] : [drawLengths(shared, metric)("armhole")];
    return [
      ...own,
      ...armholeAcross(piece, metric),
      ...slantLengths(piece, metric),
      ...also.filter((length) => length !== null),
    ];
  });
}

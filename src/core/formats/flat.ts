import { flattenPath, type Point, readPathData } from "../geometry";
import type { Inches } from "../length";
import type { SheetDrawing, SheetPiece } from "./cut-sheet";
import { turnCollar } from "./flat-collar";
import { letInGodets } from "./flat-godets";
import { hangSkirt, rucheLines } from "./flat-hanging";
import { joinSleeves } from "./flat-joined";
import type { FlatEdge, FlatHalf, FlatPiece } from "./flat-shapes";
import { hangSleeve } from "./flat-sleeve";

export type { FlatEdge, FlatHalf, FlatPiece } from "./flat-shapes";

/** How far points lie in at a depth, once darts and seams further in are sewn. */
type Inset = (y: Inches) => Inches;

const NONE: Inset = () => 0;

/** A flat is looked at, not measured: its chords may lie this far from the curve. */
const FLAT_ENOUGH: Inches = 0.03;

/** Where a chain of points crosses a depth; past its ends, where it ends. */
function acrossAt(points: readonly Point[], y: Inches): Inches {
  const sorted = [...points].sort((a, b) => a.y - b.y);
  const index = sorted.findIndex((point) => point.y >= y);
  const [after, before] = [sorted[index], sorted[index - 1]];
  if (after === undefined) return sorted.at(-1)?.x ?? 0;
  if (before === undefined) return after.x;
  const share = after.y === before.y ? 0 : (y - before.y) / (after.y - before.y);
  return before.x + share * (after.x - before.x);
}

/** What a sewn dart takes in at a depth: its whole intake between the legs, running out at its tips. */
function dartInset(dart: SheetPiece["darts"][number]): Inset {
  const at = (dart.legs[0][1] + dart.legs[1][1]) / 2;
  const end = dart.end?.[1] ?? at;
  const [upper, lower] = [Math.min(dart.tip[1], end), Math.max(dart.tip[1], end)];
  // A dart that hangs from an upper edge takes its whole intake there, and above it where that edge rises.
  if (dart.end === null && dart.tip[1] > at)
    return (y) => dart.intake * Math.min(1, Math.max(0, (dart.tip[1] - y) / (dart.tip[1] - at)));
  return (y) => {
    if (y <= upper || y >= lower) return y >= lower && dart.end === null ? dart.intake : 0;
    return dart.intake * (y < at ? (y - upper) / Math.max(1e-6, at - upper) : (lower - y) / Math.max(1e-6, lower - at));
  };
}

function readEdges(piece: SheetPiece, lift: Inches): readonly FlatEdge[] {
  return piece.edges.map(({ id, role, path }) => ({
    id,
    role,
    points: flattenPath(readPathData(path), FLAT_ENOUGH).map(({ x, y }) => ({ x, y: y + lift })),
  }));
}

function takeIn(points: readonly Point[], inset: Inset): readonly Point[] {
  return points.map(({ x, y }) => ({ x: x - inset(y), y }));
}

/** Waist darts are upright and sewn into one piece; a bust dart comes from the side and is drawn only as its line. */
const isUpright = (dart: SheetPiece["darts"][number]): boolean =>
  dart.sewn && Math.abs(dart.tip[1] - dart.legs[0][1]) > Math.abs(dart.tip[0] - dart.legs[0][0]);

/** A piece with its darts sewn: what lies outside a dart moves in by what the dart takes there. */
function sewPiece(piece: SheetPiece, lift: Inches, inset: Inset): FlatPiece {
  const darts = piece.darts.filter(isUpright);
  const sewn = (points: readonly Point[]): readonly Point[] =>
    points.map(({ x, y }) => {
      const inside = darts.filter(({ tip }) => x > tip[0]).reduce((sum, dart) => sum + dartInset(dart)(y - lift), 0);
      return { x: x - inset(y) - inside, y };
    });
  const lines = piece.darts.map((dart): readonly Point[] => {
    const middle: readonly [number, number] = [
      (dart.legs[0][0] + dart.legs[1][0]) / 2,
      (dart.legs[0][1] + dart.legs[1][1]) / 2,
    ];
    const chain = [dart.tip, isUpright(dart) ? (dart.end ?? middle) : middle];
    return takeIn(
      chain.map(([x, y]) => ({ x, y: y + lift })),
      inset,
    );
  });
  return {
    id: piece.id,
    lift,
    edges: readEdges(piece, lift).map((edge) => ({ ...edge, points: sewn(edge.points) })),
    darts: lines,
    folds: [],
  };
}

const edgeOf = (piece: FlatPiece | undefined, role: string) => piece?.edges.find((edge) => edge.role === role)?.points;

/** A centre back that a zip hollow or a contour shapes is sewn to its other half along the centre. */
function centreInset(piece: SheetPiece, lift: Inches): Inset {
  const centre = readEdges(piece, lift).find(({ role }) => role === "centre")?.points;
  // Below its top a vent lies one side over the other: nothing is sewn there.
  const vent = piece.marks.find(({ id }) => id === "centre/vent-top")?.stitch;
  const sewnTo = vent === undefined ? Number.POSITIVE_INFINITY : vent + lift;
  return piece.half === "back" && piece.origin !== "fold" && centre !== undefined
    ? (y) => acrossAt(centre, Math.min(y, sewnTo))
    : NONE;
}

/** A piece that lies inside and the panels beside it, each seam closed: they hang from the same line. */
function sewRow(row: readonly SheetPiece[], lift: Inches): readonly FlatPiece[] {
  const sewn: FlatPiece[] = [];
  for (const piece of row) {
    const inner = edgeOf(sewn.at(-1), "panel");
    const own = readEdges(piece, lift).find(({ role }) => role === "panel")?.points;
    const gap: Inset =
      inner === undefined || own === undefined
        ? centreInset(piece, lift)
        : (y) => {
            const level = Math.min(Math.max(y, inner[0]?.y ?? y), inner.at(-1)?.y ?? y);
            return acrossAt(own, level) - acrossAt(inner, level);
          };
    sewn.push(sewPiece(piece, lift, gap));
  }
  return sewn;
}

/** Lower pieces hang from the upper one's joining edge, where their half was cut across, or from its waist at the centre. */
function joinDepth(upper: readonly SheetPiece[]): Inches {
  const depths = upper.flatMap(({ edges }) =>
    edges.flatMap(({ role, start, end }) => (role === "join" ? [start[1], end[1]] : role === "waist" ? [end[1]] : [])),
  );
  return depths.length === 0 ? 0 : Math.max(...depths);
}

/** What hangs on the body from shoulder or waist: parts that stand off it, and strips, are left out. */
export function hangs({ part = "body" }: SheetPiece): boolean {
  return part === "body" || part === "skirt";
}

/** The edge that a ruffle or band hangs from: the body's own lower edge, from the centre outwards. */
function lowerEdge(sheet: SheetDrawing, body: readonly FlatPiece[]): { readonly edge?: readonly Point[] } {
  if (!sheet.seams.some(({ id }) => id === "ruffle" || id === "band-join")) return {};
  const edge = body.flatMap(({ edges }) => edges.filter(({ role }) => role === "hem").flatMap(({ points }) => points));
  return edge.length === 0 ? {} : { edge: [...edge].sort((one, other) => one.x - other.x) };
}

function drawHalf(sheet: SheetDrawing, half: "front" | "back"): FlatHalf | null {
  const shown = sheet.pieces.filter((piece) => piece.half === half && hangs(piece));
  // The parts of a ruched front are drawn spread: worn, it looks as its back does.
  const ruched = half === "front" && sheet.pieces.some(({ id }) => id === "skirt-front-narrow");
  const own = ruched ? [...shown, ...sheet.pieces.filter(({ id }) => id === "skirt-back")] : shown;
  const isUpper = ({ edges }: SheetPiece) => edges.some(({ role }) => role === "neck");
  const leads = own.filter(({ drawnWith }) => drawnWith === null);
  const rowOf = (lead: SheetPiece) => [lead, ...own.filter(({ drawnWith }) => drawnWith === lead.id)];
  const upper = leads.filter(isUpper).flatMap(rowOf);
  const lower = leads.filter((lead) => !isUpper(lead)).flatMap(rowOf);
  const sewn = sewRow(upper, 0);
  const waist = sewn.flatMap(({ edges }) =>
    edges.filter(({ role }) => role === "waist").flatMap(({ points }) => points),
  );
  const from = { lift: joinDepth(upper), width: waist.length === 0 ? null : Math.max(...waist.map(({ x }) => x)) };
  const hung = sewRow(lower, from.lift);
  const { body, over, closesAt } = turnCollar(sheet, sewn, half);
  const pieces = [
    ...body,
    ...letInGodets(sheet, hung),
    ...hangSkirt(sheet, { ...from, ...lowerEdge(sheet, [...sewn, ...hung]) }),
    ...hangSleeve(sheet, [...sewn, ...hung]),
    ...joinSleeves(sheet, sewn, half),
  ];
  const points = [...pieces, ...over].flatMap(({ edges }) => edges.flatMap((edge) => edge.points));
  if (points.length === 0) return null;
  const depths = points.map(({ y }) => y);
  return {
    half,
    pieces,
    over,
    ...(closesAt === undefined ? {} : { closesAt }),
    once: ruched ? rucheLines(sheet, from) : [],
    width: Math.max(...points.map(({ x }) => Math.abs(x))),
    top: Math.min(...depths),
    bottom: Math.max(...depths),
  };
}

/**
 * A garment as a flat front and back, from its real pieces: stitching lines with darts sewn and panels joined, each half
 * right of its centre line; what hangs in folds, as it hangs, and sleeves as they look worn. Chalked cloth, not
 * a likeness: a collar lies as it is worn, a band is left out.
 */
export function drawFlat(sheet: SheetDrawing): readonly FlatHalf[] {
  return (["front", "back"] as const).flatMap((half) => drawHalf(sheet, half) ?? []);
}

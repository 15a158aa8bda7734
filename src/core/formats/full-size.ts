import { at, distance, flattenPath, growOutline, type Point, readPathData, toPolygonData } from "../geometry";
import { fromCentimetres, type Inches } from "../length";
import { makeFirstPlan, makePackTable, type PackPiece } from "../packing";
import type { CutSheet, SheetPiece } from "./cut-sheet";
import { type ArcCorner, type Circle, findArcs } from "./true-arcs";

/** A line of a full-size drawing, in inches from the drawing's upper left corner. */
export interface FullSizeLine {
  readonly kind: "cut" | "stitch" | "fold" | "guide" | "dart" | "crease" | "trim" | "notch" | "square";
  readonly points: readonly Point[];
  readonly closed: boolean;
  /** The same line with its arcs as arcs; left out where it has none. */
  readonly arcs?: readonly ArcCorner[];
}

export interface FullSizeText {
  readonly text: string;
  readonly at: Point;
  readonly height: Inches;
}

/** Pieces in full size, to be printed, plotted, thrown on a table or read by another program. */
export interface FullSizeDrawing {
  readonly title: string;
  readonly width: Inches;
  readonly height: Inches;
  readonly lines: readonly FullSizeLine[];
  readonly texts: readonly FullSizeText[];
}

const MARGIN: Inches = 0.5;
/** The middle of a trimmed line's name lies so far from it: clear of the seam. */
const ASIDE: Inches = 3;

/** Side of the square that is measured before anything is cut: 4 in, 10 cm. */
export function calibrationSide({ unit }: CutSheet): Inches {
  return unit === "cm" ? fromCentimetres(10) : 4;
}

const pointOf = ([x, y]: readonly [number, number] | readonly number[]): Point => at(x ?? 0, y ?? 0);

/** A closed SVG path of a sheet as points. */
function outlineOf(path: string): readonly Point[] {
  return flattenPath(readPathData(path.replace(/\s*Z\s*$/, "")));
}

function lineOf(
  kind: FullSizeLine["kind"],
  points: readonly Point[],
  closed = false,
  circles: readonly Circle[] = [],
): FullSizeLine {
  const arcs = findArcs(points, closed, circles);
  return { kind, points, closed, ...(arcs === null ? {} : { arcs }) };
}

/** The circles that a piece's arcs are cut and sewn on. */
function circlesOf({ edges }: SheetPiece): readonly Circle[] {
  return edges.flatMap(({ arc }) =>
    arc === undefined ? [] : [arc.radius, arc.cutRadius].map((radius) => ({ centre: pointOf(arc.centre), radius })),
  );
}

function notchLines({ notches }: SheetPiece): readonly FullSizeLine[] {
  const size = 0.125;
  return notches.map(({ point: [x, y] }) =>
    lineOf("notch", [at(x - size, y), at(x, y - size), at(x + size, y), at(x, y + size)], true),
  );
}

function dartLines({ darts }: SheetPiece): readonly FullSizeLine[] {
  return darts.flatMap((dart) =>
    dart.legs.map((leg) => {
      const ends = dart.end === null ? [] : [pointOf(dart.end)];
      return lineOf("dart", [pointOf(dart.tip), pointOf(leg), ...ends]);
    }),
  );
}

/** Where it turns over, is pressed, or has something sewn on: chalked, never cut. */
function creaseLines({ creases = [] }: SheetPiece): readonly FullSizeLine[] {
  return creases.map(({ path }) => lineOf("crease", flattenPath(readPathData(path))));
}

/** Where one side of the wearer is trimmed once both are cut, and whose line it is. */
function drawTrims({ sides = [], box }: SheetPiece): Pick<FullSizeDrawing, "lines" | "texts"> {
  const rows = sides.flatMap(({ side, edges }) =>
    // A line may leave the one that is cut more than once.
    edges.flatMap(({ cut }) =>
      cut.split(/(?=M )/).map((run) => ({ side, points: flattenPath(readPathData(run.trim())) })),
    ),
  );
  return {
    lines: rows.map(({ points }) => lineOf("trim", points)),
    texts: rows.flatMap(({ side, points }) => {
      const place = points[Math.floor(points.length / 2)];
      if (place === undefined) return [];
      // Beside the line, towards the middle of the piece, where no other line is near.
      const inwards = place.x > (box.left + box.right) / 2 ? -ASIDE : ASIDE;
      return [{ text: `wearer's ${side}`, at: at(place.x + inwards, place.y), height: 0.25 }];
    }),
  };
}

/** How often and where a piece is cut, in a few words. */
function sayCut({ cut }: SheetPiece): string {
  if (cut.on === "fold") return cut.copies === 1 ? "cut once on the fold" : `cut ${cut.copies} on the fold`;
  return cut.on === "pair" ? "cut a pair" : `cut ${cut.copies}`;
}

/** Everything that is drawn of a piece, in the piece's own inches. */
function drawPiece(piece: SheetPiece): Pick<FullSizeDrawing, "lines" | "texts"> {
  const { left, right, top, bottom } = piece.box;
  const middle = at((left + right) / 2, (top + bottom) / 2);
  const circles = circlesOf(piece);
  const trims = drawTrims(piece);
  const folds = piece.edges.filter(({ onFold }) => onFold);
  return {
    lines: [
      lineOf("cut", outlineOf(piece.outline.cut), true, circles),
      lineOf("stitch", outlineOf(piece.outline.stitch), true, circles),
      ...folds.map(({ path }) => lineOf("fold", flattenPath(readPathData(path)))),
      ...piece.lines.map(({ down }) => lineOf("guide", [at(left, down), at(right, down)])),
      ...dartLines(piece),
      ...creaseLines(piece),
      ...trims.lines,
      ...notchLines(piece),
    ],
    texts: [
      { text: piece.name, at: middle, height: 0.4 },
      { text: sayCut(piece), at: at(middle.x, middle.y + 0.5), height: 0.25 },
      ...trims.texts,
    ],
  };
}

function shift<Drawn extends Pick<FullSizeDrawing, "lines" | "texts">>(drawn: Drawn, x: Inches, y: Inches) {
  const move = (point: Point) => at(point.x + x, point.y + y);
  return {
    lines: drawn.lines.map((line) => ({
      ...line,
      points: line.points.map(move),
      ...(line.arcs === undefined
        ? {}
        : { arcs: line.arcs.map(({ point, sweep }) => ({ point: move(point), sweep })) }),
    })),
    texts: drawn.texts.map((text) => ({ ...text, at: at(text.at.x + x, text.at.y + y) })),
  };
}

function squareAt(side: Inches, x: Inches, y: Inches): Pick<FullSizeDrawing, "lines" | "texts"> {
  const corners = [at(x, y), at(x + side, y), at(x + side, y + side), at(x, y + side)];
  return { lines: [lineOf("square", corners, true)], texts: [] };
}

function titleOf(sheet: CutSheet): string {
  return `${sheet.order.client?.name ?? "No name"}, ${sheet.order.garment}`;
}

/** One piece on a drawing of its own, with room round it. */
export function drawPieceFullSize(sheet: CutSheet, piece: SheetPiece): FullSizeDrawing {
  const { left, right, top, bottom } = piece.box;
  const moved = shift(drawPiece(piece), MARGIN - left, MARGIN - top);
  return {
    title: `${titleOf(sheet)}: ${piece.name}`,
    width: right - left + 2 * MARGIN,
    height: bottom - top + 2 * MARGIN,
    ...moved,
  };
}

/**
 * Every piece side by side on one long drawing, upright, with the square that is measured first.
 *
 * @param width of the roll; wider where a piece is
 */
export function drawAllFullSize(sheet: CutSheet, width: Inches): FullSizeDrawing {
  const side = calibrationSide(sheet);
  const outlines = [
    [at(0, 0), at(side, 0), at(side, side), at(0, side)],
    ...sheet.pieces.map(({ outline }) => outlineOf(outline.cut)),
  ].map((outline) => growOutline(outline, MARGIN / 2));
  const widest = Math.max(
    ...outlines.map((outline) => Math.max(...outline.map(({ x }) => x)) - Math.min(...outline.map(({ x }) => x))),
  );
  const across = Math.max(width, widest);
  const pieces = outlines.map((outline, index): PackPiece => {
    const size = Math.max(...outline.map(({ x }) => x)) - Math.min(...outline.map(({ x }) => x));
    return {
      id: String(index),
      pinned: null,
      stances: [{ outline, turned: false, left: [0, across - size], repeat: null }],
    };
  });
  const plan = makeFirstPlan(makePackTable({ pieces, width: across }));
  const drawn = [squareAt(side, 0, 0), ...sheet.pieces.map(drawPiece)].map((one, index) => {
    const outline = outlines[index] as readonly Point[];
    const placed = plan.placements[index] as (typeof plan.placements)[number];
    return shift(
      one,
      placed.x - Math.min(...outline.map(({ x }) => x)),
      placed.y - Math.min(...outline.map(({ y }) => y)),
    );
  });
  return {
    title: titleOf(sheet),
    width: across,
    height: plan.length,
    lines: drawn.flatMap(({ lines }) => lines),
    texts: drawn.flatMap(({ texts }) => texts),
  };
}

const strokes: Readonly<Record<FullSizeLine["kind"], string>> = {
  cut: 'stroke-width="0.04" stroke-dasharray="0.3 0.08"',
  stitch: 'stroke-width="0.02"',
  fold: 'stroke-width="0.08"',
  guide: 'stroke-width="0.008"',
  dart: 'stroke-width="0.02" stroke-dasharray="0.02 0.08" stroke-linecap="round"',
  crease: 'stroke-width="0.02" stroke-dasharray="0.2 0.07 0.02 0.07"',
  trim: 'stroke-width="0.04" stroke-dasharray="0.04 0.12" stroke-linecap="round"',
  notch: 'stroke-width="0.02"',
  square: 'stroke-width="0.02"',
};

function escapeText(text: string): string {
  return text.replace(/[&<>"']/g, (character) => `&#${character.charCodeAt(0)};`);
}

/** A line as the data of a path, its arcs as arcs. */
export function fullSizePath({ points, closed, arcs }: FullSizeLine): string {
  if (arcs === undefined) {
    const data = toPolygonData(points);
    return closed ? data : data.replace(/ Z$/, "");
  }
  const said = ({ x, y }: Point) => `${x.toFixed(4)} ${y.toFixed(4)}`;
  const runs = arcs.flatMap(({ point, sweep }, index) => {
    const next = arcs[index + 1] ?? (closed ? arcs[0] : undefined);
    if (next === undefined) return [];
    if (sweep === 0) return [`L ${said(next.point)}`];
    const radius = distance(point, next.point) / (2 * Math.sin(Math.abs(sweep) / 2));
    return [`A ${radius.toFixed(4)} ${radius.toFixed(4)} 0 0 ${sweep > 0 ? 1 : 0} ${said(next.point)}`];
  });
  return [`M ${said((arcs[0] as ArcCorner).point)}`, ...runs, ...(closed ? ["Z"] : [])].join(" ");
}

/** A full-size drawing as SVG: one user unit is one inch. */
export function writeFullSizeSvg({ title, width, height, lines, texts }: FullSizeDrawing): string {
  const drawn = lines.map((line) => `<path class="${line.kind}" d="${fullSizePath(line)}" ${strokes[line.kind]}/>`);
  const said = texts.map(
    (text) =>
      `<text x="${text.at.x.toFixed(3)}" y="${text.at.y.toFixed(3)}" font-size="${text.height}" text-anchor="middle" fill="#000">${escapeText(text.text)}</text>`,
  );
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${width}in" height="${height}in" viewBox="0 0 ${width} ${height}" font-family="sans-serif">
<title>${escapeText(title)}</title>
<g fill="none" stroke="#000">
${drawn.join("\n")}
</g>
${said.join("\n")}
</svg>
`;
}

import { LineCapStyle, type PDFPage, rgb } from "@cantoo/pdf-lib";
import {
  type CutSheet,
  calibrationSide,
  drawAllFullSize,
  drawPieceFullSize,
  type FullSizeDrawing,
  type FullSizeLine,
  fullSizePath,
} from "@/core/formats";
import { formatLengthWithUnit } from "@/core/length";
import { type Paper, Pen, papers } from "../pdf/pen";

const POINTS = 72;
const BLACK = rgb(0, 0, 0);
/** Kept free round each tile: what no printer reaches. */
const EDGE = 30;
/** Strip that neighbouring tiles share, to be laid over one another. */
const OVERLAP = 20;
/** A PDF page may not be longer: 200 in. */
const LONGEST_PAGE = 14400;

const styles: Readonly<Record<FullSizeLine["kind"], { readonly width: number; readonly dash?: readonly number[] }>> = {
  cut: { width: 2.6, dash: [20, 6] },
  stitch: { width: 1.3 },
  fold: { width: 5 },
  guide: { width: 0.5 },
  dart: { width: 1.3, dash: [1, 5] },
  crease: { width: 1, dash: [14, 5, 1, 5] },
  trim: { width: 2.6, dash: [1, 8] },
  notch: { width: 1.3 },
  square: { width: 1 },
};

/** Draws with the drawing's upper left corner at a place of the page, in points from its lower left. */
function draw(pen: Pen, page: PDFPage, drawing: FullSizeDrawing, x: number, y: number): void {
  for (const line of drawing.lines) {
    const { width, dash } = styles[line.kind];
    page.drawSvgPath(fullSizePath(line), {
      x,
      y,
      scale: POINTS,
      borderColor: BLACK,
      // The path is scaled with its pen.
      borderWidth: width / POINTS,
      borderLineCap: LineCapStyle.Round,
      ...(dash === undefined ? {} : { borderDashArray: dash.map((part) => part / POINTS) }),
    });
  }
  for (const { text, at, height } of drawing.texts) {
    const style = { size: height * POINTS, bold: true };
    pen.write(page, text, x + at.x * POINTS - pen.width(text, style) / 2, y - at.y * POINTS, style);
  }
}

function saySquare(sheet: CutSheet): string {
  const side = formatLengthWithUnit(calibrationSide(sheet), sheet.unit);
  return `Measure this square first: it must be ${side} each way. If it is not, print again at 100 %, nothing fitted to the page.`;
}

/** Every piece on one long page, for a plotter's roll. */
export async function printOnePage(sheet: CutSheet): Promise<Uint8Array> {
  const drawing = drawAllFullSize(sheet, 36);
  const pen = await Pen.take(drawing.title);
  const width = drawing.width * POINTS + 2 * EDGE;
  const height = Math.min(LONGEST_PAGE, drawing.height * POINTS + 3 * EDGE);
  const page = pen.document.addPage([width, height]);
  pen.write(page, `${drawing.title}. ${saySquare(sheet)}`, EDGE, height - EDGE + 8, { size: 12 });
  draw(pen, page, drawing, EDGE, height - EDGE);
  return pen.document.save();
}

/** Starts of the tiles along one side of a drawing. */
function tileStarts(size: number, room: number): readonly number[] {
  const step = room - OVERLAP;
  const count = Math.max(1, Math.ceil((size - OVERLAP) / step));
  return Array.from({ length: count }, (_, index) => index * step);
}

/** The frame of a tile and the strips that its neighbours to the right and below lie on. */
function frameTile(page: PDFPage, width: number, height: number): void {
  const line = (x1: number, y1: number, x2: number, y2: number, dash: boolean) =>
    page.drawLine({
      start: { x: x1, y: y1 },
      end: { x: x2, y: y2 },
      thickness: 0.4,
      color: rgb(0.45, 0.45, 0.45),
      ...(dash ? { dashArray: [4, 4] } : {}),
    });
  page.drawRectangle({ x: EDGE, y: EDGE, width, height, borderWidth: 0.4, borderColor: rgb(0.45, 0.45, 0.45) });
  line(EDGE + width - OVERLAP, EDGE, EDGE + width - OVERLAP, EDGE + height, true);
  line(EDGE, EDGE + OVERLAP, EDGE + width, EDGE + OVERLAP, true);
}

async function printSquare(pen: Pen, sheet: CutSheet, size: readonly [number, number]): Promise<void> {
  const page = pen.document.addPage([...size]);
  const side = calibrationSide(sheet) * POINTS;
  page.drawRectangle({
    x: EDGE * 2,
    y: size[1] - EDGE * 2 - side,
    width: side,
    height: side,
    borderWidth: 1,
    borderColor: BLACK,
  });
  const lines = [
    saySquare(sheet),
    "Then cut each sheet along the broken lines at its right and below, and lay it on its neighbours, row by row. Each says its piece, its row and its place in the row.",
    "Paper knives cut fingers too: cut away from the holding hand, on a board.",
  ];
  let y = size[1] - EDGE * 2 - side - 30;
  for (const line of lines.flatMap((text) => [...pen.wrap(text, size[0] - EDGE * 4, { size: 12 }), ""])) {
    pen.write(page, line, EDGE * 2, y, { size: 12 });
    y -= 16;
  }
}

/** Every piece on as many sheets of paper as it takes, the square to be measured on the first. */
export async function printTiles(sheet: CutSheet, paper: Paper): Promise<Uint8Array> {
  const size = papers[paper];
  const [width, height] = [size[0] - 2 * EDGE, size[1] - 2 * EDGE];
  const pen = await Pen.take(`${sheet.order.client?.name ?? ""} ${sheet.order.garment}, full size`.trim());
  await printSquare(pen, sheet, size);
  for (const piece of sheet.pieces) {
    const drawing = drawPieceFullSize(sheet, piece);
    const across = tileStarts(drawing.width * POINTS, width);
    const down = tileStarts(drawing.height * POINTS, height);
    for (const [row, top] of down.entries()) {
      for (const [place, left] of across.entries()) {
        const page = pen.document.addPage([...size]);
        draw(pen, page, drawing, EDGE - left, size[1] - EDGE + top);
        coverEdges(page, size);
        frameTile(page, width, height);
        const said = `${piece.name}: row ${row + 1} of ${down.length}, place ${place + 1} of ${across.length}`;
        pen.write(page, said, EDGE + 4, EDGE - 14, { size: 10 });
      }
    }
  }
  return pen.document.save();
}

/** What is drawn beyond the tile's frame belongs to its neighbour. */
function coverEdges(page: PDFPage, [width, height]: readonly [number, number]): void {
  const white = { color: rgb(1, 1, 1) };
  page.drawRectangle({ x: 0, y: 0, width: EDGE, height, ...white });
  page.drawRectangle({ x: width - EDGE, y: 0, width: EDGE, height, ...white });
  page.drawRectangle({ x: 0, y: 0, width, height: EDGE, ...white });
  page.drawRectangle({ x: 0, y: height - EDGE, width, height: EDGE, ...white });
}

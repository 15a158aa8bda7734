import { type PDFPage, rgb } from "@cantoo/pdf-lib";
import type { CutSheet, SheetPiece } from "@/core/formats";
import { formatLength, formatLengthWithUnit } from "@/core/length";
import { nameGirth, nameLine, nameSeam, thePiece } from "@/core/wording";
import { PaperStack } from "./paper";
import { MARGIN, type Paper, Pen } from "./pen";
import { type SheetHead, sayHead } from "./step-list";

const BLACK = rgb(0, 0, 0);
const HEAD = { size: 12, bold: true };
const CELL = { size: 10 };

/** A table of short words: the first column left, the others to the right, under their heads. */
function writeTable(paper: PaperStack, head: readonly string[], rows: readonly (readonly string[])[]): void {
  const step = (paper.width - 150) / Math.max(1, head.length - 1);
  const line = (cells: readonly string[], bold: boolean) => {
    const { page, top } = paper.block(15);
    for (const [index, cell] of cells.entries()) {
      if (index === 0) paper.pen.write(page, cell, MARGIN, top - 11, { ...CELL, bold });
      else paper.pen.writeRight(page, cell, MARGIN + 150 + step * index, top - 11, { ...CELL, bold });
    }
  };
  line(head, true);
  paper.rule(0.6);
  for (const row of rows) line(row, false);
  paper.block(8);
}

interface Placed {
  readonly page: PDFPage;
  /** Where the origin of the group lies on the page, and how many points an inch is. */
  readonly x: number;
  readonly y: number;
  readonly scale: number;
}

/** One piece: guide lines hairline with their names, stitching fine, cutting bold and broken, darts dotted. */
function drawPiece(pen: Pen, piece: SheetPiece, right: number, { page, x, y, scale }: Placed): void {
  const at = x + piece.originInset * scale;
  if (piece.drawnWith === null)
    for (const { id, down } of piece.lines) {
      const level = y - down * scale;
      page.drawLine({ start: { x, y: level }, end: { x: x + right * scale, y: level }, thickness: 0.3, color: BLACK });
      pen.write(page, nameLine(id), x + right * scale + 4, level - 3, { size: 8 });
    }
  const path = (data: string, borderWidth: number, borderDashArray?: number[]) =>
    page.drawSvgPath(data, {
      x: at,
      y,
      scale,
      borderColor: BLACK,
      // Widths are drawn at the path's scale.
      borderWidth: borderWidth / scale,
      ...(borderDashArray === undefined ? {} : { borderDashArray: borderDashArray.map((dash) => dash / scale) }),
    });
  path(piece.outline.stitch, 0.8);
  path(piece.outline.cut, 1.6, [7, 3]);
  for (const { tip, legs, end } of piece.darts) {
    const [inner, outer] = legs;
    const chain = [tip, inner, ...(end === null ? [] : [end]), outer, tip];
    path(`M ${chain.map(([across, down]) => `${across} ${down}`).join(" L ")}`, 0.8, [1, 2]);
  }
}

const NAMES_ROOM = 74;

/** Each group of pieces as it lies on its fold, as large as the page allows. */
function drawGroups(paper: PaperStack, sheet: CutSheet): void {
  for (const group of sheet.groups) {
    const pieces = group.pieces.flatMap((id) => sheet.pieces.filter((piece) => piece.id === id));
    const top = Math.min(...pieces.map(({ box }) => box.top));
    const bottom = Math.max(...pieces.map(({ box }) => box.bottom));
    const right = group.foldedWidth;
    const scale = Math.min((paper.width - NAMES_ROOM) / right, 560 / (bottom - top));
    paper.turn();
    const width = formatLengthWithUnit(right, sheet.unit);
    paper.text(`${pieces.map(({ name }) => name).join(" and ")}: ${group.layers} layers, ${width} wide`, HEAD, {
      after: 8,
    });
    const { page, top: start } = paper.block((bottom - top) * scale + 16);
    const placed: Placed = { page, x: MARGIN, y: start + top * scale - 4, scale };
    page.drawLine({
      start: { x: MARGIN, y: start - 4 },
      end: { x: MARGIN, y: start - 4 - (bottom - top) * scale },
      thickness: 4,
      color: BLACK,
    });
    for (const piece of pieces) drawPiece(paper.pen, piece, right, placed);
    paper.text("Thick: the fold. Fine: stitching line. Bold and broken: cutting line. Dotted: dart.", { size: 8 });
  }
}

/** The sheet on paper, black on white: what to look at, girths, seams, what was taken out, and the cloth. Bytes of a PDF. */
export async function printCutSheet(sheet: CutSheet, head: SheetHead, size: Paper): Promise<Uint8Array> {
  const pen = await Pen.take(`Cut sheet: ${head.client}, no. ${head.number}`);
  const paper = new PaperStack(pen, size);
  const say = (inches: number) => formatLength(inches, sheet.unit);
  paper.text(sayHead(head, sheet, pen), { size: 14, bold: true }, { after: 8 });
  const levels = { error: "Do not cut", caution: "Look first", note: "Good to know" } as const;
  for (const { level, text, remedy } of sheet.checks) paper.text(`${levels[level]}: ${text} ${remedy}`, CELL);
  paper.block(8);
  paper.text(`Finished girths, whole body, in ${sheet.unit === "in" ? "inches" : "centimetres"}`, HEAD);
  writeTable(
    paper,
    ["", "Body", "Ease", "Wanted", "On the cloth", "A quarter"],
    sheet.girths.map(({ line, on, body, ease, wanted, drawn, quarter }) => [
      nameGirth(line, on),
      ...[body, ease, wanted, drawn, quarter].map(say),
    ]),
  );
  paper.text("Seams that meet, stitched lengths", HEAD);
  writeTable(
    paper,
    ["", "One side", "Other side", "Meets"],
    sheet.seams.map(({ id, lengthA, lengthB, meets }) => [
      nameSeam(id),
      say(lengthA),
      say(lengthB),
      meets ? "yes" : "no",
    ]),
  );
  if (sheet.ledger.length > 0) paper.text("Taken out, given back", HEAD);
  for (const { why, line, piece, removed, givenBack } of sheet.ledger)
    paper.text(`${why}, ${nameLine(line)} of ${thePiece(piece)}: ${say(removed)} out, ${say(givenBack)} back`, CELL);
  drawGroups(paper, sheet);
  paper.number(sayHead(head, sheet, pen));
  return pen.document.save();
}

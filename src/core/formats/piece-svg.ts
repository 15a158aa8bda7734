import type { CutSheet, SheetPiece } from "./cut-sheet";
import { markPlace } from "./step-tape";

/** A margin round the piece on its own sheet, in inches. */
const MARGIN = 0.5;

function escapeText(text: string): string {
  return text.replace(/[&<>"']/g, (character) => `&#${character.charCodeAt(0)};`);
}

function guideLines(piece: SheetPiece): string {
  return piece.lines
    .map(
      (line) =>
        `<g id="line-${line.id}"><path d="M ${piece.box.left} ${line.down} H ${piece.box.right}" stroke="#777" stroke-width="0.01"/><text x="${piece.box.left + 0.1}" y="${line.down - 0.06}" font-size="0.22">${line.id}</text></g>`,
    )
    .join("");
}

function marks(piece: SheetPiece): string {
  return piece.marks
    .map((mark) => {
      const [x, y] = markPlace(piece, mark);
      return `<circle id="mark-${mark.id.replace("/", "-")}" cx="${x}" cy="${y}" r="0.06"/>`;
    })
    .join("");
}

function notches(piece: SheetPiece): string {
  return piece.notches
    .map(
      ({ id, point: [x, y] }) =>
        `<circle id="notch-${id}" cx="${x}" cy="${y}" r="0.09" fill="none" stroke="#000" stroke-width="0.02"/>`,
    )
    .join("");
}

/** One piece at full size as SVG: stitching and cutting outline, guide lines, marks, notches. One user unit is one inch. */
export function pieceSvg(sheet: CutSheet, piece: SheetPiece): string {
  const left = piece.box.left - MARGIN;
  const top = piece.box.top - MARGIN;
  const width = piece.box.right - piece.box.left + 2 * MARGIN;
  const height = piece.box.bottom - piece.box.top + 2 * MARGIN;
  const title = escapeText(`${piece.name}, ${sheet.order.client?.name ?? sheet.order.garment}`);
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${width}in" height="${height}in" viewBox="${left} ${top} ${width} ${height}" font-family="sans-serif">
<title>${title}</title>
<path id="cut" d="${piece.outline.cut}" fill="none" stroke="#000" stroke-width="0.04" stroke-dasharray="0.3 0.08"/>
<path id="stitch" d="${piece.outline.stitch}" fill="none" stroke="#000" stroke-width="0.02"/>
${guideLines(piece)}
${marks(piece)}
${notches(piece)}
</svg>
`;
}

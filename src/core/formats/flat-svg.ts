import type { Point } from "../geometry";
import type { SheetDrawing } from "./cut-sheet";
import { drawFlat, type FlatHalf } from "./flat";

const APART = 3;
const CLOTH = "#3f2440";
const CHALK = "#fdf7ea";

const chain = (points: readonly Point[]): string =>
  points.map(({ x, y }) => `${x.toFixed(2)} ${y.toFixed(2)}`).join(" L ");

/** Edges that are no seam inside the garment. */
const OUTLINE = new Set(["neck", "armhole", "hem", "side", "waist"]);

/** What lies over the rest covers its lines. */
function drawOver({ over }: FlatHalf): string {
  return over
    .flatMap(({ edges }) => edges)
    .map(({ points }) => `<path d="M ${chain(points)} Z" fill="${CLOTH}" stroke="${CHALK}" stroke-width="0.4"/>`)
    .join("");
}

function drawSide({ pieces }: FlatHalf): string {
  const cloth = pieces.map(
    ({ edges }) => `<path d="M ${chain(edges.flatMap(({ points }) => points))} Z" fill="${CLOTH}" stroke="${CLOTH}"/>`,
  );
  const lines = pieces.flatMap(({ edges, darts, folds }) => [
    ...edges
      .filter(({ role }) => role !== "centre")
      .map(({ role, points }) => `<path d="M ${chain(points)}" stroke-width="${OUTLINE.has(role) ? 0.5 : 0.3}"/>`),
    ...folds.map((points) => `<path d="M ${chain(points)}" stroke-width="0.2" opacity="0.7"/>`),
    ...darts.map((points) => `<path d="M ${chain(points)}" stroke-width="0.3" stroke-dasharray="0.4 0.8"/>`),
  ]);
  return `${cloth.join("")}<g fill="none" stroke="${CHALK}" stroke-linejoin="round">${lines.join("")}</g>`;
}

function drawOnce({ once }: FlatHalf): string {
  const lines = once.map((points) => `<path d="M ${chain(points)}" stroke-width="0.3"/>`);
  return `<g fill="none" stroke="${CHALK}" stroke-linejoin="round">${lines.join("")}</g>`;
}

function drawHalf(half: FlatHalf, at: number): string {
  const side = drawSide(half);
  return `<g transform="translate(${at.toFixed(2)} 0)"><g transform="scale(-1 1)">${side}</g>${side}${drawOnce(half)}<g transform="scale(-1 1)">${drawOver(half)}</g>${drawOver(half)}</g>`;
}

/** A garment flat, front and back, as a small picture of its own. */
export function flatSvg(sheet: SheetDrawing): string | null {
  const halves = drawFlat(sheet);
  const [front, back] = halves;
  if (front === undefined) return null;
  const top = Math.min(...halves.map((half) => half.top)) - 0.6;
  const bottom = Math.max(...halves.map((half) => half.bottom)) + 0.6;
  const width = halves.reduce((sum, half) => sum + 2 * half.width, 0) + APART * (halves.length - 1);
  const drawn = [
    drawHalf(front, front.width),
    back === undefined ? "" : drawHalf(back, 2 * front.width + APART + back.width),
  ];
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="-0.5 ${top.toFixed(2)} ${(width + 1).toFixed(2)} ${(bottom - top).toFixed(2)}">${drawn.join("")}</svg>`;
}

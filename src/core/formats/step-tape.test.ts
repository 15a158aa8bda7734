import { Polygon } from "@flatten-js/core";
import { describe, expect, it } from "vitest";
import { makeCrowd } from "../body";
import { type CutSheet, makeSheet, markPlace, pieceSvg, stepTape } from ".";

const TICK = 1 / 8;

function sheetOf(measurements: object, choices: object = {}): CutSheet {
  const outcome = makeSheet({ garment: "straight-dress", choices, client: { card: { measurements } } });
  if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
  return outcome.sheet;
}

const sheets = makeCrowd(41, 20).flatMap((body) => [
  sheetOf(body),
  sheetOf(body, { frontNeck: "v", frontNeckDepth: 6, fold: "back-from-front" }),
]);

function pieceOf(sheet: CutSheet, id: string) {
  const piece = sheet.pieces.find((one) => one.id === id);
  if (piece === undefined) throw new Error(`no ${id}`);
  return piece;
}

/** Steps with a straight tape, whose reading is the length of that tape. */
const LAID = new Set(["guide-line", "mark", "centre-mark", "drop", "scoop", "zip-line"]);

describe("the tape on the screen is the reading that is spoken (seed 41)", () => {
  it("is as long as its reading, for every step of 20 bodies in two folds", () => {
    for (const sheet of sheets) {
      for (const step of sheet.steps.filter(({ act }) => LAID.has(act))) {
        const tape = stepTape(pieceOf(sheet, step.piece), step);
        const length = tape === null ? Number.NaN : Math.hypot(tape.to[0] - tape.from[0], tape.to[1] - tape.from[1]);
        expect(length, step.id).toBeCloseTo(step.reading ?? 0, 6);
      }
    }
  });
  it("runs on to the cutting mark where there is one", () => {
    for (const sheet of sheets) {
      for (const step of sheet.steps.filter(
        ({ cutReading, direction }) => cutReading !== null && direction === "across",
      )) {
        const tape = stepTape(pieceOf(sheet, step.piece), step);
        expect(tape?.cut?.[0], step.id).toBe(step.cutReading);
      }
    }
  });
  it("says every reading to the tick of the tape, save what trues a seam", () => {
    for (const sheet of sheets) {
      for (const step of sheet.steps.filter(({ act }) => LAID.has(act))) {
        const trued = step.terms.some(({ kind }) => kind === "trued");
        const step32 = trued ? 1 / 32 : TICK;
        expect(((step.reading ?? 0) / step32) % 1, step.id).toBeCloseTo(0, 9);
      }
    }
  });
});

/** The corners of closed path data made of lines, read by a parser of our own for the test. */
function cornersOf(data: string): readonly (readonly [number, number])[] {
  return [...data.matchAll(/[ML] (-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const);
}

describe("the SVG of a piece is the piece (seed 41)", () => {
  it("has every mark of the sheet at its place", () => {
    for (const sheet of sheets.slice(0, 6)) {
      for (const piece of sheet.pieces) {
        const svg = pieceSvg(sheet, piece);
        for (const mark of piece.marks) {
          const [x, y] = markPlace(piece, mark);
          expect(svg).toContain(`id="mark-${mark.id.replace("/", "-")}" cx="${x}" cy="${y}"`);
        }
      }
    }
  });
  it("has a cutting outline that another library finds whole, as large as the sheet says", () => {
    for (const sheet of sheets.slice(0, 6)) {
      for (const piece of sheet.pieces) {
        const data = /id="cut" d="([^"]+)"/.exec(pieceSvg(sheet, piece))?.[1] ?? "";
        const outline = new Polygon(cornersOf(data).map(([x, y]): [number, number] => [x, y]));
        expect(outline.isValid()).toBe(true);
        expect(outline.box.xmax - outline.box.xmin).toBeCloseTo(piece.box.right - piece.box.left, 4);
        expect(outline.box.ymax - outline.box.ymin).toBeCloseTo(piece.box.bottom - piece.box.top, 4);
      }
    }
  });
});

import { crossingsAt, type Point, polygonArea } from "../geometry";
import type { Inches } from "../length";

/** An outline laid with the upper left corner of its box at 0, 0, cut into thin rows: what every quick question is asked of. */
export interface Shape {
  readonly outline: readonly Point[];
  readonly width: Inches;
  readonly height: Inches;
  readonly area: number;
  readonly rows: Rows;
}

/** Spans of an outline on the middle of every row: those of row `r` are `starts[r]` to `starts[r + 1]`. */
export interface Rows {
  readonly count: number;
  readonly starts: Int32Array;
  readonly left: Float64Array;
  readonly right: Float64Array;
}

function cutIntoRows(outline: readonly Point[], height: Inches, rowHeight: Inches): Rows {
  const count = Math.max(1, Math.ceil(height / rowHeight - 0.5));
  const starts = new Int32Array(count + 1);
  const left: number[] = [];
  const right: number[] = [];
  for (let row = 0; row < count; row++) {
    const met = crossingsAt(outline, Math.min((row + 0.5) * rowHeight, height - 1e-6));
    for (let index = 0; index + 1 < met.length; index += 2) {
      left.push(met[index] as number);
      right.push(met[index + 1] as number);
    }
    starts[row + 1] = left.length;
  }
  return { count, starts, left: Float64Array.from(left), right: Float64Array.from(right) };
}

/** Turns an outline, wherever it lies, into a shape with rows of the given height. */
export function makeShape(outline: readonly Point[], rowHeight: Inches): Shape {
  const left = Math.min(...outline.map(({ x }) => x));
  const top = Math.min(...outline.map(({ y }) => y));
  const laid = outline.map(({ x, y }) => ({ x: x - left, y: y - top }));
  const height = Math.max(...laid.map(({ y }) => y));
  return {
    outline: laid,
    width: Math.max(...laid.map(({ x }) => x)),
    height,
    area: polygonArea(laid),
    rows: cutIntoRows(laid, height, rowHeight),
  };
}

/** The same outline after half a turn, its box at 0, 0 again. */
export function turnHalf(outline: readonly Point[], width: Inches, height: Inches): readonly Point[] {
  return outline.map(({ x, y }) => ({ x: width - x, y: height - y }));
}

/** An outline after half a turn, wherever it lies. */
export function turnedOutline(outline: readonly Point[]): readonly Point[] {
  return outline.map(({ x, y }) => ({ x: -x, y: -y }));
}

/** An argument whose value is known. */
export interface SolveEnd {
  readonly at: number;
  readonly value: number;
}

/**
 * Where a rising function is zero between two arguments, by false position (Illinois), to `tolerance` in its value.
 * The caller has seen that it is not above zero at `low` nor below at `high`.
 */
export function solveRising(value: (at: number) => number, low: SolveEnd, high: SolveEnd, tolerance: number): number {
  let [from, to] = [low.at, high.at];
  let [under, over] = [low.value, high.value];
  let guess = from;
  for (let round = 0; round < 40; round++) {
    guess = over - under < 1e-12 ? (from + to) / 2 : from - ((to - from) * under) / (over - under);
    const off = value(guess);
    if (Math.abs(off) < tolerance) break;
    if (off < 0) {
      from = guess;
      under = off;
      over /= 2;
    } else {
      to = guess;
      over = off;
      under /= 2;
    }
  }
  return guess;
}

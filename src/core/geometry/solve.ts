/**
 * Where a rising function is zero between two arguments, by false position (Illinois), to `tolerance` in its value.
 * The caller has seen that it is not above zero at `low` nor below at `high`.
 */
export function solveRising(value: (argument: number) => number, low: number, high: number, tolerance: number): number {
  let [from, to] = [low, high];
  let [under, over] = [value(low), value(high)];
  let argument = low;
  for (let round = 0; round < 40; round++) {
    argument = over - under < 1e-12 ? (from + to) / 2 : from - ((to - from) * under) / (over - under);
    const off = value(argument);
    if (Math.abs(off) < tolerance) break;
    if (off < 0) {
      from = argument;
      under = off;
      over /= 2;
    } else {
      to = argument;
      over = off;
      under /= 2;
    }
  }
  return argument;
}

import { makeDrawing } from "../../src/core/formats";
import { garments } from "../../src/core/garments";
import { workedOrder } from "../../src/core/garments/worked-client.test-data";
import { type LearntEntry, learn, learnRules, makeUp, seenIds } from "../../src/core/making";
import { seededNumbers } from "../../src/core/seeded";

function median(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
}

function timed(act: () => void): number {
  const began = performance.now();
  act();
  return performance.now() - began;
}

/** What comes after the cut, in milliseconds: the slowest garment's make-up order, and what 6,000 orders teach. */
export function benchMaking(): { readonly makeUpMs: number; readonly learnMs: number } {
  const sheets = garments.flatMap(({ id }) => {
    const outcome = makeDrawing(workedOrder(id));
    return outcome.kind === "sheet" ? [outcome.sheet] : [];
  });
  const each = sheets.map((sheet) => median(Array.from({ length: 60 }, () => timed(() => makeUp(sheet))).slice(20)));
  const random = seededNumbers(6000);
  const entries = Array.from({ length: 12_000 }, (_, index): LearntEntry => {
    const seen = seenIds[Math.floor(random() * seenIds.length)] ?? "loose-waist";
    return {
      client: String(index % 2000),
      order: String(index % 6000),
      seen,
      amount: Math.ceil(random() * 16) / 8,
      rules: { "ease.waist": Math.floor(random() * 4), zipHollow: 0.5, armholeRoom: 1.5 },
    };
  });
  const learnt = Array.from({ length: 9 }, () =>
    timed(() => {
      learn(entries);
      learnRules(entries);
    }),
  );
  return { makeUpMs: Math.max(...each), learnMs: median(learnt) };
}

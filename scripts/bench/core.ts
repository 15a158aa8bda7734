/** Times the core by itself; bundled and run in a process of its own by the bench. Prints JSON. */
import { makeCrowd } from "../../src/core/body";
import { checkDraft } from "../../src/core/checks";
import { makeSheet, readOrder } from "../../src/core/formats";
import { draftGarment, garments } from "../../src/core/garments";

const SEED = 2026;

function median(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
}

function readAll(garment: string, set: string, bodies: number) {
  return makeCrowd(SEED, bodies).map((measurements) => {
    const read = readOrder({ garment, rules: { set }, client: { card: { measurements } } });
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    return read.value;
  });
}

function timeDraft(garment: string): number {
  const orders = readAll(garment, "close", 1000);
  const times = orders.map((order) => {
    const start = performance.now();
    const draft = draftGarment(order.garment, order.given);
    if (draft.ok) checkDraft(draft.value);
    return performance.now() - start;
  });
  return median(times.slice(500));
}

function timeSheet(garment: string): number {
  const times = makeCrowd(SEED, 300).map((measurements) => {
    const start = performance.now();
    makeSheet({ garment, client: { card: { measurements } } });
    return performance.now() - start;
  });
  return median(times.slice(100));
}

const figures = garments.map(({ id }) => ({
  garment: id,
  draftAndChecksMs: timeDraft(id),
  wholeSheetMs: timeSheet(id),
}));
process.stdout.write(JSON.stringify(figures));

/** Prints, as JSON, what the table costs and how well its check does: run built, by bench.ts. */
import { orderSteps, planFolds, usableWidth } from "../../src/core/cloth";
import { draftOrder, makeSheet, readOrder, tableScreens } from "../../src/core/formats";
import { findGarment, garments } from "../../src/core/garments";
import { workedOrder } from "../../src/core/garments/worked-client.test-data";
import { readOnTape } from "../../src/core/length";
import { layTable } from "../../src/core/table";
import { sweepSlips } from "../../tests/slips/sweep-slips";

function median(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
}

/** The body alone, as the page's table counts it: sleeves and collars have layings of their own. */
function bareOrder(id: string) {
  const choices = findGarment(id)?.choices ?? {};
  const none = ["sleeve", "collar"].filter((part) => choices[part] !== undefined).map((part) => [part, "none"]);
  return workedOrder(id, { choices: Object.fromEntries(none) });
}

const rows = garments.map(({ id }) => {
  const read = readOrder(bareOrder(id));
  const drawn = read.ok ? draftOrder(read.value) : undefined;
  if (!read.ok || drawn?.ok !== true) throw new Error(id);
  const { draft } = drawn.value;
  const groups = planFolds(draft, read.value.fold, read.value.way);
  if (!groups.ok) throw new Error(id);
  const steps = orderSteps(draft, groups.value, usableWidth(read.value.cloths.main));
  const times = Array.from({ length: 360 }, () => {
    const began = performance.now();
    layTable(draft, steps);
    return performance.now() - began;
  });
  const outcome = makeSheet(bareOrder(id));
  if (outcome.kind !== "sheet") throw new Error(id);
  const readings = (outcome.sheet.placements ?? []).flatMap((placement) => placement.readings);
  return {
    garment: id,
    planMs: median(times.slice(300)),
    placements: outcome.sheet.placements?.length ?? 0,
    screens: tableScreens(outcome.sheet, "placements").length,
    single: tableScreens(outcome.sheet, "single").length,
    readings: readings.length,
    onTape: readings.filter(({ at }) => Math.abs(readOnTape(at, "1/8").at - at) < 1e-9).length,
  };
});
process.stdout.write(JSON.stringify({ rows, slips: sweepSlips(1000, 2026) }));

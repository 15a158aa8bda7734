/** Times the core by itself; bundled and run in a process of its own by the bench. Prints JSON. */
import { makeCrowd } from "../../src/core/body";
import { checkDraft } from "../../src/core/checks";
import { makeSheet, readOrder } from "../../src/core/formats";
import { draftGarment, garments } from "../../src/core/garments";

const SEED = 2026;

function median(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
}

/** What is timed: a garment as it is offered, or with what hangs from it. */
interface Timed {
  readonly garment: string;
  readonly choices: Readonly<Record<string, string>>;
}

function readAll({ garment, choices }: Timed, set: string, bodies: number) {
  return makeCrowd(SEED, bodies).map((measurements) => {
    const read = readOrder({ garment, choices, rules: { set }, client: { card: { measurements } } });
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    return read.value;
  });
}

function timeDraft(timed: Timed): number {
  const orders = readAll(timed, "close", 1000);
  const times = orders.map((order) => {
    const start = performance.now();
    const draft = draftGarment(order.garment, order.given);
    if (draft.ok) checkDraft(draft.value);
    return performance.now() - start;
  });
  return median(times.slice(500));
}

function timeSheet({ garment, choices }: Timed): number {
  const times = makeCrowd(SEED, 300).map((measurements) => {
    const start = performance.now();
    makeSheet({ garment, choices, client: { card: { measurements } } });
    return performance.now() - start;
  });
  return median(times.slice(100));
}

/** A sleeve with a cuff, a placket and a pleat; a skirt of its own darts; a collar on a stand: together the largest whole garment there is. */
const SLEEVE = { sleeve: "shirt" };
const COLLAR = { collar: "shirt" };
const SKIRT = { skirt: "a-line", skirtDarts: "figure" };

/** Every garment, and each that takes a skirt, a sleeve, or all with a collar: the largest drafts there are. */
const cases = garments.flatMap(({ id, choices }): readonly (Timed & { readonly name: string })[] => [
  { name: id, garment: id, choices: {} },
  ...(choices.skirt === undefined ? [] : [{ name: `${id} with a skirt`, garment: id, choices: SKIRT }]),
  ...(choices.sleeve === undefined ? [] : [{ name: `${id} with a sleeve`, garment: id, choices: SLEEVE }]),
  ...(choices.skirt === undefined || choices.sleeve === undefined
    ? []
    : [{ name: `${id} with all`, garment: id, choices: { ...SKIRT, ...SLEEVE, ...COLLAR } }]),
]);
const figures = cases.map(({ name, ...timed }) => ({
  garment: name,
  draftAndChecksMs: timeDraft(timed),
  wholeSheetMs: timeSheet(timed),
}));
process.stdout.write(JSON.stringify(figures));

import { makeCrowd } from "../../src/core/body";
import { readOrder } from "../../src/core/formats";
import { draftGarment, garments } from "../../src/core/garments";
import { growOutline, type Point, polygonArea } from "../../src/core/geometry";
import { improvePlan, makeFirstPlan, makePackTable, type PackTask } from "../../src/core/packing";
import { seededNumbers } from "../../src/core/seeded";
import { cutJigsaw, upAndDown } from "./jigsaw";

/** Something to be laid as short as it goes, and the area that its pieces cover. */
interface Instance {
  readonly name: string;
  readonly task: PackTask;
  readonly area: number;
}

const COUNTS = [12, 15, 18, 20, 22, 25, 28, 32, 36, 40] as const;
/** Half of the distance that two cuts keep. */
const AIR = 1 / 16;

function jigsaw(seed: number, count: number): Instance {
  const { width, length, pieces } = cutJigsaw(seed, count);
  const task = { width, pieces: pieces.map((piece, index) => upAndDown(String(index), piece, width)) };
  return { name: `jigsaw of ${count}, seed ${seed}`, task, area: width * length };
}

/** Pieces of a few garments for one crowd, whole, on open cloth 60 in wide: 16 to 20 of them. */
function clothes(seed: number): Instance {
  const random = seededNumbers(seed);
  const crowd = makeCrowd(seed, 30);
  const outlines: (readonly Point[])[] = [];
  for (let tried = 0; outlines.length < 16 && tried < 30; tried++) {
    const garment = garments[Math.floor(random() * garments.length)];
    const read = readOrder({ garment: garment?.id, client: { card: { measurements: crowd[tried] } } });
    const draft = read.ok ? draftGarment(read.value.garment, read.value.given) : null;
    if (draft === null || !draft.ok) continue;
    const next = draft.value.pieces.flatMap((piece) => {
      const cut = piece.outline.cut.map(({ x, y }) => ({ x: x + piece.originInset, y }));
      const mirrored = cut.map(({ x, y }) => ({ x: -x, y })).reverse();
      if (piece.cut.on === "fold") return [[...cut, ...mirrored]];
      return piece.cut.on === "pair" ? [cut, mirrored] : [cut];
    });
    if (outlines.length + next.length <= 20) outlines.push(...next);
  }
  const whole = outlines.map((outline) => growOutline(outline, 0));
  const width = 59 + 2 * AIR;
  const pieces = whole.map((outline, index) => upAndDown(String(index), growOutline(outline, AIR), width));
  const area = whole.reduce((sum, outline) => sum + polygonArea(outline), 0);
  return { name: `garments, ${whole.length} pieces, seed ${seed}`, task: { width, pieces }, area: (area * width) / 59 };
}

interface Run {
  readonly first: number;
  readonly firstMs: number;
  readonly after: readonly number[];
}

const share = ({ area, task }: Instance, length: number): number => (100 * area) / (task.width * length);

/** The share of the cloth used by the first plan, and after so many seconds of looking. */
function run(instance: Instance, seconds: readonly number[]): Run {
  const began = performance.now();
  const table = makePackTable(instance.task);
  const first = makeFirstPlan(table);
  const firstMs = performance.now() - began;
  const search = improvePlan(table, first, 1);
  let best = first;
  const after = seconds.map((limit) => {
    while (performance.now() - began < limit * 1000) best = search.next().value;
    return share(instance, best.length);
  });
  return { first: share(instance, first.length), firstMs, after };
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length / 2;
  return ((sorted[Math.floor(middle)] ?? 0) + (sorted[Math.ceil(middle) - 1] ?? 0)) / 2;
}

/**
 * How dense lays become on one core: ten jigsaws of 12 to 40 pieces, which fit without waste, and ten sets of garment
 * pieces; and how soon there is a first plan for 20 and for 60 pieces.
 */
function benchLays(seconds: readonly number[], say: (line: string) => void): void {
  for (const [count, limit] of [
    [20, 100],
    [60, 1000],
  ] as const) {
    const times = Array.from({ length: 10 }, (_, index) => run(jigsaw(100 + index, count), []).firstMs);
    say(
      `first plan of ${count} pieces: median ${median(times).toFixed(0)} ms, worst ${Math.max(...times).toFixed(0)} ms (promised ${limit})`,
    );
  }
  const sets = [COUNTS.map((count, index) => jigsaw(index + 1, count)), COUNTS.map((_, index) => clothes(index + 1))];
  for (const instances of sets) {
    const runs = instances.map((instance) => {
      const result = run(instance, seconds);
      say(`${instance.name}: ${[result.first, ...result.after].map((value) => value.toFixed(1)).join(" → ")} %`);
      return result;
    });
    const medians = seconds.map(
      (limit, index) => `${median(runs.map(({ after }) => after[index] ?? 0)).toFixed(1)} % after ${limit} s`,
    );
    say(
      `median of ${runs.length}: ${median(runs.map(({ first }) => first)).toFixed(1)} % at once, ${medians.join(", ")}`,
    );
  }
}

benchLays(process.argv.slice(2).map(Number), (line) => process.stdout.write(`        ${line}\n`));

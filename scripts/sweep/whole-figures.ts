/** Whole garments at random, body × skirt × sleeve × collar: how many cells are full, and why the others are empty. */
import type { WholeCell } from "./whole";

/** At least so many of the cells that were drawn at all are full. */
const LEAST_FULL = 0.75;
/** A process draws so many at a time. */
const BATCH = 500;

export interface WholeQuestion {
  readonly count: number;
  readonly seed: number;
  readonly cores: number;
}

const percent = (share: number): string => `${(100 * share).toFixed(1)} %`;

/** Cells by some of their parts, each with how often it was drawn and why it was refused. */
function gather(cells: readonly WholeCell[], keyOf: (cell: WholeCell) => string): ReadonlyMap<string, WholeCell> {
  const gathered = new Map<string, WholeCell>();
  for (const cell of cells) {
    const key = keyOf(cell);
    const known = gathered.get(key);
    const refused = { ...known?.refused };
    for (const [code, often] of Object.entries(cell.refused)) refused[code] = (refused[code] ?? 0) + often;
    gathered.set(key, {
      ...cell,
      drawn: (known?.drawn ?? 0) + cell.drawn,
      refused,
      faults: { ...known?.faults, ...cell.faults },
    });
  }
  return gathered;
}

function sayCells(title: string, cells: ReadonlyMap<string, WholeCell>): number {
  const all = [...cells.values()];
  const full = all.filter(({ drawn }) => drawn > 0).length;
  process.stdout.write(`${title}: ${full} of ${all.length} cells full, ${percent(full / all.length)}\n`);
  return full / all.length;
}

function sayEmpty(cells: ReadonlyMap<string, WholeCell>): void {
  for (const [key, { drawn, refused }] of cells)
    if (drawn === 0) process.stdout.write(`    empty: ${key}: ${Object.keys(refused).join(", ")}\n`);
}

/**
 * Draws whole garments in as many processes as there are cores.
 *
 * @returns whether nothing was drawn with an error or a fault, and three quarters of the cells are full
 */
export async function sweepWhole(
  draw: (words: readonly string[]) => Promise<unknown>,
  { count, seed, cores }: WholeQuestion,
): Promise<boolean> {
  const waiting = Array.from({ length: Math.ceil(count / BATCH) }, (_, index) => seed + index * BATCH);
  const cells: WholeCell[] = [];
  const work = async () => {
    for (let from = waiting.shift(); from !== undefined; from = waiting.shift())
      cells.push(...((await draw([String(from), String(from + BATCH)])) as readonly WholeCell[]));
  };
  await Promise.all(Array.from({ length: cores }, work));
  const whole = gather(cells, ({ garment, skirt, sleeve, collar }) => [garment, skirt, sleeve, collar].join(" · "));
  const collars = gather(cells, ({ garment, collar }) => `${garment} · ${collar}`);
  const drawn = cells.reduce((sum, cell) => sum + cell.drawn, 0);
  process.stdout.write(`${waiting.length === 0 ? count : 0} whole garments, ${percent(drawn / count)} drawn\n`);
  const [full, ofCollars] = [sayCells("body × skirt × sleeve × collar", whole), sayCells("body × collar", collars)];
  sayEmpty(collars);
  const faults = [...whole].flatMap(([key, cell]) => Object.keys(cell.faults).map((fault) => `${key}: ${fault}`));
  for (const fault of faults) process.stdout.write(`    fault: ${fault}\n`);
  process.stdout.write(`${faults.length} faults\n`);
  return faults.length === 0 && Math.min(full, ofCollars) >= LEAST_FULL;
}

/** The random sweep's figures, gathered from its processes and said. */
import type { RandomKind } from "../../tests/sweep/random-order";
import { percent } from "./crowd";
import type { FaultClass, RandomFigures } from "./random";

export interface RandomQuestion {
  readonly count: number;
  readonly seed: number;
  readonly garment: string;
  /** Whether the remedies of what is refused are followed as well. */
  readonly remedies: boolean;
  readonly cores: number;
}

/** Orders of one seed never meet those of another. */
const SEED_APART = 1_000_000;
/** One rule changed on a usual body may be refused this often at most. */
const MOST_REFUSED = 0.02;
/** Of the changes that refusals offer at least so many must draw. */
const LEAST_CURED = 0.95;

function addCounts<Key extends string>(rows: readonly Readonly<Record<Key, number>>[]): Readonly<Record<Key, number>> {
  const sum: Record<string, number> = {};
  for (const row of rows) for (const [key, often] of Object.entries<number>(row)) sum[key] = (sum[key] ?? 0) + often;
  return sum as Record<Key, number>;
}

function shorter(one: FaultClass, other: FaultClass): FaultClass {
  const often = one.often + other.often;
  return { ...(one.smallest.length <= other.smallest.length ? one : other), often };
}

function addClasses(rows: readonly RandomFigures["classes"][]): RandomFigures["classes"] {
  const all: Record<string, FaultClass> = {};
  for (const row of rows)
    for (const [key, found] of Object.entries(row))
      all[key] = all[key] === undefined ? found : shorter(all[key], found);
  return all;
}

function addFigures(parts: readonly RandomFigures[]): RandomFigures {
  return {
    drawn: parts.reduce((sum, { drawn }) => sum + drawn, 0),
    faulty: parts.reduce((sum, { faulty }) => sum + faulty, 0),
    made: addCounts<RandomKind>(parts.map(({ made }) => made)),
    refused: addCounts<RandomKind>(parts.map(({ refused }) => refused)),
    refusals: addCounts(parts.map(({ refusals }) => refusals)),
    followed: addCounts(parts.map(({ followed }) => followed)),
    classes: addClasses(parts.map(({ classes }) => classes)),
  };
}

function sayClasses(classes: RandomFigures["classes"]): readonly string[] {
  return Object.entries(classes)
    .sort((a, b) => b[1].often - a[1].often)
    .map(
      ([kind, { often, smallest, said }]) =>
        `${String(often).padStart(6)}  ${kind}\n        ${said}\n        ${smallest}`,
    );
}

function sayRemedies({ followed }: RandomFigures): readonly string[] {
  const definite = followed.drew + followed["refused-again"] + followed["not-allowed"];
  return [
    `remedies: ${definite} changes were offered and followed: ${followed.drew} drew (${percent(followed.drew / Math.max(1, definite))}), ${followed["refused-again"]} were refused again, ${followed["not-allowed"]} were none that the garment allows; ${followed["measure-again"]} asked to measure again`,
  ];
}

/**
 * Draws random orders in as many processes as there are cores.
 *
 * @returns whether nothing threw, nothing was drawn unsound, and what was offered cured
 */
export async function sweepRandom(
  draw: (words: readonly string[]) => Promise<unknown>,
  { count, seed, garment, remedies, cores }: RandomQuestion,
): Promise<boolean> {
  const start = seed * SEED_APART;
  const parts = Array.from({ length: cores }, (_, core) => {
    const [from, to] = [core, core + 1].map((one) => start + Math.floor((count * one) / cores));
    return draw([String(from), String(to), garment, remedies ? "remedies" : ""]);
  });
  const figures = addFigures((await Promise.all(parts)) as readonly RandomFigures[]);
  const oneRule = figures.refused["one-rule"] / Math.max(1, figures.made["one-rule"]);
  const lines = [
    `seed ${seed}: ${count} random orders, ${figures.drawn} drawn, ${figures.faulty} of all with a fault`,
    `refused: ${figures.refused.few} of ${figures.made.few} with a few rules changed, ${figures.refused.many} of ${figures.made.many} with many, ${figures.refused["one-rule"]} of ${figures.made["one-rule"]} usual bodies with one (${percent(oneRule)})`,
    ...Object.entries(figures.refusals)
      .sort((a, b) => b[1] - a[1])
      .map(([code, often]) => `    ${code.padEnd(48)}${String(often).padStart(6)}`),
    ...(remedies ? sayRemedies(figures) : []),
    ...sayClasses(figures.classes),
  ];
  process.stdout.write(`${lines.join("\n")}\n`);
  const offered = figures.followed.drew + figures.followed["refused-again"] + figures.followed["not-allowed"];
  const cures = offered === 0 || figures.followed.drew / offered >= LEAST_CURED;
  return figures.faulty === 0 && oneRule <= MOST_REFUSED && cures;
}

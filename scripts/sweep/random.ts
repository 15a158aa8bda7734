/** Draws random orders and prints what was wrong as JSON; bundled and run in a process of its own by the sweep. */
import { type Followed, followRemedy } from "../../tests/sweep/follow-remedy";
import { outcomeOf, signatures } from "../../tests/sweep/outcome";
import { type RandomKind, type RandomOrder, randomOrder } from "../../tests/sweep/random-order";
import { reduceOrder, sayOrder } from "../../tests/sweep/reduce";

export interface FaultClass {
  readonly often: number;
  readonly smallest: string;
  readonly said: string;
}

export interface RandomFigures {
  readonly drawn: number;
  readonly refused: Readonly<Record<RandomKind, number>>;
  readonly made: Readonly<Record<RandomKind, number>>;
  readonly refusals: Readonly<Record<string, number>>;
  /** What came of following the remedies, when that was asked for. */
  readonly followed: Readonly<Record<Followed, number>>;
  readonly faulty: number;
  readonly classes: Readonly<Record<string, FaultClass>>;
}

/** Examples of a class that are reduced: of several the smallest is shown. */
const REDUCED = 2;

function tell(order: RandomOrder, signature: string): string {
  const outcome = outcomeOf(order);
  if (outcome.kind === "drawn") return outcome.faults.find(({ kind }) => kind === signature)?.said ?? "";
  return outcome.kind === "refused" ? "" : outcome.said;
}

const [from = "0", to = "1000", only = "", remedies = ""] = process.argv.slice(2);
const followed = { drew: 0, "refused-again": 0, "not-allowed": 0, "measure-again": 0 };
const counts = { few: 0, many: 0, "one-rule": 0 };
const refused = { few: 0, many: 0, "one-rule": 0 };
const refusals: Record<string, number> = {};
const found = new Map<string, { often: number; smallest: string; said: string; reduced: number }>();
let [drawn, faulty] = [0, 0];
for (let seed = Number(from); seed < Number(to); seed++) {
  const { kind, ...order } = randomOrder(seed, only === "" ? undefined : only);
  const outcome = outcomeOf(order);
  counts[kind]++;
  if (outcome.kind === "drawn") drawn++;
  if (outcome.kind === "refused") {
    refused[kind]++;
    const code = `${kind === "one-rule" ? "one-rule " : ""}${outcome.refusals[0]?.code ?? ""}`;
    refusals[code] = (refusals[code] ?? 0) + 1;
    if (remedies === "remedies") {
      const came = followRemedy(order);
      followed[came]++;
      if (came !== "drew") refusals[`${came}: ${code}`] = (refusals[`${came}: ${code}`] ?? 0) + 1;
    }
  }
  const faults = signatures(outcome);
  if (faults.length > 0) faulty++;
  for (const signature of faults) {
    const known = found.get(signature) ?? { often: 0, smallest: "", said: "", reduced: 0 };
    known.often++;
    if (known.reduced < REDUCED) {
      const small = reduceOrder(order, signature);
      const said = sayOrder(small);
      if (known.smallest === "" || said.length < known.smallest.length)
        Object.assign(known, { smallest: said, said: tell(small, signature) });
      known.reduced++;
    }
    found.set(signature, known);
  }
}
const classes = Object.fromEntries(
  [...found].map(([key, { often, smallest, said }]) => [key, { often, smallest, said }]),
);
const figures: RandomFigures = { drawn, refused, made: counts, refusals, followed, faulty, classes };
process.stdout.write(JSON.stringify(figures));

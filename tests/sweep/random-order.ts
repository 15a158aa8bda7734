import { makeBody, type Readings } from "../../src/core/body";
import type { ChoiceDefinition } from "../../src/core/chalk";
import { type Garment, garments } from "../../src/core/garments";
import { CENTIMETRES_PER_INCH, roundToStep } from "../../src/core/length";
import { type RuleId, ruleDefinition, ruleIds } from "../../src/core/rules";
import { seededNumbers } from "../../src/core/seeded";

/** An order as it is written, its lengths as text with their unit, so that each can be dropped by itself. */
export interface RandomOrder {
  readonly garment: string;
  readonly unit: "in" | "cm";
  readonly client: { readonly card: { readonly measurements: Readonly<Record<string, number | string>> } };
  readonly choices: Readonly<Record<string, string | number | boolean>>;
  readonly rules: Readonly<Record<string, string | boolean>>;
  readonly figureNotes: readonly {
    readonly piece: string;
    readonly line: string;
    readonly amount: string;
    readonly why: string;
  }[];
}

/** How an order was made: a few or many rules turned at once, or one rule alone on a usual body. */
export const kinds = ["few", "many", "one-rule"] as const;
export type RandomKind = (typeof kinds)[number];

interface Dice {
  readonly next: () => number;
  readonly chance: (share: number) => boolean;
  readonly pick: <Value>(values: readonly Value[]) => Value;
}

function diceOf(seed: number): Dice {
  const next = seededNumbers(seed);
  return {
    next,
    chance: (share) => next() < share,
    pick: (values) => values[Math.floor(next() * values.length)] as (typeof values)[number],
  };
}

/** A length inside its range: an end, a reading on an inch or a metric tape, or any number. */
function randomLength(dice: Dice, [least, most]: readonly [number, number]): string {
  const anywhere = least + dice.next() * (most - least);
  const within = (value: number) => Math.min(most, Math.max(least, value));
  const how = dice.next();
  if (how < 0.15) return `${dice.pick([least, most])} in`;
  if (how < 0.6) return `${within(roundToStep(anywhere, 1 / 8))} in`;
  if (how < 0.85) {
    const centimetres = roundToStep(anywhere * CENTIMETRES_PER_INCH, 0.5);
    const inside = centimetres / CENTIMETRES_PER_INCH >= least && centimetres / CENTIMETRES_PER_INCH <= most;
    return inside ? `${centimetres} cm` : `${least} in`;
  }
  return `${within(Number(anywhere.toFixed(3)))} in`;
}

function randomRule(dice: Dice, id: RuleId): string | boolean {
  const { options, range, flag } = ruleDefinition(id);
  if (flag) return dice.chance(0.5);
  const named = Object.keys(options ?? {});
  return named.length > 0 && (range === undefined || dice.chance(0.5))
    ? dice.pick(named)
    : randomLength(dice, range ?? [0, 1]);
}

/** A ratio inside its range: an end, or in tenths or hundredths. */
function randomRatio(dice: Dice, [least, most]: readonly [number, number]): number {
  if (dice.chance(0.2)) return dice.pick([least, most]);
  return Number((least + dice.next() * (most - least)).toFixed(dice.pick([1, 2])));
}

function randomChoice(dice: Dice, choice: ChoiceDefinition): string | number | boolean {
  if (choice.kind === "flag") return dice.chance(0.5);
  if (choice.kind === "list") {
    const [least, most] = choice.count;
    const many = least + Math.floor(dice.next() * (most - least + 1));
    return Array.from({ length: many }, () => randomLength(dice, choice.range)).join("; ");
  }
  const ways = Object.keys(choice.options ?? {});
  if (choice.kind === "option" || (ways.length > 0 && dice.chance(0.5))) return dice.pick(ways);
  if (choice.kind === "ratio") return randomRatio(dice, choice.range);
  return randomLength(dice, choice.range);
}

const NOTED = ["bodice-front", "bodice-back", "centre-front", "side-front", "centre-back", "side-back"];
const NOTE_LINES = ["chest", "bust", "underbust", "waist", "hip"];

function randomNotes(dice: Dice): RandomOrder["figureNotes"] {
  if (!dice.chance(0.15)) return [];
  const amount = `${dice.pick([-0.5, -0.25, 0.25, 0.375, 0.5])} in`;
  return [{ piece: dice.pick(NOTED), line: dice.pick(NOTE_LINES), amount, why: "from the last fitting" }];
}

function bell(dice: Dice): number {
  return Math.sqrt(-2 * Math.log(1 - dice.next())) * Math.cos(2 * Math.PI * dice.next());
}

function randomBody(dice: Dice, usual: boolean): Readings {
  const far = () => (dice.chance(0.5) ? 1 : -1) * (2.5 + 0.5 * dice.next());
  const extreme = !usual && dice.chance(0.1);
  const clamp = (value: number) => (usual ? Math.max(-2, Math.min(2, value)) : value);
  return makeBody(extreme ? far() : clamp(bell(dice)), extreme ? far() : clamp(bell(dice)), () => clamp(bell(dice)));
}

function randomRules(dice: Dice, garment: Garment, kind: RandomKind): RandomOrder["rules"] {
  const set = dice.pick(["close", "easy", "metric"]);
  if (kind === "one-rule") {
    const id = dice.pick(garment.uses);
    return { set, [id]: randomRule(dice, id) };
  }
  const share = kind === "few" ? 0.1 : 0.35;
  const changed = ruleIds.filter(() => dice.chance(share));
  return { set, ...Object.fromEntries(changed.map((id) => [id, randomRule(dice, id)])) };
}

function randomChoices(dice: Dice, garment: Garment): RandomOrder["choices"] {
  const changed = Object.entries(garment.choices).filter(([id]) => dice.chance(id === "scale" ? 0.03 : 0.4));
  return Object.fromEntries(changed.map(([id, choice]) => [id, randomChoice(dice, choice)]));
}

/** One made-up order; the same seed makes the same one everywhere. */
export function randomOrder(seed: number, only?: string): RandomOrder & { readonly kind: RandomKind } {
  const dice = diceOf(seed * 7919 + 17);
  for (let skip = 0; skip < 3; skip++) dice.next();
  const kind = dice.pick(kinds);
  const garment = dice.pick(garments.filter(({ id }) => only === undefined || id === only));
  const unit = dice.chance(0.7) ? "in" : "cm";
  const body = randomBody(dice, kind === "one-rule");
  const typed = Object.entries(body).map(([id, value]) => [
    id,
    unit === "in" ? value : `${roundToStep(value * CENTIMETRES_PER_INCH, 0.5)} cm`,
  ]);
  return {
    kind,
    garment: garment.id,
    unit,
    client: { card: { measurements: Object.fromEntries(typed) } },
    choices: kind === "one-rule" ? {} : randomChoices(dice, garment),
    rules: randomRules(dice, garment, kind),
    figureNotes: kind === "one-rule" ? [] : randomNotes(dice),
  };
}

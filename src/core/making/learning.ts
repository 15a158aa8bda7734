import type { Inches } from "../length";
import type { SeenId } from "./fitting";

/** A fitting's entry as the book keeps it, with whose it was and by which rules the garment was cut. */
export interface LearntEntry {
  readonly client: string;
  readonly order: string;
  readonly seen: SeenId;
  readonly amount: Inches;
  /** House rules of the sheet that was cut from, as they were. */
  readonly rules: Readonly<Record<string, string | number | boolean>>;
}

/** What keeps being altered: how often, on how many garments, and how much as a rule. */
export interface Learnt {
  readonly seen: SeenId;
  readonly times: number;
  readonly orders: number;
  /** The middle amount: one that was far off moves it little. */
  readonly usual: Inches;
}

/** What is altered this often keeps being altered; less may be chance. */
export const KEEPS: number = 3;

function middleOf(amounts: readonly Inches[]): Inches {
  const sorted = [...amounts].sort((one, other) => one - other);
  const half = sorted.length / 2;
  const [lower = 0, upper = 0] = [sorted[Math.ceil(half) - 1], sorted[Math.floor(half)]];
  return (lower + upper) / 2;
}

/** What was seen in these entries, the commonest first. */
export function learn(entries: readonly LearntEntry[]): readonly Learnt[] {
  const bySeen = new Map<SeenId, LearntEntry[]>();
  for (const entry of entries) {
    const own = bySeen.get(entry.seen);
    if (own === undefined) bySeen.set(entry.seen, [entry]);
    else own.push(entry);
  }
  return [...bySeen]
    .map(([seen, own]) => ({
      seen,
      times: own.length,
      orders: new Set(own.map(({ order }) => order)).size,
      usual: middleOf(own.map(({ amount }) => amount)),
    }))
    .sort((one, other) => other.times - one.times || one.seen.localeCompare(other.seen));
}

/** The house rule that a thing seen points to; none where a reading or a note says it. */
export const ruleOfSeen: Readonly<Partial<Record<SeenId, string>>> = {
  "tight-bust": "ease.bust",
  "loose-bust": "ease.bust",
  "tight-waist": "ease.waist",
  "loose-waist": "ease.waist",
  "tight-hip": "ease.hip",
  "loose-hip": "ease.hip",
  "back-stands-off": "zipHollow",
  "slope-folds": "shoulderSlope",
  "armhole-gapes": "armholeTakeOut",
  "armhole-cuts": "armholeRoom",
  "sleeve-strains": "sleeveRoom",
  "sleeve-folds": "capHeight",
};

/** A house rule under which one thing keeps being altered, on garments of how many clients. */
export interface LearntRule extends Learnt {
  readonly rule: string;
  readonly value: string | number | boolean;
  readonly clients: number;
}

/** What keeps being altered under one value of a house rule: three times and more, for more than one client. */
export function learnRules(entries: readonly LearntEntry[]): readonly LearntRule[] {
  const groups = new Map<string, { rule: string; value: string | number | boolean; entries: LearntEntry[] }>();
  for (const entry of entries) {
    const rule = ruleOfSeen[entry.seen];
    const value = rule === undefined ? undefined : entry.rules[rule];
    if (rule === undefined || value === undefined) continue;
    const key = `${rule} ${String(value)} ${entry.seen}`;
    const group = groups.get(key) ?? { rule, value, entries: [] };
    group.entries.push(entry);
    groups.set(key, group);
  }
  return [...groups.values()]
    .flatMap(({ rule, value, entries: own }): readonly LearntRule[] => {
      const clients = new Set(own.map(({ client }) => client)).size;
      const [all] = learn(own);
      return all === undefined || all.times < KEEPS || clients < 2 ? [] : [{ ...all, rule, value, clients }];
    })
    .sort((one, other) => other.times - one.times);
}

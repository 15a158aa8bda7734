import type { SlipId } from "./slip";

/** Why a real garment counts against somebody: a length of the tape check missed, or was waived. */
export const tableSlips = ["check-missed", "check-waived"] as const;
export type TableSlip = (typeof tableSlips)[number];

/** One answer of one person; only counts and causes, never whose garment it was. */
export interface PracticeTry {
  readonly mark: string;
  readonly rules: readonly string[];
  readonly right: boolean;
  readonly slip: SlipId | TableSlip | null;
}

/** How often a mark, or a rule, went right: ever, and the last ten times. */
export interface TallyRow {
  readonly id: string;
  readonly tries: number;
  readonly rights: number;
  readonly lastTries: number;
  readonly lastRights: number;
  /** What went wrong most often; null where nothing ever did. */
  readonly commonest: SlipId | TableSlip | null;
}

const LAST = 10;

function commonestOf(tries: readonly PracticeTry[]): TallyRow["commonest"] {
  const counts = new Map<NonNullable<PracticeTry["slip"]>, number>();
  for (const { slip } of tries) if (slip !== null) counts.set(slip, (counts.get(slip) ?? 0) + 1);
  const most = [...counts].reduce<readonly [NonNullable<PracticeTry["slip"]>, number] | null>(
    (before, one) => (before === null || one[1] > before[1] ? one : before),
    null,
  );
  return most?.[0] ?? null;
}

function rowOf(id: string, tries: readonly PracticeTry[]): TallyRow {
  const last = tries.slice(-LAST);
  return {
    id,
    tries: tries.length,
    rights: tries.filter(({ right }) => right).length,
    lastTries: last.length,
    lastRights: last.filter(({ right }) => right).length,
    commonest: commonestOf(tries),
  };
}

/** Those that go wrong most lately come first, then those that went wrong most ever. */
function byTrouble(one: TallyRow, other: TallyRow): number {
  const missed = (row: TallyRow) => 1 - row.lastRights / row.lastTries;
  return missed(other) - missed(one) || other.tries - other.rights - (one.tries - one.rights);
}

function group(tries: readonly PracticeTry[], keys: (one: PracticeTry) => readonly string[]): readonly TallyRow[] {
  const own = new Map<string, PracticeTry[]>();
  for (const one of tries) for (const key of keys(one)) own.set(key, [...(own.get(key) ?? []), one]);
  return [...own].map(([id, all]) => rowOf(id, all)).sort(byTrouble);
}

/** A person's tries, the oldest first, by mark and by house rule. */
export function tallyTries(tries: readonly PracticeTry[]): {
  readonly marks: readonly TallyRow[];
  readonly rules: readonly TallyRow[];
} {
  return { marks: group(tries, ({ mark }) => [mark]), rules: group(tries, ({ rules }) => rules) };
}

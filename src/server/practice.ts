import { notFound } from "next/navigation";
import { type CutSheet, makeSheet, type SheetLength } from "@/core/formats";
import { garments, nameGarment } from "@/core/garments";
import {
  hideNumbers,
  type PracticeQuestion,
  practiceQuestions,
  rulesOf,
  saySlip,
  type TallyRow,
  tallyTries,
} from "@/core/practice";
import { isRuleId, ruleDefinition } from "@/core/rules";
import { nameLength, nameMark } from "@/core/wording";
import {
  database,
  findRehearsal,
  listOrdersInState,
  listRehearsals,
  listTries,
  type Rehearsal,
  type StoredTry,
} from "@/db";
import { readId } from "./ids";
import { CHECKED } from "./practice-of-waivers";

/** A number as a learner is asked for it: the names of what it adds up from, and why, for when it is opened. */
export interface AskedQuestion extends PracticeQuestion {
  readonly names: readonly string[];
  readonly reasons: readonly string[];
}

/** A rehearsal with the sheet that it practises, every number that it asks for, and the lengths that are measured at its end. */
export interface LoadedRehearsal {
  readonly rehearsal: Rehearsal;
  readonly sheet: CutSheet;
  readonly questions: readonly AskedQuestion[];
  readonly lengths: readonly SheetLength[];
}

/** The sheet of a rehearsal; undefined where a newer Inner Fold draws it no more. */
export function rehearsedSheet({ document }: Pick<Rehearsal, "document">): CutSheet | undefined {
  const outcome = makeSheet(document);
  return outcome.kind === "sheet" ? outcome.sheet : undefined;
}

export function rehearsedLengths(sheet: CutSheet): readonly SheetLength[] {
  return sheet.steps.flatMap(({ lengths = [] }) => lengths);
}

function askQuestions(sheet: CutSheet): readonly AskedQuestion[] {
  const whys = new Map(sheet.steps.map(({ id, why }) => [id, why]));
  return practiceQuestions(sheet).map((question) => {
    const own = whys.get(question.step);
    const rules = rulesOf(question).flatMap((id) => (isRuleId(id) ? [ruleDefinition(id).why] : []));
    return {
      ...question,
      names: [...new Set(question.terms.map(({ label }) => hideNumbers(label)))],
      reasons: [...new Set([...(own == null ? [] : [own]), ...rules])],
    };
  });
}

export async function loadRehearsal(id: string): Promise<LoadedRehearsal> {
  const known = readId(id);
  const rehearsal = known === undefined ? undefined : await findRehearsal(await database(), known);
  const sheet = rehearsal === undefined ? undefined : rehearsedSheet(rehearsal);
  if (rehearsal === undefined || sheet === undefined) notFound();
  return { rehearsal, sheet, questions: askQuestions(sheet), lengths: rehearsedLengths(sheet) };
}

/** One line of a person's table, in words. */
export interface SaidTally extends Omit<TallyRow, "commonest"> {
  readonly label: string;
  /** What goes wrong most often; null where nothing does. */
  readonly said: string | null;
}

/** What a person got right and wrong, by mark and by house rule. */
export interface PersonTally {
  readonly person: string;
  readonly tries: number;
  readonly marks: readonly SaidTally[];
  readonly rules: readonly SaidTally[];
}

function nameTallied(id: string): string {
  if (isRuleId(id)) return ruleDefinition(id).label;
  const name = id.slice(CHECKED.length);
  return id.startsWith(CHECKED) ? `${nameLength(name as Parameters<typeof nameLength>[0])}, measured` : nameMark(id);
}

const sayTally = ({ commonest, ...row }: TallyRow): SaidTally => ({
  ...row,
  label: nameTallied(row.id),
  said: commonest === null ? null : saySlip(commonest),
});

export function tallyPersons(tries: readonly StoredTry[]): readonly PersonTally[] {
  const persons = [...new Set(tries.map(({ person }) => person))].sort((one, other) => one.localeCompare(other, "en"));
  return persons.map((person) => {
    const own = tries.filter((one) => one.person === person);
    const { marks, rules } = tallyTries(own);
    return { person, tries: own.length, marks: marks.map(sayTally), rules: rules.map(sayTally) };
  });
}

const SHOWN = 12;

/** Everything the practice page shows: who practised what, and what may be rehearsed. */
export async function loadPractice() {
  const db = await database();
  const [tries, rehearsals, drafted] = [
    await listTries(db),
    await listRehearsals(db, SHOWN),
    await listOrdersInState(db, "drafted", SHOWN),
  ];
  return {
    persons: tallyPersons(tries),
    rehearsals: rehearsals.map(({ id, person, title, answers, closedAt, startedAt }) => ({
      id,
      person,
      title,
      closedAt,
      startedAt,
      answered: Object.values(answers).filter(({ state }) => state !== "open").length,
    })),
    orders: drafted.map((order) => ({
      id: order.id,
      label: `No. ${order.number}, ${nameGarment(order).toLowerCase()} for ${order.clientName}`,
    })),
    garments: garments.map(({ id, label }) => ({ id, label })),
  };
}

export type LoadedPractice = Awaited<ReturnType<typeof loadPractice>>;

import { differenceInCalendarDays, parseISO } from "date-fns";
import type { FigureKind } from "../src/core/body";
import type { Unit } from "../src/core/length";
import type {
  OrderState,
  OwnRuleSet,
  StoredAlterLine,
  StoredCloth,
  StoredDecisions,
  StoredFigureNote,
  StoredFitted,
  StoredMoney,
  StoredSpoilt,
} from "../src/db";
import { addDays, startOfWeek } from "../src/server/week";
import week from "./demo-week.json" with { type: "json" };

interface DemoCard {
  readonly takenOn: string;
  /** A woman's where it is left out. */
  readonly figure?: FigureKind;
  readonly age?: number;
  readonly unit: Unit;
  readonly readings: Readonly<Record<string, string>>;
}

export interface DemoOrder {
  readonly garment: string;
  readonly choices: StoredDecisions;
  readonly rules: StoredDecisions;
  readonly cloth: StoredCloth;
  readonly state: OrderState;
  readonly promisedOn: string;
  readonly fittings?: readonly string[];
  /** What is written after the cut; ids are given when they are kept. */
  readonly spoilt?: readonly Omit<StoredSpoilt, "id">[];
  readonly fitted?: readonly Omit<StoredFitted, "id">[];
  readonly money?: StoredMoney;
  readonly alteration?: { readonly what: string; readonly lines: readonly Omit<StoredAlterLine, "id">[] };
}

export interface DemoClient {
  readonly name: string;
  /** The oldest first. */
  readonly cards: readonly DemoCard[];
  readonly notes?: readonly Omit<StoredFigureNote, "id" | "clientId">[];
  readonly orders: readonly DemoOrder[];
}

/** The Monday that the demo week was written for. */
const WRITTEN_FOR = "2026-11-23";

/** The week before the lantern festival, in a small workroom by a canal: ten clients of very different figures, a man and a child among them. */
const written = week as unknown as readonly DemoClient[];

/** The demo week as if it were the week of a day: every card, promise and fitting moves along. */
export function demoClientsFor(day: string): readonly DemoClient[] {
  const weeks = differenceInCalendarDays(parseISO(startOfWeek(day)), parseISO(WRITTEN_FOR));
  const move = (date: string) => addDays(date, weeks);
  return written.map((client) => ({
    ...client,
    cards: client.cards.map((card) => ({ ...card, takenOn: move(card.takenOn) })),
    orders: client.orders.map((order) => ({
      ...order,
      promisedOn: move(order.promisedOn),
      fittings: (order.fittings ?? []).map(move),
      spoilt: (order.spoilt ?? []).map((one) => ({
        ...one,
        on: move(one.on),
        again: one.again === null ? null : move(one.again),
      })),
      fitted: (order.fitted ?? []).map((one) => ({ ...one, on: move(one.on) })),
      ...(order.money === undefined
        ? {}
        : { money: { ...order.money, paid: order.money.paid.map((one) => ({ ...one, on: move(one.on) })) } }),
    })),
  }));
}

/** The workroom's own rules for the festival: wider side seams to let out after the feast, a deeper hem. */
export const demoRuleSets: readonly OwnRuleSet[] = [
  {
    id: "6f0a3c52-9d1e-4b7a-8c35-1e2f7a9b4d60",
    name: "Canal room",
    base: "close",
    overrides: { "allowance.side": "2 in", "allowance.hem": "1 1/2 in", "ease.hip": "1 in" },
  },
];

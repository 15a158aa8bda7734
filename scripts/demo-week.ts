import type { Unit } from "../src/core/length";
import type { OrderState, StoredCloth, StoredDecisions } from "../src/db";
import week from "./demo-week.json" with { type: "json" };

interface DemoCard {
  readonly takenOn: string;
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
}

export interface DemoClient {
  readonly name: string;
  /** The oldest first. */
  readonly cards: readonly DemoCard[];
  readonly orders: readonly DemoOrder[];
}

/** The week before the lantern festival, in a small workroom by a canal: eight clients of very different figures. */
export const demoClients = week as unknown as readonly DemoClient[];

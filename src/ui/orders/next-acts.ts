import type { OrderState, StoredOrder } from "@/db";

interface NextAct {
  readonly act: string;
  readonly place: "" | "/sheet" | "/making" | "/fitting" | "/counter" | "/alteration";
  /** What the work was when this state was reached. */
  readonly heading: string;
  /** The state that comes after it on the cutting table's far side; null where drafting and cutting move it on. */
  readonly after: { readonly state: OrderState; readonly said: string } | null;
}

/** What comes next for an order in each state, where to do it, and how to say that it is done. */
export const nextActs: Readonly<Record<OrderState, NextAct>> = {
  measured: { heading: "Measured", act: "Choose how it is made", place: "", after: null },
  drafted: { heading: "Drafted", act: "Chalk and cut it", place: "/sheet", after: null },
  cutting: { heading: "Being cut", act: "Cut the rest", place: "/sheet", after: null },
  cut: { heading: "Cut", act: "Sew it", place: "/making", after: { state: "sewn", said: "It is sewn" } },
  sewn: { heading: "Sewn", act: "Fit it", place: "/fitting", after: { state: "fitted", said: "It is fitted" } },
  fitted: {
    heading: "Fitted",
    act: "Finish it",
    place: "/making",
    after: { state: "finished", said: "It is finished" },
  },
  finished: {
    heading: "Finished",
    act: "Hand it over",
    place: "/counter",
    after: { state: "collected", said: "It is collected" },
  },
  collected: { heading: "Collected", act: "Look back", place: "/sheet", after: null },
};

/** What comes next for a finished garment that is altered: it is measured, agreed and sewn, and nothing of it is cut. */
const alterActs: Readonly<Partial<Record<OrderState, Pick<NextAct, "act" | "after">>>> = {
  measured: { act: "Measure, agree and sew it", after: { state: "sewn", said: "It is sewn" } },
  sewn: { act: "Try it on", after: { state: "fitted", said: "It is fitted" } },
};

/** What comes next for one order, whatever it is an order for. */
export function nextActOf({ state, alteration }: Pick<StoredOrder, "state" | "alteration">): NextAct {
  const next = nextActs[state];
  return alteration === null ? next : { ...next, ...alterActs[state], place: "/alteration" };
}

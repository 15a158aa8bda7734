import type { OrderState } from "@/db";

interface NextAct {
  readonly act: string;
  readonly place: "" | "/sheet" | "/making" | "/fitting" | "/counter";
  /** What the work was when this state was reached. */
  readonly heading: string;
  /** The state that comes after it on the cutting table's far side; null where drafting and cutting move it on. */
  readonly after: { readonly state: OrderState; readonly said: string } | null;
}

/** What comes next for an order in each state, where to do it, and how to say that it is done. */
export const nextActs: Readonly<Record<OrderState, NextAct>> = {
  measured: { heading: "Measured", act: "Choose how it is made", place: "", after: null },
  drafted: { heading: "Drafted", act: "Chalk and cut it", place: "/sheet", after: null },
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

import type { Unit } from "../src/core/length";
import type { OrderState, StoredCloth, StoredDecisions } from "../src/db";

interface DemoCard {
  readonly takenOn: string;
  readonly unit: Unit;
  readonly readings: Readonly<Record<string, string>>;
}

export interface DemoOrder {
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

const close = { set: "close" };

/** The week before the lantern festival: eight clients of very different figures. */
export const demoClients: readonly DemoClient[] = [
  {
    name: "Brisa Holloway",
    cards: [
      {
        takenOn: "2025-10-14",
        unit: "in",
        readings: {
          bust: "40",
          waist: "33",
          hip: "42 1/2",
          shoulder: "15 1/2",
          armhole: "17 1/2",
          frontWaist: "17",
          backWaist: "15 1/2",
          waistToHip: "9",
          fullLength: "42",
          shoulderToBust: "10 3/4",
        },
      },
      {
        takenOn: "2026-05-02",
        unit: "in",
        readings: {
          bust: "41",
          waist: "34",
          hip: "43",
          shoulder: "15 1/2",
          armhole: "18",
          frontWaist: "17",
          backWaist: "15 1/2",
          waistToHip: "9",
          fullLength: "42",
          shoulderToBust: "10 3/4",
        },
      },
      {
        takenOn: "2026-11-16",
        unit: "in",
        readings: {
          head: "22",
          bust: "41 1/2",
          underbust: "35 1/2",
          waist: "34 1/4",
          hip: "43",
          shoulder: "15 1/2",
          armhole: "18",
          frontWaist: "17",
          backWaist: "15 1/2",
          waistToHip: "9",
          waistToKnee: "23 1/2",
          knee: "15",
          fullLength: "42",
          shoulderToBust: "10 3/4",
        },
      },
    ],
    orders: [
      {
        choices: { frontNeck: "v", frontNeckDepth: 7.5 },
        rules: close,
        cloth: { width: "45", length: "108" },
        state: "drafted",
        promisedOn: "2026-11-26",
      },
    ],
  },
  {
    name: "Tamsin Oyelaran",
    cards: [
      {
        takenOn: "2026-11-18",
        unit: "in",
        readings: {
          bust: "33",
          underbust: "29",
          waist: "26",
          hip: "36",
          shoulder: "14 1/4",
          armhole: "15",
          frontWaist: "15 1/4",
          waistToHip: "8",
          fullLength: "38",
          shoulderToBust: "9 1/2",
        },
      },
    ],
    orders: [
      {
        choices: { frontNeck: "round", fold: "back-from-front" },
        rules: close,
        cloth: {},
        state: "drafted",
        promisedOn: "2026-11-27",
      },
    ],
  },
  {
    name: "Marguerite Sallow",
    cards: [
      {
        takenOn: "2026-11-12",
        unit: "in",
        readings: {
          head: "22 1/2",
          bust: "52",
          underbust: "44",
          waist: "47 1/2",
          hip: "54",
          shoulder: "16 3/4",
          armhole: "21 1/2",
          frontWaist: "18",
          backWaist: "16",
          waistToHip: "9 1/2",
          fullLength: "44",
          shoulderToBust: "12 1/2",
        },
      },
    ],
    orders: [
      {
        choices: { frontNeck: "square", frontNeckDepth: 6 },
        rules: close,
        cloth: { width: "60" },
        state: "cut",
        promisedOn: "2026-11-25",
      },
    ],
  },
  {
    name: "Ludo Farthing",
    cards: [
      {
        takenOn: "2026-11-19",
        unit: "in",
        readings: {
          head: "23",
          bust: "39",
          waist: "35",
          hip: "39 1/2",
          shoulder: "17 1/2",
          armhole: "18 1/2",
          frontWaist: "17 3/4",
          backWaist: "17 1/2",
          waistToHip: "9",
          fullLength: "46",
        },
      },
    ],
    orders: [
      {
        choices: { opening: "none", fold: "four-layers", neckWidth: 5, frontNeckDepth: 6, backNeckDepth: 3 },
        rules: { set: "easy", "ease.waist": 6 },
        cloth: { width: "60" },
        state: "drafted",
        promisedOn: "2026-11-28",
      },
    ],
  },
  {
    name: "Annika Verhoest",
    cards: [
      {
        takenOn: "2026-11-20",
        unit: "cm",
        readings: {
          bust: "92",
          waist: "74,5",
          hip: "99",
          shoulder: "38,5",
          armhole: "41",
          frontWaist: "43",
          backWaist: "40",
          waistToHip: "21",
          fullLength: "104",
        },
      },
    ],
    orders: [
      {
        choices: { frontNeck: "round" },
        rules: { set: "metric" },
        cloth: { width: "140 cm" },
        state: "drafted",
        promisedOn: "2026-11-30",
      },
    ],
  },
  {
    name: "Odile Quarry",
    cards: [
      {
        takenOn: "2026-10-30",
        unit: "in",
        readings: {
          bust: "36 1/2",
          waist: "29",
          hip: "40 1/2",
          shoulder: "15",
          armhole: "16",
          frontWaist: "16 1/4",
          fullLength: "41",
        },
      },
    ],
    orders: [{ choices: {}, rules: close, cloth: {}, state: "sewn", promisedOn: "2026-11-24" }],
  },
  {
    name: "Perpetua Lindqvist",
    cards: [
      {
        takenOn: "2026-11-21",
        unit: "in",
        readings: {
          bust: "44 1/2",
          underbust: "37",
          waist: "38",
          hip: "45",
          shoulder: "15 3/4",
          armhole: "19",
          frontWaist: "18 1/4",
          backWaist: "16 1/4",
          waistToHip: "10",
          fullLength: "45",
          shoulderToBust: "11 1/2",
        },
      },
    ],
    orders: [
      {
        choices: { backNeck: "v", backNeckDepth: 4 },
        rules: close,
        cloth: { width: "45", length: "80" },
        state: "measured",
        promisedOn: "2026-12-01",
      },
    ],
  },
  {
    name: "Wren Castellane",
    cards: [
      {
        takenOn: "2026-11-22",
        unit: "in",
        readings: {
          bust: "31",
          waist: "25 1/2",
          hip: "33 1/2",
          shoulder: "13 1/2",
          armhole: "14 1/4",
          frontWaist: "14 3/4",
          waistToHip: "7 3/4",
          fullLength: "36",
        },
      },
    ],
    orders: [
      {
        choices: { frontNeck: "square", frontNeckDepth: 4, neckWidth: 3 },
        rules: close,
        cloth: {},
        state: "fitted",
        promisedOn: "2026-11-26",
      },
    ],
  },
];

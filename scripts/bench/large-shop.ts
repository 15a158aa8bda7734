/** Fills an empty shop with so many clients of 5 cards and 3 orders each, all made up: what a shop has after some years. */
import { makeCrowd, measurementIds } from "../../src/core/body";
import { seenIds } from "../../src/core/making";
import { bringBackShop, closeDatabase, database, orderStates, readShopRows, type StoredFitted } from "../../src/db";

const CLIENTS = Number(process.env.BENCH_CLIENTS ?? 200);
const CARDS = 5;
const GARMENTS = ["straight-dress", "sheath-dress", "shirt"] as const;
const NOW = "2026-11-23T09:00:00.000Z";

const db = await database();
const crowd = makeCrowd(4, CLIENTS * CARDS);
const range = (length: number) => Array.from({ length }, (_, index) => index);

/** Something seen at a fitting, another thing each time. */
function seenAt(index: number): StoredFitted {
  const seen = seenIds[index % seenIds.length] ?? "loose-waist";
  const rule = { id: "ease.waist", value: index % 3 };
  const told = { side: "both", pinned: true, by: "", done: true, rule } as const;
  return { ...told, id: crypto.randomUUID(), on: "2026-10-02", seen, typed: "1 in", inches: 1 };
}

const clients = range(CLIENTS).map((index) => ({
  id: crypto.randomUUID(),
  name: `Client ${String(index + 1).padStart(3, "0")}`,
  createdAt: NOW,
}));
const cards = clients.flatMap(({ id: clientId }, index) =>
  range(CARDS).map((number) => ({
    id: crypto.randomUUID(),
    clientId,
    takenOn: `202${number + 2}-05-02`,
    readings: Object.fromEntries(
      measurementIds.flatMap((id) => {
        const value = crowd[index * CARDS + number]?.[id];
        return value === undefined ? [] : [[id, { typed: String(value), unit: "in" as const }]];
      }),
    ),
    figure: "woman" as const,
    age: null,
    revision: 1,
    createdAt: NOW,
  })),
);
const orders = clients.flatMap(({ id: clientId }, index) =>
  GARMENTS.map((garment, number) => ({
    id: crypto.randomUUID(),
    number: index * GARMENTS.length + number + 1,
    clientId,
    cardId: cards[index * CARDS + CARDS - 1]?.id ?? "",
    garment,
    unit: "in" as const,
    choices: {},
    rules: { set: "close" },
    cloth: {},
    // Half of them are in work, the rest was collected long ago.
    state: index % 2 === 0 ? ("drafted" as const) : (orderStates.at(-1) ?? "collected"),
    promisedOn: `2026-12-${String(1 + (index % 28)).padStart(2, "0")}`,
    fittings: [],
    spoilt: [],
    // Every second order was fitted twice.
    fitted: index % 2 === 0 ? [] : range(2).map((fitting) => seenAt(index + number + fitting)),
    money: null,
    alteration: null,
    updatedAt: NOW,
  })),
);
const empty = await readShopRows(db);
await bringBackShop(db, { ...empty, clients, cards, orders }, [], async () => {});
await closeDatabase();
process.exit(0);

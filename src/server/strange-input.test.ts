import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { seededNumbers } from "@/core/seeded";
import { NOBODY, READINGS, typedCard } from "./typed-card.test-data";

vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));
process.env.INNER_FOLD_DATA = mkdtempSync(join(tmpdir(), "inner-fold-strange-"));

const { closeDatabase, database, listClients, listOrders, readShopRows } = await import("@/db");
const cardActions = await import("./card-actions");
const clientActions = await import("./client-actions");
const orderActions = await import("./order-actions");
const lateActions = await import("./late-actions");
const shopActions = await import("./shop-actions");
const moneyActions = await import("./money-actions");
const fittingActions = await import("./fitting-actions");
const alterationActions = await import("./alteration-actions");
const practiceActions = await import("./practice-actions");
const place = await import("@/app/orders/[id]/place/route");
const find = await import("@/app/find/route");
const restore = await import("@/app/backup/restore/route");
const copies = await import("@/app/backup/copies/[name]/route");
const exported = await import("@/app/clients/[id]/export/route");
const flat = await import("@/app/clients/[id]/flat/[garment]/route");
const paper = await import("@/app/orders/[id]/paper/[kind]/[paper]/route");
const fullSize = await import("@/app/orders/[id]/full-size/[file]/route");
const { isOwnHost, isReadable } = await import("./door");
const { loadWeek } = await import("./load");
const { orderStateOf } = await import("./ids");

const CARD = typedCard(READINGS, { seen: null, as: NOBODY });
const SEEN = { seen: "loose-waist", amount: "1", side: "both", pinned: true, by: "Bo" };
const DECIDED = { choices: { frontNeck: "square" }, rules: { set: "close" }, cloth: { width: "45" } };

const random = seededNumbers(1409);
const pick = <One>(of: readonly One[]): One => of[Math.floor(random() * of.length)] as One;

/** What a stranger, a broken page or another program may send in the place of anything. */
const strange: readonly unknown[] = [
  undefined,
  null,
  "",
  "\u0000",
  "name\u0000",
  "\ud800",
  "\uffff\ufffe",
  "x".repeat(5000),
  "2026-02-30",
  "../../etc",
  "%ff",
  "' or 1=1 --",
  "__proto__",
  "constructor",
  "1e999",
  NOBODY,
  Number.NaN,
  Number.POSITIVE_INFINITY,
  -1,
  0.5,
  1e300,
  9_007_199_254_740_993n,
  true,
  [],
  [[], [null]],
  {},
  { length: 3 },
  JSON.parse('{"__proto__":{"a":1},"constructor":{"prototype":1}}'),
  new Date(Number.NaN),
  new Map([["a", 1]]),
];

/** A value with one thing in it, at any depth, put in the place of another. */
function spoiled(value: unknown): unknown {
  if (typeof value !== "object" || value === null || random() < 0.25) return pick(strange);
  const keys = Object.keys(value);
  const key = keys.length > 0 && random() < 0.85 ? pick(keys) : String(pick(["more", "__proto__", "0"]));
  const entry = (value as Readonly<Record<string, unknown>>)[key];
  return Array.isArray(value)
    ? [...value, spoiled(entry)]
    : { ...value, [key]: Object.hasOwn(value, key) ? spoiled(entry) : pick(strange) };
}

let [clientId, cardId, orderId] = ["", "", ""];
beforeAll(async () => {
  const kept = await cardActions.saveClient({ ...CARD, as: crypto.randomUUID() });
  if (!kept.ok) throw new Error(JSON.stringify(kept));
  clientId = kept.value.clientId;
  cardId = (await readShopRows(await database())).cards[0]?.id ?? "";
  const started = await orderActions.startOrder(clientId, "straight-dress");
  if (!started.ok) throw new Error(JSON.stringify(started));
  orderId = started.value.orderId;
});
afterAll(() => closeDatabase());

/** Every action, with an input that it takes; what is spoiled is one of its arguments. */
const actions = (): readonly (readonly [string, (...given: unknown[]) => Promise<unknown>, readonly unknown[]])[] => [
  ["saveClient", cardActions.saveClient, [CARD]],
  ["saveCard", cardActions.saveCard, [clientId, { ...CARD, seen: { cardId, revision: 1 } }]],
  ["saveCorrection", cardActions.saveCorrection, [cardId, { ...CARD, seen: { cardId, revision: 1 } }]],
  [
    "keepNote",
    clientActions.keepNote,
    [clientId, { piece: "bodice-back", line: "waist", amount: "1/2", why: "hollow" }],
  ],
  ["switchNote", clientActions.switchNote, [NOBODY, true]],
  ["dropNote", clientActions.dropNote, [NOBODY]],
  ["takeOutClient", clientActions.takeOutClient, [clientId, "somebody else"]],
  ["startOrder", orderActions.startOrder, [clientId, "straight-dress", "2026-12-01"]],
  [
    "tryLate",
    lateActions.tryLate,
    [orderId, { edge: "armhole", measured: { armholeFront: "9", armholeBack: "9 1/4" } }],
  ],
  [
    "keepLate",
    lateActions.keepLate,
    [orderId, { edge: "neck", measured: { necklineBack: "3" }, seen: 1, cause: "stretched" }],
  ],
  ["repeatOrder", orderActions.repeatOrder, [orderId]],
  [
    "saveDecisions",
    orderActions.saveDecisions,
    [orderId, DECIDED, { choices: {}, rules: { set: "close" }, cloth: {} }],
  ],
  ["takeNewestCard", orderActions.takeNewestCard, [orderId]],
  ["cutFromSheet", orderActions.cutFromSheet, [orderId, "not this"]],
  ["keepDays", orderActions.keepDays, [orderId, { promisedOn: null, fittings: ["2026-11-24"] }]],
  ["moveOn", orderActions.moveOn, [orderId, "sewn"]],
  ["keepOwnSet", shopActions.keepOwnSet, [{ name: "Canal", base: "close", overrides: { "allowance.side": "2 in" } }]],
  ["dropOwnSet", shopActions.dropOwnSet, [NOBODY]],
  ["keepShop", shopActions.keepShop, [{ unit: "in", dayHolds: 4, hoursADay: 8 }]],
  ["keepPrices", shopActions.keepPrices, [{ hourly: "14", notionPrices: { zip: "3,20" } }]],
  ["keepAgreed", moneyActions.keepAgreed, [orderId, { price: "90", deposit: "20", note: "" }]],
  ["addPaid", moneyActions.addPaid, [orderId, { amount: "20" }]],
  ["dropPaid", moneyActions.dropPaid, [orderId, 0, "20"]],
  ["keepFitted", fittingActions.keepFitted, [orderId, SEEN]],
  ["doneFitted", fittingActions.doneFitted, [orderId, NOBODY, true]],
  ["noteFitted", fittingActions.noteFitted, [orderId, NOBODY]],
  ["startAlteration", alterationActions.startAlteration, [clientId, "a grey coat"]],
  [
    "addAlterLine",
    alterationActions.addAlterLine,
    [orderId, { place: "waist", now: "34", wanted: "32", found: "", how: "" }],
  ],
  [
    "startRehearsal",
    practiceActions.startRehearsal,
    [{ person: "Bo", garment: "shift-dress", orderId: "", scale: "0.5", timed: false }],
  ],
  ["answerRehearsal", practiceActions.answerRehearsal, [NOBODY, "front-top-neck/net", "1 1/2"]],
  ["readRehearsalLength", practiceActions.readRehearsalLength, [NOBODY, "x", { by: "master", typed: "9" }]],
  ["closeRehearsal", practiceActions.closeRehearsal, [NOBODY, "Ilse"]],
  ["removeRehearsal", practiceActions.removeRehearsal, [NOBODY]],
  ["emptyPerson", practiceActions.emptyPerson, ["Bo"]],
];

describe("what a stranger may send", () => {
  it("no action fails on it: each answers what it kept, or what to mend, in words", async () => {
    const rounds = 1500;
    for (let round = 0; round < rounds; round++) {
      const [name, act, input] = pick(actions());
      const at = Math.floor(random() * input.length);
      const given = input.map((one, index) => (index === at ? spoiled(one) : one));
      const answer = await act(...given).catch((error: unknown) => ({ failed: String(error) }));
      expect(answer, `${name} of ${String(given[at])}`).toMatchObject({ ok: expect.any(Boolean) });
    }
    // What it kept on the way can be shown and drawn.
    expect((await listClients(await database())).length).toBeGreaterThan(0);
    await loadWeek(null);
    for (const { promisedOn } of await listOrders(await database()))
      if (promisedOn !== null) expect(new Date(`${promisedOn}T00:00:00Z`).toISOString().slice(0, 10)).toBe(promisedOn);
  });

  it("no address fails on it, and none but the place is written to", async () => {
    const before = JSON.stringify(await readShopRows(await database()));
    const word = () => String(pick(strange)).slice(0, 300);
    const given = <Params extends object>(params: Params) => ({ params: Promise.resolve(params) });
    const request = (method: string, body?: BodyInit) =>
      new Request("http://localhost/x?copy=..%2Fx&replace=yes", {
        method,
        headers: { host: "localhost" },
        ...(body === undefined ? {} : { body }),
      });
    const bodies = [
      "",
      "{",
      "null",
      '"\\ud800"',
      JSON.stringify({ stepId: "\u0000", ticked: [] }),
      "x".repeat(400_000),
    ];
    for (let round = 0; round < 300; round++) {
      const id = random() < 0.3 ? orderId : word();
      const answers = [
        await place.GET(request("GET"), given({ id: word() })),
        await place.PUT(request("PUT", pick(bodies)), given({ id })),
        await copies.GET(request("GET"), given({ name: word() })),
        await flat.GET(request("GET"), given({ id: pick([clientId, word()]), garment: word() })),
        await paper.GET(request("GET"), given({ id: word(), kind: word(), paper: word() })).catch(notFound),
        await fullSize.GET(request("GET"), given({ id: word(), file: word() })).catch(notFound),
        await exported.GET(request("GET"), given({ id: word() })).catch(notFound),
        await restore.POST(request("POST", pick(bodies))),
      ];
      for (const { status } of answers) expect(status).toBeLessThan(500);
    }
    expect((await find.GET()).status).toBe(200);
    expect(JSON.stringify(await readShopRows(await database()))).toBe(before);
  });

  it("no name and no address fails at the door, nor a state that is none", () => {
    for (let round = 0; round < 2000; round++) {
      const word = String(pick(strange));
      expect(typeof isOwnHost(word)).toBe("boolean");
      expect(typeof isReadable(`http://localhost/${word}`)).toBe("boolean");
      expect(orderStateOf(pick(strange))).toBeNull();
    }
  });
});

/** What the house answers where something is not in the book. */
function notFound(error: unknown): Response {
  if (String((error as { digest?: unknown }).digest ?? "").includes("404")) return new Response(null, { status: 404 });
  throw error;
}

import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { balanceOf, NO_MONEY, readAmount, sayBalance, sayMoney } from "./money";
import { said } from "./said.test-data";
import { typedCard as card, READINGS } from "./typed-card.test-data";

// Outside of a request there is no page to send anew.
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));
process.env.INNER_FOLD_DATA = mkdtempSync(join(tmpdir(), "inner-fold-money-"));

const { closeDatabase, database, findOrder } = await import("@/db");
const { saveClient } = await import("./card-actions");
const { cutFromSheet, moveOn, startOrder } = await import("./order-actions");
const { loadSheet } = await import("./load");
const { sheetPrint } = await import("./sheet-print");
const { addPaid, dropPaid, keepAgreed } = await import("./money-actions");

describe("an amount", () => {
  it.each([
    ["165", 16500],
    ["12,50", 1250],
    ["12.5", 1250],
    [" 1 200 ", 120000],
    ["0", 0],
  ])("%s is %d hundredths", (typed, hundredths) => expect(readAmount(typed)).toBe(hundredths));
  it.each(["", "a lot", "-5", "12,345", "€ 12", "1e3", "12,"])("%j is none", (typed) =>
    expect(readAmount(typed)).toBeNull(),
  );
  it("is said with the shop's sign, and with decimals only where there are any", () => {
    expect([sayMoney(16500, "€"), sayMoney(1250, ""), sayMoney(-500, "kr")]).toEqual(["€ 165", "12.50", "kr 5"]);
  });
});

describe("a balance is the price less what was paid, whatever deposit was wished for", () => {
  const money = (price: string, ...paid: string[]) => ({
    ...NO_MONEY,
    price,
    deposit: "90",
    paid: paid.map((amount) => ({ on: "2026-11-20", amount })),
  });
  it("to pay, all paid, or to give back", () => {
    expect(balanceOf(money("165", "50", "0,50"))).toBe(11450);
    expect(balanceOf(money("", "50"))).toBeNull();
    expect(sayBalance(money("165", "50"), "€")).toBe("€ 115 to pay");
    expect(sayBalance(money("165", "65", "100"), "€")).toBe("All paid");
    expect(sayBalance(money("165", "170"), "€")).toBe("€ 5 to give back");
    expect(sayBalance(money("0"), "€")).toBe("All paid");
    expect(sayBalance(NO_MONEY, "€")).toBe("No price agreed yet");
    expect(sayBalance(money("", "50"), "€")).toBe("€ 50 paid, no price agreed yet");
  });
});

describe("the counter", () => {
  let id = "";
  const money = async () => (await findOrder(await database(), id))?.money ?? null;
  beforeAll(async () => {
    const saved = await saveClient(card(READINGS));
    const started = await startOrder(saved.ok ? saved.value.clientId : "", "straight-dress");
    id = started.ok ? started.value.orderId : "";
  });
  afterAll(() => closeDatabase());

  it("keeps what was agreed as it was typed, and what was paid stays when the price changes", async () => {
    expect(await money()).toBeNull();
    expect(said(await keepAgreed(id, { price: "165", deposit: "50", note: "" }))).toBe("");
    expect(said(await addPaid(id, { amount: "50" }))).toBe("");
    expect(said(await keepAgreed(id, { price: "150,50", deposit: "", note: "her own lining" }))).toBe("");
    expect(await money()).toMatchObject({
      price: "150,50",
      deposit: "",
      note: "her own lining",
      paid: [{ amount: "50" }],
    });
  });
  it("a price in words is said at its field, and nothing is lost", async () => {
    const refused = await keepAgreed(id, { price: "a hundred", deposit: "much", note: "" });
    expect(refused.ok ? [] : refused.errors.map(({ field }) => field)).toEqual(["price", "deposit"]);
    expect(said(await addPaid(id, { amount: "0" }))).toContain("plain numbers");
    expect(said(await addPaid(id, { more: "1" }))).toContain("no money");
    expect((await money())?.price).toBe("150,50");
    expect((await money())?.paid).toHaveLength(1);
  });
  it("a payment written by mistake is taken out, and no other", async () => {
    await addPaid(id, { amount: "20" });
    await dropPaid(id, 0, "20");
    expect((await money())?.paid.map(({ amount }) => amount)).toEqual(["50", "20"]);
    await dropPaid(id, 1, "20");
    expect((await money())?.paid.map(({ amount }) => amount)).toEqual(["50"]);
  });
  it("handed over with something left to pay is asked once, and only then", async () => {
    const { outcome } = await loadSheet(id);
    await cutFromSheet(id, outcome.kind === "sheet" ? sheetPrint(outcome.sheet) : "");
    expect(said(await moveOn(id, "finished"))).toBe("");
    expect(said(await moveOn(id, "collected"))).toContain("100.50 is still to pay");
    expect((await findOrder(await database(), id))?.state).toBe("finished");
    expect(said(await moveOn(id, "collected", true))).toBe("");
    await moveOn(id, "finished");
    await addPaid(id, { amount: "100,50" });
    expect(said(await moveOn(id, "collected"))).toBe("");
    await dropPaid(id, 1, "100,50");
  });
  it("two payments written at once are both kept", async () => {
    await Promise.all(["1", "2", "3"].map((amount) => addPaid(id, { amount })));
    expect((await money())?.paid).toHaveLength(4);
  });
});

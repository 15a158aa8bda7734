import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { said } from "./said.test-data";
import { typedCard as card, READINGS } from "./typed-card.test-data";

// Outside of a request there is no page to send anew.
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));
process.env.INNER_FOLD_DATA = mkdtempSync(join(tmpdir(), "inner-fold-log-"));

const { closeDatabase } = await import("@/db");
const { saveClient } = await import("./card-actions");
const order = await import("./order-actions");
const { keepFitted } = await import("./fitting-actions");
const { keepAgreed, addPaid } = await import("./money-actions");
const { loadLog, loadSheet } = await import("./load");
const { downloadLog } = await import("./downloads");
const { sheetPrint } = await import("./sheet-print");

const ARM = { upperArm: "12", elbow: "10 1/2", wrist: "6 1/2", sleeveLength: "23" };

async function cutOne(clientId: string, garment: string): Promise<string> {
  const started = await order.startOrder(clientId, garment);
  const id = started.ok ? started.value.orderId : "";
  const { outcome } = await loadSheet(id);
  expect(said(await order.cutFromSheet(id, outcome.kind === "sheet" ? sheetPrint(outcome.sheet) : ""))).toBe("");
  return id;
}

const found = async (letters: string, garment = "") =>
  (await loadLog({ letters, garment })).log.map(({ clientName, garment: what }) => [clientName, what]);

beforeAll(async () => {
  const clients = await Promise.all(
    ["Ada % Morrow", "Ilka Voss", "=1+1"].map((name) => saveClient({ ...card({ ...READINGS, ...ARM }), name })),
  );
  const [first, second, third] = clients.map((saved) => (saved.ok ? saved.value.clientId : ""));
  const dress = await cutOne(first ?? "", "straight-dress");
  await keepFitted(dress, { seen: "loose-waist", amount: "1", side: "both", pinned: true, by: "" });
  await keepAgreed(dress, { price: "165", deposit: "", note: "" });
  await addPaid(dress, { amount: "50,50" });
  await cutOne(second ?? "", "shift-dress");
  await cutOne(third ?? "", "straight-dress");
  // Not cut: it is no part of the log.
  await order.startOrder(second ?? "", "straight-dress");
});
afterAll(() => closeDatabase());

describe("the logbook", () => {
  it("has every garment that was cut, the last one first, and none that was not", async () => {
    expect(await found("")).toEqual([
      ["=1+1", "straight-dress"],
      ["Ilka Voss", "shift-dress"],
      ["Ada % Morrow", "straight-dress"],
    ]);
  });
  it("is narrowed by letters of a name, a number, a garment; signs in a name are letters like any other", async () => {
    expect(await found("ilka")).toEqual([["Ilka Voss", "shift-dress"]]);
    expect(await found("%")).toEqual([["Ada % Morrow", "straight-dress"]]);
    expect(await found("_")).toEqual([]);
    expect(await found("", "shift-dress")).toEqual([["Ilka Voss", "shift-dress"]]);
    expect(await found("ada", "shift-dress")).toEqual([]);
    expect((await found("1")).map(([name]) => name)).toContain("Ada % Morrow");
  });
  it("goes out as a table, with what its fittings said and what is to be paid, and computes nothing there", async () => {
    const text = await (await downloadLog()).text();
    const rows = text.trim().split("\r\n");
    expect(rows).toHaveLength(4);
    expect(rows[0]).toContain('"Client","Garment","Cut on"');
    const ada = rows.find((row) => row.includes("Ada"));
    expect(ada).toMatch(/Too loose at the waist: 1 in/);
    expect(ada).toMatch(/"165","114\.50"$/);
    expect(text).not.toContain(',"=1+1"');
  });
});

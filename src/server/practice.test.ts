import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, expect, it, vi } from "vitest";
import { said } from "./said.test-data";
import { typedCard as card, READINGS } from "./typed-card.test-data";

// Outside of a request there is no page to send anew.
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));
process.env.INNER_FOLD_DATA = mkdtempSync(join(tmpdir(), "inner-fold-practice-"));

const { closeDatabase, database, eraseClient, findOrder, findRehearsal, listTries } = await import("@/db");
const { saveClient } = await import("./card-actions");
const { startOrder } = await import("./order-actions");
const practice = await import("./practice-actions");
const { loadPractice, loadRehearsal } = await import("./practice");
const { keepPlace } = await import("./place");

let [clientId, orderId, id] = ["", "", ""];
const start = { person: "Ilse", garment: "straight-dress", orderId: "", scale: "0.5", timed: true };

async function begin(input: object): Promise<string> {
  const started = await practice.startRehearsal({ ...start, ...input });
  return started.ok ? started.value.id : "";
}
/** What was kept of a number, and what went wrong with it. */
async function say(question: string, typed: string, rehearsal = id) {
  const answered = await practice.answerRehearsal(rehearsal, question, typed);
  return answered.ok ? { state: answered.value.answer.state, said: answered.value.said } : said(answered);
}
const SIDE = "front-waist-side/net";

beforeAll(async () => {
  const saved = await saveClient(card(READINGS));
  clientId = saved.ok ? saved.value.clientId : "";
  const order = await startOrder(clientId, "straight-dress");
  orderId = order.ok ? order.value.orderId : "";
  id = await begin({});
});
afterAll(() => closeDatabase());

it("belongs to a person, by name or initials", async () => {
  expect(said(await practice.startRehearsal({ ...start, person: "  " }))).toContain("who practises");
  expect(said(await practice.startRehearsal({ ...start, garment: "ball-gown" }))).toContain("can be drawn");
  expect((await loadRehearsal(id)).rehearsal).toMatchObject({ person: "Ilse", orderId: null, timed: true });
});

it("asks twice, then opens the sum, and keeps both answers with their causes", async () => {
  const { questions } = await loadRehearsal(id);
  const side = questions.find((one) => one.id === SIDE);
  const ease = side?.terms.find(({ kind }) => kind === "ease")?.value ?? 0;
  expect(side?.names).toEqual(["Waist girth", "Ease"]);
  expect(side?.reasons.length).toBeGreaterThan(0);
  const without = `${(side?.answer ?? 0) - ease}`;
  expect(await say(SIDE, without)).toEqual({ state: "open", said: "The ease is missing." });
  expect(await say(SIDE, "a handful")).toContain("as the tape shows it");
  expect(await say(SIDE, `${4 * (side?.answer ?? 0)}`)).toMatchObject({ state: "opened" });
  const { rehearsal } = await loadRehearsal(id);
  expect(rehearsal.answers[SIDE]?.typed).toEqual([without, `${4 * (side?.answer ?? 0)}`]);
  const tries = await listTries(await database());
  expect(tries.map(({ mark, right, slip }) => [mark, right, slip])).toEqual([
    ["waist/side", false, "no-ease"],
    ["waist/side", false, "whole-for-quarter"],
  ]);
  expect(tries[0]?.rules).toEqual(["ease.waist"]);
});

it("a number that was answered stays as it is, whoever answers it again", async () => {
  const { questions } = await loadRehearsal(id);
  const answer = questions.find((one) => one.id === SIDE)?.answer ?? 0;
  expect(await say(SIDE, String(answer))).toMatchObject({ state: "opened" });
  expect(await listTries(await database())).toHaveLength(2);
});

it("a right number opens at once, with nothing said against it", async () => {
  const { questions } = await loadRehearsal(id);
  const neck = questions.find((one) => one.id === "front-top-neck/net");
  expect(await say("front-top-neck/net", String(neck?.answer))).toEqual({ state: "right", said: null });
});

it("is measured by the learner, then by the master, whose tick is another's", async () => {
  const { lengths } = await loadRehearsal(id);
  const [first] = lengths;
  const read = (by: string, typed: string) => practice.readRehearsalLength(id, first?.id, { by, typed });
  expect(said(await read("learner", "about ten"))).toContain("as the tape shows it");
  expect(said(await read("learner", "10 1/4"))).toBe("");
  expect(said(await read("master", "10 1/2"))).toBe("");
  expect((await loadRehearsal(id)).rehearsal.lengths[first?.id ?? ""]).toEqual({ learner: "10 1/4", master: "10 1/2" });
  expect(said(await practice.closeRehearsal(id, "ilse"))).toContain("Somebody else");
  expect(said(await practice.closeRehearsal(id, "Marguerite"))).toBe("");
  expect((await loadRehearsal(id)).rehearsal).toMatchObject({ master: "Marguerite", closedAt: expect.any(String) });
});

it("writes nothing to the order that it rehearses, and goes with its client", async () => {
  const before = await findOrder(await database(), orderId);
  const own = await begin({ garment: "", orderId, person: "Bo" });
  const { sheet, questions } = await loadRehearsal(own);
  expect(sheet.resolved.choices.scale).toBe("0.5");
  expect(
    await say("front-top-neck/net", String(questions.find((one) => one.id === "front-top-neck/net")?.answer), own),
  ).toMatchObject({ state: "right" });
  expect(await findOrder(await database(), orderId)).toEqual(before);
});

it("a tape check that somebody waived by name counts with what she practises, once", async () => {
  const waiver = {
    by: "Bo",
    on: "2026-11-27T09:00:00.000Z",
    reason: "cloth-moves",
    words: "",
    lengths: [
      { id: "bodice-front/side", expected: 33.8, read: 33 },
      { id: "bodice-front/hem", expected: 12.25, read: 12.25 },
      { id: "bodice-front/neck", expected: 5, read: null },
    ],
  };
  const change = { stepId: "check-front", ticked: [], unticked: [], checks: { "check-front": { read: {}, waiver } } };
  expect((await keepPlace(orderId, change)).ok).toBe(true);
  expect((await keepPlace(orderId, change)).ok).toBe(true);
  const checked = (await listTries(await database())).filter(({ mark }) => mark.startsWith("check/"));
  expect(checked.map(({ person, mark, right, slip }) => [person, mark, right, slip]).sort()).toEqual([
    ["Bo", "check/hem", true, null],
    ["Bo", "check/neck", false, "check-waived"],
    ["Bo", "check/side", false, "check-missed"],
  ]);
  const { persons } = await loadPractice();
  expect(persons.map(({ person, tries }) => [person, tries])).toEqual([
    ["Bo", 4],
    ["Ilse", 3],
  ]);
  expect(persons[0]?.marks.map(({ label }) => label)).toContain("side, measured");
});

it("a person's table is emptied, and nobody else's", async () => {
  expect(said(await practice.emptyPerson("Ilse"))).toBe("");
  expect((await loadPractice()).persons.map(({ person }) => person)).toEqual(["Bo"]);
});

it("with a client who leaves goes what was practised on her order; the counts name nobody", async () => {
  const { rehearsals } = await loadPractice();
  expect(rehearsals.map(({ person }) => person).sort()).toEqual(["Bo", "Ilse"]);
  await eraseClient(await database(), clientId);
  expect((await loadPractice()).rehearsals.map(({ person }) => person)).toEqual(["Ilse"]);
  expect(await findRehearsal(await database(), id)).toBeDefined();
  expect(said(await practice.removeRehearsal(id))).toBe("");
  expect(await findRehearsal(await database(), id)).toBeUndefined();
});

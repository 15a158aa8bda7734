import { mkdtempSync, readdirSync, readFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, it } from "vitest";
import { answerInLines, takeIn } from "./backup/incoming";
import { readBody } from "./body";

const request = (body: BodyInit | null) => new Request("http://localhost/x", { method: "PUT", body });

it("reads JSON up to its limit, and nothing of what is longer, garbled or no letters", async () => {
  expect(await readBody(request('{"a":[1]}'))).toEqual({ a: [1] });
  expect(await readBody(request(JSON.stringify("x".repeat(98))), 100)).toBe("x".repeat(98));
  for (const wrong of [JSON.stringify("x".repeat(99)), "{", ""])
    expect(await readBody(request(wrong), 100)).toBeUndefined();
  expect(await readBody(request(new Uint8Array([0x22, 0xff, 0x22])))).toBeUndefined();
  expect(await readBody(request(null))).toBeUndefined();
});

it("puts a book that comes in on the disk, and keeps nothing of one that is larger than any", async () => {
  const folder = mkdtempSync(join(tmpdir(), "inner-fold-incoming-"));
  process.env.INNER_FOLD_DATA = folder;
  const whole = await takeIn(request("a whole book").body);
  expect(whole.place !== null && readFileSync(whole.place, "utf8")).toBe("a whole book");
  await whole.drop();
  expect((await takeIn(request("a book that is larger").body, 10)).place).toBeNull();
  expect((await takeIn(null)).place).not.toBeNull();
  expect(readdirSync(folder).filter((name) => !name.endsWith(".part"))).toEqual([]);
});

it("tells of a long work line by line, its outcome last, also where it failed", async () => {
  const lines = async (answer: Response) =>
    (await answer.text())
      .trim()
      .split("\n")
      .map((line) => JSON.parse(line));
  const done = { ok: true, look: { writtenAt: "", counts: {} }, replaced: true } as const;
  const told = await lines(
    answerInLines(async (tell) => {
      for (let step = 0; step <= 1000; step++) tell({ stage: "reading", share: step / 1000 });
      return done;
    }),
  );
  expect(told.at(-1)).toEqual(done);
  expect(told.length).toBeLessThanOrEqual(102);
  expect(told[0]).toEqual({ stage: "reading", share: 0 });
  const failed = await lines(answerInLines(() => Promise.reject(new Error("disk"))));
  expect(failed.at(-1)).toMatchObject({ ok: false, message: expect.stringContaining("the book is as it was") });
});

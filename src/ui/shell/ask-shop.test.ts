import { expect, it } from "vitest";
import { diskSaid } from "@/server/disk-room";
import { AWAY_SAID, askShop, FAILED_SAID, failureOf, sayFailure } from "./ask-shop";

it("tells a computer that does not answer from one that failed, and from one with no room", async () => {
  expect(failureOf(new TypeError("Failed to fetch"))).toBe("away");
  expect(failureOf(new Error("An error occurred in the Server Components render."))).toBe("failed");
  for (const said of Object.values(diskSaid)) {
    expect(failureOf(new Error(`${said}\n`))).toBe("no-room");
    expect(sayFailure(new Error(`${said}\n`))).toBe(said);
  }
  expect(sayFailure(new TypeError("x"))).toBe(AWAY_SAID);
  expect(sayFailure("thrown")).toBe(FAILED_SAID);
});

it("says what stood in the way in the server's words, and never that it is away where it answered", async () => {
  const answer = (errors: readonly { field: string; message: string }[]) => async () => ({
    ok: false as const,
    errors,
  });
  expect((await askShop(answer([{ field: "", message: "It is cut." }]))).said).toBe("It is cut.");
  expect((await askShop(answer([]))).said).toBe(FAILED_SAID);
  expect((await askShop(async () => ({ ok: true as const, value: 7 }))).value).toBe(7);
  expect((await askShop(() => Promise.reject(new TypeError("x")))).said).toBe(AWAY_SAID);
});

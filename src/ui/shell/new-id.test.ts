import { expect, it } from "vitest";
import { readId } from "@/server/ids";
import { newId } from "./new-id";

it("makes ids that the shop takes for ids, each another", () => {
  const ids = Array.from({ length: 500 }, newId);
  expect(new Set(ids).size).toBe(500);
  for (const id of ids) expect(readId(id)).toBe(id);
});

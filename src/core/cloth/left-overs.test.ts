import { describe, expect, it } from "vitest";
import { workedSheet } from "../garments/worked-client.test-data";
import { placeOnLeftOvers } from "./left-overs";

describe("small folded pieces", () => {
  const front = { id: "front", beside: 20, length: 44 };
  it("lie on what is left beside a larger one, one below the other, the widest first", () => {
    const placed = placeOnLeftOvers(
      [front],
      [
        { id: "neck", doubled: 7, length: 9 },
        { id: "armhole", doubled: 10, length: 30 },
      ],
      44,
    );
    expect(Object.fromEntries(placed)).toEqual({ armhole: "front", neck: "front" });
  });
  it("are not laid where the cloth is too narrow, or not long enough any more", () => {
    const small = (id: string, doubled: number, length: number) => ({ id, doubled, length });
    expect(placeOnLeftOvers([front], [small("wide", 10.1, 5)], 44).size).toBe(0);
    const two = placeOnLeftOvers([front], [small("a", 8, 30), small("b", 8, 14)], 30);
    expect([...two.keys()]).toEqual(["a"]);
  });
  it("share a stretch of their own where nothing larger leaves room", () => {
    const small = (id: string, doubled: number) => ({ id, doubled, length: 9 });
    expect(Object.fromEntries(placeOnLeftOvers([], [small("back", 7), small("front", 8)], 44))).toEqual({
      back: "front",
    });
  });
});

describe("a dress with its facings", () => {
  const dress = (width: number, faced: boolean, more: object = {}) =>
    workedSheet("straight-dress", {
      cloth: { width },
      choices: faced ? { neckFinish: "facing", armholeFinish: "faced", ...more } : more,
    });
  it("takes no more cloth of 58 than without them", () => {
    expect(dress(58, true).cloth.buy).toBe(dress(58, false).cloth.buy);
    expect(dress(58, true).cloth.used).toBeCloseTo(
      dress(58, true)
        .groups.slice(0, 2)
        .reduce((sum, { length }) => sum + length, 0),
      6,
    );
  });
  it("takes more of cloth that is too narrow for them beside it", () => {
    expect(dress(36, true).cloth.buy).toBeGreaterThan(dress(36, false).cloth.buy);
  });
  it("says beside what each is folded, and takes nothing off the cloth for it", () => {
    const { steps } = dress(58, true);
    const folds = steps.filter(({ act, piece }) => act === "fold-in" && piece.startsWith("facing"));
    expect(folds.map(({ text }) => /^On what is left beside the (front|back), fold in until/.test(text))).toEqual([
      true,
      true,
      true,
      true,
    ]);
    expect(steps.some(({ act, piece }) => act === "prepare" && piece.startsWith("facing"))).toBe(false);
  });
});

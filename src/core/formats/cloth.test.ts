import { describe, expect, it } from "vitest";
import { typicalBody } from "../body";
import {
  bestOnWidth,
  costOfCloth,
  findWhatIfs,
  mainCloth,
  makeSheet,
  patchOrder,
  readLayQuestion,
  type WhatIf,
} from ".";

const order = (extra: object = {}, garment = "straight-dress") => ({
  garment,
  client: { card: { measurements: typicalBody } },
  ...extra,
});

function errorsOf(input: unknown) {
  const outcome = makeSheet(input);
  return outcome.kind === "errors" ? outcome.errors : [];
}

function sheetOf(input: unknown) {
  const outcome = makeSheet(input);
  if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
  return outcome.sheet;
}

function ask(input: object) {
  const question = readLayQuestion(input);
  if (!question.ok) throw new Error(question.issues.join(" "));
  return question.value;
}

describe("cloth that cannot be read says so at its field", () => {
  it.each<[string, object, string, RegExp]>([
    ["a length of nothing", { cloth: { length: 0 } }, "cloth.length", /is zero/],
    ["a repeat longer than the cloth", { cloth: { length: 60, repeat: 70 } }, "cloth.repeat", /longer than the cloth/],
    ["a price in words", { cloth: { price: "cheap" } }, "cloth.price", /as a number/],
    ["shrinking by half", { cloth: { shrinkage: "50 %" } }, "cloth.shrinkage", /25 at most/],
    ["a lining without width", { cloths: { lining: { width: "0" } } }, "cloths.lining.width", /width of the cloth/i],
    [
      "a spot without length",
      { cloth: { spots: [{ across: 0, down: 0, width: 2, length: 0 }] } },
      "cloth.spots.0.length",
      /spot/,
    ],
    ["a way to fold that is none", { lay: { main: { way: "thrice" } } }, "lay.main.way", /should be/],
  ])("%s", (_, extra, path, message) => {
    const error = errorsOf(order(extra)).find((one) => one.path === path);
    expect(error?.message).toMatch(message);
  });
  it("a price of 4,50 and 3 % of shrinking are read as they are written", () => {
    const { read } = ask(order({ cloth: { price: "4,50", shrinkage: "3 %" } }));
    expect(read.cloths.main).toMatchObject({ price: 4.5, shrinkage: 3 });
  });
});

describe("the way that the whole cloth is folded", () => {
  const folds = (way: string) =>
    sheetOf(order({ lay: { main: { way } } }))
      .steps.filter(({ phase }) => phase === "fold")
      .map(({ act }) => act);
  it("in turn: each piece is folded for by itself", () =>
    expect(folds("in-turn")).toEqual(["prepare", "fold-in", "prepare", "fold-in"]));
  it("one fold for all: folded once, the back goes on along it", () =>
    expect(folds("one-fold")).toEqual(["prepare", "fold-in", "along-fold"]));
  it("selvedge to selvedge, and two folds, say how the cloth is brought to lie", () => {
    expect(folds("selvedges")).toEqual(["prepare", "fold-selvedges", "along-fold"]);
    expect(folds("gate")).toEqual(["prepare", "fold-gate", "along-fold"]);
  });
  it("open: every piece on one layer, marks to the left and right", () => {
    const sheet = sheetOf(order({ lay: { main: { way: "open" } } }));
    expect(sheet.groups.every(({ layers }) => layers === 1)).toBe(true);
    expect(sheet.steps.find(({ act }) => act === "lie-open")?.text).toContain("to its left and to its right");
  });
  it("does not move a mark", () => {
    const marks = (way: string) => sheetOf(order({ lay: { main: { way } } })).pieces.map(({ marks: all }) => all);
    expect(marks("gate")).toEqual(marks("in-turn"));
  });
});

describe("four layers", () => {
  const texts = (width: number) =>
    sheetOf(order({ cloth: { width } }, "shift-dress"))
      .steps.filter(({ act }) => act === "fold-in" || act === "fold-again")
      .map(({ text }) => text);
  it("on 60 in lie side by side, front fold outside; on 45 in the doubled cloth is folded again end to end", () => {
    expect(texts(60)[1]).toContain("front fold outside, back fold inside");
    expect(texts(45)[1]).toContain("end to end");
  });
  it("end to end, twice the length is folded in first", () => {
    const length = (width: number) => Number(/for (\d+)/.exec(texts(width)[0] ?? "")?.[1]);
    expect(Math.abs(length(45) - 2 * length(60))).toBeLessThanOrEqual(1);
  });
});

describe("a lay that was kept", () => {
  const question = ask(order({ cloth: { width: 60 } }));
  const of = mainCloth(question)?.of ?? "";
  const kept = (width: number, print: string) => ({
    cloth: { width: 60 },
    lay: {
      main: {
        way: "gate",
        kept: { of: print, width, used: 41.5, left: [{ across: 0, down: 0, width: 6, length: 7 }] },
      },
    },
  });
  it("is what the sheet says is needed: 41½ and 2 to square are 1¼ yd", () => {
    const { cloth } = sheetOf(order(kept(60, of)));
    expect(cloth).toMatchObject({ used: 41.5, buy: 1.25, from: "laid", left: [{ width: 6, length: 7 }] });
  });
  it("is out of date on another width, or when the outlines change", () => {
    expect(sheetOf(order(kept(45, of))).cloth.from).toBe("reckoned");
    expect(sheetOf(order({ ...kept(60, of), choices: { neckWidth: 6 } })).cloth.from).toBe("reckoned");
  });
});

describe("what would make it fit", () => {
  function whatIfs(input: object, used: number): readonly WhatIf[] {
    return [...findWhatIfs(ask(input), "in-turn", used)];
  }
  it("another way to fold comes first, and each says truly whether it then fits", () => {
    const found = whatIfs(order({ cloth: { width: 60, length: 45 } }), 82.9);
    expect(found[0]?.change.kind).toBe("way");
    for (const { used, fits, saves } of found) {
      expect(fits).toBe(used <= 45);
      expect(saves).toBeCloseTo(82.9 - used, 6);
    }
    expect(found.some(({ fits }) => fits)).toBe(true);
  });
  it("shorter by 1 to 4 saves length, and trying it draws the dress shorter by as much", () => {
    const input = order({ cloth: { width: 36, length: 78 } });
    const shorter = whatIfs(input, 82.9).filter(({ change }) => change.kind === "shorter");
    expect(shorter.length).toBeGreaterThan(1);
    const three = shorter.find(({ change }) => change.by === 3);
    const hem = (doc: object) => sheetOf(doc).pieces[0]?.lines.find(({ id }) => id === "hem")?.down ?? 0;
    expect(hem(input) - hem(patchOrder(input, three?.patch ?? {}))).toBeCloseTo(3, 6);
  });
  it("on one-way cloth turning is offered where it saves, and on plain cloth never", () => {
    const kinds = (oneWay: boolean) =>
      whatIfs(order({ cloth: { width: 45, oneWay } }, "a-line-dress"), 82).map(({ change }) => change.kind);
    expect(kinds(true)).toContain("turned");
    expect(kinds(false)).not.toContain("turned");
  });
  it("a strip may come from another cloth: then the main one has none of it, and the contrast has", () => {
    const input = order({ cloth: { width: 36 } }, "pocket-shirt");
    const strip = ask(input).cloths[0]?.lay.units.find(({ on }) => on === "single");
    const after = ask(patchOrder(input, { elsewhere: strip?.pieces ?? [] }));
    const laidOn = (id: string) =>
      after.cloths.find((cloth) => cloth.id === id)?.lay.units.map((unit) => unit.id) ?? [];
    expect(laidOn("contrast")).toEqual([strip?.id]);
    expect(laidOn("main")).not.toContain(strip?.id);
  });
});

it("answers for a width on which nothing fits with the width that would do", () => {
  const main = mainCloth(ask(order({}, "flared-blouse")));
  const answer = main === undefined ? null : bestOnWidth(main, 36);
  expect(answer?.ok).toBe(false);
  if (answer !== null && !answer.ok) expect(answer.issues[0]?.wanted).toBeGreaterThan(41);
});

describe("lining and stay are bought by their own lays", () => {
  const lined = (extra: object = {}) =>
    sheetOf(order({ choices: { lining: "body", neckFinish: "facing", sleeve: "none" }, ...extra }));
  const cloths = (extra?: object) => lined(extra).otherCloths ?? [];
  const lining = (extra?: object) => cloths(extra).find(({ id }) => id === "lining");

  it("an unlined dress buys none", () => expect(sheetOf(order()).otherCloths).toBeUndefined());
  it("each length is what its folds take and the end to square, to the next quarter of a yard", () => {
    const sheet = lined();
    const groups = sheet.groups.filter(({ pieces }) =>
      pieces.some((id) => sheet.pieces.find((piece) => piece.id === id)?.cloth === "lining"),
    );
    expect(groups.length).toBe(2);
    const inches = groups.reduce((sum, { length }) => sum + length, 0) + 2;
    expect(lining()).toMatchObject({ buy: Math.ceil(inches / 9) / 4, buyUnit: "yd", from: "reckoned", fits: true });
  });
  it("its own width, shrinking and price are heard, not those of the main cloth", () => {
    const told = lining({ cloth: { price: 30 }, cloths: { lining: { width: 54, price: 4, shrinkage: 10 } } });
    const plain = lining();
    expect(told?.width).toBe(54);
    expect(told?.buy).toBeGreaterThan(plain?.buy ?? 9);
    expect(told?.cost).toBe(4 * (told?.buy ?? 0));
    expect(plain?.cost).toBeNull();
  });
  it("what it all comes to is the sum, and says where a price is missing", () => {
    const both = lined({ cloth: { price: 30 }, cloths: { lining: { price: 4 } } });
    const only = lined({ cloths: { lining: { price: 4 } } });
    const liningYards = lining()?.buy ?? 0;
    expect(costOfCloth(both)).toEqual({ sum: 30 * both.cloth.buy + 4 * liningYards, whole: true });
    expect(costOfCloth(only)).toEqual({ sum: 4 * liningYards, whole: false });
    expect(costOfCloth(lined())).toBeNull();
  });
  it("a cloth too narrow for its pieces says so", () =>
    expect(lining({ cloths: { lining: { width: 12 } } })?.fits).toBe(false));
  it("as it was laid and kept, while its outlines are the same", () => {
    const { of = "" } = ask(order({ choices: lined().order.choices })).cloths.find(({ id }) => id === "lining") ?? {};
    const kept = { of, width: 45, used: 100, left: [], laid: [] };
    const laid = (more: object) => lining({ lay: { lining: { way: "selvedges", kept: { ...kept, ...more } } } });
    expect(laid({})).toMatchObject({ buy: 3, from: "laid" });
    expect(laid({ of: "another" })?.from).toBe("reckoned");
    expect(laid({ width: 54 })?.from).toBe("reckoned");
  });
});

import { Polygon, point } from "@flatten-js/core";
import { describe, expect, it } from "vitest";
import { makeCrowd, typicalBody } from "../body";
import { readLayQuestion } from "../formats";
import { garments } from "../garments";
import { at, growOutline, type Point } from "../geometry";
import { wordLaid } from "../wording";
import {
  type Cloth,
  checkLay,
  chooseWay,
  findLeftOver,
  improveLay,
  type LayOrder,
  type LayPlan,
  type LayUnit,
  layWays,
  plainCloth,
  purchase,
  readLay,
  resumeLay,
  ruleOfThumb,
  startLay,
  toldLength,
  tryWays,
  usableWidth,
} from ".";
import { foldBoth, foldFour, foldGate, foldIn, lanesOf, unfoldAcross } from "./lay-fold";

function question(garment: string, choices: object = {}, cloth: object = { width: 45 }, body = typicalBody) {
  const asked = readLayQuestion({ garment, choices, cloth, client: { card: { measurements: body } } });
  if (!asked.ok) throw new Error(asked.issues.join(" "));
  return asked.value;
}

function mainOrder(...asked: Parameters<typeof question>): LayOrder {
  const [main] = question(...asked).cloths;
  if (main === undefined) throw new Error("expected a main cloth");
  return main.lay;
}

function lay(order: LayOrder, way: (typeof layWays)[number], steps = 20): LayPlan {
  const work = startLay(order, "main", way);
  if (!work.ok) throw new Error(JSON.stringify(work.issues));
  for (let step = 0; step < steps; step++) improveLay(work.value);
  return readLay(work.value);
}

/** Overlaps by a library that neither the search nor the check uses. */
function overlaps({ sections }: LayPlan): number {
  const polygon = (points: readonly Point[]) => new Polygon(points.map(({ x, y }) => point(x, y)));
  const pairs = sections.flatMap(({ laid }) =>
    laid.flatMap((one, index) => laid.slice(index + 1).map((other) => [one.outline, other.outline] as const)),
  );
  return pairs.filter(([one, other]) => {
    const [a, b] = [polygon(growOutline(one, -1e-4)), polygon(other)];
    return a.box.intersect(b.box) && (a.intersect(b).length > 0 || a.contains(b) || b.contains(a));
  }).length;
}

const rectangle = (width: number, height: number): readonly Point[] => [
  at(0, 0),
  at(width, 0),
  at(width, height),
  at(0, height),
];

/** A piece that no recipe draws yet: a sleeve, a collar, a bias strip. */
function unit(id: string, on: LayUnit["on"], outline: readonly Point[], more: Partial<LayUnit> = {}): LayUnit {
  return {
    id,
    names: ["back"],
    cloth: "main",
    pieces: [id],
    on,
    copies: 1,
    layers: 2,
    together: false,
    small: false,
    outline,
    cuts: [outline],
    level: null,
    grain: "length",
    ...more,
  };
}

function orderOf(units: readonly LayUnit[], cloth: Cloth): LayOrder {
  const groups = units.map(({ id, on, outline }) => ({
    id,
    pieces: [id],
    fold: on === "single" ? ("single" as const) : ("one-fold" as const),
    layers: on === "single" ? (1 as const) : (2 as const),
    way: "in-turn" as const,
    foldedWidth: Math.max(...outline.map(({ x }) => x)) + 0.5,
    length: Math.max(...outline.map(({ y }) => y)),
  }));
  return { units, groups, cloth };
}

const SLEEVE = unit("sleeve", "pair", [at(0, 6), at(8, 0), at(16, 6), at(13, 24), at(3, 24)]);

describe("folds", () => {
  it("44 of usable cloth folded in 13½ wide leaves 17 single beside it", () => {
    const fold = foldIn(44, 13.5);
    expect(fold).toMatchObject({ kind: "one-fold", beside: 17, across: 30.5 });
    expect(lanesOf(fold).map(({ from, to, layers }) => [from, to, layers])).toEqual([
      [0, 13.5, 2],
      [13.5, 30.5, 1],
    ]);
  });
  it("a place 3 in from the fold lies 10½ and 16½ in from the selvedge; 2 beside the doubled part lies 29 in", () => {
    expect(unfoldAcross(foldIn(44, 13.5), 3)).toEqual([10.5, 16.5]);
    expect(unfoldAcross(foldIn(44, 13.5), 15.5)).toEqual([29]);
  });
  it("two folds share half of the cloth: 12 at the left leave 10 at the right", () => {
    const fold = foldGate(44, 12);
    expect(fold).toMatchObject({ second: 10, across: 22, beside: 0 });
    expect(unfoldAcross(fold, 22)).toEqual([34, 34]);
  });
  it("folded in 10 from the left and 6 from the right, 12 stay single between, and each place lies on both its layers", () => {
    const fold = foldBoth(44, 10, 6);
    expect(fold).toMatchObject({ kind: "two-folds", beside: 12, across: 28 });
    expect(lanesOf(fold).map(({ from, to, layers, fold: at_ }) => [from, to, layers, at_])).toEqual([
      [0, 10, 2, "left"],
      [22, 28, 2, "right"],
      [10, 22, 1, null],
    ]);
    expect([4, 15, 22.5, 25, 28].map((across) => unfoldAcross(fold, across))).toEqual([
      [6, 14],
      [25],
      [32.5, 43.5],
      [35, 41],
      [38, 38],
    ]);
  });
  it("four layers of 11 go side by side into 44, those of 12 end to end", () => {
    expect(foldFour(44, 11)).toMatchObject({ endToEnd: false, beside: 0 });
    expect(foldFour(44, 12)).toMatchObject({ endToEnd: true, beside: 20 });
  });
});

describe("facings", () => {
  it.each([45, 58, 72])(
    "on %d in of cloth lie on a second fold beside the front and the back, none over another",
    (width) => {
      const faced = { neckFinish: "facing", armholeFinish: "faced" };
      const order = mainOrder("straight-dress", faced, { width });
      const plan = lay(order, "in-turn");
      expect(checkLay(plan, order.cloth)).toEqual([]);
      expect(overlaps(plan)).toBe(0);
      expect(plan.sections[0]?.fold.kind).toBe("two-folds");
      const bare = lay(mainOrder("straight-dress", {}, { width }), "in-turn");
      // On narrow cloth the armholes' facings still take a stretch of their own.
      expect(plan.used - bare.used).toBeLessThan(width < 58 ? 12 : 0.5);
    },
  );
});

describe("every garment on every usual width, each way", () => {
  it.each(garments.map(({ id }) => id))(
    "%s: nothing overlaps, halves touch their fold, none is shorter than can be",
    (id) => {
      for (const width of [36, 45, 54, 60]) {
        const order = mainOrder(id, {}, { width });
        const answers = tryWays(order, "main", 4);
        for (const answer of answers) {
          if ("refused" in answer) continue;
          expect(checkLay(answer.plan, order.cloth)).toEqual([]);
          expect(overlaps(answer.plan)).toBe(0);
          expect(answer.plan.used).toBeGreaterThanOrEqual(answer.plan.lowerBound - 0.02);
        }
        // A width that fits in no way says which piece and what would do.
        const chosen = chooseWay(answers);
        if (!chosen.ok) expect(chosen.issues[0]?.wanted).toBeGreaterThan(width);
      }
    },
  );
  it("and on 12 made-up bodies (seed 51) an open lay has every piece twice over", () => {
    for (const body of makeCrowd(51, 12)) {
      const order = mainOrder("straight-dress", {}, { width: 60 }, body);
      const answer = startLay(order, "main", "open");
      if (!answer.ok) continue;
      const plan = readLay(answer.value);
      expect(checkLay(plan, order.cloth)).toEqual([]);
      expect(plan.sections[0]?.laid.map(({ unit: id, copy }) => `${id}/${copy}`)).toEqual([
        "front/1",
        "back/1",
        "back/2",
      ]);
    }
  });
});

describe("the way to fold", () => {
  it("a straight dress on 60 in: front and back side by side save nearly half of the length", () => {
    const chosen = chooseWay(tryWays(mainOrder("straight-dress", {}, { width: 60 }), "main", 8));
    expect(chosen.ok && chosen.value.why).toBe("saves");
    expect(chosen.ok && chosen.value.plan.used).toBeLessThan(46);
    expect(chosen.ok && chosen.value.saves).toBeGreaterThan(36);
  });
  it("four layers are a fold of their own: only in turn, twice the length where they go end to end", () => {
    const order = mainOrder("shift-dress", { sleeve: "none" }, { width: 45 });
    expect(tryWays(order, "main", 1).flatMap((answer) => ("plan" in answer ? [answer.way] : []))).toEqual(["in-turn"]);
    const plan = lay(order, "in-turn", 1);
    expect(plan.sections[0]?.fold.kind).toBe("four-layers");
    expect(plan.used).toBeCloseTo(2 * Math.max(...(plan.sections[0]?.laid[0]?.outline ?? []).map(({ y }) => y)), 0);
  });
  it("cloth of 24 in for a dress: says that it wants between 28 and 29, not just no", () => {
    const order = mainOrder("straight-dress", {}, { width: 24 });
    const refused = startLay(order, "main", "selvedges");
    expect(refused.ok).toBe(false);
    if (!refused.ok) expect(refused.issues[0]).toMatchObject({ code: "too-wide", cloth: "main" });
    if (!refused.ok) expect(refused.issues[0]?.wanted).toBeCloseTo(28.4, 1);
  });
});

describe("pieces of their own kind", () => {
  it("names what it lays: panels from one fold together", () => {
    const laid = lay(mainOrder("a-line-dress", {}, { width: 60 }), "in-turn", 1).sections.flatMap((one) => one.laid);
    expect(laid.map(wordLaid)).toEqual(["Centre front + Side front", "Back"]);
  });
  it("a pair of sleeves is laid once on doubled cloth and twice, mirrored, on open cloth", () => {
    const order = orderOf([SLEEVE], plainCloth(45));
    expect(lay(order, "selvedges", 1).sections[0]?.laid).toHaveLength(1);
    const open = lay(order, "open", 1).sections[0]?.laid ?? [];
    expect(open.map(({ mirrored }) => mirrored)).toEqual([false, true]);
  });
  it("on one-way cloth nothing is turned head down, and it takes more", () => {
    const units = [SLEEVE, unit("back-sleeve", "pair", [at(0, 0), at(16, 0), at(9, 22), at(7, 22)])];
    const free = lay(orderOf(units, plainCloth(40)), "open", 30);
    const oneWay = lay(orderOf(units, { ...plainCloth(40), oneWay: true }), "open", 30);
    expect(oneWay.sections.flatMap(({ laid }) => laid).every(({ turn }) => turn === 0)).toBe(true);
    expect(oneWay.used).toBeGreaterThan(free.used - 0.01);
  });
  it("a bias strip lies at 45°, a straight one may lie across", () => {
    const strip = rectangle(2, 30);
    const [bias] =
      lay(orderOf([unit("binding", "single", strip, { grain: "bias" })], plainCloth(45)), "open", 1).sections[0]
        ?.laid ?? [];
    expect(Math.abs(Math.sin(2 * (bias?.turn ?? 0)))).toBeCloseTo(1, 6);
    const across = lay(orderOf([unit("band", "single", strip, { grain: "either" })], plainCloth(45)), "open", 1);
    expect(across.used).toBeLessThan(2.2);
  });
  it("pieces that meet at the waist lie on the same phase of a repeat of 8", () => {
    const units = [
      unit("front", "pair", rectangle(12, 30), { level: 16 }),
      unit("back", "pair", rectangle(12, 28), { level: 14 }),
    ];
    const plan = lay(orderOf(units, { ...plainCloth(36), repeat: 8 }), "open", 10);
    for (const { unit: id, y } of plan.sections.flatMap(({ laid }) => laid)) {
      const level = y + (id === "front" ? 16 : 14);
      expect(Math.abs(level / 8 - Math.round(level / 8))).toBeLessThan(0.01);
    }
  });
  it("keeps out of a spot on either layer: 4 from the left selvedge lies under the fold's upper side", () => {
    const cloth = { ...plainCloth(45), spots: [{ across: 38, down: 4, width: 4, length: 4 }] };
    const order = orderOf([unit("front", "fold", rectangle(18, 30))], cloth);
    const plan = lay(order, "selvedges", 3);
    expect(checkLay(plan, cloth)).toEqual([]);
    expect(plan.sections[0]?.laid[0]?.y).toBeGreaterThan(7.9);
  });
  it("a lone strip lies beside the fold and takes no length of its own", () => {
    const units = [unit("front", "fold", rectangle(13, 30)), unit("band", "single", rectangle(3, 20))];
    expect(lay(orderOf(units, plainCloth(45)), "in-turn", 3).used).toBeCloseTo(30, 0);
  });
});

describe("a piece laid by hand", () => {
  it("stays where it was pinned while the others go on round it", () => {
    const order = mainOrder("straight-dress", {}, { width: 60 });
    const before = lay(order, "open", 10);
    const front = before.sections[0]?.laid[0];
    if (front === undefined) throw new Error("expected a front");
    const pin = { ...front, y: front.y + 6 };
    const work = startLay(order, "main", "open", [pin]);
    if (!work.ok) throw new Error("expected a lay");
    const resumed = resumeLay(
      work.value,
      before.sections.flatMap(({ laid }) => laid),
    );
    for (let step = 0; step < 20; step++) improveLay(resumed);
    const after = readLay(resumed);
    expect(checkLay(after, order.cloth)).toEqual([]);
    expect(after.sections[0]?.laid[0]).toMatchObject({ pinned: true, x: pin.x });
    expect(after.sections[0]?.laid[0]?.y).toBeCloseTo(pin.y, 6);
  });
});

describe("the check finds what would be cut wrong", () => {
  const cloth = { ...plainCloth(45), spots: [{ across: 0.5, down: 60, width: 43, length: 5 }] };
  const order = orderOf([unit("front", "fold", rectangle(13, 30)), unit("sleeve", "pair", rectangle(8, 20))], cloth);
  const sound = lay(order, "selvedges", 1);
  /** The same lay with one unit moved by hand of a saboteur. */
  const spoil = (id: string, across: number, down: number): LayPlan => ({
    ...sound,
    sections: sound.sections.map((section) => ({
      ...section,
      laid: section.laid.map((one) =>
        one.unit === id ? { ...one, outline: one.outline.map(({ x, y }) => at(x + across, y + down)) } : one,
      ),
    })),
  });
  const kinds = (plan: LayPlan) => checkLay(plan, cloth).map(({ kind }) => kind);
  const laid = (id: string) => sound.sections[0]?.laid.find((one) => one.unit === id)?.outline ?? [];
  const left = (id: string) => Math.min(...laid(id).map(({ x }) => x));
  it("and nothing in a sound lay", () => expect(kinds(sound)).toEqual([]));
  it("a front an inch off its fold", () => expect(kinds(spoil("front", 1, 0))).toContain("off-fold"));
  it("a sleeve laid on the front: the share of 8 by 20 that they have in common", () => {
    const top = Math.min(...laid("sleeve").map(({ y }) => y)) - Math.min(...laid("front").map(({ y }) => y));
    const fault = checkLay(spoil("sleeve", left("front") - left("sleeve"), -top), cloth).find(
      ({ kind }) => kind === "overlap",
    );
    expect(fault?.amount).toBeCloseTo(160, 0);
    expect(fault?.units).toEqual(["front/1", "sleeve/1"]);
  });
  it("a sleeve 30 in beyond the selvedge, by how much it sticks out", () => {
    const fault = checkLay(spoil("sleeve", 30, 0), cloth).find(({ kind }) => kind === "outside");
    expect(fault?.amount).toBeCloseTo(left("sleeve") + 8 + 30 - 22, 6);
  });
  it("a sleeve on the flaw", () => {
    const bottom = Math.max(...laid("sleeve").map(({ y }) => y));
    expect(kinds(spoil("sleeve", 0, 62 - bottom))).toContain("on-spot");
  });
});

describe("what the head reckons", () => {
  it("a dress 42 long with its hem: twice that of 45 in cloth; a bodice by its length and half the bust", () => {
    const dress = question("straight-dress").draft;
    const lowest = Math.max(...dress.pieces.flatMap(({ outline }) => outline.cut.map(({ y }) => y)));
    expect(ruleOfThumb(dress)).toEqual({ kind: "dress", length: 2 * lowest, width: 45 });
    const bust = typicalBody.bust ?? 0;
    expect(ruleOfThumb(question("basic-bodice").draft)).toMatchObject({ kind: "bodice", width: bust / 2 + 8 });
  });
  it("tells 81 1/16 in as 81⅛, 100.2 cm as 100.5", () => {
    expect(toldLength(81.0625, false)).toBe(81.125);
    expect(toldLength(100.2 / 2.54, true) * 2.54).toBeCloseTo(100.5, 9);
  });
});

describe("what it costs", () => {
  it("81½ in and 2 to square the end make 2½ yd; after 5 % of shrinking 2½, after 8 % 2¾", () => {
    expect(purchase(81.5, plainCloth(45), false)).toEqual({ buy: 2.5, buyUnit: "yd", cost: null });
    expect(purchase(81.5, { ...plainCloth(45), shrinkage: 5, price: 4 }, false)).toEqual({
      buy: 2.5,
      buyUnit: "yd",
      cost: 10,
    });
    expect(purchase(81.5, { ...plainCloth(45), shrinkage: 8 }, false).buy).toBe(2.75);
    expect(purchase(81.5, plainCloth(45), true)).toEqual({ buy: 2.2, buyUnit: "m", cost: null });
  });
});

describe("what is left over", () => {
  it("beside a front of 13 by 30 folded in 13½ wide, 17½ of 44 in stay over in the whole length", () => {
    const order = orderOf([unit("front", "fold", rectangle(13, 30))], plainCloth(45));
    const plan = lay(order, "in-turn", 1);
    const [largest] = findLeftOver(plan, usableWidth(order.cloth), 40);
    expect(largest).toMatchObject({ width: 17.5, across: 26.5, down: 0, length: 40 });
  });
  it("never takes from what is cut: pieces and rectangles together are no more than the cloth", () => {
    for (const way of layWays) {
      const order = mainOrder("shirt", {}, { width: 54 });
      const plan = lay(order, way, 2);
      const left = findLeftOver(plan, 53, plan.used).reduce((sum, one) => sum + one.width * one.length, 0);
      const cut = plan.share * 53 * plan.used;
      expect(left + cut).toBeLessThanOrEqual(53 * plan.used + 1);
    }
  });
});

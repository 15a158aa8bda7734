import { describe, expect, it } from "vitest";
import { makeChildren, makeMen, type Readings } from "../body";
import { type CutSheet, makeSheet, type Order } from "../formats";
import { findGarment, forFigure, garments } from ".";

const order = (
  garment: string,
  figure: "woman" | "man" | "child",
  body: Readings,
  more: Partial<Order> = {},
  age?: number,
): Order => ({
  garment,
  client: { card: { figure, ...(age === undefined ? {} : { age }), measurements: { ...body } } },
  ...more,
});

function drawn(asked: Order): CutSheet {
  const outcome = makeSheet(asked);
  if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
  return outcome.sheet;
}

const [man = {}] = makeMen(11, 1);
const [child = { age: 6, body: {} as Readings }] = makeChildren(11, 1);
const hemOf = (sheet: CutSheet, piece = "bodice-front") =>
  sheet.pieces.find(({ id }) => id === piece)?.edges.find(({ role }) => role === "hem")?.allowance;

describe("a garment for a man", () => {
  it("has no bust line, no dart to a bust, and its darts hang 2 below the chest line", () => {
    const sheet = drawn(order("sheath-dress", "man", man, { choices: { frontWaistDart: true } }));
    const front = sheet.pieces.find(({ id }) => id === "bodice-front");
    expect(front?.lines.map(({ id }) => id)).not.toContain("bust");
    const chest = front?.lines.find(({ id }) => id === "chest")?.down ?? 0;
    const dart = front?.darts.find(({ id }) => id === "front-waist-dart");
    expect(dart?.tip[1]).toBeCloseTo(chest + 2, 6);
    // A tenth of the chest from the centre.
    expect(Math.abs((dart?.tip[0] ?? 0) - (man.bust ?? 0) / 10)).toBeLessThan(1 / 16 + 1e-9);
    expect(front?.darts.map(({ id }) => id)).toEqual(["front-waist-dart"]);
  });
  it("is a woman's in geometry where both say the same", () => {
    const same = { rules: { balance: "none", backScoop: 0.5, "ease.bust": 5, "ease.waist": 5, "ease.hip": 5 } };
    const outline = (figure: "woman" | "man") =>
      drawn(order("shirt", figure, man, { ...same, choices: { frontLap: "left-over-right" } })).pieces.map(
        ({ outline: one }) => one,
      );
    expect(outline("man")).toEqual(outline("woman"));
  });
  it("has a shirt's ease of 5, a dress's as it was, the back scooped ½, and says from where", () => {
    const { rules } = drawn(order("shirt", "man", man)).resolved;
    expect([rules["ease.bust"], rules["ease.hip"]]).toEqual([
      { value: 5, from: "figure" },
      { value: 5, from: "figure" },
    ]);
    const dress = drawn(order("straight-dress", "man", man)).resolved.rules;
    expect(dress["ease.bust"]).toEqual({ value: 2, from: "garment" });
    expect(dress.backScoop).toEqual({ value: 0.5, from: "figure" });
    expect(drawn(order("shirt", "man", man, { rules: { "ease.bust": 3 } })).resolved.rules["ease.bust"]).toEqual({
      value: 3,
      from: "order",
    });
  });
  it("laps left over right, is offered no panels, and is drawn with them all the same when the order says so", () => {
    const sheath = findGarment("sheath-dress");
    const offered = sheath && forFigure(sheath, "man").choices;
    expect(offered?.bustDart).toMatchObject({ notOffered: true, default: "none" });
    expect(drawn(order("shirt", "man", man)).resolved.choices.frontLap).toBe("left-over-right");
    const full = { ...man, shoulderToBust: 11, bustSpan: 8, underbust: 37, shoulderToUnderbust: 14.5 };
    const sheet = drawn(order("shoulder-bustier", "man", full, { choices: { panel: "shoulder" } }));
    expect(sheet.pieces.map(({ id }) => id)).toContain("side-front");
  });
  it("says chest in its sums and its doubts", () => {
    const sheet = drawn(order("shirt", "man", { ...man, armhole: 0.6 * (man.bust ?? 0) }));
    const labels = sheet.pieces.flatMap(({ marks }) => marks.flatMap(({ terms }) => terms.map(({ label }) => label)));
    expect(labels).toContain("Chest girth ÷ 4");
    expect(labels.filter((label) => label.includes("Bust"))).toEqual([]);
    const doubt = sheet.checks.find(({ id }) => id === "reading-doubtful");
    expect(doubt?.text).toMatch(/^An armhole of .* is odd for a chest of/);
  });
});

describe("a garment for a child", () => {
  it("is let down later: 2 more in the hem, 1½ more in the sleeve's, sides of 1½", () => {
    const { age, body } = child;
    const told = { rules: { set: "easy" }, choices: { sleeve: "long" } };
    const grown = drawn(order("straight-dress", "child", body, told, age));
    const now = drawn(
      order("straight-dress", "child", body, { ...told, choices: { ...told.choices, growth: "none" } }, age),
    );
    expect([hemOf(now), hemOf(grown)]).toEqual([1.5, 3.5]);
    expect([hemOf(now, "sleeve"), hemOf(grown, "sleeve")]).toEqual([1.5, 3]);
    const side = (sheet: CutSheet) =>
      sheet.pieces.find(({ id }) => id === "bodice-front")?.edges.find(({ id }) => id === "side")?.allowance;
    expect([side(now), side(grown)]).toEqual([1, 1.5]);
    expect(grown.checks.map(({ id }) => id)).toContain("to-let-down");
    // It is allowance: what is sewn is the same.
    expect(grown.pieces.map(({ outline }) => outline.stitch)).toEqual(now.pieces.map(({ outline }) => outline.stitch));
  });
  it("leaves what the order says of an allowance, and a curved tail", () => {
    const { age, body } = child;
    const told = drawn(order("straight-dress", "child", body, { rules: { "allowance.hem": 1.25 } }, age));
    expect(hemOf(told)).toBe(1.25);
    expect(told.checks.map(({ id }) => id)).not.toContain("to-let-down");
    const tail = drawn(order("shirt", "child", body, {}, age));
    expect(tail.resolved.rules["allowance.hem"]?.from).not.toBe("figure");
  });
  it("warns of whatever could catch it, at its piece, and only a child's", () => {
    const { age, body } = child;
    const belted = { choices: { tieBelt: true } };
    const found = drawn(order("straight-dress", "child", body, belted, age)).checks.filter(
      ({ id }) => id === "child-cords",
    );
    expect(found.map(({ piece, level }) => [piece, level])).toEqual([["tie-belt", "caution"]]);
    expect(found[0]?.text).toMatch(/neck/);
    const grownUp = drawn(order("straight-dress", "man", man, belted)).checks;
    expect(grownUp.map(({ id }) => id)).not.toContain("child-cords");
    const tied = drawn(order("straight-dress", "child", body, { choices: { sleeve: "tie-band" } }, age)).checks;
    expect(tied.filter(({ id }) => id === "child-cords").map(({ piece }) => piece)).toEqual(["tie"]);
  });
  it("reads an age as it is written, and says why one cannot be", () => {
    const { body } = child;
    const said = (age: string | number) => {
      const outcome = makeSheet({ garment: "shirt", client: { card: { figure: "child", age, measurements: body } } });
      return outcome.kind === "errors" ? outcome.errors.map(({ path, message }) => `${path} ${message}`) : [];
    };
    expect(said("7½")).toEqual([]);
    expect(said("seven")[0]).toMatch(/^client.card.age The age is a number of years/);
    expect(said(17)[0]).toMatch(/1 to 16 years/);
  });
});

describe("men and children in every garment", () => {
  const bodies = [
    ...makeMen(23, 6).map((body) => ({ figure: "man" as const, body, age: undefined })),
    ...makeChildren(23, 6).map(({ age, body }) => ({ figure: "child" as const, body, age })),
  ];
  // What is cut to a bust, by its name, asks for the readings of one.
  const plain = garments.filter(
    ({ id }) => !/bustier|yoke-gown|pocket-shirt|blouse|lapel|basque|overlap-dress/.test(id),
  );
  it.each(plain.map(({ id }) => id))("%s is drawn or says why, and nothing in it is wrong", (garment) => {
    const wrong = bodies.flatMap(({ figure, body, age }) => {
      const outcome = makeSheet(order(garment, figure, body, { cloth: { width: 60 } }, age));
      if (outcome.kind === "errors") return outcome.errors.map(({ path }) => path);
      if (outcome.kind === "refused") return [];
      return outcome.sheet.checks
        .filter(({ id, level }) => level === "error" && id !== "cloth-too-narrow")
        .map(({ id }) => `${figure} ${id}`);
    });
    expect(wrong).toEqual([]);
  });
});

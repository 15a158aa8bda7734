import { describe, expect, it } from "vitest";
import { makeCrowd } from "../body";
import { checkDraft } from "../checks";
import { draftOrder, makeSheet, readOrder } from "../formats";
import { isSimple } from "../geometry";
import { formatLength } from "../length";
import { garments } from ".";
import { edgeOf, markOn, pieceOf, WORKED_CARD, type Worked, workedSheet } from "./worked-client.test-data";

const faced = { neckFinish: "facing", armholeFinish: "faced" };
const bodies = garments.filter(({ choices }) => choices.armholeFinish !== undefined);
const lengthOf = (sheet: ReturnType<typeof workedSheet>, piece: string, edge: string) =>
  edgeOf(sheet, piece, edge).length;
const ids = (worked: Worked, garment = "straight-dress") => workedSheet(garment, worked).pieces.map(({ id }) => id);
const checkIds = (worked: Worked, garment = "straight-dress") =>
  workedSheet(garment, worked).checks.map(({ id }) => id);

it("a facing that wraps the shoulder says what is joined first; its cloth is the same; a bound neck has none", () => {
  const wraps = (choices: object) => workedSheet("straight-dress", { choices: { facingWraps: true, ...choices } });
  const plain = workedSheet("straight-dress", { choices: { neckFinish: "facing" } });
  const wrapped = wraps({ neckFinish: "facing" });
  const said = ({ checks }: typeof plain) => checks.find(({ id }) => id === "facing-wraps")?.text;
  expect(said(wrapped)).toBe("Join the front facing to the back one first, at their shoulders.");
  expect(said(plain)).toBeUndefined();
  expect(wrapped.pieces).toEqual(plain.pieces);
  expect(said(wraps({ neckFinish: "binding" }))).toBeUndefined();
});

describe("an armhole without a sleeve", () => {
  const rules = { armholeDepth: 9 };
  const [sleeved, bare] = [
    workedSheet("straight-dress", { rules }),
    workedSheet("straight-dress", { rules, choices: { armholeFinish: "faced" } }),
  ];
  it("has its tip ½ further in, on the same shoulder line: 1 × (7¼ − 3) ÷ (7¾ − 3) = 0.895 down, to 1/32", () => {
    for (const piece of ["bodice-front", "bodice-back"]) {
      expect(markOn(sleeved, piece, "shoulder/tip")).toEqual([7.75, 1]);
      expect(markOn(bare, piece, "shoulder/tip")).toEqual([7.25, 29 / 32]);
    }
  });
  it("has its chest line ½ higher, its widths as they were", () => {
    expect(markOn(bare, "bodice-front", "chest/side")).toEqual([10.5, 8.5]);
    expect(markOn(sleeved, "bodice-front", "chest/side")).toEqual([10.5, 9]);
  });
  it("is as close as a bare armhole should be, solved for an arm of 17½: between that and 2 more", () => {
    const { rounds } = workedSheet("straight-dress", { choices: { armholeFinish: "bound" } });
    expect(rounds.armhole).toBeGreaterThan(17.5);
    expect(rounds.armhole).toBeLessThan(19.5);
  });
  it("is said to stand off where the rules leave it more than 2, as a sleeved one is not", () => {
    const loose = { rules: { armholeRoom: 4 } };
    expect(checkIds({ ...loose, choices: { armholeFinish: "faced" } })).toContain("armhole-loose");
    expect(checkIds({ rules: { armholeRoom: 2.5 } })).not.toContain("armhole-loose");
  });
  it("raises a shirt's back yoke above its higher underarm, and says so; with a sleeve it is refused there", () => {
    const deep = { backYokeDepth: "6 in", backNeckDepth: "3 in" };
    expect(() => workedSheet("shirt", { choices: deep })).toThrow(/yoke-below-armhole/);
    const bare = workedSheet("shirt", { choices: { ...deep, armholeFinish: "faced" } });
    const raised = bare.checks.find(({ id }) => id === "back-yoke-raised");
    expect(raised?.text).toMatch(/ends \S+ in down, above it, not 9 in/);
    expect(checkIds({ choices: { armholeFinish: "faced" } }, "shirt")).not.toContain("back-yoke-raised");
  });
  it("has no more than 2 by a set whose room is a sleeve's, and what the order itself asks for", () => {
    const bare = (rules: object) => workedSheet("straight-dress", { rules, choices: { armholeFinish: "faced" } });
    expect(checkIds({ rules: { set: "easy" }, choices: { armholeFinish: "faced" } })).not.toContain("armhole-loose");
    const [easy, close] = [bare({ set: "easy" }).rounds.armhole, bare({ set: "close" }).rounds.armhole];
    expect(easy).toBeLessThanOrEqual(19.5);
    expect(easy).toBeGreaterThan(close);
    expect(bare({ set: "easy", armholeRoom: 3 }).rounds.armhole).toBeGreaterThan(19.5);
    expect(workedSheet("straight-dress", { rules: { set: "easy" } }).rounds.armhole).toBeCloseTo(20.5, 0);
  });
  it("may gape over a full bust, unless a dart or a panel takes the room out", () => {
    const gapes = (choices: object, underbust: number, garment = "sheath-dress") =>
      checkIds({ choices: { armholeFinish: "faced", ...choices }, card: { underbust } }, garment).includes(
        "armhole-may-gape",
      );
    expect(gapes({ bustDart: "none" }, 34)).toBe(true);
    expect(gapes({ bustDart: "sewn" }, 34)).toBe(false);
    expect(gapes({ bustDart: "none" }, 36)).toBe(false);
    expect(checkIds({ card: { underbust: 34 } }, "sheath-dress")).not.toContain("armhole-may-gape");
  });
});

describe("facings", () => {
  const sheet = workedSheet("straight-dress", { choices: faced });
  it("are as long as what they face, panels and all, and meet each other at the shoulder and the side", () => {
    expect(lengthOf(sheet, "facing-front-neck", "neck")).toBeCloseTo(lengthOf(sheet, "bodice-front", "front-neck"), 9);
    expect(lengthOf(sheet, "facing-armhole-back", "armhole")).toBeCloseTo(
      lengthOf(sheet, "bodice-back", "back-armhole"),
      9,
    );
    const panels = workedSheet("a-line-dress", { choices: faced });
    const whole = lengthOf(panels, "centre-front", "front-armhole") + lengthOf(panels, "side-front", "front-armhole");
    expect(lengthOf(panels, "facing-armhole-front", "armhole")).toBeCloseTo(whole, 9);
    for (const side of ["front", "back"]) {
      expect(lengthOf(sheet, `facing-${side}-neck`, "shoulder")).toBeCloseTo(2.5, 9);
      expect(lengthOf(sheet, `facing-armhole-${side}`, "shoulder")).toBeCloseTo(2, 9);
      expect(lengthOf(sheet, `facing-armhole-${side}`, "side")).toBeCloseTo(2, 9);
    }
  });
  it("of a square neck 3 wide and 6 deep turn its corner 2½ outside it: 5½ across at 8½ down", () => {
    const square = workedSheet("straight-dress", {
      choices: { ...faced, frontNeck: "square", frontNeckDepth: 6, facingDepth: 2.5 },
    });
    expect(edgeOf(square, "facing-front-neck", "inner").path).toContain("5.5 8.5");
  });
  it("lie as the garment does: the front on its fold, the back a pair with the zip's allowance", () => {
    const [front, back] = [pieceOf(sheet, "facing-front-neck"), pieceOf(sheet, "facing-back-neck")];
    expect([front.cut.on, back.cut.on]).toEqual(["fold", "pair"]);
    expect(edgeOf(sheet, "facing-back-neck", "centre").allowance).toBe(1.5);
    expect(
      pieceOf(workedSheet("straight-dress", { choices: { ...faced, opening: "none" } }), "facing-back-neck").cut.on,
    ).toBe("fold");
  });
  it("are chalked round what is cut: no line of theirs is measured twice, and their inner edge has no seam", () => {
    const steps = sheet.steps.filter(({ piece }) => piece === "facing-front-neck");
    expect(steps.filter(({ phase }) => phase === "chalk").map(({ act }) => act)).toEqual(["round", "round", "beside"]);
    // 2½ deep from the seam, and ½ of seam beyond it.
    expect(steps.find(({ act }) => act === "beside")?.reading).toBe(3);
    expect(steps.some(({ phase }) => phase === "check")).toBe(false);
    expect(steps.filter(({ phase }) => phase === "cut").every(({ stopUntil }) => stopUntil === null)).toBe(true);
    const cutBody = sheet.steps.findLastIndex(({ piece, phase }) => piece === "bodice-back" && phase === "cut");
    expect(sheet.steps.findIndex(({ act }) => act === "round")).toBeGreaterThan(cutBody);
  });
  it("are one for neck and armhole where the shoulder is under 3 long", () => {
    const narrow = { choices: { ...faced, neckWidth: 5 } };
    expect(ids(narrow)).toEqual(["bodice-front", "bodice-back", "facing-front-neck", "facing-back-neck"]);
    const one = workedSheet("straight-dress", narrow);
    expect(pieceOf(one, "facing-front-neck").edges.map(({ id }) => id)).toEqual([
      "neck",
      "shoulder",
      "armhole",
      "side",
      "lower",
      "centre",
    ]);
    expect(lengthOf(one, "facing-front-neck", "armhole")).toBeCloseTo(
      lengthOf(one, "bodice-front", "front-armhole"),
      9,
    );
  });
  it("leave the body as it was where only the neck is faced", () => {
    const marks = (choices: object) => pieceOf(workedSheet("sheath-dress", { choices }), "bodice-front").marks;
    expect(marks({ neckFinish: "facing" })).toEqual(marks({}));
  });
  it("at half scale are half, each length and the tape's 3", () => {
    const half = workedSheet("straight-dress", { choices: { ...faced, scale: "0.5" } });
    expect(lengthOf(half, "facing-front-neck", "inner")).toBeCloseTo(
      lengthOf(sheet, "facing-front-neck", "inner") / 2,
      6,
    );
    expect(half.steps.find(({ act }) => act === "beside")?.reading).toBe(1.5);
  });
});

describe("bindings", () => {
  it("take the allowance off the edge they bind, and no other", () => {
    const sheet = workedSheet("straight-dress", { choices: { neckFinish: "binding", armholeFinish: "bound" } });
    expect(edgeOf(sheet, "bodice-front", "front-neck").allowance).toBe(0);
    expect(edgeOf(sheet, "bodice-back", "back-armhole").allowance).toBe(0);
    expect(edgeOf(sheet, "bodice-back", "shoulder").allowance).toBe(0.5);
    expect(sheet.steps.some(({ id }) => id === "front-neck-allowance")).toBe(false);
  });
  it("come from one square: 0.95 of each edge and 1, 1¼ wide", () => {
    const sheet = workedSheet("straight-dress", { choices: { neckFinish: "binding" } });
    const long = Math.ceil((0.95 * sheet.rounds.neck + 1) * 8) / 8;
    const side = Math.ceil(Math.sqrt(long * 1.25) * 8) / 8;
    expect(pieceOf(sheet, "binding").strip).toMatchObject({ length: side, depth: side });
    const said = sheet.checks.find(({ id }) => id === "binding-neck")?.text ?? "";
    expect(said).toContain("1¼ in apart");
    expect(said).toContain(`make ${formatLength(long, "in")} in for the neck`);
    const all = workedSheet("straight-dress", { choices: { neckFinish: "binding", armholeFinish: "bound" } });
    expect(pieceOf(all, "binding").strip?.length).toBeGreaterThan(side * 1.4);
  });
});

it("the habit's chalked armhole, the line to cut, has no seam inside it once it is bound", () => {
  const cutting = (armholeFinish: string) =>
    markOn(
      workedSheet("straight-dress", { choices: { armholeFinish }, rules: { armholeLine: "cutting", armholeDepth: 9 } }),
      "bodice-front",
      "top/shoulder",
    )[0];
  // 7¾ as read; ½ of seam inside it, ½ for the bare arm.
  expect([cutting("sleeve"), cutting("faced"), cutting("bound")]).toEqual([7.25, 6.75, 7.25]);
});

const ENDS = ["none", "facing", "binding"].flatMap((neckFinish) =>
  ["sleeve", "faced", "bound"].map((armholeFinish) => ({ neckFinish, armholeFinish, fold: "one-fold" })),
);

/** What is wrong with a garment whose edges end in some way, for one body; nothing where that is refused. */
function wrongOf(garment: string, choices: object, measurements: object): readonly string[] {
  const read = readOrder({ garment, choices, client: { card: { measurements } } });
  const drawn = read.ok ? draftOrder(read.value) : read;
  if (!drawn.ok) return [];
  const { full } = drawn.value;
  const errors = checkDraft(full).findings.filter(({ level }) => level === "error");
  const crossed = full.pieces.filter(({ outline }) => !isSimple(outline.stitch) || !isSimple(outline.cut));
  return [...errors.map(({ id }) => id), ...crossed.map(({ id }) => id)];
}

it.each(bodies.map(({ id }) => id))("every end of neck and armhole of a %s is drawn without an error", (garment) => {
  const bodies = makeCrowd(11, 4);
  for (const choices of ENDS)
    for (const body of bodies) expect(wrongOf(garment, choices, body), JSON.stringify(choices)).toEqual([]);
});

it.each([
  ["flared-blouse", "close"],
  ["yoke-gown", "close"],
  ["pocket-shirt", "metric"],
  ["shirt-dress", "metric"],
])(
  "an armhole facing of a %s, %s, never crosses itself, however its side was turned or its scoop bends",
  (garment, set) => {
    const crossed = [...makeCrowd(23, 60), ...makeCrowd(99, 60)].filter((measurements) => {
      const choices = { neckFinish: "facing", armholeFinish: "faced" };
      const read = readOrder({ garment, choices, rules: { set }, client: { card: { measurements } } });
      const drawn = read.ok ? draftOrder(read.value) : read;
      return !drawn.ok && JSON.stringify(drawn.issues).includes("outline-crosses-itself");
    });
    expect(crossed).toEqual([]);
  },
);

it("a skirt has no armhole to finish, and says so", () => {
  const outcome = makeSheet({
    garment: "circle-skirt",
    choices: { armholeFinish: "faced" },
    client: { card: { measurements: WORKED_CARD } },
  });
  expect(outcome.kind).not.toBe("sheet");
});

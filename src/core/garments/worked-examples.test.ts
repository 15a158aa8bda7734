import { describe, expect, it } from "vitest";
import { edgeOf, markOn, pieceOf, workedSheet } from "./worked-client.test-data";

/** Piece, mark, across (panels where they lie before they are moved out), down. Null where the example says nothing. */
type Row = readonly [string, string, number | null, number | null];

/*
 * The client: bust 40, ribs 34, waist 32, hip 42, span 8, bust line 10½, ribs 14, half lengths 17 and 15½, hip depth 9,
 * full length 42, across shoulder 15½. Quarters: 10, 8½, 8, 10½. Under the bust 40 − 34 = 6, so 2 are taken out.
 */
const examples: Readonly<Record<string, readonly Row[]>> = {
  // Ease 2 and 1: ½ and ¼ a quarter. Darts 1 wide on 4 ± ½; tips 1 below and 1 above the bust line.
  "basic-bodice": [
    ["bodice-front", "chest/side", 10.5, null],
    ["bodice-front", "bust/point", 4, 10.5],
    ["bodice-front", "waist/side", 9.25, 17], // 8 + ¼ + 1 given back
    ["bodice-front", "waist/dart-inner", 3.5, 17],
    ["bodice-front", "waist/dart-outer", 4.5, 17],
    ["bodice-front", "dart/tip", 4, 11.5],
    ["bodice-back", "dart/tip", 4, 9.5],
    ["bodice-back", "waist/side", 9.75, 15.5], // 8 + ¼ + ½ hollow + 1 dart
  ],
  // Ease ½: ⅛ a quarter. All 2 toward the side; the back's panel takes ½ each side.
  "armhole-bustier": [
    ["centre-front", "underbust/panel", 4, 14],
    ["side-front", "underbust/panel", 6, 14],
    ["side-front", "underbust/side", 10.625, 14], // 8½ + ⅛ + 2
    ["side-front", "waist/side", 10.125, 17], // 8 + ⅛ + 2
    ["centre-back", "waist/panel", 3.5, 17],
    ["side-back", "waist/side", 9.625, 17], // 8 + ⅛ + ½ hollow + 1
  ],
  "shoulder-bustier": [
    ["side-front", "underbust/side", 10.625, 14],
    ["side-front", "waist/side", 10.125, 17],
    ["centre-front", "centre/neck-depth", 0, 6],
  ],
  // Mostly toward the side: ½ to the centre, 1½ outwards. The chest line is fixed at 9.
  "freehand-bustier": [
    ["centre-front", "underbust/panel", 3.5, 14],
    ["side-front", "underbust/panel", 5.5, 14],
    ["side-front", "waist/side", 10.125, 17],
    ["side-front", "chest/side", null, 9],
  ],
  // Ease 4: 1 a quarter; the waist is let out to the chest's 11; the hem lies 1 beyond the hip.
  "shift-dress": [
    ["bodice-front", "chest/side", 11, null],
    ["bodice-front", "waist/side", 11, 17],
    ["bodice-back", "waist/side", 11, 17],
    ["bodice-front", "hip/side", 11.5, 26],
    ["bodice-front", "hem/side", 12.5, 42],
  ],
  // Ease 2: ½ a quarter. The hem is pegged 1½ in from the hip.
  "sheath-dress": [
    ["bodice-front", "waist/side", 9.5, 17], // 8 + ½ + 1
    ["bodice-back", "waist/side", 10, 15.5], // 8 + ½ + ½ + 1
    ["bodice-front", "hip/side", 11, 26],
    ["bodice-front", "hem/side", 9.5, 42],
    ["bodice-front", "dart/end", 4, 24], // 2 above the hip
    ["bodice-back", "hem/side", 9.5, 40.5], // 42 less the 1½ that the front is longer
  ],
  // 6 of flare on 16 of length: the slant is √(16² + 6²) = 17.088, so 5.618 are kept and the corner lies 14.981 down.
  "a-line-dress": [
    ["side-front", "hip/side", 11.25, 26],
    ["side-front", "hem/side", 11.25 + 5.618, 26 + 14.981],
    ["bodice-back", "hem/side", 11.25 + 5.618, 24.5 + 14.981],
  ],
  // Ease 1 and 2. Darts end 1 above the hip; the edge dips 1 at the side and 4 at the centre below the hip line.
  "basque-gown": [
    ["bodice-front", "waist/side", 9.25, 17],
    ["bodice-front", "dart/end", 4, 25],
    ["bodice-front", "hem/side", 11, 27],
    ["bodice-front", "centre/hem", 0, 30],
    ["bodice-back", "centre/hem", 0, 28.5],
  ],
  // The yoke line: 10½ − 1½ = 9, or an inch above the underarm; below it everything is read from it.
  "yoke-gown": [
    ["centre-front", "yoke/panel", 3.25, 0],
    ["side-front", "yoke/panel", 4.75, 0],
    ["side-front", "hip/side", 11, null],
    ["side-front", "hem/side", 9, null], // hip quarter − 2
  ],
  // 3 of flare on 9: the slant is 9.487, so 2.846 across and 8.538 down from the waist.
  "flared-blouse": [
    ["side-front", "waist/side", 10.5, 17], // 8 + ½ + 2
    ["side-front", "hem/side", 10.5 + 2.846, 17 + 8.538],
  ],
  "lapel-dress": [
    ["bodice-front", "chest/side", 10.75, null], // 10 + ¾
    ["bodice-front", "waist/side", 9.5, 17], // 8 + ½ + 1
    ["bodice-front", "centre/neck-depth", 0, 3.5],
  ],
  "overlap-dress": [
    ["side-front", "hip/side", 11.5, 26],
    ["side-front", "hem/side", 11.5, 42],
  ],
  // From the stand's seam at 3½ two even spaces of 3½ reach the bust line at 10½; the first lies one of them down.
  shirt: [
    ["bodice-front", "centre/button-1", 0, 7],
    ["bodice-front", "centre/button-2", 0, 10.5],
    ["bodice-front", "centre/button-3", 0, 14],
    ["bodice-front", "hem/side", 11.5, 26.5], // hem at 26 + 3, the side raised 2½
  ],
  // Ease 6: 1½ a quarter; 3 below the hip.
  "pocket-shirt": [
    ["side-front", "hip/side", 12, 26],
    ["side-front", "hem/side", 12, 29],
  ],
  // The body stops 8 above the hem, where the gathered band begins.
  "shirt-dress": [
    ["bodice-front", "chest/side", 11, null],
    ["bodice-front", "hem/side", 12.5, 34],
  ],
};

describe.each(Object.entries(examples))("%s for the worked client", (garment, rows) => {
  const sheet = workedSheet(garment);
  it.each(rows)("%s: %s lies %s across, %s down", (piece, id, across, down) => {
    const [x, y] = markOn(sheet, piece, id);
    if (across !== null) expect(x).toBeCloseTo(across, 2);
    if (down !== null) expect(y).toBeCloseTo(down, 2);
  });
  it("has no error, meets at every seam, and its terms add up", () => {
    expect(sheet.checks.filter(({ level }) => level === "error")).toEqual([]);
    expect(sheet.seams.every(({ meets }) => meets)).toBe(true);
    for (const piece of sheet.pieces)
      for (const mark of piece.marks)
        expect(
          mark.terms.reduce((sum, { value }) => sum + value, 0),
          `${piece.id} ${mark.id}`,
        ).toBeCloseTo(mark.reading, 6);
  });
});

describe("fronts that open", () => {
  it("a folded band of 1½: centre front 3¾ from the edge, folded edge ¾ outside it, 3 folded in", () => {
    const shirt = workedSheet("shirt");
    expect(pieceOf(shirt, "bodice-front")).toMatchObject({
      origin: "centre-line",
      originInset: 3.75,
      cut: { on: "pair" },
    });
    expect(edgeOf(shirt, "bodice-front", "centre")).toMatchObject({ allowance: 3, start: [-0.75, 29] });
  });
  it("a slit: each half front stops ¾ short, and two strips 4 and 3½ wide bring it back", () => {
    const shirt = workedSheet("pocket-shirt");
    expect(edgeOf(shirt, "centre-front", "centre")).toMatchObject({ allowance: 0.5, start: [0.75, 29] });
    // From where the neck meets the edge, 3.397 down and not 3½, to 29; a seam at either end, up to the next eighth.
    expect(pieceOf(shirt, "placket").box).toMatchObject({ right: 4, bottom: 26.625 });
    expect(pieceOf(shirt, "under-placket").box).toMatchObject({ right: 3.5 });
  });
  it("a popover of 8 opens to 11½ and leaves the fold whole below", () => {
    const popover = { slitFinish: "bands", slitLength: 8 };
    const shift = workedSheet("shift-dress", { choices: popover });
    expect(edgeOf(shift, "bodice-front", "centre").path).toBe("M 0 42 L 0 11.5 L 0.75 11.5 L 0.75 3.397134");
    const slanted = workedSheet("shift-dress", { choices: { ...popover, slitEnd: "slanted" } });
    expect(edgeOf(slanted, "bodice-front", "centre").path).toBe("M 0 42 L 0 12.25 L 0.75 11.5 L 0.75 3.397134");
  });
  it("an overlap of 4 carries the V on to its edge", () => {
    const dress = workedSheet("overlap-dress");
    expect(edgeOf(dress, "centre-front", "front-neck").path).toBe("M -4 9 L 3 0");
    expect(pieceOf(dress, "centre-front")).toMatchObject({ origin: "centre-line", originInset: 4.5 });
  });
});

describe("pieces cut across", () => {
  it("a back yoke 4 below the neck; the pleat makes the back's join 1 longer until it is folded", () => {
    const shirt = workedSheet("shirt");
    const [yoke, back] = [edgeOf(shirt, "yoke-back", "join"), edgeOf(shirt, "bodice-back", "join")];
    expect(yoke.start[1]).toBe(5);
    expect(back.start).toEqual([-1, 0]);
    expect(back.length - yoke.length).toBeCloseTo(1, 6);
    expect(back.sewn).toBeCloseTo(yoke.sewn, 6);
    expect(pieceOf(shirt, "bodice-back").lines.find(({ id }) => id === "waist")?.down).toBe(12); // 17 − 5
  });
  it("a basque split 1 above the waist: the waist dart opens into both edges by what it is wide there", () => {
    const gown = workedSheet("basque-gown", { choices: { bodySplit: true } });
    const [upper, lower] = [edgeOf(gown, "bodice-front-upper", "join"), edgeOf(gown, "bodice-front-lower", "join")];
    // From the tip at 11½ to the waist at 17 it widens to 1: at 16 it is 4.5 ÷ 5.5.
    expect(upper.length - upper.sewn).toBeCloseTo(4.5 / 5.5, 6);
    expect(lower.length - lower.sewn).toBeCloseTo(4.5 / 5.5, 6);
    expect(pieceOf(gown, "bodice-front-lower").darts[0]?.opens).not.toBeNull();
    expect(gown.seams.every(({ meets }) => meets)).toBe(true);
  });
  it("a yoke and the body below it join edge to edge, what the dart takes given back outside the armhole", () => {
    const gown = workedSheet("yoke-gown");
    const [inside, given] = [markOn(gown, "yoke-front", "yoke/armhole"), markOn(gown, "side-front", "yoke/armhole")];
    expect(given[0] - inside[0]).toBeCloseTo(1.5, 6);
    expect(gown.seams.find(({ id }) => id === "yoke")?.ease).toBeCloseTo(0, 6);
  });
});

it("at half scale every reading halves, allowances too, and the proof stays that of the garment", () => {
  const [full, half] = [workedSheet("sheath-dress"), workedSheet("sheath-dress", { choices: { scale: 0.5 } })];
  for (const [index, piece] of full.pieces.entries()) {
    const small = half.pieces[index];
    for (const [at, mark] of piece.marks.entries()) {
      expect(small?.marks[at]?.reading, mark.id).toBeCloseTo(mark.reading / 2, 9);
      if (typeof mark.cut === "number") expect(small?.marks[at]?.cut, mark.id).toBeCloseTo(mark.cut / 2, 9);
    }
    expect(small?.edges[0]?.allowance).toBeCloseTo((piece.edges[0]?.allowance ?? 0) / 2, 9);
  }
  expect(half.girths).toEqual(full.girths);
  expect(half.cloth.used).toBeLessThan(full.cloth.used / 2 + 1);
  expect(half.checks.map(({ id }) => id)).toContain("half-scale");
});

it("said from the cloth's edge every length is longer by what lies above the top line; the marks stay", () => {
  const [top, edge] = ["top-line", "cloth-edge"].map((lengthsFrom) =>
    workedSheet("basic-bodice", { choices: { lengthsFrom } }),
  );
  const read = (sheet: typeof top, id: string) => sheet?.steps.find((step) => step.id === id);
  for (const [id, reading] of [
    ["front-waist-line", 17],
    ["front-bust-line", 10.5],
    ["front-centre-neck-depth", 3.5],
  ] as const) {
    expect(read(top, id)).toMatchObject({ reading, from: "top-line" });
    expect(read(edge, id)).toMatchObject({ reading: reading + 0.5, from: "cloth-edge" });
    expect(read(edge, id)?.text).toContain("from the cloth's edge");
  }
  expect(edge?.pieces).toEqual(top?.pieces);
});

it("a figure note on a panel's chest or waist is a term of its own there, and is declared in the girth", () => {
  const note = (line: string) => ({ piece: "side-front", line, amount: 0.5, why: "full front" });
  // A fixed depth, so that the note alone moves the marks.
  const rules = { armholeDepth: 10 };
  const plain = workedSheet("armhole-bustier", { rules });
  const noted = workedSheet("armhole-bustier", { rules, figureNotes: [note("chest"), note("waist")] });
  for (const line of ["chest", "waist"]) {
    expect(markOn(noted, "side-front", `${line}/side`)[0] - markOn(plain, "side-front", `${line}/side`)[0]).toBeCloseTo(
      0.5,
      6,
    );
    expect(noted.girths.find(({ on }) => on === line)?.declared).toBe(1);
  }
  expect(noted.checks.filter(({ level }) => level === "error")).toEqual([]);
});

describe("how panels, yokes and strips lie on the cloth", () => {
  it("both panels of a half on one fold, as wide as the outer one's cut and ½; a yoke and strips by themselves", () => {
    const gown = workedSheet("yoke-gown");
    expect(gown.groups.map(({ id, pieces }) => [id, pieces])).toEqual([
      ["yoke-front", ["yoke-front"]],
      ["front", ["centre-front", "side-front"]],
      ["back", ["bodice-back"]],
    ]);
    const front = gown.groups.find(({ id }) => id === "front");
    expect(front?.foldedWidth).toBeGreaterThanOrEqual(pieceOf(gown, "side-front").box.right + 0.5 - 1e-9);
    expect(front?.foldedWidth).toBeLessThan(pieceOf(gown, "side-front").box.right + 0.75);
    const shirt = workedSheet("pocket-shirt");
    expect(shirt.groups.map(({ id, layers }) => [id, layers])).toEqual([
      ["front", 2],
      ["back", 2],
      ["sleeve", 4],
      ["placket", 1],
      ["under-placket", 1],
      ["cuff", 1],
      ["sleeve-placket", 1],
    ]);
  });
  it("cuts panels apart last, when everything is chalked on both", () => {
    const { steps } = workedSheet("armhole-bustier");
    const front = steps.filter(({ group }) => group === "front");
    const firstCut = front.findIndex(({ phase }) => phase === "cut");
    expect(front.slice(firstCut).some(({ phase }) => phase === "chalk")).toBe(false);
    const cuts = front.filter(({ phase }) => phase === "cut").map(({ edge }) => edge);
    expect(cuts.slice(-2)).toEqual(["panel", "panel"]);
  });
  it("a slit is cut on the front alone: in four layers it waits for the stop", () => {
    const { steps } = workedSheet("shift-dress", { choices: { slitFinish: "bands" } });
    const stop = steps.findIndex(({ stopUntil }) => stopUntil === "separated");
    expect(steps[stop]?.mustNotCut).toContain("bodice-front/centre");
    expect(steps.findIndex(({ id }) => id === "re-cut-centre-body")).toBeGreaterThan(stop);
    expect(steps.slice(0, stop).some(({ phase, edge }) => phase === "cut" && edge === "centre")).toBe(false);
  });
});

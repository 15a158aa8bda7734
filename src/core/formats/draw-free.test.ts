import { describe, expect, it } from "vitest";
import { makeCrowd, type Readings } from "../body";
import { type CutSheet, type DrawnFree, drawFree, makeSheet, type Order } from ".";

const order = (garment: string, body: Readings, choices: Order["choices"] = {}, more: Partial<Order> = {}): Order => ({
  garment,
  client: { card: { measurements: { ...body } } },
  choices,
  ...more,
});
function sheetOf(asked: Order): CutSheet {
  const outcome = makeSheet(asked);
  if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
  return outcome.sheet;
}
function drawn(made: DrawnFree): CutSheet {
  if (made.kind !== "sheet") throw new Error(JSON.stringify(made));
  return made.sheet;
}
const bodies = makeCrowd(31, 4);
const [body = {}] = bodies;
const pieceOf = (sheet: CutSheet, id: string) => sheet.pieces.find((piece) => piece.id === id);
const seamOf = (sheet: CutSheet, id: string) => sheet.seams.find((seam) => seam.id === id);
const cautions = (sheet: CutSheet) => sheet.checks.filter(({ id }) => id === "change-after-cut");

describe("a garment of which something is cut, and the rest is drawn anew", () => {
  const sleeved = order("straight-dress", body, { sleeve: "long" });
  const frozen = sheetOf(sleeved);
  const sleeve = new Set(["sleeve"]);

  it("a longer sleeve is drawn, and front and back stay to the last number", () => {
    const longer = { ...body, sleeveLength: (body.sleeveLength ?? 22) + 1.5 };
    const sheet = drawn(drawFree(frozen, order("straight-dress", longer, { sleeve: "long" }), sleeve));
    for (const id of ["bodice-front", "bodice-back"]) expect(pieceOf(sheet, id)).toEqual(pieceOf(frozen, id));
    const down = (one: CutSheet) => pieceOf(one, "sleeve")?.lines.find(({ id }) => id === "hem")?.down ?? 0;
    expect(down(sheet) - down(frozen)).toBeCloseTo(1.5, 6);
    expect(cautions(sheet)).toEqual([]);
    expect(sheet.steps.filter(({ piece }) => piece === "bodice-front")).toEqual(
      frozen.steps.filter(({ piece }) => piece === "bodice-front"),
    );
  });

  it("with another armhole reading the sleeve is drawn to the armhole that is cut, as nobody had measured it", () => {
    const wider = { ...body, armhole: (body.armhole ?? 17) + 1 };
    const now = order("straight-dress", wider, { sleeve: "long" });
    const sheet = drawn(drawFree(frozen, now, sleeve));
    const [cap, before, apart] = [seamOf(sheet, "cap"), seamOf(frozen, "cap"), seamOf(sheetOf(now), "cap")];
    expect(cap?.lengthB).toBeCloseTo(before?.lengthB ?? 0, 9);
    expect(Math.abs((apart?.lengthB ?? 0) - (before?.lengthB ?? 0))).toBeGreaterThan(0.5);
    expect(cap?.meets).toBe(true);
    expect(cap?.lengthA).toBeGreaterThan(before?.lengthB ?? 99);
    expect(sheet.late).toBeUndefined();
    expect(sheet.order.measuredOnGarment).toBeUndefined();
    expect(cautions(sheet).map(({ piece }) => piece)).toEqual(["bodice-front", "bodice-back"]);
  });

  it("a waist 1 wider with the front cut: the back is new, the front is told what its side takes, one line", () => {
    const plain = sheetOf(order("straight-dress", body));
    const wider = order("straight-dress", { ...body, waist: (body.waist ?? 32) + 1 });
    const sheet = drawn(drawFree(plain, wider, new Set(["bodice-back"])));
    expect(pieceOf(sheet, "bodice-front")).toEqual(pieceOf(plain, "bodice-front"));
    const waist = (one: CutSheet, id: string) =>
      pieceOf(one, id)?.marks.find((mark) => mark.id === "waist/side")?.stitch ?? 0;
    expect(waist(sheet, "bodice-back") - waist(plain, "bodice-back")).toBeCloseTo(0.25, 6);
    const [line, ...rest] = cautions(sheet);
    expect(rest.filter(({ piece }) => piece === "bodice-front")).toEqual([]);
    expect(line).toMatchObject({ piece: "bodice-front", level: "caution" });
    expect(line?.text).toMatch(/^Front, cut before the order changed: Side: ¼ in further out/);
  });

  it("a half length 2 longer with the front cut: the sides do not meet, and it is said", () => {
    const plain = sheetOf(order("straight-dress", body));
    const longer = order("straight-dress", { ...body, fullLength: (body.fullLength ?? 40) + 2 });
    const sheet = drawn(drawFree(plain, longer, new Set(["bodice-back"])));
    expect(seamOf(sheet, "side")?.meets).toBe(false);
    expect(cautions(sheet).some(({ text }) => text.includes("do not meet at the side"))).toBe(true);
  });

  it("a collar that was chosen after the body was cut is drawn to the neck that is cut", () => {
    const plain = sheetOf(order("shirt", body, { collar: "none" }));
    const free = new Set(plain.pieces.filter(({ part }) => part !== "body").map(({ id }) => id));
    const made = drawFree(plain, order("shirt", body, { collar: "stand" }), free);
    const sheet = drawn(made);
    expect(pieceOf(plain, "collar")).toBeUndefined();
    expect(pieceOf(sheet, "collar")).toBeDefined();
    expect(pieceOf(sheet, "bodice-front")).toEqual(pieceOf(plain, "bodice-front"));
    expect(made.kind === "sheet" && made.anew.pieces.has("collar")).toBe(true);
  });

  it("what is cut and would not be there any more is named: nothing is drawn over it", () => {
    const panels = sheetOf(order("a-line-dress", body));
    const plain = order("a-line-dress", body, { panel: "none", bustDart: "none" });
    expect(drawFree(panels, plain, new Set())).toMatchObject({ kind: "cut-otherwise" });
    expect(drawFree(frozen, order("straight-dress", body, { sleeve: "none" }), sleeve).kind).toBe("sheet");
    expect(drawFree(frozen, order("straight-dress", body, { sleeve: "none" }), new Set())).toEqual({
      kind: "cut-otherwise",
      pieces: [pieceOf(frozen, "sleeve")?.name],
    });
  });

  it("with nothing changed it is the sheet that was frozen", () => {
    const sheet = drawn(drawFree(frozen, sleeved, sleeve));
    expect(sheet.pieces).toEqual(frozen.pieces);
    expect(sheet.seams).toEqual(frozen.seams);
    expect(sheet.steps).toEqual(frozen.steps);
    expect(sheet.checks).toEqual(frozen.checks);
  });
});

interface Half {
  readonly frozen: CutSheet;
  readonly sheet: CutSheet;
  readonly cut: ReadonlySet<string>;
}

/** A garment with its first groups cut, one for each body, and what comes of it when waist and hip are half an inch wider. */
function halfCut(garment: string, choices: Order["choices"]): readonly Half[] {
  return bodies.flatMap((one, index): readonly Half[] => {
    const outcome = makeSheet(order(garment, one, choices));
    if (outcome.kind !== "sheet") return [];
    const { sheet: frozen } = outcome;
    const now = order(garment, { ...one, waist: (one.waist ?? 32) + 0.5, hip: (one.hip ?? 42) + 0.5 }, choices);
    const cut = new Set(frozen.groups.slice(0, 1 + (index % 3)).flatMap(({ pieces }) => pieces));
    const free = new Set(frozen.pieces.map(({ id }) => id).filter((id) => !cut.has(id)));
    const made = drawFree(frozen, now, free);
    return made.kind === "sheet" ? [{ frozen, sheet: made.sheet, cut }] : [];
  });
}

/** The sewn length of several edges; not a number where one is a line inside its piece. */
function sewnOf(sheet: CutSheet, edges: readonly string[]): number {
  return edges.reduce((sum, edge) => {
    const [piece = "", name = ""] = edge.split("/");
    return sum + (pieceOf(sheet, piece)?.edges.find(({ id }) => id === name)?.sewn ?? Number.NaN);
  }, 0);
}

describe.each(["straight-dress", "shirt", "a-line-dress", "basic-bodice", "shirt-dress"])(
  "any part of a %s cut",
  (garment) => {
    const made = halfCut(garment, garment === "basic-bodice" ? { skirt: "circle" } : {});
    it("what is cut stays to the last number", () => {
      expect(made.length).toBeGreaterThan(1);
      for (const { frozen, sheet, cut } of made)
        for (const id of cut) expect(pieceOf(sheet, id), id).toEqual(pieceOf(frozen, id));
    });
    it("every seam is as long as the edges that it joins", () => {
      const told = made.flatMap(({ sheet }) =>
        sheet.seams.flatMap(({ id, a, b, lengthA, lengthB }) => [
          { id, told: lengthA, sewn: sewnOf(sheet, a) },
          { id, told: lengthB, sewn: sewnOf(sheet, b) },
        ]),
      );
      const off = told.filter(({ told: length, sewn }) => Math.abs(length - sewn) > 1e-3);
      expect(off).toEqual([]);
    });
    it("each chalk step lies in exactly one placement still", () => {
      for (const { sheet } of made) {
        const placed = (sheet.placements ?? []).flatMap(({ steps }) => steps);
        const chalk = sheet.steps.filter(({ phase }) => phase === "chalk").map(({ id }) => id);
        expect([...placed].sort()).toEqual([...chalk].sort());
      }
    });
  },
);

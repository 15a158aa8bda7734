import DxfParser from "dxf-parser";
import { getDocument, OPS } from "pdfjs-dist/legacy/build/pdf.mjs";
import { describe, expect, it } from "vitest";
import {
  calibrationSide,
  drawAllFullSize,
  drawPieceFullSize,
  type FullSizeDrawing,
  writeFullSizeSvg,
} from "@/core/formats";
import { skirt } from "@/core/garments/craft-skirt.test-data";
import { workedSheet } from "@/core/garments/worked-client.test-data";
import type { Point } from "@/core/geometry";
import { writeDxf } from "./full-size-dxf";
import { printOnePage, printTiles } from "./full-size-pdf";

const sheet = workedSheet("a-line-dress");

async function readPdf(bytes: Uint8Array) {
  const document = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const pages = await Promise.all(Array.from({ length: document.numPages }, (_, index) => document.getPage(index + 1)));
  const texts = await Promise.all(pages.map((page) => page.getTextContent()));
  return {
    pages,
    sizes: pages.map(({ view: [, , width = 0, height = 0] }) => [width, height] as const),
    texts: texts.map(({ items }) => items.map((item) => ("str" in item ? item.str : "")).join("")),
  };
}

/** Height and width of the largest closed line of a kind. */
function sizeOf(drawing: FullSizeDrawing, kind: "cut" | "square"): readonly [number, number] {
  const sizes = drawing.lines
    .filter((line) => line.kind === kind)
    .map(({ points }) => {
      const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
      return [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)] as const;
    });
  return sizes.reduce((largest, next) => (next[1] > largest[1] ? next : largest));
}

function distanceToChain(place: Point, chain: readonly Point[]): number {
  return Math.min(
    ...chain.map((from, index) => {
      const to = chain[(index + 1) % chain.length] as Point;
      const [x, y] = [to.x - from.x, to.y - from.y];
      const along = ((place.x - from.x) * x + (place.y - from.y) * y) / Math.max(1e-9, x * x + y * y);
      const share = Math.min(1, Math.max(0, along));
      return Math.hypot(from.x + share * x - place.x, from.y + share * y - place.y);
    }),
  );
}

describe("pieces at full size", () => {
  it("have a square of 4 in to measure, 10 cm in a metric shop", () => {
    expect(sizeOf(drawAllFullSize(sheet, 60), "square")).toEqual([4, 4]);
    expect(calibrationSide({ ...sheet, unit: "cm" }) * 2.54).toBeCloseTo(10, 9);
  });
  it("are as wide and as long as the sheet's own cutting outline, to a hundredth", () => {
    for (const piece of sheet.pieces) {
      const [width, height] = sizeOf(drawPieceFullSize(sheet, piece), "cut");
      expect(width).toBeCloseTo(piece.box.right - piece.box.left, 2);
      expect(height).toBeCloseTo(piece.box.bottom - piece.box.top, 2);
    }
  });
  it("lie beside one another without touching", () => {
    const cuts = drawAllFullSize(sheet, 60).lines.filter(({ kind }) => kind === "cut");
    const lowest = Math.min(...cuts.flatMap(({ points }) => points.map(({ x }) => x)));
    expect(lowest).toBeGreaterThanOrEqual(0);
    for (const [index, one] of cuts.entries()) {
      for (const other of cuts.slice(index + 1)) {
        const nearest = Math.min(
          ...one.points.flatMap((a) => other.points.map((b) => Math.hypot(a.x - b.x, a.y - b.y))),
        );
        expect(nearest).toBeGreaterThan(0.2);
      }
    }
  });
});

describe("where the wearer's sides differ", () => {
  const note = { piece: "bodice-front", line: "hip", amount: 0.75, why: "one hip fuller", side: "left" };
  const sided = workedSheet("straight-dress", { figureNotes: [note] });
  const front = sided.pieces.find(({ id }) => id === "bodice-front") as (typeof sided.pieces)[number];
  const drawing = drawPieceFullSize(sided, front);
  it("the smaller side has a dotted line of its own, inside the line that is cut and named", () => {
    const trims = drawing.lines.filter(({ kind }) => kind === "trim");
    const cut = drawing.lines.find(({ kind }) => kind === "cut")?.points ?? [];
    expect(trims).not.toEqual([]);
    const inside = trims.flatMap(({ points }) => points.map((place) => distanceToChain(place, cut)));
    expect(Math.max(...inside)).toBeCloseTo(0.75, 1);
    expect(drawing.texts.map(({ text }) => text)).toContain("wearer's right");
    expect(drawing.texts.map(({ text }) => text)).not.toContain("wearer's left");
  });
  it("in every file, and nowhere where they are alike", async () => {
    expect(writeFullSizeSvg(drawing)).toContain('class="trim"');
    const layers = new DxfParser().parseSync(writeDxf(sided))?.entities.map(({ layer }) => layer) ?? [];
    expect(layers).toContain("TRIMMED_ON_ONE_SIDE");
    expect((await readPdf(await printOnePage(sided))).texts[0]).toContain("wearer's right");
    expect(drawAllFullSize(sheet, 60).lines.some(({ kind }) => kind === "trim")).toBe(false);
  });
  it("two sleeves are cut on the fold, one for each arm", () => {
    const shirt = workedSheet("shirt");
    const said = drawAllFullSize(shirt, 60).texts.map(({ text }) => text);
    expect(said.filter((text) => text === "cut 2 on the fold").length).toBeGreaterThan(0);
    expect(said).toContain("cut once on the fold");
  });
});

describe("as PDF", () => {
  it("on A4 sheets: the square first, then every piece's rows, each saying its place", async () => {
    const { sizes, texts } = await readPdf(await printTiles(sheet, "a4"));
    expect(sizes.every(([width, height]) => Math.round(width) === 595 && Math.round(height) === 842)).toBe(true);
    expect(texts[0]).toContain("it must be 4 in each way");
    // A centre front 41 in long with its margins takes rows of 781.9 − 20 points: 4 of them.
    const rows = texts.filter((text) => text.includes("Centre front: row"));
    const { height } = drawPieceFullSize(sheet, sheet.pieces[0] as (typeof sheet.pieces)[number]);
    const count = Math.ceil((height * 72 - 20) / (841.89 - 60 - 20));
    expect(rows.at(-1)).toContain(`row ${count} of ${count}`);
  });
  it("on one page for a roll 36 in wide, every piece named on it", async () => {
    const { sizes, texts, pages } = await readPdf(await printOnePage(sheet));
    expect(sizes).toHaveLength(1);
    expect(sizes[0]?.[0]).toBeCloseTo(36 * 72 + 60, 0);
    for (const { name } of sheet.pieces) expect(texts[0]).toContain(name);
    const { fnArray } = (await pages[0]?.getOperatorList()) ?? { fnArray: [] };
    expect(fnArray.filter((act) => act === OPS.constructPath).length).toBeGreaterThan(sheet.pieces.length * 5);
  });
});

describe("for other programs", () => {
  it("DXF read back by another reader: inches, the same cutting line on its own layer", () => {
    const read = new DxfParser().parseSync(writeDxf(sheet));
    expect(read?.header.$INSUNITS).toBe(1);
    const cuts = read?.entities.filter(({ layer }) => layer === "CUTTING_LINE") ?? [];
    expect(cuts).toHaveLength(sheet.pieces.length);
    const heights = cuts.map((cut) => {
      const ys = (cut as unknown as { vertices: { y: number }[] }).vertices.map(({ y }) => y);
      return Math.max(...ys) - Math.min(...ys);
    });
    const own = sheet.pieces.map(({ box }) => box.bottom - box.top);
    expect(Math.max(...heights)).toBeCloseTo(Math.max(...own), 2);
    const names = read?.entities
      .filter(({ type }) => type === "TEXT")
      .map((text) => (text as unknown as { text: string }).text);
    expect(names).toContain("Centre front");
  });
  it("arcs are arcs: a ring is drawn by its centre and its two radii, whole, sewn and cut", () => {
    const ring = skirt("circle-skirt", { choices: { circleShare: 0.5 } });
    const entities = new DxfParser().parseSync(writeDxf(ring))?.entities ?? [];
    type Corner = { readonly x: number; readonly y: number; readonly bulge?: number };
    const radiiOn = (layer: string) =>
      entities
        .filter((entity) => entity.layer === layer)
        .flatMap((entity) => {
          const { vertices } = entity as unknown as { readonly vertices: readonly Corner[] };
          return vertices.flatMap(({ x, y, bulge = 0 }, index) => {
            const next = vertices[(index + 1) % vertices.length] as Corner;
            return bulge === 0
              ? []
              : [(Math.hypot(next.x - x, next.y - y) * (1 + bulge * bulge)) / (4 * Math.abs(bulge))];
          });
        });
    for (const radius of [10.5625, 36.8125])
      expect(radiiOn("CUTTING_LINE").some((one) => Math.abs(one - radius) < 1e-3)).toBe(true);
    for (const radius of [11.0625, 36.0625])
      expect(radiiOn("STITCHING_LINE").some((one) => Math.abs(one - radius) < 1e-3)).toBe(true);
    const svg = writeFullSizeSvg(drawAllFullSize(ring, 60));
    for (const radius of ["10.5625", "36.8125"]) expect(svg).toContain(`A ${radius} ${radius} 0 0`);
    // The arc runs where its chain runs: half way along it lies on the chain.
    const cut = drawAllFullSize(ring, 60).lines.find(({ kind, arcs }) => kind === "cut" && arcs !== undefined);
    const corners = cut?.arcs ?? [];
    const [from, to] = [
      corners.find(({ sweep }) => sweep !== 0),
      corners[corners.findIndex(({ sweep }) => sweep !== 0) + 1],
    ];
    if (from === undefined || to === undefined) throw new Error("no arc");
    const chord = { x: to.point.x - from.point.x, y: to.point.y - from.point.y };
    const rise = Math.tan(from.sweep / 4) / 2;
    const top = {
      x: (from.point.x + to.point.x) / 2 + chord.y * rise,
      y: (from.point.y + to.point.y) / 2 - chord.x * rise,
    };
    expect(Math.min(...(cut?.points ?? []).map(({ x, y }) => Math.hypot(x - top.x, y - top.y)))).toBeLessThan(0.5);
    expect(distanceToChain(top, cut?.points ?? [])).toBeLessThan(0.01);
  });
  it("what has no arc has none: a dress is drawn by its chains as before", () => {
    expect(drawAllFullSize(sheet, 60).lines.some(({ arcs }) => arcs !== undefined)).toBe(false);
  });
  it("SVG: one unit is one inch, and a name cannot break it", () => {
    const svg = writeFullSizeSvg({ ...drawAllFullSize(sheet, 60), title: "A <b> & “c”" });
    expect(svg).toContain('width="60in"');
    expect(svg).toContain("A &#60;b&#62; &#38;");
    expect(svg.match(/class="cut"/g)).toHaveLength(sheet.pieces.length);
  });
});

import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";
import { beforeAll, describe, expect, it } from "vitest";
import type { CutSheet } from "@/core/formats";
import { tableScreens } from "@/core/formats";
import { workedSheet } from "@/core/garments/worked-client.test-data";
import { namePlacement } from "@/core/wording";
import { printCutSheet } from "./cut-sheet";
import { printStepList } from "./step-list";

/** What another reader finds in a PDF: its pages' sizes, and their text in one string. */
async function readPdf(bytes: Uint8Array) {
  const document = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const pages = await Promise.all(Array.from({ length: document.numPages }, (_, index) => document.getPage(index + 1)));
  const texts = await Promise.all(pages.map((page) => page.getTextContent()));
  const [, , width, height] = pages[0]?.view ?? [];
  return {
    pages: pages.length,
    size: [width, height].map((side) => Math.round(side ?? 0)),
    text: texts.map(({ items }) => items.map((item) => ("str" in item ? item.str : "")).join("")).join("\n"),
  };
}

const head = { client: "Łucja Ζωή Жанна", number: 12, garment: "A-line dress", rules: "Close" };
let sheet: CutSheet;
let list: Awaited<ReturnType<typeof readPdf>>;

beforeAll(async () => {
  sheet = workedSheet("a-line-dress");
  list = await readPdf(await printStepList(sheet, head, "a4"));
});

describe("the step list on paper", () => {
  it("is A4 or Letter as was asked", async () => {
    expect(list.size).toEqual([595, 842]);
    expect((await readPdf(await printStepList(sheet, head, "letter"))).size).toEqual([612, 792]);
  });
  it("has every laying of the tape and every other step, in the order of the hand", () => {
    let at = 0;
    for (const { placement, steps } of tableScreens(sheet, "placements")) {
      const titles = placement === null ? steps.map(({ title }) => title) : [namePlacement(placement)];
      for (const title of titles) {
        const found = list.text.indexOf(title, at);
        expect(found, title).toBeGreaterThanOrEqual(0);
        at = found;
      }
    }
  });
  it("leaves a line to write each length of the tape check beside what the drawing says", () => {
    const lengths = sheet.steps.flatMap((step) => step.lengths ?? []);
    expect(lengths.length).toBeGreaterThan(12);
    expect(list.text.split("______").length - 1).toBe(lengths.length);
  });
  it("says where a name is in letters that the typeface does not have, instead of signs that name nobody", async () => {
    for (const client of ["\u0632\u064a\u0646\u0628", "\u660e\u5b50"]) {
      const { text } = await readPdf(await printStepList(sheet, { ...head, client }, "a4"));
      expect(text).toContain("no. 12");
      expect(text.replace(/\s+/g, " ")).toContain("the client of this number");
      expect(text).not.toContain("??");
    }
  });
  it("names client, garment and rules on every page, in any script the typeface has", () => {
    expect(list.text.split("A-line dress for Łucja Ζωή Жанна, no. 12, Close rules").length).toBe(list.pages + 2);
  });
  it("sets a reading of 10½ as 10 and 1/2, never as 101/2 in one size", () => {
    expect(list.text).toMatch(/101\/2/);
    expect(list.text).not.toContain("½");
  });
});

it("prints the sheet: finished girths, seams that meet, and each group on its fold", async () => {
  const { text, pages } = await readPdf(await printCutSheet(sheet, head, "letter"));
  expect(pages).toBe(1 + sheet.groups.length);
  for (const word of ["Finished girths", "bust", "Seams that meet", "Centre front and Side front", "chest line"])
    expect(text).toContain(word);
});

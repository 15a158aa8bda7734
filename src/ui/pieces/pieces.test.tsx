import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it, vi } from "vitest";
import type { StoredSpoilt } from "@/db";
import type { PieceRow } from "./pieces-view";

vi.mock("next/navigation", () => ({ useRouter: () => ({ refresh: () => undefined }) }));
vi.mock("@/server/spoilt-actions", () => ({}));
const { PiecesView, sayAgain } = await import("./pieces-view");

const row = (more: Partial<PieceRow>): PieceRow => ({
  id: "bodice-front",
  name: "Front",
  cloth: "main",
  copies: 2,
  mirrored: true,
  half: "front",
  state: "cut",
  missing: 0,
  open: { width: 12, length: 30 },
  place: { width: 20, length: 40 },
  ...more,
});
const lost: StoredSpoilt = {
  id: "s",
  piece: "bodice-front",
  copies: 1,
  side: "left",
  why: "scorched",
  on: "2026-11-20",
  again: null,
};
const text = (markup: string): string =>
  markup
    .replace(/<[^>]+>/g, " ")
    .replace(/\s+/g, " ")
    .trim();
const view = (rows: readonly PieceRow[], spoilt: readonly StoredSpoilt[], isCut = true) =>
  text(renderToStaticMarkup(<PiecesView orderId="o" rows={rows} spoilt={spoilt} unit="in" isCut={isCut} />));

describe("a spoilt piece", () => {
  it("is cut again by its kept outline, single, on a stretch that is left and holds it", () => {
    expect(sayAgain(lost, row({}), "in")).toMatch(
      /^One by its kept outline, single layer, .*Lay it on the stretch that is left, 20 in wide and 40 in long: it takes 12 in wide and 30 in long\.$/,
    );
    expect(sayAgain(lost, row({ place: null }), "in")).toContain("Nothing that is left holds it");
  });
  it.each([
    ["front", "right", "wrong"],
    ["front", "left", "right"],
    ["back", "left", "wrong"],
    ["back", "right", "right"],
  ] as const)("of a %s the wearer's %s is chalked on the %s side of the cloth", (half, side, face) => {
    expect(sayAgain({ ...lost, side }, row({ half }), "in")).toContain(`chalked on the ${face} side`);
  });
  it("on its fold, or where no side was said, has no face to mind", () => {
    expect(sayAgain(lost, row({ mirrored: false }), "in")).not.toContain("chalked on");
    expect(sayAgain({ ...lost, side: "both" }, row({}), "in")).not.toContain("chalked on");
  });
});

describe("the pieces of a garment", () => {
  it("each says how far it has come, and which is missing", () => {
    const said = view([row({ state: "sewn" }), row({ id: "sleeve", name: "Sleeve", missing: 1 })], [lost]);
    expect(said).toMatch(/Front 2 · main cloth · a pair sewn/i);
    expect(said).toMatch(/Sleeve .* cut one is spoilt/);
    expect(said).toContain("It is cut again");
  });
  it("one that was cut again says when, and can be taken back", () => {
    const said = view([row({})], [{ ...lost, again: "2026-11-22" }]);
    expect(said).toContain("Cut again on 22 November 2026.");
    expect(said).toContain("Not cut again after all");
  });
  it("before the cut nothing can be spoilt, and it says what moves the pieces on", () => {
    expect(view([row({ state: "chalked" })], [], false)).toContain("by the ticks at the table");
    expect(view([row({ state: "chalked" })], [], false)).not.toContain("A piece is spoilt");
  });
});

import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import type { EdgeChange, PieceChange } from "@/core/formats";
import { ChangesView } from "./changes-view";

const edge = (more: Partial<EdgeChange>): EdgeChange => ({
  edge: "side",
  move: 0.5,
  allowance: 1.5,
  absorbed: true,
  ...more,
});
const piece = (more: Partial<PieceChange>): PieceChange => ({
  piece: "bodice-front",
  name: "Front",
  free: false,
  edges: [edge({})],
  again: false,
  ...more,
});
const view = (changes: readonly PieceChange[], undrawn: readonly string[] = []) =>
  renderToStaticMarkup(
    <ChangesView orderId="o" changes={changes} added={[]} undrawn={undrawn} free={false} take={1} unit="in" />,
  )
    .replace(/<[^>]+>/g, " ")
    .replace(/\s+/g, " ");

describe("what changed since the cut", () => {
  it("a seam that takes it says how much is left", () => {
    expect(view([piece({})])).toMatch(
      /Front · its seams take it Side: 1\/2 in further out\. Its 1 1\/2 in of seam take it; 1 in are left\./,
    );
  });
  it("one that does not names the piece to be cut again, with what stays wrong if it is not", () => {
    const said = view([piece({ edges: [edge({ move: 1.5, absorbed: false })], again: true })]);
    expect(said).toContain("· cut again");
    expect(said).toContain("or it stays 1 1/2 in short there");
    expect(said).toContain("Where it is cut again");
  });
  it("inwards it is sewn further in; a piece that is not cut is free", () => {
    expect(view([piece({ edges: [edge({ move: -0.5 })] })])).toContain("sew it 1/2 in further in");
    const free = view([piece({ free: true })]);
    expect(free).toContain("not cut yet: draw it anew");
    expect(free).not.toContain("further out");
  });
  it("what cannot be drawn by the card as it is now is said, and not taken for no change", () => {
    const said = view([], ["The waist is wider than the chest."]);
    expect(said).toContain("cannot be drawn");
    expect(said).toContain("wider than the chest");
    expect(said).not.toContain("as it was");
  });
  it("where nothing moves it says so", () => {
    expect(view([])).toContain("every piece would be cut as it was");
  });
});

import { describe, expect, it } from "vitest";
import { typicalBody } from "../body";
import { readOrder } from "../formats";
import { draftGarment } from "../garments";
import { at, pathEnd, pathLength, straight } from "../geometry";
import { alongDrawn, alongSewn, type Draft, type Piece, scaleDraft, sewnLength } from ".";

function draw(garment: string, choices: object = {}): Draft {
  const read = readOrder({ garment, choices, client: { card: { measurements: typicalBody } } });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const drawn = draftGarment(read.value.garment, read.value.given);
  if (!drawn.ok) throw new Error(JSON.stringify(drawn.issues));
  return drawn.value;
}

function piece(draft: Draft, id: string): Piece {
  const found = draft.pieces.find((one) => one.id === id);
  if (found === undefined) throw new Error(`no ${id}`);
  return found;
}

describe("an edge with mouths", () => {
  // Ten long, with darts of 1 from 3 to 4 and of 2 from 6 to 8: sewn it is 7.
  const edge = {
    stitch: straight(at(0, 0), at(10, 0)),
    mouths: [
      { closes: "second", from: 6, to: 8 },
      { closes: "first", from: 3, to: 4 },
    ],
  };
  it("is sewn as long as what is left of it", () => expect(sewnLength(edge)).toBe(7));
  it.each([
    [2, 2],
    [3, 3],
    [4.5, 5.5],
    [5.5, 8.5],
    [7, 10],
  ])("has its sewn %d at %d of the chalk", (sewn, drawn) => {
    expect(alongDrawn(edge, sewn)).toBeCloseTo(drawn, 9);
    expect(alongSewn(edge, drawn)).toBeCloseTo(sewn, 9);
  });
  it("inside a mouth nothing more is sewn than up to it", () => expect(alongSewn(edge, 7)).toBe(5));
});

describe("a piece cut across", () => {
  const whole = draw("basque-gown");
  const cut = draw("basque-gown", { bodySplit: true });
  const [upper, lower] = [piece(cut, "bodice-front-upper"), piece(cut, "bodice-front-lower")];
  const front = piece(whole, "bodice-front");
  it("keeps all of its side, its centre and its lines, shared out between both parts", () => {
    const length = (of: Piece, id: string) => {
      const edge = of.edges.find((one) => one.id === id);
      return edge === undefined ? 0 : pathLength(edge.stitch);
    };
    for (const id of ["side", "centre", "front-neck", "hem"])
      expect(length(upper, id) + length(lower, id), id).toBeCloseTo(length(front, id), 6);
    const lines = (of: Piece) => of.lines.map(({ id }) => id).filter((id) => id !== "top");
    expect([...lines(upper), ...lines(lower)].sort()).toEqual(lines(front).sort());
    expect(upper.notches.length + lower.notches.length).toBe(front.notches.length);
  });
  it("reads the lower part from the line it was cut at, and says what lies above", () => {
    const waist = front.lines.find(({ id }) => id === "waist")?.down ?? 0;
    expect(lower.lines.find(({ id }) => id === "waist")?.down).toBeCloseTo(1, 9);
    const step = lower.steps.find(({ id }) => id === "waist-line");
    expect(step?.terms.at(-1)).toMatchObject({ code: "above-start", value: -(waist - 1) });
    expect(lower.steps.find(({ id }) => id === "top-line")?.reading).toBe(0.5);
    expect(lower.steps.find(({ id }) => id === "centre-hem")?.reading).toBeCloseTo(
      (front.marks.find(({ id }) => id === "centre/hem")?.stitch ?? 0) - waist + 1,
      9,
    );
  });
  it("tells each part the steps that are left of it, and neither a step without its mark", () => {
    for (const part of [upper, lower]) {
      const marks = new Set(part.marks.map(({ id }) => id));
      for (const step of part.steps)
        for (const mark of step.marks) expect(marks.has(mark), `${part.id} ${step.id} ${mark}`).toBe(true);
      for (const edge of part.edges.filter(({ onFold, id }) => !onFold && id !== "join"))
        expect(part.steps.find(({ id }) => id === edge.id)?.reading, `${part.id} ${edge.id}`).toBeCloseTo(
          pathLength(edge.stitch),
          9,
        );
    }
  });
  it("marks where the cut dart's legs meet the line, on both parts", () => {
    // From the tip at 11.375 to the waist at 16.625 the dart widens to 1; cut at 15.625 its legs stand 4.25 ÷ 5.25 apart.
    for (const part of [upper, lower]) {
      const [inner, outer] = ["join/dart-inner", "join/dart-outer"].map(
        (id) => part.marks.find((mark) => mark.id === id)?.stitch ?? 0,
      );
      expect((outer ?? 0) - (inner ?? 0)).toBeCloseTo(4.25 / 5.25, 6);
    }
  });
  it("closes both outlines: each edge ends where the next begins", () => {
    for (const { edges, id } of [upper, lower])
      for (const [index, edge] of edges.entries()) {
        const next = edges[(index + 1) % edges.length];
        const end = pathEnd(edge.stitch);
        expect(
          Math.hypot((next?.stitch.start.x ?? 9) - end.x, (next?.stitch.start.y ?? 9) - end.y),
          `${id} ${edge.id}`,
        ).toBeLessThan(1e-6);
      }
  });
});

describe("every piece of every body", () => {
  it.each([
    "basic-bodice",
    "armhole-bustier",
    "shoulder-bustier",
    "a-line-dress",
    "yoke-gown",
    "flared-blouse",
    "shirt",
    "lapel-dress",
  ])("%s: edges follow each other without a gap, clockwise, and notches lie on their edge", (garment) => {
    for (const { edges, notches, id } of draw(garment).pieces) {
      const area = edges.reduce(
        (sum, { stitch }) => sum + stitch.start.x * pathEnd(stitch).y - pathEnd(stitch).x * stitch.start.y,
        0,
      );
      expect(area, id).toBeGreaterThan(0);
      for (const [index, { stitch, id: edge }] of edges.entries()) {
        const next = edges[(index + 1) % edges.length]?.stitch.start ?? at(99, 99);
        expect(Math.hypot(next.x - pathEnd(stitch).x, next.y - pathEnd(stitch).y), `${id} ${edge}`).toBeLessThan(0.02);
      }
      for (const notch of notches) {
        const edge = edges.find((one) => one.id === notch.edge);
        expect(notch.at, `${id} ${notch.id}`).toBeLessThanOrEqual((edge ? pathLength(edge.stitch) : -1) + 1e-6);
      }
    }
  });
  it("an outer panel says its move in every reading from the fold", () => {
    const side = piece(draw("armhole-bustier"), "side-front");
    for (const { id, terms, line } of side.marks.filter(({ id }) => id !== "side/foot"))
      expect(
        terms.some(({ source, value }) => source === "rule:panelRoom" && value === side.shift),
        `${id} ${line}`,
      ).toBe(true);
  });
  it("scaled, a draft halves its outlines and leaves its names", () => {
    const full = draw("basque-gown", { bodySplit: true });
    const half = scaleDraft(full, 0.5);
    for (const [index, { outline, id, darts }] of full.pieces.entries()) {
      const small = half.pieces[index];
      expect(small?.id).toBe(id);
      expect(pathLength(small?.outline.stitch ?? outline.stitch)).toBeCloseTo(pathLength(outline.stitch) / 2, 6);
      for (const [at_, dart] of darts.entries()) expect(small?.darts[at_]?.intake).toBeCloseTo(dart.intake / 2, 9);
    }
  });
});

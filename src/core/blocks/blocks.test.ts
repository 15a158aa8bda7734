import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { makeCrowd, type Readings, typicalBody } from "../body";
import { readOrder } from "../formats";
import { at, directionFrom, flattenPath, pathEnd, pathLength, placeAtLength } from "../geometry";
import { type ArmholePlan, armholeMiddle, drawArmhole, planBodice, solveUnderarm } from ".";

const plan = (scoop: number, drop = 1): ArmholePlan => ({
  tip: at(7.5, drop),
  shoulder: directionFrom(at(3, 0), at(7.5, drop)) ?? { x: 1, y: 0 },
  scoop,
  sideAcross: 10.5,
});

/** The sewn length of a front and a back armhole at a depth. */
const sewn = (down: number) => [plan(0.5), plan(0)].reduce((sum, one) => sum + pathLength(drawArmhole(one, down)), 0);

function given(body: Readings, rules: object = {}) {
  const read = readOrder({ garment: "straight-dress", rules, client: { card: { measurements: body } } });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  return read.value.given;
}

describe("the armhole", () => {
  const path = drawArmhole(plan(0.5), 8.5);
  it("leaves the tip square to the shoulder and arrives level at the side", () => {
    const { tangent } = placeAtLength(path, 0);
    const { shoulder } = plan(0.5);
    expect(tangent.x * shoulder.x + tangent.y * shoulder.y).toBeCloseTo(0, 6);
    expect(placeAtLength(path, pathLength(path)).tangent.y).toBeCloseTo(0, 6);
    expect(pathEnd(path)).toEqual(at(10.5, 8.5));
  });
  it("goes through its middle, ½ inside the armhole line and half way down, plumb there", () => {
    expect(armholeMiddle(plan(0.5), 8.5)).toEqual(at(7, 4.75));
    expect(path.segments[0]?.to).toEqual(at(7, 4.75));
    const before = pathLength({ ...path, segments: path.segments.slice(0, 1) });
    expect(Math.abs(placeAtLength(path, before).tangent.x)).toBeLessThan(0.01);
  });
  it("does not waver without a scoop: it turns one way only, on square and on sloping shoulders", () => {
    for (const scoop of [0, 0.1])
      for (const drop of [0.5, 1, 1.5]) {
        const points = flattenPath(drawArmhole(plan(scoop, drop), 8.5));
        const turns = points.slice(2).map((point, index) => {
          const [a, b] = [points[index] ?? point, points[index + 1] ?? point];
          return (b.x - a.x) * (point.y - b.y) - (b.y - a.y) * (point.x - b.x);
        });
        expect(Math.max(...turns), `scoop ${scoop}, drop ${drop}`).toBeLessThan(1e-4);
      }
  });
  it("is solved to 1/100 for any length between its least and most", () => {
    fc.assert(
      fc.property(fc.double({ min: 16, max: 24, noNaN: true }), (wanted) => {
        const { down } = solveUnderarm(sewn, wanted, { from: 4, to: 17, guess: 8 });
        expect(sewn(down)).toBeCloseTo(wanted, 2);
      }),
    );
  });
  it("says its bounds when what is wanted cannot be", () => {
    const { least, most } = solveUnderarm(sewn, 50, { from: 4, to: 17, guess: 8 });
    expect(least).toBeGreaterThan(8);
    expect(most).toBeLessThan(50);
  });
});

describe("the plan of a bodice", () => {
  it("makes both shoulders equally long on 200 made-up bodies, whatever their drops (seed 21)", () => {
    for (const body of makeCrowd(21, 200))
      for (const [front, back] of [
        [1, 1],
        [1.5, 1],
        [1, 0.5],
        [0.75, 1.25],
      ]) {
        const { shoulder } = planBodice(
          given(body, { shoulderSlope: front, backShoulderSlope: back, armholeDepth: 9 }),
          3,
        );
        const length = (side: "front" | "back") =>
          Math.hypot(shoulder[side].tip.x - shoulder[side].neckWidth.value, shoulder[side].tip.y);
        expect(Math.abs(length("front") - length("back"))).toBeLessThan(1 / 32);
      }
  });
  it("sews the armhole to the arm and its room within an eighth, on 200 made-up bodies (seed 22)", () => {
    for (const body of makeCrowd(22, 200)) {
      const { armhole, chestDown } = planBodice(given(body), 3);
      const down = chestDown.value;
      const sewn = pathLength(drawArmhole(armhole.front, down)) + pathLength(drawArmhole(armhole.back, down));
      expect(Math.abs(sewn - ((body.armhole ?? 0) + 1.5))).toBeLessThan(0.14);
    }
  });
  it("puts an inch between the chest lines of a depth from the tip and from the top line when the drop is 1", () => {
    const sum = (rules: object) => planBodice(given(typicalBody, rules), 3).chestDown.value;
    expect(
      sum({ armholeDepth: "bust-sixth", armholeFrom: "tip" }) - sum({ armholeDepth: "bust-sixth", armholeFrom: "top" }),
    ).toBeCloseTo(1, 9);
  });
  it("lowers the sewn underarm by the seam when the chalked armhole is the line to cut", () => {
    expect(planBodice(given(typicalBody, { armholeLine: "cutting" }), 3).underarmBelow).toBe(0.5);
    expect(planBodice(given(typicalBody), 3).underarmBelow).toBe(0);
  });
});

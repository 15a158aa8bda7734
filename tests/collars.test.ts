import { describe, expect, it } from "vitest";
import { makeCrowd } from "../src/core/body";
import { sewnLength } from "../src/core/chalk";
import { collarKinds } from "../src/core/parts";
import type { Seen } from "./judge";
import { edgeByReference } from "./judge/seen";
import { outcomeOf } from "./sweep/outcome";

/** Bodies on which every collar sits: plain, in panels, under a yoke, on a band, on an overlap, with darts. */
const garments = ["straight-dress", "shirt", "a-line-dress", "overlap-dress", "basic-bodice", "flared-blouse"] as const;
/** Necks from narrow and shallow to wide and deep, as far as every kind sits on them. */
const necks = [
  { neckWidth: 2.25, frontNeckDepth: 2.5, backNeckDepth: 0.5 },
  { neckWidth: 3, frontNeckDepth: 3.5, backNeckDepth: 1 },
  { neckWidth: 4.25, frontNeckDepth: 5, backNeckDepth: 2 },
] as const;
const crowd = makeCrowd(20261127, 6);

/** Bodies that no garment of the kind draws on that neck, collar or none. */
function refusedBare(garment: string, neck: object, measurements: object): boolean {
  const order = { garment, choices: { ...neck, collar: "none" }, client: { card: { measurements } } };
  return outcomeOf(order).kind === "refused";
}

function lengthOf({ draft }: Seen, row: readonly string[]): number {
  return row.reduce((sum, reference) => {
    const edge = edgeByReference(draft, reference);
    return sum + (edge === undefined ? Number.NaN : sewnLength(edge));
  }, 0);
}

/** How far a collar's sewn edge is from the neck that it is sewn to, of what both are meant to differ by. */
function offNeck(seen: Seen): readonly number[] {
  const sewn = seen.draft.seams.filter(({ id }) => ["collar-neck", "collar-back", "gorge", "cape"].includes(id));
  return sewn.map(({ a, b, ease }) => lengthOf(seen, a) - lengthOf(seen, b) - (ease.least + ease.most) / 2);
}

/** Every neck with every body that the garment is drawn for on it, without a collar. */
function casesOf(garment: string) {
  return necks.flatMap((neck) =>
    crowd
      .map((measurements, index) => ({ neck, measurements, said: `${JSON.stringify(neck)} body ${index}` }))
      .filter(({ measurements }) => !refusedBare(garment, neck, measurements)),
  );
}

/** A lapel too wide for a narrow neck, or over a small armhole, is refused with the width that is not. */
const isOfLapel = (outcome: ReturnType<typeof outcomeOf>): boolean =>
  outcome.kind === "refused" && outcome.refusals.every(({ code }) => code.startsWith("lapel-"));

describe.each(garments)("%s with every collar, on three necks, for half a dozen made-up bodies", (garment) => {
  const cases = casesOf(garment);
  it.each(collarKinds)(
    "%s: sewn to the neck that is there within 1/16, every notch at its partner, nothing wrong by the judge",
    (collar) => {
      const outcomes = cases.map(({ neck, measurements, said }) => {
        const order = { garment, choices: { ...neck, collar }, client: { card: { measurements } } };
        return { said, outcome: outcomeOf(order) };
      });
      const drawn = outcomes.filter(({ outcome }) => !isOfLapel(outcome));
      for (const { said, outcome } of drawn) {
        if (outcome.kind !== "drawn") throw new Error(`${said}: ${JSON.stringify(outcome).slice(0, 300)}`);
        expect(outcome.faults, said).toEqual([]);
        expect(Math.max(0, ...offNeck(outcome.seen).map(Math.abs)), said).toBeLessThanOrEqual(1 / 16);
      }
      expect(drawn.length).toBeGreaterThan(necks.length * crowd.length * 0.6);
    },
  );
});

describe("whatever is chosen of a collar that is drawn", () => {
  it.each(["shirt", "turn-down"])("the fall of a %s covers its stand by ½", (collar) => {
    for (const standHeight of [1, 1.25, 2])
      for (const fallWidth of [1.5, 2, 2.5]) {
        const measurements = crowd[0] ?? {};
        const order = {
          garment: "shirt",
          choices: { collar, standHeight, fallWidth },
          client: { card: { measurements } },
        };
        expect(outcomeOf(order).kind, `${standHeight} ${fallWidth}`).toBe(
          fallWidth >= standHeight + 0.5 ? "drawn" : "refused",
        );
      }
  });
  it("pieces of the collar come and go alone: the sleeve's and the skirt's marks stay as they were", () => {
    const own = (collar: string) => {
      const measurements = crowd[0] ?? {};
      const choices = { collar, sleeve: "long", skirt: "a-line", opening: "front-band" };
      const outcome = outcomeOf({ garment: "basic-bodice", choices, client: { card: { measurements } } });
      if (outcome.kind !== "drawn") throw new Error(collar);
      const others = outcome.seen.draft.pieces.filter(({ part }) => part === "sleeve" || part === "skirt");
      return JSON.stringify(others.map(({ marks, edges }) => [marks, edges]));
    };
    const [bare, ...others] = ["none", "stand", "turn-down", "shirt", "cape"].map(own);
    for (const one of others) expect(one).toBe(bare);
  });
});

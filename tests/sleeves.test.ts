import { describe, expect, it } from "vitest";
import { makeCrowd } from "../src/core/body";
import { sleeveKinds } from "../src/core/parts";
import { outcomeOf } from "./sweep/outcome";

/** Bodies that take a sleeve in every way that an armhole is made: plain, in panels, under a yoke, in four layers, with darts. */
const garments = ["straight-dress", "shirt", "a-line-dress", "yoke-gown", "shift-dress", "sheath-dress"] as const;
const crowd = makeCrowd(20261126, 12);

/** Bodies that no garment of the kind draws, sleeve or none: the armhole itself is refused. */
function refusedBare(garment: string, measurements: object): boolean {
  return outcomeOf({ garment, choices: { sleeve: "none" }, client: { card: { measurements } } }).kind === "refused";
}

describe.each(garments)("%s with every sleeve, for a dozen made-up bodies", (garment) => {
  const bodies = crowd.filter((measurements) => !refusedBare(garment, measurements));
  it.each(sleeveKinds)(
    "%s: drawn, every seam met, every notch at its partner, the ease in its range or its cure told",
    (sleeve) => {
      for (const [index, measurements] of bodies.entries()) {
        const seen = outcomeOf({ garment, choices: { sleeve }, client: { card: { measurements } } });
        if (seen.kind !== "drawn") throw new Error(`body ${index}: ${JSON.stringify(seen).slice(0, 300)}`);
        expect(seen.faults, `body ${index}`).toEqual([]);
      }
    },
  );
});

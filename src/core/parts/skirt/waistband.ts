import { chalkStrip } from "../../blocks";
import { type Given, givenStep, type Mouth, type Notch, type OpenEdge, ruleLength, type Sheet } from "../../chalk";
import { at } from "../../geometry";
import { type Inches, roundToStep } from "../../length";
import type { SkirtForm } from "./skirt-form";

/** Where on the band each seam of the waist comes to lie, from the end that lies under. */
function bandNotches(open: OpenEdge, form: SkirtForm, first: Inches): readonly (readonly [string, Inches])[] {
  const { front, back } = open.length;
  const start = first + form.waistbandOverlap;
  if (form.opens === "side-zip")
    return [
      ["overlap", start],
      ["back-waist", start + back],
      ["right-side", start + 2 * back],
      ["front-waist", start + 2 * back + front],
    ];
  return [
    ["overlap", start],
    ["left-side", start + back],
    ["front-waist", start + back + front],
    ["right-side", start + back + 2 * front],
  ];
}

function bandSeam(given: Given): Inches {
  return ruleLength(given, "allowance.waistJoin");
}

/** A waistband as a strip, as long as the waist edge that was really drawn, with its overlap (craft: skirts, waist finishes). */
export function chalkWaistband(sheet: Sheet, form: SkirtForm): void {
  const { given } = sheet;
  const open = sheet.take("waist");
  const seam = bandSeam(given);
  const step = givenStep(given);
  const round = 2 * (open.length.front + open.length.back);
  const length = roundToStep(round + form.waistbandOverlap + 2 * seam, step);
  const depth = 2 * form.waistbandDepth + 2 * seam;
  const strip = chalkStrip({ id: "waistband", name: "waistband", length, depth, copies: 1 });
  // What lies under at the overlap, and both ends' seams, are not sewn to the waist.
  const mouths: readonly Mouth[] = [
    { closes: "overlap", from: 0, to: seam + form.waistbandOverlap },
    { closes: "end", from: length - seam, to: length },
  ];
  const edges = strip.edges.map((edge) => (edge.id === "right" ? { ...edge, mouths } : edge));
  const notches = bandNotches(open, form, seam).map(
    ([id, along]): Notch => ({ id, edge: "right", at: along, point: at(depth, along) }),
  );
  sheet.add({ ...strip, edges, notches });
  sheet.seam({
    id: "waistband",
    a: ["waistband/right"],
    b: [...open.rows.front, ...open.rows.front, ...open.rows.back, ...open.rows.back],
    ease: { least: -step / 2, most: step / 2 },
  });
}

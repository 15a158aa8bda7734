import {
  addTerms,
  type FrontShape,
  type Given,
  type NeckDemand,
  neckInside,
  type OpenNeck,
  onTape,
  refuse,
  type Sheet,
} from "../../chalk";
import { at, pathEnd, pathLength, splitAtAcross, straight } from "../../geometry";
import type { Inches } from "../../length";
import type { BodyForm } from "./body-form";
import type { Both } from "./body-remarks";
import type { HalfPlan } from "./half-plan";
import { drawNeck, planNeck } from "./necklines";

/** Openings in front, and those that let a collar be closed behind. */
const IN_FRONT: ReadonlySet<string> = new Set(["front-band", "slit", "overlap"]);

function opensFor({ opens }: NeckDemand, { opening }: BodyForm): boolean {
  if (opens === "anywhere") return true;
  return opens === "front" ? opening === "overlap" : IN_FRONT.has(opening) || opening === "back-zip";
}

/** Refuses a neck that the wanted collar cannot sit on, with the nearest on which it does (craft: collars). */
export function checkNeckDemand(form: BodyForm, demand: NeckDemand): void {
  const base = { code: "collar-on-neck", words: { collar: demand.collar } } as const;
  if (!opensFor(demand, form))
    refuse({
      ...base,
      conflicts: ["choices.opening", "choices.collar"],
      numbers: {},
      words: { ...base.words, of: "opening" },
      nearest: demand.opens === "front" ? "overlap" : "back-zip",
    });
  const { shapes, width, frontDepth } = demand;
  if (shapes !== undefined && !shapes.includes(form.frontNeck))
    refuse({
      ...base,
      conflicts: ["choices.frontNeck", "choices.collar"],
      numbers: {},
      words: { ...base.words, of: "shape" },
      nearest: shapes[0] ?? "round",
    });
  const lengths = [
    ["neckWidth", width],
    ["frontNeckDepth", frontDepth],
  ] as const;
  for (const [id, range] of lengths) {
    const value = form[id];
    if (range === undefined || (value >= range[0] - 1e-9 && value <= range[1] + 1e-9)) continue;
    refuse({
      ...base,
      conflicts: [`choices.${id}`, "choices.collar"],
      numbers: { value, least: range[0], most: range[1] },
      words: { ...base.words, of: id },
      nearest: value < range[0] ? range[0] : range[1],
    });
  }
}

/** Says how round the sewn neck is, and the chalked one, where the house cuts on its chalk. */
export function remarkNeckLine(sheet: Sheet, { front, back }: Both<HalfPlan>): void {
  const { given } = sheet;
  const inside = addTerms(neckInside(given));
  if (inside === 0) return;
  const round = (less: Inches) =>
    [front, back].reduce((sum, half) => {
      const { plan } = planNeck(given, half.form, half.side, half.shoulder, 0);
      return sum + 2 * pathLength(drawNeck({ ...plan, width: plan.width - less, depth: plan.depth - less }));
    }, 0);
  const numbers = { sewn: round(0), chalked: round(inside) };
  sheet.remark({ id: "neck-cut-on-chalk", piece: "bodice-front", numbers });
}

/** How the front is shaped by what lies on it; null where nothing does. */
export function shapeFront(given: Given, { front, back }: Both<HalfPlan>, demand: NeckDemand): FrontShape | null {
  if (demand.front === undefined) return null;
  const { form, shoulder, centre, lines } = front;
  const neck = planNeck(given, form, "front", shoulder, 0);
  const behind = planNeck(given, form, "back", back.shoulder, 0);
  const endDown = pathEnd(centre.path(neck.depth.value, neck.depth.value)).y;
  return demand.front({
    neckWidth: shoulder.neckWidth.value,
    gorge: neck.depth.value,
    terms: { neckWidth: shoulder.neckWidth.terms, gorge: neck.depth.terms },
    overlap: form.overlapWidth,
    waistDown: (lines.waist ?? lines.underbust ?? lines.chest).value,
    endDown,
    backNeck: pathLength(behind.path),
    armhole: front.plainArmhole,
    shoulder: straight(at(shoulder.neckWidth.value, 0), shoulder.tip),
  });
}

/** How far the front's neck runs on beyond the centre, or stops short of it, along its sewn line. */
function beyondCentre(given: Given, front: HalfPlan): Inches {
  const { centre, form, shoulder } = front;
  if (centre.kind === "band" || centre.kind === "overlap") return centre.start.front?.overlap ?? 0;
  if (centre.kind !== "slit") return 0;
  const across = -(centre.start.front?.overlap ?? 0);
  const { plan } = planNeck(given, form, "front", shoulder, 0);
  const whole = drawNeck(plan);
  const rest = splitAtAcross(whole, across);
  return rest === null ? 0 : -pathLength(rest[0]);
}

/** How far the finished front edge lies beyond the centre; null where the front does not open. */
function overlapOf(given: Given, { centre, form }: HalfPlan): Inches | null {
  switch (centre.kind) {
    case "band":
      return centre.start.front?.overlap ?? 0;
    case "overlap":
      return form.overlapWidth;
    case "slit":
      return onTape(given, form.bandWidth / 2);
    case "faced":
    case "cut-fold":
      return 0;
    default:
      return null;
  }
}

/** What something that is sewn to the neck, or laid over it, is told of it. */
export function knownOfNeck(sheet: Sheet, { front, back }: Both<HalfPlan>, shaped: boolean): OpenNeck {
  const { given } = sheet;
  const { form, lines, shoulder } = front;
  const depth = (side: "front" | "back", half: HalfPlan) => planNeck(given, form, side, half.shoulder, 0).depth.value;
  return {
    width: shoulder.neckWidth.value,
    frontDepth: depth("front", front),
    backDepth: depth("back", back),
    // With a lapel the neck is sewn from its notch.
    beyond: shaped ? 0 : beyondCentre(given, front),
    overlap: overlapOf(given, front),
    opensBehind: form.opening === "back-zip",
    bustDown: lines.bust?.value ?? given.measurements.shoulderToBust?.value ?? lines.chest.value,
  };
}

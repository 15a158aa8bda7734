import { chalkStrip } from "../../blocks";
import {
  type EdgeReference,
  type Given,
  givenStep,
  type Mouth,
  type Notch,
  type OpenEdge,
  ruleLength,
  type Sheet,
} from "../../chalk";
import { at } from "../../geometry";
import { both, type Inches, pickSystem, roundToStep } from "../../length";
import type { SkirtForm } from "./skirt-form";

/** The edge that a band is sewn to: how long each half of it is, and every edge round it. */
export interface WaistEdge {
  readonly length: OpenEdge["length"];
  readonly sewn: readonly EdgeReference[];
  /** Whether it is gathered into the band, which then has the waist's length and not the edge's. */
  readonly gathered: boolean;
  /** How much longer the edge is than what is sewn to it, where that is not nothing. */
  readonly ease?: { readonly least: Inches; readonly most: Inches };
}

/** Elastic runs freely in a casing that is this much deeper. */
const ELASTIC_ROOM = both(0.125, 0.3);
/** More than this no waist is gathered. */
const MOST_FULL = 12;

/** What of the band lies under its other end; a front that laps has that in its own edges, and elastic in nothing. */
function overlapOf({ elastic, front, waistbandOverlap }: SkirtForm): Inches {
  return elastic || front !== null ? 0 : waistbandOverlap;
}

/** Where on the band each seam of the waist comes to lie, from the end that lies under. */
function bandNotches(edge: WaistEdge, form: SkirtForm, first: Inches): readonly (readonly [string, Inches])[] {
  const { front, back } = edge.length;
  const start = first + overlapOf(form);
  const overlap = start === first ? [] : [["overlap", start] as const];
  if (form.opens === "front-band")
    return [
      ["left-side", start + front],
      ["back-waist", start + front + back],
      ["right-side", start + front + 2 * back],
    ];
  if (form.opens === "side-zip")
    return [
      ...overlap,
      ["back-waist", start + back],
      ["right-side", start + 2 * back],
      ["front-waist", start + 2 * back + front],
    ];
  return [
    ...overlap,
    ["left-side", start + back],
    ["front-waist", start + back + front],
    ["right-side", start + back + 2 * front],
  ];
}

function bandSeam(given: Given): Inches {
  return ruleLength(given, "allowance.waistJoin");
}

/** A waistband as a strip, as long as the waist edge that was really drawn, with its overlap (craft: skirts, waist finishes). */
export function chalkWaistband(sheet: Sheet, form: SkirtForm, edge: WaistEdge): void {
  const { given } = sheet;
  const seam = bandSeam(given);
  const step = givenStep(given);
  const round = 2 * (edge.length.front + edge.length.back);
  const overlap = overlapOf(form);
  const length = roundToStep(round + overlap + 2 * seam, step);
  const finished = form.elastic ? form.elasticWidth + pickSystem(ELASTIC_ROOM, given.metric) : form.waistbandDepth;
  const depth = 2 * finished + 2 * seam;
  const strip = chalkStrip({ id: "waistband", name: "waistband", length, depth, copies: 1 });
  // What lies under at the overlap, and both ends' seams, are not sewn to the waist.
  const mouths: readonly Mouth[] = [
    { closes: overlap > 0 ? "overlap" : "end", from: 0, to: seam + overlap },
    { closes: "end", from: length - seam, to: length },
  ];
  const edges = strip.edges.map((one) => (one.id === "right" ? { ...one, mouths } : one));
  // A centre that is a seam is seen without a notch.
  const seen = new Set([...(form.seamed.front ? ["front-waist"] : []), ...(form.seamed.back ? ["back-waist"] : [])]);
  const told = bandNotches(edge, form, seam).filter(([id]) => !seen.has(id));
  const notches = told.map(([id, along]): Notch => ({ id, edge: "right", at: along, point: at(depth, along) }));
  sheet.add({ ...strip, edges, notches });
  if (edge.gathered) {
    const ease = { least: 0, most: MOST_FULL * round };
    sheet.seam({ id: "waist-join", a: edge.sewn, b: ["waistband/right"], gathered: true, ease });
    return;
  }
  const { least, most } = edge.ease ?? { least: 0, most: 0 };
  const ease = { least: -most - step / 2, most: -least + step / 2 };
  sheet.seam({ id: "waistband", a: ["waistband/right"], b: edge.sewn, ease });
}

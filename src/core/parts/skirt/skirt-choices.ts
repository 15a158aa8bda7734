import type { ChoiceDefinitions } from "../../chalk";
import { both } from "../../length";
import { tableChoices } from "../table-choices";

const onBand = { waistFinish: ["band"] } as const;

/** Every choice of a fitted skirt, defined once (craft: skirts, ids); a garment offers some of them. */
export const skirtChoices = {
  skirtDarts: {
    kind: "option",
    label: "Waist darts",
    options: { habit: "One, as the house has it", figure: "What this figure needs", none: "None" },
    default: "habit",
    why: "Between waist and hip the cloth must come in: darts take it where the side alone would stand hollow.",
    when: onBand,
  },
  waistShape: {
    kind: "option",
    label: "Waist edge",
    options: { shaped: "Raised at the side, lower at the back", level: "Level" },
    default: "shaped",
    why: "A level edge dips at the side when it is worn; under a casing it must be level.",
    when: onBand,
  },
  waistFinish: {
    kind: "option",
    label: "Waist finish",
    options: { band: "A band", elastic: "Elastic in a casing" },
    default: "band",
    why: "A band is sewn to the waist edge; with elastic the skirt is as wide as the hip all the way up.",
  },
  waistbandDepth: {
    kind: "length",
    label: "Depth of the band",
    default: both(1.25, 3),
    range: [0.75, 3],
    why: "Finished: the strip is cut twice as deep, with its seams.",
    when: onBand,
  },
  waistbandOverlap: {
    kind: "length",
    label: "Overlap of the band",
    default: both(1, 3),
    range: [0.5, 3],
    why: "It lies under the other end and carries hook or button.",
    when: onBand,
  },
  elasticWidth: {
    kind: "length",
    label: "Width of the elastic",
    default: both(1, 2.5),
    range: [0.25, 3],
    why: "The casing is cut on: its width and ¾ for turning lie above the waist line.",
    when: { waistFinish: ["elastic"] },
  },
  opening: {
    kind: "option",
    label: "Opening",
    options: { "back-zip": "Zip at the centre back", "side-zip": "Zip in the side seam" },
    default: "back-zip",
    why: "The waist must let the hips through: the opening reaches down to the hip line.",
    when: onBand,
  },
  zipEnd: {
    kind: "length",
    label: "End of the zip, from the hip line",
    default: both(0, 0),
    range: [-1, 1],
    why: "At the hip line the hips are through; lower is easier, higher shows less.",
    when: onBand,
  },
  hemSlit: {
    kind: "option",
    label: "Slit or vent",
    options: { none: "None", slit: "A slit in the centre-back seam", vent: "A vent, one side over the other" },
    default: "none",
    why: "A narrow hem must let the legs step: a slit is left open and turned in, a vent stays closed while one stands.",
  },
  hemSlitTop: {
    kind: "length",
    label: "Top of the slit or vent, from the waist",
    default: "by-stride",
    options: { "by-stride": "Where a step needs it" },
    range: [6, 46],
    why: "Where the skirt grows too narrow to step in, at least 6 long, and well below the hip.",
    when: { hemSlit: ["slit", "vent"] },
  },
  ...tableChoices,
} as const satisfies ChoiceDefinitions;

export type SkirtChoiceId = keyof typeof skirtChoices;

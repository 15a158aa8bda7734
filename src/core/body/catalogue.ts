/**
 * Every reading that a card may hold (craft: measuring). The range is a woman's (see `usualRange`): it says when to ask
 * again, never when to refuse. `kind` tells whether the tape goes round the body or along it.
 */
export const measurements = {
  head: { label: "Head girth", kind: "girth", taken: "around the forehead", range: [20, 25] },
  neck: { label: "Neck girth", kind: "girth", taken: "around the base of the neck", range: [12, 19] },
  shoulder: {
    label: "Across shoulder",
    kind: "length",
    taken: "shoulder tip to tip, across the back",
    range: [12, 20],
  },
  bust: { label: "Bust girth", kind: "girth", taken: "around the fullest part", range: [28, 62] },
  underbust: {
    label: "Under-bust girth",
    kind: "girth",
    taken: "around the ribs right under the bust",
    range: [24, 56],
  },
  waist: { label: "Waist girth", kind: "girth", taken: "around the natural waist", range: [20, 60] },
  hip: { label: "Hip girth", kind: "girth", taken: "around the fullest part of the seat", range: [30, 66] },
  armhole: {
    label: "Armhole girth",
    kind: "girth",
    taken: "around the arm, through the underarm and over the shoulder tip",
    range: [12, 26],
  },
  upperArm: {
    label: "Upper-arm girth",
    kind: "girth",
    taken: "around the fullest part of the upper arm",
    range: [8, 24],
  },
  elbow: { label: "Elbow girth", kind: "girth", taken: "around the bent elbow", range: [7, 20] },
  wrist: { label: "Wrist girth", kind: "girth", taken: "around the wrist bone", range: [5, 11] },
  knee: { label: "Knee girth", kind: "girth", taken: "around the knee", range: [11, 26] },
  bustSpan: { label: "Bust span", kind: "length", taken: "bust point to bust point", range: [5.5, 11] },
  shoulderToBust: {
    label: "Shoulder to bust point",
    kind: "length",
    taken: "from the shoulder at the neck down to the bust point",
    range: [8, 15],
  },
  shoulderToUnderbust: {
    label: "Shoulder to under-bust",
    kind: "length",
    taken: "from the shoulder at the neck, over the bust, to right under it",
    range: [10, 19],
  },
  frontWaist: {
    label: "Front half length",
    kind: "length",
    taken: "from the shoulder at the neck, over the bust, to the waist",
    range: [13, 22],
  },
  backWaist: {
    label: "Back half length",
    kind: "length",
    taken: "from the shoulder at the neck, down the back, to the waist",
    range: [13, 20],
  },
  waistToHip: {
    label: "Hip depth",
    kind: "length",
    taken: "from the waist down to the fullest hip, at the side",
    range: [6, 12],
  },
  shoulderToHip: {
    label: "Shoulder to hip",
    kind: "length",
    taken: "from the shoulder at the neck, over the bust, to the fullest hip",
    range: [20, 33],
  },
  waistToKnee: { label: "Waist to knee", kind: "length", taken: "from the waist down to the knee", range: [18, 30] },
  shoulderToKnee: {
    label: "Shoulder to knee",
    kind: "length",
    taken: "from the shoulder at the neck, over the bust, to the knee",
    range: [32, 50],
  },
  waistToFloor: {
    label: "Waist to floor",
    kind: "length",
    taken: "from the waist at the side to the floor, without shoes",
    range: [34, 48],
  },
  shoulderToFloor: {
    label: "Shoulder to floor",
    kind: "length",
    taken: "from the shoulder at the neck, over the bust, to the floor, without shoes",
    range: [48, 68],
  },
  fullLength: {
    label: "Full length",
    kind: "length",
    taken: "from the shoulder at the neck to the wanted hem",
    range: [20, 65],
  },
  skirtLength: { label: "Skirt length", kind: "length", taken: "from the waist to the wanted hem", range: [10, 50] },
  sleeveLength: {
    label: "Sleeve length",
    kind: "length",
    taken: "from the shoulder tip to the wanted end",
    range: [3, 28],
  },
  shoulderToElbow: {
    label: "Shoulder to elbow",
    kind: "length",
    taken: "from the shoulder tip to the elbow",
    range: [9, 18],
  },
  height: {
    label: "Height",
    kind: "length",
    taken: "without shoes, from the back of the heel to the crown",
    range: [56, 76],
  },
} as const satisfies Record<
  string,
  { label: string; kind: "girth" | "length"; taken: string; range: readonly [number, number] }
>;

export type MeasurementId = keyof typeof measurements;

export const measurementIds = Object.keys(measurements) as readonly MeasurementId[];

export function isMeasurementId(id: string): id is MeasurementId {
  return Object.hasOwn(measurements, id);
}

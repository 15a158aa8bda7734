import type { MeasurementId } from "@/core/body";

export type Side = "front" | "back";

/** How the tape of one reading lies on the drawn figure; places in the figure's own units, x from its middle. */
export type FigureTape =
  | {
      readonly kind: "round";
      readonly side: Side;
      readonly level: number;
      readonly half: number;
      readonly middle?: number;
    }
  | { readonly kind: "along"; readonly side: Side; readonly path: string };

/** Levels of the figure, down from the crown: the outline in `figure.tsx` is drawn to the same. */
export const level = {
  head: 26,
  neck: 82,
  shoulder: 98,
  armhole: 120,
  bust: 148,
  underbust: 170,
  waist: 204,
  hip: 256,
  knee: 372,
  floor: 480,
} as const;

const round = (at: number, half: number, middle = 0, side: Side = "front"): FigureTape => ({
  kind: "round",
  side,
  level: at,
  half,
  middle,
});
const along = (path: string, side: Side = "front"): FigureTape => ({ kind: "along", side, path });

/** The shoulder at the neck, where lengths start. */
const TOP = "M 15 88";
/** From there over the bust point. */
const OVER_BUST = `${TOP} C 19 108 21 128 20 ${level.bust}`;

export const figureTapes: Readonly<Record<MeasurementId, FigureTape>> = {
  head: round(level.head, 21),
  neck: round(level.neck, 14),
  shoulder: along(`M -45 ${level.shoulder} C -20 90 20 90 45 ${level.shoulder}`, "back"),
  bust: round(level.bust, 38),
  underbust: round(level.underbust, 33),
  waist: round(level.waist, 28),
  hip: round(level.hip, 41),
  armhole: along("M 45 98 C 34 104 31 126 38 138 C 46 138 52 128 52 114 C 52 106 50 100 45 98"),
  upperArm: round(140, 10.5, 48),
  elbow: round(186, 8.5, 56),
  wrist: round(238, 6, 65.5),
  knee: round(level.knee, 14, 18),
  bustSpan: along(`M -20 ${level.bust} H 20`),
  shoulderToBust: along(OVER_BUST),
  shoulderToUnderbust: along(`${OVER_BUST} C 20 156 18 164 18 ${level.underbust}`),
  frontWaist: along(`${OVER_BUST} C 20 164 17 186 17 ${level.waist}`),
  backWaist: along(`${TOP} C 17 124 14 160 13 ${level.waist}`, "back"),
  waistToHip: along(`M 28 ${level.waist} C 31 222 41 236 41 ${level.hip}`),
  shoulderToHip: along(`${OVER_BUST} C 20 164 17 186 17 ${level.waist} C 17 222 20 240 20 ${level.hip}`),
  waistToKnee: along(`M 24 ${level.waist} C 30 250 28 320 24 ${level.knee}`),
  shoulderToKnee: along(`${OVER_BUST} C 20 164 17 186 17 ${level.waist} C 20 270 21 330 21 ${level.knee}`),
  waistToFloor: along(`M 27 ${level.waist} C 34 250 31 380 28 ${level.floor - 4}`),
  shoulderToFloor: along(`${OVER_BUST} C 20 164 17 186 17 ${level.waist} C 20 270 22 380 22 ${level.floor - 4}`),
  fullLength: along(`${OVER_BUST} C 20 164 17 186 17 ${level.waist} C 20 270 21 330 21 420`),
  skirtLength: along(`M 24 ${level.waist} C 31 250 28 330 25 420`),
  sleeveLength: along("M 45 98 C 54 120 58 170 66 238"),
  height: along(`M 62 6 V ${level.floor - 4}`),
  shoulderToElbow: along("M 45 98 C 54 118 56 150 57 186"),
};

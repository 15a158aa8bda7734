/** No id in any book. */
export const NOBODY = "00000000-0000-4000-8000-000000000000";

/** Readings as a form sends them, enough for a dress. */
export const READINGS = {
  shoulder: "15 1/2",
  bust: "40",
  waist: "32",
  hip: "42",
  armhole: "17 1/2",
  frontWaist: "17",
  waistToHip: "9",
  fullLength: "42",
};

/** A card as its form sends it. */
export const typedCard = (readings: object = READINGS, more: object = {}) => ({
  name: "Hester Vane",
  takenOn: "2026-11-23",
  readings,
  ...more,
});

/** What is looked at on the picture before the chalk (craft: table, the picture against the choices). */
export const styleItems = [
  "neck-front",
  "neck-back",
  "opening",
  "shoulders",
  "collar",
  "shaping-front",
  "shaping-back",
  "waist",
  "hem",
  "slit",
  "pockets",
  "trim",
] as const;
export type StyleItemId = (typeof styleItems)[number];

const names: Readonly<Record<StyleItemId, string>> = {
  "neck-front": "Front neck",
  "neck-back": "Back neck",
  opening: "Opening",
  shoulders: "Shoulders and sleeve",
  collar: "Collar",
  "shaping-front": "Front, panels or darts",
  "shaping-back": "Back, panels or darts",
  waist: "Waist",
  hem: "Hem and length",
  slit: "Slit",
  pockets: "Pockets",
  trim: "Trim",
};

export const nameStyleItem = (id: StyleItemId): string => names[id];

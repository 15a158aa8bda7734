/** The shapes that a neck edge may have. */
export const necklineShapes = {
  round: "Round",
  v: "V",
  square: "Square",
  scoop: "Scoop",
  boat: "Boat",
  sweetheart: "Sweetheart",
  "built-up": "Built up the neck",
} as const;

export type NeckShape = keyof typeof necklineShapes;

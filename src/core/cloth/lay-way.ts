/** Ways to fold a length of cloth for a whole garment. */
export const layWays = ["in-turn", "one-fold", "selvedges", "gate", "open"] as const;
export type LayWay = (typeof layWays)[number];

import { both } from "../length";
import type { GarmentRules } from "../rules";

/** What shirts change in the house rules: an inch of ease in each quarter, armholes scooped deeper in front and behind. */
export const shirtRules: GarmentRules = {
  "ease.bust": both(4, 10),
  "ease.waist": both(4, 10),
  "ease.hip": both(4, 10),
  frontScoop: both(0.75, 2),
  backScoop: both(0.5, 1.5),
};

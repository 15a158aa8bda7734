import { both } from "../length";

/** The take-out of a zip's hollow at the waist, wherever it goes on. */
export const HOLLOW = "zip-hollow";

/** The hollow, and a contour, have run out this far above the hip line (craft: house rules, zip hollow). */
export const RUN_OUT_ABOVE_HIP = both(2, 5);

import type { ChoiceDefinitions } from "../chalk";
import { sleeveChoices } from "./sleeve/sleeve-choices";

/** Sleeves that are set into an armhole. */
const SET_IN = Object.keys(sleeveChoices.sleeve.options).filter((id) => id !== "none");

/** The shop's schools: in which order and how it is sewn; but for a hem that is shaped later no mark moves by them (craft: making, schools). */
export const makingChoices = {
  facingOrder: {
    kind: "option",
    label: "Neck facings are sewn",
    options: { "after-shoulders": "After the shoulders", "before-shoulders": "Before, the shoulder between them" },
    default: "after-shoulders",
    when: { neckFinish: ["facing"], collar: ["none", "cape"] },
    why: "Before the shoulders, their seam disappears between body and facing.",
  },
  sleeveSetting: {
    kind: "option",
    label: "Sleeves are set",
    options: { "by-cap": "By the cap", flat: "Flat, before the sides", round: "Round, after the sides" },
    default: "by-cap",
    when: { sleeve: SET_IN },
    why: "A cap eased by ½ or less lies flat; more wants to be set round.",
  },
  hemOrder: {
    kind: "option",
    label: "Hems are sewn",
    options: { last: "Last", "before-sides": "Before the sides" },
    default: "last",
    why: "While they lie flat they are quicker; last they can follow the fitting.",
  },
  hemShape: {
    kind: "option",
    label: "A curved hem is shaped",
    options: { "with-piece": "With its piece", "after-sides": "On the sewn sides" },
    default: "with-piece",
    why: "Cut straight, and its curve marked once the sides are sewn, it meets at them for certain: a shirt habit.",
  },
  hemFinish: {
    kind: "option",
    label: "Hems are held",
    options: { stitched: "Stitched", blind: "Blind", fusible: "By a fusible strip", rolled: "Rolled" },
    default: "stitched",
    why: "A fusible strip holds straight hems alone; rolled is for thin cloth.",
  },
  zipOrder: {
    kind: "option",
    label: "The zip is set",
    options: { "before-lining": "Before the lining", "with-lining": "With the lining" },
    default: "before-lining",
    when: { lining: ["body", "skirt", "whole"], opening: ["back-zip", "side-zip"] },
    why: "With the lining, both lie under one row of stitches.",
  },
  liningJoin: {
    kind: "option",
    label: "The lining is joined",
    options: { facing: "To the facing", bagged: "Bagged and turned", "by-hand": "By hand" },
    default: "facing",
    when: { lining: ["body", "skirt", "whole"] },
    why: "To the facing's inner edge it can be opened again; bagged is quickest; by hand lies softest.",
  },
} as const satisfies ChoiceDefinitions;

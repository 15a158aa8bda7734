import { armholeFinish, type ChoiceDefinitions, type ChoiceValues, neckFinish } from "../../chalk";
import { both } from "../../length";

/** How the open edges of a body end where no other part is sewn to them. */
export const finishChoices = {
  neckFinish: {
    kind: "option",
    label: "Neck edge",
    options: { none: "Left with its seam", facing: "Faced", binding: "Bound" },
    default: "none",
    when: { collar: ["none", "cape"] },
    why: "A facing is cut as the neck itself and turned inside; a bound neck is cut where it ends, its edge wrapped in bias.",
  },
  facingDepth: {
    kind: "length",
    label: "Depth of the neck facing",
    default: both(2.5, 6),
    range: [2, 4],
    when: { neckFinish: ["facing"], collar: ["none", "cape"] },
    why: "As deep all round; less turns out again, more shows through.",
  },
  facingWraps: {
    kind: "flag",
    label: "Facing takes the shoulder seam in",
    default: false,
    when: { neckFinish: ["facing"], collar: ["none", "cape"] },
    why: "On loose garments: the shoulder is sewn between body and facing, and no seam is seen inside.",
  },
  armholeFinish: {
    kind: "option",
    label: "Armhole",
    options: { sleeve: "Left for a sleeve", faced: "Faced", bound: "Bound" },
    default: "sleeve",
    when: { sleeve: ["none"] },
    why: "Without a sleeve the tip lies further in and the underarm higher, or the bare armhole gapes and shows.",
  },
} as const satisfies ChoiceDefinitions;

/** Whether anything is of a body is finished under the choices. */
export function finishesEdges(choices: ChoiceValues): boolean {
  return neckFinish({ choices }) !== "none" || armholeFinish({ choices }) !== "sleeve";
}

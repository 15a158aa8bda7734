import type { FindingId } from "../../checks";
import type { FindingWording, Spoken } from "./finding-words";

const ratio = ({ finding }: Spoken): string => ((finding.numbers.long ?? 0) / (finding.numbers.into ?? 1)).toFixed(2);

/** What is found about sleeves. */
export const sleeveFindings = {
  "cap-ease": ({ finding, say }) => ({
    text: `The sleeve cap is ${say("lengthA")} round and the sewn armhole ${say("lengthB")}: ${(finding.numbers.ease ?? 0) < 0 ? `the cap is ${say("short")} too short to be sewn in` : `${say("ease")} of ease`}, where ${say("least")} to ${say("most")} is wanted.`,
    remedy: "Leave the sleeve's width to the armhole, or tell a cap height and width that meet it. Do not cut.",
  }),
  "cuff-balance": ({ say }) => ({
    text: `Pleated and with its placket on, the sleeve's edge and the cuff differ: ${say("lengthA")} flat against a cuff of ${say("lengthB")}.`,
    remedy: "Make the pleat deeper or shallower by the difference.",
  }),
  "cap-ratio": (spoken) => ({
    text: `Between the notches the cap is hardly longer than the armhole: ${ratio(spoken)} times.`,
    remedy: "A puff wants at least 1.2: open its strips further at the top, or take a plain sleeve.",
  }),
  "underarm-left-over": ({ say }) => ({
    text: `Beyond the stitched underarm ${say("across")} of the level line is left over, ${say("along")} along the curve: that is the side's allowance there.`,
    remedy: "Leave it on at the cut: it lets the sleeve out. No other allowance is added at the underarm.",
  }),
  "notch-off-centre": ({ say }) => ({
    text: `The shoulder seam meets the cap ${say("off")} from the sleeve's fold.`,
    remedy: "Front and back armhole differ by twice that: measure both on the garment before the sleeve is cut.",
  }),
  "gather-ratio": (spoken) => ({
    text: `Gather the cap between the notches only: ${spoken.say("long")} into ${spoken.say("into")}, ${ratio(spoken)} times.`,
    remedy: "Two rows of long stitches, drawn up till both lengths are the same; none below the notches.",
  }),
  "sleeve-elastic": ({ say }) => ({
    text: `Cut each elastic ${say("length")} long for an arm of ${say("limb")}; its casing is ${say("width")} of elastic and ⅜ deeper.`,
    remedy: "Try it round the arm before it is sewn: it must grip and leave no mark.",
  }),
  "strips-turn-too-far": ({ finding }) => ({
    text: `The strips turn by ${Math.round(finding.numbers.turned ?? 0)}° in all: the underarm no longer lies on the grain.`,
    remedy: "Open the hem less.",
  }),
  "tie-slit": ({ say }) => ({
    text: `Opposite the underarm seam, on the sleeve's fold, slit it ${say("slit")} up and turn its edges ¼ twice; the band's ends, ${say("ends")} each, tie there.`,
    remedy:
      "The band's middle lies at the underarm seam. On children's clothes no ends that can catch: mind local rules.",
  }),
  "turn-back-lies": ({ say }) => ({
    text: `The cuff lies ${say("above")} above the hem, its fold at the underarm seam, its open points at the sleeve's fold; ${say("height")} high at its fold.`,
    remedy:
      "Its lower edge is sewn on the line and caught at the underarm; above it is loose. Two layers, best in a contrast.",
  }),
  "sleeve-cuff": ({ say }) => ({
    text: `The cuff is ${say("cuff")} between its ends and ${say("depth")} deep; the placket's strip stands ${say("stands")} beyond its seam and the narrow side loses ${say("narrow")}, so hem less pleat of ${say("pleat")} meets it.`,
    remedy:
      "Stay on one half of each cuff. Button ½ from the under end, in the middle of the depth, its hole on the placket's side.",
  }),
  "petals-lap": ({ say }) => ({
    text: `Front petal over back, ${say("overlap")} at the cap, half on each side of the shoulder notch: basted there before the sleeve is set.`,
    remedy: "Their free edges are rolled, ¼, before they are laid on one another.",
  }),
  "hand-does-not-pass": ({ say }) => ({
    text: `The sleeve ends ${say("round")} round; a hand wants ${say("hand")}.`,
    remedy: "Make it wider there, end it higher, or give it a cuff that opens.",
  }),
  "wrist-vent": ({ say }) => ({
    text: `The sleeve ends ${say("round")} round, close at the wrist; a hand wants ${say("hand")}.`,
    remedy: `Leave the lowest ${say("vent")} of its seam open as a vent, faced and buttoned.`,
  }),
  "sleeve-narrow": ({ say }) => ({
    text: `Under the arm the sleeve is ${say("round")} round; ${say("wanted")} is the least.`,
    remedy: `A cap ${say("cap")} high leaves the arm its room at the same ease.`,
  }),
  "sleeve-narrow-uncured": ({ say }) => ({
    text: `Under the arm the sleeve is ${say("round")} round; ${say("wanted")} is the least, and no cap leaves that on this armhole.`,
    remedy: "Give the armhole more room, or a sleeve that is wider by itself.",
  }),
  "sleeve-told-narrow": ({ say }) => ({
    text: `Under the arm the sleeve is ${say("round")} round, as it was told; ${say("wanted")} is the least.`,
    remedy: "Leave its width to the armhole, or tell more.",
  }),
  "cap-sleeve-under": ({ say }) => ({
    text: `The sleeve ends ${say("ends")} above the underarm, in front and behind: below it the armhole is bare.`,
    remedy: "Bind that stretch in bias, or face it, in one with the sleeve's seam. A higher underarm covers more.",
  }),
  "underarm-tight": ({ say }) => ({
    text: `From the underarm square to the shoulder line there are ${say("room")}; the arm wants ${say("wanted")}.`,
    remedy: "Lower the underarm.",
  }),
  "sleeve-joined-on": ({ say }) => ({
    text: `The sleeve reaches ${say("reaches")} from the fold, more than half this cloth, ${say("half")}: it is cut off square to its line and joined on.`,
    remedy: "Wider cloth, or a shorter sleeve, leaves it in one.",
  }),
  "elbow-unshaped": ({ say }) => ({
    text: `From an elbow of ${say("elbow")} to a wrist of ${say("wrist")} the sleeve hangs straight: there is no dart at the elbow.`,
    remedy: "Nothing to do; leave the wrist wider if it strains when the arm is bent.",
  }),
} satisfies Partial<Record<FindingId, (spoken: Spoken) => FindingWording>>;

import type { FindingId } from "../../checks";
import type { FindingWording, Spoken } from "./finding-words";

const stayGrades: Readonly<Record<string, string>> = {
  stiff: "stiff stay",
  soft: "soft stay",
  "by-piece": "stay, stiff in stands and waistbands and soft in all else,",
};

/** What is found about necks and collars. */
export const collarFindings = {
  "collar-chokes": ({ say }) => ({
    text: `The sewn neck is ${say("round")} round, for a neck of ${say("neck")}: closed, this collar chokes.`,
    remedy: "Make the neck wider or deeper: a neck wants at least ½ of room.",
  }),
  "collar-stands-off": ({ say }) => ({
    text: `The sewn neck is ${say("round")} round, for a neck of ${say("neck")}: a stand there stands off all round.`,
    remedy: "Make the neck smaller, or take a collar that turns down.",
  }),
  "outer-edge-short": ({ say }) => ({
    text: `Swung so little, the collar's outer edge is ${say("short")} short: it will ride up behind.`,
    remedy: "Swing it as its width asks.",
  }),
  "fall-front": ({ say }) => ({
    text: `The front edge of the fall is ${say("long")} long; ${say("least")} to ${say("most")} looks usual.`,
    remedy: "Change the width of the fall or how far its point reaches.",
  }),
  "rise-limited": ({ say }) => ({
    text: `The stand rises ${say("rise")} to the front, not ${say("wanted")}: this front neck allows no other.`,
    remedy: "More, and its top edge would turn in on itself; less, and it would stand off.",
  }),
  "under-layer-less": ({ say }) => ({
    text: `In thick cloth trim the layer underneath ${say("less")} at its outer edge, to nothing at the sewn edge.`,
    remedy: "Stay on the layer that shows, ½ free at every edge that is turned. Corners cut across, curves notched.",
  }),
  "under-collar-bias": ({ say }) => ({
    text: `Two under collars on the bias, a seam at their centre; their outer edge lies ${say("less")} inside the upper collar's.`,
    remedy: "Lay the cut collar on at half a right angle to the grain and chalk round it; mind which half is which.",
  }),
  "collar-cut-on": () => ({
    text: "The collar stays on the front: its halves are joined at the centre back, then sewn to the back neck. A notch is cut straight across first, and cut out once it is sewn.",
    remedy: "Stay the inner corner at the neck point, and snip into it to a thread before it is sewn.",
  }),
  "cape-line-later": ({ say }) => ({
    text: `Seams run where the cape is sewn on. Once they are sewn, chalk its line: from ${say("in")} inside the shoulder's tip to ${say("front")} down the centre front and ${say("back")} down the centre back.`,
    remedy: "Lay the finished cape on, shoulder to shoulder: its inner edge is that line.",
  }),
  "front-lap": ({ finding }) => ({
    text: `${finding.words?.lap === "left" ? "Left over right: the wearer's left" : "Right over left: the wearer's right"} front lies uppermost and has the buttonholes.`,
    remedy: "Folded right sides together, mark which layer that is before the pieces are lifted.",
  }),
  "popover-end": ({ say, finding }) => ({
    text: `The front opens ${say("opening")} below its neck. ${
      finding.words?.end === "slanted"
        ? `Below, snip from the slit's end to both corners, ${say("across")} apart, and stitch the bands closed along that V.`
        : `Below, the bands lie one on the other, ${say("across")} wide, and are stitched square across.`
    }`,
    remedy: `Trim the ends of both strips to ${say("trim")} beyond the seam before they are sewn across and turned.`,
  }),
  loops: ({ say, finding }) => ({
    text: `${(finding.numbers.count ?? 1) === 1 ? "One loop" : `${finding.numbers.count} loops`}, each ${say("each")} of bias cut ${say("wide")} wide: sewn to a tube, turned, its ends caught in the seam of the front edge.`,
    remedy: `For buttons ${say("button")} across: try one loop over its button before the rest are cut.`,
  }),
  "pocket-pleat": ({ say }) => ({
    text: `The box pleat takes ${say("takes")} in all: folded down the middle of the pocket and stitched ${say("stitched")} from its fold, above and below.`,
    remedy: "Press it flat, then turn the pocket's edges.",
  }),
  "pocket-side-narrow": ({ say }) => ({
    text: `The side seams have ${say("side")}; a pocket's bag wants ${say("wanted")} to be sewn to.`,
    remedy: "Give the sides more, or sew a strip of cloth to the mouth first.",
  }),
  "cups-padded": ({ say }) => ({
    text: `Pad each cup with a circle ${say("wide")} across about the bust point, on the lining.`,
    remedy: "Caught at its edge alone, so that nothing shows outside.",
  }),
  "button-pairs": ({ say }) => ({
    text: `Pairs of buttons on both panel seams: an inch below the bust line, on the ribs' line and on the waist line, ${say("beside")} on each side of the seam.`,
    remedy: "Mark them once the panels are sewn.",
  }),
  "lining-pleats": () => ({
    text: "In the lining darts are soft pleats: folded at the edge, caught in its seam, not sewn to a tip.",
    remedy: "They give where the outside does not.",
  }),
  "lining-neck": () => ({
    text: "A facing is cut in other pieces than the lining: there the lining goes up to the edge itself.",
    remedy: "Sew it to the facing's inner edge, and trim what lies beyond.",
  }),
  "lining-hangs": () => ({
    text: "A skirt that hangs in folds is not lined from its own pieces.",
    remedy: "Line it with a straight skirt of the same length, its hem an inch shorter.",
  }),
  "stay-layers": ({ finding }) => ({
    text: `${finding.numbers.layers === 2 ? "Two layers" : "One layer"} of ${stayGrades[finding.words?.grade ?? "soft"]} ironed on before the exact cut, never in a dart's intake.`,
    remedy: "Try it on a scrap first: heat marks some cloth, and the iron burns.",
  }),
  "neck-cut-on-chalk": ({ say }) => ({
    text: `By house rule the chalked neck is cut: sewn it is ${say("sewn")} round, where the chalk is ${say("chalked")}.`,
    remedy: "Every collar and facing is drawn to the sewn neck.",
  }),
} satisfies Partial<Record<FindingId, (spoken: Spoken) => FindingWording>>;

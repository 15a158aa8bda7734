import { type DoubtCode, measurementLabel } from "../../body";
import type { Finding, FindingId } from "../../checks";
import { formatLengthWithUnit, type Inches, type Unit } from "../../length";
import { collarFindings } from "./collar-findings";
import type { FindingWording, Spoken } from "./finding-words";
import { capital, nameLine, namePiece, nameSeam, thePiece } from "./names";
import { sleeveFindings } from "./sleeve-findings";
import { wordLedgerWhy } from "./terms";

/** What a ledger row is about: its take-out, its declaration, or a figure note in its own words. */
const why = ({ words }: Finding): string => wordLedgerWhy(words?.why ?? "", words?.said);

const lowered = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

const doubts: Readonly<Record<DoubtCode, (spoken: Spoken) => string>> = {
  "outside-usual-range": ({ label, say }) => `${label} ${say("value")} is outside what is usual (${say("against")}).`,
  "underbust-not-below-bust": ({ say }) =>
    `The under-bust, ${say("value")}, is not less than the bust, ${say("against")}.`,
  "bust-far-over-underbust": ({ say }) =>
    `The bust, ${say("value")}, is more than 11 in over the under-bust, ${say("against")}.`,
  "waist-far-over-bust": ({ say, chest }) => `The waist, ${say("value")}, is far over the ${chest}, ${say("against")}.`,
  "hip-far-under-waist": ({ say }) => `The hip, ${say("value")}, is far under the waist, ${say("against")}.`,
  "bust-point-not-above-underbust": ({ say }) =>
    `Shoulder to bust point, ${say("value")}, is not above the under-bust, ${say("against")}.`,
  "span-wide-for-bust": ({ say }) => `A bust span of ${say("value")} is wide for a bust of ${say("against")}.`,
  "span-narrow-for-bust": ({ say }) => `A bust span of ${say("value")} is narrow for a bust of ${say("against")}.`,
  "shoulder-wide-for-bust": ({ say, chest }) =>
    `Across shoulder, ${say("value")}, is ${chest === "bust" ? "more than half" : "wide for"} the ${chest}, ${say("against")}.`,
  "armhole-odd-for-bust": ({ say, chest }) =>
    `An armhole of ${say("value")} is odd for a ${chest} of ${say("against")}.`,
  "upper-arm-close-to-armhole": ({ say }) =>
    `The upper arm, ${say("value")}, is within an inch of the armhole, ${say("against")}.`,
  "wrist-over-elbow": ({ say }) => `The wrist, ${say("value")}, is larger than the elbow, ${say("against")}.`,
  "lengths-disagree": ({ label, say }) =>
    `${label}, ${say("value")}, and the same length read from the waist, ${say("against")} from the shoulder, are not the same.`,
  "front-far-over-back": ({ say }) =>
    `The front half length, ${say("value")}, is more than an inch over the back, ${say("against")}.`,
  "odd-for-age": ({ label, say }) => `${label}, ${say("value")}, is odd for the age (about ${say("against")}).`,
  "front-shorter-than-back": ({ say }) =>
    `The front half length, ${say("value")}, is shorter than the back, ${say("against")}.`,
  "changed-since-last-card": ({ label, say }) =>
    `${label} was ${say("against")} on the last card and is now ${say("value")}. Right client?`,
};

const joinNames: Readonly<Record<string, string>> = {
  neck: "neck",
  armhole: "armhole",
  waist: "sewn waist",
  cuff: "sleeve's end between its plackets",
  flounce: "sleeve's end",
  "tier-1": "first tier's lower edge",
  "tier-2": "second tier's lower edge",
  "tier-3": "third tier's lower edge",
  "tier-4": "fourth tier's lower edge",
  "tier-5": "fifth tier's lower edge",
};

/** Half an edge where parts meet, or the whole of one: `front half of the sewn waist`, `first tier's lower edge`. */
function nameJoin({ words }: Finding): string {
  const name = joinNames[words?.join ?? ""] ?? "edge";
  return words?.half === "whole" ? name : `${words?.half ?? "other"} half of the ${name}`;
}

const lateNames: Readonly<Record<string, string>> = {
  necklineFront: "The front neck",
  necklineBack: "The back neck",
  armholeFront: "The front armhole",
  armholeBack: "The back armhole",
  armhole: "The armhole",
  waistFront: "The front waist edge",
  waistBack: "The back waist edge",
  waistEdge: "The waist edge",
  cuffEdge: "The edge for the cuff",
  flounceEdge: "The edge for the flounce",
  tierEdge1: "The first tier's lower edge",
  tierEdge2: "The second tier's lower edge",
  tierEdge3: "The third tier's lower edge",
  tierEdge4: "The fourth tier's lower edge",
  tierEdge5: "The fifth tier's lower edge",
};

const BOUND = "Drawn a little tight round a curve, a bias strip lies flat; the bound edge has no allowance.";

const findings: Readonly<Record<FindingId, (spoken: Spoken) => FindingWording>> = {
  ...sleeveFindings,
  ...collarFindings,
  "take-out-not-given-back": ({ finding, say }) => ({
    text: `On the ${nameLine(finding.line ?? "")} of ${thePiece(finding.piece ?? "")}, ${say("removed")} was taken out (${why(finding)}) and ${say("givenBack")} given back.`,
    remedy: "Add the difference at the side on that line.",
  }),
  "girth-off": ({ finding, say }) => ({
    text: `The finished ${finding.words?.girth} measures ${say("drawn")} on the cloth; ${say("wanted")} is wanted.`,
    remedy: `Look at the side mark of the ${nameLine(finding.line ?? "")}.`,
  }),
  "not-given-back-by-rule": ({ finding, say }) => ({
    text: `On the ${nameLine(finding.line ?? "")} of ${thePiece(finding.piece ?? "")} ${say("removed")} is taken out and not given back: ${why(finding)}.`,
    remedy: "The garment is twice that smaller there over the whole body. Turn the rule on to give it back.",
  }),
  "figure-note-applied": ({ finding, say }) => ({
    text: `Figure note on the ${nameLine(finding.line ?? "")} of ${thePiece(finding.piece ?? "")}: ${why(finding)}, ${say("difference")} a quarter.`,
    remedy: "Switch the note off if this garment should not have it.",
  }),
  "seam-mismatch": ({ finding, say }) => ({
    text: `The two edges of the ${finding.words?.seam} seam differ by ${say("ease")}: ${say("lengthA")} against ${say("lengthB")}.`,
    remedy: "Do not cut; one edge would pucker. True the shorter edge.",
  }),
  "outline-crosses-itself": ({ finding }) => ({
    text: `The outline of ${thePiece(finding.piece ?? "")} crosses itself.`,
    remedy: "Make the neck shallower or the allowances smaller.",
  }),
  "head-does-not-pass": ({ say }) => ({
    text: `The neck is ${say("neck")} round; the head, ${say("head")}, does not pass.`,
    remedy: `Widen or deepen the neck by ${say("short")} round, or open it with a zip.`,
  }),
  "body-does-not-pass": ({ say }) => ({
    text: `The finished waist, ${say("waist")}, does not pass over the bust, ${say("bust")}.`,
    remedy: `Give the waist ${say("short")} more ease, or open the back with a zip.`,
  }),
  "zip-too-short": ({ say }) => ({
    text: `The zip ends at ${say("end")}, well above the hip line at ${say("hip")}.`,
    remedy: "End it no more than 1 in above the hip line, or the hips do not pass.",
  }),
  "zip-not-needed": ({ say }) => ({
    text: `The neck (${say("neck")}) passes the head and the waist (${say("waist")}) passes the bust.`,
    remedy: "The zip is not needed to get in; you may leave it out.",
  }),
  "hem-too-narrow-to-walk": ({ say }) => ({
    text: `At the knee the dress is ${say("girth")} round; a step wants ${say("wanted")}.`,
    remedy: "Add to the hem, or leave a slit or vent from above the knee. Mind stairs.",
  }),
  "neck-below-bust": ({ say }) => ({
    text: `The front neck is ${say("depth")} deep and ends below the bust line at ${say("bustLine")}.`,
    remedy: "Raise it above the bust line, or plan what holds it closed.",
  }),
  "neck-not-smooth": () => ({
    text: "Front and back neck meet at the shoulder with a point.",
    remedy: "Chalk both curves square to the shoulder seam.",
  }),
  "armhole-tight": ({ say }) => ({
    text: `The sewn armhole, ${say("sewn")}, leaves ${say("room")} of room on an arm of ${say("armhole")}.`,
    remedy: `Leave at least ${say("least")}: lower the chest line.`,
  }),
  "armhole-loose": ({ say }) => ({
    text: `The sewn armhole, ${say("sewn")}, is ${say("room")} larger than the arm, ${say("armhole")}.`,
    remedy: `Up to ${say("most")} sits well here: raise the chest line, or solve it from the armhole.`,
  }),
  "chest-near-bust": ({ say }) => ({
    text: `The chest line (${say("chest")}) falls within half an inch of the bust line (${say("bustLine")}).`,
    remedy: "Measure the armhole again, or choose another armhole depth.",
  }),
  "reading-doubtful": (spoken) => ({
    text: doubts[spoken.finding.doubt ?? "outside-usual-range"](spoken),
    remedy: `Measure the ${lowered(spoken.label)} again.`,
  }),
  "sides-far-apart": ({ label, say }) => ({
    text: `${label}: ${say("left")} on the wearer's left and ${say("right")} on the right, ${say("apart")} apart.`,
    remedy: "Measure both again.",
  }),
  "reading-derived": ({ label, say, finding }) => ({
    text: `${label}, ${say("value")}, is the same length as it was read from its other end: ${finding.words?.rule}.`,
    remedy: "Nothing to do; measure it directly if the two readings were taken on different days.",
  }),
  "reading-estimated": ({ label, say, finding }) => ({
    text: `${label} was not taken; ${say("value")} is used: ${finding.words?.rule}.`,
    remedy: `Measure the ${lowered(label)} when the client is there.`,
  }),
  "given-back-whole": ({ finding, say }) => ({
    text: `On the ${nameLine(finding.line ?? "")} of ${thePiece(finding.piece ?? "")} ${say("removed")} is removed and ${say("givenBack")} given back: ${why(finding)}.`,
    remedy: "The surplus is shown in the finished girth. Give back exactly to be rid of it.",
  }),
  "panel-cuts-overlap": ({ finding }) => ({
    text:
      finding.words?.where !== "corner"
        ? `The cutting lines of ${thePiece(finding.piece ?? "")} and its neighbour run over each other: there is no cloth for both seams.`
        : `A corner of ${thePiece(finding.piece ?? "")}'s seam lies in its neighbour's: there is no cloth for both there.`,
    remedy:
      "Move the panels apart (house rule “Room for panel allowances”), or cut one panel and then chalk the other.",
  }),
  "hip-tight": ({ say }) => ({
    text: `Below the waist it is ${say("finished")} round at the hip; the hip is ${say("hip")}.`,
    remedy: "Give the panels more flare, or the waist more ease.",
  }),
  "ribs-tight": ({ say }) => ({
    text: `Under the bust it is ${say("finished")} round; the ribs are ${say("ribs")}.`,
    remedy: "Take out less under the bust, or give bust and waist more ease.",
  }),
  "neck-not-as-named": ({ finding, say }) => ({
    text: `A ${finding.words?.shape} neck of ${say("depth")} deep and ${say("width")} wide will not look like one.`,
    remedy:
      finding.words?.shape === "boat"
        ? "Draw a boat less than 2½ in deep and more than 4½ in wide."
        : "Draw a scoop more than 5 in deep.",
  }),
  "bust-dart-off-by-rule": () => ({
    text: "The bust dart is left out: by house rule front and back are equally long.",
    remedy: "Set “Front longer than back by” to a side bust dart if this garment should have it.",
  }),
  "bust-dart-not-needed": () => ({
    text: "The front side is hardly longer than the back's, so no bust dart is drawn.",
    remedy: "Measure both half lengths again if the client has a bust to fit.",
  }),
  "bust-dart-raised": ({ say }) => ({
    text: `The bust dart opens ${say("used")} down the side, not ${say("asked")}: lower it would come too near the waist.`,
    remedy: "Nothing to do; it still lies below the bust mark.",
  }),
  "yoke-line-raised": ({ say }) => ({
    text: `The yoke line is drawn ${say("yoke")} down, above the underarm, not ${say("wanted")}.`,
    remedy: "The yoke must end on the armhole; choose more above the bust line to set it yourself.",
  }),
  "back-yoke-raised": ({ say }) => ({
    text: `Without a sleeve the armhole is higher: the back yoke ends ${say("yoke")} down, above it, not ${say("wanted")}.`,
    remedy: "Nothing to do; a shallower yoke, or a sleeve, leaves it where it was asked.",
  }),
  "flare-kept": ({ say }) => ({
    text: `Of ${say("asked")} flare a quarter ${say("kept")} is kept: the slanted side keeps its length and its corner is lifted ${say("lift")}.`,
    remedy: "Ask for more flare if you want that much kept.",
  }),
  "trim-needs-join": () => ({
    text: "The house trims the back's lower edge, but this body does not end in a join; both are drawn equally long.",
    remedy: "Nothing to do. Choose a bust dart if the front should be longer.",
  }),
  "contour-needs-seam": () => ({
    text: "The centre-back contour is left out: this back lies on the fold, where no seam can shape it.",
    remedy: "Choose a zip or a seam at the centre back, and one fold for each half.",
  }),
  "panel-room-by-line": () => ({
    text: "The half inch on the panel line stands for the seam, so the panels are not moved apart as well.",
    remedy: "Keep the panel line at half the bust span to have the panels moved apart on every line.",
  }),
  "dart-tip-raised": ({ finding, say }) => ({
    text: `The tip of the waist dart of ${thePiece(finding.piece ?? "")} lies ${say("raised")} higher than the house has it: a shorter dart cannot be pressed flat.`,
    remedy: "Set its tip further from the waist in the house rules, or leave the dart out.",
  }),
  "panel-point-moved": ({ say }) => ({
    text: `The panel meets the armhole ${say("used")} from the tip, not ${say("asked")}: there it finds no place with its take-out.`,
    remedy: "Let it meet the armhole nearer to its middle, or take out less.",
  }),
  "ribs-line-moved": ({ say }) => ({
    text: `The under-bust line is drawn ${say("used")} down, not ${say("asked")}: there it would lie too near the bust line or the waist.`,
    remedy: "Measure shoulder to under-bust, to the bust point and the front half length again.",
  }),
  "cup-lift-lowered": ({ say }) => ({
    text: `The cup is lifted ${say("used")}, not ${say("asked")}: between bust line and ribs there is no room for more.`,
    remedy: "Measure shoulder to under-bust again, or ask for less lift.",
  }),
  "take-out-end-lowered": ({ say }) => ({
    text: `The panel's take-out runs out ${say("used")} below the waist, not ${say("asked")}: at the waist it is still whole.`,
    remedy: "End it less far above the hip (house rule “Front dart tip above the hip”), or measure waist to hip again.",
  }),
  "figure-note-unused": ({ finding }) => ({
    text: `The figure note “${finding.words?.why}” moves nothing: this garment has no ${nameLine(finding.words?.line ?? "")} to measure on ${thePiece(finding.piece ?? "")}.`,
    remedy: "Put it on a piece and line that this garment has, or leave it out.",
  }),
  "side-steep": ({ finding, say }) => ({
    text: `Within ${say("down")} the side of ${thePiece(finding.piece ?? "")} runs ${say("across")} across: it is drawn straight through the marks there.`,
    remedy: "Measure the girths above and below again, and the lengths between them, before you cut.",
  }),
  "take-out-large": ({ finding, say }) => ({
    text: `The ${why(finding)} of ${thePiece(finding.piece ?? "")} takes out ${say("intake")}, more than ${say("usual")}.`,
    remedy: "Look at the shape of the panels before you cut, or take out less.",
  }),
  "dart-wide": ({ finding, say }) => ({
    text: `The waist dart of ${thePiece(finding.piece ?? "")} is ${say("half")} wide on each side of its line; over ${say("most")} it buckles.`,
    remedy: "Make panels, or take out less.",
  }),
  "side-too-hollow": ({ finding, say }) => ({
    text: `The side of ${thePiece(finding.piece ?? "")} takes in ${say("taken")} between waist and hip; over ${say("most")} it stands hollow there.`,
    remedy: "Take the darts that this figure needs, or a skirt that hangs from the waist.",
  }),
  "many-darts": ({ finding }) => ({
    text: `The ${namePiece(finding.piece ?? "")} has three darts in each half.`,
    remedy: "Elastic or panels sit better on this figure.",
  }),
  "waist-over-hip": ({ finding, say }) => ({
    text: `On ${thePiece(finding.piece ?? "")} the waist (${say("waist")} a quarter) is wider than the hip (${say("hip")}): the side runs inwards and there is no dart.`,
    remedy: "Look at both readings; measure again if they are not this figure's.",
  }),
  "hip-break": ({ finding }) => ({
    text: `The side of ${thePiece(finding.piece ?? "")} turns by more than 20° at the hip: it breaks there.`,
    remedy: "Flare it from the waist, or less.",
  }),
  "elastic-to-cut": ({ say }) => ({
    text: `Cut the elastic ${say("length")} long, ${say("width")} wide; its ends overlap and are sewn before the casing is closed.`,
    remedy: "Try it round the waist first: elastics differ.",
  }),
  stride: ({ finding, say }) => ({
    text: `At ${say("down")} below the waist the skirt is ${say("girth")} round; a step there wants ${say("wanted")}${finding.words?.knee === "guessed" ? " (no knee was taken: it is guessed from the hip)" : ""}.`,
    remedy: "Peg it less, or leave a slit from there to the hem.",
  }),
  "flare-narrow": ({ say }) => ({
    text: `Where it opens the skirt is ${say("girth")} round; both knees want ${say("wanted")}.`,
    remedy: "Do not cut: bring it in less at the flare line, or open it higher.",
  }),
  "flare-tight": ({ say }) => ({
    text: `Where it opens the skirt is ${say("girth")} round; a step wants ${say("wanted")}.`,
    remedy: "Bring it in less at the flare line, or open it higher. Mind stairs.",
  }),
  "ring-tight": ({ say }) => ({
    text: `At the hip the skirt is ${say("round")} round; the hip is ${say("hip")}.`,
    remedy: "Take more fullness.",
  }),
  "ring-ease": ({ finding, say }) => ({
    text: `The radius of ${say("radius")} makes a ring of ${say("round")}${(finding.numbers.ease ?? 0) === 0 ? "" : ", but for what no tape shows"}.`,
    remedy: "Before cutting, walk the tape round the stitching ring.",
  }),
  "ruche-turns-far": ({ finding }) => ({
    text: `The ${namePiece(finding.piece ?? "")} turns by more than 100° from waist to hem: its cloth runs out of the grain.`,
    remedy: "Spread it less, or move the seam nearer to the centre.",
  }),
  godets: ({ say }) => ({
    text: `Each godet is ${say("length")} long and ${say("width")} wide at its hem; its slot is as long, and a small square of stay holds the point.`,
    remedy:
      "Set those of the side seams first, then the centre back, then the others evenly. A slash ends short of the point: snip no further.",
  }),
  "facing-stay": ({ say }) => ({
    text: `The waist facing is ${say("depth")} deep; cut each of its pieces once more from stay, and fuse it before the sides are sewn.`,
    remedy: "Overlock its lower edge: it has no seam. An iron burns: try the stay on a scrap first.",
  }),
  "facing-turned": () => ({
    text: "Cut each facing once more from stay and fuse it before its seams are sewn; its inner edge is overlocked.",
    remedy:
      "Snip the seam where it curves, turn the facing in and stitch it to the allowance. An iron burns: try the stay on a scrap first.",
  }),
  "facing-wraps": () => ({
    text: "Join the front facing to the back one first, at their shoulders.",
    remedy:
      "Sew the body's shoulder seam so that it is caught between body and facing, then the neck; no seam shows inside.",
  }),
  "binding-neck": ({ say }) => ({
    text: `Chalk lines across the square at 45°, ${say("wide")} apart: joined at 45° they make ${say("neck")} for the neck.`,
    remedy: BOUND,
  }),
  "binding-armholes": ({ say }) => ({
    text: `Chalk lines across the square at 45°, ${say("wide")} apart: joined at 45° they make ${say("armhole")} for each armhole.`,
    remedy: BOUND,
  }),
  "binding-both": ({ say }) => ({
    text: `Chalk lines across the square at 45°, ${say("wide")} apart: joined at 45° they make ${say("neck")} for the neck and ${say("armhole")} for each armhole.`,
    remedy: BOUND,
  }),
  "late-differs": ({ finding, say }) => ({
    text: `The ${nameJoin(finding)} was drawn ${say("drawn")} and measures ${say("measured")} on the garment: what is sewn to it is drawn to that.`,
    remedy:
      "Usual causes: it stretched in the hand, the allowance was taken twice, another line was sewn, or the chalked neck was cut.",
  }),
  "late-far-off": ({ finding, say }) => ({
    text: `The ${nameJoin(finding)} measures ${say("measured")} on the garment, ${say("off")} from the ${say("drawn")} that were drawn.`,
    remedy: `Measure it again before anything is cut to it: ${finding.words?.half === "whole" ? "the whole" : "half"} of it, along the stitching, the tape on its edge.`,
  }),
  "late-unused": ({ finding, say }) => ({
    text: `${lateNames[finding.words?.late ?? ""] ?? "A measure of the garment"}, ${say("value")}, changes nothing: no piece here is drawn to it.`,
    remedy: "It stays with the order, for a garment that has the piece.",
  }),
  "armhole-may-gape": ({ say }) => ({
    text: `The bust is ${say("fullness")} more than the ribs below it: a bare armhole will stand away in front.`,
    remedy: "Give it a bust dart, or panels from the armhole.",
  }),
  cords: ({ say }) => ({
    text: `The casing is ${say("casing")} long; each of its two cords is ${say("length")}, to be tied.`,
    remedy: "Never at a child's clothes: local rules say where cords may be, and how long.",
  }),
  "front-buttons": ({ say, finding }) => ({
    text: `Down the centre front ${finding.numbers.count ?? 0} buttonholes, ${say("overlap")} inside the folded edge: the first ${say("first")} below the waist, then one every ${say("pitch")}. Beyond the fold ${say("facing")} is turned in.`,
    remedy: "Chalk the buttonholes once the front is folded and pressed; across, on the side that lies over.",
  }),
  "ring-in-more": () => ({
    text: "The ring is cut in more pieces than were asked for: on its fold none covers more than half a circle.",
    remedy: "Ask for as few pieces as fit the cloth, or for less of a circle.",
  }),
  "ring-pieced": ({ say }) => ({
    text: `The ring reaches ${say("beyond")} beyond this cloth: its outer corners are pieced, along the straight grain and mirrored.`,
    remedy: "Sew the piece on before you swing the tape; or take wider cloth, more pieces, or a shorter skirt.",
  }),
  "join-ratio": ({ finding, say }) => ({
    text: `${capital(nameSeam(finding.words?.seam ?? ""))}: ${say("lengthA")} is gathered into ${say("lengthB")}, ${finding.words?.ratio} times as long.`,
    remedy: "Thick cloth wants less, thin cloth takes more: try a hand's breadth first.",
  }),
  "hem-shaped-later": ({ say }) => ({
    text: `The hem is cut straight. On the sewn sides its curve is marked: ${say("rise")} up at the side, running out to nothing before the centre.`,
    remedy: "Fold the garment at its centre and cut both sides as one, after the sides are sewn and before the hem.",
  }),
  "child-cords": ({ finding }) => ({
    text: `On a child's clothes cords are a danger: this one hangs at ${finding.words?.place}. At the neck and on a hood there is none at all.`,
    remedy: "Stitch it down in the middle, keep its ends short, or take elastic. Local rules come first.",
  }),
  "to-let-down": ({ say }) => ({
    text: `The hem is turned in by ${say("hem")}, so that it can be let down as the child grows.`,
    remedy: "Fold it twice, or take a tuck inside; press it lightly.",
  }),
  "half-scale": () => ({
    text: "Chalked at half scale: every reading is halved, allowances too. The girths and seams of the proof are those of the full size.",
    remedy: "Choose full size to cut the garment.",
  }),
  "cloth-too-short": ({ say }) => ({
    text: `The cloth is ${say("length")} long; this lay takes ${say("used")}.`,
    remedy: `Find ${say("short")} more, make it shorter, or lay the pieces closer by hand.`,
  }),
  "cloth-too-narrow": ({ finding, say }) => ({
    text: `The cloth is ${say("width")} wide; the doubled ${namePiece(finding.piece ?? "")} wants ${say("wanted")}.`,
    remedy: "Take wider cloth, or fold it along the other way if the grain allows.",
  }),
  "cloth-one-way-turned": () => ({
    text: "Folded in four across, half of the layers lie upside down; this cloth has one way.",
    remedy: "Fold once, twice over, instead.",
  }),
};

/** Says a finding and what to do about it, in the shop's unit. */
export function wordFinding(finding: Finding, unit: Unit): FindingWording {
  const against = finding.words?.against ?? "";
  return findings[finding.id]({
    finding,
    say: (name: string) => formatLengthWithUnit((finding.numbers[name] ?? 0) as Inches, unit),
    label: finding.measurement === undefined ? "" : measurementLabel(finding.measurement, finding.figure ?? "woman"),
    chest: (finding.figure ?? "woman") === "woman" ? "bust" : "chest",
    against,
  });
}

/** A word of the craft, for somebody who cuts for the first time. The glossary of the code has the same words. */
export interface CraftWord {
  readonly word: string;
  readonly meaning: string;
  /** With an `s` it is a verb and no word of the craft: a collar has a stand, a dress stands away. */
  readonly verb?: true;
}

/** Craft words that the screen and the sheet use, in the order of the alphabet. */
export const craftWords: readonly CraftWord[] = [
  { word: "across", meaning: "Along a line, from the fold or centre line out to the side." },
  { word: "allowance", meaning: "The cloth between the line you sew and the line you cut. Each edge has its own." },
  { word: "armhole", meaning: "The edge an arm goes through; also the girth round the arm and over the shoulder tip." },
  {
    word: "armhole line",
    meaning: "The plumb line from the shoulder tip down to the chest line. The curve hollows in from it.",
  },
  {
    word: "balance",
    meaning: "How the front is made longer than the back where the bust needs it: by a dart, or by a trim.",
  },
  { word: "band", meaning: "The folded strip down the front that carries the buttons." },
  { word: "basque", meaning: "A lower edge that dips to a point below the waist." },
  {
    word: "break line",
    meaning: "Where a lapel begins to turn back: from the break on the front edge up to the neck.",
  },
  { word: "built-up neck", meaning: "A neck that stands up the throat, cut in one with the body." },
  { word: "bust line", meaning: "The line across through both bust points." },
  {
    word: "bust point",
    meaning: "The fullest point of the bust. Darts and panel seams point to it and stop before it.",
  },
  { word: "bust span", meaning: "From one bust point to the other." },
  { word: "card", meaning: "What you measured on one day. A new card never covers an old one." },
  { word: "casing", meaning: "A channel that elastic or a cord runs in." },
  { word: "caution", meaning: "Something to look at before you cut. The garment can be cut all the same." },
  {
    word: "centre line",
    meaning: "The middle of the front or back. Tapes start there when it does not lie on the fold.",
  },
  { word: "chest line", meaning: "The line across where the armhole ends and the side seam begins." },
  { word: "contour", meaning: "A centre-back seam that follows the hollow of the back." },
  { word: "corner lift", meaning: "How far the corner of a flared hem is raised, so that the hem hangs level." },
  {
    word: "cut sheet",
    meaning:
      "Everything for one garment: how to fold, what to chalk, what to cut, and the proof that it fits together.",
  },
  { word: "cutting line", meaning: "Where the shears go: the bold broken line." },
  { word: "dart", meaning: "A wedge that is sewn away so that flat cloth goes round a body." },
  { word: "dots", meaning: "Readings that set a curve: along the straight line between its ends, and across from it." },
  { word: "down", meaning: "From the top line towards the hem." },
  {
    word: "ease",
    meaning:
      "Room beyond the body, to breathe and move. It is said for the whole body; each quarter gets a quarter of it.",
  },
  {
    word: "estimate",
    meaning: "A number that stands in for a reading nobody took. It always says so; measuring is better.",
  },
  { word: "facing", meaning: "A piece sewn inside an edge to finish it, as the edge itself is shaped." },
  { word: "fall", verb: true, meaning: "The part of a collar that turns down. It covers the seam of the stand." },
  {
    word: "figure note",
    meaning: "What this body asks for on one line of one piece, kept from a fitting: a hollow back, a high hip.",
  },
  { word: "fold", meaning: "The edge of doubled cloth. Tapes start there; nothing is cut there." },
  { word: "gather", meaning: "A longer edge drawn in on two threads until it is as long as the one it is sewn to." },
  {
    word: "given back",
    meaning: "What a dart or hollow takes out on a line is added again at the side, so that the girth stays right.",
  },
  { word: "godet", meaning: "A sector of cloth let into a seam or a slash, so that the hem swings." },
  { word: "gorge", meaning: "The seam where a lapel meets its collar." },
  { word: "grain", meaning: "The way the long threads run. Pieces lie along it, or they twist when worn." },
  { word: "guide line", meaning: "A thin line squared across the cloth at a length down from the top line." },
  { word: "half length", meaning: "Shoulder to waist: in front over the bust, behind down the back." },
  { word: "hip depth", meaning: "From the waist down to the fullest hip, at the side." },
  {
    word: "house rule",
    meaning: "A number or a way on which good tailors differ. Your shop decides; the sheet says which it was drawn by.",
  },
  { word: "lapel", meaning: "The upper front, turned back on the chest." },
  { word: "ledger", meaning: "What was taken out and what was given back, line by line." },
  { word: "legs", meaning: "The two lines of a dart that are sewn together." },
  { word: "lining", meaning: "A second garment inside, so that the first slides and keeps its shape." },
  { word: "mark", meaning: "A cross to chalk at a reading." },
  { word: "notch", meaning: "A small snip on the allowance that must meet another when you sew." },
  { word: "panel", meaning: "A piece that runs down the body; its seam shapes it in place of darts." },
  { word: "plumb", meaning: "Straight down." },
  { word: "quarter", meaning: "Half of the front or back as it lies doubled: a quarter of the girth." },
  { word: "ring", meaning: "A piece cut between two circles: the tape is held at their centre and swung." },
  { word: "roll line", meaning: "Where a collar or lapel turns over. It is chalked and folded, never cut." },
  { word: "scoop", meaning: "How far the middle of the armhole is hollowed in." },
  { word: "selvedge", meaning: "The woven edge of the cloth." },
  { word: "sewn round", meaning: "How long strips or a ring are all the way round once they are joined." },
  {
    word: "shift",
    meaning: "How far an outer panel is chalked further out, whole, so that there is room for two seams.",
  },
  { word: "shoulder drop", meaning: "How far the shoulder tip lies below the top line." },
  { word: "stand", verb: true, meaning: "The part of a collar that stands up the neck." },
  { word: "stitching line", meaning: "Where the seam is sewn: the fine even line." },
  { word: "take-out", meaning: "Cloth removed inside a piece, by a dart, a panel seam or a hollow." },
  { word: "tier", meaning: "One round of strips, gathered into the edge above it." },
  { word: "tip", meaning: "Where a dart ends in nothing." },
  { word: "top line", meaning: "The line through the shoulder at the neck. Lengths are read down from it." },
  { word: "true", meaning: "To change an edge a little so that it meets the one it is sewn to." },
  {
    word: "under collar",
    meaning: "The layer of a collar that nobody sees, cut a little smaller so that the edge rolls under.",
  },
  { word: "under-bust line", meaning: "The line across at the ribs, right under the bust." },
  { word: "yoke", meaning: "The part above a seam across the shoulder blades or above the bust." },
  {
    word: "zip hollow",
    meaning: "What the centre-back seam takes in at the waist so that the back does not stand away at the zip.",
  },
];

const isLetter = (letter: string | undefined): boolean => letter !== undefined && /[a-z]/i.test(letter);

/** Where a word stands whole in a text; an `s` or `es` behind it makes it no other word, but of a verb. */
function standsAt(text: string, { word, verb }: CraftWord): number {
  for (let at = text.indexOf(word); at >= 0; at = text.indexOf(word, at + 1)) {
    const plural = verb ? null : /^e?s(?![a-z])/.exec(text.slice(at + word.length));
    const after = at + word.length + (plural?.[0].length ?? 0);
    if (!isLetter(text[at - 1]) && !isLetter(text[after])) return at;
  }
  return -1;
}

/** The craft words in a text, in the order in which they come; of “armhole line” the longer word, not its parts. */
export function findCraftWords(text: string): readonly CraftWord[] {
  let left = text.toLowerCase();
  const found: { readonly at: number; readonly word: CraftWord }[] = [];
  for (const word of [...craftWords].sort((a, b) => b.word.length - a.word.length)) {
    const at = standsAt(left, word);
    if (at < 0) continue;
    found.push({ at, word });
    left = left.replaceAll(word.word, " ".repeat(word.word.length));
  }
  return found.sort((a, b) => a.at - b.at).map(({ word }) => word);
}

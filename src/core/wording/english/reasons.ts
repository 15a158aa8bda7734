import type { StepReason } from "../../chalk";

const reasons: Readonly<Record<StepReason, string>> = {
  "armhole-depth":
    "The chest line is where the sewn underarm lies: too high pinches, too low stops the arm from rising.",
  "shoulder-slope": "The shoulder falls from the neck; the drop keeps the seam on top of it.",
  scoop: "A little hollow in the armhole takes away the slack there.",
  "side-width":
    "A quarter of the girth with its share of ease. The side seam allowance lies outside it and is not ease.",
  "given-back": "What was taken out on this line is added here again, or the garment would be too small.",
  "zip-hollow": "The back is hollow at the waist; without this the seam stands away from it.",
  "hem-width": "The hem follows the hip, so that it hangs clear of the knees.",
  "hem-trued": "One side seam is straighter and so shorter than the other; carried on by this much both are equal.",
  "neck-width": "Counted from the centre, along the top line.",
  "origin-zip-line": "The zip allowance lies outside it. A tape started at the edge would put the whole side off.",
  "armhole-cutting": "Half from tip to tip; the sheet says whether the seam lies inside or outside it.",
  "side-seam": "Nearly straight to the waist, round over the hip, upright at the hip line, then straight.",
  "bust-point": "Darts and panel seams point here; half the span from point to point, on the bust line.",
  dart: "It takes the waist in and lets the cloth go again over bust and hip; what it takes is added at the side.",
  "dart-turned": "The bust dart was closed by turning this part about the bust point, so the mark has left its line.",
  "bust-dart": "The front runs over the bust and is longer than the back; the dart takes that up at the side.",
  "panel-point": "Here the panel seam leaves the armhole on its way to the bust point.",
  "shoulder-panel": "Here the panel seam leaves the shoulder on its way down to the bust point.",
  "take-out": "What the seam takes out here shapes cup and waist; it is added again at the side.",
  "panel-line": "Straight to the bust, rounded over it so that it does not peak, and on down.",
  "moved-out":
    "At the bust point there is no cloth between the panels for two seams; so the outer one moves out, whole.",
  "panel-trued": "Carried on until both panel edges are equally long above the bust, so that the bust notches meet.",
  "balance-trim": "Padding and bust shorten the front; what the back would sag by is trimmed here.",
  "waist-join": "Left with its seam, to be joined or finished here.",
  "corner-lift": "The slanted edge keeps the length of a plumb one, or the hem would dip at the corner.",
  "hem-peg": "The hem closes in below the hip.",
  band: "The centre front lies inside the finished edge: front readings start there.",
  buttonhole: "Even spaces, with one on the bust line so that the front does not gape there.",
  "buttonhole-below": "As far apart as those above; none through the seam, and none near the hem: there one steps.",
  basque: "The edge dips to a point at the centre and rises to the side.",
  split: "Cut across here, both parts carry their own seam.",
  yoke: "The yoke is cut off along this line and joined again edge to edge.",
  "slit-end": "Here the slit stops. It counts from the neck, never from the hem.",
  "neck-edge": "Here the neck line meets the front edge.",
  "back-raised": "Raised at the zip, the lower edge takes the bulge there; it runs straight to nothing at the side.",
  "fold-in-band": "Folded in before the edges above and below are cut, the turning mirrors them and reaches both.",
  "curved-hem": "Raised at the side, where a straight hem would bunch.",
  "dart-peak":
    "Folded to the centre, the dart must still reach the edge: between its legs the cloth stands this much higher.",
  "waist-dip": "The hollow of the back lies lower than the waist in front.",
  "flare-reading":
    "Only to rule the side through; it is rubbed out. The corner lies on the side, as far down it as a plumb one.",
  "flare-line": "Above the knee it opens, so that a step is free.",
  "flare-point": "Ruled to from the hip and from the hem; the turn is then rounded, so that it does not peak.",
  "spread-edge":
    "Where the seam comes to lie once each sector is opened: drawn as it ends, so that no paper is slashed.",
  "spread-hinge": "Here a sector turns; the side keeps its length.",
  "slit-out": "Both edges of the slit bend away from the seam, so that it shows.",
  "facing-traced": "What is cut already is the truest pattern of its own facing.",
  "facing-low": "One facing for both: its lower edge runs from under the arm to the centre in a soft curve.",
  "facing-inner": "As deep everywhere, the facing neither shows at one place nor turns out at another.",
  facing: "As the skirt's own top with its darts closed, so that it lies flat inside it.",
  godet: "A sector let into a seam or a slash: the hem swings from there, and the skirt stays close above it.",
  "ring-centre": "Every place of both rings is as far from here as the tape says.",
  "ring-inner": "Around it goes what it is sewn to; the hole is cut smaller than the ring, by the seam.",
  "ring-outer": "The length is the same all round, so the hem hangs level once it has hung a day.",
  strips: "As long as the cloth is wide, its selvedges inside the joins: so a round takes the fewest strips.",
  "hem-squared": "Carried on, the side meets the hem squarely, and the hem does not dip there.",
  "skirt-waist": "Level from the centre, then up to the side: worn, it lies level all round.",
  "slit-top": "Sewn to here and barred; below it the seam stays open and is turned in. It counts from the waist.",
  vent: "The left side folds back on the seam line as its own facing, the right lies flat under it; the hem is turned first.",
  casing: "Everything above the waist line is turned in over the elastic.",
  "neck-curve": "It meets the centre and the shoulder squarely, so that both halves join without a point.",
};

/** Why a step is done, in a sentence. */
export function wordReason(reason: StepReason): string {
  return reasons[reason];
}

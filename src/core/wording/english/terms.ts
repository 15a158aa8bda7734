import { measurements } from "../../body";
import type { DeclaredCode, PieceName, TakeOutCode, Term, TermAbout, TermCode, Turn } from "../../chalk";
import { formatLength, type Unit } from "../../length";
import { ruleDefinition } from "../../rules";

type Say = (about: TermAbout, unit: Unit) => string;

/** What each part of a sum is called on the strip. */
const terms: Readonly<Record<TermCode, string | Say>> = {
  "above-start": "Above the line it starts at",
  "above-the-top-line": "Above the top line",
  "across-as-drawn": "Across, where the whole is drawn",
  "along-edge": "Measured along the edge",
  "armhole-crosses-yoke": "Where the armhole crosses the yoke line",
  "armhole-depth-bust": "Armhole depth: bust ÷ 6 + 1½",
  "armhole-depth-fixed": "Armhole depth, fixed",
  "armhole-depth-half": "Armhole depth: armhole ÷ 2",
  "armhole-depth-solved": "Armhole depth, solved for the sewn armhole",
  "armhole-on-yoke-line": "Armhole on the yoke line",
  "armhole-seam-inside": "Armhole seam, inside the reading",
  "armhole-take-out-given-back": "Armhole take-out given back",
  "as-the-body-lies": "As the body lies, its seams closed",
  "as-spread": "Where it lies once it is spread",
  "back-armhole-scoop": "Back armhole scoop",
  "back-panel-take-out-given-back": "Back panel take-out given back",
  "back-panel-waist-given-back": "Back panel's waist given back",
  "below-the-hip-line": "Below the hip line",
  "beyond-finished-edge": "Beyond the finished edge",
  "brought-in-at-side": "Brought in at the side",
  "bust-dart-lower-leg": "Lower leg of the bust dart, across",
  "casing-above-the-waist": "Casing: the elastic's width and its turning",
  "centre-bends": "The centre line bends in here",
  "centre-dip": "Dip at the centre",
  "corner-lifted": "The corner lifted along its slant",
  "darts-closed": "As the skirt's top lies with its darts closed",
  "dart-leg": "The dart's leg on the line",
  "first-buttonhole": "First buttonhole",
  flare: "Flare",
  "flare-of-the-panel-edge": "Flare of the panel edge",
  "facing-cut-on": "Facing cut on",
  "folded-in-for-the-band": "Folded in for the band",
  "front-armhole-scoop": "Front armhole scoop",
  "front-edge-seam": "Front edge seam",
  "front-longer-than-back": "Front longer than back",
  "half-the-finished-band": "Half the finished band",
  "godet-there": "Where the godet is set",
  "hem-beyond-the-hip": "Hem beyond the hip",
  "flare-above-the-knee": "Opens above the knee",
  "flare-beyond-the-hip-line": "Out from the hip's plumb line",
  "flare-line-fixed": "Where it opens, from the waist",
  "flare-at-the-hip": "Wider at the hip: the side runs straight to its flare",
  "hip-quarter": "Hip quarter as drawn",
  "inside-cloth-edge": "Inside the edge of the cloth",
  "inside-the-tip": "Inside the tip of the dart",
  "joining-seam": "Joining seam",
  "kept-above-the-hem": "Kept above the hem of so short a skirt",
  "kept-clear": "Kept clear of bust line and waist",
  "less-the-gathered-band": "Less the gathered band",
  "let-out-to-chest": "Let out to the chest's width",
  "line-slants": "Because the line slants",
  "mean-of-both-half-lengths": "Mean of both half lengths",
  "nearest-tick": "To the nearest tick",
  "neck-depth": "Neck depth",
  "neck-width": "Neck width",
  "on-the-same-shoulder-line": "Shorter, on the same shoulder line",
  "outer-panel-end": "Upper end of the outer panel, across",
  "overlap-beyond-the-centre-front": "Overlap beyond the centre front",
  "panel-leg": "The leg of the panel seam as it is drawn",
  "panel-moved-out": "Panel moved out for two allowances",
  "panel-room": "Room for two panel allowances",
  "panel-room-made-up": "Room for panel allowances, made up here",
  "panel-seam-there": "The seam that will be sewn there",
  "panel-take-out": "Take-out of the panel seam",
  "pegged-in": "Pegged in",
  "room-to-pull-on": "Room to pull it on over the hip",
  "measured-on-the-sewn-waist": "Measured on the sewn waist",
  "meets-the-dart-above": "Closes where the dart above does",
  "shoulder-to-hip": "Shoulder to hip",
  "shoulder-to-hem": "Shoulder to hem",
  "half-length-above": "Half length, above the waist",
  "sewn-waist-of-the-body": "The body's waist edge, sewn",
  "share-of-the-waist": "Half way across the quarter: no bust span was taken",
  "squared-to-the-hem": "Carried on, square to the hem",
  "ring-from-round": "Radius of the ring, from what it is sewn to",
  "skirt-below-the-ring": "Depth below the ring",
  "room-for-cut": "Room for the whole cutting line",
  "seam-inside-the-folded-edge": "Seam inside the folded edge",
  "short-of-bust-point": "Short of the bust point",
  "short-of-centre": "Short of the centre line",
  "shorter-than-measured": "Shorter than measured",
  "shoulder-drop": "Shoulder drop",
  "shoulder-drop-gradient": "Shoulder drop, 1 in 5 from the neck",
  "shoulder-take-out-given-back": "Shoulder take-out given back",
  "sleeveless-rise": "Higher under a bare arm",
  "sleeveless-shoulder": "Further in without a sleeve",
  "slit-below-the-neck": "Slit below the neck",
  "swung-out": "Swung out with the panel",
  "to-trim": "To trim at the fitting",
  trued: "Turned and trued",
  "trued-to-back-shoulder": "Trued to the back shoulder",
  "trued-to-back-side": "Trued to the back side",
  "trued-to-front-side": "Trued to the front side",
  "top-of-the-slit": "Top of the slit or vent, from the waist",
  "trued-to-skirt-side": "To be as long as the other side",
  "vent-beyond-the-centre": "The vent reaches beyond the centre",
  "waist-lowered-at-back": "Lower at the centre back",
  "waist-raised-at-side": "Raised at the side",
  "trued-to-shoulder": "Trued, so that the sewn shoulder keeps its length",
  "turned-with-dart": "Turned with the bust dart",
  "under-bust-take-out-given-back": "Under-bust take-out given back",
  "waist-dart-given-back": "Waist dart given back",
  "waist-side": "Waist side as drawn",
  "as-drawn": "As it is drawn",
  "blouses-over": "Falls over the elastic",
  "cap-as-solved": "Cap, solved for the sewn armhole and its ease",
  "cap-by-kind": "Cap of this kind of sleeve",
  "cuff-there": "Half the cuff",
  "ends-by-kind": "Where this kind of sleeve ends",
  "ends-as-told": "Where the sleeve ends",
  "finished-below": "Less what is sewn on below",
  "full-at-the-hem": "Wider at the hem",
  "girth-there": "Half the arm where it ends",
  "half-armhole-level": "Half the sewn armhole and its ease, laid level",
  "half-the-elbow-and-wrist": "Half way from elbow to wrist",
  "hem-mirrors-the-side": "Turned up, it must reach the side",
  "off-the-slant": "Square off the slanted line",
  "pleat-and-placket": "Half of pleat, placket and seam",
  "room-round-the-arm": "Half the room round the arm",
  "width-from-the-armhole": "As the armhole gives it",
  "yoke-take-out": "Take-out below the yoke",
  "yoke-take-out-given-back": "Take-out below the yoke given back",
  "yoke-take-out-given-back-outside": "Take-out given back outside the armhole",
  "zip-end-below-hip": "Zip end below the hip line",
  "zip-hollow-given-back": "Zip hollow given back",
  "zip-stops-above-edge": "Stops above the lower edge",
  "body-share": ({ measurement, share = 1 }) =>
    `${measurement === undefined ? "" : measurements[measurement].label}${share === 1 ? "" : ` ÷ ${share}`}`,
  // Both are said, so that nobody mistakes the quarter for the whole.
  "ease-quarter": ({ whole = 0 }, unit) => `Ease, a quarter of ${formatLength(whole, unit)}`,
  "evenly-between": "Evenly between the first dart and the side",
  "facing-depth": "Depth of the facing",
  "figure-note": ({ words = "" }) => words,
  "house-rule": ({ rule }) => (rule === undefined ? "" : ruleDefinition(rule).label),
  "pitch-times": ({ count = 1 }) => `${count} × the pitch`,
};

/** What a term is called, with its numbers in the shop's unit. */
export function wordTerm({ code, about = {} }: Pick<Term, "code" | "about">, unit: Unit): string {
  const said = terms[code];
  return typeof said === "string" ? said : said(about, unit);
}

const takeOuts: Readonly<Record<TakeOutCode, string>> = {
  "waist-dart": "waist dart",
  "zip-hollow": "zip hollow",
  "armhole-take-out": "armhole take-out",
  "shoulder-take-out": "shoulder take-out",
  "yoke-take-out": "take-out below the yoke",
  "back-panel-take-out": "back panel take-out",
  "under-bust-take-out": "under-bust take-out",
  "back-panel-waist": "waist take-out of the back panel",
};

const declarations: Readonly<Record<DeclaredCode, string>> = {
  "not-given-back-by-rule": "by house rule not given back",
  "given-back-whole": "the whole intake given back",
  "runs-past-ribs": "the side runs straight past the ribs",
  "ribs-tightened": "rib line tightened, not given back",
};

const isIn = <Code extends string>(row: Readonly<Record<Code, unknown>>, code: string): code is Code =>
  Object.hasOwn(row, code);

/** Why a row of the ledger is what it is: what took out, why it was not given back as it was, or a figure note's own words. */
export function wordLedgerWhy(why: string, said: string | undefined): string {
  if (said !== undefined && said !== "") return said;
  if (isIn(takeOuts, why)) return takeOuts[why];
  if (isIn(declarations, why)) return declarations[why];
  const term = isIn(terms, why) ? terms[why] : why;
  return typeof term === "string" ? term.charAt(0).toLowerCase() + term.slice(1) : why;
}

const turnEnds: Readonly<Record<Turn["from"] | Turn["into"], string>> = {
  "bust-dart": "side bust dart",
  "armhole-panel": "armhole panel",
  "shoulder-panel": "shoulder panel",
  "waist-dart": "waist dart",
};

/** Where a closed dart came from, and what its cloth went into. */
export function wordTurnEnd(end: Turn["from"] | Turn["into"]): string {
  return turnEnds[end];
}

const pieces: Readonly<Record<PieceName, string>> = {
  front: "Front",
  back: "Back",
  "centre-front": "Centre front",
  "side-front": "Side front",
  "centre-back": "Centre back",
  "side-back": "Side back",
  "front-yoke": "Front yoke",
  "back-yoke": "Back yoke",
  "upper-front": "Upper front",
  "lower-front": "Lower front",
  "upper-back": "Upper back",
  "lower-back": "Lower back",
  placket: "Placket",
  "under-placket": "Under placket",
  "slit-facing": "Slit facing",
  "skirt-front": "Skirt front",
  "skirt-back": "Skirt back",
  waistband: "Waistband",
  "skirt-gathered": "Gathered skirt",
  "skirt-gathered-end": "Gathered skirt, end",
  "skirt-ring": "Circle skirt",
  "skirt-front-narrow": "Skirt front, narrow part",
  "skirt-front-wide": "Skirt front, wide part",
  godet: "Godet",
  casing: "Casing",
  "waist-facing-front": "Waist facing, front",
  "waist-facing-back": "Waist facing, back",
  "neck-facing-front": "Neck facing, front",
  "neck-facing-back": "Neck facing, back",
  "neck-armhole-facing-front": "Facing of neck and armhole, front",
  "neck-armhole-facing-back": "Facing of neck and armhole, back",
  "armhole-facing-front": "Armhole facing, front",
  "armhole-facing-back": "Armhole facing, back",
  binding: "Square for binding",
  tie: "Cord",
  "skirt-ring-quarter": "Circle skirt, quarter",
  "peplum-ring": "Peplum",
  sleeve: "Sleeve",
  "sleeve-front": "Sleeve, front petal",
  "sleeve-back": "Sleeve, back petal",
  flounce: "Sleeve flounce",
  cuff: "Cuff",
  "cuff-turn-back": "Cuff turned back",
  "sleeve-placket": "Sleeve placket",
  "sleeve-tie": "Sleeve tie",
  ruffle: "Ruffle",
  band: "Gathered band",
  "tier-1": "Tier 1",
  "tier-1-end": "Tier 1, end",
  "tier-2": "Tier 2",
  "tier-2-end": "Tier 2, end",
  "tier-3": "Tier 3",
  "tier-3-end": "Tier 3, end",
  "tier-4": "Tier 4",
  "tier-4-end": "Tier 4, end",
  "tier-5": "Tier 5",
  "tier-5-end": "Tier 5, end",
  "tier-6": "Tier 6",
  "tier-6-end": "Tier 6, end",
};

/** What a piece is called, as it is chalked on the cloth. */
export function wordPieceName(name: PieceName): string {
  return pieces[name];
}

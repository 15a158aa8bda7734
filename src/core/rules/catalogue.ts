import { type BothUnits, both } from "../length";

/** Where on the body a rule acts: how the house rules are grouped for people. */
export const rulePlaces = {
  armhole: "Armhole",
  shoulder: "Shoulder",
  ease: "Ease",
  allowance: "Allowances",
  "centre-back": "Centre back",
  darts: "Waist darts",
  panels: "Panels",
  balance: "Front and back length",
  hem: "Hem",
  skirt: "Skirts",
  sleeve: "Sleeve",
  collar: "Neck and collar",
  lapel: "Lapel",
  cutting: "Cutting",
  tape: "Tape",
} as const;

export type RulePlace = keyof typeof rulePlaces;

export interface RuleDefinition {
  readonly label: string;
  readonly place: RulePlace;
  /** Named ways; a rule that also takes a length has `range` as well. */
  readonly options?: Readonly<Record<string, string>>;
  /** Least and most, in inches. */
  readonly range?: readonly [number, number];
  /** True when the rule is yes or no. */
  readonly flag?: true;
  readonly sets: Readonly<Record<RuleSetId, RuleDefault>>;
  readonly why: string;
}

export const ruleSets = {
  close: { label: "Close", about: "Fitted dresses: little ease, darts and panels, 1½ in side seams.", metric: false },
  easy: {
    label: "Easy",
    about: "Dartless shirts and shifts: an inch of ease in each quarter, 1 in side seams.",
    metric: false,
  },
  metric: { label: "Metric", about: "The same rules in round centimetres, 1.5 cm seams, 2 cm hems.", metric: true },
} as const;

export type RuleSetId = keyof typeof ruleSets;

/** A named way, yes or no, or a length with its own value in either system. */
export type RuleDefault = string | boolean | BothUnits;

/** A length as inches of the two inch sets and centimetres of the metric one. */
export function lengths(
  close: number,
  easy: number,
  metricCentimetres: number,
): Readonly<Record<RuleSetId, BothUnits>> {
  return {
    close: both(close, metricCentimetres),
    easy: both(easy, metricCentimetres),
    metric: both(close, metricCentimetres),
  };
}

function same<Value extends RuleDefault>(value: Value): Readonly<Record<RuleSetId, Value>> {
  return { close: value, easy: value, metric: value };
}

/** Every house rule, in the order of the table that ends craft/house-rules. */
export const rules = {
  armholeDepth: {
    label: "Armhole depth",
    place: "armhole",
    options: { solved: "solved for the sewn armhole", "half-armhole": "armhole ÷ 2", "bust-sixth": "bust ÷ 6 + 1½" },
    range: [5, 14],
    sets: same("solved"),
    why: "Half the armhole comes out too deep on a large bust, a sixth of the bust too shallow on a small one; solving makes the sewn armhole right for this arm.",
  },
  armholeRoom: {
    label: "Room in the armhole",
    place: "armhole",
    range: [0, 6],
    sets: lengths(1.5, 3, 4),
    why: "The arm must move: a close dress wants a little more than the arm's own girth, an easy shirt twice that.",
  },
  armholeFrom: {
    label: "Armhole counted from",
    place: "armhole",
    options: { tip: "the shoulder tip, plumb", top: "the top line" },
    sets: same("tip"),
    why: "The two differ by the drop of the shoulder, about an inch: the sheet must say which.",
  },
  armholeLine: {
    label: "The chalked armhole is",
    place: "armhole",
    options: { stitching: "the stitching line", cutting: "the cutting line" },
    sets: { close: "stitching", easy: "cutting", metric: "stitching" },
    why: "It decides how wide the finished shoulder is and how high the cut underarm sits.",
  },
  sleevelessShoulder: {
    label: "Tip further in without a sleeve",
    place: "armhole",
    range: [0, 1.5],
    sets: lengths(0.5, 0.5, 1.5),
    why: "Bare, the armhole shows: a tip a little further in keeps the edge from standing off the shoulder.",
  },
  sleevelessRise: {
    label: "Chest line higher without a sleeve",
    place: "armhole",
    range: [0, 1],
    sets: lengths(0.5, 0.5, 1.5),
    why: "Bare, the armhole gapes: it is cut closer under the arm than one that a sleeve is sewn into.",
  },
  shoulderSlope: {
    label: "Shoulder drop, front",
    place: "shoulder",
    options: { gradient: "1 in 5 from the neck" },
    range: [0.25, 2.5],
    sets: { close: both(1, 3), easy: "gradient", metric: both(1, 3) },
    why: "A drop of 1 is the habit; the gradient keeps the angle when neck or shoulder width changes; a measured drop suits square or sloping shoulders.",
  },
  backShoulderSlope: {
    label: "Shoulder drop, back",
    place: "shoulder",
    options: { gradient: "1 in 5 from the neck" },
    range: [0.25, 2.5],
    sets: { close: both(1, 3), easy: "gradient", metric: both(1, 3) },
    why: "The back shoulder may lie up to ½ higher than the front one.",
  },
  frontScoop: {
    label: "Front armhole scoop",
    place: "armhole",
    options: { "by-size": "½ up to a bust of 44, ¾ over" },
    range: [0, 1.5],
    sets: { close: "by-size", easy: both(0.75, 1.5), metric: both(0.5, 1.5) },
    why: "It takes away the slack in front of the arm.",
  },
  backScoop: {
    label: "Back armhole scoop",
    place: "armhole",
    range: [0, 1],
    sets: lengths(0, 0.5, 0),
    why: "The back needs its width to reach forward, so it is scooped little or not at all.",
  },
  "ease.bust": {
    label: "Ease at the bust, whole body",
    place: "ease",
    range: [-4, 12],
    sets: lengths(0.5, 4, 4),
    why: "Room to breathe and lift the arms. It is for the whole body: a quarter of it goes on each quarter.",
  },
  "ease.waist": {
    label: "Ease at the waist, whole body",
    place: "ease",
    range: [-4, 12],
    sets: lengths(0.5, 4, 3),
    why: "Room to sit and eat. A quarter of it goes on each quarter.",
  },
  "ease.hip": {
    label: "Ease at the hip, whole body",
    place: "ease",
    range: [-4, 12],
    sets: lengths(0.5, 4, 4),
    why: "Room to sit down. A quarter of it goes on each quarter.",
  },
  "allowance.shoulder": {
    label: "Shoulder seam",
    place: "allowance",
    range: [0.25, 2],
    sets: lengths(0.5, 0.5, 1.5),
    why: "Enough to press open; more only to let out.",
  },
  "allowance.armhole": {
    label: "Armhole seam",
    place: "allowance",
    range: [0.25, 1],
    sets: lengths(0.5, 0.5, 1.5),
    why: "A curved edge turns better with little cloth.",
  },
  "allowance.neck": {
    label: "Neck seam",
    place: "allowance",
    range: [0.25, 1],
    sets: lengths(0.5, 0.5, 1.5),
    why: "Half an inch; a quarter when it is bound or faced.",
  },
  "allowance.panel": {
    label: "Panel seam",
    place: "allowance",
    range: [0.25, 2],
    sets: lengths(0.5, 0.5, 1.5),
    why: "Enough to clip and press open over the bust.",
  },
  "allowance.waistJoin": {
    label: "Waist join",
    place: "allowance",
    range: [0.25, 3],
    sets: lengths(0.5, 0.5, 1),
    why: "Enough to join to a skirt; more to trim after the first fitting.",
  },
  "allowance.side": {
    label: "Side seam",
    place: "allowance",
    range: [0.5, 3],
    sets: lengths(1.5, 1, 1.5),
    why: "What is cut but not sewn here is room to let out at a fitting. It is never ease.",
  },
  "allowance.hem": {
    label: "Hem",
    place: "allowance",
    range: [0.25, 4],
    sets: lengths(1, 1.5, 2),
    why: "A curved hem that is deep will not lie flat; a straight one may carry more.",
  },
  "allowance.sleeveHem": {
    label: "Hem of a sleeve",
    place: "allowance",
    options: { "as-hem": "as the hem" },
    range: [0.25, 4],
    sets: same("as-hem"),
    why: "Growing arms want more to let down; a narrow sleeve turns up no more than its wrist lets through.",
  },
  "allowance.zip": {
    label: "Centre-back zip",
    place: "allowance",
    range: [0.5, 3],
    sets: lengths(1.5, 1, 2),
    why: "It lies outside the zip line, so every back reading starts at the zip line and not at the edge.",
  },
  "allowance.sideWaist": {
    label: "Side seam at the waist",
    place: "allowance",
    options: { "as-side": "as the side seam" },
    range: [0.5, 3],
    sets: same("as-side"),
    why: "Room to let out may differ by point: 2 at the bust, 1 at the waist. It changes evenly along the side between the lines.",
  },
  "allowance.slit": {
    label: "Slit of a skirt, turned in",
    place: "allowance",
    range: [0.75, 2],
    sets: lengths(1.25, 1.25, 3),
    why: "Below its top the slit is turned in; too little shows the raw edge in a stride.",
  },
  bandTurn: {
    label: "Folded band turned in",
    place: "allowance",
    options: { twice: "twice, the raw edge inside", once: "once, the raw edge neatened" },
    sets: same("twice"),
    why: "It decides where the centre front lies: for a 1½ band 3¾ from the cut edge turned twice, 2¼ turned once.",
  },
  zipHollow: {
    label: "Zip hollow at the waist",
    place: "centre-back",
    range: [0, 1],
    sets: lengths(0.5, 0, 1.5),
    why: "Without it the back stands away at the zip.",
  },
  zipHollowGivenBack: {
    label: "Zip hollow given back",
    place: "centre-back",
    flag: true,
    sets: same(true),
    why: "What the hollow takes is added at the side; else the waist comes out twice the hollow smaller.",
  },
  backContour: {
    label: "Centre-back contour at the waist",
    place: "centre-back",
    range: [0, 1],
    sets: lengths(0, 0, 0),
    why: "Shapes a back of two pieces; such a back cannot lie on the fold.",
  },
  backContourFrom: {
    label: "Contour leaves the plumb",
    place: "centre-back",
    options: { neck: "at the neck" },
    range: [3, 9],
    sets: lengths(5, 5, 12.5),
    why: "Below the top line: from 5 it leaves the shoulder blades alone; from the neck it shapes a rounded back.",
  },
  backLowerEdge: {
    label: "Back lower edge up at the zip",
    place: "centre-back",
    range: [0, 1],
    sets: lengths(0, 0, 0),
    why: "Half an inch takes the bulge at the zip; it runs straight to nothing at the side.",
  },
  "frontDart.tipBelowBust": {
    label: "Front dart tip below the bust line",
    place: "darts",
    range: [0.25, 3],
    sets: lengths(1, 1, 2.5),
    why: "A dart that reaches the bust point makes a peak.",
  },
  "frontDart.halfWidth": {
    label: "Front dart, each side at the waist",
    place: "darts",
    range: [0.25, 1],
    sets: lengths(0.5, 0.5, 1.5),
    why: "Beyond 1 each side a dart buckles: make panels.",
  },
  "frontDart.tipAboveHip": {
    label: "Front dart tip above the hip",
    place: "darts",
    range: [0, 6],
    sets: lengths(2, 2, 5),
    why: "It must run out before the fullest place.",
  },
  "frontDart.end": {
    label: "Front dart runs out",
    place: "darts",
    options: { hip: "above the hip, by its own rule", hem: "at the hem, as a seam" },
    range: [2, 12],
    sets: same("hip"),
    why: "Six below the waist keeps the belly smooth; run out at the hem it is a seam that slims the front.",
  },
  "backDart.tipAboveBust": {
    label: "Back dart tip above the bust line",
    place: "darts",
    range: [-4, 3],
    sets: lengths(1, -2, 2.5),
    why: "The back dart usually runs higher than the front one; in shirts it stays below.",
  },
  "backDart.halfWidth": {
    label: "Back dart, each side at the waist",
    place: "darts",
    range: [0.25, 1],
    sets: lengths(0.5, 0.5, 1.5),
    why: "Beyond 1 each side a dart buckles: make panels.",
  },
  "backDart.tipAboveHip": {
    label: "Back dart tip above the hip",
    place: "darts",
    range: [0, 6],
    sets: lengths(2, 2, 5),
    why: "It must run out before the fullest place.",
  },
  dartLine: {
    label: "Dart or panel line",
    place: "panels",
    options: {
      span: "half the bust span",
      "span-plus": "half span + ½ on every line",
      "span-plus-at-bust": "half span + ½ on the bust line only",
    },
    sets: same("span"),
    why: "The ½ stands for the seam that will be sewn there: it is never added twice.",
  },
  panelRoom: {
    label: "Room for panel allowances",
    place: "panels",
    options: {
      apart: "panels moved apart on every line",
      "at-bust": "made up on the bust line only",
      "at-shoulder": "at the shoulder only",
      none: "none",
    },
    sets: same("apart"),
    why: "At the bust point there is no cloth for two allowances unless the outer panel is moved out.",
  },
  underbustTakeOut: {
    label: "Under-bust take-out",
    place: "panels",
    options: { "by-fullness": "by bust − under-bust", "by-size": "by the bust" },
    range: [0, 4],
    sets: same("by-fullness"),
    why: "It shapes the cup: the fuller the bust over the ribs, the more is taken out.",
  },
  armholeTakeOut: {
    label: "Armhole take-out of a panel",
    place: "panels",
    range: [0, 3],
    sets: lengths(1.5, 1, 4),
    why: "It takes away the gape above the bust.",
  },
  takeOutSplit: {
    label: "Under-bust take-out shared",
    place: "panels",
    options: { side: "all toward the side", "mostly-side": "½ to the centre, the rest to the side", even: "evenly" },
    sets: { close: "side", easy: "even", metric: "side" },
    why: "The seam over the bust stays plumb when the side takes it all.",
  },
  armholeTakeOutSplit: {
    label: "Armhole take-out lies",
    place: "panels",
    options: { below: "all below the panel point", even: "half above, half below" },
    sets: { close: "below", easy: "even", metric: "below" },
    why: "All below keeps the panel point where it was chosen; halved, the seam leans less.",
  },
  takeOutTipAboveBust: {
    label: "Armhole take-out tip above the bust line",
    place: "panels",
    range: [0, 1],
    sets: lengths(0, 0, 0),
    why: "A tip above the bust line softens the cup.",
  },
  panelPoint: {
    label: "Panel meets the armhole at",
    place: "panels",
    options: { middle: "the middle of the curve" },
    range: [1, 8],
    sets: same("middle"),
    why: "The middle looks balanced; 3 from the tip hides under a cape.",
  },
  underbustTightening: {
    label: "Under-bust tightening",
    place: "panels",
    range: [0, 1],
    sets: lengths(0, 0, 0),
    why: "A snug rib line; it is not given back, and the sheet says so.",
  },
  cupLift: {
    label: "Cup lift",
    place: "panels",
    range: [0, 1],
    sets: lengths(0, 0, 0),
    why: "The outer leg set higher lifts the cup.",
  },
  giveBack: {
    label: "Giving back",
    place: "panels",
    options: { exact: "what is really removed on each line", whole: "the whole intake, on the chest line and near it" },
    sets: same("exact"),
    why: "Given back whole, an armhole take-out makes the chest 1 to 3 larger; then the surplus is shown.",
  },
  balance: {
    label: "Front longer than back by",
    place: "balance",
    options: {
      "bust-dart": "a side bust dart",
      trim: "trimming the back's lower edge",
      none: "nothing, equal lengths",
    },
    sets: { close: "bust-dart", easy: "none", metric: "bust-dart" },
    why: "Bust and padding shorten the front.",
  },
  balanceTrim: {
    label: "Balance trim",
    place: "balance",
    range: [0, 2],
    sets: lengths(1, 1, 2.5),
    why: "What the back sags by when the front is padded.",
  },
  dartlessLength: {
    label: "Half length without a bust dart",
    place: "balance",
    options: { front: "the front's", back: "the back's", mean: "the mean of both" },
    sets: same("front"),
    why: "Without a bust dart front and back must share one length, or their sides do not meet.",
  },
  hemPeg: {
    label: "Peg of a narrow hem, per quarter",
    place: "hem",
    range: [0, 3],
    sets: lengths(1.5, 1, 4),
    why: "How tight a narrow skirt closes below the hip.",
  },
  hemFlare: {
    label: "Flare of an A-line hem, per quarter",
    place: "hem",
    range: [0, 9],
    sets: lengths(6, 6, 15),
    why: "How far an A-line opens below the hip.",
  },
  cornerLift: {
    label: "Corner lift of a flared hem",
    place: "hem",
    options: { exact: "measured along the slant" },
    range: [0, 3],
    sets: same("exact"),
    why: "The slanted side is longer than the plumb centre: lifting its corner keeps the hem level.",
  },
  flareFrom: {
    label: "A skirt flares from",
    place: "skirt",
    options: { waist: "the waist, straight to the hem", hip: "the hip" },
    sets: same("waist"),
    why: "From the waist the side hangs in one line; from the hip it breaks there.",
  },
  sideTake: {
    label: "Most that a skirt's side takes in",
    place: "skirt",
    range: [0, 2.5],
    sets: lengths(1.5, 1.5, 4),
    why: "More bulges at the hip: what is left over goes into darts.",
  },
  "skirtDart.frontLength": {
    label: "Length of a skirt's front dart",
    place: "skirt",
    options: { "by-depth": "3½, or 4 over a hip depth of 9" },
    range: [2.5, 6],
    sets: same("by-depth"),
    why: "The belly lies higher than the seat, so a front dart is shorter.",
  },
  "skirtDart.backLength": {
    label: "Length of a skirt's back dart",
    place: "skirt",
    range: [3, 7],
    sets: lengths(5, 5, 13),
    why: "The seat lies lower than the belly.",
  },
  "skirtDart.aboveHip": {
    label: "A skirt's darts end above the hip",
    place: "skirt",
    range: [1, 4],
    sets: lengths(2, 2, 5),
    why: "A dart that runs into the fullest part stands off there.",
  },
  waistRaise: {
    label: "Waist raised at the side",
    place: "skirt",
    range: [0, 0.75],
    sets: lengths(0.375, 0.375, 1),
    why: "A level edge dips at the side when it is worn.",
  },
  waistDip: {
    label: "Waist lowered at the centre back",
    place: "skirt",
    range: [0, 0.5],
    sets: lengths(0.25, 0.25, 0.5),
    why: "The hollow of the back lies lower than the waist in front.",
  },
  "stride.knee": {
    label: "Room to step at the knee",
    place: "skirt",
    range: [12, 30],
    sets: lengths(20, 20, 50),
    why: "A step at the knee wants this much beyond the knee's own girth.",
  },
  "stride.calf": {
    label: "Room to step below the knee",
    place: "skirt",
    range: [14, 36],
    sets: lengths(24, 24, 60),
    why: "Legs part more the lower one looks; stairs want more still.",
  },
  stripSelvedge: {
    label: "Selvedges of strips across the cloth",
    place: "skirt",
    options: { "in-seam": "inside the joins", "cut-off": "cut off" },
    sets: same("in-seam"),
    why: "A strip is as long as the cloth lets it be; a selvedge that puckers, or is printed otherwise, is cut off first.",
  },
  capHeight: {
    label: "Sleeve cap height",
    place: "sleeve",
    options: { "by-use": "by the garment's use" },
    range: [2, 9],
    sets: same("by-use"),
    why: "A deep cap hangs clean and reaches less; a fixed one is too narrow for half of all figures.",
  },
  halfArmhole: {
    label: "Half armhole sets the sleeve",
    place: "sleeve",
    options: { slant: "along the slant", level: "level, walked along the curve", given: "width and cap both given" },
    sets: same("slant"),
    why: "Slant and level give very different sleeves: the sheet says which.",
  },
  capEase: {
    label: "Ease in the sleeve cap",
    place: "sleeve",
    options: { "by-use": "by the kind of sleeve" },
    range: [0, 2],
    sets: same("by-use"),
    why: "It rounds the sleeve head over the shoulder; a shirt has hardly any, and is sewn flat.",
  },
  sleeveRoom: {
    label: "Room round the upper arm",
    place: "sleeve",
    options: { "by-use": "by the kind of sleeve" },
    range: [0, 6],
    sets: same("by-use"),
    why: "The arm bends, and the muscle with it.",
  },
  armholeSource: {
    label: "Armhole that the sleeve is drawn to",
    place: "sleeve",
    options: { measured: "as measured on the garment", drawn: "as drawn" },
    sets: same("measured"),
    why: "The sewn edge is what the sleeve must fit.",
  },
  sleeveNotch: {
    label: "Sleeve notches above the underarm",
    place: "sleeve",
    range: [2, 4],
    sets: lengths(3, 3, 7.5),
    why: "Below them the edges are as long as one another; all ease and gathers lie above.",
  },
  capBow: {
    label: "S of the sleeve cap",
    place: "sleeve",
    range: [0.25, 0.75],
    sets: lengths(0.5, 0.5, 1.2),
    why: "How far the cap bows out above its middle and in below it.",
  },
  elasticLess: {
    label: "Elastic shorter than the arm",
    place: "sleeve",
    range: [0, 3],
    sets: lengths(1, 1, 2.5),
    why: "It must grip the arm without leaving a mark.",
  },
  "allowance.placket": {
    label: "Sleeve placket seam",
    place: "allowance",
    range: [0.25, 0.75],
    sets: lengths(0.5, 0.5, 1),
    why: "The strip is sewn so far from the slit; its narrow side loses a tiny double fold.",
  },
  neckLine: {
    label: "The chalked neck is",
    place: "collar",
    options: { stitching: "the line to sew", cutting: "the line to cut" },
    sets: same("stitching"),
    why: "A neck that is cut on the chalk is sewn the allowance further into the garment, and ends 3 larger round.",
  },
  turnOfCloth: {
    label: "Turn of cloth",
    place: "collar",
    range: [0, 0.25],
    sets: lengths(0.125, 0.125, 0.3),
    why: "The outer layer goes the longer way round a fold: under it the other is cut that much smaller.",
  },
  "allowance.collar": {
    label: "Collar seams",
    place: "allowance",
    range: [0.25, 0.75],
    sets: lengths(0.5, 0.5, 1),
    why: "Thin enough to turn: corners are cut across and curves notched.",
  },
  "allowance.binding": {
    label: "Seam under a binding",
    place: "allowance",
    range: [0, 0.25],
    sets: lengths(0, 0, 0),
    why: "A bound edge is cut where it ends: what lies beyond it would only be trimmed away.",
  },
  stayLayers: {
    label: "Layers of stay",
    place: "collar",
    options: { "1": "one", "2": "two, where a collar stands by itself" },
    sets: same("1"),
    why: "A collar that stands alone takes two; anything else is stiff enough with one.",
  },
  stayGrade: {
    label: "Stay",
    place: "collar",
    options: { soft: "soft", stiff: "stiff" },
    sets: same("soft"),
    why: "Stiff in collars that stand and in waistbands, soft wherever cloth must fall.",
  },
  lapelWidthFrom: {
    label: "Lapel width from",
    place: "lapel",
    options: { "break-line": "the break line, square", "neck-depth": "the neck-depth point" },
    sets: same("break-line"),
    why: "The same width looks wider from the break line.",
  },
  shearsOrder: {
    label: "Order of the shears",
    place: "cutting",
    options: {
      "neck-first": "the neck first",
      "neck-last": "the neck last, when the big cloth is out of the way",
    },
    sets: same("neck-first"),
    why: "Either keeps what is inside for after the outline, and the deeper neck for after the layers are apart.",
  },
  tick: {
    label: "Chalk to the nearest",
    place: "tape",
    options: {
      "1/8": "eighth of an inch",
      "1/4": "quarter of an inch",
      "0.5cm": "half centimetre",
      none: "no rounding",
    },
    sets: { close: "1/8", easy: "1/8", metric: "0.5cm" },
    why: "Chalk is only as fine as the tape; what rounding did to a girth is shown.",
  },
} as const satisfies Record<string, RuleDefinition>;

export type RuleId = keyof typeof rules;

export const ruleIds = Object.keys(rules) as readonly RuleId[];

export function isRuleId(id: string): id is RuleId {
  return Object.hasOwn(rules, id);
}

export function ruleDefinition(id: RuleId): RuleDefinition {
  return rules[id];
}

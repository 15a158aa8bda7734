import type { LateId } from "../../chalk";
import { formatLengthWithUnit, type Inches, type Unit } from "../../length";
import type { MakeCaution, MakeTask, SayingId, TaskId, TaskSeam } from "../../making";
import { capital, nameList, nameNotch } from "./names";

/** What a task is told with: what its pieces are called, and on which tape. */
interface Told {
  readonly name: (piece: string) => string;
  readonly say: (length: Inches) => string;
}

const titles: Readonly<Record<TaskId, string>> = {
  stay: "Iron on the stay",
  darts: "Sew the darts",
  panels: "Sew the panels",
  "flat-parts": "What must lie flat",
  yokes: "Sew the yokes",
  "centre-seam": "Sew the centre seam",
  zip: "Set the zip",
  "lining-body": "Make the lining",
  shoulders: "Sew the shoulders",
  "measure-neck": "Measure the neck",
  neck: "Finish the neck",
  "lining-in": "Put the lining in",
  sides: "Sew the sides",
  "measure-armhole": "Measure the armhole",
  armhole: "Finish the armholes",
  "sleeve-made": "Make the sleeves",
  "sleeve-set": "Set the sleeves",
  cuff: "Put the cuffs on",
  "measure-waist": "Measure the waist",
  "waist-join": "Join at the waist",
  tiers: "Gather the tiers on",
  waistband: "Finish the waist",
  fitting: "Fitting",
  "hem-shape": "Shape the hem",
  hang: "Let it hang",
  hem: "Hem",
  buttonholes: "Buttonholes and buttons",
  finish: "Finish",
};

const texts: Readonly<Record<TaskId, string>> = {
  stay: "Iron the stay on the wrong side of its pieces; on slippery or loose cloth before they are cut exactly.",
  darts: "From the wide end to the tip. Press bust darts down, waist darts to the centre.",
  panels: "From the notches outwards. Clip the curves; press open, or to the centre.",
  "flat-parts": "Now, while the piece lies flat and no seam closes it to a tube.",
  yokes: "With the gathers or pleats caught in the seam.",
  "centre-seam": "Sew from the notch down, and baste above it. Neaten both edges first.",
  zip: "Over the basting; then take the basting out.",
  "lining-body": "Its pleats, panels, shoulders and sides by themselves.",
  shoulders: "Front to back, right sides together, from the neck to the tip.",
  "measure-neck": "On the stitching line, the garment folded at its centre, bands and facings turned in.",
  neck: "Outer edge sewn, corners cut across, curves notched, turned and pressed; then centre to centre, pinned along, sewn.",
  "lining-in": "At neck, zip and armhole, by the facing's inner edge.",
  sides: "Front to back, from the underarm down.",
  "measure-armhole": "One armhole on its stitching line, shoulder seam to side seam, front and back for themselves.",
  armhole: "Right sides together, clipped, turned in and caught at shoulder and side.",
  "sleeve-made": "Slit, pleat and placket first, then the underarm seam; elastic stays open.",
  "sleeve-set": "Right sides together, the shoulder notch on the shoulder seam, ease only above the notches.",
  cuff: "Right sides together from end to end, turned, the inner edge caught.",
  "measure-waist": "On the stitching line, half of the front and half of the back, darts and panels sewn.",
  "waist-join": "Right sides together, centres, darts and sides met; the centre stays open until its seam is sewn.",
  tiers: "Each: ends joined, upper edge gathered to the edge above as it was measured, evenly, neatened.",
  waistband: "Right sides together, sides and centre on their notches; folded over, ends closed, caught inside.",
  fitting: "Hem pinned. Nothing is trimmed before it: see where it pulls, stands off or rides up, and write it down.",
  "hem-shape": "The sides sewn, mark the curve of the hem over both seams at once, and cut it.",
  hang: "A day on the form or a hanger; then level it from the floor.",
  hem: "Turn, press and sew.",
  buttonholes: "On the marked line, after the fitting. Try one on a scrap first.",
  finish: "Hooks and loops, threads, a last press, pins counted.",
};

const sayings: Readonly<Record<SayingId, string>> = {
  "match-on-stitch":
    "Notches and centres meet on the seam line, not at the raw edges: on a curve those differ. Spread the longer one evenly and baste; never pull.",
  "stop-and-measure":
    "An edge that seems short is never pulled to reach. Stop, measure both on the stitching line, compare with the sheet.",
  "underarm-first":
    "Underarm seams opened and pressed: underarm to underarm, front notch, back notch, shoulder notch, then between. Baste, look, sew.",
  "flat-twice":
    "From the shoulder notch down one side, then again from the notch down the other; sides and underarm then in one seam.",
  "ring-snip-after":
    "Snip the ring's inner allowance after it is sewn, to a thread of the stitching: before, it stretches.",
  "collar-chalk":
    "The garment's centre back is snipped, the collar's is chalked. Centre to centre, then to both fronts; pins all round show that both are equally long.",
  "stay-free": "Stay ends on the stitching line of edges that are turned; corners cut across, curves notched.",
  "double-pins": "Two pins side by side where the stitching stops or changes.",
  "dart-hole": "The pierced dot lies ½ inside the tip: stitch ½ beyond it to nothing, knot, do not sew back.",
  "pleat-down": "The back pleat is stitched down 1 from the yoke, pressed flat, and caught by the yoke's seam.",
  "underbust-meet": "Panel edges meet at the under-bust notch as well as at the bust notch.",
  "slit-together": "Both sleeves right sides together, slit at once, each slit on its back half.",
  "placket-lock": "Top-stitch the strip along, round its point, and across 1½ below the point; lock there.",
  "pleat-way": "The sleeve's pleat is folded toward the slit.",
  "placket-ends": "Trim the ends of sewn-on bands to ¾ beyond the seam before they are sewn across and turned.",
  "band-first": "The folded band was folded in and pinned before neck and hem were cut; keep it so.",
  "casing-flat": "The casing goes on while the piece lies flat: one side seam first, casing, then the other.",
  "cord-caught":
    "Draw each cord in from the slit upward; its upper end is caught in the waist seam, so that it cannot run out.",
  "hem-fused":
    "A fusible strip holds straight hems, not hems on the bias or with much curve, nor sheer cloth. Try it on a scrap with the client's washing.",
  "hem-rolled": "Rolled to ¼: thin cloth alone.",
  "hem-curve":
    "Fold the garment at its centre, side on side: both curves are cut as one, and meet at the seams for certain. How far it rises is said with the sheet.",
  "hem-blind": "Neaten the edge first; catch one thread of the outside at a time.",
  "zip-set": "Edges neatened; basted from the top to the notch, secured, sewn on to the hem; zip set, basting out.",
  "facing-in":
    "Sewn with the zip open, from allowance round to allowance; clipped, under-stitched, caught in the ditch of the side seams.",
  "facing-between": "The shoulder is sewn between body and facing: its seam disappears inside.",
  bagged: "Sewn to neck and zip right sides together, and turned.",
  "by-hand": "Laid in, its edges turned and caught by hand.",
  gather: "Two rows of stitches, ¼ and ½ from the edge; quarters of both edges met; no flat place.",
  "baste-sides": "Where a fitting is planned baste them only, and sew after it.",
};

const cautions: Readonly<Record<MakeCaution, string>> = {
  iron: "Irons and steam burn: try stay and synthetics on a scrap, and never leave the iron face down.",
  needle: "Mind eyes and fingers at the needle; stop the machine before threading.",
  blade: "Cut buttonholes from both ends to the middle, away from the hand, a pin across each end.",
  pins: "Count the pins: none under the presser foot, none left in the client's garment.",
  cords: "On children's clothes no cord at neck or hood; local rules come first.",
};

const measures: Readonly<Partial<Record<LateId, string>>> = {
  necklineFront: "Half the front neck: shoulder seam to centre front",
  necklineBack: "Half the back neck: shoulder seam to centre back",
  armholeFront: "Front of one armhole: shoulder seam to side seam",
  armholeBack: "Back of one armhole: shoulder seam to side seam",
  waistFront: "Half of the front waist: centre to side seam",
  waistBack: "Half of the back waist: centre or zip to side seam",
  cuffEdge: "The sleeve's end, whole: between the placket's edges",
  flounceEdge: "The sleeve's end, whole round: laid flat, twice its width",
  tierEdge1: "The first tier's lower edge, whole round: laid flat, twice its width",
  tierEdge2: "The second tier's lower edge, whole round",
  tierEdge3: "The third tier's lower edge, whole round",
  tierEdge4: "The fourth tier's lower edge, whole round",
  tierEdge5: "The fifth tier's lower edge, whole round",
};

/** What is measured on the sewn work, half or whole, and from where. */
export function sayLate(id: LateId): string {
  return measures[id] ?? id;
}

function sayAllowance([first, second]: TaskSeam["allowances"], { say }: Told): string {
  return Math.abs(first - second) < 1 / 64
    ? `${say(first)} on both`
    : `${say(first)} on the first, ${say(second)} on the second`;
}

/** What one seam of a task joins, with its allowance, its ease and what meets. */
function saySeam(seam: TaskSeam, told: Told): string {
  const { a, b, allowances, ease, gathered, notches } = seam;
  const row = (ids: readonly string[]) => nameList(ids.map((id) => told.name(id).toLowerCase()));
  const same = a.length === 1 && b.length === 1 && a[0] === b[0];
  const what = same ? `${capital(row(a))}, its own edges` : `${capital(row(a))} to ${row(b)}`;
  const how =
    gathered !== null
      ? `; gathered ${gathered.toFixed(1)} to 1`
      : ease >= 1 / 16
        ? `; the first eased in by ${told.say(ease)}`
        : ease <= -1 / 16
          ? `; the second eased in by ${told.say(-ease)}`
          : "";
  const met = notches.length === 0 ? "" : `; ${nameList(notches.map(nameNotch))} to be met`;
  return `${what}: ${sayAllowance(allowances, told)}${how}${met}.`;
}

/** A task of the make-up order as it is said. */
export interface TaskWording {
  readonly title: string;
  readonly text: string;
  readonly caution: string | null;
  readonly seams: readonly { readonly id: string; readonly text: string }[];
  readonly says: readonly { readonly id: SayingId; readonly text: string }[];
  readonly measures: readonly { readonly id: LateId; readonly text: string }[];
}

/** Words a task of the make-up order. @param names what each piece is called */
export function wordTask(task: MakeTask, names: ReadonlyMap<string, string>, unit: Unit): TaskWording {
  const told: Told = {
    name: (piece) => names.get(piece) ?? piece,
    say: (length) => formatLengthWithUnit(length, unit),
  };
  return {
    title: titles[task.id],
    text: texts[task.id],
    caution: task.caution === null ? null : cautions[task.caution],
    seams: task.seams.map((seam) => ({ id: seam.id, text: saySeam(seam, told) })),
    says: task.says.map((id) => ({ id, text: sayings[id] })),
    measures: task.measures.map((id) => ({ id, text: sayLate(id) })),
  };
}

import { type LateId, tierEdgeIds } from "../chalk";
import { Made, type MadeSeam, type MadeSheet } from "./made-sheet";
import { type MakeCaution, type MakeTask, type SayingId, type TaskId, type TaskSeam, taskIds } from "./task";

/** What is known of one task before the others are: what is in it. */
interface TaskContent {
  readonly pieces: readonly string[];
  readonly seams?: readonly MadeSeam[];
  readonly says?: readonly SayingId[];
  readonly measures?: readonly LateId[];
  readonly caution?: MakeCaution;
  /** A task that is done though it has no piece of its own. */
  readonly always?: boolean;
}

/** A whole cap eased by no more than this lies flat as it is sewn (craft: making, schools). */
const FLAT_CAP = 0.5;

/** How a sleeve is set: along the open shoulder, or round once the sides are sewn. */
function setsFlat(made: Made): boolean {
  const school = made.chosen("sleeveSetting");
  if (school === "flat" || school === "round") return school === "flat";
  const cap = made.seamsNamed(/^cap$/)[0];
  return cap !== undefined && cap.ratio === undefined && cap.ease <= FLAT_CAP + 1e-9;
}

function facesNeckFirst(made: Made): boolean {
  return made.chosen("facingOrder") === "before-shoulders" && made.named(/^facing-(front|back)-neck$/).length > 0;
}

const zipped = (made: Made) => made.chosen("opening") === "back-zip" && made.chosen("waistFinish") !== "elastic";

/** Seams of panels: both of whose edges are a panel's. */
const panelSeams = (made: Made) => made.seamsNamed(/-panel$|^panel/);
const sideSeams = (made: Made) =>
  made.seamsNamed(/^(side|skirt-side(-wide)?|ruche-seam|join-sleeve-(front|back)|sleeve-under)$/);
const shoulderSeams = (made: Made) => made.seamsNamed(/^(shoulder|sleeve-shoulder)$/);
const yokeSeams = (made: Made) => made.seamsNamed(/^(join-(?!sleeve-)|yoke)/);
const toBand = ({ a, b }: MadeSeam) => [...a, ...b].some((one) => one.startsWith("waistband/"));
const waistSeams = (made: Made) => made.seamsNamed(/^(waist-join|band-join$|ruffle$)/).filter((seam) => !toBand(seam));
const bandSeams = (made: Made) => [
  ...made.seamsNamed(/^(waistband|waist-facing|facing-(side|centre)$)/),
  ...made.seamsNamed(/^waist-join/).filter(toBand),
];
const collarSeams = (made: Made) =>
  made.seamsNamed(
    /^(collar-neck|fall|gorge|collar-back|cape|facing-lapel|facing-neck(-front|-back|-shoulder|-side)?)$/,
  );
const armholeFacings = (made: Made) => made.seamsNamed(/^facing-armhole/);
const piecesIn = (made: Made, seams: readonly MadeSeam[]) => [
  ...new Set(seams.flatMap(({ a, b }) => [...made.piecesOf(a), ...made.piecesOf(b)])),
];

/** What hangs in one round is closed by a seam of its own ends: rings, gathered strips, the first tier. */
function closedRounds(made: Made): readonly string[] {
  return made.chosen("opening") === "front-band" ? [] : made.named(/^(skirt-ring|skirt-gathered|tier-1)$/);
}

/** Centres that are sewn: of a pair whose centre is neither a fold nor an edge that stays open. */
function sewnCentres(made: Made): readonly string[] {
  const whole = made.named(/^under-placket$/).length > 0;
  const halves = made.pieces
    .filter(({ id, cut, half, edges, cloth }) => {
      if (cut.on !== "pair" || half === null || cloth !== "main" || id.startsWith("facing-")) return false;
      if (half === "front" && whole) return false;
      // A front whose edge lies beyond its centre laps over the other: it is not sewn to it.
      return edges.some(({ role, onFold, start: [across] }) => role === "centre" && !onFold && across > -1 / 64);
    })
    .map(({ id }) => id);
  return [...halves, ...closedRounds(made)];
}

const flatParts = (made: Made) => {
  const sleeved = made.named(/^cuff$/).length > 0 && !made.named(/^under-placket$/).length;
  return made.named(
    sleeved
      ? /^(facing-slit|pocket|pocket-flap|pocket-bag|casing|loops|tie-belt)$/
      : /^(facing-slit|placket|under-placket|pocket|pocket-flap|pocket-bag|casing|loops|tie-belt)$/,
  );
};

const sleevePieces = (made: Made) =>
  made.pieces.filter(({ part, id }) => part === "sleeve" && id !== "cuff" && id !== "sleeve-cuff").map(({ id }) => id);

/** Skirts and hems that stretch as they hang: rings, spread pieces, and a flare. */
function hangs(made: Made): readonly string[] {
  const rings = made.named(/^(skirt-ring|peplum|flounce|godet)/);
  if (rings.length > 0) return rings;
  const flared = ["a-line", "mermaid"].includes(made.chosen("skirt"));
  const whole = made.finds("flare-kept");
  return made.pieces
    .filter(({ part, cloth, marks, edges }) => {
      if (cloth !== "main" || !edges.some(({ role }) => role === "hem")) return false;
      if (flared) return part === "skirt";
      return (whole && part !== "sleeve") || marks.some(({ id }) => id === "hem/flare" || id.startsWith("flare/"));
    })
    .map(({ id }) => id);
}

const isCord = (made: Made) => made.named(/^tie$/).length > 0 && made.named(/^casing$/).length > 0;

/** What is in each task; a task without pieces is none. */
const contents: Readonly<Record<TaskId, (made: Made) => TaskContent>> = {
  stay: (made) => ({ pieces: made.named(/^stay-/), says: ["stay-free"], caution: "iron" }),
  darts: (made) => ({
    pieces: made.pieces
      .filter(({ darts, cloth }) => cloth === "main" && darts.some(({ sewn }) => sewn))
      .map(({ id }) => id),
    says: ["dart-hole"],
    caution: "needle",
  }),
  panels: (made) => {
    const seams = panelSeams(made);
    const ribs = seams.some((seam) => made.notchesOf(seam).includes("underbust"));
    return {
      pieces: piecesIn(made, seams),
      seams,
      says: ["match-on-stitch", ...(ribs ? (["underbust-meet"] as const) : [])],
      caution: "needle",
    };
  },
  "flat-parts": (made) => {
    const own = [...flatParts(made), ...(isCord(made) ? made.named(/^tie$/) : [])];
    const banded = made.chosen("opening") === "front-band" ? made.pieces.filter(isOpenFront).map(({ id }) => id) : [];
    const has = (id: string) => own.includes(id);
    return {
      pieces: [...banded, ...own],
      says: [
        ...(banded.length > 0 ? (["band-first"] as const) : []),
        ...(has("placket") || has("under-placket") ? (["placket-ends", "double-pins"] as const) : []),
        ...(has("casing") ? (["casing-flat"] as const) : []),
        ...(isCord(made) ? (["cord-caught"] as const) : []),
      ],
      caution: isCord(made) ? "cords" : "needle",
    };
  },
  yokes: (made) => {
    const seams = yokeSeams(made);
    return {
      pieces: piecesIn(made, seams),
      seams,
      says: Number(made.choices.backPleat ?? 0) > 0 ? ["pleat-down"] : [],
    };
  },
  "centre-seam": (made) => ({ pieces: sewnCentres(made), says: ["match-on-stitch", "double-pins"] }),
  zip: (made) => ({
    pieces: zipped(made)
      ? sewnCentres(made).filter((id) => made.piece(id)?.half !== "front")
      : made.chosen("opening") === "side-zip"
        ? piecesIn(made, sideSeams(made))
        : [],
    says: ["zip-set"],
    caution: "needle",
  }),
  "lining-body": (made) => ({ pieces: made.named(/^lining-/), caution: "needle" }),
  shoulders: (made) => ({
    pieces: piecesIn(made, shoulderSeams(made)),
    seams: shoulderSeams(made),
    says: facesNeckFirst(made) ? ["facing-between"] : ["match-on-stitch"],
  }),
  "measure-neck": (made) => ({
    pieces: facesNeckFirst(made) ? [] : made.named(/^(collar(-stand|-fall)?|facing-(front|back)-neck)$/),
    measures: ["necklineFront", "necklineBack"],
    says: ["stop-and-measure"],
  }),
  neck: (made) => {
    const pieces = made.named(/^(collar(-stand|-fall|-under)?|cape|facing-(front|back)-neck|facing-front)$/);
    const bound = made.chosen("neckFinish") === "binding" ? made.named(/^binding$/) : [];
    const collar = pieces.some((id) => id.startsWith("collar"));
    return {
      pieces: [...pieces, ...bound],
      seams: collarSeams(made),
      says: [
        ...(collar ? (["collar-chalk"] as const) : []),
        ...(pieces.some((id) => id.endsWith("-neck")) ? (["facing-in"] as const) : []),
      ],
      caution: "iron",
    };
  },
  "lining-in": (made) => ({
    pieces: made.named(/^lining-/),
    says:
      made.chosen("liningJoin") === "bagged" ? ["bagged"] : made.chosen("liningJoin") === "by-hand" ? ["by-hand"] : [],
  }),
  sides: (made) => {
    // Godets go into the slots that the seams leave open above the hem.
    const godets = made.seamsNamed(/^godet/);
    const seams = [...sideSeams(made), ...godets];
    return {
      pieces: piecesIn(made, seams),
      seams,
      says: ["match-on-stitch", ...(godets.length > 0 ? (["double-pins"] as const) : []), "baste-sides"],
      caution: "needle",
    };
  },
  "measure-armhole": (made) => ({
    pieces: made
      .named(/^(sleeve|petal|facing-armhole)/)
      .filter((id) => !id.startsWith("sleeve-front") && !id.startsWith("sleeve-back")),
    measures: ["armholeFront", "armholeBack"],
    says: ["stop-and-measure"],
  }),
  armhole: (made) => ({
    pieces: [
      ...made.named(/^facing-armhole/),
      ...(made.chosen("armholeFinish") === "bound" ? made.named(/^binding$/) : []),
    ],
    seams: armholeFacings(made),
    says: armholeFacings(made).length > 0 ? ["facing-in"] : [],
    caution: "iron",
  }),
  "sleeve-made": (made) => ({
    pieces: made.seamsNamed(/^cap(?!e)/).length > 0 ? sleevePieces(made) : [],
    seams: made.seamsNamed(/^(underarm|tie-band|flounce)/),
    measures: made.seamsNamed(/^flounce$/).length > 0 ? ["flounceEdge"] : [],
    says: [
      ...(made.named(/^(sleeve-placket|placket)$/).length > 0 && made.named(/^cuff$/).length > 0
        ? (["slit-together", "placket-lock", "pleat-way"] as const)
        : []),
    ],
  }),
  "sleeve-set": (made) => {
    const seams = made.seamsNamed(/^cap(?!e)/);
    return {
      pieces: piecesIn(made, seams),
      seams,
      says: [setsFlat(made) ? "flat-twice" : "underarm-first", "match-on-stitch"],
      caution: "needle",
    };
  },
  cuff: (made) => ({
    pieces: made.named(/^(cuff|sleeve-cuff)$/),
    seams: made.seamsNamed(/^cuff/),
    measures: ["cuffEdge"],
    says: ["placket-ends", "stay-free"],
  }),
  "measure-waist": (made) => ({
    pieces: waistSeams(made).some(({ id }) => id.startsWith("waist-join")) ? piecesIn(made, waistSeams(made)) : [],
    measures: ["waistFront", "waistBack"],
    says: ["stop-and-measure"],
  }),
  "waist-join": (made) => {
    const seams = waistSeams(made);
    return {
      pieces: piecesIn(made, seams),
      seams,
      says: [
        ...(seams.some(({ ratio }) => ratio !== undefined) ? (["gather"] as const) : (["match-on-stitch"] as const)),
        ...(made.named(/^skirt-ring|^peplum/).length > 0 ? (["ring-snip-after"] as const) : []),
      ],
    };
  },
  tiers: (made) => ({
    pieces: piecesIn(made, made.seamsNamed(/^tier-/)),
    seams: made.seamsNamed(/^tier-/),
    measures: tierEdgeIds.slice(0, made.seamsNamed(/^tier-/).length),
    says: ["gather"],
  }),
  waistband: (made) => ({
    pieces: piecesIn(made, bandSeams(made)),
    seams: bandSeams(made),
    says: bandSeams(made).some(({ ratio }) => ratio !== undefined) ? ["gather"] : ["match-on-stitch"],
  }),
  fitting: (made) => ({
    pieces: made.pieces.filter(({ cloth, part }) => cloth === "main" && part !== "finish").map(({ id }) => id),
    caution: "pins",
    always: true,
  }),
  "hem-shape": (made) => ({
    pieces:
      made.chosen("hemShape") === "after-sides"
        ? made.pieces.filter(({ cloth, edges }) => cloth === "main" && isBodyHem(edges)).map(({ id }) => id)
        : [],
    says: ["hem-curve"],
    caution: "blade",
  }),
  hang: (made) => ({ pieces: hangs(made) }),
  hem: (made) => ({
    pieces: made.pieces
      .filter(({ cloth, edges }) => cloth === "main" && edges.some(({ role }) => role === "hem"))
      .map(({ id }) => id),
    says:
      ({ fusible: ["hem-fused"], rolled: ["hem-rolled"], blind: ["hem-blind"] }[made.chosen("hemFinish")] as
        | readonly SayingId[]
        | undefined) ?? [],
    caution: "iron",
    always: true,
  }),
  buttonholes: (made) => ({
    pieces: made.buys("buttons") ? buttoned(made) : [],
    caution: "blade",
  }),
  finish: () => ({ pieces: [], caution: "pins", always: true }),
};

/** A body ends in a hem beside its sides; a sleeve does as well, and has a cap. */
function isBodyHem(edges: Made["pieces"][number]["edges"]): boolean {
  const roles = edges.map(({ role }) => role);
  return roles.includes("hem") && roles.includes("side") && !edges.some(({ id }) => id === "cap");
}

/** What is buttoned: the front with its marks, and stand and cuffs. */
function buttoned(made: Made): readonly string[] {
  const marked = made.pieces.filter(({ marks }) => marks.some(({ id }) => id.startsWith("centre/button-")));
  return [...marked.map(({ id }) => id), ...made.named(/^(under-placket|collar-stand|cuff)$/)];
}

/** A front half whose centre opens. */
function isOpenFront({ half, cloth, edges }: Made["pieces"][number]): boolean {
  return half === "front" && cloth === "main" && edges.some(({ role }) => role === "centre");
}

/** What each task waits for, of those that there are (craft: making, make-up order). */
function waitsOf(task: TaskId, made: Made, has: (id: TaskId) => boolean): readonly TaskId[] {
  const flat = setsFlat(made);
  const hemFirst = made.chosen("hemOrder") === "before-sides" && !has("hang") && !has("hem-shape");
  const when = (holds: boolean, ...ids: TaskId[]): readonly TaskId[] => (holds ? ids : []);
  const all: Readonly<Record<TaskId, readonly TaskId[]>> = {
    stay: [],
    darts: ["stay"],
    panels: ["darts", "stay"],
    "flat-parts": ["stay", "darts"],
    yokes: ["flat-parts"],
    "centre-seam": ["panels", "darts", ...when(has("waist-join"), "waist-join")],
    zip: [
      ...(made.chosen("opening") === "side-zip" ? (["sides"] as const) : (["centre-seam"] as const)),
      ...when(made.chosen("zipOrder") === "with-lining", "lining-body"),
    ],
    "lining-body": [],
    shoulders: ["darts", "panels", "yokes", ...when(facesNeckFirst(made), "neck")],
    "measure-neck": ["shoulders", "flat-parts"],
    neck: facesNeckFirst(made) ? ["panels", "darts"] : ["measure-neck", "shoulders", ...when(zipped(made), "zip")],
    "lining-in": ["neck", "armhole", "zip", "lining-body"],
    sides: ["flat-parts", "shoulders", "panels", "darts", ...when(flat, "sleeve-set"), ...when(hemFirst, "hem")],
    "measure-armhole": flat ? ["shoulders"] : ["shoulders", "sides"],
    armhole: ["measure-armhole", "shoulders", "sides"],
    "sleeve-made": ["measure-armhole", "stay"],
    "sleeve-set": ["sleeve-made", "measure-armhole", ...when(!flat, "sides")],
    cuff: ["sleeve-set", "sleeve-made", ...when(flat, "sides")],
    "measure-waist": ["darts", "panels", "yokes"],
    "waist-join": ["measure-waist", "sides"],
    tiers: ["waist-join", ...when(!has("waist-join"), "flat-parts")],
    waistband: ["sides", "zip", "tiers"],
    fitting: ["sides", "waist-join", "sleeve-set", "zip", "neck", "tiers", "waistband", "centre-seam"],
    "hem-shape": ["sides"],
    hang: ["waist-join", "fitting"],
    hem: hemFirst ? ["flat-parts", "darts", "panels"] : ["hang", "fitting", "hem-shape"],
    buttonholes: ["hem", "fitting"],
    finish: taskIds.filter((id) => id !== "finish"),
  };
  return all[task].filter(has);
}

function writeSeam(made: Made, seam: MadeSeam): TaskSeam {
  return {
    id: seam.id,
    a: made.piecesOf(seam.a),
    b: made.piecesOf(seam.b),
    allowances: [made.allowanceOf(seam.a), made.allowanceOf(seam.b)],
    ease: seam.ease,
    gathered: seam.ratio ?? null,
    notches: made.notchesOf(seam),
  };
}

/** Tasks in an order in which none comes before what it waits for; among those that are free, the first of the table. */
function inOrder(tasks: readonly MakeTask[]): readonly MakeTask[] {
  const left = [...tasks];
  const done = new Set<TaskId>();
  const ordered: MakeTask[] = [];
  while (left.length > 0) {
    const next = left.findIndex(({ waitsFor }) => waitsFor.every((id) => done.has(id)));
    // A ring of tasks would be our own mistake; the property tests walk every garment for it.
    const [task] = left.splice(Math.max(0, next), 1);
    if (task === undefined) break;
    ordered.push(task);
    done.add(task.id);
  }
  return ordered;
}

/**
 * How a garment is made up once it is cut: every task that its pieces ask for, in an order in which none comes before
 * what it waits for (craft: making, make-up order).
 *
 * @param sheet a cut sheet, fresh or frozen
 */
export function makeUp(sheet: MadeSheet): readonly MakeTask[] {
  const made = new Made(sheet);
  const content = new Map(taskIds.map((id) => [id, contents[id](made)] as const));
  const has = (id: TaskId) => {
    const { pieces = [], always = false } = content.get(id) ?? {};
    return always || pieces.length > 0;
  };
  return inOrder(
    taskIds.filter(has).map((id): MakeTask => {
      const { pieces, seams = [], says = [], measures = [], caution = null } = contents[id](made);
      return {
        id,
        pieces,
        seams: seams.map((seam) => writeSeam(made, seam)),
        waitsFor: waitsOf(id, made, has),
        measures,
        says,
        caution,
      };
    }),
  );
}

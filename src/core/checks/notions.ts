import {
  type Draft,
  type Edge,
  isButton,
  type Notion,
  type NotionId,
  type NotionUnit,
  notionIds,
  type Piece,
  type Term,
} from "../chalk";
import { pathEnd, pathLength } from "../geometry";
import { both, type Inches, pickSystem, roundToStep } from "../length";
import type { Seam } from "./seams";

/** A spare goes with every row of buttons. */
const SPARE: Term = { code: "one-to-spare", kind: "style", value: 1, source: "checks:notions" };

/** Zips as they are sold; the shop's own lists may differ (craft: making, what to buy). */
const ZIP_LENGTHS = {
  inches: [7, 9, 12, 14, 16, 18, 20, 22, 24, 26, 30, 36],
  centimetres: [18, 20, 22, 25, 30, 35, 40, 45, 50, 55, 60, 70, 90],
} as const;
/** A zip is so much longer than its opening at least. */
const ZIP_MORE = both(1, 2.5);
/** A band carries a hook for each of these. */
const HOOK_EACH = both(0.625, 1.5);
/** An overlap of this and more is held by a press stud inside. */
const STUD_FROM = both(4, 10);
/** Metres of thread on a spool. */
const SPOOLS = [100, 250, 1000] as const;
const [SEWING, NEATENING, MORE] = [3, 14, 0.1];
const INCHES_A_METRE = 39.37;
const NEATENED: ReadonlySet<string> = new Set(["side", "shoulder", "centre", "hem", "panel", "waist"]);

function term(code: Term["code"], value: number, source = "checks:notions"): Term {
  return { code, kind: "drawn", value, source };
}

/** The buttons that stand on the chalk: one for each mark, whatever it is cut through. */
function markedButtons({ pieces }: Draft): readonly Term[] {
  const value = pieces.flatMap(({ marks }) => marks).filter(isButton).length;
  return value === 0 ? [] : [{ code: "buttons-marked", kind: "style", value, source: "parts:buttons" }];
}

/** How far down an edge a notch lies, whichever way the edge is walked. */
function fromTop(edge: Edge, at: Inches): Inches {
  return edge.stitch.start.y > pathEnd(edge.stitch).y + 1e-6 ? pathLength(edge.stitch) - at : at;
}

/** How much of an edge a zip opens: all of it above its end; the whole where it runs on into what hangs below. */
function opened({ edges, notches }: Piece): Inches {
  const [top, end] = ["zip-top", "zip-end"].map((id) => notches.find((notch) => notch.id === id));
  const edge = edges.find(({ id }) => id === (end ?? top)?.edge);
  if (edge === undefined) return 0;
  return end === undefined ? pathLength(edge.stitch) : fromTop(edge, end.at);
}

function zipOf({ pieces, given }: Draft): readonly Term[] {
  const half = (side: string | null) =>
    Math.max(0, ...pieces.filter(({ half: own, cloth }) => own === side && cloth === "main").map(opened));
  // The skirt below a body goes on from it; a side zip is notched on both halves alike.
  const skirt = Math.max(0, ...pieces.filter(({ part, half: own }) => part === "skirt" && own !== "front").map(opened));
  const body = Math.max(0, ...pieces.filter(({ part, half: own }) => part === "body" && own === "back").map(opened));
  const opening = roundToStep(Math.max(body + skirt, half("front")), 1 / 8);
  if (opening <= 0) return [];
  const sold = given.metric ? ZIP_LENGTHS.centimetres.map((one) => one / 2.54) : ZIP_LENGTHS.inches;
  const needed = opening + pickSystem(ZIP_MORE, given.metric);
  const bought = sold.find((one) => one >= needed - 1e-9) ?? Math.ceil(needed);
  return [term("zip-opening", opening), term("zip-to-next", bought - opening)];
}

function hooksOf({ pieces, given }: Draft, zips: boolean): readonly Term[] {
  const body = pieces.some(({ part, notches }) => part === "body" && notches.some(({ id }) => id === "zip-top"));
  const band = pieces.find(({ id }) => id === "waistband")?.strip;
  const elastic = given.choices.waistFinish === "elastic";
  const deep = typeof given.choices.waistbandDepth === "number" ? given.choices.waistbandDepth : 1.25;
  const many = Math.max(1, Math.floor(deep / pickSystem(HOOK_EACH, given.metric) + 1e-9));
  return [
    ...(zips && body ? [term("hook-at-neck", 1)] : []),
    ...(band === undefined || band === null || elastic ? [] : [term("hooks-in-band", many)]),
  ];
}

function studsOf({ given }: Draft): readonly Term[] {
  const { opening, overlapWidth } = given.choices;
  const wide = typeof overlapWidth === "number" ? overlapWidth : 0;
  return opening === "overlap" && wide >= pickSystem(STUD_FROM, given.metric) - 1e-9 ? [term("stud-inside", 1)] : [];
}

/** How often a seam is sewn: twice, but for a round that names each of its edges for both halves. */
function timesSewn({ a, b }: Seam, pieces: readonly Piece[]): number {
  const ofSleeve = [...a, ...b].some((one) => pieces.find(({ id }) => id === one.split("/")[0])?.part === "sleeve");
  const twice = [a, b].some((row) => new Set(row).size < row.length);
  return twice && !ofSleeve ? 1 : 2;
}

/** Edges of a role on both halves of the garment, together. */
function lengthOf({ pieces }: Draft, roles: ReadonlySet<string>): Inches {
  return pieces
    .filter(({ cloth, half }) => cloth === "main" && half !== null)
    .flatMap(({ edges }) => edges.filter(({ role, onFold }) => roles.has(role) && !onFold))
    .reduce((sum, { stitch }) => sum + 2 * pathLength(stitch), 0);
}

function threadOf(draft: Draft, seams: readonly Seam[]): readonly Term[] {
  const sewn = seams.reduce((sum, seam) => sum + timesSewn(seam, draft.pieces) * seam.lengthA, 0);
  const centres = lengthOf(draft, new Set(["centre"])) / 2;
  const metres = (inches: Inches, times: number) => Math.round((inches * times) / INCHES_A_METRE);
  const sewing = metres(sewn + centres + lengthOf(draft, new Set(["hem"])), SEWING);
  const neatening = metres(lengthOf(draft, NEATENED), NEATENING);
  const more = Math.round((sewing + neatening) * MORE);
  const wanted = sewing + neatening + more;
  if (wanted === 0) return [];
  const [small, large] = [SPOOLS.find((spool) => spool >= wanted), SPOOLS[2]];
  const bought = small ?? Math.ceil(wanted / large) * large;
  return [
    term("thread-sewing", sewing),
    term("thread-neatening", neatening),
    term("thread-more", more),
    term("thread-to-spool", bought - wanted),
  ];
}

const UNITS: Readonly<Partial<Record<NotionId, NotionUnit>>> = {
  buttons: "piece",
  hooks: "piece",
  studs: "piece",
  thread: "m",
};

/**
 * What is bought beside the cloth: of each kind one row, with every part's share of it (craft: making, what to buy).
 *
 * @param seams the garment's seams as they were walked
 */
export function countNotions(draft: Draft, seams: readonly Seam[]): readonly Notion[] {
  const told = (id: NotionId) => draft.notions.filter((one) => one.id === id).flatMap(({ terms }) => terms);
  const zip = zipOf(draft);
  const buttons = [...markedButtons(draft), ...told("buttons")];
  const all: Readonly<Record<NotionId, readonly Term[]>> = {
    zip,
    buttons: buttons.length === 0 ? [] : [...buttons, SPARE],
    hooks: hooksOf(draft, zip.length > 0),
    studs: studsOf(draft),
    elastic: told("elastic"),
    boning: told("boning"),
    thread: threadOf(draft, seams),
  };
  return notionIds.flatMap((id): readonly Notion[] =>
    all[id].length === 0 ? [] : [{ id, unit: UNITS[id] ?? "in", terms: all[id].filter(({ value }) => value !== 0) }],
  );
}

/** Draws one garment for a crowd under every set; bundled and run in a process of its own by the sweep. Prints JSON. */
import { makeCrowd, makeExtremes, type Readings } from "../../src/core/body";
import type { Draft } from "../../src/core/chalk";
import { checkDraft, type FindingId } from "../../src/core/checks";
import { readOrder } from "../../src/core/formats";
import { draftGarment, findGarment } from "../../src/core/garments";
import { type RuleSetId, ruleSets } from "../../src/core/rules";

const SEED = 20261123;

/** That a head, hips or both knees do not pass is the truth about a sound draft, and no mistake of it. */
const TRUE_ERRORS: ReadonlySet<FindingId> = new Set(["head-does-not-pass", "body-does-not-pass", "flare-narrow"]);

/** What is drawn: a garment as it comes, with this skirt under it, this sleeve set in, or this collar. */
export interface Whole {
  readonly garment: string;
  readonly skirt?: string | undefined;
  readonly sleeve?: string | undefined;
  readonly collar?: string | undefined;
}

/** How often each refusal, caution and error came up. */
export type Counts = Readonly<Record<string, number>>;

export interface SetFigures {
  readonly set: string;
  readonly bodies: number;
  readonly refused: number;
  readonly errors: number;
  readonly crowd: Counts;
  readonly extremes: Counts;
}

function checkPlaces(draft: Draft): void {
  for (const piece of draft.pieces)
    for (const { x, y } of piece.outline.cut)
      if (!Number.isFinite(x) || !Number.isFinite(y)) throw new Error(`${piece.id} has a place that is no number`);
}

/** What became of one body: codes of its refusals and findings, each with its level first. */
function drawOne({ garment, skirt, sleeve, collar }: Whole, set: RuleSetId, measurements: Readings): readonly string[] {
  const choices = {
    ...(skirt === undefined ? {} : { skirt }),
    // Any skirt hangs from a body that opens behind; where its opening is the garment's own, that stays.
    ...(skirt === undefined || findGarment(garment)?.choices.opening === undefined ? {} : { opening: "back-zip" }),
    ...(sleeve === undefined ? {} : { sleeve }),
    ...(collar === undefined ? {} : { collar }),
  };
  const read = readOrder({ garment, choices, rules: { set }, client: { card: { measurements } } });
  if (!read.ok) throw new Error(`${garment}, ${set}: ${JSON.stringify(read.issues)}`);
  const drawn = draftGarment(read.value.garment, read.value.given);
  if (!drawn.ok) return drawn.issues.map(({ code }) => `refused ${code}`);
  checkPlaces(drawn.value);
  return checkDraft(drawn.value)
    .findings.filter(({ id, level }) => level !== "note" && id !== "reading-doubtful")
    .map((finding) => (TRUE_ERRORS.has(finding.id) ? { ...finding, level: "caution" as const } : finding))
    .map(({ id, level }) => `${level} ${id}`);
}

function count(outcomes: readonly (readonly string[])[]): Counts {
  const counts: Record<string, number> = {};
  for (const key of outcomes.flat()) counts[key] = (counts[key] ?? 0) + 1;
  return counts;
}

function sweepSet(whole: Whole, set: RuleSetId, bodies: number): SetFigures {
  const crowd = makeCrowd(SEED, bodies).map((body) => drawOne(whole, set, body));
  const extremes = makeExtremes().map(({ body }) => drawOne(whole, set, body));
  const starts = (what: string) => (outcome: readonly string[]) => outcome.some((key) => key.startsWith(what));
  return {
    set,
    bodies,
    refused: crowd.filter(starts("refused")).length,
    errors: [...crowd, ...extremes].filter(starts("error")).length,
    crowd: count(crowd),
    extremes: count(extremes),
  };
}

const [garment = "", bodies = "2000", skirt, sleeve, collar] = process.argv.slice(2);
const whole = { garment, skirt: skirt || undefined, sleeve: sleeve || undefined, collar: collar || undefined };
const figures = (Object.keys(ruleSets) as RuleSetId[]).map((set) => sweepSet(whole, set, Number(bodies)));
process.stdout.write(JSON.stringify(figures));

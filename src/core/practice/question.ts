import { type CutSheet, isMeasured, type SheetPiece, type SheetStep, type SheetTerm } from "../formats";
import type { Inches } from "../length";

/** One number that a learner works out: a mark's net reading, or the one to cut at. */
export interface PracticeQuestion {
  /** The step's id, and `/net` or `/cut`. */
  readonly id: string;
  readonly step: string;
  readonly part: "net" | "cut";
  /** The placement in which the tape lies, its id; the step's own where it has none. */
  readonly placement: string;
  readonly piece: string;
  /** The mark or guide line that is made there. */
  readonly mark: string;
  /** What it adds up from, rounding left out; of a cut reading what lies beyond the net one comes last. */
  readonly terms: readonly SheetTerm[];
  readonly answer: Inches;
  /** The net reading that a cut one goes on from; the answer itself where it is net. */
  readonly net: Inches;
  /** What a wrong start would add or take: from the cloth's edge to the origin, and how far the piece lies further out. */
  readonly offsets: readonly Inches[];
  /** What is read elsewhere on the piece in the same way, by the line it lies on. */
  readonly elsewhere: readonly Inches[];
}

/** Sums that no learner can make: they are measured off the drawing or solved. */
const NOT_SUMMED: ReadonlySet<SheetTerm["kind"]> = new Set(["drawn", "trued", "rounding"]);

function isSummed(sheet: CutSheet, { terms }: Pick<SheetStep, "terms">): boolean {
  const solved = sheet.resolved.rules.armholeDepth?.value === "solved";
  const told = terms.filter(({ kind }) => kind !== "rounding");
  return (
    told.length > 0 &&
    told.every(({ kind, source }) => !NOT_SUMMED.has(kind) && !(solved && source === "rule:armholeDepth"))
  );
}

const withoutRounding = (terms: readonly SheetTerm[]) => terms.filter(({ kind }) => kind !== "rounding");

function cutTermsOf(piece: SheetPiece | undefined, { marks, reading, cutReading }: SheetStep): readonly SheetTerm[] {
  const mark = piece?.marks.find(({ id }) => id === marks[0]);
  const own = withoutRounding(mark?.cutTerms ?? []);
  if (own.length > 0) return own;
  const value = (cutReading ?? 0) - (reading ?? 0);
  return [{ label: "Seam", kind: "allowance", value, source: "drawing" }];
}

/** What makes a number the same as another of its piece: a dart's line is read once more on every line that it meets. */
function sumKey({ piece, direction, reading, cutReading, terms }: SheetStep): string {
  return [piece, direction, reading, cutReading, ...terms.map(({ source, value }) => `${source} ${value}`)].join(" ");
}

/** The measured steps of a sheet whose numbers are sums, in the order of the hand; the same sum is asked once a piece. */
function askedSteps(sheet: CutSheet): readonly SheetStep[] {
  const seen = new Set<string>();
  return sheet.steps.filter((step) => {
    if (step.phase !== "chalk" || !isMeasured(step) || !isSummed(sheet, step)) return false;
    const key = sumKey(step);
    const isNew = !seen.has(key);
    seen.add(key);
    return isNew;
  });
}

/** Every number of a sheet that a learner is asked for: net, then cut, in the order of the table. */
export function practiceQuestions(sheet: CutSheet): readonly PracticeQuestion[] {
  const steps = askedSteps(sheet);
  const placed = new Map(
    (sheet.placements ?? []).flatMap(({ id, steps: own }) => own.map((step) => [step, id] as const)),
  );
  return steps.flatMap((step): readonly PracticeQuestion[] => {
    const piece = sheet.pieces.find(({ id }) => id === step.piece);
    const net = step.reading ?? 0;
    const elsewhere = steps
      .filter((other) => other.piece === step.piece && other.direction === step.direction && other.line !== step.line)
      .map(({ reading }) => reading ?? 0);
    const base = {
      step: step.id,
      placement: placed.get(step.id) ?? step.id,
      piece: step.piece,
      mark: step.marks[0] ?? step.line ?? step.act,
      net,
      offsets: [piece?.originInset ?? 0, piece?.shift ?? 0].filter((offset) => Math.abs(offset) > 1 / 32),
      elsewhere,
    };
    const terms = withoutRounding(step.terms);
    const asked: PracticeQuestion = { ...base, id: `${step.id}/net`, part: "net", terms, answer: net };
    if (step.cutReading === null || step.cutFrom !== undefined) return [asked];
    const beyond = cutTermsOf(piece, step);
    return [
      asked,
      { ...base, id: `${step.id}/cut`, part: "cut", terms: [...terms, ...beyond], answer: step.cutReading },
    ];
  });
}

/** The house rules that a number rests on. */
export function rulesOf({ terms }: Pick<PracticeQuestion, "terms">): readonly string[] {
  const named = terms.flatMap(({ source }) => (source.startsWith("rule:") ? [source.slice("rule:".length)] : []));
  return [...new Set(named)];
}

/** What a term is called while its number is hidden: `Bust girth ÷ 4` gives its divisor away, `Ease, a quarter of 2` its whole. */
export function hideNumbers(label: string): string {
  return label
    .replace(/,? a quarter of .*$/u, "")
    .replace(/\s*[÷×]\s*[\d¼½¾⅛⅜⅝⅞.]+/gu, "")
    .replace(/[\d¼½¾⅛⅜⅝⅞]+(\s*[\d¼½¾⅛⅜⅝⅞/]+)?/gu, "…")
    .trim();
}

import type { RingFold } from "../../blocks";
import { type Given, refuse, ruleLength, type Term } from "../../chalk";
import { both, fromCentimetres, type Inches, pickSystem, roundToStep } from "../../length";
import type { Hanger } from "./hanger";
import type { SkirtForm } from "./skirt-form";

/** A ring as pieces of one kind: how many, and how much of a circle each is. */
export interface RingPieces {
  readonly copies: number;
  readonly share: number;
  readonly fold: RingFold;
}

/** A skirt of the circle family: its radii, and what it is cut as. */
export interface RingSkirt {
  /** Sewn round, with the seam that a whole ring loses where it is cut open. */
  readonly round: Inches;
  readonly inner: Inches;
  readonly outer: Inches;
  readonly share: number;
  readonly closing: Inches;
  readonly closingTerms: readonly Term[];
  /** Cut open along a radius, for a zip. */
  readonly slashed: boolean;
  readonly pieces: readonly RingPieces[];
  /** How far the cutting line reaches beyond this cloth, where it must be pieced; 0 where it fits. */
  readonly beyond: Inches;
  /** Whether it takes more pieces than were asked for. */
  readonly inMore: boolean;
}

/** Radii are chalked to this. */
const RADIUS_STEP = { inches: 1 / 32, centimetres: 0.1 };
/** A ring is cut out of a hole no smaller. */
const LEAST_HOLE = both(0.5, 1.25);

/** Pieces that together are so much of a circle, each on its fold: whole rings, halves, or less than a half each. */
function cutAs(share: number, count: number): readonly RingPieces[] {
  if (Math.abs(share - 0.75) < 1e-9 && count === 2)
    return [
      { copies: 1, share: 0.5, fold: "across" },
      { copies: 1, share: 0.25, fold: "single" },
    ];
  const each = share / count;
  const fold =
    Math.abs(each - 1) < 1e-9 ? "quarter" : Math.abs(share - 0.25) < 1e-9 && count === 1 ? "single" : "across";
  return [{ copies: count, share: each, fold }];
}

/** What a row of the ring table wants of the cloth's width: a whole ring in four, or from the selvedge as far as its tape. */
function widthOf({ fold }: RingPieces, cutOuter: Inches, closing: Inches): Inches {
  return fold === "quarter" ? 2 * cutOuter : cutOuter + closing;
}

/** More than this of a circle no piece on a fold covers, but a whole ring: beyond it its tape would be held off the cloth. */
const MOST_SHARE = 0.5;

/** So many pieces as were asked, or the next more of which each can be drawn. */
function atLeast(share: number, count: number, whole: boolean): number {
  const each = share / count;
  return each <= MOST_SHARE + 1e-9 || (whole && Math.abs(each - 1) < 1e-9) ? count : atLeast(share, count + 1, whole);
}

type Chosen = Pick<RingSkirt, "pieces" | "beyond" | "inMore">;

/** The fewest pieces that fit this cloth; where none do, halves, and those are pieced at their outer corners. */
function choosePieces(share: number, form: SkirtForm, usable: Inches, cutOuter: Inches, closing: Inches): Chosen {
  const asked = form.circlePieces === "by-cloth" ? null : Number(form.circlePieces);
  const least = Math.ceil(share - 1e-9);
  // Whole rings lie in four, all else in halves and less; so no piece's straight edges run off the grain further than they must.
  const inHalves = Math.ceil(2 * share - 1e-9);
  // A front that opens wants both its edges cut: a whole ring in four has none.
  const whole = Math.abs(share - least) < 1e-9 && form.front === null;
  const counts =
    asked === null
      ? [...(whole ? [least] : []), inHalves]
      : [atLeast(share, Math.max(asked, least), form.front === null)];
  const rows = [...new Set(counts)].map((count) => cutAs(share, count));
  const wide = (pieces: readonly RingPieces[]) => Math.max(...pieces.map((one) => widthOf(one, cutOuter, closing)));
  const pieces = rows.find((row) => wide(row) <= usable + 1e-6) ?? rows.at(-1) ?? cutAs(share, least);
  const drawn = pieces.reduce((sum, { copies }) => sum + copies, 0);
  return { pieces, beyond: Math.max(0, wide(pieces) - usable), inMore: asked !== null && drawn > asked };
}

/** Plans a skirt of the circle family for the round that it is sewn to (craft: skirts, circles and rings). */
export function planRing(given: Given, form: SkirtForm, { opening }: Hanger, c: Inches, length: Inches): RingSkirt {
  const share = form.circleShare;
  const closing = opening?.allowance ?? ruleLength(given, "allowance.side");
  const allowance = ruleLength(given, "allowance.waistJoin");
  const step = given.metric ? fromCentimetres(RADIUS_STEP.centimetres) : RADIUS_STEP.inches;
  const usable = given.clothWidth - 1;
  const draw = (round: Inches) => {
    const inner = roundToStep(round / (2 * Math.PI * share), step);
    return { inner, outer: inner + length };
  };
  const cutOuter = (outer: Inches) => outer + ruleLength(given, "allowance.hem");
  const first = draw(c);
  const chosen = choosePieces(share, form, usable, cutOuter(first.outer), closing);
  // A whole ring that is cut open for its zip loses both allowances of that seam.
  const slashed = chosen.pieces[0]?.fold === "quarter" && (opening !== null || share > 1);
  const round = slashed ? c + 2 * closing * Math.round(share) : c;
  const { inner, outer } = draw(round);
  const hole = pickSystem(LEAST_HOLE, given.metric);
  if (inner - allowance < hole - 1e-9)
    refuse({
      code: "ring-too-small",
      conflicts: ["choices.circleShare"],
      numbers: { radius: inner - allowance, least: hole },
      nearest: Math.max(0.2, Math.floor((c / (2 * Math.PI * (hole + allowance))) * 20) / 20),
    });
  const rule = opening === null || opening.at === "side" ? "allowance.side" : "allowance.zip";
  const closingTerms: readonly Term[] = [
    form.front?.foldIn ?? {
      code: "house-rule",
      about: { rule },
      kind: "allowance",
      value: closing,
      source: `rule:${rule}`,
    },
  ];
  return { round, inner, outer, share, closing, closingTerms, slashed, ...chosen };
}

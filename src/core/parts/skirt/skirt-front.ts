import type { SkirtHalf } from "../../blocks";
import type { OpenEdge, OpenFront, PieceChalk, PieceStart, Term } from "../../chalk";
import { at, joinPaths, mapPath, type Path, pathEnd, straight } from "../../geometry";
import { both, type Inches, pickSystem, roundToStep } from "../../length";
import { chalkButtons, planSkirtButtons } from "../buttons";
import { foldedBandCut } from "../folded-band";
import type { DecidedFrom } from "../offers";

/** A front of its own overlaps by this, and its facing is cut on so wide (craft: skirts, front-band). */
const OVERLAP = both(1, 2.5);
const CUT_ON = both(3, 7.5);

/** Where a skirt opens in front: how its edge lies beyond the centre, and what is folded in there. */
export interface SkirtFront extends Omit<OpenFront, "foldIn"> {
  readonly foldIn: Term;
}

/** The shop's system, and the step that its tape shows. */
type Tape = Pick<DecidedFrom, "metric" | "step">;

/** What is folded in along the front: a facing cut on with it. */
function cutOn({ metric, step }: Tape): Term {
  const value = roundToStep(pickSystem(CUT_ON, metric), step);
  return { code: "facing-cut-on", kind: "allowance", value, source: "choice:opening" };
}

/** A skirt's own front, buttoned from its band down. */
export function ownFront(tape: Tape, bandDepth: Inches): SkirtFront {
  const value = roundToStep(pickSystem(OVERLAP, tape.metric), tape.step);
  return {
    overlap: { code: "overlap-beyond-the-centre-front", kind: "style", value, source: "choice:opening" },
    foldIn: cutOn(tape),
    turns: 1,
    buttonAbove: bandDepth / 2,
  };
}

/** The front of the body above, running on: its band as it is, else a facing that is cut on. */
export function frontBelow({ front }: OpenEdge, tape: Tape): SkirtFront | null {
  if (front === undefined) return null;
  return front.foldIn === null ? { ...front, foldIn: cutOn(tape), turns: 1 } : { ...front, foldIn: front.foldIn };
}

/** What its piece is told of its front edge. */
export function frontStart({ overlap, foldIn, turns }: SkirtFront): NonNullable<PieceStart["front"]> {
  return { overlap: overlap.value, foldIn: foldIn.value, turns };
}

/** Half a skirt drawn, its waist and hem carried on level beyond the centre to the finished edge. */
export function carryToFront(drawn: SkirtHalf, { overlap }: SkirtFront): SkirtHalf {
  const beyond = ({ x, y }: { readonly x: Inches; readonly y: Inches }) => at(x - overlap.value, y);
  const { waist, hem } = drawn;
  return {
    ...drawn,
    waist: joinPaths([straight(beyond(waist.start), waist.start), waist]),
    mouths: drawn.mouths.map((mouth) => ({
      ...mouth,
      from: mouth.from + overlap.value,
      to: mouth.to + overlap.value,
    })),
    hem: joinPaths([hem, straight(pathEnd(hem), beyond(pathEnd(hem)))]),
  };
}

/** The finished front edge, and its cutting line beyond what is folded in. */
export function chalkFrontEdge(piece: PieceChalk, up: Path, { overlap, foldIn, turns }: SkirtFront): void {
  const band = { beyond: overlap.value, width: foldIn.value / turns, turns };
  piece.edge("centre", {
    role: "centre",
    stitch: mapPath(up, ({ y }) => at(-overlap.value, y)),
    cut: foldedBandCut(band, piece.edgeOf("waist"), piece.edgeOf("hem")),
    allowance: foldIn.value,
    through: ["centre/hem", "centre/waist"],
    why: "band",
  });
}

/** Buttonholes down the centre front. */
export function chalkFrontButtons(piece: PieceChalk, { buttonAbove }: SkirtFront, hemDown: Inches): void {
  chalkButtons(piece, planSkirtButtons(buttonAbove, hemDown, piece.given.metric), "buttonhole-below");
}

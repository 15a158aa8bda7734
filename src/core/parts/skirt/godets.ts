import {
  allowanceTerm,
  type Given,
  onTape,
  type PieceChalk,
  refuse,
  ruleLength,
  type Sheet,
  type StepReason,
  settleOnTape,
  type Term,
} from "../../chalk";
import { arcTo, at, type Path, type Point, pathLength, reversePath, straight, turnPoint } from "../../geometry";
import { both, type Inches, pickSystem, roundUpToStep } from "../../length";
import type { HalfSkirt } from "./plan-skirt";
import type { SkirtForm } from "./skirt-form";

/** The seam of a godet, and what it runs to at its point. */
const SEAM = both(0.5, 1.25);
const AT_POINT = both(0.25, 0.6);
/** A godet is no wider at its hem than this many times its length: beyond that it is half a circle and more. */
const MOST_WIDE = 1.5;
/** A slash in the cloth ends this far short of the godet's point. */
const SHORT = both(0.25, 0.6);

/** How the godets of a skirt are shared out: seams first, what is left over slashed into the pieces. */
export interface GodetPlaces {
  readonly sides: boolean;
  readonly centreBack: boolean;
  readonly centreFront: boolean;
  /** Slashes in each half, mirrored to the other side. */
  readonly front: number;
  readonly back: number;
}

/** Side seams, the centre back where it is a seam, then evenly in the pieces (craft: skirts, godet). */
export function shareGodets(count: number, seamedBack: boolean): GodetPlaces {
  const sides = count >= 2;
  const afterSides = count - (sides ? 2 : 0);
  const centreBack = seamedBack && afterSides % 2 === 1;
  const rest = afterSides - (centreBack ? 1 : 0);
  // What has no partner lies on the fold of the front.
  const centreFront = rest % 2 === 1;
  const pairs = Math.floor(rest / 2);
  return { sides, centreBack, centreFront, front: Math.ceil(pairs / 2), back: Math.floor(pairs / 2) };
}

const drawn = (value: Inches): Term => ({ code: "godet-there", kind: "drawn", value, source: "choice:godetCount" });

function markAt(piece: PieceChalk, id: string, stitch: Point, why: StepReason): void {
  piece.at({ id, terms: [drawn(stitch.x)], stitch, why });
}

/** A slot starts this far below the hip line at least, where the skirt is sewn. */
const BELOW_HIP = both(2, 5);

/** Refuses godets so long that their slots would reach the hip, or the end of the zip. */
function checkSlots(given: Given, { form, numbers }: HalfSkirt): void {
  const top = numbers.hemDown - form.godetLength;
  const least = numbers.hipDown + Math.max(0, form.zipEnd) + pickSystem(BELOW_HIP, given.metric);
  if (top >= least - 1e-9) return;
  refuse({
    code: "slit-too-high",
    conflicts: ["choices.godetLength", "measurements.skirtLength"],
    numbers: { top, least, most: numbers.hemDown },
    words: { what: "godets' slots" },
    nearest: numbers.hemDown - least,
  });
}

/** Where a half is left open, or slashed, for its godets: notches on its seams, marks where it is cut into. */
export function chalkGodetSlots(piece: PieceChalk, half: HalfSkirt): void {
  const { given } = piece;
  const { form, side, numbers } = half;
  checkSlots(given, half);
  const { sides, centreBack, centreFront, front, back } = shareGodets(Number(form.godetCount), form.seamed.back);
  const slot = form.godetLength;
  if (sides) piece.notchAt("godet", "side", pathLength(piece.edgeOf("side").stitch) - slot);
  const top = numbers.hemDown - slot;
  if (side === "back" && centreBack) piece.notchAtDepth("godet", "centre", top);
  const slash = pickSystem(SHORT, given.metric);
  if (side === "front" && centreFront) markAt(piece, "godet-centre/top", at(0, top + slash), "godet");
  const count = side === "front" ? front : back;
  const wide = half.drawn.corner.x;
  for (let index = 1; index <= count; index++)
    markAt(piece, `godet-${index}/top`, at((wide * index) / (count + 1), top + slash), "godet");
}

/** A sector: its point above, both straight edges as long as the slot, its hem a part of a circle about the point. */
function chalkGodet(sheet: Sheet, given: Given, form: SkirtForm): void {
  const [seam, atPoint] = [SEAM, AT_POINT].map((one) => onTape(given, pickSystem(one, given.metric))) as [
    Inches,
    Inches,
  ];
  const most = MOST_WIDE * form.godetLength;
  if (form.godetWidth > most + 1e-9)
    refuse({
      code: "godet-too-wide",
      conflicts: ["choices.godetWidth", "choices.godetLength"],
      numbers: { width: form.godetWidth, most },
      nearest: most,
    });
  const half = form.godetWidth / form.godetLength / 2;
  // Its hem's allowance widens with it: the corner of the cut is the widest place.
  const widest = (form.godetLength + ruleLength(given, "allowance.hem")) * Math.sin(half);
  const across = roundUpToStep(widest + 2 * seam, 0.5);
  const point = at(across, 0);
  const [left, right] = [half, -half].map((angle) => turnPoint(at(across, form.godetLength), point, angle)) as [
    Point,
    Point,
  ];
  const piece = sheet.piece("godet", {
    name: "godet",
    half: null,
    lead: false,
    single: true,
    copies: Number(form.godetCount),
    origin: "cloth-edge",
    originInset: { value: 0, terms: [] },
    topInset: settleOnTape(given, [allowanceTerm(given, "allowance.panel")]),
  });
  markAt(piece, "godet/point", point, "godet");
  markAt(piece, "godet/left", left, "godet");
  markAt(piece, "godet/right", right, "godet");
  const straightEdge = (id: "left" | "right", stitch: Path): void => {
    piece.edge(id, {
      role: "join",
      stitch,
      allowance: seam,
      allowanceAt: [
        { mark: "godet/point", value: atPoint },
        { mark: `godet/${id}`, value: seam },
      ],
      through: ["godet/point", `godet/${id}`],
    });
  };
  straightEdge("right", straight(point, right));
  piece.edge("hem", {
    role: "hem",
    stitch: { start: right, segments: [arcTo(right, point, 2 * half)] },
    allowance: ruleLength(given, "allowance.hem"),
    through: ["godet/right", "godet/left"],
  });
  straightEdge("left", reversePath(straight(point, left)));
}

/** Chalks a skirt's godets: one, and as many copies as were asked. */
export function chalkGodets(sheet: Sheet, form: SkirtForm): void {
  sheet.part("finish", () => chalkGodet(sheet, sheet.given, form));
  sheet.seam({ id: "godet", a: ["godet/left"], b: ["godet/right"], ease: { least: 0, most: 0 } });
  sheet.remark({ id: "godets", piece: "godet", numbers: { length: form.godetLength, width: form.godetWidth } });
}

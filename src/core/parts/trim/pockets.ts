import { chalkStrip } from "../../blocks";
import {
  alongDrawn,
  alongSewn,
  type Edge,
  type Mark,
  type OpenEdge,
  onTape,
  type Piece,
  refuse,
  ruleLength,
  type Sheet,
  sewnLength,
} from "../../chalk";
import {
  at,
  distanceOutside,
  flattenPath,
  lengthToDepth,
  type Path,
  type Point,
  pathLength,
  straight,
} from "../../geometry";
import { both, type Inches, pickSystem } from "../../length";
import { certain } from "../../result";
import type { DecidedAll } from "../offers";
import type { trimChoices } from "./trim-choices";

type TrimForm = DecidedAll<typeof trimChoices>;

/** A patch lies so far from the band, or from the centre. */
const FROM_BAND = both(1, 2.5);
/** And stays so far from every seam and dart. */
const CLEAR = both(0.5, 1);
/** What a patch has beyond its finished size: its sides, its turned top and its bottom. */
const SIDES = both(0.5, 1);
const TOP_AND_BOTTOM = both(1.25, 3);
/** What a box pleat takes in all, and where it is stitched from its fold. */
const BOX_PLEAT = both(3.5, 9);
const BOX_STITCHED = both(1.75, 4.5);
const FLAP_WIDER = both(0.25, 0.5);
const FLAP_DEEP = both(3.25, 8);
const FLAP_SEAM = both(0.5, 1);
/** The mouth in a side seam: how far below the waist, how long; and the bag. */
const MOUTH_BELOW = both(2.5, 6.5);
const MOUTH = both(6.5, 16.5);
const BAG = [both(7, 18), both(10, 25)] as const;
/** A bag is sewn to no less than this. */
const SIDE_WANTED = both(1, 2.5);
const NARROWEST: Inches = 3;

interface Place {
  readonly x: Inches;
  readonly y: Inches;
  readonly width: Inches;
  readonly height: Inches;
}

function corners({ x, y, width, height }: Place): readonly [Point, Point, Point, Point] {
  return [at(x, y), at(x + width, y), at(x + width, y + height), at(x, y + height)];
}

/** What stands in a pocket's way: the end of its piece, or a dart. */
function inTheWay(piece: Piece, place: Place, clear: Inches): "edge" | "dart" | null {
  const { x, y, width, height } = place;
  const wide: Place = { x, y, width: width + clear, height: height + clear };
  const outline = flattenPath(piece.outline.stitch);
  if (!corners(wide).every((corner) => distanceOutside(corner, outline) === 0)) return "edge";
  const near = (point: Point) =>
    point.x > x - clear && point.x < x + width + clear && point.y > y - clear && point.y < y + height + clear;
  return piece.darts.some(({ tip, legs, end }) => [tip, ...legs, ...(end === null ? [] : [end])].some(near))
    ? "dart"
    : null;
}

/** The widest pocket that has room there; null where none has. */
function widestThatFits(piece: Piece, place: Place, clear: Inches): Inches | null {
  for (let width = place.width - 0.5; width >= NARROWEST; width -= 0.5)
    if (inTheWay(piece, { ...place, width }, clear) === null) return width;
  return null;
}

function placeOf({ given }: Sheet, form: TrimForm, neck: OpenEdge, armhole: OpenEdge): Place {
  const band = neck.neck?.overlap ?? 0;
  const inner = onTape(given, pickSystem(FROM_BAND, given.metric)) + Math.max(0, Math.min(band, 1.5));
  const tip = Math.min(...armhole.walk.front.map(({ edge }) => edge.stitch.start.y));
  const y = onTape(given, tip + form.pocketDown);
  return { x: onTape(given, inner), y, width: form.pocketWidth, height: form.pocketHeight };
}

function cornerMark(id: string, place: Point): Mark {
  return {
    id,
    line: null,
    stitch: place.x,
    cut: null,
    terms: [{ code: "pocket-placed", kind: "style", value: place.x, source: "choice:pocket" }],
    cutTerms: [],
    place: { stitch: place, cut: null },
  };
}

/** Patch pockets: where they lie on the front, and their cloth (craft: collars, pockets). */
export function chalkPatch(sheet: Sheet, form: TrimForm, neck: OpenEdge, armhole: OpenEdge): void {
  const { given } = sheet;
  const pick = (length: typeof CLEAR) => onTape(given, pickSystem(length, given.metric));
  const { piece } = certain(neck.walk.front[0], "the front that a pocket lies on");
  const place = placeOf(sheet, form, neck, armhole);
  const clear = pick(CLEAR);
  const way = inTheWay(piece, place, clear);
  if (way !== null)
    refuse({
      code: "pocket-misplaced",
      conflicts: ["choices.pocketWidth", "choices.pocketHeight", "choices.pocketDown", "choices.pocket"],
      numbers: { width: place.width, down: form.pocketDown },
      words: { of: way },
      nearest: widestThatFits(piece, place, clear) ?? NARROWEST,
    });
  const [topInner, topOuter, footOuter, foot] = corners(place);
  const path: Path = straight(topInner, topOuter, footOuter, foot, topInner);
  const marks = [
    cornerMark("pocket/top", topInner),
    cornerMark("pocket/outer", topOuter),
    cornerMark("pocket/foot", foot),
  ];
  sheet.creaseOn(piece.id, { id: "pocket", path }, marks, "pocket-place");
  const pleat = form.pocket === "box-pleat" ? pick(BOX_PLEAT) : 0;
  const strip = { name: "pocket", copies: 2 } as const;
  const [length, depth] = [place.height + pick(TOP_AND_BOTTOM), place.width + pick(SIDES) + pleat];
  sheet.add(chalkStrip({ id: "pocket", ...strip, length, depth }));
  if (pleat > 0)
    sheet.remark({ id: "pocket-pleat", piece: "pocket", numbers: { takes: pleat, stitched: pick(BOX_STITCHED) } });
  if (!form.pocketFlap) return;
  const seam = pick(FLAP_SEAM);
  const flap = { length: place.width + pick(FLAP_WIDER) + 2 * seam, depth: 2 * pick(FLAP_DEEP) + 2 * seam };
  sheet.add(chalkStrip({ id: "pocket-flap", name: "pocket-flap", copies: 2, ...flap }));
}

/** The side seam of a half where a pocket's mouth comes to lie, and how much of that seam lies above its piece. */
interface MouthSide {
  readonly piece: Piece;
  readonly side: Edge;
  readonly above: Inches;
}

/** Of a half that is split across, the lower piece: its side runs past the waist, and on below it. */
function mouthSide(sheet: Sheet, half: "front" | "back"): MouthSide | null {
  const sides = sheet.pieces
    .filter((piece) => piece.part === "body" && piece.half === half)
    .flatMap((piece) => piece.edges.filter(({ role }) => role === "side").map((side) => ({ piece, side })));
  const last = sides.at(-1);
  if (last === undefined || !last.piece.lines.some(({ id }) => id === "waist")) return null;
  return { ...last, above: sides.slice(0, -1).reduce((sum, { side }) => sum + sewnLength(side), 0) };
}

/** Pockets in the side seams: the mouth notched on both edges at one sewn length, four bags. */
export function chalkSidePocket(sheet: Sheet): void {
  const { given } = sheet;
  const pick = (length: typeof CLEAR) => onTape(given, pickSystem(length, given.metric));
  const [front, back] = [mouthSide(sheet, "front"), mouthSide(sheet, "back")];
  const waist = front?.piece.lines.find(({ id }) => id === "waist")?.down;
  const top =
    waist === undefined
      ? undefined
      : lengthToDepth(front?.side.stitch ?? straight(at(0, 0), at(0, 1)), waist + pick(MOUTH_BELOW));
  const long = front === null ? 0 : pathLength(front.side.stitch);
  if (front === null || back === null || top === undefined || top + pick(MOUTH) > long - 1)
    refuse({
      code: "pocket-misplaced",
      conflicts: ["choices.pocket"],
      numbers: {},
      words: { of: "side" },
      nearest: "none",
    });
  for (const [id, along] of [
    ["pocket-top", top],
    ["pocket-end", top + pick(MOUTH)],
  ] as const) {
    const sewn = front.above + alongSewn(front.side, along) - back.above;
    sheet.notchOn(front.piece.id, front.side.id, id, along);
    sheet.notchOn(back.piece.id, back.side.id, id, alongDrawn(back.side, sewn));
  }
  const [depth, length] = BAG.map(pick) as [Inches, Inches];
  sheet.add(chalkStrip({ id: "pocket-bag", name: "pocket-bag", copies: 4, length, depth }));
  const side = ruleLength(given, "allowance.side");
  const wanted = pickSystem(SIDE_WANTED, given.metric);
  if (side < wanted - 1e-9)
    sheet.remark({ id: "pocket-side-narrow", piece: front.piece.id, numbers: { side, wanted } });
}

import type { ClothId } from "../chalk";
import type { Inches } from "../length";
import { certain, fail, type Result, succeed } from "../result";
import { type Cloth, SELVEDGE, usableWidth } from "./cloth";
import type { FoldGroup } from "./fold-plan";
import { doubledWidth, widthNeed } from "./fold-width";
import { foldBoth, foldFour, foldGate, foldIn, type LayFold, lanesOf, openFold } from "./lay-fold";
import { type LayPiece, layPieces } from "./lay-stances";
import { type LayUnit, unitSize } from "./lay-unit";
import type { LayWay } from "./lay-way";
import { placeOnLeftOvers } from "./left-overs";

/** A stretch of cloth that lies in one fold, and what is cut from it. */
export interface SectionPlan {
  readonly fold: LayFold;
  readonly pieces: readonly LayPiece[];
}

/** Why a garment cannot be laid in a way: the piece that is too wide and the cloth that it wants. */
export interface LayRefusal {
  readonly code: "too-wide" | "not-this-fold";
  readonly unit: string;
  readonly cloth: ClothId;
  /** Width of cloth on which this way would do. */
  readonly wanted: Inches;
}

export interface LayOrder {
  readonly units: readonly LayUnit[];
  readonly groups: readonly FoldGroup[];
  readonly cloth: Cloth;
}

const groupFor = ({ groups }: LayOrder, unit: LayUnit): FoldGroup =>
  certain(
    groups.find(({ id }) => id === unit.id),
    `group ${unit.id}`,
  );

const folded = ({ units }: LayOrder): readonly LayUnit[] => units.filter(({ on }) => on !== "single");
const lone = ({ units }: LayOrder): readonly LayUnit[] => units.filter(({ on }) => on === "single");

function refuse(unit: LayUnit, wanted: Inches, code: LayRefusal["code"] = "too-wide"): Result<never, LayRefusal> {
  return fail({ code, unit: unit.id, cloth: unit.cloth, wanted: wanted + 2 * SELVEDGE });
}

/** Every piece of the units on one fold; the refusal of the first that fits nowhere on it. */
function onOneFold(units: readonly LayUnit[], cloth: Cloth, fold: LayFold): Result<SectionPlan, LayRefusal> {
  const pieces: LayPiece[] = [];
  for (const unit of units) {
    const made = layPieces(unit, cloth, lanesOf(fold));
    if (made.some(({ stances }) => stances.length === 0)) {
      const whole = unitSize(unit).width;
      return refuse(unit, fold.kind === "open" ? (unit.on === "fold" ? 2 * whole : whole) : 2 * whole);
    }
    pieces.push(...made);
  }
  return succeed({ fold, pieces });
}

/** A group on a fold of its own; a pair too wide for the doubled cloth is cut twice from open cloth. */
function ownFold(order: LayOrder, unit: LayUnit): Result<SectionPlan, LayRefusal> {
  const usable = usableWidth(order.cloth);
  const need = widthNeed(groupFor(order, unit), unit);
  const doubled = doubledWidth(need, usable);
  if (doubled === null) {
    return unit.on === "pair" ? onOneFold([unit], order.cloth, openFold(usable)) : refuse(unit, 2 * need.least);
  }
  const fold = unit.layers === 4 ? foldFour(usable, doubled) : foldIn(usable, doubled);
  return onOneFold([unit], order.cloth, fold);
}

/** Lone pieces join the first stretch that leaves room beside its fold; others follow on open cloth. */
function addLone(order: LayOrder, sections: readonly SectionPlan[]): Result<readonly SectionPlan[], LayRefusal> {
  const result = [...sections];
  const rest: LayUnit[] = [];
  for (const unit of lone(order)) {
    const at = result.findIndex(({ fold }) => fold.beside >= unitSize(unit).width + 0.125);
    const section = result[at];
    if (section === undefined) rest.push(unit);
    else {
      const beside = lanesOf(section.fold).filter(({ layers }) => layers === 1);
      result[at] = { ...section, pieces: [...section.pieces, ...layPieces(unit, order.cloth, beside)] };
    }
  }
  if (rest.length === 0) return succeed(result);
  const open = onOneFold(rest, order.cloth, openFold(usableWidth(order.cloth)));
  return open.ok ? succeed([...result, open.value]) : open;
}

/** Which small pieces lie on what is left beside a larger one, by the id of that one. */
function smallsBeside(order: LayOrder): ReadonlyMap<string, string> {
  const usable = usableWidth(order.cloth);
  const need = (unit: LayUnit) => widthNeed(groupFor(order, unit), unit).wanted;
  const mains = folded(order).filter(({ small, layers }) => !small && layers === 2);
  return placeOnLeftOvers(
    mains.map((unit) => ({ id: unit.id, beside: usable - 2 * need(unit), length: unitSize(unit).height })),
    folded(order)
      .filter(({ small }) => small)
      .map((unit) => ({ id: unit.id, doubled: need(unit), length: unitSize(unit).height })),
    usable,
  );
}

/** A group on its fold, and small ones on a second fold from the other side of the same stretch. */
function withSmalls(order: LayOrder, own: SectionPlan, main: LayUnit, smalls: readonly LayUnit[]) {
  if (smalls.length === 0 || own.fold.kind !== "one-fold") return succeed(own);
  const second = Math.max(...smalls.map((unit) => widthNeed(groupFor(order, unit), unit).wanted));
  const fold = foldBoth(usableWidth(order.cloth), own.fold.doubled, second);
  return onOneFold([main, ...smalls], order.cloth, fold);
}

function inTurn(order: LayOrder): Result<readonly SectionPlan[], LayRefusal> {
  const sections: SectionPlan[] = [];
  const beside = smallsBeside(order);
  for (const unit of folded(order).filter(({ id }) => !beside.has(id))) {
    const own = ownFold(order, unit);
    if (!own.ok) return own;
    const smalls = folded(order).filter(({ id }) => beside.get(id) === unit.id);
    const made = withSmalls(order, own.value, unit, smalls);
    if (!made.ok) return made;
    sections.push(made.value);
  }
  return addLone(order, sections);
}

/** Widths at which it makes sense to fold: one group's own, where all narrower ones fit too. */
function foldWidths(order: LayOrder): readonly Inches[] {
  const usable = usableWidth(order.cloth);
  const wanted = folded(order).flatMap((unit) => doubledWidth(widthNeed(groupFor(order, unit), unit), usable) ?? []);
  return [...new Set(wanted)].sort((a, b) => b - a);
}

function sectionsFor(order: LayOrder, way: LayWay): readonly Result<readonly SectionPlan[], LayRefusal>[] {
  const usable = usableWidth(order.cloth);
  const whole = (fold: LayFold): Result<readonly SectionPlan[], LayRefusal> => {
    const made = onOneFold(order.units, order.cloth, fold);
    return made.ok ? succeed([made.value]) : made;
  };
  switch (way) {
    case "in-turn":
      return [inTurn(order)];
    case "one-fold":
      return foldWidths(order)
        .slice(0, 1)
        .filter((doubled) => doubled < usable / 2)
        .map((doubled) => whole(foldIn(usable, doubled)));
    case "selvedges":
      return [whole(foldIn(usable, usable / 2))];
    case "gate":
      return foldWidths(order)
        .filter((doubled) => doubled < usable / 2)
        .map((doubled) => whole(foldGate(usable, doubled)));
    case "open":
      return [whole(openFold(usable))];
    default:
      return way satisfies never;
  }
}

/**
 * The stretches of cloth for a garment laid in a way; several where the fold may be made in more than one width.
 *
 * @returns at least one, or the refusal: which piece is too wide, and the width that would do
 */
export function planSections(order: LayOrder, way: LayWay): Result<readonly (readonly SectionPlan[])[], LayRefusal> {
  const four = order.units.find(({ together }) => together);
  if (four !== undefined && way !== "in-turn") return refuse(four, 0, "not-this-fold");
  const all = sectionsFor(order, way);
  const made = all.flatMap((result) => (result.ok ? [result.value] : []));
  if (made.length > 0) return succeed(made);
  const refused = all.flatMap((result) => (result.ok ? [] : result.issues));
  const [first] = refused;
  if (first !== undefined) return fail(first);
  const widest = certain([...folded(order), ...order.units][0], "a unit to lay");
  return refuse(widest, 2 * unitSize(widest).width);
}

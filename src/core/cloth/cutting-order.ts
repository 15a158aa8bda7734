import type { ChalkStep, Draft, Piece } from "../chalk";
import type { Inches } from "../length";
import { certain } from "../result";
import { afterCut, countPieces } from "./after-cut";
import { type FoldGroup, fullerArmhole, isShared, timesFolded, wholeOf } from "./fold-plan";
import { foldAgain, foldLeftOver, prepareStep, prepareSteps, workingGroups, workingSteps } from "./folding-steps";
import { ringSteps } from "./ring-steps";
import {
  closeLast,
  cutEdges,
  cutOutlines,
  cutPanels,
  openFold,
  outlineEdges,
  type ShearsOrder,
  withMovements,
} from "./shears";
import { chalkStep, handStep, type StepPlace, shortName, type TableStep } from "./steps";
import { smallGroupsBeside } from "./yardage";

/** Edges that differ between front and back, with the marks they run through: cut once through both, re-cut on one alone. */
interface Recut {
  readonly roles: ReadonlySet<string>;
  readonly marks: ReadonlySet<string>;
}

const ARMHOLE: Recut = { roles: new Set(["armhole"]), marks: new Set(["armhole-middle"]) };
/** The front's own, whichever armhole is the fuller: its neck, and its slit with where that stops. */
const NECK: Recut = {
  roles: new Set(["neck", "centre"]),
  marks: new Set(["centre-neck-depth", "top-neck", "edge-neck", "centre-slit-end"]),
};
const NECK_AND_ARMHOLE: Recut = {
  roles: new Set([...NECK.roles, ...ARMHOLE.roles]),
  marks: new Set([...NECK.marks, ...ARMHOLE.marks]),
};

/** What is re-cut on either piece after separating: the fuller armhole is the one that is cut through both. */
function recutOf(front: Piece, back: Piece): { readonly front: Recut; readonly back: Recut | null } {
  return fullerArmhole(front, back) === "front"
    ? { front: NECK, back: ARMHOLE }
    : { front: NECK_AND_ARMHOLE, back: null };
}
/** Every chalk step in front of the joining of edges: marks and lines that an edge needs come before it. */
function chalkSteps(place: StepPlace, steps: readonly ChalkStep[]): readonly TableStep[] {
  return steps.map((step) => chalkStep(place, step));
}

/** How a garment's steps are ordered beyond its folds. */
export interface TableOrder {
  readonly shears: ShearsOrder;
  /** Whether the front's own neck and armhole are chalked with the back's, and cut once it is lifted away. */
  readonly frontWithBack: boolean;
  /** Whether a piece is cut off the cloth and halved before anything is folded. */
  readonly workingPiece: boolean;
  /** 1, or ½ for practice. */
  readonly scale: number;
}

function orderOf({ given }: Draft): TableOrder {
  return {
    shears: given.rules.shearsOrder.value === "neck-last" ? "neck-last" : "neck-first",
    frontWithBack: given.choices.frontCurves !== "after-separating",
    workingPiece: given.choices.workingPiece === true,
    scale: Number(given.choices.scale ?? 1),
  };
}

/** Cut steps of one piece, its fold opened last. */
function cutSteps(place: StepPlace, shears: ShearsOrder, mustNotCut: readonly string[]): readonly TableStep[] {
  return [...cutOutlines([place], shears, mustNotCut, (_, step) => step), ...openFold(place)];
}

/** Before the first cut of a group the chalk is measured. */
function checkStep(place: StepPlace, pieces: readonly Piece[]): TableStep {
  return handStep(place, "check", "check", { kind: "check", pieces: pieces.map(({ id }) => id) });
}

/** What is chalked round cut pieces has no net lines to measure. */
function checkSteps(place: StepPlace, pieces: readonly Piece[]): readonly TableStep[] {
  const traced = pieces.every(({ steps }) => steps.some(({ act }) => act.kind === "round"));
  return traced ? [] : [checkStep(place, pieces)];
}

/** A strip lies alone and is cut out along all its edges at once. */
function cutOutStep(place: StepPlace): TableStep {
  return handStep(place, "cut", "cut-out", { kind: "cut-out", edges: place.piece.edges.map(({ id }) => id) });
}

/** A folded band is folded in and pinned before the neck and the hem are cut, so that its turning mirrors them (craft: front bands). */
function bandSteps(place: StepPlace): readonly TableStep[] {
  const band = place.piece.steps.find(({ act }) => act.kind === "centre-line" && act.turns !== undefined);
  if (band?.act.kind !== "centre-line" || band.act.turns === undefined) return [];
  const { foldIn, turns } = band.act;
  return [handStep(place, "fold", "fold-in-band", { kind: "fold-in-band", foldIn, turns, centre: band.reading })];
}

/** Whether two pieces' steps are the same thing to do on both: the same act on the same reading, each from its own centre. */
function isSameStep(one: ChalkStep, other: ChalkStep): boolean {
  return one.id === other.id && Math.abs(one.reading - other.reading) < 1e-6;
}

/** Steps of the front that are not done by chalking the back: done on the front alone, after separating. */
function frontOnly(front: Piece, back: Piece): readonly ChalkStep[] {
  return front.steps.filter((step) => !back.steps.some((other) => isSameStep(step, other)));
}

function isRecut(piece: Piece, step: ChalkStep, recut: Recut): boolean {
  const edgeId = "edge" in step.act ? step.act.edge : undefined;
  const role = piece.edges.find(({ id }) => id === edgeId)?.role;
  return role === undefined ? recut.marks.has(step.id) : recut.roles.has(role);
}

function recutReferences(piece: Piece, recut: Recut | null): readonly string[] {
  return recut === null ? [] : cutEdges(piece, [...recut.roles]).map((edge) => `${piece.id}/${edge}`);
}

/** What is chalked and cut again on one piece alone, after separating. */
function aloneSteps(
  place: StepPlace,
  piece: Piece,
  steps: readonly ChalkStep[],
  recut: Recut,
  shears: ShearsOrder,
): readonly TableStep[] {
  const alone: StepPlace = { group: place.group, piece, layers: 2 };
  const roles = shears === "neck-last" ? ["armhole", "neck", "centre"] : ["neck", "armhole", "centre"];
  const cuts = cutEdges(
    piece,
    roles.filter((role) => recut.roles.has(role)),
  ).map((edge) => handStep(alone, "cut", `re-cut-${edge}`, { kind: "re-cut", edges: [edge] }));
  return [
    ...chalkSteps(
      alone,
      steps.filter((step) => isRecut(piece, step, recut)),
    ),
    ...cuts,
  ];
}

/** The "separate first" stop and what is done on the front alone after it. */
function separateSteps(
  place: StepPlace,
  front: Piece,
  steps: readonly ChalkStep[],
  recut: Recut,
  shears: ShearsOrder,
): readonly TableStep[] {
  const alone: StepPlace = { group: place.group, piece: front, layers: 2 };
  const stop: TableStep = {
    ...handStep(
      alone,
      "cut",
      "separate",
      { kind: "separate", keep: front.id },
      { stopUntil: "separated", mustNotCut: recutReferences(front, recut) },
    ),
    id: "separate-front",
  };
  return [stop, ...aloneSteps(place, front, steps, recut, shears)];
}

/** Steps of pieces chalked from one fold; ids of an outer panel's own cuts carry its name. */
function oneFold(
  group: FoldGroup,
  pieces: readonly Piece[],
  prepare: readonly TableStep[],
  order: TableOrder,
): readonly TableStep[] {
  const places = pieces.map((piece): StepPlace => ({ group: group.id, piece, layers: group.layers }));
  const first = certain(places[0], "a piece in the group");
  if (group.fold === "single")
    return [
      ...prepare,
      ...chalkSteps(first, first.piece.steps),
      checkStep(first, pieces),
      cutOutStep(first),
      ...afterCut(first, order.scale),
    ];
  const own = (place: StepPlace, step: TableStep): TableStep =>
    place === first ? step : { ...step, id: `${step.id}-${shortName(place.piece)}` };
  const panels = cutPanels(places, own);
  const apart = panels.flatMap(({ piece, act }) =>
    act.kind === "cut" ? act.edges.map((edge) => `${piece}/${edge}`) : [],
  );
  const notches = places.flatMap((place) => afterCut(place, order.scale));
  const times = timesFolded(first.piece, group);
  const again = times > 1 ? [handStep(first, "cut", "cut-again", { kind: "cut-again", copies: times })] : [];
  const opening = [...openFold(first), ...again];
  return [
    ...prepare,
    ...places.flatMap((place) => chalkSteps(place, place.piece.steps)),
    ...checkSteps(first, pieces),
    ...places.flatMap((place) => bandSteps(place).map((step) => own(place, step))),
    ...cutOutlines(places, order.shears, apart, own),
    // What is cut apart carries all its marks first, on both parts; the fold is opened last.
    ...(panels.length === 0 ? [...opening, ...notches] : [...notches, ...panels, ...opening]),
  ];
}

function fourLayers(
  group: FoldGroup,
  front: Piece,
  back: Piece,
  usable: Inches,
  order: TableOrder,
): readonly TableStep[] {
  const place: StepPlace = { group: group.id, piece: back, layers: 4 };
  const recut = recutOf(front, back);
  const kept = [...recutReferences(front, recut.front), ...recutReferences(back, recut.back)];
  const cuts = cutSteps(place, order.shears, kept);
  const together = order.frontWithBack ? bothCurves(front, place, recut) : backFirst(front, place, recut);
  const left = order.frontWithBack ? [] : back.steps;
  return [
    ...foldAgain(group, place, usable, true),
    ...together,
    checkStep(place, [back, front]),
    ...(recut.back === null ? cuts : cuts.map((step) => nameEdges(step, "armhole", "front"))),
    ...separateSteps(
      place,
      front,
      frontOnly(front, back).filter((step) => !order.frontWithBack || isSlit(front, step)),
      recut.front,
      order.shears,
    ),
    ...(recut.back === null ? [] : aloneSteps(place, back, left, recut.back, order.shears)),
    ...afterCut({ ...place, layers: 2 }, order.scale),
    ...afterCut({ group: group.id, piece: front, layers: 2 }, order.scale),
  ];
}

/** A slit is chalked on the front alone, whatever is chalked with the back. */
function isSlit(front: Piece, step: ChalkStep): boolean {
  if (step.id === "centre-slit-end") return true;
  const edge = "edge" in step.act ? step.act.edge : undefined;
  return front.edges.some(({ id, role }) => id === edge && role === "centre");
}

/** Both necks and armholes chalked together: the front's own stay dotted until it is lifted away. */
function bothCurves(front: Piece, place: StepPlace, recut: ReturnType<typeof recutOf>): readonly TableStep[] {
  const own = frontOnly(front, place.piece).filter(
    (step) => isRecut(front, step, recut.front) || isArmhole(front, step),
  );
  return [
    ...chalkSteps(place, place.piece.steps),
    ...chalkSteps(
      { ...place, piece: front },
      own.filter((step) => !isSlit(front, step)),
    ),
  ];
}

function isArmhole(piece: Piece, step: ChalkStep): boolean {
  return isRecut(piece, step, ARMHOLE);
}

/** The back chalked alone; with the front's armhole where that is the fuller, and so is cut through all layers first. */
function backFirst(front: Piece, place: StepPlace, recut: ReturnType<typeof recutOf>): readonly TableStep[] {
  return recut.back === null ? chalkSteps(place, place.piece.steps) : chalkWithArmholeOf(front, place, recut.back);
}

/** The back chalked with the front's fuller armhole, which is cut through all layers first. */
function chalkWithArmholeOf(front: Piece, place: StepPlace, recut: Recut): readonly TableStep[] {
  return place.piece.steps.map((step) => {
    if (!isRecut(place.piece, step, recut)) return chalkStep(place, step);
    const counterpart = front.steps.find(({ id }) => id === step.id.replace(/^back-/, "front-"));
    if (counterpart === undefined) return chalkStep(place, step);
    const first = chalkStep({ ...place, piece: front }, counterpart);
    return { ...first, id: `${shortName(place.piece)}-first-${counterpart.id}` };
  });
}

/** Steps of the back that tracing the front does not give: what lies elsewhere on the back. */
function backOnly(front: Piece, back: Piece, recut: ReturnType<typeof recutOf>): readonly ChalkStep[] {
  const own = (step: ChalkStep) => recut.back !== null && isRecut(back, step, recut.back);
  const shared = (step: ChalkStep) => front.steps.some((other) => isSameStep(other, step));
  return back.steps.filter((step) => own(step) || (!isRecut(back, step, NECK_AND_ARMHOLE) && !shared(step)));
}

/**
 * Back from front: the front is chalked with the back's shallower neck and fuller armhole, cut, and laid with its fold
 * on the back's centre line; what differs on the back is chalked beside it; only after separating is the front re-cut.
 */
function backFromFront(
  groups: readonly FoldGroup[],
  front: Piece,
  back: Piece,
  order: TableOrder,
): readonly TableStep[] {
  const [first, second] = [certain(groups[0], "a front group"), certain(groups[1], "a back group")];
  const onFront: StepPlace = { group: first.id, piece: front, layers: 2 };
  const onBack: StepPlace = { group: second.id, piece: back, layers: 2 };
  const recut = recutOf(front, back);
  const kept = recutReferences(front, recut.front);
  const cuts = closeLast(cutSteps(onFront, order.shears, kept).filter((step) => !cutsCentre(front, step)));
  const asBack = recut.back === null ? cuts.map((step) => nameEdges(step, "armhole", "back")) : cuts;
  return [
    ...prepareSteps(first, onFront, true),
    ...front.steps.flatMap((step) => chalkWithBackShapes(onFront, step, back, recut.front)),
    checkStep(onFront, [front]),
    ...asBack.map((step) => nameEdges(step, "neck", "back")),
    ...prepareSteps(second, onBack, false),
    handStep(onBack, "chalk", "lay-on", { kind: "lay-on", traced: front.id }),
    handStep(
      onBack,
      "chalk",
      "trace",
      { kind: "trace", edges: outlineEdges(back, order.shears) },
      { mustNotCut: kept },
    ),
    ...chalkSteps(onBack, backOnly(front, back, recut)),
    checkStep(onBack, [back]),
    ...cutSteps(onBack, order.shears, kept),
    ...separateSteps(onFront, front, frontOnly(front, back), recut.front, order.shears),
    ...afterCut(onBack, order.scale),
    ...afterCut(onFront, order.scale),
  ];
}

/** A slit is the front's own: cut while the front is only traced round, it would be cut twice. */
function cutsCentre(front: Piece, { act }: TableStep): boolean {
  const centres = front.edges.filter(({ role }) => role === "centre").map(({ id }) => id);
  return act.kind === "cut" && act.edges.some((edge) => centres.includes(edge));
}

/** On the front the back's own neck and armhole are chalked first; the front's, and its slit, follow after separating. */
function chalkWithBackShapes(place: StepPlace, step: ChalkStep, back: Piece, recut: Recut): readonly TableStep[] {
  if (!isRecut(place.piece, step, recut)) return [chalkStep(place, step)];
  const counterpart = back.steps.find(({ id }) => id === step.id.replace(/^front-/, "back-"));
  if (counterpart === undefined) return [];
  const first = chalkStep({ ...place, piece: back }, counterpart);
  return [{ ...first, id: `${shortName(place.piece)}-first-${counterpart.id}` }];
}

/** A cut that follows the other piece's neck or armhole is called by that. */
function nameEdges(step: TableStep, edge: "neck" | "armhole", of: "front" | "back"): TableStep {
  if (step.act.kind !== "cut") return step;
  const other = of === "front" ? "back" : "front";
  return {
    ...step,
    act: { ...step.act, edges: step.act.edges.map((id) => (id === `${other}-${edge}` ? `${of}-${edge}` : id)) },
  };
}

/**
 * Every step from the folding to the last notch, in the order in which the hand works (craft: cloth).
 *
 * @param usable width of the cloth between its selvedges: four layers too wide for it are folded end to end
 */
export function orderSteps(draft: Draft, groups: readonly FoldGroup[], usable: Inches): readonly TableStep[] {
  const piece = (id: string): Piece =>
    certain(
      draft.pieces.find((found) => found.id === id),
      `piece ${id}`,
    );
  const half = (side: "front" | "back"): Piece => certain(wholeOf(draft, side), `a whole ${side}`);
  const shared = groups.filter(isShared);
  const own = groups.filter((group) => !shared.includes(group));
  const order = orderOf(draft);
  const working = shared.length === 0 && order.workingPiece ? workingGroups(own, piece) : null;
  const beside = smallGroupsBeside(draft.pieces, groups, usable);
  const foldingOf = (group: FoldGroup, place: StepPlace, first: boolean) => {
    // What lies single is laid on whatever cloth is left; only where it comes first is the cloth prepared for it.
    if (group.fold === "single") return first ? [prepareStep(place)] : [];
    const host = beside.get(group.id);
    if (host !== undefined) return [foldLeftOver(group, place, host)];
    if (group.fold === "four-layers") return foldAgain(group, place, usable, first);
    return working === null ? prepareSteps(group, place, first) : workingSteps(working, group, place, first);
  };
  const alone = own.flatMap((group, index) => {
    const pieces = group.pieces.map(piece);
    const first = index === 0 && shared.length === 0;
    const place: StepPlace = { group: group.id, piece: certain(pieces[0], "a piece"), layers: group.layers };
    if (group.fold === "across" || group.fold === "quarter") return ringSteps(group, place.piece, order.scale);
    const folding = foldingOf(group, place, first);
    return oneFold(group, pieces, folding, order);
  });
  const [first] = shared;
  const together =
    first === undefined
      ? []
      : first.fold === "four-layers"
        ? fourLayers(first, half("front"), half("back"), usable, order)
        : backFromFront(shared, half("front"), half("back"), order);
  const work = withStops(withMovements([...together, ...alone]));
  const [begin] = work;
  if (begin === undefined) return work;
  const place: StepPlace = { group: begin.group, piece: piece(begin.piece), layers: begin.layers };
  const style = { ...handStep(place, "style", "style", { kind: "style" }), id: "style" };
  const count = {
    ...handStep({ ...place, layers: 2 }, "count", "count", { kind: "count", pieces: countPieces(draft.pieces) }),
    id: "count",
  };
  return [style, ...work, count];
}

/** Folding waits for the picture to be agreed, the shears for the chalk to be measured. */
function withStops(steps: readonly TableStep[]): readonly TableStep[] {
  const measured = new Set(steps.filter(({ phase }) => phase === "check").map(({ group }) => group));
  return steps.map((step) => {
    if (step.stopUntil !== null) return step;
    if (step.phase === "fold" && step.act.kind !== "fold-in-band") return { ...step, stopUntil: "style-agreed" };
    return step.phase === "cut" && measured.has(step.group) ? { ...step, stopUntil: "checked" } : step;
  });
}

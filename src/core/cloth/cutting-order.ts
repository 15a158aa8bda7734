import type { ChalkStep, Draft, Edge, Piece } from "../chalk";
import { pathEnd, pathLength } from "../geometry";
import type { Inches } from "../length";
import { certain } from "../result";
import { type FoldGroup, fullerArmhole } from "./fold-plan";
import { foldFour } from "./lay-fold";
import { chalkStep, type HandAct, handStep, type StepPlace, shortName, type TableStep } from "./steps";

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
/** The order of the shears: what would be lost by a slip comes last (craft: cloth, cutting order). */
const CUT_ORDER = ["neck", "shoulder", "armhole", "join", "side", "waist", "hem", "centre"] as const;

/** Every chalk step in front of the joining of edges: marks and lines that an edge needs come before it. */
function chalkSteps(place: StepPlace, steps: readonly ChalkStep[]): readonly TableStep[] {
  return steps.map((step) => chalkStep(place, step));
}

/** A fold is never cut along, and a centre whose cutting line is the folded edge itself is cut open with the fold. */
function isCut(piece: Piece, edge: Edge): boolean {
  if (edge.onFold) return false;
  return edge.role !== "centre" || edge.cut === undefined || piece.origin === "fold";
}

function cutEdges(piece: Piece, roles: readonly string[]): readonly string[] {
  return roles.flatMap((role) =>
    piece.edges.filter((edge) => edge.role === role && isCut(piece, edge)).map((edge) => edge.id),
  );
}

/** Cut steps of a piece edge by edge; the fold is cut open last, where the centre is a seam. */
function cutSteps(place: StepPlace, mustNotCut: readonly string[]): readonly TableStep[] {
  const edges = cutEdges(place.piece, CUT_ORDER);
  const cuts = edges.map((edge, index) =>
    handStep(
      place,
      "cut",
      `cut-${edge}`,
      { kind: "cut", edges: [edge], closing: index === edges.length - 1 },
      { mustNotCut },
    ),
  );
  const opens = place.piece.cut.on === "pair" && place.piece.drawnWith === null && place.piece.origin !== "fold";
  return opens ? [...cuts, handStep(place, "cut", "open", { kind: "open-fold" })] : cuts;
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

/** Panels are cut apart last, when every mark is on both of them. */
function partSteps(place: StepPlace): readonly TableStep[] {
  return cutEdges(place.piece, ["panel"]).map((edge) =>
    handStep(place, "cut", `cut-${edge}`, { kind: "cut", edges: [edge], closing: false }),
  );
}

/** A length along an edge from its upper end, whichever way the edge is walked. */
function fromUpperEnd(edge: Edge, at: Inches): Inches {
  return edge.stitch.start.y > pathEnd(edge.stitch).y + 1 ? pathLength(edge.stitch) - at : at;
}

function notchSteps(place: StepPlace): readonly TableStep[] {
  // Two pieces of one group each have their notches: the step's id carries the piece, not the group.
  const own = { ...place, group: shortName(place.piece) };
  const notches = place.piece.notches.map((notch) => {
    const edge = certain(
      place.piece.edges.find(({ id }) => id === notch.edge),
      `edge ${notch.edge}`,
    );
    const centre = edge.role === "centre";
    const twice = place.piece.notches.filter(({ id }) => id === notch.id).length > 1;
    return handStep(own, "notch", twice ? `notch-${notch.id}-${notch.edge}` : `notch-${notch.id}`, {
      kind: "notch",
      notch: notch.id,
      edge: notch.edge,
      at: centre ? notch.point.y : fromUpperEnd(edge, notch.at),
      from: centre ? "top-line" : "edge-start",
    });
  });
  return [...notches, handStep(own, "notch", "name", { kind: "name", name: place.piece.name })].map((step) => ({
    ...step,
    group: place.group,
  }));
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
function aloneSteps(place: StepPlace, piece: Piece, steps: readonly ChalkStep[], recut: Recut): readonly TableStep[] {
  const alone: StepPlace = { group: place.group, piece, layers: 2 };
  const cuts = cutEdges(piece, [...recut.roles]).map((edge) =>
    handStep(alone, "cut", `re-cut-${edge}`, { kind: "re-cut", edges: [edge] }),
  );
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
  return [stop, ...aloneSteps(place, front, steps, recut)];
}

/** How the cloth is made to lie for a group: folded for it alone, or for the whole garment when its first group is chalked. */
function foldAct({ way, foldedWidth, length }: FoldGroup, isFirst: boolean): HandAct {
  if (way === "in-turn") return { kind: "fold-in", foldedWidth, length };
  if (way === "open") return { kind: "lie-open" };
  if (!isFirst) return { kind: "along-fold" };
  switch (way) {
    case "one-fold":
      return { kind: "fold-in", foldedWidth, length };
    case "selvedges":
      return { kind: "fold-selvedges" };
    case "gate":
      return { kind: "fold-gate", foldedWidth };
    default:
      return way satisfies never;
  }
}

function prepareSteps(group: FoldGroup, place: StepPlace, isFirst: boolean): readonly TableStep[] {
  const fold = foldAct(group, isFirst);
  const folding = handStep(place, "fold", fold.kind === "along-fold" ? "along-fold" : "fold-in", fold);
  return isFirst || group.way === "in-turn"
    ? [handStep(place, "fold", "prepare", { kind: "prepare" }), folding]
    : [folding];
}

/** Steps of pieces chalked from one fold; ids of an outer panel's own cuts carry its name. */
function oneFold(group: FoldGroup, pieces: readonly Piece[], isFirst: boolean): readonly TableStep[] {
  const places = pieces.map((piece): StepPlace => ({ group: group.id, piece, layers: group.layers }));
  const first = certain(places[0], "a piece in the group");
  if (group.fold === "single")
    return [...chalkSteps(first, first.piece.steps), cutOutStep(first), ...notchSteps(first)];
  const ownId = (place: StepPlace, step: TableStep): TableStep =>
    place === first ? step : { ...step, id: `${step.id}-${shortName(place.piece)}` };
  const each = (make: (place: StepPlace) => readonly TableStep[]) =>
    places.flatMap((place) => make(place).map((step) => ownId(place, step)));
  return [
    ...prepareSteps(group, first, isFirst),
    ...places.flatMap((place) => chalkSteps(place, place.piece.steps)),
    ...each(bandSteps),
    ...each((place) => cutSteps(place, [])),
    ...each(partSteps),
    ...places.flatMap(notchSteps),
  ];
}

function fourLayers(group: FoldGroup, front: Piece, back: Piece, usable: Inches): readonly TableStep[] {
  const place: StepPlace = { group: group.id, piece: back, layers: 4 };
  const { endToEnd } = foldFour(usable, group.foldedWidth);
  const folded = endToEnd ? { ...group, length: 2 * group.length } : group;
  const again = handStep(place, "fold", "fold-again", {
    kind: "fold-again",
    foldedWidth: group.foldedWidth,
    endToEnd,
  });
  const recut = recutOf(front, back);
  const kept = [...recutReferences(front, recut.front), ...recutReferences(back, recut.back)];
  const first = recut.back === null ? chalkSteps(place, back.steps) : chalkWithArmholeOf(front, place, recut.back);
  const cuts = cutSteps(place, kept);
  return [
    ...prepareSteps(folded, place, true),
    again,
    ...first,
    ...(recut.back === null ? cuts : cuts.map((step) => nameEdges(step, "armhole", "front"))),
    ...separateSteps(place, front, frontOnly(front, back), recut.front),
    ...(recut.back === null ? [] : aloneSteps(place, back, back.steps, recut.back)),
    ...notchSteps({ ...place, layers: 2 }),
    ...notchSteps({ group: group.id, piece: front, layers: 2 }),
  ];
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
function backFromFront(groups: readonly FoldGroup[], front: Piece, back: Piece): readonly TableStep[] {
  const [first, second] = [certain(groups[0], "a front group"), certain(groups[1], "a back group")];
  const onFront: StepPlace = { group: first.id, piece: front, layers: 2 };
  const onBack: StepPlace = { group: second.id, piece: back, layers: 2 };
  const recut = recutOf(front, back);
  const kept = recutReferences(front, recut.front);
  const cuts = closeLast(cutSteps(onFront, kept).filter((step) => !cutsCentre(front, step)));
  const asBack = recut.back === null ? cuts.map((step) => nameEdges(step, "armhole", "back")) : cuts;
  return [
    ...prepareSteps(first, onFront, true),
    ...front.steps.flatMap((step) => chalkWithBackShapes(onFront, step, back, recut.front)),
    ...asBack.map((step) => nameEdges(step, "neck", "back")),
    ...prepareSteps(second, onBack, false),
    handStep(onBack, "chalk", "lay-on", { kind: "lay-on", traced: front.id }),
    handStep(onBack, "chalk", "trace", { kind: "trace", edges: cutEdges(back, CUT_ORDER) }, { mustNotCut: kept }),
    ...chalkSteps(onBack, backOnly(front, back, recut)),
    ...cutSteps(onBack, kept),
    ...separateSteps(onFront, front, frontOnly(front, back), recut.front),
    ...notchSteps(onBack),
    ...notchSteps(onFront),
  ];
}

/** A slit is the front's own: cut while the front is only traced round, it would be cut twice. */
function cutsCentre(front: Piece, { act }: TableStep): boolean {
  const centres = front.edges.filter(({ role }) => role === "centre").map(({ id }) => id);
  return act.kind === "cut" && act.edges.some((edge) => centres.includes(edge));
}

/** The last of some cuts is where the hand looks under the cloth. */
function closeLast(cuts: readonly TableStep[]): readonly TableStep[] {
  return cuts.map((step, index) =>
    step.act.kind === "cut" ? { ...step, act: { ...step.act, closing: index === cuts.length - 1 } } : step,
  );
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
  const shared = groups.filter(({ fold }) => fold === "four-layers" || fold === "back-from-front");
  const own = groups.filter((group) => !shared.includes(group));
  const alone = own.flatMap((group, index) =>
    oneFold(group, group.pieces.map(piece), index === 0 && shared.length === 0),
  );
  const [first] = shared;
  if (first === undefined) return alone;
  const [front, back] = [piece("bodice-front"), piece("bodice-back")];
  const together =
    first.fold === "four-layers" ? fourLayers(first, front, back, usable) : backFromFront(shared, front, back);
  return [...together, ...alone];
}

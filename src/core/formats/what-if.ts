import {
  chooseWay,
  type LayPlan,
  type LayRefusal,
  type LayWay,
  suffices,
  tryWays,
  type WayAnswer,
  type WayChoice,
} from "../cloth";
import type { Inches } from "../length";
import type { Result } from "../result";
import { type ClothQuestion, type LayQuestion, readLayQuestion } from "./lay-question";
import { type OrderPatch, patchOrder } from "./order-patch";

/** A change to an order that may save cloth, told by what it is; its sentence is in wording. */
export interface ClothChange {
  readonly kind: "way" | "fold" | "turned" | "other-cloth" | "back-seam" | "less-flare" | "shorter";
  /** What is changed, for the sentence: a way, a fold, a piece, a choice. */
  readonly what: string;
  /** By how much, in inches; 0 where that says nothing. */
  readonly by: Inches;
}

/** What a change would do. */
export interface WhatIf {
  readonly change: ClothChange;
  readonly patch: OrderPatch;
  readonly used: Inches;
  readonly saves: Inches;
  readonly fits: boolean;
}

/** Steps of looking at each way before it is told what it takes. */
export const ANSWER_STEPS = 16;
/** Less than this is not worth a change. */
const LEAST_SAVING: Inches = 0.5;

type Tried = readonly [ClothChange, OrderPatch];

function turnedPieces({ read }: LayQuestion): readonly Tried[] {
  return read.cloths.main.oneWay ? [[{ kind: "turned", what: "", by: 0 }, { oneWay: false }]] : [];
}

function otherFolds({ read }: LayQuestion): readonly Tried[] {
  const offered = read.garment.choices.fold;
  if (offered?.kind !== "option") return [];
  return Object.keys(offered.options)
    .filter((fold) => fold !== read.fold)
    .map((fold) => [{ kind: "fold", what: fold, by: 0 }, { choices: { fold } }]);
}

/** Strips and other lone pieces may come from the contrast. */
function fromOtherCloth({ read }: LayQuestion, main: ClothQuestion): readonly Tried[] {
  const already = read.order.lay?.elsewhere ?? [];
  return main.lay.units
    .filter(({ on }) => on === "single")
    .map(({ id, pieces }) => [{ kind: "other-cloth", what: id, by: 0 }, { elsewhere: [...already, ...pieces] }]);
}

function backSeam({ read }: LayQuestion): readonly Tried[] {
  const { opening, centreBackSeam } = read.garment.choices;
  const change: ClothChange = { kind: "back-seam", what: "", by: 0 };
  if (centreBackSeam?.kind === "flag" && read.given.choices.centreBackSeam === false)
    return [[change, { choices: { centreBackSeam: true } }]];
  if (opening?.kind !== "option" || !("back-zip" in opening.options) || read.given.choices.opening === "back-zip")
    return [];
  return [[change, { choices: { opening: "back-zip" } }]];
}

/** A length choice made smaller, or greater, step by step as far as its range goes. */
function steppedChoice(
  { read }: LayQuestion,
  kind: ClothChange["kind"],
  id: string,
  steps: readonly number[],
): readonly Tried[] {
  const choice = read.garment.choices[id];
  const now = read.given.choices[id];
  if (choice?.kind !== "length" || typeof now !== "number") return [];
  return steps
    .filter((step) => now + step >= choice.range[0] && now + step <= choice.range[1])
    .map((step) => [{ kind, what: id, by: Math.abs(step) }, { choices: { [id]: `${now + step} in` } }]);
}

function changesFor(question: LayQuestion, main: ClothQuestion): readonly Tried[] {
  const less = [-1, -2, -4];
  return [
    ...otherFolds(question),
    ...turnedPieces(question),
    ...fromOtherCloth(question, main),
    ...backSeam(question),
    ...steppedChoice(question, "less-flare", "panelFlare", less),
    ...steppedChoice(question, "less-flare", "hemExtra", less),
    ...steppedChoice(question, "shorter", "shorterBy", [1, 2, 3, 4]),
    ...steppedChoice(question, "shorter", "belowHip", [-1, -2, -3]),
  ];
}

export function mainCloth({ cloths }: LayQuestion): ClothQuestion | undefined {
  return cloths.find(({ id }) => id === "main");
}

/** The shortest lay that the core finds for a question's main cloth; null when it fits in no way. */
function shortestLay(question: LayQuestion): LayPlan | null {
  const main = mainCloth(question);
  if (main === undefined) return null;
  const laid = tryWays(main.lay, "main", ANSWER_STEPS).flatMap((answer) => ("plan" in answer ? [answer.plan] : []));
  return laid.sort((a, b) => a.used - b.used)[0] ?? null;
}

function tryChange(question: LayQuestion, [change, patch]: Tried, before: Inches): readonly WhatIf[] {
  const changed = readLayQuestion(patchOrder(question.read.order, patch));
  const plan = changed.ok ? shortestLay(changed.value) : null;
  if (!changed.ok || plan === null || before - plan.used < LEAST_SAVING) return [];
  const fits = suffices(plan.used, changed.value.read.cloths.main);
  return [{ change, patch: { ...patch, way: plan.way }, used: plan.used, saves: before - plan.used, fits }];
}

/**
 * The changes that would make a garment need less of its main cloth, cheapest look first (craft: when the cloth is given):
 * another way to fold, another fold for front and back, turned pieces, strips from other cloth, a seam at the centre
 * back, less flare, shorter.
 *
 * @param way how it is folded now
 * @param used what that takes; infinite when it does not fit the width at all
 * @param answers what every way takes, where that was asked already
 * @yields each change that saves something, as it is found
 */
export function* findWhatIfs(
  question: LayQuestion,
  way: LayWay,
  used: Inches,
  answers?: readonly WayAnswer[],
): Generator<WhatIf, void> {
  const main = mainCloth(question);
  if (main === undefined) return;
  let shortest = used;
  for (const answer of answers ?? tryWays(main.lay, main.id, ANSWER_STEPS)) {
    if (answer.way === way || !("plan" in answer) || used - answer.plan.used < LEAST_SAVING) continue;
    shortest = Math.min(shortest, answer.plan.used);
    const fits = suffices(answer.plan.used, main.lay.cloth);
    const saves = used - answer.plan.used;
    yield {
      change: { kind: "way", what: answer.way, by: 0 },
      patch: { way: answer.way },
      used: answer.plan.used,
      saves,
      fits,
    };
  }
  // Another change must do better than another fold alone.
  for (const tried of changesFor(question, main)) {
    for (const found of tryChange(question, tried, shortest)) {
      yield { ...found, saves: used - found.used };
    }
  }
}

/** What a garment takes on one width, laid as the core would fold; the refusal of the piece that is too wide for it. */
export function bestOnWidth(main: ClothQuestion, width: Inches): Result<WayChoice, LayRefusal> {
  const cloth = { ...main.lay.cloth, width, length: null, spots: [] };
  return chooseWay(tryWays({ ...main.lay, cloth }, main.id, ANSWER_STEPS));
}

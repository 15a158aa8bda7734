import {
  afterShrinking,
  checkLay,
  chooseWay,
  findLeftOver,
  improveLay,
  type LayPlan,
  type LayWork,
  purchase,
  readLay,
  resumeLay,
  ruleOfThumb,
  startLay,
  suffices,
  tryWays,
  usableWidth,
  usualWidths,
  type WayAnswer,
} from "../core/cloth";
import {
  ANSWER_STEPS,
  bestOnWidth,
  type ClothQuestion,
  findWhatIfs,
  type LayQuestion,
  readLayQuestion,
} from "../core/formats";
import { pickSystem } from "../core/length";
import type { LayReport, LayRequest, ShownLay, WidthLine } from "./lay-messages";

/** How long a lay is looked for before the worker rests, and how long when nothing better was found. */
const LONGEST_MS = 60_000;
const IDLE_MS = 15_000;
/** A lay that is so near to what no lay can beat is done. */
const NEAR_BOUND = 0.05;

type Tell = (report: LayReport) => void;

function findCloth(question: LayQuestion, request: { readonly cloth: string }): ClothQuestion | undefined {
  return question.cloths.find(({ id }) => id === request.cloth) ?? question.cloths[0];
}

function show({ lay, of }: ClothQuestion, plan: LayPlan, metric: boolean): ShownLay {
  const { cloth } = lay;
  return {
    plan,
    faults: checkLay(plan, cloth),
    left: findLeftOver(plan, usableWidth(cloth), Math.max(plan.used, cloth.length ?? 0)),
    purchase: purchase(plan.used, cloth, metric),
    given: cloth.length === null ? null : afterShrinking(cloth.length, cloth),
    fits: suffices(plan.used, cloth),
    of,
  };
}

/** Does what the page asks, a little at a time, and tells what came of it; `now` is the worker's clock in milliseconds. */
export function* workOn(request: LayRequest, tell: Tell, now: () => number): Generator<void, void> {
  if (request.kind === "lay") yield* layCloth(request, tell, now);
  if (request.kind === "answer") yield* answer(request, tell);
}

function* layCloth(
  request: Extract<LayRequest, { kind: "lay" }>,
  tell: Tell,
  now: () => number,
): Generator<void, void> {
  const question = readLayQuestion(request.order);
  if (!question.ok) return tell({ kind: "undrawable", message: question.issues.join(" ") });
  const cloth = findCloth(question.value, request);
  if (cloth === undefined) return;
  const started = startLay(cloth.lay, cloth.id, cloth.kept?.way ?? "in-turn", request.pins);
  if (!started.ok) return tell({ kind: "refused", refused: started.issues[0] as (typeof started.issues)[number] });
  const work = request.before.length > 0 ? resumeLay(started.value, request.before) : started.value;
  yield* improve(work, (plan) => show(cloth, plan, question.value.read.given.metric), tell, now);
}

/** Looks for better lays until it has looked long enough; a plan is shown only when the check finds nothing wrong with it. */
function* improve(
  work: LayWork,
  show: (plan: LayPlan) => ShownLay,
  tell: Tell,
  now: () => number,
): Generator<void, void> {
  const began = now();
  let lastBetter = began;
  let plan = readLay(work);
  tell({ kind: "plan", shown: show(plan) });
  while (now() - began < LONGEST_MS && now() - lastBetter < IDLE_MS && plan.used > plan.lowerBound + NEAR_BOUND) {
    const better = improveLay(work);
    if (better) {
      const next = readLay(work);
      const shown = show(next);
      if (shown.faults.length === 0) {
        plan = next;
        lastBetter = now();
        tell({ kind: "plan", shown });
      }
    }
    tell({ kind: "progress", seconds: (now() - began) / 1000, looking: true });
    yield;
  }
  tell({ kind: "progress", seconds: (now() - began) / 1000, looking: false });
}

function tellWays(question: LayQuestion, answers: readonly WayAnswer[], tell: Tell): void {
  const chosen = chooseWay(answers);
  tell({
    kind: "ways",
    ways: answers.map((one) => ({
      way: one.way,
      used: "plan" in one ? one.plan.used : null,
      refused: "refused" in one ? one.refused : null,
    })),
    chosen: chosen.ok ? chosen.value.way : null,
    why: chosen.ok ? chosen.value.why : null,
    saves: chosen.ok ? chosen.value.saves : 0,
    thumb: ruleOfThumb(question.draft),
  });
}

function* answer(request: Extract<LayRequest, { kind: "answer" }>, tell: Tell): Generator<void, void> {
  const question = readLayQuestion(request.order);
  if (!question.ok) return;
  const cloth = findCloth(question.value, request);
  if (cloth === undefined) return;
  const answers = tryWays(cloth.lay, cloth.id, ANSWER_STEPS);
  tellWays(question.value, answers, tell);
  yield;
  const { metric } = question.value.read.given;
  const widths: WidthLine[] = [];
  for (const usual of usualWidths) {
    const width = pickSystem(usual, metric);
    const best = bestOnWidth(cloth, width);
    const buy = (by: boolean) => (best.ok ? purchase(best.value.plan.used, cloth.lay.cloth, by) : null);
    widths.push({
      width,
      way: best.ok ? best.value.way : null,
      purchase: buy(metric),
      otherwise: buy(!metric),
      refused: best.ok ? null : (best.issues[0] ?? null),
    });
    yield;
  }
  tell({ kind: "widths", widths });
  if (cloth.id === "main") {
    const way = cloth.kept?.way ?? "in-turn";
    const now = answers.find((one) => one.way === way);
    const used = now !== undefined && "plan" in now ? now.plan.used : Number.POSITIVE_INFINITY;
    for (const found of findWhatIfs(question.value, way, used, answers)) {
      tell({ kind: "what-if", found });
      yield;
    }
  }
  tell({ kind: "answered" });
}

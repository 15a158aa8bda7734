import type { ClothId } from "../chalk";
import type { Inches } from "../length";
import { fail, type Result, succeed } from "../result";
import { improveLay, type LayPlan, readLay, startLay } from "./lay-plan";
import type { LayOrder, LayRefusal } from "./lay-sections";
import { type LayWay, layWays } from "./lay-way";

/** What a way of folding takes, or why it cannot be used. */
export type WayAnswer =
  | { readonly way: LayWay; readonly plan: LayPlan }
  | { readonly way: LayWay; readonly refused: LayRefusal };

/** A way that saves less than this is not worth another fold. */
const WORTH_IT: Inches = 3;

/** Lays a garment in every way, each improved for a number of steps. */
export function tryWays(order: LayOrder, cloth: ClothId, steps: number): readonly WayAnswer[] {
  return layWays.map((way): WayAnswer => {
    const started = startLay(order, cloth, way);
    if (!started.ok) return { way, refused: started.issues[0] as LayRefusal };
    for (let step = 0; step < steps * started.value.sections.length; step++) improveLay(started.value);
    return { way, plan: readLay(started.value) };
  });
}

/** Why a way was chosen: nothing else does, it saves cloth over folding for each piece, or that would save nothing. */
export interface WayChoice {
  readonly way: LayWay;
  readonly plan: LayPlan;
  readonly why: "only-way" | "saves" | "simplest";
  readonly saves: Inches;
}

/**
 * The way in which the core would fold: for each group in turn, as it is chalked, unless another saves cloth worth the
 * trouble.
 *
 * @returns the refusal of the piece that fits in no way, with the width that would do
 */
export function chooseWay(answers: readonly WayAnswer[]): Result<WayChoice, LayRefusal> {
  const laid = answers.flatMap((answer) => ("plan" in answer ? [answer] : []));
  const [shortest] = [...laid].sort((a, b) => a.plan.used - b.plan.used);
  if (shortest === undefined) return fail(leastWide(answers));
  const simple = laid.find(({ way }) => way === "in-turn");
  if (simple === undefined || laid.length === 1) return succeed({ ...shortest, why: "only-way", saves: 0 });
  const saves = simple.plan.used - shortest.plan.used;
  if (saves < WORTH_IT) return succeed({ ...simple, why: "simplest", saves: 0 });
  return succeed({ ...shortest, why: "saves", saves });
}

function leastWide(answers: readonly WayAnswer[]): LayRefusal {
  const refused = answers.flatMap((answer) =>
    "refused" in answer && answer.refused.code === "too-wide" ? [answer.refused] : [],
  );
  const [least] = refused.sort((a, b) => a.wanted - b.wanted);
  if (least === undefined) throw new Error("expected a refusal where nothing could be laid");
  return least;
}

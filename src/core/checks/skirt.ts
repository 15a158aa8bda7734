import { type Draft, piecesOf, ruleLength } from "../chalk";
import { pathEnd } from "../geometry";
import { both, type Inches, pickSystem, roundToStep } from "../length";
import type { Finding } from "./finding";
import { girthAtDepth, girthOn } from "./girths";

/** Where the knee's girth was not taken it is this share of the hip (craft: skirts, stride). */
const KNEE_OF_HIP = 0.36;
const GUESSED_TO = both(0.5, 1);
/** The calf's room is asked for from this far below the knee on. */
const BELOW_KNEE = both(7, 18);
/** Between hip line and this far below it nobody's step is short. */
const BELOW_HIP = both(4, 10);
/** The girth is compared at the hem and at every whole inch above it. */
const EVERY = both(1, 2);

/** The girth that a step needs at a depth below the waist: the finished hip there, room at the knee and more below it. */
interface Stride {
  readonly hipDown: Inches;
  readonly hip: Inches;
  readonly kneeDown: Inches;
  readonly atKnee: Inches;
  readonly calfDown: Inches;
  readonly atCalf: Inches;
}

function between(down: Inches, [from, low]: readonly [Inches, Inches], [to, high]: readonly [Inches, Inches]): Inches {
  return low + ((high - low) * (down - from)) / (to - from);
}

/** What a step needs round it at a depth. */
export function strideAt({ hipDown, hip, kneeDown, atKnee, calfDown, atCalf }: Stride, down: Inches): Inches {
  if (down <= kneeDown) return between(down, [hipDown, hip], [kneeDown, atKnee]);
  return down >= calfDown ? atCalf : between(down, [kneeDown, atKnee], [calfDown, atCalf]);
}

function strideOf(draft: Draft, hipDown: Inches): Stride | null {
  const { measurements, metric } = draft.given;
  const [body, kneeDown] = [measurements.hip?.value, measurements.waistToKnee?.value];
  if (body === undefined || kneeDown === undefined || kneeDown <= hipDown) return null;
  const knee = measurements.knee?.value ?? roundToStep(KNEE_OF_HIP * body, pickSystem(GUESSED_TO, metric));
  return {
    hipDown,
    hip: girthOn(draft, "hip", "skirt"),
    kneeDown,
    atKnee: knee + ruleLength(draft.given, "stride.knee"),
    calfDown: kneeDown + pickSystem(BELOW_KNEE, metric),
    atCalf: knee + ruleLength(draft.given, "stride.calf"),
  };
}

/** Whether one can walk: the drawn girth against what a step needs, from below the hip to the hem. */
function checkStride(draft: Draft): readonly Finding[] {
  const [front] = piecesOf(draft, "skirt");
  const hipDown = front?.lines.find(({ id }) => id === "hip")?.down;
  const hem = front?.edges.find(({ role }) => role === "hem");
  const stride = hipDown === undefined ? null : strideOf(draft, hipDown);
  if (hipDown === undefined || hem === undefined || stride === null) return [];
  const { metric, measurements } = draft.given;
  const words = { knee: measurements.knee === undefined ? "guessed" : "taken" };
  const lowest = Math.min(hem.stitch.start.y, pathEnd(hem.stitch).y) - 1e-6;
  const every = pickSystem(EVERY, metric);
  const first = hipDown + pickSystem(BELOW_HIP, metric);
  const count = Math.max(0, Math.floor((lowest - first) / every) + 1);
  const depths = [...Array.from({ length: count }, (_, index) => first + index * every), lowest];
  for (const down of depths) {
    const [girth, wanted] = [girthAtDepth(draft, down, down, "skirt"), strideAt(stride, down)];
    if (girth < wanted - 1e-6)
      return [
        {
          id: "stride",
          level: "caution",
          piece: front?.id ?? "",
          line: "hem",
          numbers: { down, girth, wanted },
          words,
        },
      ];
  }
  return [];
}

/** Whether a skirt can be worn and walked in (craft: skirts, stride). */
export function findSkirtProblems(draft: Draft): readonly Finding[] {
  return piecesOf(draft, "skirt").length === 0 ? [] : checkStride(draft);
}

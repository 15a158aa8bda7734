import type { SkirtHem } from "../../blocks";
import { bodyTerm, type Given, givenStep, refuse, type Sum, settleOnTape, type Term } from "../../chalk";
import { both, type Inches, pickSystem } from "../../length";
import type { SkirtForm } from "./skirt-form";

/** It opens this far above the knee; where no knee was taken, this far below the waist. */
const ABOVE_KNEE = both(5, 13);
const USUAL_DOWN = both(18, 45);
/** It opens no nearer to the hip line, nor to the hem. */
const BELOW_HIP = both(4, 10);
const ABOVE_HEM = both(6, 15);
/** The turn at the flare line is rounded from this far above it to this far below. */
const ROUNDED = both(2, 5);

/** Two places in centimetres that are one may differ by so much. */
const SLACK = 1e-9;

/** Whether the knee's height was read on this body: a guess of it is no better than the usual depth. */
function isTaken({ measurements }: Given): boolean {
  return measurements.waistToKnee !== undefined && measurements.waistToKnee.from !== "estimate";
}

/** Where a mermaid opens: above the knee, or as asked; refused too near to the hip or the hem. */
export function planFlareLine(given: Given, form: SkirtForm, hipDown: Inches, hemDown: Inches): Sum {
  const size = (bound: ReturnType<typeof both>) => pickSystem(bound, given.metric);
  const asked = form.flareLine;
  const style = (code: Term["code"], value: Inches): Term => ({
    code,
    kind: "style",
    value,
    source: "choice:flareLine",
  });
  const terms =
    asked !== "by-knee" || !isTaken(given)
      ? [style("flare-line-fixed", asked === "by-knee" ? size(USUAL_DOWN) : asked)]
      : [bodyTerm(given, "waistToKnee"), style("flare-above-the-knee", -size(ABOVE_KNEE))];
  const [least, most] = [hipDown + size(BELOW_HIP), hemDown - size(ABOVE_HEM)];
  const short = least > most + SLACK;
  const wanted = settleOnTape(given, terms);
  // By the knee it opens as low as this skirt lets it.
  const raised = asked === "by-knee" && wanted.value > most && !short;
  const kept: Term = {
    code: "kept-above-the-hem",
    kind: "drawn",
    value: most - wanted.value,
    source: "choice:flareLine",
  };
  const down = raised ? settleOnTape(given, [...wanted.terms, kept]) : wanted;
  if (down.value < least - SLACK || down.value > most + givenStep(given) / 2 + 1e-9)
    refuse({
      code: "flare-line-misplaced",
      conflicts: short ? ["measurements.skirtLength"] : ["choices.flareLine", "measurements.skirtLength"],
      numbers: { down: down.value, least, most, length: least + size(ABOVE_HEM) },
      words: { cause: short ? "short" : "place" },
      nearest: short ? least + size(ABOVE_HEM) : Math.min(Math.max(down.value, least), most),
    });
  return down;
}

/** How far out its hem is from the hip's plumb line; with godets it hangs plumb from where it is closest. */
function outOf({ flareBy, mermaidIn, mermaidOut }: SkirtForm, hip: Inches): Inches {
  if (flareBy === "godet") return -mermaidIn;
  return mermaidOut === "hip-quarter" ? hip : mermaidOut;
}

/** How a mermaid goes on below the hip, from where it opens. */
export function planMermaid(given: Given, form: SkirtForm, hip: Inches, flareDown: Inches): SkirtHem {
  return {
    kind: "mermaid",
    flareDown,
    in: form.mermaidIn,
    out: outOf(form, hip),
    rounded: pickSystem(ROUNDED, given.metric),
  };
}

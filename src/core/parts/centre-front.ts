import { type Given, refuse, ruleLength, type Sum, settle } from "../chalk";
import { at, type Path, straight } from "../geometry";
import type { Inches } from "../length";
import type { BodyForm } from "./body-form";
import { type CentrePlan, nothing } from "./centre-plan";

/** A folded band: the centre front runs down its middle; the cloth beyond the folded edge is turned in twice. */
export function bandFront(form: BodyForm, endDown: Inches): CentrePlan {
  const half = form.bandWidth / 2;
  const foldIn = 2 * form.bandWidth;
  const inset: Sum = settle(
    [
      { label: "Folded in for the band", kind: "allowance", value: foldIn, source: "choice:bandWidth" },
      { label: "Half the finished band", kind: "style", value: half, source: "choice:bandWidth" },
    ],
    0,
  );
  return {
    kind: "band",
    start: { origin: "centre-line", originInset: inset, front: { overlap: half, foldIn } },
    path: (neckDown) => straight(at(-half, neckDown), at(-half, endDown)),
    allowance: foldIn,
    cutAcross: -half - foldIn,
    removedAt: nothing,
    opensTo: endDown,
  };
}

/** A front that wraps over itself: its edge lies the overlap beyond the centre. */
export function overlapFront(given: Given, form: BodyForm, endDown: Inches): CentrePlan {
  const allowance = ruleLength(given, "allowance.panel");
  const inset = settle(
    [
      { label: "Front edge seam", kind: "allowance", value: allowance, source: "rule:allowance.panel" },
      {
        label: "Overlap beyond the centre front",
        kind: "style",
        value: form.overlapWidth,
        source: "choice:overlapWidth",
      },
    ],
    0,
  );
  const x = -form.overlapWidth;
  return {
    kind: "overlap",
    start: { origin: "centre-line", originInset: inset, front: { overlap: form.overlapWidth, foldIn: allowance } },
    path: (neckDown) => straight(at(x, neckDown), at(x, endDown)),
    allowance,
    cutAcross: x - allowance,
    removedAt: nothing,
    opensTo: endDown,
  };
}

/** A slit on the fold: the front stops half a finished band short of the centre, and the sewn-on band brings it back. */
export function slitFront(given: Given, form: BodyForm, endDown: Inches): CentrePlan {
  const short = form.bandWidth / 2;
  const allowance = ruleLength(given, "allowance.panel");
  const whole = form.slitLength === 0;
  if (allowance > short) {
    refuse({
      code: "band-narrower-than-seam",
      conflicts: ["choices.bandWidth", "rules.allowance.panel"],
      numbers: { band: form.bandWidth, seam: allowance },
      nearest: 2 * allowance,
    });
  }
  const end = (neckDown: Inches) => neckDown + form.slitLength;
  return {
    kind: "slit",
    start: {
      origin: "fold",
      originInset: { value: 0, terms: [] },
      front: { overlap: -short, foldIn: 0 },
      ...(whole ? { pair: true } : {}),
    },
    path: (neckDown) => {
      if (whole) return straight(at(short, neckDown), at(short, endDown));
      if (end(neckDown) > endDown - 1) {
        refuse({
          code: "slit-longer-than-front",
          conflicts: ["choices.slitLength"],
          numbers: { slit: form.slitLength, front: endDown - neckDown },
          nearest: endDown - neckDown - 1,
        });
      }
      const foot = at(0, end(neckDown) + (form.slitEnd === "slanted" ? short : 0));
      return straight(at(short, neckDown), at(short, end(neckDown)), foot, at(0, endDown));
    },
    allowance,
    cutAcross: null,
    removedAt: nothing,
    opensTo: whole ? endDown : null,
  };
}

/** A partial slit is cut beside its bands only; below it the fold stays whole. */
export function slitCut(up: Path, allowance: Inches): Path {
  const [fold, foot, corner, top] = [up.start, ...up.segments.map(({ to }) => to)];
  if (fold === undefined || foot === undefined || corner === undefined || top === undefined) return up;
  const across = corner.x - allowance;
  return straight(fold, at(0, foot.y - allowance), at(across, foot.y - allowance), at(across, top.y));
}

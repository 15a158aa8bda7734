import {
  type Given,
  type OpenFront,
  onTape,
  refuse,
  ruleLength,
  ruleValue,
  settle,
  settleOnTape,
  type Term,
} from "../../chalk";
import { at, type Path, straight } from "../../geometry";
import { both, type Inches, pickSystem } from "../../length";
import { checkFacedSlit } from "../faced-slit";
import type { BodyForm } from "./body-form";
import { type CentrePlan, closed, nothing } from "./centre-plan";

/** The edge that lies on the fold. */
export function onFold(endDown: Inches): CentrePlan {
  return {
    kind: "fold",
    start: { origin: "fold", originInset: { value: 0, terms: [] } },
    path: (_, topDown) => straight(at(0, topDown), at(0, endDown)),
    allowance: 0,
    cutAcross: null,
    raised: 0,
    band: null,
    removedAt: nothing,
    opensTo: closed,
    neckTaken: 0,
  };
}

/** Half the finished band, on the tape: the centre front runs down its middle. */
export function halfBand(given: Given, form: BodyForm): Inches {
  return onTape(given, form.bandWidth / 2);
}

/** How much is turned in beyond the folded edge: the band twice over, or once with its raw edge neatened (rule `bandTurn`). */
export function bandTurnedIn(given: Given, form: BodyForm): Inches {
  return bandTurns(given) * form.bandWidth;
}

function bandTurns(given: Given): 1 | 2 {
  return ruleValue(given, "bandTurn") === "once" ? 1 : 2;
}

/** A folded band: the centre front runs down its middle; the cloth beyond the folded edge is turned in (craft: front bands). */
export function bandFront(given: Given, form: BodyForm, endDown: Inches): CentrePlan {
  const half = halfBand(given, form);
  const foldIn = bandTurnedIn(given, form);
  const inset: readonly Term[] = [
    { code: "folded-in-for-the-band", kind: "allowance", value: foldIn, source: "rule:bandTurn" },
    { code: "half-the-finished-band", kind: "style", value: half, source: "choice:bandWidth" },
  ];
  return {
    kind: "band",
    start: {
      origin: "centre-line",
      originInset: settle(inset, 0),
      front: { overlap: half, foldIn, turns: bandTurns(given) },
    },
    path: (_, topDown) => straight(at(-half, topDown), at(-half, endDown)),
    allowance: foldIn,
    cutAcross: -half - foldIn,
    raised: 0,
    band: { beyond: half, width: 2 * half, turns: bandTurns(given) },
    removedAt: nothing,
    opensTo: () => endDown,
    neckTaken: 0,
  };
}

/** A front that wraps over itself: its edge lies the overlap beyond the centre. */
export function overlapFront(given: Given, form: BodyForm, endDown: Inches): CentrePlan {
  const allowance = ruleLength(given, "allowance.panel");
  const inset: readonly Term[] = [
    { code: "front-edge-seam", kind: "allowance", value: allowance, source: "rule:allowance.panel" },
    { code: "overlap-beyond-the-centre-front", kind: "style", value: form.overlapWidth, source: "choice:overlapWidth" },
  ];
  const x = -form.overlapWidth;
  return {
    kind: "overlap",
    start: {
      origin: "centre-line",
      originInset: settle(inset, 0),
      front: { overlap: form.overlapWidth, foldIn: allowance },
    },
    path: (_, topDown) => straight(at(x, topDown), at(x, endDown)),
    allowance,
    cutAcross: x - allowance,
    raised: 0,
    band: null,
    removedAt: nothing,
    opensTo: () => endDown,
    neckTaken: 0,
  };
}

/**
 * How the front's lower edge ends where it opens; undefined where it lies on its fold down there.
 *
 * @param lastButton the lowest buttonhole, down from the top line; null where there is none
 */
export function openFront({ start, kind, opensTo }: CentrePlan, lastButton: Inches | null): OpenFront | undefined {
  const { terms } = start.originInset;
  const foldIn = terms.find(({ code }) => code === "folded-in-for-the-band" || code === "front-edge-seam");
  const overlap = terms.find(
    ({ code }) => code === "half-the-finished-band" || code === "overlap-beyond-the-centre-front",
  );
  if ((kind !== "band" && kind !== "overlap") || foldIn === undefined || overlap === undefined) return undefined;
  const end = opensTo(0);
  return {
    overlap,
    foldIn: kind === "band" ? foldIn : null,
    turns: start.front?.turns ?? 1,
    buttonAbove: lastButton === null || end === null ? null : end - lastButton,
  };
}

/** What must be left of a front below its slit. */
const LEAST_BELOW_SLIT: Inches = 1;

function checkSlit(form: BodyForm, end: Inches, endDown: Inches): void {
  if (end <= endDown - LEAST_BELOW_SLIT + 1e-9) return;
  const front = endDown - (end - form.slitLength);
  refuse({
    code: "slit-longer-than-front",
    conflicts: ["choices.slitLength"],
    numbers: { slit: form.slitLength, front },
    nearest: front - LEAST_BELOW_SLIT,
  });
}

/** The seam that joins a sewn-on band: the panel's, and never more than there is cloth for up to the centre. */
export function bandSeam(given: Given, form: BodyForm): Inches {
  return Math.min(ruleLength(given, "allowance.panel"), halfBand(given, form));
}

/** A slit with bands: the front stops half a finished band short of the centre, and the sewn-on band brings it back. */
function bandedSlit(given: Given, form: BodyForm, endDown: Inches): CentrePlan {
  const short = halfBand(given, form);
  const whole = form.slitLength === 0;
  return {
    kind: "slit",
    start: {
      origin: "fold",
      originInset: { value: 0, terms: [] },
      front: { overlap: -short, foldIn: 0 },
      ...(whole ? { pair: true } : {}),
    },
    path: (neckDown, topDown) => {
      if (whole) return straight(at(short, topDown), at(short, endDown));
      const end = neckDown + form.slitLength;
      checkSlit(form, end, endDown);
      const foot = at(0, end + (form.slitEnd === "slanted" ? short : 0));
      return straight(at(short, topDown), at(short, end), foot, at(0, endDown));
    },
    allowance: bandSeam(given, form),
    cutAcross: null,
    raised: 0,
    band: null,
    removedAt: nothing,
    opensTo: (neckDown) => (whole ? endDown : neckDown + form.slitLength),
    neckTaken: 0,
  };
}

/** The facing is sewn this far from the crease at the neck, on each half. */
const FACING_SEAM = both(0.5, 1.5);

/** A slit that is faced: the fold stays whole on the table; the facing takes a sliver of the neck into its seam. */
function facedSlit(given: Given, form: BodyForm, endDown: Inches): CentrePlan {
  checkFacedSlit(form.slitLength, "choices.slitLength", "bands");
  return {
    ...onFold(endDown),
    kind: "faced",
    path: (neckDown, topDown) => {
      checkSlit(form, neckDown + form.slitLength, endDown);
      return straight(at(0, topDown), at(0, endDown));
    },
    opensTo: (neckDown) => neckDown + form.slitLength,
    neckTaken: onTape(given, pickSystem(FACING_SEAM, given.metric)),
  };
}

/** The centre line of a slit that is a seam lies this far inside the folded edge. */
const SEAM_INSIDE = both(1, 2.5);

/** A slit that is a seam: the centre line lies inside the folded edge, which is cut open; sewn up to the slit's end. */
function seamedSlit(given: Given, form: BodyForm, endDown: Inches): CentrePlan {
  const allowance = onTape(given, pickSystem(SEAM_INSIDE, given.metric));
  const inset: readonly Term[] = [
    { code: "seam-inside-the-folded-edge", kind: "allowance", value: allowance, source: "choice:slitFinish" },
  ];
  return {
    kind: "cut-fold",
    start: {
      origin: "centre-line",
      originInset: settleOnTape(given, inset),
      front: { overlap: 0, foldIn: 0 },
    },
    path: (neckDown, topDown) => {
      if (form.slitLength > 0) checkSlit(form, neckDown + form.slitLength, endDown);
      return straight(at(0, topDown), at(0, endDown));
    },
    allowance,
    cutAcross: -allowance,
    raised: 0,
    band: null,
    removedAt: nothing,
    opensTo: (neckDown) => (form.slitLength === 0 ? endDown : neckDown + form.slitLength),
    neckTaken: 0,
  };
}

/** The centre of a front that is slit on its fold, by how the slit is finished (craft: an edge cut out of a fold). */
export function slitFront(given: Given, form: BodyForm, endDown: Inches): CentrePlan {
  switch (form.slitFinish) {
    case "bands":
      return bandedSlit(given, form, endDown);
    case "faced":
      return facedSlit(given, form, endDown);
    case "seam":
      return seamedSlit(given, form, endDown);
    default:
      return form.slitFinish satisfies never;
  }
}

/** A partial slit is cut beside its bands only; below it the fold stays whole. */
export function slitCut(up: Path, allowance: Inches): Path {
  const [fold, foot, corner, top] = [up.start, ...up.segments.map(({ to }) => to)];
  if (fold === undefined || foot === undefined || corner === undefined || top === undefined) return up;
  const across = corner.x - allowance;
  return straight(fold, at(0, foot.y - allowance), at(across, foot.y - allowance), at(across, top.y));
}

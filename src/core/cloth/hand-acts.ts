import { type ActLook, actLook } from "../chalk";
import type { HandAct } from "./steps";

const SAID = actLook("none", false, false);
const NUMBERED = actLook("none", false, true);

/** What each act beside the chalk shows: a cut lights the cutting line, never the stitching line. */
export const handActs: Readonly<Record<HandAct["kind"], ActLook>> = {
  prepare: SAID,
  "fold-in": NUMBERED,
  "cut-off": NUMBERED,
  halve: SAID,
  "along-fold": SAID,
  "fold-selvedges": SAID,
  "fold-gate": NUMBERED,
  "lie-open": SAID,
  "fold-again": NUMBERED,
  "fold-across": NUMBERED,
  "fold-quarter": NUMBERED,
  "cut-hole": actLook("cut", false, false),
  "cut-radius": SAID,
  "lay-on": SAID,
  trace: actLook("stitch", false, false),
  cut: actLook("cut", false, false),
  "cut-out": actLook("cut-out", false, false),
  "fold-in-band": SAID,
  separate: SAID,
  "re-cut": actLook("cut", false, false),
  "open-fold": SAID,
  "cut-again": actLook("cut-out", false, false),
  "slit-pair": actLook("marks", false, true),
  "hollow-front": actLook("marks", false, true),
  pleat: actLook("marks", false, true),
  notch: actLook("notch", false, true),
  pierce: actLook("marks", false, true),
  quarter: SAID,
  name: SAID,
  style: SAID,
  check: SAID,
  count: SAID,
};

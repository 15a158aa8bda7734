import { type Given, type OpenEdge, onTape } from "../../chalk";
import { both, type Inches, pickSystem } from "../../length";
import { certain } from "../../result";

/** A tab reaches this far beyond the centre front where no band says how far. */
const NO_BAND = both(1, 2.5);
/** What lies further beyond the centre wraps over, and is no band. */
const WIDEST_BAND = both(1.5, 4);

/** Half the sewn neck as a collar meets it. */
export interface CollarNeck {
  /** From the shoulder seam to the centre front, and behind to the centre back. */
  readonly front: Inches;
  readonly back: Inches;
  /** How far the finished front edge lies beyond the centre front; 0 where the front does not open. */
  readonly overlap: Inches;
  /** How far a tab or a stand's end reaches beyond the centre front. */
  readonly tab: Inches;
  /** How much longer the drawn neck is than from shoulder to centre front. */
  readonly beyond: Inches;
  /** How much longer front and back together were measured than they are drawn. */
  readonly off: Inches;
  readonly opensBehind: boolean;
}

/** Reads off an open neck what a collar is drawn to. */
export function readCollarNeck(given: Given, open: OpenEdge): CollarNeck {
  const { beyond, overlap, opensBehind } = certain(open.neck, "what is known of the neck");
  const banded = overlap !== null && overlap > 0 && overlap <= pickSystem(WIDEST_BAND, given.metric);
  return {
    front: open.length.front - beyond,
    back: open.length.back,
    overlap: overlap ?? 0,
    tab: overlap === null ? 0 : banded ? overlap : onTape(given, pickSystem(NO_BAND, given.metric)),
    beyond,
    off: open.off.front + open.off.back,
    opensBehind,
  };
}

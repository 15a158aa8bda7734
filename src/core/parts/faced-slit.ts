import { chalkStrip } from "../blocks";
import { onTape, refuse, type Sheet } from "../chalk";
import { both, type Inches, pickSystem } from "../length";

/** How long a slit may be that is only faced: a longer one gapes at its top (craft: an edge cut out of a fold). */
const LEAST: Inches = 2;
const MOST: Inches = 8;

/** Refuses a slit that no facing holds. @param instead the finish that would */
export function checkFacedSlit(
  slit: Inches,
  asked: "choices.slitLength" | "choices.hemSlitTop",
  instead: "bands" | "seam",
): void {
  if (slit >= LEAST - 1e-9 && slit <= MOST + 1e-9) return;
  refuse({
    code: "slit-not-for-facing",
    conflicts: ["choices.slitFinish", asked],
    numbers: { slit, least: LEAST, most: MOST },
    nearest: instead,
  });
}

/** The facing of a slit: one piece, its crease on the front's crease. */
export function chalkSlitFacing(sheet: Sheet, slit: Inches): void {
  const { given } = sheet;
  const more = onTape(given, pickSystem(both(0.5, 1.5), given.metric));
  const depth = onTape(given, pickSystem(both(4, 10), given.metric));
  sheet.add(chalkStrip({ id: "facing-slit", name: "slit-facing", length: 2 * slit + more, depth, copies: 1 }));
}

import { chalkStrip } from "../../blocks";
import { givenStep, onTape, type Sheet } from "../../chalk";
import { both, type Inches, pickSystem, roundUpToStep } from "../../length";

/** A bias strip is cut this wide; finished it is ¼. */
const WIDE = both(1.25, 3);
/** A strip is drawn a little tight round an edge that curves inwards, and has this much more for its ends. */
const TIGHT = 0.95;
const ENDS = both(1, 2.5);

/** Edges that are bound, and how long each is sewn; nothing where it is not. */
export interface BoundEdges {
  readonly neck: Inches;
  /** One armhole; both are bound. */
  readonly armhole: Inches;
}

/** Bias strips for what is bound, all of them from one square of cloth (craft: collars, bindings). */
export function chalkBinding(sheet: Sheet, { neck, armhole }: BoundEdges): void {
  const { given } = sheet;
  const wide = onTape(given, pickSystem(WIDE, given.metric));
  const long = (edge: Inches) =>
    edge === 0 ? 0 : roundUpToStep(TIGHT * edge + pickSystem(ENDS, given.metric), givenStep(given) || 1 / 8);
  const strips = { neck: long(neck), armhole: long(armhole) };
  const side = roundUpToStep(Math.sqrt((strips.neck + 2 * strips.armhole) * wide), givenStep(given) || 1 / 8);
  sheet.add(chalkStrip({ id: "binding", name: "binding", length: side, depth: side, copies: 1 }));
  const [id, numbers] =
    neck === 0
      ? (["binding-armholes", { wide, armhole: strips.armhole }] as const)
      : armhole === 0
        ? (["binding-neck", { wide, neck: strips.neck }] as const)
        : (["binding-both", { wide, ...strips }] as const);
  sheet.remark({ id, piece: "binding", numbers });
}

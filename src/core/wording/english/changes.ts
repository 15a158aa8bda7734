import { formatLengthWithUnit, type Inches, type Unit } from "../../length";
import { capital, nameEdge } from "./names";

/** An edge of a cut piece that would lie elsewhere now. */
interface MovedEdge {
  readonly edge: string;
  readonly move: Inches;
  readonly allowance: Inches;
  readonly absorbed: boolean;
}

/** What became of one edge since it was cut: how far it would move, and whether its seam takes it. */
export function sayMovedEdge({ edge, move, allowance, absorbed }: MovedEdge, unit: Unit): string {
  const say = (length: Inches) => formatLengthWithUnit(Math.abs(length), unit);
  const name = capital(nameEdge(edge));
  if (move < 0)
    return absorbed
      ? `${name}: sew it ${say(move)} further in.`
      : `${name}: it would lie ${say(move)} further in, more than is sewn away. Cut it smaller first.`;
  return absorbed
    ? `${name}: ${say(move)} further out. Its ${say(allowance)} of seam take it; ${say(allowance - move)} are left.`
    : `${name}: ${say(move)} further out, and there are ${say(allowance)} of seam. Cut the piece again, or it stays ${say(move)} short there.`;
}

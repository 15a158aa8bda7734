import { mermaidPoints, mostAtSide } from "../../blocks";
import { bodyValue, type Sheet, settleOnTape } from "../../chalk";
import { both, type Inches, pickSystem } from "../../length";
import { planSkirtButtons } from "../buttons";
import { type HalfSkirt, skirtPieces } from "./plan-skirt";
import type { SkirtForm } from "./skirt-form";

/** Elastic is cut to this share of the waist, and this much for sewing its ends. */
const ELASTIC_SHARE = 0.9;
const ELASTIC_ENDS = both(1, 2.5);
/** A side that turns at the hip by more than this breaks there. */
const HIP_BREAK = (20 * Math.PI) / 180;

/** What the tailor is told of a half: a side that stands hollow, many darts, a waist wider than the hip, a side that breaks. */
export function remarkHalf(sheet: Sheet, half: HalfSkirt): void {
  const { numbers, drawn, side } = half;
  const piece = skirtPieces[side];
  const most = mostAtSide(numbers.hipDown);
  const taken = numbers.hip - drawn.side.start.x;
  if (numbers.hip < numbers.waist - 1e-9)
    sheet.remark({ id: "waist-over-hip", piece, numbers: { waist: numbers.waist, hip: numbers.hip } });
  else if (taken > most + 1 / 64) sheet.remark({ id: "side-too-hollow", piece, numbers: { taken, most } });
  if (numbers.darts.length > 2) sheet.remark({ id: "many-darts", piece, numbers: {} });
  if (numbers.hem.kind === "mermaid" && half.form.flareBy === "edge") {
    const [turn, reading] = mermaidPoints(numbers, numbers.hem);
    const lift = numbers.hemDown - drawn.corner.y;
    sheet.remark({
      id: "flare-kept",
      piece,
      numbers: { asked: reading.x - turn.x, kept: drawn.corner.x - turn.x, lift },
    });
  }
  if (numbers.hem.kind !== "flared") return;
  const { flare, from } = numbers.hem;
  const start = from === "waist" ? drawn.side.start : drawn.hip;
  const asked = numbers.hip + flare - start.x;
  const lift = numbers.hemDown - drawn.corner.y;
  sheet.remark({ id: "flare-kept", piece, numbers: { asked, kept: drawn.corner.x - start.x, lift } });
  if (from === "hip" && Math.atan(flare / (numbers.hemDown - numbers.hipDown)) > HIP_BREAK)
    sheet.remark({ id: "hip-break", piece, numbers: { flare } });
}

/** Where a hanging skirt that opens in front is buttoned: on a ring or a strip nothing is chalked for it. */
export function remarkFront(sheet: Sheet, { front }: SkirtForm, piece: string, hemDown: Inches): void {
  if (front === null) return;
  const { downs, pitch } = planSkirtButtons(front.buttonAbove, hemDown, sheet.given.metric);
  const [first] = downs;
  if (first === undefined) return;
  const numbers = { first, pitch, count: downs.length, overlap: front.overlap.value, facing: front.foldIn.value };
  sheet.remark({ id: "front-buttons", piece, numbers });
  sheet.notion({
    id: "buttons",
    unit: "piece",
    terms: [{ code: "buttons-down-the-skirt", kind: "style", value: downs.length, source: "parts:buttons" }],
  });
}

/** What elastic is cut to: a share of the waist and its ends. */
export function remarkElastic(sheet: Sheet, form: SkirtForm, piece: string): void {
  const { given } = sheet;
  if (!form.elastic) return;
  const { value: length, terms } = settleOnTape(given, [
    {
      code: "body-share",
      kind: "body",
      value: ELASTIC_SHARE * bodyValue(given, "waist") + pickSystem(ELASTIC_ENDS, given.metric),
      source: "measurement:waist",
    },
  ]);
  sheet.notion({ id: "elastic", unit: "in", terms });
  sheet.remark({ id: "elastic-to-cut", piece, numbers: { length, width: form.elasticWidth } });
}

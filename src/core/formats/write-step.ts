import { type Draft, givenTick } from "../chalk";
import type { TableStep } from "../cloth";
import { wordReason, wordStep } from "../wording";
import type { SheetStep } from "./cut-sheet";
import { writeTableParts } from "./write-table";
import { writeTerms } from "./write-terms";

function stepEdge(step: TableStep): string | null {
  if ("edge" in step.act) return step.act.edge;
  return "edges" in step.act ? (step.act.edges[0] ?? null) : null;
}

function stepReading(step: TableStep): number | null {
  if (step.chalk !== null) return step.chalk.reading;
  if ("foldedWidth" in step.act) return step.act.foldedWidth;
  if (step.act.kind === "cut-off") return step.act.length;
  return step.act.kind === "notch" ? step.act.at : null;
}

/** A step as other programs read it, worded. */
export function writeStep(step: TableStep, draft: Draft): SheetStep {
  const { chalk } = step;
  const { unit } = draft.given;
  const words = wordStep(step, unit, givenTick(draft.given));
  return {
    id: step.id,
    phase: step.phase,
    piece: step.piece,
    group: step.group,
    act: step.act.kind,
    ...words,
    why: chalk?.why ? wordReason(chalk.why) : null,
    marks: [...(chalk?.marks ?? [])],
    line: "line" in step.act ? step.act.line : null,
    edge: stepEdge(step),
    from: chalk?.from ?? null,
    direction: chalk?.direction ?? null,
    reading: stepReading(step),
    cutReading: chalk?.cutReading ?? null,
    ...(chalk?.cutFrom === undefined ? {} : { cutFrom: chalk.cutFrom }),
    terms: writeTerms(chalk?.terms ?? [], unit),
    layers: step.layers,
    stopUntil: step.stopUntil,
    mustNotCut: [...step.mustNotCut],
    ...writeTableParts(draft, step),
  };
}

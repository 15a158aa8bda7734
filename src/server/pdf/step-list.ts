import { rgb } from "@cantoo/pdf-lib";
import type { CutSheet, SheetStep } from "@/core/formats";
import { formatLengthWithUnit } from "@/core/length";
import { namePiece, phaseNames } from "@/core/wording";
import { PaperStack } from "./paper";
import { MARGIN, type Paper, Pen } from "./pen";

/** What stands at the head of every sheet on paper. */
export interface SheetHead {
  readonly client: string;
  readonly number: number;
  readonly garment: string;
  readonly rules: string;
}

export function sayHead({ client, number, garment, rules }: SheetHead, sheet: CutSheet): string {
  return `${garment} for ${client}, no. ${number}, ${rules} rules, ${sheet.cloth.buy} ${sheet.cloth.buyUnit} of cloth`;
}

const TITLE = { size: 11, bold: true };
const TEXT = { size: 9.5 };
const READING = { size: 17, bold: true };
const CUT = { size: 10 };
const BOX = 10;
const INDENT = 20;
const READING_ROOM = 96;

function writeStep(paper: PaperStack, step: SheetStep, unit: CutSheet["unit"]): void {
  const { pen, width } = paper;
  const said = step.caution === null ? step.text : `${step.text} Careful: ${step.caution}`;
  const lines = pen.wrap(said, width - INDENT - READING_ROOM, TEXT);
  const stop = step.stopUntil !== null;
  const { page, top } = paper.block(16 + lines.length * 12 + 7);
  const line = { start: { x: MARGIN, y: top }, end: { x: MARGIN + width, y: top }, color: rgb(0, 0, 0) };
  page.drawLine({ ...line, thickness: stop ? 3 : 0.4 });
  page.drawRectangle({
    x: MARGIN,
    y: top - 6 - BOX,
    width: BOX,
    height: BOX,
    borderColor: rgb(0, 0, 0),
    borderWidth: 0.9,
  });
  pen.write(page, stop ? `STOP: ${step.title}` : step.title, MARGIN + INDENT, top - 15, TITLE);
  for (const [index, text] of lines.entries()) pen.write(page, text, MARGIN + INDENT, top - 28 - index * 12, TEXT);
  if (step.reading === null || step.act === "edge") return;
  pen.writeRight(page, formatLengthWithUnit(step.reading, unit), MARGIN + width, top - 19, READING);
  if (step.cutReading !== null)
    pen.writeRight(
      page,
      `cut ${formatLengthWithUnit(step.cutReading, unit)}${step.cutFrom === undefined ? "" : " from the edge"}`,
      MARGIN + width,
      top - 33,
      CUT,
    );
}

/** The step list on paper, black on white: a box to tick, what to do, the reading. Bytes of a PDF. */
export async function printStepList(sheet: CutSheet, head: SheetHead, size: Paper): Promise<Uint8Array> {
  const pen = await Pen.take(`Step list: ${head.client}, no. ${head.number}`);
  const paper = new PaperStack(pen, size);
  paper.text(sayHead(head, sheet), { size: 14, bold: true }, { after: 6 });
  let section = "";
  for (const step of sheet.steps) {
    const own = `${phaseNames[step.phase]}: ${namePiece(step.group)}, ${step.layers === 1 ? "single" : `${step.layers} layers`}`;
    // A heading stays with its first step.
    if (own !== section) {
      if (paper.room < 90) paper.turn();
      paper.text(own, { size: 12, bold: true }, { after: 4 });
    }
    section = own;
    writeStep(paper, step, sheet.unit);
  }
  paper.number(sayHead(head, sheet));
  return pen.document.save();
}

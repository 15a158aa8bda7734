import { type PDFPage, rgb } from "@cantoo/pdf-lib";
import {
  type CutSheet,
  lookOf,
  makingOf,
  type SheetPlacement,
  type SheetStep,
  sheetTick,
  type TableScreen,
  tableScreens,
  waiversOf,
} from "@/core/formats";
import { formatLength, formatLengthWithUnit, readOnTape } from "@/core/length";
import {
  nameLength,
  namePiece,
  namePlacement,
  nameReading,
  phaseNames,
  sayActs,
  sayBeside,
  sayHair,
  sayNotion,
  sayOnTape,
  sayTape,
  sayWaiver,
} from "@/core/wording";
import { PaperStack } from "./paper";
import { MARGIN, type Paper, Pen } from "./pen";

/** What stands at the head of every sheet on paper. */
export interface SheetHead {
  readonly client: string;
  readonly number: number;
  readonly garment: string;
  readonly rules: string;
}

/**
 * The line over each page. A name whose letters the typeface does not have is said to be on the screen: signs in the place
 * of all its letters would name nobody, and the number does.
 */
export function sayHead({ client, number, garment, rules }: SheetHead, sheet: CutSheet, pen: Pen): string {
  const named = pen.has(client)
    ? client
    : "the client of this number (the name is in letters that are not on paper here)";
  return `${garment} for ${named}, no. ${number}, ${rules} rules, ${sheet.cloth.buy} ${sheet.cloth.buyUnit} of cloth`;
}

const TITLE = { size: 11, bold: true };
const TEXT = { size: 9.5 };
const READING = { size: 17, bold: true };
const BOX = 10;
const INDENT = 20;
const READING_ROOM = 96;
const NUMBER_ROOM = 62;

/** One laying of the tape as a step is written: its readings with their names, then what is drawn. */
function writePlacement(paper: PaperStack, placement: SheetPlacement, sheet: CutSheet): void {
  const { pen, width } = paper;
  const tick = sheetTick(sheet);
  const rows = placement.readings.map((reading) => ({
    number: formatLength(reading.at, sheet.unit),
    said: [
      reading.hair ? sayHair(tick) : "",
      nameReading(reading, placement),
      sayBeside(reading, placement, sheet.unit, tick),
    ]
      .filter(Boolean)
      .join(", "),
  }));
  const then = pen.wrap(sayActs(placement.then, sheet.unit, tick).join(" "), width - INDENT, TEXT);
  const { page, top } = paper.block(32 + rows.length * 19 + then.length * 12 + 4);
  drawBox(page, top, width, false);
  pen.write(page, namePlacement(placement), MARGIN + INDENT, top - 15, TITLE);
  pen.write(page, sayTape(placement), MARGIN + INDENT, top - 27, TEXT);
  for (const [index, { number, said }] of rows.entries()) {
    const down = top - 45 - index * 19;
    pen.writeRight(page, number, MARGIN + INDENT + NUMBER_ROOM, down, READING);
    pen.write(page, said, MARGIN + INDENT + NUMBER_ROOM + 10, down + 1, TEXT);
  }
  for (const [index, text] of then.entries())
    pen.write(page, text, MARGIN + INDENT, top - 40 - rows.length * 19 - index * 12, TEXT);
}

function drawBox(page: PDFPage, top: number, width: number, stop: boolean): void {
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
}

/** A line to write each measured length beside what the drawing says. */
function sayLengths({ lengths = [] }: SheetStep, sheet: CutSheet): string {
  return lengths
    .map(({ name, expected }) => `${nameLength(name)} ${sayOnTape(expected, sheet.unit, sheetTick(sheet))} ______`)
    .join("   ");
}

function writeStep(paper: PaperStack, step: SheetStep, sheet: CutSheet): void {
  const { pen, width } = paper;
  const told = step.caution === null ? step.text : `${step.text} Careful: ${step.caution}`;
  const said = [told, sayLengths(step, sheet)].filter(Boolean).join(" ");
  const lines = pen.wrap(said, width - INDENT - READING_ROOM, TEXT);
  const stop = step.stopUntil === "separated";
  const { page, top } = paper.block(16 + lines.length * 12 + 7);
  drawBox(page, top, width, stop);
  pen.write(page, stop ? `STOP: ${step.title}` : step.title, MARGIN + INDENT, top - 15, TITLE);
  for (const [index, text] of lines.entries()) pen.write(page, text, MARGIN + INDENT, top - 28 - index * 12, TEXT);
  if (step.reading === null || !lookOf(step.act).number) return;
  const { at } = readOnTape(step.reading, sheetTick(sheet));
  pen.writeRight(page, formatLengthWithUnit(at, sheet.unit), MARGIN + width, top - 19, READING);
}

/** What a stretch of the work is called: its part, its piece, how many layers. */
function sectionOf({ kind, steps: [first] }: TableScreen): string {
  if (first === undefined || kind === "style" || kind === "count") return phaseNames[kind];
  const layers = first.layers === 1 ? "single" : `${first.layers} layers`;
  return `${phaseNames[kind]}: ${namePiece(first.group)}, ${layers}`;
}

/** A heading stays with its first step. */
function writeHeading(paper: PaperStack, text: string): void {
  if (paper.room < 90) paper.turn();
  paper.text(text, { size: 12, bold: true }, { after: 4 });
}

/** The work up to the count, in the order of the hand. */
function writeTable(paper: PaperStack, sheet: CutSheet): void {
  let section = "";
  for (const screen of tableScreens(sheet, "placements")) {
    const own = sectionOf(screen);
    if (own !== section) writeHeading(paper, own);
    section = own;
    if (screen.placement === null) for (const step of screen.steps) writeStep(paper, step, sheet);
    else writePlacement(paper, screen.placement, sheet);
  }
}

/** The step list on paper, black on white: a box to tick, what to do, the reading. Bytes of a PDF. */
export async function printStepList(sheet: CutSheet, head: SheetHead, size: Paper): Promise<Uint8Array> {
  const pen = await Pen.take(`Step list: ${head.client}, no. ${head.number}`);
  const paper = new PaperStack(pen, size);
  paper.text(sayHead(head, sheet, pen), { size: 14, bold: true }, { after: 6 });
  for (const { group, waiver } of waiversOf(sheet, {}))
    paper.text(sayWaiver(namePiece(group), waiver), { size: 10.5, bold: true }, { after: 4 });
  for (const notion of sheet.notions ?? []) paper.text(sayNotion(notion, sheet.unit), TEXT, { after: 4 });
  writeTable(paper, sheet);
  writeHeading(paper, "After the cut");
  for (const step of makingOf(sheet)) writeStep(paper, step, sheet);
  paper.number(sayHead(head, sheet, pen));
  return pen.document.save();
}

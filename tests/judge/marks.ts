import type { ChalkStep, Mark, Piece } from "../../src/core/chalk";
import { tickStep } from "../../src/core/length";
import { type Fault, fault, type Seen } from "./seen";

function sumOf(terms: Mark["terms"]): number {
  return terms.reduce((sum, term) => sum + term.value, 0);
}

/** A mark on a guide line lies there, at its reading from where the line starts; its terms add up, its cut too. */
function judgeMark(piece: Piece, mark: Mark): readonly Fault[] {
  const faults: Fault[] = [];
  if (Math.abs(sumOf(mark.terms) - mark.stitch) > 1e-6) faults.push(fault("terms do not add up", piece.id, mark.id));
  if (mark.cut !== null && Math.abs(sumOf(mark.cutTerms) - (mark.cut - mark.stitch)) > 1e-6)
    faults.push(fault("cut terms do not add up", piece.id, mark.id));
  const trued = mark.terms.find((term) => term.code === "trued" && Math.abs(term.value) > 1 / 8 + 1e-6);
  if (trued !== undefined) faults.push(fault(`turned and trued ${mark.id}`, piece.id, trued.value));
  const line = piece.lines.find(({ id }) => id === mark.line);
  if (mark.line === null || mark.line === "centre") return faults;
  if (line === undefined) return [...faults, fault("mark on a line that is not there", piece.id, mark.id)];
  const { x, y } = mark.place.stitch;
  if (Math.abs(y - line.down) > 1 / 64) faults.push(fault(`mark off its line ${mark.id}`, piece.id, y, line.down));
  if (Math.abs(x - line.start - mark.stitch) > 1 / 64)
    faults.push(fault(`mark not where it reads ${mark.id}`, piece.id, x, line.start + mark.stitch));
  return faults;
}

/** What is read across from the edge of its cloth cannot be cut beyond it. */
function judgeEdgeOfCloth(piece: Piece): readonly Fault[] {
  if (piece.origin !== "cloth-edge") return [];
  const left = Math.min(...piece.outline.cut.map(({ x }) => x));
  return left < -1 / 64 ? [fault("cut beyond the cloth's edge", piece.id, left)] : [];
}

export function judgeMarks({ draft }: Seen): readonly Fault[] {
  return draft.pieces.flatMap((piece) => {
    const ids = piece.marks.map(({ id }) => id);
    const twice = ids.filter((id, index) => ids.indexOf(id) !== index);
    return [
      ...twice.map((id) => fault(`mark twice ${id}`, piece.id)),
      ...piece.marks.flatMap((mark) => judgeMark(piece, mark)),
      ...judgeEdgeOfCloth(piece),
    ];
  });
}

/** What lies above the top line on the cloth: the first step's reading. */
function insetOf(piece: Piece): number {
  return piece.steps.find(({ act }) => act.kind === "top-line")?.reading ?? 0;
}

const READ_ON_TAPE = new Set([
  "mark",
  "centre-mark",
  "guide-line",
  "top-line",
  "zip-line",
  "centre-line",
  "allowance",
  "move-out",
]);

function isTrued(step: ChalkStep): boolean {
  return step.terms.some(({ kind }) => kind === "trued" || String(kind) === "drawn");
}

function judgeReading(piece: Piece, step: ChalkStep, tick: number): readonly Fault[] {
  const faults: Fault[] = [];
  const readings = [step.reading, ...(step.cutReading === null ? [] : [step.cutReading])];
  if (readings.some((reading) => reading < -1e-9)) faults.push(fault(`negative ${step.id}`, piece.id, ...readings));
  if (tick > 0 && READ_ON_TAPE.has(step.act.kind) && !isTrued(step))
    for (const reading of readings)
      if (Math.abs(reading / tick - Math.round(reading / tick)) > 1e-4)
        faults.push(
          fault(`off the tick ${step.act.kind} ${step.id.replace(/button-\d+/, "button")}`, piece.id, reading),
        );
  return faults;
}

function judgeStep(piece: Piece, step: ChalkStep): readonly Fault[] {
  const [id] = step.marks;
  if (id === undefined || !("mark" in step.act)) return [];
  const mark = piece.marks.find((one) => one.id === id);
  if (mark === undefined) return [fault("step for a mark that is not there", piece.id, step.id)];
  const down = step.act.kind === "centre-mark";
  const offset = down && step.from === "cloth-edge" ? insetOf(piece) : 0;
  if (Math.abs(step.reading - offset - mark.stitch) > 1e-6)
    return [fault(`step and mark differ ${id}`, piece.id, step.reading, mark.stitch)];
  return [];
}

export function judgeSteps({ draft, read }: Seen): readonly Fault[] {
  const scale = Number(read.given.choices.scale ?? 1);
  const tick = tickStep(read.given.rules.tick.value as "1/8") * (scale === 1 ? 1 : 0);
  return draft.pieces.flatMap((piece) =>
    piece.steps.flatMap((step) => [...judgeReading(piece, step, tick), ...judgeStep(piece, step)]),
  );
}

/** A figure note that moved nothing and of which nobody was told. */
export function judgeNotes({ draft, read, report }: Seen): readonly Fault[] {
  return read.given.figureNotes.flatMap((note) => {
    const used = draft.pieces.some(({ marks }) =>
      marks.some(({ terms }) => terms.some(({ source }) => source === `figure-note:${note.piece}/${note.line}`)),
    );
    const told = report.findings.some(({ id }) => String(id) === "figure-note-unused");
    return used || told ? [] : [fault("figure note vanished", note.piece, note.line)];
  });
}

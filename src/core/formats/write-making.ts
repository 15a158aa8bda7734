import { makeUp } from "../making";
import { wordTask } from "../wording";
import type { CutSheet, SheetDrawing, SheetStep } from "./cut-sheet";

/** The step of a task. */
export function stepOfTask(task: string): string {
  return `make-${task}`;
}

/** The piece that a step is told of, and the group it was folded in. */
function placeOf({ pieces, groups }: SheetDrawing, first: string | undefined): Pick<SheetStep, "piece" | "group"> {
  const piece = first ?? pieces[0]?.id ?? "";
  return { piece, group: groups.find((group) => group.pieces.includes(piece))?.id ?? groups[0]?.id ?? "" };
}

/** The make-up order as steps, each said, each with what it waits for (FORMATS: phase `make`). */
export function writeMaking(sheet: SheetDrawing): SheetStep[] {
  const names = new Map(sheet.pieces.map(({ id, name }) => [id, name]));
  return makeUp(sheet).map((task): SheetStep => {
    const { title, text, caution, ...said } = wordTask(task, names, sheet.unit);
    return {
      id: stepOfTask(task.id),
      phase: "make",
      ...placeOf(sheet, task.pieces[0]),
      act: "make",
      title,
      text: [text, ...said.seams.map((seam) => seam.text)].join(" "),
      caution,
      why: null,
      marks: [],
      line: null,
      edge: null,
      from: null,
      direction: null,
      reading: null,
      cutReading: null,
      terms: [],
      layers: 1,
      stopUntil: "counted",
      mustNotCut: [],
      make: {
        task: task.id,
        does: text,
        waitsFor: task.waitsFor.map(stepOfTask),
        pieces: [...task.pieces],
        measures: said.measures.map((one) => ({ ...one })),
        says: said.says.map((one) => ({ ...one })),
        seams: task.seams.map((seam, index) => ({
          id: seam.id,
          a: [...seam.a],
          b: [...seam.b],
          allowances: [...seam.allowances],
          ease: seam.ease,
          ...(seam.gathered === null ? {} : { gathered: seam.gathered }),
          notches: [...seam.notches],
          text: said.seams[index]?.text ?? "",
        })),
      },
    };
  });
}

/** The making of a sheet: as it was kept, or, of one that was frozen before there was any, as it is made up now. */
export function makingOf(sheet: CutSheet): readonly SheetStep[] {
  const kept = sheet.steps.filter(({ phase }) => phase === "make");
  return kept.length > 0 ? kept : writeMaking(sheet);
}

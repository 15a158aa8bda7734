import type { CutSheet, SheetStep } from "./cut-sheet";
import { joinLights, type Lights, lightsOf, rubbedOut } from "./lights";
import type { SheetPlacement } from "./sheet-table";

/** One screen at the table: a part of the work, or one laying of the tape. */
export interface TableScreen {
  readonly id: string;
  readonly kind: SheetStep["phase"];
  readonly group: string;
  readonly steps: readonly SheetStep[];
  /** Null for what is not chalked, for single steps, and for sheets frozen before there were placements. */
  readonly placement: SheetPlacement | null;
}

/** Placements, or every step for itself. */
export type TableSteps = "placements" | "single";

/** What is done on one screen shares a key: a strip is measured, cut out and named on one, a band folded in as it is cut. */
function keyOf(sheet: CutSheet, step: SheetStep): string {
  const single = sheet.groups.find(({ id }) => id === step.group)?.fold === "single";
  if (single && step.phase !== "chalk") return "strips";
  if (step.act === "fold-in-band") return `cut ${step.group}`;
  return `${step.phase} ${step.group}`;
}

function placementOf(sheet: CutSheet, mode: TableSteps): ReadonlyMap<string, SheetPlacement> {
  if (mode === "single") return new Map();
  return new Map(
    (sheet.placements ?? []).flatMap((placement) => placement.steps.map((id) => [id, placement] as const)),
  );
}

/** The screens of a sheet in the order of the hand. */
export function tableScreens(sheet: CutSheet, mode: TableSteps): readonly TableScreen[] {
  const placed = placementOf(sheet, mode);
  const screens: { id: string; key: string; screen: TableScreen; steps: SheetStep[] }[] = [];
  for (const step of sheet.steps) {
    const placement = placed.get(step.id) ?? null;
    const key =
      placement === null ? (step.phase === "chalk" ? step.id : keyOf(sheet, step)) : `placement ${placement.id}`;
    const last = screens.at(-1);
    if (last?.key === key) last.steps.push(step);
    else {
      const id = placement?.id ?? step.id;
      const kind = key === "strips" ? "cut" : key.startsWith("cut ") ? "cut" : step.phase;
      const steps = [step];
      screens.push({ id, key, steps, screen: { id, kind, group: step.group, steps, placement } });
    }
  }
  return screens.map(({ screen }) => screen);
}

/** What lies in chalk on a group's cloth when a screen begins: nothing that comes later, and no helper that was rubbed out. */
export function chalkedBefore(sheet: CutSheet, screens: readonly TableScreen[], index: number): Lights {
  const here = screens[index];
  const before = screens.slice(0, index).filter(({ group }) => group === here?.group);
  const all = joinLights(before.flatMap(({ steps }) => steps.map((step) => lightsOf(sheet, step))));
  const gone = new Set(before.flatMap(({ placement }) => (placement === null ? [] : rubbedOut(placement))));
  return { ...all, marks: new Set([...all.marks].filter((mark) => !gone.has(mark))) };
}

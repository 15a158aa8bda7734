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

const STRIPS = "strips";
/** What is done to a strip once it is chalked, on one screen. */
const AFTER_CHALK = ["check", "cut", "notch"] as const;

/** What lies single, and what is chalked round cut pieces, is small and quickly cut. */
function isSmall({ groups, steps }: CutSheet, group: string): boolean {
  const single = groups.find(({ id }) => id === group)?.fold === "single";
  return single || steps.some((step) => step.group === group && step.act === "round");
}

/** What the hand does to a piece once it is notched: by itself, so that nothing of it stands below the screen. */
const BY_HAND: ReadonlySet<string> = new Set(["slit-pair", "pleat", "hollow-front"]);

function isByHand({ steps }: CutSheet, step: SheetStep): boolean {
  if (step.act !== "name") return BY_HAND.has(step.act);
  return steps.some(({ act, group }) => group === step.group && BY_HAND.has(act));
}

/** What is done on one screen shares a key: a strip is measured, cut out and named on one, a band folded in as it is cut. */
function keyOf(sheet: CutSheet, step: SheetStep): string {
  if ((AFTER_CHALK as readonly string[]).includes(step.phase) && isSmall(sheet, step.group)) return STRIPS;
  if (isByHand(sheet, step)) return `by hand ${step.group}`;
  if (step.act === "fold-in-band") return `cut ${step.group}`;
  return `${step.phase} ${step.group}`;
}

function placementOf(sheet: CutSheet, mode: TableSteps): ReadonlyMap<string, SheetPlacement> {
  if (mode === "single") return new Map();
  return new Map(
    (sheet.placements ?? []).flatMap((placement) => placement.steps.map((id) => [id, placement] as const)),
  );
}

/** What a step shares its screen by. */
function screenKey(sheet: CutSheet, step: SheetStep, placement: SheetPlacement | null): string {
  if (placement !== null) return `placement ${placement.id}`;
  return step.phase === "chalk" ? step.id : keyOf(sheet, step);
}

/** Strips are measured, cut out and named under the shears; a band is folded in there. */
function kindOf(key: string, phase: SheetStep["phase"]): SheetStep["phase"] {
  return key === STRIPS || key.startsWith("cut ") ? "cut" : phase;
}

/** The steps up to the count: what is sewn after it has a place of its own. */
export function tableSteps({ steps }: Pick<CutSheet, "steps">): readonly SheetStep[] {
  return steps.filter(({ phase }) => phase !== "make");
}

/** The screens of a sheet in the order of the hand. */
export function tableScreens(sheet: CutSheet, mode: TableSteps): readonly TableScreen[] {
  const placed = placementOf(sheet, mode);
  const screens: { readonly key: string; readonly screen: TableScreen; readonly steps: SheetStep[] }[] = [];
  for (const step of tableSteps(sheet)) {
    const placement = placed.get(step.id) ?? null;
    const key = screenKey(sheet, step, placement);
    const last = screens.at(-1);
    if (last?.key === key) {
      last.steps.push(step);
      continue;
    }
    const steps = [step];
    const id = placement?.id ?? step.id;
    screens.push({ key, steps, screen: { id, kind: kindOf(key, step.phase), group: step.group, steps, placement } });
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

/** Taking back a chalk tick opens the check of its group again: what was measured is no longer what is there. */
export function reopened(sheet: CutSheet, unticked: readonly string[]): readonly string[] {
  const groups = new Set(
    sheet.steps.filter(({ id, phase }) => phase === "chalk" && unticked.includes(id)).map(({ group }) => group),
  );
  return sheet.steps.filter(({ phase, group }) => phase === "check" && groups.has(group)).map(({ id }) => id);
}

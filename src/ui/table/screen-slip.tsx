import type { CutSheet, KeptCheck, KeptChecks, SheetStep, StyleItem, TableScreen } from "@/core/formats";
import { phaseNames } from "@/core/wording";
import { CheckSlip } from "./check-slip";
import { CountSlip } from "./count-slip";
import { ListSlip } from "./list-slip";
import { PlacementSlip } from "./placement-slip";
import { ShearsSlip } from "./shears-slip";
import { StyleSlip } from "./style-slip";
import { TableReading } from "./table-reading";

/** What a list of steps is called: notches, and then what the hand does to the piece. */
function titleOf({ kind, steps }: TableScreen, first: SheetStep): string {
  if (kind === "fold") return first.title;
  if (first.act !== "notch") return steps.length === 1 ? first.title : "Finish the piece, and name it";
  return steps.some(({ act }) => act === "name") ? `${phaseNames.notch}, and name the piece` : phaseNames.notch;
}

interface ScreenSlipProps {
  readonly orderId: string;
  readonly sheet: CutSheet;
  readonly screen: TableScreen;
  readonly part: number;
  readonly reading: number | null;
  readonly style: readonly StyleItem[];
  readonly done: ReadonlySet<string>;
  readonly checks: KeptChecks;
  readonly free: boolean;
  /** The length that the tape lies on, of a check. */
  readonly measured: string | null;
  readonly onMeasure: (length: string) => void;
  readonly onTick: (steps: readonly string[]) => void;
  readonly onCheck: (id: string, check: KeptCheck, free: boolean) => void;
}

/** What is done on one screen: each part of the work in its own slip. */
export function ScreenSlip({
  orderId,
  sheet,
  screen,
  part,
  reading,
  style,
  done,
  checks,
  free,
  measured,
  onMeasure,
  onTick,
  onCheck,
}: ScreenSlipProps) {
  const [step] = screen.steps;
  if (step === undefined) return null;
  if (screen.placement !== null)
    return <PlacementSlip sheet={sheet} placement={screen.placement} done={done} inHand={reading} onTick={onTick} />;
  switch (screen.kind) {
    case "style":
      return <StyleSlip orderId={orderId} items={style} done={done} onTick={onTick} />;
    case "check":
      return (
        <CheckSlip
          sheet={sheet}
          step={step}
          kept={checks[step.id]}
          passed={done.has(step.id)}
          inHand={measured}
          onHand={onMeasure}
          onKeep={(check, passes) => onCheck(step.id, check, passes)}
        />
      );
    case "cut":
      return screen.steps.some(({ phase }) => phase === "check") ? (
        <ListSlip sheet={sheet} title="Measure, cut out, name" steps={screen.steps} done={done} onTick={onTick} />
      ) : (
        <ShearsSlip sheet={sheet} steps={screen.steps} part={part} done={done} free={free} />
      );
    case "count":
      return <CountSlip step={step} done={done} onTick={onTick} />;
    case "fold":
    case "notch":
      return <ListSlip sheet={sheet} title={titleOf(screen, step)} steps={screen.steps} done={done} onTick={onTick} />;
    default:
      return <TableReading sheet={sheet} step={step} />;
  }
}

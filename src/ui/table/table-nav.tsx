import { Check } from "lucide-react";
import type { TableScreen } from "@/core/formats";

interface TableNavProps {
  readonly screen: TableScreen;
  readonly part: number;
  readonly isFirst: boolean;
  readonly isLast: boolean;
  readonly ticked: boolean;
  /** Whether the chalk was measured, or someone cuts all the same. */
  readonly free: boolean;
  /** Whether the shears wait for that. */
  readonly held: boolean;
  /** Whether the voice waits at a reading. */
  readonly waits: boolean;
  readonly leftHanded: boolean;
  readonly onMove: (by: 1 | -1) => void;
}

const button = "min-h-16 rounded-lg text-xl font-semibold disabled:opacity-40";

/** What the large button says: what going on means here. */
export function doneSaid({
  screen: { kind, steps, placement },
  part,
  isLast,
  free,
  waits,
}: Pick<TableNavProps, "screen" | "part" | "isLast" | "free" | "waits">): string {
  if (isLast) return "All done";
  if (waits) return "Marked, next reading";
  if (kind === "style") return "All of it is so, fold";
  if (kind === "check") return free ? "To the shears" : "Go on, not cutting yet";
  if (kind === "cut" && part < steps.length - 1) return "Next edge";
  return placement === null ? "Done, next" : "All chalked, next";
}

/** Back and on, in reach of the thumb. */
export function TableNav(props: TableNavProps) {
  const { isFirst, isLast, ticked, held, leftHanded, onMove } = props;
  return (
    <nav className={`flex gap-3 bg-cloth-deep px-3 pb-3 ${leftHanded ? "flex-row-reverse" : ""}`} aria-label="Steps">
      <button
        type="button"
        className={`${button} flex-1 border-2 border-chalk-soft`}
        onClick={() => onMove(-1)}
        disabled={isFirst}
      >
        Back
      </button>
      <button
        type="button"
        className={`${button} flex flex-[2] items-center justify-center gap-3 bg-lantern text-2xl font-bold text-on-lantern`}
        onClick={() => onMove(1)}
        disabled={held || (isLast && ticked)}
      >
        <Check aria-hidden="true" />
        {doneSaid(props)}
      </button>
    </nav>
  );
}

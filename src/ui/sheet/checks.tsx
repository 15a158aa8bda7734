import { CircleAlert, CircleCheck, Info, TriangleAlert } from "lucide-react";
import type { SheetCheck } from "@/core/formats";
import { Fractions } from "@/ui/reading/fractions";

const levels = {
  error: { icon: CircleAlert, name: "Do not cut", style: "border-wrong text-wrong" },
  caution: { icon: TriangleAlert, name: "Look first", style: "border-next text-next-deep" },
  note: { icon: Info, name: "Good to know", style: "border-line text-ink" },
} as const;

/** What is true of front and back alike is said once. */
function toldOnce(checks: readonly SheetCheck[]): readonly SheetCheck[] {
  return [...new Map(checks.map((check) => [`${check.level} ${check.id} ${check.text}`, check])).values()];
}

/** One touch makes the change that mends it. */
function TakeIt({ check: { change, text }, onTake }: { readonly check: SheetCheck } & Pick<ChecksProps, "onTake">) {
  if (change === undefined || onTake === undefined) return null;
  return (
    <button type="button" className="button mt-2" aria-label={`Change it: ${text}`} onClick={() => onTake(change)}>
      Change it
    </button>
  );
}

interface ChecksProps {
  readonly checks: readonly SheetCheck[];
  /** Takes the change that a check offers; left out where nothing can be changed any more. */
  readonly onTake?: ((change: NonNullable<SheetCheck["change"]>) => void) | undefined;
}

/** What was found about the draft, the gravest first, each with what to do. */
export function Checks({ checks, onTake }: ChecksProps) {
  if (checks.length === 0) {
    return (
      <p className="flex items-center gap-2 font-semibold">
        <CircleCheck aria-hidden="true" /> Nothing to look at twice.
      </p>
    );
  }
  const order = ["error", "caution", "note"] as const;
  return (
    <ul className="space-y-2">
      {order.flatMap((level) =>
        toldOnce(checks)
          .filter((check) => check.level === level)
          .map((check) => {
            const { icon: Icon, name, style } = levels[level];
            return (
              <li key={`${check.id}-${check.text}`} className={`rounded-md border-l-4 bg-card px-3 py-2 ${style}`}>
                <p className="flex items-center gap-2 text-sm font-bold">
                  <Icon size={18} aria-hidden="true" /> {name}
                </p>
                <p className="text-ink">
                  <Fractions text={check.text} />
                </p>
                <p className="text-ink-soft">
                  <Fractions text={check.remedy} />
                </p>
                <TakeIt check={check} onTake={onTake} />
              </li>
            );
          }),
      )}
    </ul>
  );
}

import { Check } from "lucide-react";
import type { TaskStand } from "./use-making";

interface TaskListProps {
  readonly stands: readonly TaskStand[];
  readonly inHand: string;
  readonly onPick: (id: string) => void;
}

/** Every task in the order in which it is made, those that wait said to wait. */
export function TaskList({ stands, inHand, onPick }: TaskListProps) {
  return (
    <ol aria-label="Making">
      {stands.map(({ step, done, waits }, index) => (
        <li key={step.id} className="border-b border-card-deep">
          <button
            type="button"
            aria-current={step.id === inHand ? "step" : undefined}
            onClick={() => onPick(step.id)}
            className="flex min-h-12 w-full items-center gap-3 border-l-8 border-transparent px-3 py-2 text-left hover:bg-card-deep aria-[current=step]:border-next aria-[current=step]:bg-card-deep"
          >
            <span className="w-7 shrink-0 text-center font-semibold" aria-hidden="true">
              {done ? <Check className="mx-auto size-6" /> : index + 1}
            </span>
            <span className={done ? "text-ink-soft" : ""}>
              <span className="block font-semibold">{step.title}</span>
              <span className="block text-sm text-ink-soft">
                {done ? "done" : waits.length > 0 ? `after: ${waits.join(", ").toLowerCase()}` : "free to be done"}
              </span>
            </span>
          </button>
        </li>
      ))}
    </ol>
  );
}

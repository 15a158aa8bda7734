import type { ChoiceDefinition } from "@/core/chalk";
import { findGarment } from "@/core/garments";
import { isRuleId, ruleDefinition } from "@/core/rules";
import { type MetRow, MetTable } from "@/ui/shell/met-table";
import type { Decisions } from "./use-decisions";

interface MetDecisionsProps {
  readonly garment: string;
  /** Null as long as no other screen decided about it. */
  readonly met: {
    readonly theirs: Decisions;
    readonly mine: Decisions;
    /** Goes on with what was decided here, or with what the other screen kept. */
    readonly settle: (mine: boolean) => void;
  } | null;
}

type Decided = string | number | boolean | undefined;

function sayDecided(value: Decided, options: Readonly<Record<string, string>> | undefined): string {
  if (value === undefined) return "as usual";
  if (typeof value === "boolean") return value ? "yes" : "no";
  return options?.[String(value)] ?? String(value);
}

const optionsOf = (choice: ChoiceDefinition | undefined) =>
  choice !== undefined && "options" in choice ? choice.options : undefined;

/** What two screens decided otherwise, each by its own name. */
function differing(garment: string, theirs: Decisions, mine: Decisions): readonly MetRow[] {
  const choices: Readonly<Record<string, ChoiceDefinition>> = findGarment(garment)?.choices ?? {};
  const rows: MetRow[] = [];
  const compare = (
    one: Decisions["choices"],
    other: Decisions["choices"],
    describe: (id: string) => {
      readonly label: string;
      readonly options?: Readonly<Record<string, string>> | undefined;
    },
  ) => {
    for (const id of new Set([...Object.keys(one), ...Object.keys(other)])) {
      if (one[id] === other[id]) continue;
      const { label, options } = describe(id);
      rows.push({ label, theirs: sayDecided(one[id], options), mine: sayDecided(other[id], options) });
    }
  };
  compare(theirs.choices, mine.choices, (id) => ({ label: choices[id]?.label ?? id, options: optionsOf(choices[id]) }));
  compare(theirs.rules, mine.rules, (id) => (isRuleId(id) ? ruleDefinition(id) : { label: "Set of house rules" }));
  if (JSON.stringify(theirs.cloth) !== JSON.stringify(mine.cloth))
    rows.push({ label: "Cloth", theirs: "as told there", mine: "as told here" });
  return rows;
}

/** It may come while the choices far below are in hand. */
const bringIntoView = (slip: HTMLElement | null) => slip?.scrollIntoView({ block: "nearest" });

/** Two screens decided about one garment: what the other one kept stands beside what is decided here, and nothing is lost. */
export function MetDecisions({ garment, met }: MetDecisionsProps) {
  if (met === null) return null;
  const { theirs, mine, settle } = met;
  return (
    <section ref={bringIntoView} role="alert" className="slip fold-edge space-y-3 border-2 border-next p-4">
      <h2 className="text-xl">Another screen decided otherwise meanwhile</h2>
      <p>What you decided here is not kept yet.</p>
      <MetTable heads={["Decided", "There", "Here"]} rows={differing(garment, theirs, mine)} />
      <div className="flex flex-wrap gap-2">
        <button type="button" className="button button-next" onClick={() => settle(true)}>
          Keep mine
        </button>
        <button type="button" className="button" onClick={() => settle(false)}>
          Go on with theirs
        </button>
      </div>
    </section>
  );
}

import Link from "next/link";
import { formatLengthWithUnit, type Unit } from "@/core/length";
import type { LearntRule } from "@/core/making";
import { isRuleId, ruleDefinition } from "@/core/rules";
import { sayLearnt } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";

function sayValue(value: LearntRule["value"], unit: Unit): string {
  return typeof value === "number" ? formatLengthWithUnit(value, unit) : String(value);
}

/** House rules under which something keeps being altered; nothing is changed by itself. */
export function LearntRules({ learnt, unit }: { readonly learnt: readonly LearntRule[]; readonly unit: Unit }) {
  if (learnt.length === 0) return null;
  return (
    <section className="slip mx-3 mt-3 p-3" aria-label="What keeps being altered">
      <h2 className="text-lg">What keeps being altered</h2>
      <ul>
        {learnt.map((one) => (
          <li key={`${one.rule} ${String(one.value)} ${one.seen}`} className="flex flex-wrap items-center gap-x-3">
            <span>
              <Fractions
                text={`${sayLearnt(one, unit)}, for ${one.clients} clients, where “${isRuleId(one.rule) ? ruleDefinition(one.rule).label : one.rule}” is ${sayValue(one.value, unit)}.`}
              />
            </span>
            <Link
              href={`/rules?rule=${one.rule}`}
              prefetch={false}
              className="flex min-h-12 items-center font-semibold underline"
            >
              Change the rule?
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

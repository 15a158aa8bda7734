import type { Unit } from "@/core/length";
import type { Learnt } from "@/core/making";
import { nameSeen, sayLearnt } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";

/** What keeps being altered for a client: how often as a bar, how much in words; the commonest in one sentence. */
export function LearntList({ learnt, unit }: { readonly learnt: readonly Learnt[]; readonly unit: Unit }) {
  const [first] = learnt;
  if (first === undefined) return null;
  return (
    <section className="slip p-4" aria-label="What fittings said">
      <h2 className="text-lg">What fittings said</h2>
      <p className="mt-1">
        <Fractions text={`${sayLearnt(first, unit)}.`} />
      </p>
      <ul className="mt-3 space-y-2">
        {learnt.map((one) => (
          <li key={one.seen} className="grid grid-cols-[1fr_2fr] items-center gap-3">
            <span>{nameSeen(one.seen)}</span>
            <span className="flex items-center gap-3">
              <span
                className="block h-5 min-w-2 rounded-sm bg-cloth"
                style={{ width: `${(one.times / first.times) * 70}%` }}
                aria-hidden="true"
              />
              <span className="whitespace-nowrap font-semibold">{one.times} ×</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

import Link from "next/link";
import { sayDate } from "@/core/wording";
import type { LoadedPractice } from "@/server/practice";
import { PersonTable } from "./person-table";
import { StartRehearsal } from "./start-rehearsal";

/** Rehearsals that were begun, the newest first. */
function Begun({ rehearsals }: Pick<LoadedPractice, "rehearsals">) {
  if (rehearsals.length === 0) return null;
  return (
    <section aria-labelledby="begun">
      <h2 id="begun" className="pb-2 text-lg">
        Rehearsals
      </h2>
      <ul className="space-y-2">
        {rehearsals.map(({ id, person, title, closedAt, startedAt, answered }) => (
          <li key={id} className="slip fold-edge">
            <Link href={`/practice/${id}`} prefetch={false} className="block min-h-12 px-4 py-2">
              <span className="block text-lg font-semibold">
                {person} <span className="font-normal text-ink-soft">· {title}</span>
              </span>
              <span className="block text-sm text-ink-soft">
                {sayDate(startedAt)} · {closedAt === null ? `${answered} answered, still open` : "looked over"}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Who practises what, and which marks and rules go wrong for whom. */
export function PracticeView({ persons, rehearsals, orders, garments }: LoadedPractice) {
  return (
    <div className="grid gap-6 lg:grid-cols-[2fr_3fr]">
      <div className="space-y-6">
        <StartRehearsal
          orders={orders}
          garments={garments}
          persons={[...new Set([...persons, ...rehearsals].map(({ person }) => person))]}
        />
        <Begun rehearsals={rehearsals} />
      </div>
      <section className="space-y-4" aria-labelledby="what-goes-wrong">
        <h2 id="what-goes-wrong" className="text-lg">
          What goes right, and what not yet
        </h2>
        {persons.length === 0 ? (
          <p className="slip p-4">
            Nobody has practised yet. What is counted here stays in the shop: how often, and why; never whose garment it
            was.
          </p>
        ) : (
          persons.map((tally) => <PersonTable key={tally.person} {...tally} />)
        )}
      </section>
    </div>
  );
}

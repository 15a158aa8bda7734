"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { PersonTally, SaidTally } from "@/server/practice";
import { emptyPerson } from "@/server/practice-actions";
import { AskButton } from "@/ui/shell/ask-button";
import { ChoicePills } from "@/ui/shell/choice-pills";

const SHOWN = 8;

/** How much of the last ten went right, as a bar and in words. */
function Row({ row }: { readonly row: SaidTally }) {
  const share = row.lastRights / row.lastTries;
  return (
    <tr className="border-b border-card-deep align-top">
      <th scope="row" className="py-2 pr-3 text-left font-normal first-letter:uppercase">
        {row.label}
        {row.said !== null && <span className="block text-sm text-ink-soft">{row.said}</span>}
      </th>
      <td className="w-40 py-2 pr-3">
        <span className="flex items-center gap-2 whitespace-nowrap">
          <span className="h-3 w-16 overflow-hidden rounded-sm bg-card-deep" aria-hidden="true">
            <span className="block h-full bg-cloth" style={{ width: `${share * 100}%` }} />
          </span>
          <strong>
            {row.lastRights} of {row.lastTries}
          </strong>
        </span>
      </td>
      <td className="whitespace-nowrap py-2 text-ink-soft">
        {row.rights} of {row.tries}
      </td>
    </tr>
  );
}

/** What one person gets right and wrong, by mark or by house rule: the last ten and all, with the commonest cause. */
export function PersonTable({ person, tries, marks, rules }: PersonTally) {
  const router = useRouter();
  const [by, setBy] = useState<"marks" | "rules">("marks");
  const [whole, setWhole] = useState(false);
  const rows = by === "marks" ? marks : rules;
  return (
    <section className="slip fold-edge p-4" aria-label={person}>
      <div className="flex flex-wrap items-center justify-between gap-3 pb-2">
        <h3 className="text-lg">
          {person} <span className="text-base font-normal text-ink-soft">· {tries} answers</span>
        </h3>
        <ChoicePills
          label="By mark or by rule"
          options={[
            { id: "marks", label: "By mark" },
            { id: "rules", label: "By house rule" },
          ]}
          value={by}
          onPick={(id) => setBy(id as typeof by)}
        />
      </div>
      {rows.length === 0 ? (
        <p>None of these rests on a house rule.</p>
      ) : (
        <table className="w-full border-collapse">
          <thead>
            <tr className="border-b-2 border-line text-left text-sm text-ink-soft">
              <th scope="col" className="py-1 font-normal">
                {by === "marks" ? "Mark, and what goes wrong" : "House rule, and what goes wrong"}
              </th>
              <th scope="col" className="py-1 font-normal">
                The last ten
              </th>
              <th scope="col" className="py-1 font-normal">
                All
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.slice(0, whole ? rows.length : SHOWN).map((row) => (
              <Row key={row.id} row={row} />
            ))}
          </tbody>
        </table>
      )}
      <div className="flex flex-wrap gap-3 pt-3">
        {rows.length > SHOWN && (
          <button type="button" className="button" aria-expanded={whole} onClick={() => setWhole(!whole)}>
            {whole ? "Only the first" : `All ${rows.length}`}
          </button>
        )}
        <AskButton act={() => emptyPerson(person)} onDone={() => router.refresh()} className="button">
          Empty this table
        </AskButton>
      </div>
    </section>
  );
}

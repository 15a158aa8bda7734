"use client";

import { useState } from "react";
import type { CraftWord } from "@/core/wording";
import { SearchField } from "@/ui/shell/search-field";

/** Craft words and what they mean; a few letters find one. */
export function WordList({ words }: { readonly words: readonly CraftWord[] }) {
  const [letters, setLetters] = useState("");
  const wanted = letters.trim().toLowerCase();
  const found = words.filter(({ word, meaning }) => `${word} ${meaning}`.toLowerCase().includes(wanted));
  return (
    <section className="space-y-3" aria-label="Words">
      <SearchField label="Find a word" letters={letters} onLetters={setLetters} />
      {found.length === 0 ? (
        <p role="status">No such word here.</p>
      ) : (
        <dl className="slip divide-y divide-card-deep">
          {found.map(({ word, meaning }) => (
            <div key={word} id={word.replaceAll(" ", "-")} className="gap-4 px-4 py-2 sm:grid sm:grid-cols-[11rem_1fr]">
              <dt className="font-head text-lg font-semibold first-letter:uppercase">{word}</dt>
              <dd>{meaning}</dd>
            </div>
          ))}
        </dl>
      )}
    </section>
  );
}

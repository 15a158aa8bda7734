"use client";

import { useState } from "react";
import { findCraftWords } from "@/core/wording";

/** The craft words of a sentence, each a touch away from its meaning. */
export function WordsHere({ text }: { readonly text: string }) {
  const [shown, setShown] = useState<string | null>(null);
  const words = findCraftWords(text);
  if (words.length === 0) return null;
  const meaning = words.find(({ word }) => word === shown)?.meaning;
  return (
    <div className="flex flex-wrap items-center gap-x-1 text-sm">
      <span className="text-ink-soft">What is</span>
      {words.map(({ word }) => (
        <button
          key={word}
          type="button"
          aria-expanded={shown === word}
          onClick={() => setShown(shown === word ? null : word)}
          className="min-h-8 px-1.5 underline decoration-dotted underline-offset-4 aria-expanded:bg-card-deep aria-expanded:font-semibold"
        >
          {word}
        </button>
      ))}
      {meaning !== undefined && (
        <p role="status" className="basis-full text-base">
          {meaning}
        </p>
      )}
    </div>
  );
}

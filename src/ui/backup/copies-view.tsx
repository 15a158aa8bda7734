"use client";

import { useState } from "react";
import type { Dump } from "@/server/backup/dumps";
import { LocalTime } from "@/ui/shell/local-time";
import { BringBack } from "./bring-back";

function saySize(bytes: number): string {
  return bytes < 1_000_000 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
}

/** The whole shop in one file and back, the copies that the shop keeps by itself, and the cards as a table. */
export function CopiesView({ dumps }: { readonly dumps: readonly Dump[] }) {
  const [own, setOwn] = useState<string | null>(null);
  return (
    <>
      <section className="slip fold-edge space-y-3 p-4" aria-labelledby="keep-copy">
        <h2 id="keep-copy" className="text-lg">
          Keep a copy elsewhere
        </h2>
        <p>
          One file with every client, card, order, sheet and rule. Keep it off this machine: a stick, another computer.
        </p>
        <div className="flex flex-wrap gap-2">
          <a href="/backup/shop.json" className="button button-next" download>
            The whole shop, as a file
          </a>
          <a href="/backup/cards.csv" className="button" download>
            Every card, as a table
          </a>
        </div>
        <p className="text-sm text-ink-soft">Cards are private: whoever has the file can read it.</p>
      </section>
      <BringBack own={own} onForget={() => setOwn(null)} />
      <section className="slip space-y-2 p-4" aria-labelledby="own-copies">
        <h2 id="own-copies" className="text-lg">
          Copies the shop keeps by itself
        </h2>
        <p className="text-ink-soft">
          One when the shop opens and one each hour in which something changed, beside the data. Of the last day one an
          hour stays, of the last month one a day, and one of each month before.
        </p>
        {dumps.length === 0 && <p>None yet.</p>}
        <ul className="divide-y divide-card-deep">
          {dumps.map(({ name, writtenAt, bytes }) => (
            <li key={name} className="flex flex-wrap items-center gap-3 py-1">
              <span className="min-w-0 flex-1">
                <LocalTime at={writtenAt} />
                <span className="text-sm text-ink-soft">
                  {" "}
                  · {saySize(bytes)}
                  {name.includes("-before") && " · before a copy was brought back"}
                </span>
              </span>
              <a href={`/backup/copies/${name}`} className="button" download>
                Keep
              </a>
              <button type="button" className="button" aria-pressed={own === name} onClick={() => setOwn(name)}>
                Bring back
              </button>
            </li>
          ))}
        </ul>
      </section>
    </>
  );
}

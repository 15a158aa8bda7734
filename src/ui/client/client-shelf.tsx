"use client";

import Link from "next/link";
import { useState } from "react";
import type { Client } from "@/db";
import { SearchField } from "@/ui/shell/search-field";

/** Everybody in the book by name; a few letters find one among many. */
export function ClientShelf({ clients }: { readonly clients: readonly Client[] }) {
  const [letters, setLetters] = useState("");
  const found = clients.filter(({ name }) => name.toLowerCase().includes(letters.trim().toLowerCase()));
  if (clients.length === 0) {
    return (
      <div className="slip fold-edge space-y-3 p-6">
        <h2 className="text-xl">Nobody in the book yet</h2>
        <p>Measure your first client; the readings may be written in any spelling.</p>
        <Link href="/clients/new" className="button button-next">
          Measure a client
        </Link>
      </div>
    );
  }
  return (
    <>
      <SearchField label="Find by name" letters={letters} onLetters={setLetters} />
      {found.length === 0 ? (
        <p role="status">Nobody by that name. Try fewer letters.</p>
      ) : (
        <ul className="grid gap-2 sm:grid-cols-2 lg:grid-cols-3">
          {found.map(({ id, name }) => (
            <li key={id}>
              <Link
                href={`/clients/${id}`}
                prefetch={false}
                className="slip fold-edge block min-h-14 content-center px-4 py-2 text-lg hover:bg-card-deep"
              >
                {name}
              </Link>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

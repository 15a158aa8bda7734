"use client";

import { Command } from "cmdk";
import Link from "next/link";
import { useState } from "react";
import type { Client } from "@/db";
import { type OfferedGarment, StartOrder } from "@/ui/client/start-order";

interface NewOrderProps {
  readonly clients: readonly Client[];
  readonly garments: readonly OfferedGarment[];
}

/** A new order in three touches: the client, the day, the garment. */
export function NewOrder({ clients, garments }: NewOrderProps) {
  const [client, setClient] = useState<Client | null>(null);
  const [letters, setLetters] = useState("");
  const [promisedOn, setPromisedOn] = useState("");
  if (clients.length === 0) {
    return (
      <div className="slip fold-edge max-w-xl space-y-3 p-6">
        <h2 className="text-xl">Nobody in the book yet</h2>
        <p>An order is for somebody who was measured. Take the first card; the garments come after it.</p>
        <Link href="/clients/new" prefetch={false} className="button button-next">
          Measure a client
        </Link>
      </div>
    );
  }
  return (
    <div className="grid gap-6 lg:grid-cols-[1fr_2fr]">
      <section className="space-y-4">
        <div className="slip fold-edge p-4">
          <h2 className="pb-2 text-lg">Who</h2>
          {client === null ? (
            <Command label="Who the order is for" loop>
              <Command.Input
                className="field"
                placeholder="A few letters of the name"
                value={letters}
                onValueChange={setLetters}
              />
              <Command.List className="mt-2 max-h-80 overflow-y-auto">
                {letters !== "" && <Command.Empty className="p-2">Nobody by that name.</Command.Empty>}
                {clients.map((one) => (
                  <Command.Item
                    key={one.id}
                    value={`${one.name} ${one.id}`}
                    onSelect={() => setClient(one)}
                    className="flex min-h-12 cursor-pointer items-center rounded-md px-3 data-[selected=true]:bg-cloth data-[selected=true]:text-chalk"
                  >
                    {one.name}
                  </Command.Item>
                ))}
              </Command.List>
            </Command>
          ) : (
            <p className="flex items-center justify-between gap-3">
              <strong className="text-xl">{client.name}</strong>
              <button type="button" className="button" onClick={() => setClient(null)}>
                Somebody else
              </button>
            </p>
          )}
          <Link
            href="/clients/new"
            prefetch={false}
            className="mt-3 inline-block min-h-12 content-center underline underline-offset-4"
          >
            Not in the book yet: measure a new client
          </Link>
        </div>
        <label className="slip fold-edge block p-4">
          <span className="font-head text-lg font-semibold">Promised for</span>
          <input
            className="field mt-2"
            type="date"
            value={promisedOn}
            onChange={(event) => setPromisedOn(event.target.value)}
          />
          <span className="text-sm text-ink-soft">May stay empty; fittings are added on the order.</span>
        </label>
      </section>
      {client === null ? (
        <p className="slip self-start p-4 text-ink-soft">Choose who it is for; then the garments are here.</p>
      ) : (
        <StartOrder clientId={client.id} garments={garments} promisedOn={promisedOn === "" ? null : promisedOn} />
      )}
    </div>
  );
}

"use client";

import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { takeOutClient } from "@/server/client-actions";
import { askShop } from "@/ui/shell/ask-shop";
import { Refused } from "@/ui/shell/refused";
import { forgetSeenPages } from "@/ui/shell/seen-pages";

interface TakeOutClientProps {
  readonly clientId: string;
  readonly name: string;
  readonly orders: number;
}

/** What belongs to the client: a file of it to take along, and the way out of the book. */
export function TakeOutClient({ clientId, name, orders }: TakeOutClientProps) {
  const router = useRouter();
  const [typed, setTyped] = useState("");
  const [said, setSaid] = useState<string | null>(null);
  const takeOut = async (event: FormEvent) => {
    event.preventDefault();
    const { said: wrong } = await askShop(() => takeOutClient(clientId, typed));
    setSaid(wrong);
    if (wrong !== null) return;
    await forgetSeenPages();
    router.push("/clients");
  };
  return (
    <section className="slip space-y-3 p-4" aria-labelledby="clients-own">
      <h2 id="clients-own" className="text-lg">
        The client's own
      </h2>
      <p>
        <a href={`/clients/${clientId}/export`} className="button" download>
          Everything about {name}, as a file
        </a>
      </p>
      <details>
        <summary className="min-h-12 content-center font-semibold">Take {name} out of the book</summary>
        <form onSubmit={takeOut} className="space-y-2 pt-2">
          <p>
            Every card, note, {orders === 1 ? "the order" : `the ${orders} orders`} and every sheet go too, for good. A
            copy of the shop made before still has them.
          </p>
          <label className="block">
            <span className="font-semibold">Write the name to be sure</span>
            <input
              className="field"
              value={typed}
              autoComplete="off"
              onChange={(event) => setTyped(event.target.value)}
            />
          </label>
          <Refused said={said} />
          <button type="submit" className="button" disabled={typed.trim() === ""}>
            Take out
          </button>
        </form>
      </details>
    </section>
  );
}

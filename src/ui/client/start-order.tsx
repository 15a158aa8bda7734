"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { startOrder } from "@/server/order-actions";
import { askShop } from "@/ui/shell/ask-shop";
import { Refused } from "@/ui/shell/refused";
import { GarmentPicture } from "./garment-picture";

export interface OfferedGarment {
  readonly id: string;
  readonly label: string;
  readonly about: string;
}

interface StartOrderProps {
  readonly clientId: string;
  readonly garments: readonly OfferedGarment[];
  readonly promisedOn?: string | null;
}

/** What a garment is, in the plural: a shirt dress is a dress, "Bustier, panels from the armhole" a bustier. */
export function kindOf({ label }: Pick<OfferedGarment, "label">): string {
  const word = label.split(",")[0]?.split(" ").at(-1) ?? label;
  const plural = `${word}${word.endsWith("s") ? "es" : "s"}`;
  return plural.charAt(0).toUpperCase() + plural.slice(1).toLowerCase();
}

/** Garments of one kind together, in the order in which their kinds come first. */
export function groupGarments(
  garments: readonly OfferedGarment[],
  letters: string,
): readonly { readonly kind: string; readonly garments: readonly OfferedGarment[] }[] {
  const wanted = letters.trim().toLowerCase();
  const found = garments.filter(({ label, about }) => `${label} ${about}`.toLowerCase().includes(wanted));
  const kinds = [...new Set(found.map(kindOf))];
  return kinds.map((kind) => ({ kind, garments: found.filter((garment) => kindOf(garment) === kind) }));
}

/** Every garment of the catalogue as it would look on this client; a tap takes the order. */
export function StartOrder({ clientId, garments, promisedOn = null }: StartOrderProps) {
  const router = useRouter();
  const [said, setSaid] = useState<string | null>(null);
  const [letters, setLetters] = useState("");
  const start = async (garment: string) => {
    const { said: wrong, value } = await askShop(() => startOrder(clientId, garment, promisedOn));
    setSaid(wrong);
    if (value !== null) router.push(`/orders/${value.orderId}`);
  };
  const groups = groupGarments(garments, letters);
  return (
    <section>
      <div className="flex flex-wrap items-center justify-between gap-3 pb-2">
        <h2 className="text-lg">Cut something new</h2>
        <input
          className="field max-w-64"
          placeholder="Darts, panels, slit…"
          aria-label="Find a garment"
          value={letters}
          onChange={(event) => setLetters(event.target.value)}
        />
      </div>
      <Refused said={said} />
      {groups.length === 0 && <p className="slip p-4">No garment is described so.</p>}
      {groups.map(({ kind, garments: own }) => (
        <section key={kind} aria-label={kind} className="pb-4">
          <h3 className="pb-1 font-sans text-sm font-semibold text-ink-soft">{kind}</h3>
          <ul className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-2">
            {own.map(({ id, label, about }) => (
              <li key={id}>
                <button
                  type="button"
                  className="slip flex h-full w-full gap-3 p-3 text-left hover:bg-card-deep"
                  onClick={() => start(id)}
                >
                  <GarmentPicture clientId={clientId} garment={id} />
                  <span className="min-w-0">
                    <span className="block font-head text-lg font-semibold leading-tight">{label}</span>
                    <span className="block text-sm leading-snug text-ink-soft">{about}</span>
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </section>
  );
}

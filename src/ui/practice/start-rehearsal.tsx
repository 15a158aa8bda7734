"use client";

import { useRouter } from "next/navigation";
import { type FormEvent, useId, useState } from "react";
import type { LoadedPractice } from "@/server/practice";
import { startRehearsal } from "@/server/practice-actions";
import { askShop } from "@/ui/shell/ask-shop";
import { ChoicePills } from "@/ui/shell/choice-pills";
import { Refused } from "@/ui/shell/refused";

interface StartRehearsalProps extends Pick<LoadedPractice, "orders" | "garments"> {
  /** Who has practised before. */
  readonly persons: readonly string[];
}

const ORDER = "order ";

/** Who practises which sheet, at which size. */
export function StartRehearsal({ orders, garments, persons }: StartRehearsalProps) {
  const router = useRouter();
  const known = useId();
  const [person, setPerson] = useState("");
  const [what, setWhat] = useState<string>(garments[0]?.id ?? "");
  const [scale, setScale] = useState("0.5");
  const [timed, setTimed] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  const start = async (event: FormEvent) => {
    event.preventDefault();
    const chosen = what.startsWith(ORDER) ? { orderId: what.slice(ORDER.length) } : { garment: what };
    const result = await askShop(() => startRehearsal({ person, ...chosen, scale, timed }));
    setSaid(result.said);
    if (result.value !== null) router.push(`/practice/${result.value.id}`);
  };
  return (
    <form onSubmit={start} noValidate className="slip space-y-3 p-4">
      <h2 className="text-lg">Rehearse a sheet</h2>
      <p className="text-sm text-ink-soft">
        The sums are hidden until you have said yours. Nothing of it is written to an order.
      </p>
      <label className="block">
        <span className="font-semibold">Who practises</span>
        <input
          className="field"
          list={known}
          value={person}
          autoComplete="off"
          onChange={(event) => setPerson(event.target.value)}
        />
        <datalist id={known}>
          {persons.map((name) => (
            <option key={name} value={name} />
          ))}
        </datalist>
      </label>
      <label className="block">
        <span className="font-semibold">What</span>
        <select className="field" value={what} onChange={(event) => setWhat(event.target.value)}>
          <optgroup label="For a made-up client">
            {garments.map(({ id, label }) => (
              <option key={id} value={id}>
                {label}
              </option>
            ))}
          </optgroup>
          {orders.length > 0 && (
            <optgroup label="An order of the shop">
              {orders.map(({ id, label }) => (
                <option key={id} value={`${ORDER}${id}`}>
                  {label}
                </option>
              ))}
            </optgroup>
          )}
        </select>
      </label>
      <ChoicePills
        label="Size"
        options={[
          { id: "0.5", label: "Half size, on scrap" },
          { id: "1", label: "Full size" },
        ]}
        value={scale}
        onPick={setScale}
      />
      <label className="flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="size-6"
          checked={timed}
          onChange={(event) => setTimed(event.target.checked)}
        />
        Tell how long it took
      </label>
      <Refused said={said} />
      <button type="submit" className="button button-next">
        Begin
      </button>
    </form>
  );
}

"use client";

import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { formatLengthWithUnit, parseLength, type Unit } from "@/core/length";
import { type AlterPlace, alterPlaces, answerAlteration, isToldInWords } from "@/core/making";
import { alterNames, sayAlteration } from "@/core/wording";
import type { StoredAlterLine } from "@/db";
import { addAlterLine, dropAlterLine } from "@/server/alteration-actions";
import { Fractions } from "@/ui/reading/fractions";
import { AskButton } from "@/ui/shell/ask-button";
import { askShop } from "@/ui/shell/ask-shop";
import { Refused } from "@/ui/shell/refused";

const ORDER = ["Unpick", "Press", "Mark", "Baste", "Try", "Sew"] as const;

function inchesOf(text: string, unit: Unit): number | null {
  const read = parseLength(text, unit);
  return read.ok ? read.value.inches : null;
}

/** What is done for one line; nothing is said where nothing was measured. */
export function sayLine({ place, now, wanted, found }: StoredAlterLine, unit: Unit): string {
  const answer = answerAlteration({
    place,
    now: inchesOf(now, unit) ?? 0,
    wanted: inchesOf(wanted, unit) ?? 0,
    found: inchesOf(found, unit),
  });
  return sayAlteration(place, answer, unit);
}

function LineForm({ orderId, unit }: { readonly orderId: string; readonly unit: Unit }) {
  const router = useRouter();
  const [place, setPlace] = useState<AlterPlace>("waist");
  const [key, setKey] = useState(0);
  const [said, setSaid] = useState<string | null>(null);
  const words = isToldInWords(place);
  const add = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const told = {
      now: "",
      wanted: "",
      found: "",
      how: "",
      ...Object.fromEntries(new FormData(event.currentTarget)),
      place,
    };
    const { said: wrong } = await askShop(() => addAlterLine(orderId, told));
    setSaid(wrong);
    if (wrong !== null) return;
    setKey((old) => old + 1);
    router.refresh();
  };
  return (
    <form key={key} onSubmit={add} className="no-print space-y-3 border-t border-line p-4">
      <label className="block max-w-xs">
        <span className="font-semibold">Where</span>
        <select
          className="field"
          value={place}
          onChange={({ target }) => setPlace(alterPlaces.find((one) => one === target.value) ?? place)}
        >
          {alterPlaces.map((id) => (
            <option key={id} value={id}>
              {alterNames[id]}
            </option>
          ))}
        </select>
      </label>
      {!words && (
        <div className="flex flex-wrap gap-3">
          {(
            [
              ["now", "Now"],
              ["wanted", "Wanted"],
              ["found", "Found in the seam"],
            ] as const
          ).map(([name, label]) => (
            <label key={name} className="block w-40">
              <span className="font-semibold">
                {label}, {unit}
              </span>
              <input name={name} className="field text-xl" autoComplete="off" />
            </label>
          ))}
        </div>
      )}
      <label className="block">
        <span className="font-semibold">{words ? "What is to be done" : "Note"}</span>
        <input name="how" className="field" autoComplete="off" />
      </label>
      <Refused said={said} />
      <button type="submit" className="button button-next">
        Add it
      </button>
    </form>
  );
}

interface AlterationViewProps {
  readonly orderId: string;
  readonly unit: Unit;
  readonly lines: readonly StoredAlterLine[];
}

/** What is altered on a finished garment, line by line: over which seams, by how much at each edge, whether there is enough. */
export function AlterationView({ orderId, unit, lines }: AlterationViewProps) {
  const router = useRouter();
  return (
    <section className="slip self-start overflow-hidden" aria-label="What is altered">
      <h2 className="bg-cloth px-4 py-2 text-xl text-chalk">What is altered</h2>
      {lines.length === 0 && (
        <p className="p-4 text-lg text-ink-soft">Nothing yet: measure it flat, and say what is wished.</p>
      )}
      <ol>
        {lines.map((line) => {
          const [now, wanted] = [inchesOf(line.now, unit), inchesOf(line.wanted, unit)];
          return (
            <li key={line.id} className="border-b border-card-deep p-4">
              <h3 className="text-lg">
                {alterNames[line.place]}
                {now !== null && wanted !== null && (
                  <strong>
                    {": "}
                    <Fractions text={`${formatLengthWithUnit(now, unit)} → ${formatLengthWithUnit(wanted, unit)}`} />
                  </strong>
                )}
              </h3>
              <p className="text-lg">
                <Fractions text={sayLine(line, unit)} />
              </p>
              {line.how !== "" && <p className="text-ink-soft">{line.how}</p>}
              {!isToldInWords(line.place) && (
                <p className="mt-1 text-sm text-ink-soft">
                  Found in the seam: {line.found === "" ? "________" : `${line.found} ${unit}`}
                </p>
              )}
              <div className="no-print mt-2">
                <AskButton
                  className="button"
                  act={() => dropAlterLine(orderId, line.id)}
                  onDone={() => router.refresh()}
                >
                  Take it out
                </AskButton>
              </div>
            </li>
          );
        })}
      </ol>
      {lines.length > 0 && (
        <ul className="flex flex-wrap gap-x-6 gap-y-1 p-4" aria-label="In this order">
          {ORDER.map((act) => (
            <li key={act} className="flex items-center gap-2">
              <span className="inline-block size-4 border-2 border-ink" aria-hidden="true" /> {act}
            </li>
          ))}
        </ul>
      )}
      <LineForm orderId={orderId} unit={unit} />
    </section>
  );
}

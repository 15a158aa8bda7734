"use client";

import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import type { StoredFigureNote } from "@/db";
import { dropNote, keepNote, switchNote } from "@/server/client-actions";
import { figureLines, figurePieces } from "@/server/figure-places";
import { Fractions } from "@/ui/reading/fractions";
import { askShop } from "@/ui/shell/ask-shop";
import { Refused } from "@/ui/shell/refused";

interface FigureNotesProps {
  readonly clientId: string;
  readonly notes: readonly StoredFigureNote[];
}

const SIDES = [
  { id: "both", label: "Both sides" },
  { id: "left", label: "The wearer's left" },
  { id: "right", label: "The wearer's right" },
] as const;

function sayNote({ piece, line, amount, side }: StoredFigureNote): string {
  const where = figurePieces.find(({ id }) => id === piece)?.label ?? piece;
  const level = figureLines.find(({ id }) => id === line)?.label ?? line;
  return `${where}, ${level}${side === "both" ? "" : `, the wearer's ${side}`}: ${amount.replace(/^(\d|½|¼|¾)/, "+ $1")}`;
}

interface PlaceProps {
  readonly name: string;
  readonly label: string;
  readonly places: readonly { readonly id: string; readonly label: string }[];
  readonly first: string;
}

function Place({ name, label, places, first }: PlaceProps) {
  return (
    <label className="block">
      <span className="font-semibold">{label}</span>
      <select name={name} className="field" defaultValue={first}>
        {places.map(({ id, label: said }) => (
          <option key={id} value={id}>
            {said}
          </option>
        ))}
      </select>
    </label>
  );
}

/** What this body asks for, kept from fittings; each can be switched off, and shows as a term of its own on the sheet. */
export function FigureNotes({ clientId, notes }: FigureNotesProps) {
  const router = useRouter();
  const [said, setSaid] = useState<string | null>(null);
  const [key, setKey] = useState(0);
  const run = async (asked: ReturnType<typeof askShop>) => {
    const { said: wrong } = await asked;
    setSaid(wrong);
    if (wrong === null) router.refresh();
    return wrong === null;
  };
  const add = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const told = Object.fromEntries(new FormData(event.currentTarget));
    if (await run(askShop(() => keepNote(clientId, told)))) setKey((old) => old + 1);
  };
  return (
    <section className="slip space-y-3 p-4" aria-labelledby="figure-notes">
      <h2 id="figure-notes" className="text-lg">
        Figure notes
      </h2>
      {notes.length === 0 && (
        <p className="text-ink-soft">None yet. What a fitting taught can stand in later drafts.</p>
      )}
      <ul className="space-y-2">
        {notes.map((note) => (
          <li key={note.id} className="flex flex-wrap items-center gap-2 border-b border-card-deep pb-2">
            <span className={`min-w-0 flex-1 ${note.inUse ? "" : "text-ink-soft line-through"}`}>
              <strong>
                <Fractions text={sayNote(note)} />
              </strong>{" "}
              · {note.why}
            </span>
            <button
              type="button"
              className="button"
              onClick={() => run(askShop(() => switchNote(note.id, !note.inUse)))}
            >
              {note.inUse ? "Switch off" : "Switch on"}
            </button>
            <button type="button" className="button" onClick={() => run(askShop(() => dropNote(note.id)))}>
              Drop
            </button>
          </li>
        ))}
      </ul>
      <details>
        <summary className="min-h-12 content-center font-semibold">Add a note</summary>
        <form key={key} onSubmit={add} className="grid gap-3 pt-2 sm:grid-cols-3">
          <Place name="piece" label="Piece" places={figurePieces} first="bodice-front" />
          <Place name="line" label="Line" places={figureLines} first="waist" />
          <label className="block">
            <span className="font-semibold">How much, each quarter</span>
            <input name="amount" className="field" placeholder="1/4, or −1/2" autoComplete="off" />
          </label>
          <Place name="side" label="Side" places={SIDES} first="both" />
          <label className="block">
            <span className="font-semibold">Why</span>
            <input name="why" className="field" placeholder="hollow back, seen at the fitting" autoComplete="off" />
          </label>
          <button type="submit" className="button self-end">
            Keep the note
          </button>
        </form>
      </details>
      <Refused said={said} />
    </section>
  );
}

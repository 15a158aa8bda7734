"use client";

import { Check } from "lucide-react";
import { useMemo, useState } from "react";
import {
  type CutSheet,
  checkChalk,
  type KeptCheck,
  readChecked,
  type SheetLength,
  type SheetStep,
  sheetTick,
} from "@/core/formats";
import { askCause, nameLength, namePiece, sayHow, sayMiss, sayOnTape, saySuspects, sayWaiver } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";
import { WaiverForm } from "./waiver-form";

const NOTHING_READ: KeptCheck = { read: {} };

interface LengthRowProps {
  readonly sheet: CutSheet;
  readonly length: SheetLength;
  readonly severalPieces: boolean;
  readonly kept: { readonly typed: string; readonly value: number } | undefined;
  /** How far off, and what is asked; null where it agrees or is not read. */
  readonly miss: { readonly said: string; readonly asked: string | null } | null;
  /** Whether the tape lies on it now, on the cloth beside. */
  readonly inHand: boolean;
  readonly onHand: () => void;
  readonly onRead: (read: { readonly typed: string; readonly value: number } | null) => void;
}

/** One length: what the drawing says, one touch that the chalk agrees, or what was read instead. */
function LengthRow({ sheet, length, severalPieces, kept, miss, inHand, onHand, onRead }: LengthRowProps) {
  const [typed, setTyped] = useState(kept?.typed ?? "");
  const [problem, setProblem] = useState<string | null>(null);
  const label = `${nameLength(length.name)}${severalPieces ? `, ${namePiece(length.piece)}` : ""}`;
  const agrees = kept !== undefined && miss === null;
  const read = (text: string) => {
    setTyped(text);
    if (text.trim() === "") {
      setProblem(null);
      onRead(null);
      return;
    }
    const found = readChecked(text, `The ${label}`, sheet.unit);
    if ("problem" in found) setProblem(found.problem);
    else {
      setProblem(null);
      onRead({ typed: text, value: found.value });
    }
  };
  return (
    <li
      className={`border-b border-l-8 border-b-cloth-under py-2 pl-2 ${inHand ? "border-l-lantern bg-cloth" : "border-l-transparent"}`}
      onFocus={onHand}
    >
      <div className="flex items-baseline justify-between gap-3">
        <p className="text-xl font-semibold first-letter:uppercase">{label}</p>
        <p className="text-4xl font-bold">
          <Reading value={length.expected} unit={sheet.unit} tick={sheetTick(sheet)} />
        </p>
      </div>
      <div className="flex items-center gap-3">
        <p className="min-w-0 flex-1 text-base leading-tight text-chalk-soft">{sayHow(length.name, length.how)}</p>
        <button
          type="button"
          aria-pressed={agrees}
          aria-label={`The ${label} agrees`}
          onClick={() => {
            setTyped("");
            setProblem(null);
            onRead(agrees ? null : { typed: "", value: length.expected });
          }}
          className="flex min-h-12 items-center gap-2 rounded-md border-2 border-chalk-soft px-3 aria-pressed:border-lantern aria-pressed:bg-lantern aria-pressed:text-on-lantern"
        >
          <Check aria-hidden="true" size={20} /> Agrees
        </button>
        <input
          value={typed}
          onChange={(event) => read(event.target.value)}
          aria-invalid={problem !== null}
          aria-label={`The ${label}, as read`}
          placeholder="or read"
          className="min-h-12 w-24 rounded-md border-2 border-chalk-soft bg-cloth-deep px-2 text-xl text-chalk placeholder:text-base placeholder:text-chalk-soft"
        />
      </div>
      {problem !== null && (
        <p role="alert" className="pt-1 font-semibold text-lantern">
          {problem}
        </p>
      )}
      {miss !== null && (
        <p className="pt-1 text-lg font-semibold text-lantern">
          <Fractions text={miss.said} />
          {miss.asked !== null && `. ${miss.asked}`}
        </p>
      )}
    </li>
  );
}

interface CheckSlipProps {
  readonly sheet: CutSheet;
  readonly step: SheetStep;
  readonly kept: KeptCheck | undefined;
  readonly passed: boolean;
  /** The length that is measured now. */
  readonly inHand: string | null;
  readonly onHand: (length: string) => void;
  /** Keeps what was read; with it whether the group may be cut. */
  readonly onKeep: (kept: KeptCheck, free: boolean) => void;
}

/** The tape check before the shears: each length on the chalk, what a miss means, and who lets it be cut all the same. */
export function CheckSlip({ sheet, step, kept = NOTHING_READ, passed, inHand, onHand, onKeep }: CheckSlipProps) {
  const lengths = step.lengths ?? [];
  const tick = sheetTick(sheet);
  const readings = useMemo(
    () => Object.fromEntries(Object.entries(kept.read).map(([id, { value }]) => [id, value])),
    [kept.read],
  );
  const verdict = useMemo(() => checkChalk(sheet, step, readings), [sheet, step, readings]);
  const several = new Set(lengths.map(({ piece }) => piece)).size > 1;
  const missOf = (id: string) => {
    const miss = verdict.misses.find(({ length }) => length === id);
    if (miss !== undefined)
      return {
        said: sayMiss(miss.off, sheet.unit, tick),
        asked: miss.cause === null ? null : askCause(miss.cause),
      };
    const pair = verdict.pairs.find(({ a, b }) => a === id || b === id);
    return pair === undefined
      ? null
      : { said: `It differs from its partner by ${sayOnTape(Math.abs(pair.off), sheet.unit, tick)}`, asked: null };
  };
  const keep = (id: string, read: { readonly typed: string; readonly value: number } | null) => {
    const { [id]: _, ...rest } = kept.read;
    const next: KeptCheck = { ...kept, read: read === null ? rest : { ...rest, [id]: read } };
    const values = Object.fromEntries(Object.entries(next.read).map(([key, { value }]) => [key, value]));
    onKeep(next, next.waiver !== undefined || checkChalk(sheet, step, values).state === "agrees");
  };
  return (
    <>
      <div>
        <h2 className="text-2xl lg:text-3xl">{step.title}</h2>
        <p className="text-lg text-chalk-soft">
          {step.text} The drawing is proved; the chalk is not, until it is measured.
        </p>
      </div>
      <ul aria-label="Lengths to measure">
        {lengths.map((length) => (
          <LengthRow
            key={length.id}
            sheet={sheet}
            length={length}
            severalPieces={several}
            kept={kept.read[length.id]}
            miss={missOf(length.id)}
            inHand={length.id === inHand}
            onHand={() => onHand(length.id)}
            onRead={(read) => keep(length.id, read)}
          />
        ))}
      </ul>
      <div role="status" className="text-xl font-semibold">
        {verdict.state === "agrees" && <p className="text-lantern">All of it agrees: the shears may come.</p>}
        {verdict.state === "missed" &&
          [...new Set(verdict.suspects.map(({ piece }) => piece))].map((piece) => (
            <p key={piece} className="text-lantern">
              {saySuspects(
                piece,
                verdict.suspects.filter((suspect) => suspect.piece === piece),
              )}
            </p>
          ))}
        {verdict.state === "open" && (
          <p className="font-normal text-chalk-soft">
            {Object.keys(kept.read).length} of {lengths.length} measured
          </p>
        )}
      </div>
      {kept.waiver !== undefined ? (
        <p className="rounded-md border-2 border-lantern p-2 text-lg">
          {sayWaiver(namePiece(step.group), kept.waiver)}
        </p>
      ) : (
        verdict.state !== "agrees" &&
        !passed && (
          <WaiverForm
            onWaive={({ by, reason, words }) =>
              onKeep(
                {
                  ...kept,
                  waiver: {
                    by,
                    reason,
                    words,
                    on: new Date().toISOString(),
                    lengths: lengths.map(({ id, expected }) => ({ id, expected, read: readings[id] ?? null })),
                  },
                },
                true,
              )
            }
          />
        )
      )}
    </>
  );
}

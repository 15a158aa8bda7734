"use client";

import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import type { ClothId } from "@/core/chalk";
import { formatLengthWithUnit, type Unit } from "@/core/length";
import { type LeftCloth, type PieceState, pieceStates } from "@/core/making";
import { clothNames, namePieceState, sayDate, sayFittingSide } from "@/core/wording";
import type { StoredSpoilt } from "@/db";
import { cutAgain, keepSpoilt } from "@/server/spoilt-actions";
import { Fractions } from "@/ui/reading/fractions";
import { AskButton } from "@/ui/shell/ask-button";
import { askShop } from "@/ui/shell/ask-shop";
import { ChoicePills } from "@/ui/shell/choice-pills";
import { Refused } from "@/ui/shell/refused";

/** A piece as it stands. */
export interface PieceRow {
  readonly id: string;
  readonly name: string;
  readonly cloth: string;
  readonly copies: number;
  readonly mirrored: boolean;
  readonly half: "front" | "back" | null;
  readonly state: PieceState;
  /** How many of it are spoilt and not cut again. */
  readonly missing: number;
  /** One copy as it lies open. */
  readonly open: LeftCloth;
  /** The stretch of what is left that holds one; null where none does. */
  readonly place: LeftCloth | null;
}

/** How far a piece has come, as a row of steps: those behind it filled. */
function Way({ state }: { readonly state: PieceState }) {
  const at = pieceStates.indexOf(state);
  return (
    <span className="flex gap-1" aria-hidden="true">
      {pieceStates.slice(1).map((one, index) => (
        <span key={one} className={`h-3 w-6 rounded-sm ${index < at ? "bg-cloth" : "bg-card-deep"}`} />
      ))}
    </span>
  );
}

const SIDES = [
  { id: "both", label: "No matter" },
  { id: "left", label: "Wearer's left" },
  { id: "right", label: "Wearer's right" },
] as const;

function SpoiltForm({ orderId, rows }: { readonly orderId: string; readonly rows: readonly PieceRow[] }) {
  const router = useRouter();
  const [piece, setPiece] = useState(rows[0]?.id ?? "");
  const [copies, setCopies] = useState("1");
  const [side, setSide] = useState("both");
  const [why, setWhy] = useState("");
  const [said, setSaid] = useState<string | null>(null);
  const most = rows.find(({ id }) => id === piece)?.copies ?? 1;
  const keep = async (event: FormEvent) => {
    event.preventDefault();
    const { said: wrong } = await askShop(() => keepSpoilt(orderId, { piece, copies: Number(copies), side, why }));
    setSaid(wrong);
    if (wrong !== null) return;
    setWhy("");
    router.refresh();
  };
  return (
    <form onSubmit={keep} className="slip space-y-3 p-4">
      <h2 className="text-xl">A piece is spoilt</h2>
      <label className="block">
        <span className="font-semibold">Which piece</span>
        <select className="field" value={piece} onChange={({ target }) => setPiece(target.value)}>
          {rows.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      {most > 1 && (
        <ChoicePills
          label="How many of it"
          options={Array.from({ length: most }, (_, index) => ({
            id: String(index + 1),
            label: index === 0 ? "One" : `${index + 1}`,
          }))}
          value={copies}
          onPick={setCopies}
        />
      )}
      <ChoicePills label="Which side" options={SIDES} value={side} onPick={setSide} />
      <label className="block">
        <span className="font-semibold">What happened</span>
        <input className="field" value={why} onChange={({ target }) => setWhy(target.value)} />
      </label>
      <Refused said={said} />
      <button type="submit" className="button button-next">
        Write it down
      </button>
    </form>
  );
}

/** On doubled cloth, right sides together, the upper layer of a front is the wearer's right, of a back the wearer's left. */
function faceOf(half: PieceRow["half"], side: "left" | "right"): "wrong" | "right" {
  const upper = half === "back" ? "left" : "right";
  return side === upper ? "wrong" : "right";
}

/** How one spoilt piece is cut again: single, which face, on which stretch of what is left. */
export function sayAgain({ side, copies }: StoredSpoilt, row: PieceRow | undefined, unit: Unit): string {
  if (row === undefined) return "";
  const say = ({ width, length }: LeftCloth) =>
    `${formatLengthWithUnit(width, unit)} wide and ${formatLengthWithUnit(length, unit)} long`;
  const face = row.mirrored && side !== "both" ? `, chalked on the ${faceOf(row.half, side)} side of the cloth` : "";
  const where =
    row.place === null
      ? `Nothing that is left holds it: it takes ${say(row.open)}.`
      : `Lay it on the stretch that is left, ${say(row.place)}: it takes ${say(row.open)}.`;
  return `${copies === 1 ? "One" : copies} by its kept outline, single layer${face}. ${where}`;
}

interface PiecesViewProps {
  readonly orderId: string;
  readonly rows: readonly PieceRow[];
  readonly spoilt: readonly StoredSpoilt[];
  readonly unit: Unit;
  readonly isCut: boolean;
}

/** Every piece with how far it has come; what is spoilt, and how it is cut again. */
export function PiecesView({ orderId, rows, spoilt, unit, isCut }: PiecesViewProps) {
  const router = useRouter();
  return (
    <div className="grid gap-3 p-3 lg:grid-cols-[3fr_2fr]">
      <section className="slip self-start overflow-hidden" aria-label="Pieces">
        <ul>
          {rows.map(({ id, name, cloth, copies, mirrored, state, missing }) => (
            <li key={id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-card-deep px-4 py-2">
              <span className="min-w-48 flex-1">
                <strong className="text-lg">{name}</strong>
                <span className="block text-sm text-ink-soft">
                  {copies} · {clothNames[cloth as ClothId]}
                  {mirrored ? " · a pair" : ""}
                </span>
              </span>
              <Way state={state} />
              <span className="w-28 font-semibold">{namePieceState(state)}</span>
              {missing > 0 && (
                <span className="font-semibold text-wrong">
                  {missing === 1 ? "one is spoilt" : `${missing} are spoilt`}
                </span>
              )}
            </li>
          ))}
        </ul>
      </section>
      <div className="space-y-3">
        {spoilt.length > 0 && (
          <section className="slip overflow-hidden" aria-label="Spoilt">
            <h2 className="bg-cloth px-4 py-2 text-xl text-chalk">Spoilt</h2>
            <ul>
              {spoilt.map((one) => {
                const row = rows.find(({ id }) => id === one.piece);
                return (
                  <li key={one.id} className="border-b border-card-deep p-4">
                    <strong>
                      {row?.name ?? one.piece}, {one.side === "both" ? `${one.copies}` : sayFittingSide(one.side)}
                    </strong>
                    <span className="block text-sm text-ink-soft">
                      {sayDate(one.on)} · {one.why}
                    </span>
                    {one.again === null ? (
                      <p className="mt-1">
                        <Fractions text={sayAgain(one, row, unit)} />
                      </p>
                    ) : (
                      <p className="mt-1">Cut again on {sayDate(one.again)}.</p>
                    )}
                    <div className="mt-2">
                      <AskButton
                        className="button"
                        act={() => cutAgain(orderId, one.id, one.again === null)}
                        onDone={() => router.refresh()}
                      >
                        {one.again === null ? "It is cut again" : "Not cut again after all"}
                      </AskButton>
                    </div>
                  </li>
                );
              })}
            </ul>
          </section>
        )}
        {isCut ? (
          <SpoiltForm orderId={orderId} rows={rows} />
        ) : (
          <p className="slip p-4">Pieces come on by the ticks at the table and in the making.</p>
        )}
      </div>
    </div>
  );
}

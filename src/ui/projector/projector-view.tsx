"use client";

import Link from "next/link";
import { type FormEvent, useCallback, useEffect, useState } from "react";
import { type CutSheet, drawPieceFullSize } from "@/core/formats";
import { parseLength } from "@/core/length";
import { wordLengthProblem } from "@/core/wording";
import { usePreferences } from "@/ui/shell/preferences";
import { ProjectedImage, type ProjectorScale, squareSide } from "./projected-image";
import { standIn } from "./stand-in";
import { StandInTable } from "./stand-in-table";

/** What was measured belongs to the projector that hangs here: this browser keeps it. */
const KEPT_AS = "inner-fold-projector";
const MOVES: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-0.5, 0],
  ArrowRight: [0.5, 0],
  ArrowUp: [0, -0.5],
  ArrowDown: [0, 0.5],
};
const BAR_PX = 132;

function readKept(): ProjectorScale | null {
  try {
    const kept = JSON.parse(localStorage.getItem(KEPT_AS) ?? "null") as ProjectorScale | null;
    return kept !== null && kept.across > 0 && kept.down > 0 ? kept : null;
  } catch {
    return null;
  }
}

const button = "min-h-12 rounded-md border-2 border-chalk-soft px-4 font-semibold text-chalk";

interface MeasureProps {
  /** Side of the square in pixels of the picture. */
  readonly side: number;
  readonly unit: CutSheet["unit"];
  readonly onMeasured: (scale: ProjectorScale) => void;
}

/** The measured sides of the square, each way by itself; what cannot be read is said at its field. */
function Measure({ side, unit, onMeasured }: MeasureProps) {
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const read = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const data = new FormData(event.currentTarget);
    const [across, down] = (["across", "down"] as const).map((id) => parseLength(String(data.get(id) ?? ""), unit));
    const said = (["across", "down"] as const).flatMap((id, index) => {
      const read = index === 0 ? across : down;
      return read?.ok === false
        ? [
            [
              id,
              read.issues
                .map((issue) => wordLengthProblem(id === "across" ? "The side across" : "The side down", issue))
                .join(" "),
            ],
          ]
        : [];
    });
    setProblems(Object.fromEntries(said));
    if (across?.ok && down?.ok) onMeasured({ across: side / across.value.inches, down: side / down.value.inches });
  };
  return (
    <form onSubmit={read} className="flex flex-wrap items-end gap-3" noValidate>
      <p className="w-full text-sm sm:w-72">
        Lay the tape along the square on the table, across and down. What does it say?
      </p>
      {(["across", "down"] as const).map((id) => (
        <label key={id} className="block w-36">
          <span className="font-semibold">
            {id === "across" ? "Across" : "Down"}, {unit}
          </span>
          <input
            name={id}
            className="field"
            autoComplete="off"
            inputMode="decimal"
            aria-invalid={problems[id] !== undefined}
          />
          {problems[id] !== undefined && (
            <span role="alert" className="block text-sm font-semibold text-lantern">
              {problems[id]}
            </span>
          )}
        </label>
      ))}
      <button type="submit" className="min-h-12 rounded-md bg-lantern px-4 font-bold text-on-lantern">
        That is its size
      </button>
    </form>
  );
}

/** The pieces thrown on the table at their true size, once the square was measured; or on the table that ships. */
export function ProjectorView({ orderId, sheet }: { readonly orderId: string; readonly sheet: CutSheet }) {
  const { hand } = usePreferences();
  const [scale, setScale] = useState<ProjectorScale | null>(null);
  const [onStandIn, setOnStandIn] = useState(false);
  const [index, setIndex] = useState(0);
  const [from, setFrom] = useState({ across: 1, down: 1 });
  const [screen, setScreen] = useState({ width: 1280, height: 668 });
  useEffect(() => {
    setScale(readKept());
    const measure = () => setScreen({ width: innerWidth, height: innerHeight - BAR_PX });
    measure();
    addEventListener("resize", measure);
    return () => removeEventListener("resize", measure);
  }, []);
  const move = useCallback(
    ([across, down]: readonly [number, number]) =>
      setFrom((now) => ({ across: now.across + across, down: now.down + down })),
    [],
  );
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const by = MOVES[event.key];
      if (by === undefined || event.target instanceof HTMLInputElement) return;
      event.preventDefault();
      move(by);
    };
    addEventListener("keydown", press);
    return () => removeEventListener("keydown", press);
  }, [move]);
  const measured = (next: ProjectorScale) => {
    if (!onStandIn) localStorage.setItem(KEPT_AS, JSON.stringify(next));
    setScale(next);
  };
  const piece = sheet.pieces[index % sheet.pieces.length];
  if (piece === undefined) return null;
  const size = onStandIn
    ? { width: standIn.tableAcross * standIn.across, height: standIn.tableDown * standIn.down }
    : screen;
  const image = (
    <ProjectedImage
      {...size}
      scale={scale}
      drawing={drawPieceFullSize(sheet, piece)}
      from={from}
      mirrored={hand === "left"}
    />
  );
  const switchTo = (next: boolean) => {
    setOnStandIn(next);
    setScale(next ? null : readKept());
  };
  return (
    <div className="on-cloth flex h-dvh flex-col bg-[#000] text-chalk">
      <main className="min-h-0 flex-1 overflow-hidden">
        <h1 className="sr-only">The pieces on the table</h1>
        {onStandIn ? (
          <StandInTable unit={sheet.unit} {...size}>
            {image}
          </StandInTable>
        ) : (
          image
        )}
      </main>
      <nav className="flex min-h-[132px] flex-wrap items-center gap-3 bg-cloth-deep px-4 py-2" aria-label="Projector">
        <Link href={`/orders/${orderId}/full-size`} prefetch={false} className="min-h-12 content-center underline">
          Full size
        </Link>
        {scale === null ? (
          <Measure side={squareSide(size.width, size.height)} unit={sheet.unit} onMeasured={measured} />
        ) : (
          <>
            <strong>{piece.name}</strong>
            <button type="button" className={button} onClick={() => setIndex((now) => (now + 1) % sheet.pieces.length)}>
              Next piece
            </button>
            {Object.entries(MOVES).map(([key, by]) => (
              <button
                key={key}
                type="button"
                className={button}
                onClick={() => move(by)}
                aria-label={`Move ${key.slice(5).toLowerCase()}`}
              >
                {{ ArrowLeft: "←", ArrowRight: "→", ArrowUp: "↑", ArrowDown: "↓" }[key]}
              </button>
            ))}
            <button type="button" className={button} onClick={() => setScale(null)}>
              Measure again
            </button>
          </>
        )}
        <label className="ml-auto flex min-h-12 items-center gap-2">
          <input
            type="checkbox"
            className="size-5 accent-lantern"
            checked={onStandIn}
            onChange={(event) => switchTo(event.target.checked)}
          />
          Try it without a projector
        </label>
      </nav>
    </div>
  );
}

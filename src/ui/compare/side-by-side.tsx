"use client";

import { compareSheets, type SheetDrawing, type SheetOutcome } from "@/core/formats";
import { outcomeErrors } from "@/server/sheet-errors";
import { ClothRows } from "@/ui/cloth/cloth-rows";
import { Fractions } from "@/ui/reading/fractions";
import { ComparedCloth } from "./compared-cloth";
import { ComparisonTable } from "./comparison-table";

interface SideBySideProps {
  readonly before: SheetDrawing;
  readonly after: SheetOutcome<SheetDrawing>;
  /** The table under the cloth, where there is no room beside it. */
  readonly stacked?: boolean;
  /** What is said when nothing moves. */
  readonly whenStill?: string;
}

/** The room for the cloth: beside the table, and above it. */
const ROOM_ASPECT = 1.2;
const WIDE_ASPECT = 1.6;

function Key() {
  const lines = [
    { name: "After, stitching line", stroke: "var(--color-chalk)", dash: undefined },
    { name: "After, cutting line", stroke: "var(--color-chalk)", dash: "12 5" },
    { name: "Before, stitching line", stroke: "var(--color-lantern)", dash: "2 5" },
    { name: "Before, cutting line", stroke: "var(--color-lantern)", dash: "9 6" },
  ];
  return (
    <ul
      className="flex flex-wrap gap-x-4 rounded-md bg-cloth px-3 py-2 text-sm text-chalk"
      aria-label="Lines on the cloth"
    >
      {lines.map(({ name, stroke, dash }) => (
        <li key={name} className="flex items-center gap-2">
          <svg width="36" height="10" aria-hidden="true">
            <path d="M 0 5 H 36" stroke={stroke} strokeWidth={3} strokeDasharray={dash} strokeLinecap="round" />
          </svg>
          {name}
        </li>
      ))}
    </ul>
  );
}

/** Two sheets on one cloth, and beside it what moves, mark by mark. */
export function SideBySide({ before, after, stacked = false, whenStill = "Nothing moves." }: SideBySideProps) {
  if (after.kind !== "sheet") {
    return (
      <div role="alert" className="slip fold-edge space-y-2 p-4">
        <h2 className="text-lg">This cannot be drawn</h2>
        {outcomeErrors(after).map(({ field, message }) => (
          <p key={field}>
            <Fractions text={message} />
          </p>
        ))}
      </div>
    );
  }
  const { sheet } = after;
  return (
    <div className={`grid gap-3 lg:h-full lg:min-h-0 ${stacked ? "lg:grid-rows-[3fr_2fr]" : "lg:grid-cols-[3fr_2fr]"}`}>
      <div className="flex min-h-0 flex-col gap-2">
        <div className="order-last">
          <Key />
        </div>
        <div className="on-cloth h-[60dvh] min-h-0 lg:h-auto lg:flex-1">
          <ClothRows sheet={sheet} aspect={stacked ? WIDE_ASPECT : ROOM_ASPECT}>
            {(group, high) => <ComparedCloth before={before} after={sheet} group={group} high={high} />}
          </ClothRows>
        </div>
      </div>
      {/* A scrolling region must be reachable by keyboard. */}
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: see above */}
      <section className="slip min-h-0 overflow-auto p-4" aria-label="What moves" tabIndex={0}>
        <ComparisonTable comparison={compareSheets(before, sheet)} unit={sheet.unit} whenStill={whenStill} />
      </section>
    </div>
  );
}

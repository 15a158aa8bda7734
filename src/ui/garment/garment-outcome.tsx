"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import type { MouseEvent } from "react";
import type { SheetCheck, SheetDrawing } from "@/core/formats";
import type { Unit } from "@/core/length";
import { nameGirth } from "@/core/wording";
import { Reading } from "@/ui/reading/reading";
import { Checks } from "@/ui/sheet/checks";
import { keptSaid } from "./kept-said";
import type { KeptState } from "./use-decisions";

interface GarmentOutcomeProps {
  readonly orderId: string;
  readonly sheet: SheetDrawing;
  readonly unit: Unit;
  readonly kept: KeptState;
  readonly keepNow: () => Promise<void>;
  /** Decides a choice or a rule by its place in the order. */
  readonly onTake: (change: NonNullable<SheetCheck["change"]>) => void;
}

/** What the garment costs in cloth, what it finishes at, what to look at twice, and the way on. */
export function GarmentOutcome({ orderId, sheet, unit, kept, keepNow, onTake }: GarmentOutcomeProps) {
  const router = useRouter();
  const path = `/orders/${orderId}/sheet`;
  const [girth] = sheet.girths;
  // What was just decided goes ahead of the tailor: the sheet must not show the garment of a moment ago.
  const goOn = (event: MouseEvent) => {
    event.preventDefault();
    keepNow().then(() => router.push(path));
  };
  return (
    <footer className="max-h-[40%] space-y-2 overflow-y-auto border-t-2 border-line bg-card-deep px-4 py-3">
      <p className="flex flex-wrap items-baseline gap-x-4">
        <span>
          Cloth{" "}
          <strong className="text-xl">
            {sheet.cloth.buy} {sheet.cloth.buyUnit}
          </strong>{" "}
          of <Reading value={sheet.cloth.width} unit={unit} withUnit />
        </span>
        {girth !== undefined && (
          <span>
            <span className="inline-block first-letter:uppercase">{nameGirth(girth.line)}</span>{" "}
            <strong className="text-xl">
              <Reading value={girth.drawn} unit={unit} />
            </strong>{" "}
            finished
          </span>
        )}
        <span role="status" className="text-sm text-ink-soft">
          {keptSaid[kept]}
        </span>
      </p>
      <Checks checks={sheet.checks} onTake={onTake} />
      <div className="flex gap-2">
        <Link href={`/orders/${orderId}/cloth`} prefetch={false} className="button">
          Cloth
        </Link>
        <Link href={path} onClick={goOn} className="button button-next flex-1">
          To the cut sheet
        </Link>
      </div>
    </footer>
  );
}

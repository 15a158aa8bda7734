"use client";

import { type ReactNode, useEffect, useRef, useState } from "react";
import type { Unit } from "@/core/length";
import { ClothTape } from "@/ui/cloth/cloth-tape";
import { standIn } from "./stand-in";

interface StandInTableProps {
  readonly unit: Unit;
  /** The picture, so many pixels wide and high. */
  readonly children: ReactNode;
  readonly width: number;
  readonly height: number;
}

/** A cutting table seen from above, a tape along two edges, with the projector's picture thrown on it. */
export function StandInTable({ unit, children, width, height }: StandInTableProps) {
  const box = useRef<HTMLDivElement | null>(null);
  const [perInch, setPerInch] = useState(12);
  useEffect(() => {
    const measure = () => {
      const { clientWidth = 800, clientHeight = 500 } = box.current ?? {};
      setPerInch(Math.min(clientWidth / (standIn.tableAcross + 6), clientHeight / (standIn.tableDown + 6)));
    };
    measure();
    addEventListener("resize", measure);
    return () => removeEventListener("resize", measure);
  }, []);
  return (
    <div ref={box} className="relative h-full w-full overflow-hidden bg-table-deep">
      <svg
        className="absolute inset-0"
        width={(standIn.tableAcross + 6) * perInch}
        height={(standIn.tableDown + 6) * perInch}
        viewBox={`-4 -4 ${standIn.tableAcross + 6} ${standIn.tableDown + 6}`}
        aria-hidden="true"
      >
        <rect width={standIn.tableAcross} height={standIn.tableDown} rx={0.6} fill="var(--color-cloth-under)" />
        <ClothTape x={0} y={-0.4} length={standIn.tableAcross} direction="across" unit={unit} />
        <ClothTape x={-0.6} y={0} length={standIn.tableDown} direction="down" unit={unit} />
      </svg>
      <div
        className="absolute origin-top-left mix-blend-screen"
        style={{
          left: 4 * perInch,
          top: 4 * perInch,
          width,
          height,
          transform: `scale(${perInch / standIn.across}, ${perInch / standIn.down})`,
        }}
      >
        {children}
      </div>
    </div>
  );
}

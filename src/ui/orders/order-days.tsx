"use client";

import { CalendarDays } from "lucide-react";
import dynamic from "next/dynamic";
import { useState } from "react";
import type { OrderDaysProps } from "./days-slip";

const DaysSlip = dynamic(() => import("./days-slip"), { ssr: false });

/** Opens the slip with an order's days; the slip itself comes only when it is wanted. */
export function OrderDays(props: OrderDaysProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="grid w-14 place-items-center border-l border-card-deep hover:bg-card-deep"
        aria-label={`Days of ${props.name}`}
        onClick={() => setOpen(true)}
      >
        <CalendarDays size={22} aria-hidden="true" />
      </button>
      {open && <DaysSlip {...props} onOpen={setOpen} />}
    </>
  );
}

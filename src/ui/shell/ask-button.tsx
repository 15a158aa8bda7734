"use client";

import { type ReactNode, useState } from "react";
import type { ActionResult } from "@/server/result";
import { askShop } from "./ask-shop";

interface AskButtonProps<Value> {
  readonly act: () => Promise<ActionResult<Value>>;
  readonly onDone: (value: Value) => void;
  readonly className: string;
  readonly children: ReactNode;
}

/** A button that asks the shop for something, and says beside itself what stood in the way. */
export function AskButton<Value>({ act, onDone, className, children }: AskButtonProps<Value>) {
  const [said, setSaid] = useState<string | null>(null);
  const ask = async () => {
    const result = await askShop(act);
    setSaid(result.said);
    if (result.said === null) onDone(result.value as Value);
  };
  return (
    <>
      <button type="button" className={className} onClick={ask}>
        {children}
      </button>
      {said !== null && (
        <p role="alert" className="max-w-sm text-sm font-semibold text-wrong">
          {said}
        </p>
      )}
    </>
  );
}

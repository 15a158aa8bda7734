"use client";

import { useState } from "react";
import { type WaiverReason, waiverReasons } from "@/core/formats";
import { nameReason } from "@/core/wording";

interface WaiverFormProps {
  readonly onWaive: (waiver: { readonly by: string; readonly reason: WaiverReason; readonly words: string }) => void;
}

const field = "min-h-12 rounded-md border-2 border-chalk-soft bg-cloth-deep px-2 text-lg text-chalk";

/** Cutting although the check has not passed: by name, with a reason, kept with the sheet for good. */
export function WaiverForm({ onWaive }: WaiverFormProps) {
  const [by, setBy] = useState("");
  const [reason, setReason] = useState<WaiverReason>("measured-otherwise");
  const [words, setWords] = useState("");
  const [missing, setMissing] = useState<string | null>(null);
  const waive = () => {
    if (by.trim() === "") setMissing("Who cuts it all the same? Write a name.");
    else if (reason === "words" && words.trim() === "") setMissing("Say the reason in words.");
    else onWaive({ by: by.trim(), reason, words: words.trim() });
  };
  return (
    <details>
      <summary className="inline-block min-h-12 content-center text-lg text-chalk-soft underline underline-offset-4">
        Cut all the same
      </summary>
      <div className="flex flex-wrap items-end gap-3">
        <label className="flex flex-col text-base text-chalk-soft">
          Who
          <input
            value={by}
            onChange={(event) => setBy(event.target.value)}
            className={`${field} w-40`}
            maxLength={80}
          />
        </label>
        <label className="flex flex-col text-base text-chalk-soft">
          Why
          <select
            value={reason}
            onChange={(event) => setReason(event.target.value as WaiverReason)}
            className={`${field} w-64`}
          >
            {waiverReasons.map((id) => (
              <option key={id} value={id}>
                {nameReason(id)}
              </option>
            ))}
          </select>
        </label>
        <label className="flex min-w-40 flex-1 flex-col text-base text-chalk-soft">
          In words
          <input value={words} onChange={(event) => setWords(event.target.value)} className={field} maxLength={400} />
        </label>
        <button
          type="button"
          onClick={waive}
          className="min-h-12 rounded-md border-2 border-lantern px-4 text-lg font-semibold"
        >
          Cut all the same
        </button>
      </div>
      <p className="pt-1 text-base text-chalk-soft">It is kept with this sheet, and shown at the fitting.</p>
      {missing !== null && (
        <p role="alert" className="font-semibold text-lantern">
          {missing}
        </p>
      )}
    </details>
  );
}

"use client";

import { Copy } from "lucide-react";
import { useState } from "react";

/** Copies a text, so that it can be kept elsewhere; says so when it could not. */
export function CopyButton({ text, label }: { readonly text: string; readonly label: string }) {
  const [said, setSaid] = useState<string | null>(null);
  const copy = () =>
    navigator.clipboard
      .writeText(text)
      .then(() => setSaid("Copied"))
      .catch(() => setSaid("This browser does not copy"));
  return (
    <button type="button" className="button" onClick={copy}>
      <Copy size={18} aria-hidden="true" /> {said ?? label}
    </button>
  );
}

"use client";

import { useState } from "react";

/** A garment flat for this client, drawn by the shop when it comes into sight; nothing where her card does not reach. */
export function GarmentPicture({ clientId, garment }: { readonly clientId: string; readonly garment: string }) {
  const [missing, setMissing] = useState(false);
  return (
    <span className="grid h-24 w-28 shrink-0 place-items-center overflow-hidden rounded-md bg-table">
      {missing ? (
        <span className="p-1 text-center text-xs text-ink-soft">Her card asks for more readings</span>
      ) : (
        // A drawing of the shop's own, made on demand: nothing to optimise.
        // biome-ignore lint/performance/noImgElement: see above
        <img
          src={`/clients/${clientId}/flat/${garment}`}
          alt=""
          loading="lazy"
          className="h-full w-full object-contain p-1"
          onError={() => setMissing(true)}
        />
      )}
    </span>
  );
}

"use client";

import { type ReactNode, Suspense, use } from "react";
import { bringParts, type PartsOrder } from "@/core/garments";

function Waiting({ of, children }: { readonly of: readonly PartsOrder[]; readonly children: ReactNode }) {
  const coming = bringParts(of);
  if (coming !== null) use(coming);
  return children;
}

/** Stands as the server drew it until what chalks the parts of these garments has come. */
export function PartsAtHand(props: { readonly of: readonly PartsOrder[]; readonly children: ReactNode }) {
  return (
    <Suspense>
      <Waiting {...props} />
    </Suspense>
  );
}

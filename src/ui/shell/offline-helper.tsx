"use client";

import { useEffect } from "react";

/** Lets the app open when the shop's computer is away: pages seen before stay, and say how old they are. */
export function OfflineHelper() {
  useEffect(() => {
    if ("serviceWorker" in navigator)
      navigator.serviceWorker
        .register(`/offline-helper.js?release=${process.env.INNER_FOLD_RELEASE ?? "1"}`)
        .catch(() => undefined);
  }, []);
  return null;
}

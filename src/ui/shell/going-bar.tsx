"use client";

import { usePathname, useSearchParams } from "next/navigation";
import { Suspense, useEffect, useRef, useState } from "react";

/** A page that comes within this needs no word. */
const SAY_AFTER_MS = 250;

/** A click that leads to another page of the shop, in this window. */
function leadsOn(event: MouseEvent): boolean {
  const link = event.target instanceof Element ? event.target.closest("a") : null;
  if (link === null || event.ctrlKey || event.metaKey || event.shiftKey || event.button !== 0) return false;
  if (link.target !== "" || link.hasAttribute("download") || link.origin !== window.location.origin) return false;
  return link.href !== window.location.href;
}

function Bar() {
  const place = `${usePathname()}?${useSearchParams()}`;
  const [going, setGoing] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new place is what ends the going
  useEffect(() => {
    clearTimeout(timer.current);
    setGoing(false);
  }, [place]);
  useEffect(() => {
    const press = (event: MouseEvent) => {
      if (!leadsOn(event)) return;
      clearTimeout(timer.current);
      timer.current = setTimeout(() => setGoing(true), SAY_AFTER_MS);
    };
    // A page that came in time, and one that the browser brings back, want no word.
    const stop = () => clearTimeout(timer.current);
    document.addEventListener("click", press);
    window.addEventListener("pageshow", stop);
    return () => {
      stop();
      document.removeEventListener("click", press);
      window.removeEventListener("pageshow", stop);
    };
  }, []);
  return going ? (
    <p role="status" className="fixed inset-x-0 top-0 z-50 bg-next px-4 py-1 text-center text-on-next">
      Laying it out…
    </p>
  ) : null;
}

/** Says that a page is on its way, when it takes longer than a moment. */
export function GoingBar() {
  return (
    <Suspense fallback={null}>
      <Bar />
    </Suspense>
  );
}

"use client";

import { format, parseISO } from "date-fns";
import { useEffect, useState } from "react";

/** A moment as the clock on this wall says it; until the page is awake, as the clock of the world does. */
export function LocalTime({ at }: { readonly at: string }) {
  const [local, setLocal] = useState<string | null>(null);
  useEffect(() => setLocal(format(parseISO(at), "EEEE d MMMM yyyy, HH:mm")), [at]);
  return <time dateTime={at}>{local ?? `${at.slice(0, 10)}, ${at.slice(11, 16)} UTC`}</time>;
}

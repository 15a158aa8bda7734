"use client";

import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from "react";

/** How this browser shows the room: which hand chalks, how bright it is, whether steps are read aloud. */
export interface Preferences {
  readonly hand: "right" | "left";
  readonly room: "bright" | "dim";
  readonly voice: "off" | "on";
}

/** Kept in cookies, so that the first picture is right already and nothing jumps. */
export const preferenceCookies = {
  hand: "inner-fold-hand",
  room: "inner-fold-room",
  voice: "inner-fold-voice",
} as const;

export function readPreferences(cookie: (name: string) => string | undefined): Preferences {
  return {
    hand: cookie(preferenceCookies.hand) === "left" ? "left" : "right",
    room: cookie(preferenceCookies.room) === "dim" ? "dim" : "bright",
    voice: cookie(preferenceCookies.voice) === "on" ? "on" : "off",
  };
}

interface PreferencesInUse extends Preferences {
  readonly prefer: <Key extends keyof Preferences>(key: Key, value: Preferences[Key]) => void;
}

const Context = createContext<PreferencesInUse>({ hand: "right", room: "bright", voice: "off", prefer: () => {} });

export const usePreferences = () => useContext(Context);

const A_YEAR_SECONDS = 31_536_000;

export function PreferencesProvider({
  start,
  children,
}: {
  readonly start: Preferences;
  readonly children: ReactNode;
}) {
  const [preferences, setPreferences] = useState(start);
  const prefer = useCallback<PreferencesInUse["prefer"]>((key, value) => {
    setPreferences((before) => ({ ...before, [key]: value }));
    document.documentElement.dataset[key] = value;
    // biome-ignore lint/suspicious/noDocumentCookie: the one that every browser has; the server reads it for the first picture
    document.cookie = `${preferenceCookies[key]}=${value}; path=/; max-age=${A_YEAR_SECONDS}; samesite=lax`;
  }, []);
  const value = useMemo(() => ({ ...preferences, prefer }), [preferences, prefer]);
  return <Context.Provider value={value}>{children}</Context.Provider>;
}

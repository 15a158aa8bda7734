"use client";

import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from "react";
import { type Preferences, preferenceCookies } from "./kept-preferences";

interface PreferencesInUse extends Preferences {
  readonly prefer: <Key extends keyof Preferences>(key: Key, value: Preferences[Key]) => void;
}

const Context = createContext<PreferencesInUse>({
  hand: "right",
  room: "bright",
  voice: "off",
  steps: "placements",
  prefer: () => {},
});

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

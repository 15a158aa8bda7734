/** How this browser shows the room: which hand chalks, how bright it is, whether steps are read aloud. */
export interface Preferences {
  readonly hand: "right" | "left";
  readonly room: "bright" | "dim";
  readonly voice: "off" | "on";
  /** At the table: one laying of the tape at a time, or every mark for itself. */
  readonly steps: "placements" | "single";
}

/** Kept in cookies, so that the first picture is right already and nothing jumps. */
export const preferenceCookies = {
  hand: "inner-fold-hand",
  room: "inner-fold-room",
  voice: "inner-fold-voice",
  steps: "inner-fold-steps",
} as const;

export function readPreferences(cookie: (name: string) => string | undefined): Preferences {
  return {
    hand: cookie(preferenceCookies.hand) === "left" ? "left" : "right",
    room: cookie(preferenceCookies.room) === "dim" ? "dim" : "bright",
    voice: cookie(preferenceCookies.voice) === "on" ? "on" : "off",
    steps: cookie(preferenceCookies.steps) === "single" ? "single" : "placements",
  };
}

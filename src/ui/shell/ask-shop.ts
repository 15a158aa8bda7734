import type { ActionResult } from "@/server/result";

/** What the tailor is told when the shop's computer is away. */
export const AWAY_SAID = "The shop's computer does not answer. Try again in a moment; what you wrote stays here.";

/** Asks the server for something; `said` is what stood in the way, in words, or null when it was done. */
export async function askShop<Value>(
  act: () => Promise<ActionResult<Value>>,
): Promise<{ readonly said: string | null; readonly value: Value | null }> {
  const result = await act().catch(() => null);
  if (result === null) return { said: AWAY_SAID, value: null };
  return result.ok
    ? { said: null, value: result.value }
    : { said: result.errors.map(({ message }) => message).join(" ") || AWAY_SAID, value: null };
}

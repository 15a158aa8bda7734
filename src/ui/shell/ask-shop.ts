import type { ActionResult } from "@/server/result";

/** What the tailor is told when the shop's computer is away. */
export const AWAY_SAID = "The shop's computer does not answer. Try again in a moment; what you wrote stays here.";
/** What the tailor is told when it answers, and what it answers is a failure of its own. */
export const FAILED_SAID =
  "The shop's computer could not do this: it answered with an error. Nothing was kept; what you wrote stays here. Try again, and look at what it says where it was started.";

/** Whether a question never came to an answer: a browser that reaches nobody fails in one way, an error told by the server in another. */
export function isAway(error: unknown): boolean {
  return error instanceof TypeError || (error instanceof DOMException && error.name === "AbortError");
}

/** Asks the server for something; `said` is what stood in the way, in words, or null when it was done. */
export async function askShop<Value>(
  act: () => Promise<ActionResult<Value>>,
): Promise<{ readonly said: string | null; readonly value: Value | null }> {
  const result = await act().catch((error: unknown) => (isAway(error) ? AWAY_SAID : FAILED_SAID));
  if (typeof result === "string") return { said: result, value: null };
  return result.ok
    ? { said: null, value: result.value }
    : { said: result.errors.map(({ message }) => message).join(" ") || FAILED_SAID, value: null };
}

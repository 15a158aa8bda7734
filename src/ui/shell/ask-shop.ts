import type { ActionResult } from "@/server/result";

/** What the tailor is told when the shop's computer is away. */
export const AWAY_SAID = "The shop's computer does not answer. Try again in a moment; what you wrote stays here.";
/** What the tailor is told when it answers, and what it answers is a failure of its own. */
export const FAILED_SAID =
  "The shop's computer could not do this: it answered with an error. Nothing was kept; what you wrote stays here. Try again, and look at what it says where it was started.";

/** Why a question was not answered: nobody did, the server may not write on its disk, or it failed. */
export type Failure = "away" | "no-room" | "failed";

/** What the door says itself where nothing can be kept; the answer's own words are all that comes through. */
const OF_THE_DISK = ["The disk of the shop's computer", "The shop's computer may not write"];

/** A browser that reaches nobody fails in one way, an error told by the server in another. */
export function failureOf(error: unknown): Failure {
  if (error instanceof TypeError || (error instanceof DOMException && error.name === "AbortError")) return "away";
  const said = error instanceof Error ? error.message : "";
  return OF_THE_DISK.some((start) => said.startsWith(start)) ? "no-room" : "failed";
}

/** What a failed question is told by: the server's own words where it refused to do anything. */
export function sayFailure(error: unknown): string {
  const failure = failureOf(error);
  if (failure === "no-room") return (error as Error).message.trim();
  return failure === "away" ? AWAY_SAID : FAILED_SAID;
}

/** Asks the server for something; `said` is what stood in the way, in words, or null when it was done. */
export async function askShop<Value>(
  act: () => Promise<ActionResult<Value>>,
): Promise<{ readonly said: string | null; readonly value: Value | null }> {
  const result = await act().catch(sayFailure);
  if (typeof result === "string") return { said: result, value: null };
  return result.ok
    ? { said: null, value: result.value }
    : { said: result.errors.map(({ message }) => message).join(" ") || FAILED_SAID, value: null };
}

import { closest, distance } from "fastest-levenshtein";

/** The known word nearest to a mistyped one; null when nothing is near enough to have been meant. */
export function nearestWord(word: string, known: readonly string[]): string | null {
  if (known.length === 0) return null;
  const lowered = word.toLowerCase().slice(0, 60);
  const best =
    known[
      known
        .map((name) => name.toLowerCase())
        .indexOf(
          closest(
            lowered,
            known.map((name) => name.toLowerCase()),
          ),
        )
    ];
  if (best === undefined) return null;
  return distance(lowered, best.toLowerCase()) <= Math.max(2, Math.ceil(best.length / 2)) ? best : null;
}

/** So much the table sends at most, with a whole garment of ticks and readings. */
const MOST_BYTES = 256 * 1024;

/** What was sent, as JSON; undefined where it is none, or more than it may be. No more than that is ever in hand. */
export async function readBody(request: Request, most = MOST_BYTES): Promise<unknown> {
  const reader = request.body?.getReader();
  if (reader === undefined) return undefined;
  const pieces: Uint8Array[] = [];
  let bytes = 0;
  try {
    for (let next = await reader.read(); !next.done; next = await reader.read()) {
      bytes += next.value.length;
      if (bytes > most) {
        await reader.cancel();
        return undefined;
      }
      pieces.push(next.value);
    }
    return JSON.parse(new TextDecoder("utf-8", { fatal: true }).decode(Buffer.concat(pieces)));
  } catch {
    return undefined;
  }
}

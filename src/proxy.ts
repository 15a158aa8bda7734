import type { NextRequest } from "next/server";
import { isOwnHost, isReadable, mayWrite } from "@/server/door";

/**
 * Every page, action, address and file: none is given to a name that is not this machine's. A whole shop that is brought
 * back is larger than what passes here is held in hand: that one address asks the door by itself.
 */
export const config = { matcher: "/((?!backup/restore$).*)" };

const says = (status: number, text: string) =>
  new Response(`${text}\n`, { status, headers: { "Content-Type": "text/plain; charset=utf-8" } });

export function proxy({ method, headers, url }: NextRequest): Response | undefined {
  const host = headers.get("host");
  if (!isOwnHost(host))
    return says(
      421,
      "Inner Fold does not answer to this name. Use the address that it says when it starts, or set the name in INNER_FOLD_HOSTS.",
    );
  if (!mayWrite(method, headers.get("origin"), host))
    return says(403, "Only a page of this shop may write in its book.");
  if (!isReadable(url)) return says(400, "This address cannot be read: it is cut short or garbled.");
  return undefined;
}

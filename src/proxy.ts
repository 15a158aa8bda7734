import { randomBytes } from "node:crypto";
import { type NextRequest, NextResponse } from "next/server";
import { bookMark, MARK_HEADER } from "@/server/book-mark";
import { diskRoom, diskSaid } from "@/server/disk-room";
import { contentPolicy, isAskedFromElsewhere, isOwnHost, isReadable, isReading, mayWrite } from "@/server/door";

/**
 * Every page, action, address and file: none is given to a name that is not this machine's. A whole shop that is brought
 * back is larger than what passes here is held in hand: that one address asks the door by itself.
 */
export const config = { matcher: "/((?!backup/restore$).*)" };

const says = (status: number, text: string) =>
  new Response(`${text}\n`, { status, headers: { "Content-Type": "text/plain; charset=utf-8" } });

export function proxy(request: NextRequest): Response {
  const { method, headers, url } = request;
  const host = headers.get("host");
  if (!isOwnHost(host))
    return says(
      421,
      "Inner Fold does not answer to this name. Use the address that it says when it starts, or set the name in INNER_FOLD_HOSTS.",
    );
  if (!mayWrite(method, headers.get("origin"), host))
    return says(403, "Only a page of this shop may write in its book.");
  if (!isReadable(url)) return says(400, "This address cannot be read: it is cut short or garbled.");
  if (isAskedFromElsewhere(headers, request.nextUrl.pathname))
    return says(403, "Only a page of this shop may ask for this.");
  const room = isReading(method) ? "well" : diskRoom();
  if (room !== "well") return says(NO_ROOM, diskSaid[room]);
  return letIn(request);
}

const NO_ROOM = 507;

/** Lets a request in; the page that answers it learns the word that its own scripts are known by. */
function letIn({ headers }: NextRequest): Response {
  // While it is built and tried the house's own tools write scripts into pages.
  if (process.env.NODE_ENV !== "production") return NextResponse.next();
  const policy = contentPolicy(randomBytes(16).toString("base64"));
  const asked = new Headers(headers);
  asked.set("Content-Security-Policy", policy);
  const answer = NextResponse.next({ request: { headers: asked } });
  answer.headers.set("Content-Security-Policy", policy);
  answer.headers.set(MARK_HEADER, bookMark());
  return answer;
}

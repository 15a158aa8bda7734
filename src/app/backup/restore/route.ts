import { findDump } from "@/server/backup/dumps";
import { answerInLines, takeIn } from "@/server/backup/incoming";
import { restoreShop } from "@/server/backup/restore";
import { diskRoom, diskSaid } from "@/server/disk-room";
import { isOwnHost, mayWrite } from "@/server/door";

const gone = { ok: false, message: "This copy is not there any more." } as const;
const tooLarge = {
  ok: false,
  message: "This file is larger than the book of any workroom. Nothing was changed.",
} as const;

/**
 * Looks at a copy of a shop, or puts it in the book's place when the address says `replace`. A plain address, since a
 * whole shop is larger than a server action takes, or than the door holds in hand: so it asks the door itself.
 */
export async function POST(request: Request): Promise<Response> {
  const host = request.headers.get("host");
  if (!isOwnHost(host)) return new Response(null, { status: 421 });
  if (!mayWrite(request.method, request.headers.get("origin"), host)) return new Response(null, { status: 403 });
  const room = diskRoom();
  if (room !== "well") return Response.json({ ok: false, message: diskSaid[room] }, { status: 507 });
  const { searchParams } = new URL(request.url);
  const copy = searchParams.get("copy");
  const taken = copy === null ? await takeIn(request.body) : { place: await findDump(copy), drop: async () => {} };
  const { place } = taken;
  if (place === null)
    return copy === null ? Response.json(tooLarge, { status: 413 }) : Response.json(gone, { status: 404 });
  return answerInLines((tell) => restoreShop(place, searchParams.get("replace") === "yes", tell).finally(taken.drop));
}

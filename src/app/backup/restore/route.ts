import { readDump } from "@/server/backup/dumps";
import { restoreShop } from "@/server/backup/restore";

/**
 * Looks at a copy of a shop, or puts it in the book's place when the address says `replace`. A plain address, since a
 * whole shop is larger than a server action takes; the door lets no page from elsewhere through to it.
 */
export async function POST(request: Request): Promise<Response> {
  const { searchParams } = new URL(request.url);
  const copy = searchParams.get("copy");
  const text = copy === null ? await request.text() : await readDump(copy);
  if (text === null) return Response.json({ ok: false, message: "This copy is not there any more." }, { status: 404 });
  const restored = await restoreShop(text, searchParams.get("replace") === "yes");
  return Response.json(restored, { status: restored.ok ? 200 : 422 });
}

import { readBody } from "@/server/body";
import { keepPlace, readPlace } from "@/server/place";

interface PlaceContext {
  readonly params: Promise<{ id: string }>;
}

/** Where the table stands, for a second browser that follows. */
export async function GET(_: Request, { params }: PlaceContext): Promise<Response> {
  const place = await readPlace((await params).id);
  return place.ok ? Response.json(place.value) : Response.json(place.errors, { status: place.missing ? 404 : 400 });
}

/** Keeps the place at the table. A plain address, so that the browser can still send it while the page is left. */
export async function PUT(request: Request, { params }: PlaceContext): Promise<Response> {
  const kept = await keepPlace((await params).id, await readBody(request));
  return kept.ok ? Response.json(kept.value) : Response.json(kept.errors, { status: kept.missing ? 404 : 400 });
}

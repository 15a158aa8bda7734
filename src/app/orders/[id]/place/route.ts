import { keepPlace } from "@/server/place";

/** Keeps the place at the table. A plain address, so that the browser can still send it while the page is left. */
export async function PUT(
  request: Request,
  { params }: { readonly params: Promise<{ id: string }> },
): Promise<Response> {
  const kept = await keepPlace((await params).id, await request.json().catch(() => null));
  return kept.ok ? Response.json(null) : Response.json(kept.errors, { status: 400 });
}

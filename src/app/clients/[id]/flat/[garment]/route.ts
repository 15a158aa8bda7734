import { drawClientFlat } from "@/server/client-flat";

interface FlatContext {
  readonly params: Promise<{ id: string; garment: string }>;
}

/** A garment flat for one client, as a picture. */
export async function GET(_: Request, { params }: FlatContext): Promise<Response> {
  const { id, garment } = await params;
  const svg = await drawClientFlat(id, garment);
  if (svg === null) return new Response(null, { status: 404 });
  return new Response(svg, {
    headers: { "Content-Type": "image/svg+xml", "Cache-Control": "private, max-age=60" },
  });
}

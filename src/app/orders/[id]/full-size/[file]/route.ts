import { downloadFullSize } from "@/server/full-size/download";

/** The pieces at full size: `tiles-a4.pdf`, `tiles-letter.pdf`, `one-page.pdf`, `pieces.svg`, `pieces.dxf`. */
export async function GET(
  _: Request,
  { params }: { readonly params: Promise<{ readonly id: string; readonly file: string }> },
): Promise<Response> {
  const { id, file } = await params;
  return downloadFullSize(id, file);
}

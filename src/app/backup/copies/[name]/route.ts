import { downloadDump } from "@/server/downloads";

/** A copy that the shop wrote by itself. */
export async function GET(_: Request, { params }: { readonly params: Promise<{ name: string }> }): Promise<Response> {
  return downloadDump((await params).name);
}

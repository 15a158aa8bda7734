import { downloadClient } from "@/server/downloads";

/** All that the shop knows of one client. */
export async function GET(_: Request, { params }: { readonly params: Promise<{ id: string }> }): Promise<Response> {
  return downloadClient((await params).id);
}

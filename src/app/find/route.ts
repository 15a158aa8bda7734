import { listFindable } from "@/server/find";

export const dynamic = "force-dynamic";

/** What the finder looks through, fetched when it is opened. */
export async function GET(): Promise<Response> {
  return Response.json(await listFindable());
}

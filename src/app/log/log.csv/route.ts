import { downloadLog } from "@/server/downloads";

export const dynamic = "force-dynamic";

/** Every garment that was cut, as a table. */
export async function GET(): Promise<Response> {
  return downloadLog();
}

import { downloadShop } from "@/server/downloads";

export const dynamic = "force-dynamic";

/** The whole shop, as one open file. */
export async function GET(): Promise<Response> {
  return downloadShop();
}

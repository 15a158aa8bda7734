import { downloadCards } from "@/server/downloads";

export const dynamic = "force-dynamic";

/** Every card, as a table. */
export async function GET(): Promise<Response> {
  return downloadCards();
}

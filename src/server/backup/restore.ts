import { revalidatePath } from "next/cache";
import { bringBackShop, database } from "@/db";
import { writeCopyOf } from "./dumps";
import { readShopFile } from "./shop-file";

export interface ShopFileLook {
  readonly writtenAt: string;
  readonly counts: Readonly<Record<string, number>>;
}

export type Restored =
  | { readonly ok: true; readonly look: ShopFileLook; readonly replaced: boolean }
  | { readonly ok: false; readonly message: string };

/** Reads a copy and says what it holds; when told so, puts it in the book's place, after a copy of what was there. */
export async function restoreShop(text: string, replace: boolean): Promise<Restored> {
  const read = readShopFile(text);
  if (!read.ok) return read;
  const look = { writtenAt: read.file.writtenAt, counts: read.file.counts };
  if (!replace) return { ok: true, look, replaced: false };
  await bringBackShop(await database(), read.file.shop, (before) => writeCopyOf(before, new Date(), true));
  revalidatePath("/", "layout");
  return { ok: true, look, replaced: true };
}

import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { SheetRow, ShopRows } from "@/db";
import { readShop } from "./read-shop";
import { HEAD_LENGTH, ShopWriter } from "./write-shop";

/** A whole book in hand, as only tests have it. */
export type WholeShop = ShopRows & { readonly cutSheets: readonly SheetRow[] };

/** The text of a book's file, as the shop writes it. */
export async function textOfShop({ cutSheets, ...rows }: WholeShop, writtenAt: string): Promise<string> {
  let text = "";
  const writer = new ShopWriter({
    write: async (more) => {
      text += more;
    },
    writeHead: async (head) => {
      text = `${head}\n${text.slice(HEAD_LENGTH)}`;
    },
  });
  await writer.begin();
  for (const sheet of cutSheets) await writer.addSheet(sheet);
  await writer.end(rows, writtenAt);
  return text;
}

/** A text as a file of the disk, where copies are read from. */
export function fileOf(text: string): string {
  const place = join(mkdtempSync(join(tmpdir(), "inner-fold-copy-")), "shop.json");
  writeFileSync(place, text);
  return place;
}

/** What a file of this text is read as, its sheets among it. */
export async function readText(text: string) {
  const read = await readShop(fileOf(text));
  if (!read.ok) return { message: read.message } as const;
  const cutSheets: SheetRow[] = [];
  for await (const sheet of read.file.sheets()) cutSheets.push(sheet);
  return { message: "", head: read.file.head, shop: { ...read.file.rows, cutSheets } } as const;
}

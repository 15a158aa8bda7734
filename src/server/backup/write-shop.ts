import { createHash, type Hash } from "node:crypto";
import { setImmediate as nextTurn } from "node:timers/promises";
import { listSheetIds, type Reader, readSheetRow, type SheetRow, type ShopRows } from "@/db";
import { tableNames } from "./shop-rows";

/** Where the text of a shop's file goes: one piece after another, its head last, when what it says is known. */
export interface Sink {
  readonly write: (text: string) => Promise<void>;
  /** Puts the head in the room that was left for it at the start. */
  readonly writeHead: (text: string) => Promise<void>;
}

/** The head is filled up to this with blanks, so that it may be written last. */
export const HEAD_LENGTH = 1024;

/** Sheets were taken out of the book while it was copied: the copy would hold what the shop has promised to forget. */
export class BookChanged extends Error {}

/**
 * Writes a shop's file row by row, so that no more of a large book is in hand than one sheet: first the sheets, which never
 * change and are read while others work, then all other rows in one moment. JSON with every row on a line of its own; the
 * checksum is of the text without its line ends.
 */
export class ShopWriter {
  readonly #hash: Hash = createHash("sha256");
  readonly #sheets = new Set<string>();

  constructor(readonly sink: Sink) {}

  async #put(line: string, end = "\n"): Promise<void> {
    this.#hash.update(line);
    await this.sink.write(line + end);
  }

  /** Leaves room for the head, and opens the rows. */
  async begin(): Promise<void> {
    await this.sink.write(`${" ".repeat(HEAD_LENGTH - 1)}\n`);
    await this.#put('{"cutSheets":[');
  }

  async addSheet(row: SheetRow): Promise<void> {
    await this.#put(`${this.#sheets.size > 0 ? "," : ""}${JSON.stringify(row)}`);
    this.#sheets.add(row.id);
  }

  /** Every sheet of the book that is not written yet; others take their turns in between. */
  async addSheets(book: Reader): Promise<void> {
    const ids = await listSheetIds(book);
    const there = new Set(ids);
    if ([...this.#sheets].some((id) => !there.has(id))) throw new BookChanged("a sheet was taken out of the book");
    for (const id of ids.filter((one) => !this.#sheets.has(one))) {
      const row = await readSheetRow(book, id);
      if (row !== undefined) await this.addSheet(row);
      await nextTurn();
    }
  }

  /** All other rows, and the head. @returns the checksum */
  async end(rows: ShopRows, writtenAt: string): Promise<string> {
    await this.#put(`],"shop":${JSON.stringify(rows.shop)}`);
    for (const name of tableNames) {
      await this.#put(`,"${name}":[`);
      for (const [index, row] of rows[name].entries()) await this.#put(`${index > 0 ? "," : ""}${JSON.stringify(row)}`);
      await this.#put("]");
    }
    await this.#put("}", "}\n");
    const counts = Object.fromEntries(tableNames.map((name) => [name, rows[name].length]));
    const checksum = this.#hash.digest("hex");
    const head = {
      format: "inner-fold/shop",
      version: 1,
      writtenAt,
      counts: { ...counts, cutSheets: this.#sheets.size },
      checksum,
    };
    const text = `${JSON.stringify(head).slice(0, -1)},"shop":`;
    await this.sink.writeHead(text.padEnd(HEAD_LENGTH - 1));
    return checksum;
  }
}

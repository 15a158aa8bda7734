import { createHash } from "node:crypto";
import { createReadStream } from "node:fs";
import { readFile } from "node:fs/promises";
import { createInterface } from "node:readline";
import { setImmediate as nextTurn } from "node:timers/promises";
import * as v from "valibot";
import type { SheetRow, ShopRows } from "@/db";
import { RowCollector } from "./shop-rows";
import { HEAD_LENGTH } from "./write-shop";

/** What a shop's file says of itself before its rows. */
const headSchema = v.object({
  format: v.literal("inner-fold/shop"),
  version: v.literal(1),
  writtenAt: v.string(),
  counts: v.record(v.string(), v.number()),
  /** SHA-256 of `shop` as it is written, line ends left out: a file that was cut short or changed is told from a whole one. */
  checksum: v.string(),
});
export type ShopHead = v.InferOutput<typeof headSchema>;

/** A shop's file that was read to its end and found whole. */
export interface ShopFile {
  readonly head: ShopHead;
  readonly rows: ShopRows;
  /** Its sheets, read once more from where the file lies, one at a time. */
  readonly sheets: () => AsyncIterable<SheetRow>;
}

export type ReadShop =
  | { readonly ok: true; readonly file: ShopFile }
  | { readonly ok: false; readonly message: string };

const refuse = (why: string) => ({ ok: false, message: `${why} Nothing was changed.` }) as const;
const CUT_SHORT = refuse(
  "This copy is cut short: its end is missing. Copy it again from where it was kept, or take an earlier one.",
);
const NO_COPY = refuse("This is not a copy of a shop: it is no file that Inner Fold wrote.");

function parse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** The head, or why it is none. */
function readHead(json: unknown): ShopHead | { readonly ok: false; readonly message: string } {
  const head = v.safeParse(headSchema, json);
  if (head.success) return head.output;
  const { format, version } = (json ?? {}) as { format?: unknown; version?: unknown };
  if (format !== "inner-fold/shop") return refuse("This is not a copy of a shop: it is a file of another kind.");
  return refuse(
    typeof version === "number" && version > 1
      ? "This copy was written by a newer Inner Fold. Bring that one up to date on this machine first."
      : "This copy has no whole head: it was cut short or changed.",
  );
}

/** A line of the file: a list that opens, a row of it, its end, the shop's own row, or the end of all. */
type Line =
  | { readonly kind: "list"; readonly table: string }
  | { readonly kind: "row"; readonly text: string }
  | { readonly kind: "shop"; readonly text: string }
  | { readonly kind: "close" | "end" };

const LIST = /^[{,]"(\w{1,40})":\[$/;
const SHOP = /^\],"shop":(\{.*\})$/;

function readLine(line: string): Line {
  const list = LIST.exec(line)?.[1];
  if (list !== undefined) return { kind: "list", table: list };
  const own = SHOP.exec(line)?.[1];
  if (own !== undefined) return { kind: "shop", text: own };
  if (line === "]") return { kind: "close" };
  if (line === "}}") return { kind: "end" };
  return { kind: "row", text: line.startsWith(",") ? line.slice(1) : line };
}

const linesOf = (place: string) =>
  createInterface({ input: createReadStream(place, { encoding: "utf8" }), crlfDelay: Number.POSITIVE_INFINITY });

/** Is told how much of the work is done, from 0 to 1. */
export type Tell = (share: number) => void;

/** How often others get their turn while a file is read. */
const ROWS_A_TURN = 16;

async function* sheetsOfLines(place: string): AsyncIterable<SheetRow> {
  let [at, sheets] = [0, false];
  for await (const line of linesOf(place)) {
    if (at++ === 0) continue;
    const read = readLine(line);
    if (read.kind === "list") sheets = read.table === "cutSheets";
    else if (read.kind !== "row") sheets = false;
    else if (sheets) yield JSON.parse(read.text) as SheetRow;
  }
}

/** The lines of a file as they come: their rows, and the checksum of what was read. */
class LineReader {
  readonly rows = new RowCollector();
  readonly #hash = createHash("sha256");
  #table = "";
  ended = false;
  garbled = false;

  take(line: string): void {
    const read = readLine(line);
    this.#hash.update(read.kind === "end" ? "}" : line);
    if (read.kind === "list") this.#table = read.table;
    if (read.kind === "end") this.ended = true;
    if (read.kind === "shop") this.#row(read.text, (json) => this.rows.addShop(json));
    if (read.kind === "row") this.#row(read.text, (json) => this.rows.add(this.#table, json));
  }

  #row(text: string, add: (json: unknown) => void): void {
    const json = parse(text);
    if (json === undefined) this.garbled = true;
    else add(json);
  }

  checksum(): string {
    return this.#hash.digest("hex");
  }
}

/** Reads a file that has each row on a line of its own: no more of it is in hand than one. */
async function readLines(place: string, head: ShopHead, tell: Tell): Promise<ReadShop> {
  const reader = new LineReader();
  const all = Object.values(head.counts).reduce((sum, count) => sum + count, 1);
  let at = 0;
  for await (const line of linesOf(place)) {
    if (at++ === 0) continue;
    if (at % ROWS_A_TURN === 0) {
      tell(Math.min(1, at / all));
      await nextTurn();
    }
    reader.take(line);
  }
  if (!reader.ended) return CUT_SHORT;
  return judge(head, reader.checksum(), reader.garbled ? null : reader.rows, () => sheetsOfLines(place));
}

function judge(
  head: ShopHead,
  checksum: string,
  rows: RowCollector | null,
  sheets: () => AsyncIterable<SheetRow>,
): ReadShop {
  if (checksum !== head.checksum || rows === null)
    return refuse("This copy was changed or damaged after it was written: its checksum does not agree.");
  const read = rows.finish();
  if (read === null) return refuse(`This copy is not whole: ${rows.problem}.`);
  return { ok: true, file: { head: { ...head, counts: rows.counts }, rows: read, sheets } };
}

async function* given(rows: readonly unknown[]): AsyncIterable<SheetRow> {
  yield* rows as readonly SheetRow[];
}

function collect(shop: Readonly<Record<string, unknown>>): RowCollector {
  const rows = new RowCollector();
  for (const [table, value] of Object.entries(shop)) {
    if (table === "shop") rows.addShop(value);
    else for (const row of Array.isArray(value) ? value : [value]) rows.add(table, row);
  }
  return rows;
}

/** Reads a file that was written in one piece, as all were before large books. */
function readWhole(text: string): ReadShop {
  const json = parse(text) as { shop?: Readonly<Record<string, unknown>> } | undefined;
  if (json === undefined) return text.trimStart().startsWith('{"format":"inner-fold/shop"') ? CUT_SHORT : NO_COPY;
  const head = readHead(json);
  if ("ok" in head) return head;
  const shop = json.shop ?? {};
  const rows = collect(shop);
  const checksum = createHash("sha256").update(JSON.stringify(shop)).digest("hex");
  const sheets = Array.isArray(shop.cutSheets) ? shop.cutSheets : [];
  return judge(head, checksum, rows, () => given(sheets));
}

/** The first line of a file, when it is a head and nothing else. */
async function firstLine(place: string): Promise<string> {
  for await (const line of linesOf(place)) return line;
  return "";
}

/** Reads a shop's file, or says why it is none, is cut short, was changed, or was written by a later Inner Fold. */
export async function readShop(place: string, tell: Tell = () => {}): Promise<ReadShop> {
  const first = (await firstLine(place)).trimEnd();
  if (!first.startsWith('{"format":"inner-fold/shop"') || !first.endsWith(',"shop":'))
    return readWhole(await readFile(place, "utf8"));
  const head = readHead(parse(`${first}null}`));
  return "ok" in head ? head : readLines(place, head, tell);
}

const LINE_END = 10;

/** The checksum of all that follows a file's head, as it lies on the disk: line ends and the last bracket left out. */
async function checksumOnDisk(place: string): Promise<string> {
  const hash = createHash("sha256");
  let last: Uint8Array = Buffer.alloc(0);
  const take = (piece: Buffer) => {
    if (piece.length === 0) return;
    hash.update(last);
    last = piece.subarray(-1);
    hash.update(piece.subarray(0, -1));
  };
  for await (const piece of createReadStream(place, { start: HEAD_LENGTH, highWaterMark: 1 << 18 })) {
    let from = 0;
    for (let to = piece.indexOf(LINE_END); to >= 0; to = piece.indexOf(LINE_END, from)) {
      take(piece.subarray(from, to));
      from = to + 1;
    }
    take(piece.subarray(from));
  }
  return hash.digest("hex");
}

/** The checksum of a copy of ours that is whole on the disk now, by the bytes alone; null where it is not. */
export async function wholeChecksum(place: string): Promise<string | null> {
  const head = parse(`${(await firstLine(place)).trimEnd()}null}`) as { checksum?: unknown } | undefined;
  const said = typeof head?.checksum === "string" ? head.checksum : null;
  return said !== null && (await checksumOnDisk(place)) === said ? said : null;
}

import { randomUUID } from "node:crypto";
import { createWriteStream } from "node:fs";
import { unlink } from "node:fs/promises";
import { join } from "node:path";
import { Readable, Transform } from "node:stream";
import { pipeline } from "node:stream/promises";
import type { ReadableStream as WebStream } from "node:stream/web";
import { dataFolder } from "@/db";
import { sayError } from "../say-error";
import type { Restored, RestoreStage } from "./restore";

/** No book of one workroom is larger. */
const MOST_BYTES = 4 * 2 ** 30;

/** What came in, where it lies while it is looked at. */
export interface Incoming {
  /** Null where it was larger than any book. */
  readonly place: string | null;
  readonly drop: () => Promise<void>;
}

/** Puts what a browser sends on the disk, piece by piece. */
export async function takeIn(body: ReadableStream<Uint8Array> | null, most = MOST_BYTES): Promise<Incoming> {
  const place = join(dataFolder(), `incoming-${randomUUID()}.part`);
  const drop = () => unlink(place).catch(() => {});
  let bytes = 0;
  const limit = new Transform({
    transform(piece: Uint8Array, _, done) {
      bytes += piece.length;
      done(bytes > most ? new Error("more than any book holds") : null, piece);
    },
  });
  const from = body === null ? Readable.from([]) : Readable.fromWeb(body as unknown as WebStream<Uint8Array>);
  try {
    await pipeline(from, limit, createWriteStream(place));
    return { place, drop };
  } catch (error) {
    await drop();
    if (bytes > most) return { place: null, drop };
    throw error;
  }
}

/** A share is told when it has moved by so much. */
const TOLD_EVERY = 0.01;

/** Answers with a line of JSON for each stage of a long work, and its outcome as the last. */
export function answerInLines(work: (tell: (stage: RestoreStage) => void) => Promise<Restored>): Response {
  const text = new TextEncoder();
  const lines = new ReadableStream<Uint8Array>({
    async start(controller) {
      const say = (line: object) => controller.enqueue(text.encode(`${JSON.stringify(line)}\n`));
      let told: RestoreStage | null = null;
      const outcome = await work((stage) => {
        if (told !== null && told.stage === stage.stage && stage.share - told.share < TOLD_EVERY) return;
        told = stage;
        say(stage);
      }).catch((error: unknown): Restored => {
        process.stderr.write(`A copy could not be put in the book's place: ${sayError(error)}\n`);
        return { ok: false, message: "The shop's computer could not do this; the book is as it was." };
      });
      say(outcome);
      controller.close();
    },
  });
  return new Response(lines, { headers: { "Content-Type": "application/x-ndjson", "Cache-Control": "no-store" } });
}

import type { PGlite } from "@electric-sql/pglite";

/** The disk was full when the book put down what it was about to do: it goes on only once it was opened anew. */
export class BookOutOfRoom extends Error {
  override readonly message =
    "The disk of the shop's computer is full: nothing more was kept. Make room on it; the book opens again by itself.";
}

/** What the database says when there was no room for its log; asked anything after that, it would never answer again. */
const LOG_FAILED = /pg_wal\/.*No space left|PANIC/;

/**
 * Asks a database nothing more once its log had no room.
 *
 * @param onBroken told once, so that the book can be opened anew
 */
export function guardLog(client: PGlite, onBroken: () => void): void {
  let broken = false;
  const guarded =
    <Asked extends readonly unknown[], Answer>(ask: (...asked: Asked) => Promise<Answer>) =>
    async (...asked: Asked): Promise<Answer> => {
      if (broken) throw new BookOutOfRoom();
      try {
        return await ask(...asked);
      } catch (error) {
        if (!broken && LOG_FAILED.test(String(error))) {
          broken = true;
          onBroken();
        }
        throw error;
      }
    };
  client.execProtocol = guarded(client.execProtocol.bind(client));
  client.execProtocolStream = guarded(client.execProtocolStream.bind(client));
}

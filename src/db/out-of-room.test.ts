import { execFileSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { PGlite } from "@electric-sql/pglite";
import { afterAll, expect, it } from "vitest";
import { BookOutOfRoom, guardLog } from "./out-of-room";

/** A database that fails once, and is asked nothing after. */
function failing(error: Error) {
  let asked = 0;
  const ask = async () => {
    asked += 1;
    throw error;
  };
  const client = { execProtocol: ask, execProtocolStream: ask } as unknown as PGlite;
  return { client, asked: () => asked };
}

it("asks a database nothing more once its log had no room, and says so once", async () => {
  const { client, asked } = failing(new Error('could not write to file "pg_wal/xlogtemp.42": No space left on device'));
  let told = 0;
  guardLog(client, () => {
    told += 1;
  });
  await expect(client.execProtocol(new Uint8Array())).rejects.toThrow("xlogtemp");
  await expect(client.execProtocol(new Uint8Array())).rejects.toThrow(BookOutOfRoom);
  await expect(client.execProtocolStream(new Uint8Array())).rejects.toThrow("opens again by itself");
  expect([asked(), told]).toEqual([1, 1]);
});

it("goes on asking after any other failure, also one of a full disk that the database gets over", async () => {
  const { client, asked } = failing(new Error('could not extend file "base/5/16414": No space left on device'));
  guardLog(client, () => expect.unreachable());
  for (let n = 0; n < 3; n++) await expect(client.execProtocol(new Uint8Array())).rejects.toThrow("extend file");
  expect(asked()).toBe(3);
});

const disk = mkdtempSync(join(tmpdir(), "inner-fold-small-disk-"));
const onDisk = (...how: readonly string[]): boolean => {
  try {
    execFileSync(how[0] ?? "", how.slice(1), { stdio: "ignore" });
    return true;
  } catch {
    return false;
  }
};
/** A small disk of its own, where the machine allows one. */
const mounted = process.platform === "linux" && onDisk("mount", "-t", "tmpfs", "-o", "size=70m", "tmpfs", disk);
afterAll(() => {
  if (mounted) onDisk("umount", "-l", disk);
  rmSync(disk, { recursive: true, force: true });
});

it.skipIf(!mounted)(
  "on a real disk that runs full nothing acknowledged is lost, and it goes on once there is room",
  async () => {
    process.env.INNER_FOLD_DATA = join(disk, "data");
    const { addClient, database, listClients } = await import(".");
    await database();
    writeFileSync(join(disk, "filler"), Buffer.alloc(18e6));
    const acknowledged: string[] = [];
    const add = async (id: string, name: string) => {
      await addClient(await database(), { id, name }, "2026-11-23T09:00:00.000Z");
      acknowledged.push(id);
    };
    const letters = () => Array.from({ length: 3000 }, () => Math.random().toString(36)).join("");
    const filled = async () => {
      for (let n = 0; n < 600; n++) await add(`c${n}`, letters());
    };
    await expect(filled()).rejects.toThrow();
    await expect(add("meanwhile", "small")).rejects.toThrow();
    expect(onDisk("mount", "-o", "remount,size=250m", disk)).toBe(true);
    await add("after", "small");
    const there = new Set((await listClients(await database())).map(({ id }) => id));
    expect(acknowledged.length).toBeGreaterThan(50);
    expect(acknowledged.filter((id) => !there.has(id))).toEqual([]);
  },
);

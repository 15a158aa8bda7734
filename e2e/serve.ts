import { type ChildProcess, spawn, spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { createServer } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { TestProject } from "vitest/node";

declare module "vitest" {
  export interface ProvidedContext {
    readonly address: string;
    readonly folder: string;
  }
}

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const server = createServer();
    server.listen(0, "127.0.0.1", () => {
      const address = server.address();
      server.close(() => resolve(typeof address === "object" && address !== null ? address.port : 0));
    });
  });
}

function waitForAddress(child: ChildProcess): Promise<string> {
  return new Promise((resolve, reject) => {
    let said = "";
    const listen = (chunk: Buffer) => {
      said += chunk.toString();
      const address = /open at (\S+)/.exec(said)?.[1];
      if (address !== undefined) resolve(address);
    };
    child.stdout?.on("data", listen);
    child.stderr?.on("data", listen);
    child.once("exit", () => reject(new Error(`the server ended: ${said}`)));
  });
}

/** Serves the built app with the demo week on a data folder of its own, for all end-to-end tests. */
export default async function serve(project: TestProject): Promise<() => Promise<void>> {
  const folder = mkdtempSync(join(tmpdir(), "inner-fold-e2e-"));
  const env = { ...process.env, INNER_FOLD_DATA: folder, PORT: String(await freePort()) };
  const seeded = spawnSync(process.execPath, ["--import", "tsx", "scripts/seed.ts"], { env, encoding: "utf8" });
  if (seeded.status !== 0) throw new Error(`seeding failed: ${seeded.stderr}`);
  const child = spawn(process.execPath, ["--import", "tsx", "scripts/start.ts"], {
    env,
    stdio: ["ignore", "pipe", "pipe"],
  });
  project.provide("address", await waitForAddress(child));
  project.provide("folder", folder);
  return async () => {
    const ended = new Promise((resolve) => child.once("exit", resolve));
    child.kill("SIGTERM");
    await ended;
    rmSync(folder, { recursive: true, force: true });
  };
}

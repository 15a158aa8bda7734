import { type ChildProcess, spawn, spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { createServer } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { TestProject } from "vitest/node";

/** A running app with the demo week on a data folder of its own. */
export interface Served {
  readonly address: string;
  readonly folder: string;
}

declare module "vitest" {
  export interface ProvidedContext {
    /** One for each worker: tests that run at once must not change each other's shop. */
    readonly served: readonly Served[];
  }
}

export const WORKERS = 2;

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

async function serveOne(): Promise<Served & { readonly stop: () => Promise<void> }> {
  const folder = mkdtempSync(join(tmpdir(), "inner-fold-e2e-"));
  const env = { ...process.env, INNER_FOLD_DATA: folder, PORT: String(await freePort()) };
  const seeded = spawnSync(process.execPath, ["--import", "tsx", "scripts/seed.ts"], { env, encoding: "utf8" });
  if (seeded.status !== 0) throw new Error(`seeding failed: ${seeded.stderr}`);
  const child = spawn(process.execPath, ["--import", "tsx", "scripts/start.ts"], {
    env,
    stdio: ["ignore", "pipe", "pipe"],
  });
  const address = await waitForAddress(child);
  const stop = async () => {
    const ended = new Promise((resolve) => child.once("exit", resolve));
    child.kill("SIGTERM");
    await ended;
    rmSync(folder, { recursive: true, force: true });
  };
  return { address, folder, stop };
}

/** Serves the built app for all end-to-end tests, once for each worker. */
export default async function serve(project: TestProject): Promise<() => Promise<void>> {
  const running = await Promise.all(Array.from({ length: WORKERS }, serveOne));
  project.provide(
    "served",
    running.map(({ address, folder }) => ({ address, folder })),
  );
  return async () => {
    await Promise.all(running.map(({ stop }) => stop()));
  };
}

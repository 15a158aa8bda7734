/** Starts the built app on loopback and prints its address when the first page answers. */
import { spawn } from "node:child_process";
import { createRequire } from "node:module";

const port = process.env.PORT ?? "4310";
const address = `http://127.0.0.1:${port}`;
const next = createRequire(import.meta.url).resolve("next/dist/bin/next");

const server = spawn(process.execPath, [next, "start", "-H", "127.0.0.1", "-p", port], {
  stdio: ["ignore", "ignore", "inherit"],
  env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", NEXT_MANUAL_SIG_HANDLE: "1" },
});

server.on("exit", (code) => process.exit(code ?? 1));
for (const signal of ["SIGINT", "SIGTERM"] as const) process.on(signal, () => server.kill(signal));

async function waitForFirstPage(): Promise<void> {
  for (;;) {
    try {
      const page = await fetch(address);
      await page.text();
      if (page.ok) return;
    } catch {
      // Not listening yet.
    }
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}

await waitForFirstPage();
process.stdout.write(`Inner Fold is open at ${address}\n`);

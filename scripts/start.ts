/** Starts the built app on loopback and prints its address when the first page answers. */
import { spawn } from "node:child_process";
import { createRequire } from "node:module";
import { createServer } from "node:net";

const port = process.env.PORT ?? "4310";
const address = `http://127.0.0.1:${port}`;
const next = createRequire(import.meta.url).resolve("next/dist/bin/next");

/** Whether another program has the port already: then its page would be taken for ours. */
function isTaken(): Promise<boolean> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once("error", () => resolve(true));
    probe.listen(Number(port), "127.0.0.1", () => probe.close(() => resolve(false)));
  });
}

if (await isTaken()) {
  process.stderr.write(
    `Port ${port} is taken by another program on this computer. Stop that one, or start with another port: PORT=${Number(port) + 1} bin/demo\n`,
  );
  process.exit(1);
}

const server = spawn(process.execPath, [next, "start", "-H", "127.0.0.1", "-p", port], {
  // While this program lives it holds the other end: however it goes, the server goes with it.
  stdio: ["pipe", "ignore", "inherit"],
  env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", NEXT_MANUAL_SIG_HANDLE: "1", INNER_FOLD_PARENT: "stdin" },
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

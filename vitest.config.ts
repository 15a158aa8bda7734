import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

export default defineConfig({
  resolve: { alias: { "@": fileURLToPath(new URL("./src", import.meta.url)) } },
  test: {
    setupFiles: ["vitest.setup.ts"],
    include: ["src/**/*.test.{ts,tsx}", "scripts/**/*.test.ts", "tests/**/*.test.ts"],
    // Both cores: by itself it would leave one of two idle.
    maxWorkers: 2,
    testTimeout: 60_000,
    // A fresh database takes seconds, and more on a machine that is busy.
    hookTimeout: 60_000,
  },
});

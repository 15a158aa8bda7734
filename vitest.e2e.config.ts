import { defineConfig } from "vitest/config";
import { WORKERS } from "./e2e/serve";

export default defineConfig({
  test: {
    include: ["e2e/**/*.test.ts"],
    globalSetup: "e2e/serve.ts",
    // A whole day is one test; on a busy machine it takes a while.
    testTimeout: 180_000,
    hookTimeout: 60_000,
    maxWorkers: WORKERS,
  },
});

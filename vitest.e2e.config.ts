import { defineConfig } from "vitest/config";
import { WORKERS } from "./e2e/serve";

export default defineConfig({
  test: {
    include: ["e2e/**/*.test.ts"],
    globalSetup: "e2e/serve.ts",
    testTimeout: 60_000,
    hookTimeout: 60_000,
    maxWorkers: WORKERS,
  },
});

import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: "core",
          include: ["core/**/*.test.ts", "demo/**/*.test.ts", "widget/**/*.test.ts", "web/**/*.test.ts"],
          exclude: ["core/language/blind/**"],
          testTimeout: 240_000,
          pool: "forks",
          isolate: false,
          maxWorkers: 2,
        },
      },
      // What the sets come to is compared line by line: nothing that other tests have left behind may tell in it.
      {
        test: {
          name: "sets",
          include: ["core/language/blind/**/*.test.ts"],
          testTimeout: 240_000,
          pool: "forks",
          maxWorkers: 2,
        },
      },
      {
        test: {
          name: "server",
          include: ["server/**/*.test.ts"],
          globalSetup: ["server/testing/cluster.ts"],
          testTimeout: 240_000,
          hookTimeout: 120_000,
          pool: "forks",
          maxWorkers: 2,
        },
      },
      { test: { name: "browser", include: ["e2e/**/*.test.ts"], globalSetup: ["e2e/house.ts"], testTimeout: 90_000, hookTimeout: 180_000, pool: "forks" } },
    ],
  },
});

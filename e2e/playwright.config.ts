import { existsSync } from "node:fs";
import { defineConfig } from "@playwright/test";

/** Debian's Chromium: the build without windows takes a fifth less time. */
const chromium = ["/usr/bin/chromium-headless-shell", "/usr/bin/chromium"].find((path) => existsSync(path));

export default defineConfig({
  testDir: "tests",
  // Generous: a busy machine may be slow, and only what never comes has failed.
  timeout: 360_000,
  expect: { timeout: 100_000 },
  // Each file has plans, and where it kills something an installation, of its own.
  fullyParallel: false,
  workers: 3,
  reporter: [["list"], ["junit", { outputFile: process.env.JUNIT ?? "test-results/junit.xml" }]],
  use: {
    baseURL: process.env.BASE_URL ?? "http://127.0.0.1:8080",
    viewport: { width: 1280, height: 800 },
    trace: "off",
    // What is tried with a slow or absent server is asked for by the page itself; offline.spec allows it.
    serviceWorkers: "block",
    launchOptions: {
      executablePath: chromium,
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
});

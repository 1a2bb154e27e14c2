import { defineConfig } from "@playwright/test";
import { SESSION } from "./tests/Browser/session";

/** Run by bin/test against the application it serves; APP_URL says where. */
export default defineConfig({
  testDir: "tests/Browser",
  outputDir: "var/playwright",
  workers: 2,
  // Generous: a busy machine is slow, and a test that waits costs nothing when all is well.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  use: {
    baseURL: process.env.APP_URL ?? "http://127.0.0.1:18080",
    trace: "off",
    // Requests that are routed by a test go past no worker of ours; no-signal.spec.ts is about it, and lets it in.
    serviceWorkers: "block",
    launchOptions: {
      executablePath: "/usr/bin/chromium",
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        // One process fewer, and none for each site: there is one site, and two cores.
        "--in-process-gpu",
        "--disable-site-isolation-trials",
        "--disable-features=PaintHolding,Translate,BackForwardCache",
      ],
    },
  },
  projects: [
    { name: "sign-in", testMatch: "sign-in.setup.ts" },
    {
      name: "desk",
      testIgnore: /phone|setup|at-once|stories/,
      dependencies: ["sign-in"],
      use: { viewport: { width: 1280, height: 800 }, storageState: SESSION },
    },
    {
      name: "phone",
      testMatch: /(phone|stories).spec.ts/,
      dependencies: ["sign-in"],
      use: {
        viewport: { width: 390, height: 844 },
        hasTouch: true,
        isMobile: true,
        storageState: SESSION,
      },
    },
    {
      // Twenty at once leave the server no room for others: they come last, alone.
      name: "crowd",
      testMatch: "at-once.spec.ts",
      dependencies: ["desk", "phone"],
      use: { viewport: { width: 1280, height: 800 }, storageState: SESSION },
    },
  ],
});

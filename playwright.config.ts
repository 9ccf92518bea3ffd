import { defineConfig, devices } from "@playwright/test";
import { app } from "./e2e/app";

const leftOut = process.env.BRINECOVE_LEAVE_OUT;

/** Debian's own Chromium; nothing is downloaded. `./brinecove test` starts the app and its database before. */
export default defineConfig({
  testDir: "e2e",
  testIgnore: leftOut ? [`**/${leftOut}`] : [],
  workers: 2,
  // a second try, on a new copy of the demo, tells a slow machine from a fault; the lane names each test that needed it
  retries: 1,
  // a shared machine can be ten times slower than a good one
  timeout: 600_000,
  expect: { timeout: 40_000 },
  reporter: process.env.BRINECOVE_REPORT ? [["list"], ["json", { outputFile: process.env.BRINECOVE_REPORT }]] : "list",
  outputDir: `.build/playwright-${leftOut ? "together" : "alone"}`,
  use: {
    ...devices["Desktop Chrome"],
    baseURL: `http://127.0.0.1:${app.port}`,
    viewport: { width: 1280, height: 800 },
    // the tests that cut the network ask for it; for the others it would only fetch every file once more
    serviceWorkers: "block",
    // a trace copies the page at every step, which takes as long as the steps: it is asked for
    trace: process.env.BRINECOVE_TRACE ? "retain-on-failure" : "off",
    screenshot: "only-on-failure",
    // a step that finds nothing to tap says so, instead of using up the whole test
    actionTimeout: 60_000,
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
      args: [
        "--headless",
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

import { spawn, type ChildProcess } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium, type Page } from "@playwright/test";

/** A tablet of its own whose battery can go flat: its browser is ended by SIGKILL, its storage stays. */
export class Tablet {
  private readonly folder = mkdtempSync(join(tmpdir(), "brinecove-tablet-"));
  private process: ChildProcess | null = null;

  /** @param aheadMs how fast its clock is */
  constructor(private readonly aheadMs = 0) {}

  async switchOn(port: number): Promise<Page> {
    // a browser that an ended run has left would be taken for ours, and lose everything when ours is ended
    if (await fetch(`http://127.0.0.1:${port}/json/version`).catch(() => null))
      throw new Error(`port ${port} has a browser already: end what an earlier run has left`);
    this.process = spawn(
      process.env.CHROMIUM ?? "/usr/bin/chromium",
      [
        "--headless",
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        `--user-data-dir=${this.folder}`,
        `--remote-debugging-port=${port}`,
        "--window-size=1024,768",
        "about:blank",
      ],
      { stdio: "ignore", detached: true },
    );
    for (let tries = 0; ; tries++) {
      const answer = await fetch(`http://127.0.0.1:${port}/json/version`).catch(() => null);
      if (answer?.ok) break;
      if (tries === 100) throw new Error("the tablet's browser does not answer");
      await new Promise((done) => setTimeout(done, 200));
    }
    const browser = await chromium.connectOverCDP(`http://127.0.0.1:${port}`);
    const [context] = browser.contexts();
    if (!context) throw new Error("no context");
    const page = context.pages()[0] ?? (await context.newPage());
    await page.addInitScript((aheadMs) => {
      const Right = Date;
      globalThis.Date = class extends Right {
        constructor(...given: [] | [number]) {
          super(given.length === 0 ? Right.now() + aheadMs : given[0]);
        }
        static override now = () => Right.now() + aheadMs;
      } as DateConstructor;
    }, this.aheadMs);
    return page;
  }

  /** Without a word to anybody. */
  goFlat(): void {
    if (this.process?.pid) process.kill(-this.process.pid, "SIGKILL");
    this.process = null;
  }

  away(): void {
    this.goFlat();
    rmSync(this.folder, { recursive: true, force: true, maxRetries: 5 });
  }
}

/** Ids of every entry on a device, read from its own store. */
export const onDevice = (page: Page) =>
  page.evaluate(async () => {
    const opened = (name: string) =>
      new Promise<IDBDatabase>((done, fail) =>
        Object.assign(indexedDB.open(name), {
          onsuccess: (event: Event) => done((event.target as IDBOpenDBRequest).result),
          onerror: fail,
        }),
      );
    for (const { name } of await indexedDB.databases()) {
      const db = await opened(name ?? "");
      if (!db.objectStoreNames.contains("entries")) continue;
      return new Promise<string[]>((done, fail) =>
        Object.assign(db.transaction("entries").objectStore("entries").getAllKeys(), {
          onsuccess: (event: Event) => done((event.target as IDBRequest<IDBValidKey[]>).result.map(String)),
          onerror: fail,
        }),
      );
    }
    return [];
  });

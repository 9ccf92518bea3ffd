import { execFileSync } from "node:child_process";
import { existsSync, mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join, resolve } from "node:path";
import { forgetRunning, isOurs, noteRunning, readRunning, runningFile } from "./note";

const data = mkdtempSync(join(tmpdir(), "brinecove-running-"));
const before = process.env.BRINECOVE_DATA;
beforeAll(() => void (process.env.BRINECOVE_DATA = data));
afterAll(() => void (process.env.BRINECOVE_DATA = before));

describe("the note of what is running", () => {
  it("is read as it was written, and gone once all has ended", () => {
    expect(readRunning()).toBeNull();
    noteRunning({ pid: 7, app: null });
    expect(readRunning()).toEqual({ pid: 7, app: null });
    forgetRunning();
    expect(existsSync(runningFile())).toBe(false);
    forgetRunning();
  });

  it("says nothing where it is broken", () => {
    writeFileSync(runningFile(), '{"pid":');
    expect(readRunning()).toBeNull();
    forgetRunning();
  });

  it("is believed of a process of ours that is alive, and of no other", () => {
    expect(isOurs(process.pid)).toBe(true);
    // the first process of a machine is there and is none of ours; the largest number is nobody's
    expect(isOurs(1)).toBe(false);
    expect(isOurs(4_194_303)).toBe(false);
  });
});

describe("a lock that a killed database has left", () => {
  const dir = mkdtempSync(join("/var/tmp", "brinecove-lock-"));
  const port = "25391";
  const script = (action: string) =>
    execFileSync(resolve("src/cli/postgres.sh"), [action], {
      env: {
        ...process.env,
        BRINECOVE_PG_DIR: join(dir, "postgres"),
        BRINECOVE_PG_PORT: port,
        BRINECOVE_PG_PASSWORD: "x",
      },
      encoding: "utf8",
    }).trim();
  const shell = (words: string) => execFileSync("bash", ["-c", words], { encoding: "utf8" }).trim();
  let lock: string;
  afterAll(() => script("destroy"));

  it("does not keep the next one from starting, also where its number is another process now", () => {
    lock = join(script("start"), "data", "postmaster.pid");
    const pid = shell(`head -1 ${lock}`);
    shell(`kill -9 ${pid}; while kill -0 ${pid} 2>/dev/null; do sleep 0.1; done; sed -i 1s/.*/${process.pid}/ ${lock}`);
    expect(shell(`head -1 ${lock}`)).toBe(String(process.pid));
    script("start");
    expect(shell(`cat /proc/$(head -1 ${lock})/comm`)).toBe("postgres");
    // and a lock that names it keeps it: starting again has no effect
    const running = shell(`head -1 ${lock}`);
    script("start");
    expect(shell(`head -1 ${lock}`)).toBe(running);
    script("stop");
    expect(existsSync(lock)).toBe(false);
  }, 60_000);
});

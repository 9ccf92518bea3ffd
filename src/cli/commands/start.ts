import { dataFolder } from "../database";
import { buildIfChanged } from "../build";
import { checkKeys } from "../check-keys";
import { demoSignIns } from "../../demo/load";
import { loadDemoOnce } from "../demo-once";
import { basesThere } from "../../server/db/bases";
import { connected } from "../connected";
import { keepBackups } from "../backup/daily";
import { keepMessages } from "../messages/keep";
import { mailServerSet } from "../messages/mail";
import { guardAgainstDeath } from "../running/guard";
import { forgetRunning, noteRunning } from "../running/note";
import { keepDatabase, keepApp } from "../running/watch";
import { prepareDatabase, type Prepared } from "../prepare";
import { makeSetUpCode } from "../set-up-code";
import { needDisk, needFreePort } from "../serve";

/**
 * `start`: database, migrations, build when changed, and the app on 127.0.0.1:4310; the demo where there is no base yet, or
 * with `--empty` a code to set one up. It keeps watch: a killed database or app comes back by itself, and with this
 * process everything ends.
 */
export async function run(args: string[] = []): Promise<number> {
  const isEmpty = args.includes("--empty") || process.env.BRINECOVE_DEMO === "no";
  const port = Number(process.env.BRINECOVE_PORT ?? 4310);
  const mailServer = mailServerSet(process.env);
  await needFreePort(port);
  needDisk(600);
  await buildIfChanged(".next");
  const prepared = await prepareDatabase("main");
  const { database, ownerUrl, appUrl } = prepared;
  const env = { BRINECOVE_APP_DATABASE_URL: appUrl, BRINECOVE_DATA: dataFolder(), BRINECOVE_DIST: ".next" };
  Object.assign(process.env, env);
  noteRunning({ pid: process.pid, app: null });
  guardAgainstDeath();
  let ways: string;
  try {
    await checkKeys(ownerUrl);
    ways = await waysIn(prepared, isEmpty, port);
  } catch (error) {
    forgetRunning();
    database.stop();
    throw error;
  }
  const watched = keepDatabase(database);
  const backups = keepBackups(ownerUrl);
  const messages = keepMessages(ownerUrl, mailServer);
  const app = keepApp(port, { ...env, BRINECOVE_LOG: process.env.BRINECOVE_LOG ?? "warn" });
  return new Promise((done) => {
    let stopping = false;
    const stop = async (code = 0) => {
      if (stopping) return;
      stopping = true;
      watched.stop();
      backups.stop();
      await messages.stop();
      await app.stop();
      database.stop();
      forgetRunning();
      done(code);
      process.exit(code);
    };
    process.on("SIGINT", () => void stop());
    process.on("SIGTERM", () => void stop());
    app.ready
      .then(() => {
        console.log(
          `\nBrinecove: ${addressOf(port)}\n\n${ways}\n\nCtrl-C ends it. What was recorded stays in ${dataFolder()}.`,
        );
      })
      .catch(async (error: Error) => {
        console.error(error.message);
        await stop(1);
      });
  });
}

const addressOf = (port: number) => process.env.ORIGIN ?? `http://127.0.0.1:${port}`;

/** How one gets in: the demo's sign-ins, which is loaded where there is nothing and nobody wants to begin empty; the way to set up a base; or nothing more than the address. */
async function waysIn(prepared: Prepared, isEmpty: boolean, port: number): Promise<string> {
  const before = await connected(prepared.ownerUrl, basesThere);
  if (!before.any && isEmpty) {
    const code = await makeSetUpCode(prepared.ownerUrl);
    return `There is no base yet. Set it up at ${addressOf(port)}/set-up\nwith the code ${code} (ten tries; a new start makes a new one).`;
  }
  const isFresh = await loadDemoOnce(prepared);
  if (!isFresh && !before.demo) return "Sign in with your own account.";
  return `${isFresh ? "The demo base is loaded.\n" : ""}${demoSignIns(port)}`;
}

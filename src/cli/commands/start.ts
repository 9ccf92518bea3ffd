import { dataFolder } from "../database";
import { buildIfChanged } from "../build";
import { checkKeys } from "../check-keys";
import { demoSignIns } from "../../demo/load";
import { loadDemoOnce } from "../demo-once";
import { guardAgainstDeath } from "../running/guard";
import { forgetRunning, noteRunning } from "../running/note";
import { keepDatabase, keepApp } from "../running/watch";
import { prepareDatabase } from "../prepare";
import { needDisk, needFreePort } from "../serve";

/**
 * `start`: database, migrations, demo when empty, build when changed, and the app on 127.0.0.1:4310. It keeps watch: a
 * killed database or app comes back by itself, and with this process everything ends.
 */
export async function run(): Promise<number> {
  const port = Number(process.env.BRINECOVE_PORT ?? 4310);
  await needFreePort(port);
  needDisk(600);
  await buildIfChanged(".next");
  const prepared = await prepareDatabase("main");
  const { database, ownerUrl, appUrl } = prepared;
  const env = { BRINECOVE_APP_DATABASE_URL: appUrl, BRINECOVE_DATA: dataFolder(), BRINECOVE_DIST: ".next" };
  Object.assign(process.env, env);
  noteRunning({ pid: process.pid, app: null });
  guardAgainstDeath();
  let fresh: boolean;
  try {
    await checkKeys(ownerUrl);
    fresh = await loadDemoOnce(prepared);
  } catch (error) {
    forgetRunning();
    database.stop();
    throw error;
  }
  const watched = keepDatabase(database);
  const app = keepApp(port, { ...env, BRINECOVE_LOG: process.env.BRINECOVE_LOG ?? "warn" });
  return new Promise((done) => {
    let stopping = false;
    const stop = async (code = 0) => {
      if (stopping) return;
      stopping = true;
      watched.stop();
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
        if (fresh) console.log("The demo base is loaded.");
        console.log(
          `\nBrinecove: http://127.0.0.1:${port}\n\n${demoSignIns(port)}\n\nCtrl-C ends it. What was recorded stays in ${dataFolder()}.`,
        );
      })
      .catch(async (error: Error) => {
        console.error(error.message);
        await stop(1);
      });
  });
}

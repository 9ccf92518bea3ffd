import { dataFolder } from "../database";
import { buildIfChanged } from "../build";
import { checkKeys } from "../check-keys";
import { demoSignIns, loadDemoIfEmpty } from "../../demo/load";
import { prepareDatabase } from "../prepare";
import { endApp, needDisk, needFreePort, serve, untilReady } from "../serve";

/** `start`: database, migrations, demo when empty, build when changed, and the app on 127.0.0.1:4310. */
export async function run(): Promise<number> {
  const port = Number(process.env.BRINECOVE_PORT ?? 4310);
  await needFreePort(port);
  needDisk(600);
  await buildIfChanged(".next");
  const { database, ownerUrl, appUrl } = await prepareDatabase("main");
  let stopping = false;
  const env = { BRINECOVE_APP_DATABASE_URL: appUrl, BRINECOVE_DATA: dataFolder(), BRINECOVE_DIST: ".next" };
  Object.assign(process.env, env);
  await checkKeys(ownerUrl).catch((error: Error) => {
    database.stop();
    throw error;
  });
  const fresh = await loadDemoIfEmpty();
  const app = serve(port, { ...env, BRINECOVE_LOG: process.env.BRINECOVE_LOG ?? "warn" }, true);
  return new Promise((done) => {
    const stop = async () => {
      if (stopping) return;
      stopping = true;
      await endApp(app);
      database.stop();
      done(0);
      process.exit(0);
    };
    process.on("SIGINT", stop);
    process.on("SIGTERM", stop);
    app.once("close", (code) => {
      if (stopping) return;
      database.stop();
      console.error("The app ended by itself; its last words are above.");
      process.exit(code ?? 1);
    });
    untilReady(port, app)
      .then(() => {
        if (fresh) console.log("The demo base is loaded.");
        console.log(
          `\nBrinecove: http://127.0.0.1:${port}\n\n${demoSignIns(port)}\n\nCtrl-C ends it. What was recorded stays in ${dataFolder()}.`,
        );
      })
      .catch(async (error: Error) => {
        console.error(error.message);
        await stop();
      });
  });
}

import { once } from "node:events";
import { dataFolder } from "../database";
import { demoSignIns, loadDemoIfEmpty } from "../../demo/load";
import { prepareDatabase } from "../prepare";
import { endApp, needFreePort, serve } from "../serve";
import { writeValidators } from "../validators";

/** `dev`: the app from its sources, with reloading, on the same data as `start`. */
export async function run(): Promise<number> {
  const port = Number(process.env.BRINECOVE_PORT ?? 4310);
  await needFreePort(port);
  writeValidators();
  const { database, appUrl } = await prepareDatabase("main");
  const env = { BRINECOVE_APP_DATABASE_URL: appUrl, BRINECOVE_DATA: dataFolder(), BRINECOVE_DIST: ".next-dev" };
  Object.assign(process.env, env);
  await loadDemoIfEmpty();
  console.log(demoSignIns(port));
  const app = serve(port, env, false, "dev");
  const stop = () => void endApp(app);
  process.on("SIGINT", stop);
  process.on("SIGTERM", stop);
  await once(app, "close");
  database.stop();
  return 0;
}

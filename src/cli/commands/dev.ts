import { dataFolder, runProgram } from "../database";
import { demoSignIns, loadDemoIfEmpty } from "../demo/load";
import { prepareDatabase } from "../prepare";
import { needFreePort } from "../serve";
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
  // Ctrl-C ends the app, which shares our terminal; then we end its database
  process.on("SIGINT", () => undefined);
  const code = await runProgram(process.execPath, ["node_modules/next/dist/bin/next", "dev", "-H", "127.0.0.1", "-p", String(port)], { NEXT_TELEMETRY_DISABLED: "1" });
  database.stop();
  return code;
}

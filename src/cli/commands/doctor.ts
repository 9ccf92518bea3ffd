import { existsSync } from "node:fs";
import { join } from "node:path";
import { CommandError } from "../command-error";
import { connected } from "../connected";
import { dataFolder, openDatabase } from "../database";
import { examine } from "../doctor";
import { isStarted } from "../running/note";

const signs = { well: "well  ", look: "look  ", broken: "broken" } as const;

/** `doctor`: what is well and what is not on this machine, in plain words; changes nothing. Ends with 1 where something is broken. */
export async function run(): Promise<number> {
  if (!process.env.DATABASE_URL && !existsSync(join(dataFolder(), "app-password"))) {
    console.log(`Nothing was ever started in ${dataFolder()}: ./brinecove start begins.`);
    return 0;
  }
  const wasStarted = isStarted();
  const database = openDatabase("main");
  process.env.BRINECOVE_DATA = dataFolder();
  const ownerUrl = process.env.DATABASE_URL
    ? database.ownerUrl
    : Object.assign(new URL(database.ownerUrl), { pathname: "/brinecove" }).href;
  try {
    const said = await connected(ownerUrl, (owner) => examine({ owner, ownerUrl, at: new Date() }));
    for (const { name, state, words } of said) console.log(`${signs[state]}  ${name}: ${words}`);
    return said.some(({ state }) => state === "broken") ? 1 : 0;
  } catch (error) {
    throw new CommandError(
      `The database does not answer: ${(error as Error).message}. ./brinecove start makes it where there is none yet.`,
    );
  } finally {
    if (!wasStarted) database.stop();
  }
}

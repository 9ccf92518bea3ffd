import { readdirSync } from "node:fs";
import { migrationsRun } from "../../server/db/installation";
import { broken, well, worthALook, type Look } from "./look";

/** Whether the database is as this Brinecove knows it. */
export const migrations: Look = {
  name: "migrations",
  look: async ({ owner }) => {
    const done = new Set(await migrationsRun(owner));
    const ours = readdirSync("src/server/db/migrations").filter((name) => name.endsWith(".sql"));
    const newer = [...done].filter((name) => !ours.includes(name));
    const waiting = ours.filter((name) => !done.has(name));
    if (newer.length > 0)
      return broken(`the data were written by a newer Brinecove, with ${newer.join(", ")}: start that one`);
    return waiting.length > 0
      ? worthALook(`${waiting.length} not run yet: the next start does. Make a backup before`)
      : well(`all ${ours.length} have run`);
  },
};

import { test as base } from "@playwright/test";
import { connected } from "../src/cli/connected";
import { copyDatabase } from "../src/cli/copy-database";
import { app } from "./app";

/** The server and the database that each spec begins with a copy of; nothing where a spec has a database of its own. */
const template = JSON.parse(process.env.BRINECOVE_TEMPLATE ?? "null") as { serverUrl: string; name: string } | null;
let lastFile: string | null = null;

/** Tests as Playwright has them; the first of each file finds the demo as new, whatever other files did before. */
export const test = base.extend<{ newDemo: void }>({
  newDemo: [
    async ({}, use, { file }) => {
      if (template && file !== lastFile)
        await connected(template.serverUrl, (server) =>
          copyDatabase(server, new URL(app.ownerUrl).pathname.slice(1), template.name),
        );
      lastFile = file;
      await use();
    },
    { auto: true },
  ],
});

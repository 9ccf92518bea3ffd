import { readFileSync } from "node:fs";
import { serverVersion } from "../../server/db/installation";
import { well, type Look } from "./look";

export const versions: Look = {
  name: "versions",
  look: async ({ owner }) => {
    const { version } = JSON.parse(readFileSync("package.json", "utf8")) as { version: string };
    return well(`Brinecove ${version}, Node.js ${process.versions.node}, PostgreSQL ${await serverVersion(owner)}`);
  },
};

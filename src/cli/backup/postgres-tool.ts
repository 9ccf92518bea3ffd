import { existsSync, readdirSync } from "node:fs";
import { join } from "node:path";
import { CommandError } from "../command-error";

const installed = "/usr/lib/postgresql";

/** The path of a program that comes with Debian's PostgreSQL: that of the newest version, as the server's own. */
export function postgresTool(name: "pg_dump" | "pg_restore"): string {
  const versions = existsSync(installed) ? readdirSync(installed).sort((a, b) => Number(b) - Number(a)) : [];
  const found = versions.map((version) => join(installed, version, "bin", name)).find(existsSync);
  if (!found)
    throw new CommandError(
      `${name} is missing. Install it once as root: apt-get install -y --no-install-recommends postgresql-client`,
    );
  return found;
}

import { Type, type Static } from "@sinclair/typebox";
import { parseAs, SchemaMismatch } from "../../formats/validate";
import { CommandError } from "../command-error";

const closed = { additionalProperties: false };

/** What lies in a backup, first in the archive: of when, of which version, and every file with its hash. */
const Manifest = Type.Object(
  {
    format: Type.Literal("brinecove/backup/1"),
    madeAt: Type.String(),
    /** the newest migration that the database had run */
    migration: Type.String(),
    /** PostgreSQL's own version, as it says it */
    postgres: Type.String(),
    database: Type.String(),
    bases: Type.Integer({ minimum: 0 }),
    files: Type.Array(
      Type.Object(
        {
          name: Type.String({ pattern: "^(database\\.dump|keys/[0-9a-f-]+(\\.\\d+)?\\.pem)$" }),
          bytes: Type.Integer(),
          sha256: Type.String(),
        },
        closed,
      ),
    ),
  },
  closed,
);
export type Manifest = Static<typeof Manifest>;

/** Reads a manifest. Throws CommandError where it is none. */
export function readManifest(file: string, text: string): Manifest {
  try {
    return parseAs(Manifest, JSON.parse(text));
  } catch (error) {
    if (error instanceof SyntaxError || error instanceof SchemaMismatch)
      throw new CommandError(`${file} is no backup of Brinecove, or one of a form that this Brinecove does not know.`);
    throw error;
  }
}

import { healthWords } from "../../messages/health-words";
import { translatorOf } from "../../messages/translator";
import { usualLanguage } from "../../core/basics/languages";
import { strayPhotos } from "../../server/db/backups";
import { currentBase } from "../../server/db/base";
import { everyBase, everyLink } from "../../server/db/night";
import { endPool, inBaseTransaction } from "../../server/db/pool";
import { lookOver } from "../../server/night/look";

export interface Proof {
  lines: string[];
  problems: string[];
}

/**
 * Proves everything that an installation holds: every link of every chain with its signature, every sealed record with its
 * words, every photo against its hash, the row of keys, the book of money.
 *
 * @param appUrl the database as the app's role, which sees one base at a time
 */
export async function proveAll(appUrl: string): Promise<Proof> {
  process.env.BRINECOVE_APP_DATABASE_URL = appUrl;
  const t = translatorOf(usualLanguage);
  const proof: Proof = { lines: [], problems: [] };
  try {
    for (const { id } of await everyBase())
      await inBaseTransaction(id, async (db) => {
        const { name } = await currentBase(db);
        const links = await everyLink(db);
        const photos = await strayPhotos(db);
        const found = [
          ...(await lookOver(db, id)).map((finding) => healthWords(t, finding)),
          ...photos.stray.map((hash) => `The photo ${hash} is not what its hash says.`),
        ];
        proof.problems.push(...found.map((words) => `${name}: ${words}`));
        proof.lines.push(
          `${name}: ${links.length} links, ${new Set(links.map(({ handover }) => handover)).size} sealed records, ${photos.all} photos: ${found.length === 0 ? "nothing was changed" : `${found.length} do not fit`}`,
        );
      });
    return proof;
  } finally {
    await endPool();
  }
}

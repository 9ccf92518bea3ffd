import pg from "pg";
import { keysOf } from "../../server/db/keys";
import { lastLinks } from "../../server/db/seals";
import { fingerprint } from "../../server/keys/fingerprint";
import { rewriteKeyFile } from "../../server/keys/key-file";
import { nextKey } from "../../server/keys/signing";
import { checkKeys } from "../check-keys";
import { CommandError } from "../command-error";
import { dataFolder } from "../database";
import { prepareDatabase } from "../prepare";

const usage = `Say what: ./brinecove keys list, keys change, or keys wrap.
  list    every base's keys with their fingerprints
  change  signs with a new key from now on; the earlier ones stay and prove what they signed
  wrap    wraps the key files with BRINECOVE_KEY_PASSPHRASE, or unwraps them where it is empty; BRINECOVE_KEY_PASSPHRASE_BEFORE opens them where they are wrapped already`;

/** `keys list|change|wrap`: the keys that records are signed with. */
export async function run([what = ""]: string[]): Promise<number> {
  if (!["list", "change", "wrap"].includes(what)) throw new CommandError(usage);
  const { database, ownerUrl } = await prepareDatabase("main");
  process.env.BRINECOVE_DATA = dataFolder();
  const owner = new pg.Client({ connectionString: ownerUrl });
  try {
    await owner.connect();
    // a wrapped file is opened with its old passphrase before anything else can read it
    if (what === "wrap") await wrapAll(owner);
    await checkKeys(ownerUrl);
    for (const { id, name } of await lastLinks(owner)) {
      if (what === "change") await nextKey(owner, id);
      for (const { number, publicKey, madeAt } of await keysOf(owner, id))
        console.log(`${name}: key ${number}, ${fingerprint(publicKey)}, made ${new Date(madeAt).toISOString()}`);
    }
    if (what === "change") console.log("Put the new key file into your backup now: it is never made anew.");
    return 0;
  } finally {
    await owner.end();
    database.stop();
  }
}

async function wrapAll(owner: pg.Client): Promise<void> {
  const before = process.env.BRINECOVE_KEY_PASSPHRASE_BEFORE || undefined;
  for (const { id } of await lastLinks(owner))
    for (const { number } of await keysOf(owner, id)) rewriteKeyFile(id, number, before);
}

import { readFileSync, renameSync, rmSync, writeFileSync } from "node:fs";
import { generateKeyPairSync } from "node:crypto";
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { demoBase } from "../testing/demo-base";
import { copyOwnKey } from "../testing/own-key";
import { keysOf } from "../server/db/keys";
import { publicKeyOf, rewriteKeyFile } from "../server/keys/key-file";
import { nextKey, signForBase } from "../server/keys/signing";
import { strayKeys } from "../core/handover/signing-keys";
import { isSignedBy } from "../server/keys/key-file";
import { lookOver } from "../server/night/look";
import { checkKeys } from "./check-keys";

const base = demoBase("keys");
const before = process.env.BRINECOVE_DATA ?? ".data";
const data = mkdtempSync(join(tmpdir(), "brinecove-keys-"));
let file: string;
let url: string;
beforeAll(() => {
  copyOwnKey(base.baseId, before, data);
  process.env.BRINECOVE_DATA = data;
  file = join(data, "keys", `${base.baseId}.pem`);
  url = Object.assign(new URL(process.env.BRINECOVE_TEST_SERVER ?? ""), { pathname: "/brinecove_unit_keys" }).href;
});
afterAll(() => {
  process.env.BRINECOVE_DATA = before;
  rmSync(data, { recursive: true });
});

describe("the base's signing key", () => {
  it("is left as it is while it fits", async () => {
    const pem = readFileSync(file, "utf8");
    await checkKeys(url);
    expect(readFileSync(file, "utf8")).toBe(pem);
  });

  it("is missed at the start, with what to do, and never made anew", async () => {
    renameSync(file, `${file}.away`);
    await expect(checkKeys(url)).rejects.toThrow(
      /^The signing key of Brinecove is missing or broken\. Put .*\.pem back from your backup, then start again\./,
    );
    await expect(base.inBase((db) => signForBase(db, base.baseId, "00"))).rejects.toMatchObject({
      code: "key-missing",
      status: 503,
    });
    expect(() => readFileSync(file)).toThrow("ENOENT");
    expect(await base.inBase((db) => lookOver(db, base.baseId))).toContainEqual({ what: "key", number: null });
    renameSync(`${file}.away`, file);
    await checkKeys(url);
  });

  it("is told apart from a broken one and from a stranger's", async () => {
    const pem = readFileSync(file, "utf8");
    writeFileSync(file, pem.slice(0, 60));
    await expect(checkKeys(url)).rejects.toThrow(/is missing or broken/);
    const { privateKey } = generateKeyPairSync("ed25519");
    writeFileSync(file, privateKey.export({ type: "pkcs8", format: "pem" }));
    await expect(checkKeys(url)).rejects.toThrow(/is not the one that its records were signed with/);
    const found = await base.inBase((db) => lookOver(db, base.baseId));
    expect(found).toEqual([{ what: "key", number: null }]);
    // and nothing is signed with it
    await expect(base.inBase((db) => signForBase(db, base.baseId, "00"))).rejects.toMatchObject({
      code: "key-missing",
    });
    writeFileSync(file, pem);
    await checkKeys(url);
  });

  it("is made for a base that has signed nothing yet, once", async () => {
    const id = "00000000-0000-7000-8000-0000000000b2";
    await base.asOwner(
      "insert into base (id, name, place, time_zone, currency, languages, phone) values ($1, 'Elsewhere', 'Quay', 'Atlantic/Azores', 'EUR', '{en}', '0')",
      [id],
    );
    await checkKeys(url);
    const key = publicKeyOf(id, 1);
    await checkKeys(url);
    expect(publicKeyOf(id, 1)).toBe(key);
  });

  it("is changed for the next one, which both sign; what was signed before is proved for ever", async () => {
    const before = await base.inBase((db) => signForBase(db, base.baseId, "ab"));
    await base.inBase((db) => nextKey(db, base.baseId));
    await checkKeys(url);
    const after = await base.inBase((db) => signForBase(db, base.baseId, "ab"));
    expect([before.keyNumber, after.keyNumber]).toEqual([1, 2]);
    const keys = await base.inBase((db) => keysOf(db, base.baseId));
    expect(keys.map(({ publicKey }, at) => isSignedBy(publicKey, { hash: "ab", ...[before, after][at]! }))).toEqual([
      true,
      true,
    ]);
    expect(await base.inBase((db) => lookOver(db, base.baseId))).toEqual([]);
    const strays = (changed: typeof keys) =>
      strayKeys(base.baseId, changed, (pem, hash, signature) => isSignedBy(pem, { hash, signature }));
    expect(strays(keys)).toEqual([]);
    // a stranger's key in the place of the first, or of the second, does not hang together with the other
    const { publicKey } = generateKeyPairSync("ed25519");
    const theirs = publicKey.export({ type: "spki", format: "pem" }).toString();
    expect(strays(keys.map((key) => (key.number === 1 ? { ...key, publicKey: theirs } : key)))).toEqual([2]);
    expect(strays(keys.map((key) => (key.number === 2 ? { ...key, publicKey: theirs } : key)))).toEqual([2]);
    expect(strays(keys.slice(1))).toEqual([2]);
  });

  it("is wrapped with a passphrase, and missed at the start without it", async () => {
    process.env.BRINECOVE_KEY_PASSPHRASE = "gull on a bollard";
    for (const number of [1, 2]) rewriteKeyFile(base.baseId, number, undefined);
    expect(readFileSync(file, "utf8")).toContain("ENCRYPTED PRIVATE KEY");
    await expect(base.inBase((db) => signForBase(db, base.baseId, "ab"))).resolves.toMatchObject({ keyNumber: 2 });
    delete process.env.BRINECOVE_KEY_PASSPHRASE;
    await expect(checkKeys(url)).rejects.toThrow(/missing or broken.*set BRINECOVE_KEY_PASSPHRASE/);
    for (const number of [1, 2]) rewriteKeyFile(base.baseId, number, "gull on a bollard");
    await checkKeys(url);
  });
});

import { readFileSync, renameSync, rmSync, writeFileSync } from "node:fs";
import { generateKeyPairSync } from "node:crypto";
import { cpSync, mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { demoBase } from "../testing/demo-base";
import { publicKey, signHash } from "../server/handover/keys";
import { lookOver } from "../server/night/look";
import { checkKeys } from "./check-keys";

const base = demoBase("keys");
const before = process.env.BRINECOVE_DATA ?? ".data";
const data = mkdtempSync(join(tmpdir(), "brinecove-keys-"));
let file: string;
let url: string;
beforeAll(() => {
  cpSync(join(before, "keys"), join(data, "keys"), { recursive: true });
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
    expect(() => signHash(base.baseId, "00")).toThrow(expect.objectContaining({ code: "key-missing", status: 503 }));
    expect(() => readFileSync(file)).toThrow("ENOENT");
    expect(await base.inBase((db) => lookOver(db, base.baseId))).toContainEqual({ what: "key" });
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
    expect(new Set(found.map((each) => (each.what === "chain" ? each.code : each.what)))).toEqual(
      new Set(["not-signed"]),
    );
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
    const key = publicKey(id);
    await checkKeys(url);
    expect(publicKey(id)).toBe(key);
  });
});

import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { demoBase } from "@/testing/demo-base";
import { sealedZip } from "@/server/export/sealed-zip";
import { keysAnswer } from "@/server/keys/published";
import { trustedKeys } from "./keys";
import { problemsOf } from "./problems";
import { exportedFrom, readExported, recordAlone } from "./read";
import { countsAlone, fileTamperings, tamperings } from "./tamper";

const base = demoBase("tamper");
const folder = mkdtempSync(join(tmpdir(), "brinecove-tamper-"));
let parts: Record<string, Uint8Array>;
let trusted: Set<string>;

beforeAll(async () => {
  const id = await base.handoverOf("BR-1050", "check-out");
  parts = unzipSync((await base.inBase((db) => sealedZip(db, id))).bytes);
  const keys = join(folder, "keys.json");
  writeFileSync(keys, JSON.stringify(await keysAnswer()));
  trusted = trustedKeys([keys]);
});

const file = join(folder, "record.zip");
/** What is said of a zip made of some parts: problems, or that it is no record. */
const said = (of: Record<string, Uint8Array>): string[] => {
  try {
    return problemsOf(exportedFrom(file, of), trusted);
  } catch (error) {
    return [(error as Error).message];
  }
};

it("says nothing against the zip as it was given out", () => expect(said(parts)).toEqual([]));

it.each<[string, number]>([
  ["receipt.json", 1],
  // every one of them is tried by `measure tampering`
  ["record.json", 389],
  ["signatures/base.json", 1],
])(
  "finds every change of %s, one member at a time (each of %i)",
  (name, every) => {
    const passed: string[] = [];
    let tried = 0;
    for (const { path, how, text } of tamperings(strFromU8(parts[name]!), every)) {
      tried += 1;
      if (said({ ...parts, [name]: strToU8(text) }).length === 0) passed.push(`${path} ${how}`);
    }
    expect(passed).toEqual([]);
    expect(tried).toBeGreaterThan(8);
  },
  120_000,
);

it("finds a record that stands alone as JSON and was changed: list, entries, manifest, signatures, seal and hour", () => {
  const alone = join(folder, "record.json");
  const passed: string[] = [];
  for (const { path, how, text } of tamperings(strFromU8(parts["record.json"]!), 389)) {
    if (!countsAlone({ path, how })) continue;
    writeFileSync(alone, text);
    try {
      if (problemsOf(readExported(alone), trusted).length === 0) passed.push(`${path} ${how}`);
    } catch {
      // it is no record any more
    }
  }
  expect(passed).toEqual([]);
}, 120_000);

it("finds another hour of sealing in a record alone, also one that this machine would read as the same", () => {
  const record = JSON.parse(strFromU8(parts["record.json"]!)) as { sealedAt: string };
  const said = (sealedAt: string) => problemsOf(recordAlone(file, JSON.stringify({ ...record, sealedAt })), trusted);
  expect(said(record.sealedAt)).toEqual([]);
  expect(said(record.sealedAt.replace("Z", "0"))).toEqual(["the time of sealing is not that of its signatures"]);
});

it("finds every file of the zip that was changed, taken out, doubled under another name or changed for another", () => {
  const passed = [...fileTamperings(parts)].filter((each) => said(each.parts).length === 0);
  expect(passed.map(({ path, how }) => `${path} ${how}`)).toEqual([]);
});

it("finds a file that lies in the zip twice", () => {
  const twice = zipSync({ "recore.json": strToU8("{}"), ...parts }, { level: 0 });
  // the same name in both of its places: the file's own head and the zip's list
  for (const at of places(twice, "recore.json")) twice.set(strToU8("record.json"), at);
  writeFileSync(file, twice);
  expect(problemsOf(readExported(file), trusted)).toContain("record.json is in the zip twice");
});

function places(bytes: Uint8Array, name: string): number[] {
  const text = Buffer.from(bytes).toString("latin1");
  return [...text.matchAll(new RegExp(name.replace(".", "\\."), "g"))].map(({ index }) => index);
}

import { mkdtempSync, readdirSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ensureDatabase, migrate } from "../../server/db/migrate";
import { everyBase } from "../../server/db/night";
import { findStay } from "../../server/db/charters";
import { endPool, inBaseTransaction } from "../../server/db/pool";
import { handoverBundle } from "../../server/handover/bundle";
import { sealedRecord } from "../../server/record/record";
import { settlementScreen } from "../../server/settlement/screen";
import { openDatabase, type Database } from "../database";
import { proveAll } from "../verify/all";
import { openBackup, restoreInto } from "./restore";

const kept = "src/testing/releases";
const before = { ...process.env };

/** The demo as each release wrote it, brought up to today. Kept by `keep-release`, and never written anew. */
describe.each(readdirSync(kept).filter((file) => file.endsWith(".backup")))("what %s wrote", (release) => {
  const data = mkdtempSync(join(tmpdir(), "brinecove-release-"));
  let server: Database;
  let baseId: string;
  const inBase = <T>(work: Parameters<typeof inBaseTransaction<T>>[1]) => inBaseTransaction(baseId, work);
  const stayOf = async (reference: string) => {
    const stay = await inBase((db) => findStay(db, { reference }));
    if (!stay) throw new Error(`no ${reference}`);
    return stay;
  };

  beforeAll(async () => {
    process.env.BRINECOVE_DATA = data;
    process.env.BRINECOVE_PG_PORT = "25394";
    const backup = await openBackup(join(kept, release), undefined);
    server = openDatabase("main");
    const url = await ensureDatabase(server.ownerUrl, backup.manifest.database);
    await restoreInto(url, "app", backup).finally(backup.close);
    const { appUrl } = await migrate(url, "app");
    process.env.BRINECOVE_APP_DATABASE_URL = appUrl;
    baseId = (await everyBase())[0]?.id ?? "";
  });
  afterAll(async () => {
    await endPool();
    server.stop();
    Object.assign(process.env, before);
    rmSync(data, { recursive: true, force: true });
  });

  it("has its sealed records, each with its words, as they were signed", async () => {
    const stay = await stayOf("BR-1052");
    const record = await inBase((db) => sealedRecord(db, stay.handovers.find(({ kind }) => kind === "check-in")!.id));
    expect(record.seal.seal).toMatch(/^[0-9a-f]{64}$/);
    expect(record.entries.length).toBeGreaterThan(50);
  });

  it("has its statement, signed", async () => {
    const stay = await stayOf("BR-1041");
    const { signed } = await inBase((db) => settlementScreen(db, stay.stayId));
    expect(signed?.output).toMatchObject({ dueMinor: expect.any(Number), heldMinor: expect.any(Number) });
  });

  it("has its open check-in, which goes on", async () => {
    const stay = await stayOf("BR-1059");
    const open = stay.handovers.find(({ kind, sealedAt }) => kind === "check-in" && sealedAt === null)!;
    const bundle = await inBase((db) =>
      handoverBundle(db, open.id, {
        id: open.id,
        baseId,
        handoverId: open.id,
        personId: stay.skipperId,
        side: "skipper",
      }),
    );
    expect(bundle.list.lines.length).toBeGreaterThan(100);
    expect(bundle.charter.reference).toBe("BR-1059");
  });

  it("is proved whole", async () => {
    const appUrl = process.env.BRINECOVE_APP_DATABASE_URL ?? "";
    const { lines, problems } = await proveAll(appUrl);
    expect(problems).toEqual([]);
    expect(lines).toHaveLength(1);
  });
});

import { isUnfit } from "@/core/handover/record-fault";
import { simulatedTerminal } from "@/stand-ins/deposit-terminal";
import { demoBase } from "@/testing/demo-base";
import { terminalBook } from "../db/deposits";
import { recordPdf } from "../pdf/record";
import { signSettlement } from "../settlement/sign";
import { settlementView } from "../settlement/view";
import { faultsOf } from "./faults";
import { sealedRecord } from "./record";

const base = demoBase("faults");
let id: string;
let stay: string;
beforeAll(async () => {
  stay = await base.stayOf("BR-1050");
  id = await base.handoverOf("BR-1050", "check-out");
});
const faults = () => base.inBase(async (db) => faultsOf(db, await sealedRecord(db, id)));

/** Changes rows as somebody would who has the database itself, and puts them back. */
async function withChanged(table: string, change: string, work: () => Promise<void>): Promise<void> {
  await base.asOwner(`alter table ${table} disable trigger kept_row`);
  await base.asOwner(`create table kept as select * from ${table}`);
  const keys = table === "photo" ? ["hash"] : table === "chain_link" ? ["yacht_id", "number"] : ["id"];
  try {
    await base.asOwner(change);
    await work();
  } finally {
    const columns: Record<string, string> = {
      photo: "bytes",
      chain_link: "signature",
      entry: "content",
      seal: "sealed_at, manifest",
    };
    for (const column of (columns[table] ?? "").split(", "))
      await base.asOwner(
        `update ${table} t set ${column} = k.${column} from kept k where ${keys.map((key) => `t.${key} = k.${key}`).join(" and ")}`,
      );
    await base.asOwner("drop table kept");
    await base.asOwner(`alter table ${table} enable trigger kept_row`);
  }
}

it("finds nothing in a record as it was signed", async () => expect(await faults()).toEqual([]));

it.each<[string, string, string, object]>([
  [
    "an entry",
    "entry",
    `update entry set content = jsonb_set(content, '{value}', '{"count": 99}') where number = 3 and handover_id = '$id'`,
    { what: "record", problem: expect.stringMatching(/^entry .* was changed$/) },
  ],
  [
    "a link of the chain",
    "chain_link",
    "update chain_link set signature = reverse(signature) where seal_id in (select id from seal where handover_id = '$id')",
    { what: "chain" },
  ],
  [
    "a picture",
    "photo",
    "update photo set bytes = set_byte(bytes, 100, 0) where handover_id = '$id'",
    { what: "photo", hash: expect.stringMatching(/^[0-9a-f]{64}$/) },
  ],
  [
    "the words that were signed",
    "seal",
    `update seal set manifest = jsonb_set(manifest, '{words,0}', '"nothing to pay"') where handover_id = '$id'`,
    { what: "record", problem: expect.stringContaining("seal does not fit") },
  ],
])(
  "finds %s that was changed where it is kept, marks it on paper, and lets no money be settled on it",
  async (_what, table, change, fault) => {
    await withChanged(table, change.replaceAll("$id", id), async () => {
      const found = await faults();
      expect(found).toContainEqual(fault);
      expect(isUnfit(found)).toBe(true);
      expect((await base.inBase((db) => recordPdf(db, id))).bytes.length).toBeGreaterThan(1000);
      const view = await base.inBase((db) => settlementView(db, stay));
      expect(isUnfit(view.faults.checkOut)).toBe(true);
      await expect(
        base.inBase((db) =>
          signSettlement(
            db,
            stay,
            { digest: view.digest, words: [], reservations: [], signatures: [], contents: {}, without: null },
            simulatedTerminal(terminalBook(db), "approves"),
            id,
          ),
        ),
      ).rejects.toMatchObject({ code: "record-unfit", params: { kind: "check-out" } });
    });
    expect(await faults()).toEqual([]);
  },
);

it("only says of an hour beyond its receipt that it cannot be", async () => {
  await withChanged("seal", `update seal set sealed_at = '2999-01-01' where handover_id = '${id}'`, async () => {
    const found = await faults();
    expect(found).toEqual([{ what: "time", fault: "after-receipt" }]);
    expect(isUnfit(found)).toBe(false);
  });
});

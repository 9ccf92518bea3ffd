import { sha256Hex } from "@/core/basics/digest";
import { demoBase } from "@/testing/demo-base";
import { manualFor, keepManual } from "./manuals";

const base = demoBase("manuals");
const pdf = (words: string) => Buffer.from(`%PDF-1.4\n% ${words}\n1 0 obj<<>>endobj\ntrailer<<>>\n%%EOF\n`);
const staff = async () => ({
  ...{
    kind: "staff" as const,
    id: "x",
    baseId: base.baseId,
    name: "Ilko Brand",
    roles: ["technician" as const],
    factorDue: false,
  },
  personId: await base.person("Ilko Brand"),
});
const keep = async (bytes: Buffer, hash = sha256Hex(bytes)) => {
  const who = await staff();
  return base.inBase((db) => keepManual(db, hash, bytes, who));
};
const charterOf = async (reference: string) => {
  const [row] = await base.asOwner<{ id: string }>("select id from charter where reference = $1", [reference]);
  return { kind: "charter" as const, id: "x", baseId: base.baseId, charterId: row?.id ?? "" };
};

describe("a manual", () => {
  it("comes back byte for byte, as a PDF that runs nothing", async () => {
    const bytes = pdf("windlass");
    await keep(bytes);
    await keep(bytes);
    const who = await staff();
    const answer = await base.inBase((db) => manualFor(db, sha256Hex(bytes), who));
    expect(Buffer.from(await answer.arrayBuffer()).equals(bytes)).toBe(true);
    expect(answer.headers.get("content-type")).toBe("application/pdf");
    expect(answer.headers.get("content-security-policy")).toMatch(/^sandbox;/);
  });

  it.each([
    ["a page of a web site", Buffer.from("<html>%%EOF"), "no-pdf"],
    ["a PDF that was cut off", pdf("engine").subarray(0, 20), "no-pdf"],
    ["nothing", Buffer.alloc(0), "no-pdf"],
  ])("is refused where it is %s", async (_what, bytes, code) => {
    await expect(keep(bytes)).rejects.toMatchObject({ code });
  });

  it("is refused where its bytes are not those of its hash", async () => {
    await expect(keep(pdf("one"), sha256Hex(pdf("other")))).rejects.toMatchObject({ code: "manual-other-bytes" });
  });

  it("is for charters of the yacht whose file names it, and for nobody else's", async () => {
    const bytes = pdf("heads");
    const hash = sha256Hex(bytes);
    await keep(bytes);
    const mine = await charterOf("BR-1058");
    const read = (reader: typeof mine) => base.inBase((db) => manualFor(db, hash, reader));
    await expect(read(mine)).rejects.toMatchObject({ code: "no-such-manual" });
    // published in her file
    await base.asOwner(
      `insert into yacht_revision select (jsonb_populate_record(r, jsonb_build_object('revision', r.revision + 1,
         'document', jsonb_set(r.document, '{equipment,engine,manual}', to_jsonb($1::text))))).*
       from yacht_revision r join yacht y on y.id = r.yacht_id where y.slug = 'pale-heron' order by r.revision desc limit 1`,
      [hash],
    );
    expect((await read(mine)).status).toBe(200);
    await expect(read(await charterOf("BR-1060"))).rejects.toMatchObject({ code: "no-such-manual" });
  });
});

import { valueAt } from "../../core/yacht/draft/pointer";
import { demoBase } from "../../testing/demo-base";
import { draftFindings } from "./draft-findings";
import { draftView } from "./draft";
import { editDraft, madeHere } from "./edit-draft";
import { publishDraft } from "./end-draft";
import { sayStillRight } from "./still-right";

const base = demoBase("still_right");
const quillback = { of: "yachts", slug: "quillback" } as const;
const path = "/tests/engine-start-stop/how";
let senna = "";
beforeAll(async () => {
  senna = await base.person("Senna Ruhl");
});

const view = () => base.inBase((db) => draftView(db, quillback));
const question = async () =>
  (await base.inBase(async (db) => draftFindings(db, await draftView(db, quillback)))).find(
    (finding) => finding.path === path && finding.question !== undefined,
  );
const type = async (at: string, to: unknown) => {
  const from = valueAt((await view()).document, at);
  await base.inBase((db) => editDraft(db, quillback, [madeHere({ path: at, from, to })], senna));
};

describe("a text of safety that a fact contradicts", () => {
  it("keeps the draft from being published, and says what it is measured against", async () => {
    await type(path, { en: "Power on, start: water within 40 seconds." });
    expect(await question()).toMatchObject({
      level: "error",
      message: "The figure is not that of her file. Engine, cooling water, seconds: 10",
      question: { code: "figure-differs", fact: "/engines/main/coolingWaterSeconds" },
    });
    await expect(
      base.inBase((db) => publishDraft(db, quillback, { why: "test", accepts: {} }, senna)),
    ).rejects.toMatchObject({ code: "file-has-errors", where: path });
  });

  it("is in question no more once somebody has read it and found it right; who and when is kept", async () => {
    const { basis } = (await question())!.question!;
    await base.inBase((db) => sayStillRight(db, quillback, { path, basis }, senna));
    // a second tap, or a second person, changes nothing
    await expect(base.inBase((db) => sayStillRight(db, quillback, { path, basis }, senna))).rejects.toMatchObject({
      code: "no-such-question",
    });
    expect(await question()).toBeUndefined();
    expect(await base.asOwner("select path, code, by_person, at from text_answer")).toEqual([
      { path, code: "figure-differs", by_person: senna, at: expect.any(String) },
    ]);
    await expect(base.asOwner("delete from text_answer")).rejects.toThrow();
  });

  it("comes back when its fact changes, and when it is written anew", async () => {
    await type("/engines/main/coolingWaterSeconds", 15);
    expect((await question())?.message).toContain("15");
    await type("/engines/main/coolingWaterSeconds", 10);
    expect(await question()).toBeUndefined();
    await type(path, { en: "Power on, start: water within 50 seconds." });
    expect(await question()).toBeDefined();
  });

  it("is answered for what stands there now alone: a stranger's hash is refused", async () => {
    await expect(
      base.inBase((db) => sayStillRight(db, quillback, { path, basis: "0".repeat(64) }, senna)),
    ).rejects.toMatchObject({ code: "no-such-question", where: path });
  });
});

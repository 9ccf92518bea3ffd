import { v7 as uuid } from "uuid";
import type { StayView } from "@/api/schemas/desk";
import { demoBase } from "@/testing/demo-base";
import { findStay } from "../db/charters";
import { findHandover } from "../db/handovers";
import { messagesOf } from "../db/messages";
import { takeAddenda } from "../items/addenda";
import { answerAndTell, receiveAndTell } from "./after";
import { keepBaseMessages, previewOf, sendByHand, sendLinkByHand, sendOnceMore } from "./by-hand";
import { tellReceipt } from "./events";
import { remindWhereDue } from "./remind";
import { tellNewDevice } from "../outbox/to-staff";

const base = demoBase("written");
const stayOf = async (reference: string): Promise<StayView> =>
  (await base.inBase(async (db) => findStay(db, { reference }))) as StayView;
const written = async (reference: string) => {
  const { stayId } = await stayOf(reference);
  return base.inBase((db) => messagesOf(db, stayId));
};
const office = () => base.person("Odile Varn");

describe("what goes by itself", () => {
  it("is written once to each charter, however many processes come to it, and only simulated at the demo", async () => {
    // at noon of 12 June 2027: charters of the week ahead, and what is due back on the 13th
    const [first, second] = await Promise.all([base.inBase(remindWhereDue), base.inBase(remindWhereDue)]);
    expect(first + second).toBeGreaterThan(0);
    expect(Math.min(first, second)).toBe(0);
    expect(await base.inBase(remindWhereDue)).toBe(0);
    const all = await base.asOwner<{ kind: string; state: string; n: number }>(
      `select m.kind, s.state, count(*)::int as n from outbox_message m join message_state s on s.message_id = m.id
       where m.once like '% by itself' group by 1, 2`,
    );
    expect(all.every(({ state }) => state === "simulated" || state === "no-address")).toBe(true);
    // each charter and kind once
    expect(
      await base.asOwner("select once from outbox_message where once is not null group by once having count(*) > 1"),
    ).toEqual([]);
  });

  it("does not happen for a kind that the base sends by hand", async () => {
    await base.inBase(async (db) =>
      keepBaseMessages(
        db,
        { onNumber: 0, messages: { words: {}, byHandOnly: ["what-to-bring", "study-reminder", "due-back"] } },
        await office(),
      ),
    );
    await base.asOwner("alter table stay drop constraint yacht_promised_once");
    // charters of today, moved a week ahead: they would be due
    await base.asOwner(
      "update stay set starts_at = starts_at + interval '6 days', ends_at = ends_at + interval '6 days' where starts_at > '2027-06-12T10:12:00Z'",
    );
    expect(await base.inBase(remindWhereDue)).toBe(0);
    await base.asOwner(
      "update stay set starts_at = starts_at - interval '6 days', ends_at = ends_at - interval '6 days' where starts_at > '2027-06-18T10:12:00Z'",
    );
  });
});

describe("what the base's messages say", () => {
  it("is in the base's words and the charter's language, on the charter's own values", async () => {
    const person = await office();
    const words = { subject: "{yacht}: {reference}", words: "Moin {name}, bis {from}. {berth}" };
    await base.inBase((db) =>
      keepBaseMessages(db, { onNumber: 1, messages: { words: { "due-back": { de: words } }, byHandOnly: [] } }, person),
    );
    const aldo = await stayOf("BR-1053");
    const said = await base.inBase((db) => previewOf(db, aldo.stayId, { kind: "due-back" }));
    expect(said).toMatchObject({ language: "de", way: "mail", leaves: false, subject: `${aldo.yachtName}: BR-1053` });
    expect(said.words).toMatch(
      new RegExp(`^Moin ${aldo.skipper}, bis \\d+\\. Juni 2027 um \\d\\d:\\d\\d\\. ${aldo.berth}$`),
    );
    const english = await base.inBase((db) => previewOf(db, aldo.stayId, { kind: "due-back", language: "en" }));
    expect(english.words).toContain(`Hello ${aldo.skipper}`);
  });

  it("is refused with a name that no charter has, and over another's change", async () => {
    const person = await office();
    const keep = (onNumber: number, words: string) =>
      base.inBase((db) =>
        keepBaseMessages(
          db,
          { onNumber, messages: { words: { "due-back": { en: { subject: "Back", words } } }, byHandOnly: [] } },
          person,
        ),
      );
    await expect(keep(2, "{nmae}")).rejects.toMatchObject({ status: 422, code: "message-wrong" });
    await expect(keep(0, "Back")).rejects.toMatchObject({ status: 409, code: "list-changed" });
    const both = await Promise.allSettled([keep(2, "one"), keep(2, "two")]);
    expect(both.map(({ status }) => status).sort()).toEqual(["fulfilled", "rejected"]);
  });
});

describe("what is written by hand", () => {
  it("withdraws the earlier link, keeps no secret, and shows it once where nothing leaves the house", async () => {
    const { charterId, stayId } = await stayOf("BR-1058");
    const first = await base.inBase((db) => sendLinkByHand(db, stayId));
    const second = await base.inBase((db) => sendLinkByHand(db, stayId));
    expect(second.link).not.toBe(first.link);
    const open = await base.asOwner("select 1 from charter_link where charter_id = $1 and revoked_at is null", [
      charterId,
    ]);
    expect(open).toHaveLength(1);
    expect(await base.asOwner("select 1 from message_secret")).toEqual([]);
    const kept = JSON.stringify(await base.inBase((db) => messagesOf(db, stayId)));
    expect(kept).toContain("{link}");
    for (const secret of [first.link?.split("#")[1], first.pin, second.pin]) expect(kept).not.toContain(secret);
  });

  it("knows no charter and no message of nobody", async () => {
    await expect(base.inBase((db) => sendByHand(db, uuid(), { kind: "due-back" }))).rejects.toMatchObject({
      code: "no-such-charter",
    });
    await expect(base.inBase((db) => sendOnceMore(db, uuid()))).rejects.toMatchObject({ code: "no-such-message" });
  });
});

describe("what follows from something", () => {
  it("tells of money that came in, once for a request that came twice", async () => {
    const stay = await stayOf("BR-1058");
    const received = { requestKey: "receipt-of-today", amountMinor: 12_345, reference: "R-77" };
    await base.inBase((db) => tellReceipt(db, stay, received));
    await base.inBase((db) => tellReceipt(db, stay, received));
    const receipts = (await written("BR-1058")).filter(({ kind }) => kind === "receipt");
    expect(new Set(receipts.map(({ toName }) => toName)).size).toBe(receipts.length);
    expect(receipts[0]?.words).toMatch(/123\.45.*R-77/s);
  });

  it("tells nothing of money that was refused", async () => {
    const stay = await stayOf("BR-1060");
    const before = (await written("BR-1060")).length;
    await expect(
      base.inBase(async (db) =>
        receiveAndTell(
          db,
          stay.stayId,
          { requestKey: "far-too-much-money", amountMinor: 999_999_999, reference: "R-1" },
          await office(),
          () => undefined,
        ),
      ),
    ).rejects.toThrow();
    expect(await written("BR-1060")).toHaveLength(before);
  });

  it("tells a skipper what the base says to what was reported, with its words", async () => {
    const stay = await stayOf("BR-1052");
    const handover = await base.inBase(async (db) => findHandover(db, await base.handoverOf("BR-1052", "check-in")));
    if (!handover) throw new Error("no check-in");
    const common = { v: 1, handover: handover.id, at: "2027-06-12T09:00:00.000Z" };
    const finding = {
      ...common,
      id: uuid(),
      by: { side: "skipper", person: stay.skipperId },
      kind: "late-finding",
      line: null,
      words: "a drawer sticks",
      photos: [],
    };
    const maro = await base.person("Maro Tessen");
    const answer = {
      ...common,
      id: uuid(),
      by: { side: "base", person: maro },
      kind: "answer",
      to: finding.id,
      answer: "there-before",
      words: "Sorry about that.",
    };
    await base.inBase((db) => takeAddenda(db, handover, [finding], { side: "skipper", person: stay.skipperId }));
    const { answers: kept } = await base.inBase((db) => answerAndTell(db, handover.id, [answer], maro));
    expect(kept.map(({ status }) => status)).toEqual(["kept"]);
    await base.inBase((db) => answerAndTell(db, handover.id, [answer, { ...answer, id: uuid(), to: uuid() }], maro));
    const told = (await written("BR-1052")).filter(({ kind }) => kind === "late-finding");
    expect(told).toHaveLength(1);
    expect(told[0]?.words).toContain(
      "a drawer sticks. Our answer: it was there before you, and counts as such. Sorry about that.",
    );
  });

  it("tells somebody of the base of a new device, at their own address", async () => {
    await base.inBase(async (db) => tellNewDevice(db, await base.person("Maro Tessen")));
    const [told] = await base.asOwner<{ words: string; to: string }>(
      `select words, to_address as to from outbox_message where kind = 'new-device'`,
    );
    expect(told?.to).toBe("maro@brinecove.example");
    expect(told?.words).toContain("Hello Maro Tessen");
    expect(told?.words).not.toMatch(/[{}]/);
  });
});

import type { StayView } from "@/api/schemas/desk";
import { demoBase } from "@/testing/demo-base";
import { atTime, playHandover, settleStay, type LoadedStay } from "@/demo/play-stay";
import { simulatedTerminal } from "@/stand-ins/deposit-terminal";
import type { ScriptedHandover } from "@/demo/scenario";
import { takeBookAddenda } from "../book/addenda";
import { boatBook } from "../book/boat-book";
import { barsBetween, yachtsTaken } from "../db/calendar";
import { changesOf } from "../db/charter-entries";
import { findStay, staysOfCharter } from "../db/charters";
import { addCrewList, crewOf } from "../db/crew";
import { depositEvents, terminalBook } from "../db/deposits";
import { fedCharters } from "../db/feeds";
import { addStudyAnswer, studyAnswersOf } from "../db/study";
import { holdDeposit } from "../deposit/deposit";
import { openHandover } from "../handover/open";
import { takeStudyAnswers } from "../items/study-answers";
import { settlementView } from "../settlement/view";
import { callOff } from "./call-off";
import { changeStart } from "./change-start";
import { changeAgreement } from "./change";
import { foresee } from "./foresee";
import { changeOverTo } from "./foresee-other";
import { goOnWithOther } from "./other-yacht";
import { partsOf } from "./parts";

const base = demoBase("otheryacht");
const stayOf = async (reference: string): Promise<StayView> => {
  const stay = await base.inBase((db) => findStay(db, { reference }));
  if (!stay) throw new Error(`no ${reference}`);
  return stay;
};
const odile = () => base.person("Odile Varn");
/** Gannet Rock is out from 9 to 16 June; Cold Harbour is back on 12 June at half past ten. */
const onto = { yacht: "cold-harbour", fromDay: "2027-06-13", outAt: "12:00" };
const from = "2027-06-13T12:00:00.000Z";
const numberOf = async (charterId: string) => (await base.inBase((db) => changesOf(db, charterId)))[0]?.number ?? 0;
const goOn = async (change: object = {}, reference = "BR-1055") => {
  const { stayId, charterId } = await stayOf(reference);
  const [by, onNumber] = [await odile(), await numberOf(charterId)];
  const given = { ...onto, onNumber, why: "rudder bearing", told: "the skipper", ...change };
  return base.inBase((db) => goOnWithOther(db, stayId, given, by));
};
const off = async (reference: string, to: "cancelled" | null = "cancelled") => {
  const { stayId, charterId } = await stayOf(reference);
  const [by, onNumber] = [await odile(), await numberOf(charterId)];
  await base.inBase((db) => callOff(db, stayId, { onNumber, to, why: "not needed", told: "" }, by));
};

beforeAll(async () => {
  // as many as every yacht of the fleet takes
  await base.asOwner("update stay set aboard = 4 where id = $1", [await base.stayOf("BR-1055")]);
});

describe("a charter that goes on with another yacht", () => {
  it("is refused where the yacht is promised, the same, or the hour is not within the charter; nothing changes", async () => {
    const before = await base.asOwner("select * from stay order by id");
    await expect(goOn()).rejects.toMatchObject({ code: "yacht-promised", where: "yacht" });
    const wrong = { code: "other-yacht-wrong" };
    await off("BR-1060");
    for (const [change, more] of [
      [{ yacht: "gannet-rock" }, { params: { what: "sameyacht" } }],
      [{ fromDay: "2027-06-09" }, { where: "fromDay", params: { what: "beforestart" } }],
      [
        { fromDay: "2027-06-16", outAt: "09:00" },
        { where: "fromDay", params: { what: "afterend" } },
      ],
    ] as const)
      await expect(goOn(change)).rejects.toMatchObject({ ...wrong, ...more });
    await expect(goOn({ fromDay: "2027-02-30" })).rejects.toMatchObject({ code: "days-wrong", where: "fromDay" });
    await expect(goOn({}, "BR-1062")).rejects.toMatchObject({ ...wrong, params: { what: "nothandedover" } });
    await expect(goOn({ onNumber: 7 })).rejects.toMatchObject({ code: "charter-changed" });
    const after = await base.asOwner("select * from stay order by id");
    expect(after.filter((row, at) => JSON.stringify(row) !== JSON.stringify(before[at]))).toHaveLength(1);
  });

  it("tells before it is made what moves over, what stays and what is done anew, and writes nothing", async () => {
    const stay = await stayOf("BR-1055");
    await base.inBase(async (db) =>
      addCrewList(db, stay.stayId, [{ name: "Ode Lanyard", weightKg: 70 }], await odile(), "2027-06-08T10:00:00Z"),
    );
    const { effects } = await base.inBase((db) => foresee(db, stay.stayId, onto));
    expect(effects).toContainEqual({ code: "over-check-in", yacht: "Cold Harbour", reference: "BR-1055~2" });
    expect(effects).toContainEqual({ code: "over-crew", count: 1 });
    expect(effects).toContainEqual({
      code: "over-deposit",
      was: "Gannet Rock",
      yacht: "Cold Harbour",
      heldMinor: stay.heldMinor,
    });
    expect(await base.inBase((db) => partsOf(db, stay.charterId))).toHaveLength(1);
  });

  it("offers no yacht as free that is promised, closed, or still out when she should be back", async () => {
    const at = "2027-06-13T20:00:00Z";
    const taken = await base.inBase((db) => yachtsTaken(db, at, "2027-06-16T09:00:00Z"));
    // Cold Harbour was due on the 12th and nobody has taken her back; Little Auk goes out on the 15th
    expect(taken).toMatchObject({ "cold-harbour": "BR-1053", "little-auk": "BR-1062", "pale-heron": "BR-1052" });
    const [id] = await base.asOwner<{ id: string }>("select id from yacht where slug = 'little-auk'");
    await base.asOwner("update stay set called_off = 'cancelled' where yacht_id = $1", [id?.id]);
    expect(await base.inBase((db) => yachtsTaken(db, at, "2027-06-16T09:00:00Z"))).not.toHaveProperty("little-auk");
    await base.asOwner("update stay set called_off = null where yacht_id = $1", [id?.id]);
  });

  it("of two who let it go on at once, one does", async () => {
    const both = await Promise.allSettled([goOn(), goOn()]);
    expect(both.map(({ status }) => status).sort()).toEqual(["fulfilled", "rejected"]);
    expect(both.find(({ status }) => status === "rejected")).toMatchObject({
      reason: { code: expect.stringMatching(/charter-changed|other-yacht-wrong/) as string },
    });
  });

  it("has a second stay with the crew list along, and the first one's end where it begins", async () => {
    const [first, second] = [await stayOf("BR-1055"), await stayOf("BR-1055~2")];
    expect(second).toMatchObject({
      part: 2,
      yachtName: "Cold Harbour",
      charterId: first.charterId,
      aboard: 4,
      heldMinor: 0,
    });
    expect([first.endsAt, second.startsAt].map((at) => new Date(at).toISOString())).toEqual([from, from]);
    expect(new Date(second.endsAt).toISOString()).toBe("2027-06-16T09:00:00.000Z");
    expect(await base.inBase((db) => crewOf(db, second.stayId))).toEqual([{ name: "Ode Lanyard", weightKg: 70 }]);
    const [change] = await base.inBase((db) => changesOf(db, first.charterId));
    expect(change).toMatchObject({
      was: { yacht: "Gannet Rock" },
      became: { yacht: "Cold Harbour", goesOnAt: from },
      why: "rudder bearing",
    });
    const over = await base.inBase((db) => changeOverTo(db, second));
    expect(over?.was).toBe("Gannet Rock");
    expect(over?.effects.map(({ code }) => code)).toEqual(
      expect.arrayContaining(["over-crew", "over-belongings", "over-check-out", "over-check-in", "over-deposit"]),
    );
    expect(await base.inBase((db) => changeOverTo(db, first))).toBeNull();
  });

  it("shows both bars, of which neither seam is carried off; a feed tells each under a uid of its own", async () => {
    const bars = (await base.inBase((db) => barsBetween(db, "2027-06-10T00:00:00Z", "2027-06-17T00:00:00Z"))).filter(
      ({ reference }) => reference.startsWith("BR-1055"),
    );
    expect(bars.map(({ reference, yacht, isBegun, isEnding }) => [reference, yacht, isBegun, isEnding])).toEqual([
      ["BR-1055", "gannet-rock", true, true],
      ["BR-1055~2", "cold-harbour", true, false],
    ]);
    expect(new Set(bars.map(({ id }) => id)).size).toBe(2);
    const { yachtId } = await stayOf("BR-1055");
    const all = await base.inBase((db) => fedCharters(db, null, "2027-06-01T00:00:00Z"));
    expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
    // the second stay never was on the first yacht: her feed does not tell of it
    const hers = await base.inBase((db) => fedCharters(db, yachtId, "2027-06-01T00:00:00Z"));
    expect(hers.map(({ reference }) => reference)).not.toContain("BR-1055~2");
  });

  it("keeps start, yacht and people of both where they are, and the seam between them", async () => {
    for (const [reference, change, what] of [
      ["BR-1055", { toDay: "2027-06-14" }, "end"],
      ["BR-1055~2", { fromDay: "2027-06-14" }, "start"],
      ["BR-1055~2", { yacht: "quillback", fromDay: "2027-06-13", toDay: "2027-06-14" }, "start"],
    ] as const) {
      const stay = await stayOf(reference);
      const start = await base.inBase((db) => changeStart(db, stay));
      const by = await odile();
      const people = { id: start.charterer?.id ?? null, name: stay.charterer, email: "", phone: "" };
      const agreed = {
        yacht: stay.yachtSlug,
        ...start.days,
        aboard: 4,
        language: "en" as const,
        charterer: people,
        skipper: null,
      };
      const given = { ...agreed, ...change, onNumber: start.onNumber, why: "x", told: "" };
      // quillback is promised by then: either way it stays
      await expect(base.inBase((db) => changeAgreement(db, stay.stayId, given, by))).rejects.toMatchObject({
        code: expect.stringMatching(/charter-begun|yacht-promised/) as string,
        ...(reference === "BR-1055~2" && "yacht" in change ? {} : { params: { what } }),
      });
    }
  });

  it("does not count what was understood of the first yacht for the second", async () => {
    const [first, second] = [await stayOf("BR-1055"), await stayOf("BR-1055~2")];
    const common = { v: 1 as const, revision: 1, at: "2027-06-08T10:00:00Z" };
    const answers = [
      {
        ...common,
        id: "01900000-0000-7000-8000-000000000001",
        about: "topic" as const,
        topic: "raft",
        value: "understood" as const,
      },
      {
        ...common,
        id: "01900000-0000-7000-8000-000000000002",
        about: "question" as const,
        topic: null,
        value: "Is there a grill?",
      },
    ];
    await base.inBase(async (db) => {
      for (const [at, answer] of answers.entries())
        await addStudyAnswer(db, first, answer, String(at).repeat(64), "2027-06-08T10:00:00Z");
    });
    expect(await base.inBase((db) => studyAnswersOf(db, first.stayId))).toEqual(answers);
    expect(await base.inBase((db) => studyAnswersOf(db, second.stayId))).toEqual(answers.slice(1));
  });

  it("called off again, leaves them the first yacht until the end, and can be agreed anew under the next number", async () => {
    const { charterId } = await stayOf("BR-1055");
    const { stayId } = await stayOf("BR-1055~2");
    const told = (await base.inBase((db) => foresee(db, stayId, null))).effects;
    expect(told.map(({ code }) => code)).toEqual(["yacht-free", "over-kept"]);
    await off("BR-1055~2");
    expect(new Date((await stayOf("BR-1055")).endsAt).toISOString()).toBe("2027-06-16T09:00:00.000Z");
    await expect(off("BR-1055~2", null)).rejects.toMatchObject({
      code: "call-off-wrong",
      params: { what: "otheryacht" },
    });
    expect(await goOn()).toMatchObject({ reference: "BR-1055~3" });
    expect((await base.inBase((db) => partsOf(db, charterId))).map(({ isCalledOff }) => isCalledOff)).toEqual([
      false,
      true,
      false,
    ]);
  });

  it("is not left on the first yacht where somebody else has her days by then", async () => {
    const first = await stayOf("BR-1055");
    const [charter] = await base.asOwner<{ id: string }>("select id from charter where reference = 'BR-1060'");
    await base.asOwner(
      `insert into stay (id, base_id, charter_id, yacht_id, starts_at, ends_at, aboard, part)
       select '01900000-0000-7000-8000-00000000000a', base_id, $1, yacht_id, '2027-06-14T15:00:00Z', '2027-06-15T15:00:00Z', 2, 2 from stay where id = $2`,
      [charter?.id, first.stayId],
    );
    await expect(off("BR-1055~3")).rejects.toMatchObject({ code: "yacht-promised" });
    expect((await stayOf("BR-1055~3")).calledOff).toBeNull();
    await base.asOwner("delete from stay where id = '01900000-0000-7000-8000-00000000000a'");
  });
});

describe("played to its settlement", () => {
  const moment = { day: 0, time: "12:00" };
  const here = async (reference: string): Promise<{ stay: StayView; played: LoadedStay }> => {
    const stay = await stayOf(reference);
    const { stayId, skipperId, skipper, chartererId, charterer } = stay;
    const briefer = { id: await base.person("Maro Tessen"), name: "Maro Tessen" };
    return { stay, played: { stayId, skipperId, skipper, chartererId, charterer, briefer } };
  };
  const all = { baseId: "", staff: new Map(), timeZone: "Atlantic/Azores", at: () => "2027-06-16T12:00:00.000Z" };
  const play = async (
    reference: string,
    kind: "check-in" | "check-out",
    at: string,
    script: Partial<ScriptedHandover> = {},
  ) => {
    const { played } = await here(reference);
    const scripted = { at: moment, hours: 2000, ...script };
    await atTime(at, () => playHandover({ ...all, baseId: base.baseId }, played, kind, scripted, new Map()));
  };
  const settle = async (reference: string, decisions: Record<string, never> = {}) => {
    const { played, stay } = await here(reference);
    const view = await base.inBase((db) => settlementView(db, stay.stayId));
    const open = view.proposals.filter(({ needs }) => needs).map(({ difference }) => difference.id);
    const none = { decision: { charge: false }, why: "agreed" } as const;
    const decided = { ...Object.fromEntries(open.map((id) => [id, none])), ...decisions };
    await atTime("2027-06-16T12:00:00.000Z", () =>
      settleStay({ ...all, baseId: base.baseId }, played, {
        reference,
        decisions: decided,
        settle: { at: moment },
      } as never),
    );
  };
  const book = async () => base.inBase(async (db) => boatBook(db, (await stayOf("BR-1055")).charterId));

  it("takes the first yacht back, and the boat book turns to the second, with what was signed of the first", async () => {
    expect((await book()).yacht.name).toBe("Gannet Rock");
    expect((await book()).others?.map(({ yacht }) => yacht)).toEqual(["Cold Harbour"]);
    await play("BR-1055", "check-out", "2027-06-13T11:00:00.000Z", { lines: { "count:fender-large": { count: 3 } } });
    const { yacht, handovers, others } = await book();
    expect([yacht.name, handovers]).toEqual(["Cold Harbour", []]);
    expect(others?.map((other) => [other.yacht, other.handovers.map(({ kind }) => kind)])).toEqual([
      ["Gannet Rock", ["check-in", "check-out"]],
    ]);
  });

  it("takes what was made aboard the first and comes in late, each to the yacht it was made on", async () => {
    const { stay, played } = await here("BR-1055");
    const checkIn = await base.handoverOf("BR-1055", "check-in");
    const told = {
      ...{ v: 1, id: "01900000-0000-7000-8000-0000000000b1", handover: checkIn, at: "2027-06-13T09:00:00.000Z" },
      by: { side: "skipper", person: played.skipperId },
      ...{ kind: "incident", what: "lost-overboard", happenedOn: "2027-06-12", words: "one fender", photos: [] },
    };
    const { answers } = await base.inBase((db) => takeBookAddenda(db, stay.charterId, [told], () => undefined));
    expect(answers).toMatchObject([{ status: "kept" }]);
    const said = {
      ...{ v: 1, id: "01900000-0000-7000-8000-0000000000b2", revision: 1, at: "2027-06-12T09:00:00.000Z" },
      ...{ about: "topic", topic: "anchor", value: "understood" },
    };
    await base.inBase((db) => takeStudyAnswers(db, stay.charterId, [said], "gannet-rock"));
    const topics = async (reference: string) => {
      const { stayId } = await stayOf(reference);
      return (await base.inBase((db) => studyAnswersOf(db, stayId))).map(
        (each) => each.about === "topic" && each.topic,
      );
    };
    expect(await topics("BR-1055")).toContain("anchor");
    expect(await topics("BR-1055~3")).not.toContain("anchor");
  });

  it("hands the second one over and takes her back, each with records of their own", async () => {
    const { stay } = await here("BR-1055~3");
    await base.inBase(async (db) =>
      holdDeposit(
        db,
        simulatedTerminal(terminalBook(db), "approves"),
        { stayId: stay.stayId, amountMinor: stay.terms.deposit.amountMinor, currency: "EUR" },
        "second-yacht",
        await odile(),
      ),
    );
    await play("BR-1055~3", "check-in", "2027-06-13T13:00:00.000Z");
    // she is handed over: she is no longer called off, and her check-in is not opened again
    await expect(off("BR-1055~3")).rejects.toMatchObject({ code: "call-off-wrong" });
    await play("BR-1055~3", "check-out", "2027-06-16T08:00:00.000Z", { hours: 2006 });
    expect((await book()).yacht.name).toBe("Cold Harbour");
  });

  it("settles each on its own, with its own deposit", async () => {
    await settle("BR-1055");
    await settle("BR-1055~3");
    const [first, second] = [await stayOf("BR-1055"), await stayOf("BR-1055~3")];
    expect([first.settledAt, second.settledAt]).not.toContain(null);
    expect([first.heldMinor, second.heldMinor]).toEqual([0, 0]);
    for (const { stayId } of [first, second])
      expect((await base.inBase((db) => depositEvents(db, stayId))).map(({ kind }) => kind)).toEqual(
        expect.arrayContaining(["held", "released"]),
      );
    const stays = await base.inBase((db) => staysOfCharter(db, first.charterId));
    expect(stays.map(({ reference }) => reference)).toEqual(["BR-1055", "BR-1055~2", "BR-1055~3"]);
    const { settlement, others } = await book();
    expect([settlement !== null, others?.[0]?.settlement !== null]).toEqual([true, true]);
  });

  it("opens nothing on a yacht that was called off", async () => {
    const { stayId } = await stayOf("BR-1055~2");
    await expect(base.inBase(async (db) => openHandover(db, stayId, "check-in", await odile()))).rejects.toMatchObject({
      code: "called-off",
    });
  });
});

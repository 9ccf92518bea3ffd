import { demoBase } from "@/testing/demo-base";
import { findStay } from "../db/charters";
import { comingOf } from "../db/coming";
import { crewOf } from "../db/crew";
import { noteOfComing } from "../charters/coming";
import { boatBook } from "./boat-book";
import { takeCrew } from "./crew";

const base = demoBase("bookcrew");
const stayOf = async (reference: string) => {
  const stay = await base.inBase((db) => findStay(db, { reference }));
  if (!stay) throw new Error(`no ${reference}`);
  return stay;
};
const people = (count: number) => Array.from({ length: count }, (_, at) => ({ name: `Crew ${at}`, weightKg: 60 + at }));

describe("the crew that a skipper tells", () => {
  it("is kept with the hour of arrival, shown in the book, and leaves what the base has seen", async () => {
    const { charterId, stayId, startsAt } = await stayOf("BR-1058");
    const by = await base.person("Odile Varn");
    await base.inBase((db) => noteOfComing(db, charterId, { onNumber: 0, arrives: "12:00", papersSeen: true }, by));
    const crew = [
      { name: "Jory Fenn", weightKg: 82, swims: true, sailed: "much" as const },
      { name: "Ada Fenn", weightKg: 24, isChild: true, speaks: "German", toKnow: "nuts" },
    ];
    await base.inBase((db) => takeCrew(db, charterId, { crew, arrives: "14:30" }));
    expect(await base.inBase((db) => crewOf(db, stayId))).toEqual(crew);
    const book = await base.inBase((db) => boatBook(db, charterId));
    expect(book).toMatchObject({ crew, arrives: "14:30" });
    const coming = async () => (await base.inBase((db) => comingOf(db, [stayId]))).get(stayId);
    // the demo's June is at UTC
    expect(await coming()).toMatchObject({
      arrivesAt: `${startsAt.slice(0, 10)}T14:30:00.000Z`,
      papersSeen: true,
      onNumber: 2,
    });
    // the same again notes nothing anew
    await base.inBase((db) => takeCrew(db, charterId, { crew, arrives: "14:30" }));
    expect((await coming())?.onNumber).toBe(2);
    await base.inBase((db) => takeCrew(db, charterId, { crew, arrives: null }));
    expect(await coming()).toMatchObject({ arrivesAt: null, papersSeen: true });
  });

  it("may be more than was agreed, and never more than she takes", async () => {
    const { charterId, aboard } = await stayOf("BR-1058");
    await base.inBase((db) => takeCrew(db, charterId, { crew: people(aboard + 1), arrives: null }));
    // her class takes eight
    await expect(
      base.inBase((db) => takeCrew(db, charterId, { crew: people(9), arrives: null })),
    ).rejects.toMatchObject({ code: "too-many-for-her", params: { yacht: "Pale Heron", most: 8 } });
  });

  it("stands once the check-in is signed", async () => {
    const { charterId, stayId } = await stayOf("BR-1052");
    const before = await base.inBase((db) => crewOf(db, stayId));
    await expect(base.inBase((db) => takeCrew(db, charterId, { crew: [], arrives: null }))).rejects.toMatchObject({
      code: "crew-stands",
    });
    expect(await base.inBase((db) => crewOf(db, stayId))).toEqual(before);
  });
});

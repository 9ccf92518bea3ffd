/** @jest-environment ./src/testing/browser-environment.cjs */
import "@/testing/browser-bits";
import { until } from "@/testing/browser-bits";
import { demoYacht } from "@/testing/demo-yacht";
import { id } from "@/testing/records";
import { draw } from "@/testing/screen";
import { screen, within } from "@testing-library/react";
import type { SurveyBundle } from "@/api/schemas/draft";
import { expectedAt } from "@/core/yacht/note/seen";
import { NoteStore } from "../store/note-store";
import { nothing } from "./keep";
import { Survey } from "./Survey";

const file = demoYacht("quillback");
const places = Object.entries(file.places).sort(([, a], [, b]) => a.order - b.order);
const [first, firstPlace] = places[0]!;
const here = expectedAt(file, first);
const once = here.filter(({ name }) => here.filter((each) => each.name === name).length === 1);
const [thing, other] = [once[0]!, once[1]!];
const lost = { collection: "inventory" as const, key: "brass-lamp", name: "Brass lamp", place: first };
const bundleWith = (change: Partial<SurveyBundle> = {}): SurveyBundle => ({
  yacht: "quillback",
  me: id(905),
  revision: 3,
  file,
  notes: [],
  declined: [],
  absent: [],
  ...change,
});
const noteOn = (about: { collection: string; key: string }, kind: string, number: number) =>
  ({
    v: 1,
    id: id(number),
    kind,
    about: { collection: about.collection, key: about.key },
    place: first,
    at: `2027-06-01T09:00:${String(number % 60).padStart(2, "0")}.000Z`,
    name: "",
    thing: null,
    count: null,
    where: "",
    how: "",
    photos: [],
  }) as unknown as SurveyBundle["notes"][number];

/** the base at the other end, which can be reached between the tests alone */
let isThere = false;
globalThis.fetch = ((_path: string, init: RequestInit = {}) => {
  if (!isThere) return Promise.reject(new TypeError("no signal"));
  const sent = (JSON.parse(String(init.body)) as { notes: { id: string }[] }).notes;
  return Promise.resolve(
    Response.json({ answers: sent.map((each) => ({ id: each.id, status: "kept", code: null, message: null })) }),
  );
}) as typeof fetch;
const store = NoteStore.open();
beforeEach(async () => {
  store.actAs(id(905));
  isThere = true;
  await store.leave();
  isThere = false;
});
const tap = (name: string | RegExp) => screen.getByRole("button", { name });
const open = (change: Partial<SurveyBundle> = {}, isKept = false) =>
  draw(<Survey bundle={bundleWith(change)} isKept={isKept} />);
const notes = async () => (await store.notesOf("quillback")).map(({ note }) => note);
const left = (seen: number) =>
  screen.getByRole("heading", { level: 2, name: new RegExp(`${here.length - seen} not seen yet`) });

describe("walking a yacht with a phone", () => {
  it("begins at the first place with what belongs there, all of it unseen", () => {
    open();
    expect(screen.getByLabelText("Where you stand")).toHaveValue(first);
    expect(left(0)).toHaveTextContent(firstPlace.name.en ?? "?");
    const list = screen.getByRole("list", { name: "Not seen yet" });
    expect(within(list).getAllByRole("listitem")).toHaveLength(here.length);
  });

  it("keeps each answer with one tap without signal, and leaves the row where the thumb is", async () => {
    const person = open({}, true);
    expect(screen.getByText("No signal. Showing what this phone has kept.")).toBeInTheDocument();
    await person.click(tap(`Here: ${thing.name}`));
    await person.click(tap(`Not aboard: ${other.name}`));
    await until(async () => (await notes()).length === 2);
    expect((await notes()).map(({ kind, about, place }) => [kind, about?.key, place])).toEqual([
      ["as-in-file", thing.key, thing.place],
      ["not-here", other.key, other.place],
    ]);
    expect(await screen.findByText("2 waiting for signal")).toBeInTheDocument();
    expect(left(2)).toBeInTheDocument();
    const list = screen.getByRole("list", { name: "Not seen yet" });
    expect(within(list).getAllByRole("listitem")).toHaveLength(here.length);
  });

  it("never says that all is at the base before it has looked on the phone", async () => {
    await store.add(
      "quillback",
      { ...nothing, kind: "not-here", about: { collection: "looks", key: "hull" }, place: first },
      [],
    );
    open();
    const said = screen.getAllByRole("status").map((status) => status.textContent);
    expect(said).not.toContain("all at the base");
    expect(await screen.findByText("1 waiting for signal")).toBeInTheDocument();
  });

  it("puts what was seen below when one comes back to a place", async () => {
    const person = open({ notes: [noteOn(thing, "as-in-file", 1)] });
    await person.selectOptions(screen.getByLabelText("Where you stand"), places[1]![0]);
    await person.selectOptions(screen.getByLabelText("Where you stand"), first);
    expect(screen.getByText("Seen here before (1)")).toBeInTheDocument();
    const list = screen.getByRole("list", { name: "Not seen yet" });
    expect(within(list).getAllByRole("listitem")).toHaveLength(here.length - 1);
  });

  it("shows the last word on a thing, and the desk's no to it", () => {
    open({
      notes: [noteOn(thing, "as-in-file", 1), noteOn(thing, "not-here", 2)],
      declined: [{ note: id(2), words: "it is under the sink", by: "Senna Ruhl" }],
    });
    const row = within(screen.getByRole("listitem", { name: thing.name }));
    expect(row.getByText(/not on this boat/)).toBeInTheDocument();
    expect(row.getByText("Declined at the desk by Senna Ruhl: “it is under the sink”")).toBeInTheDocument();
  });

  it("asks about what her class has here and her file has not", async () => {
    const person = open({ absent: [lost] });
    await person.click(tap("Aboard, as the class has it: Brass lamp"));
    await until(async () => (await notes()).length === 1);
    expect((await notes())[0]).toMatchObject({
      kind: "as-class",
      about: { collection: "inventory", key: "brass-lamp" },
    });
    expect(await screen.findByText(/aboard, as the class has it/)).toBeInTheDocument();
  });

  it("says how a thing is different, and keeps nothing that says nothing", async () => {
    const person = open();
    await person.click(tap(`Different …: ${thing.name}`));
    const row = within(screen.getByRole("listitem", { name: thing.name }));
    await person.click(row.getByRole("button", { name: /^Keep it/ }));
    expect(row.getByText("Say where or how it is different, or take a photo.")).toBeInTheDocument();
    await person.type(row.getByLabelText(/^Exactly where/), "behind the hose");
    await person.click(row.getByRole("button", { name: /^Keep it/ }));
    await until(async () => (await notes()).length === 1);
    expect((await notes())[0]).toMatchObject({ kind: "different", where: "behind the hose" });
  });

  it("takes down what is not in the file at all, with a name", async () => {
    const person = open();
    await person.click(tap("Something that is not in the file …"));
    await person.click(tap(/^Keep it/));
    expect(screen.getByText("Say what it is.")).toBeInTheDocument();
    await person.type(screen.getByLabelText(/^What it is/), "Storm jib");
    await person.click(tap(/^Keep it/));
    await until(async () => (await notes()).length === 1);
    expect((await notes())[0]).toMatchObject({ kind: "new", name: "Storm jib", place: first, about: null });
    expect(await screen.findByRole("listitem", { name: "Storm jib" })).toBeInTheDocument();
  });
});

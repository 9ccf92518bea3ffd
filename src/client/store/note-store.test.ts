import "@/testing/browser-bits";
import { demoYacht } from "@/testing/demo-yacht";
import { until } from "@/testing/browser-bits";
import { NoteStore, type NewNote } from "./note-store";

/** the base at the other end: what it got, and how it answers */
let got: { path: string; ids: string[]; grant: string | null }[] = [];
let isThere = true;
let answers: "kept" | "refused" | "lost" | "away" = "kept";
globalThis.fetch = (async (path: string, init: RequestInit = {}) => {
  if (!isThere) throw new TypeError("Failed to fetch");
  const grant = new Headers(init.headers).get("authorization");
  if (path.startsWith("/api/photos/")) {
    got.push({ path, ids: [], grant });
    return Response.json({ kept: true });
  }
  const { notes } = JSON.parse(String(init.body)) as { notes: { id: string }[] };
  got.push({ path, ids: notes.map(({ id }) => id), grant });
  if (answers === "lost") throw new TypeError("network changed");
  if (answers === "away") return Response.json({ error: { code: "not-open", message: "Sign in." } }, { status: 401 });
  return Response.json({
    answers: notes.map(({ id }) => ({
      id,
      status: answers,
      code: null,
      message: answers === "refused" ? "This note is about another yacht." : null,
    })),
  });
}) as typeof fetch;

const store = NoteStore.open();
const note: NewNote = {
  kind: "different",
  about: { collection: "fittings", key: "windlass-breaker" },
  place: null,
  name: "",
  thing: null,
  count: null,
  where: "behind the hose",
  how: "",
};
const photo = (digit: string) => ({
  hash: digit.repeat(64),
  bytes: new Blob([digit]),
  takenAt: null,
  from: "file" as const,
});
const [maro, ilko] = ["0198a000-0000-7000-8000-0000000000a1", "0198a000-0000-7000-8000-0000000000a2"];
const states = async (yacht = "quillback") => (await store.notesOf(yacht)).map(({ state }) => state);
const sent = () => got.filter(({ path }) => path.includes("/notes")).flatMap(({ ids }) => ids);

beforeEach(async () => {
  [isThere, answers] = [true, "kept"];
  await store.leave();
  got = [];
});

it("sends a note with its photos before it, and keeps it until the base has it", async () => {
  isThere = false;
  await store.add("quillback", note, [photo("a")]);
  expect([await states(), await store.waiting()]).toEqual([["waiting"], 2]);
  isThere = true;
  store.send();
  await until(async () => (await store.waiting()) === 0);
  expect(got.map(({ path }) => path)).toEqual([`/api/photos/${"a".repeat(64)}`, "/api/yachts/quillback/notes"]);
  expect((await store.notesOf("quillback"))[0]?.note).toMatchObject({
    v: 1,
    yacht: "quillback",
    where: "behind the hose",
    photos: ["a".repeat(64)],
  });
});

it("sends the same note again under the same id when the answer was lost or somebody has to sign in, and never after", async () => {
  answers = "lost";
  await store.add("quillback", note, []);
  await until(() => sent().length === 1);
  expect(await states()).toEqual(["waiting"]);
  answers = "away";
  store.send();
  await until(() => sent().length === 2);
  answers = "kept";
  store.send();
  await until(async () => (await store.waiting()) === 0);
  store.send();
  await store.leave();
  expect([sent().length, new Set(sent()).size]).toEqual([3, 1]);
});

it("says what the base did not take, and lets the rest go on", async () => {
  answers = "refused";
  await store.add("quillback", note, []);
  await until(async () => (await store.waiting()) === 0);
  expect((await store.notesOf("quillback")).map(({ state, message }) => [state, message])).toEqual([
    ["refused", "This note is about another yacht."],
  ]);
  answers = "kept";
  await store.add("quillback", note, []);
  await until(async () => (await store.waiting()) === 0);
  expect(await states()).toEqual(expect.arrayContaining(["refused", "there"]));
});

it("sends what was said at a handover with that handover's right alone", async () => {
  isThere = false;
  await store.add("quillback", note, [], {
    handover: "0198a000-0000-7000-8000-000000000001",
    grant: "a-grant",
    photos: ["b".repeat(64)],
  });
  await store.add("quillback", note, []);
  expect(await store.leave()).toEqual(["quillback"]);
  expect([
    await store.waitsAt("0198a000-0000-7000-8000-000000000001"),
    await store.waitsAt("0198a000-0000-7000-8000-000000000002"),
  ]).toEqual([true, false]);
  isThere = true;
  store.send();
  await until(() => sent().length === 1);
  expect([got[0]?.path, got[0]?.grant]).toEqual(["/api/yachts/quillback/notes", null]);
  store.send({ handover: "0198a000-0000-7000-8000-000000000001", grant: "a-grant" });
  await until(async () => (await store.waiting()) === 0);
  expect([got[1]?.path, got[1]?.grant]).toEqual([
    "/api/yachts/quillback/notes?handover=0198a000-0000-7000-8000-000000000001",
    "Bearer a-grant",
  ]);
});

it("sends nobody's note under somebody else's sign-in", async () => {
  isThere = false;
  store.actAs(maro);
  await store.add("quillback", note, []);
  await store.leave();
  store.actAs(ilko);
  isThere = true;
  await store.add("quillback", { ...note, where: "at the panel" }, []);
  expect(await store.leave()).toEqual(["quillback"]);
  expect([sent().length, await store.waitingOfOthers(), await states()]).toEqual([1, 1, ["waiting"]]);
  store.actAs(maro);
  expect(await store.waitingOfOthers()).toBe(0);
  expect(await store.leave()).toEqual([]);
  expect(new Set(sent()).size).toBe(2);
});

it("leaves nothing of what is at the base when somebody signs out, and keeps and names what is not", async () => {
  const bundle = (yacht: string) => ({
    yacht,
    revision: 1,
    file: demoYacht(yacht),
    me: maro,
    notes: [],
    declined: [],
    absent: [],
  });
  for (const yacht of ["quillback", "pale-heron"]) await store.keepSurvey(bundle(yacht));
  await store.add("pale-heron", note, [photo("c")]);
  await until(async () => (await store.waiting()) === 0);
  isThere = false;
  await store.add("quillback", note, [photo("d")]);
  expect(await store.leave()).toEqual(["Quillback"]);
  expect([
    await states("pale-heron"),
    await states(),
    (await store.survey("pale-heron"))?.yacht,
    (await store.survey("quillback"))?.yacht,
  ]).toEqual([[], ["waiting"], undefined, "quillback"]);
  isThere = true;
  expect(await store.leave()).toEqual([]);
  expect([await states(), await store.survey("quillback"), await store.waiting()]).toEqual([[], null, 0]);
});

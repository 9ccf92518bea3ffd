import { v7 as uuid } from "uuid";
import { demoBase } from "@/testing/demo-base";
import { entryHash, type Entry } from "@/core/handover/entry";
import { appendEntries, entriesAfter, type EntryItem } from "./entries";

const base = demoBase("entries");
const at = "2027-06-12T10:12:00.000Z";
let handover = "";
let person = "";

beforeAll(async () => {
  handover = await base.handoverOf("BR-1059", "check-in");
  person = await base.person("Maro Tessen");
});

function item(change: Partial<Entry> = {}): EntryItem {
  const content: Entry = {
    v: 1,
    id: uuid(),
    handover,
    subject: "line:count:mug",
    aspect: "remark:base",
    value: { words: "posted" },
    basis: [],
    by: { side: "base", person },
    device: uuid(),
    at,
    offsetMs: 0,
    ...change,
  };
  const { id, subject, aspect } = content;
  return { id, subject, aspect, content, hash: entryHash(content), most: 1000 };
}
const posted = async (...items: EntryItem[]) => (await appendEntries(base.baseId, handover, items, at)).answers;
const feed = async () => base.inBase((db) => entriesAfter(db, handover, 0));

it("writes posts that arrive together in turn: each is answered for its own, and the feed has no gap", async () => {
  const before = (await feed()).length;
  const twice = item();
  const posts = [
    ...Array.from({ length: 20 }, () => [item(), item()]),
    [twice, item({ basis: [uuid()] })],
    [twice, item()],
  ];
  const answers = await Promise.all(posts.map((items) => posted(...items)));
  expect(answers.slice(0, 20)).toEqual(Array.from({ length: 20 }, () => ["kept", "kept"]));
  expect(answers.slice(20)).toEqual([
    ["kept", "unknown-basis"],
    ["same", "kept"],
  ]);
  const rows = await feed();
  expect(rows.length).toBe(before + 42);
  expect(rows.map(({ number }) => number)).toEqual(Array.from({ length: before + 42 }, (_, index) => index + 1));
});

it("lets a post that the database refuses fail by itself, and the others of its turn in", async () => {
  const before = (await feed()).length;
  const bad = { ...item(), id: "no-uuid" };
  const answers = await Promise.allSettled([posted(item()), posted(item()), posted(bad), posted(item())]);
  expect(answers.map(({ status }) => status)).toEqual(["fulfilled", "fulfilled", "rejected", "fulfilled"]);
  expect((await feed()).length).toBe(before + 3);
});

it("answers a post on a handover that is not there with an error, and writes the next one all the same", async () => {
  await expect(appendEntries(base.baseId, uuid(), [item()], at)).rejects.toThrow(/no such handover/);
  await expect(posted(item())).resolves.toEqual(["kept"]);
});

it("takes from a guest no more than leaves the base room, and what is here already is answered all the same", async () => {
  const most = (await feed()).length + 2;
  const guests = [item(), item(), item()].map((each) => ({ ...each, most }));
  expect(await posted(...guests)).toEqual(["kept", "kept", "too-many"]);
  expect(await posted({ ...guests[0]!, most }, item())).toEqual(["same", "kept"]);
});

it("lets what came after the signature be changed by what comes later still", async () => {
  const signed = await base.handoverOf("BR-1050", "check-in");
  const first = item({ handover: signed });
  const second = item({ handover: signed, basis: [first.id] });
  const { answers } = await appendEntries(base.baseId, signed, [first, second], at);
  expect(answers).toEqual(["late", "late"]);
});

import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { usualRules } from "@/core/base/rules";
import { fold } from "@/core/handover/fold";
import type { HandoverList } from "@/core/handover/list";
import { fetchedOf, isCorrected } from "@/core/handover/state";
import { simulatedVessel } from "@/stand-ins/boat-data-gateway";
import { demoBase } from "@/testing/demo-base";
import { entryOf } from "@/testing/records";
import { GET as simulated } from "@/app/api/simulated/boat-data/[yacht]/signalk/v1/api/vessels/self/route";
import { findHandover } from "../db/handovers";
import { fetchBoatData } from "./gateway";

const base = demoBase("gateway");
let list: HandoverList;
/** a Signal K server on this machine: what it answers is set by each test */
let gateway: Server;
let answer: { status: number; body: string };
const asked: string[] = [];
const shown: (string | undefined)[] = [];

beforeAll(async () => {
  const handover = await base.handoverOf("BR-1055", "check-in");
  list = (await base.inBase((db) => findHandover(db, handover)))!.list;
  gateway = createServer((request, response) => {
    asked.push(request.url ?? "");
    shown.push(request.headers.authorization);
    response.writeHead(answer.status).end(answer.body);
  });
  await new Promise<void>((done) => gateway.listen(0, "127.0.0.1", done));
  process.env.BRINECOVE_BOAT_DATA = `http://127.0.0.1:${(gateway.address() as AddressInfo).port}/{yacht}`;
});
afterAll(() => {
  gateway.closeAllConnections();
  return new Promise((done) => gateway.close(done));
});
beforeEach(() => {
  answer = { status: 200, body: JSON.stringify(simulatedVessel("gannet-rock", "2027-06-12T10:00:00.000Z")) };
});

const valuesOf = async () =>
  Object.fromEntries((await fetchBoatData(list, "gannet-rock")).readings.map(({ line, values }) => [line, values]));

it("gives what the boat measures in the units people write: hours, litres of this tank, volts", async () => {
  // 628.4 h are 2 262 240 s; 98.5 % of 400 l are 394 l, 97 % of 250 l are 242.5 l
  expect(await valuesOf()).toEqual({
    "reading:engine-hours": { hours: 628.4 },
    "reading:generator-hours": { hours: 341.2 },
    "reading:fuel": { litres: 394 },
    "reading:water-fore": { litres: 250 },
    "reading:water-aft": { litres: 243 },
    "reading:water-third": { litres: 169 },
    "reading:battery-service": { volts: 12.74 },
    "reading:battery-starter": { volts: 12.66 },
  });
  expect(asked).toEqual(["/gannet-rock/signalk/v1/api/vessels/self"]);
  const { from, readings } = await fetchBoatData(list, "gannet-rock");
  expect([from, readings[0]?.at]).toEqual(["Gannet Rock, simulated boat data", "2027-06-12T10:00:00.000Z"]);
});

it("leaves out what she does not measure, and what cannot be", async () => {
  const at = { timestamp: "2027-06-12T10:00:00.000Z" };
  answer.body = JSON.stringify({
    tanks: { fuel: { main: { currentLevel: { value: 1.4, ...at } } } },
    propulsion: { main: { runTime: { value: "many", ...at } } },
    electrical: { batteries: { service: { voltage: { value: 12.7, ...at } } } },
  });
  const { readings, left } = await fetchBoatData(list, "gannet-rock");
  expect(readings).toEqual([{ line: "reading:battery-service", values: { volts: 12.7 }, at: at.timestamp }]);
  expect(left).toEqual([{ line: "reading:fuel", at: at.timestamp, why: "impossible" }]);
});

const volts = (timestamp: string) => ({
  electrical: { batteries: { service: { voltage: { value: 12.7, timestamp } } } },
});

it.each<[string, string, string | null]>([
  // it is 10:12 at the base in Z, and the base takes what is 15 minutes old at most
  ["at 09:57", "2027-06-12T09:57:00Z", null],
  ["a second earlier", "2027-06-12T09:56:59Z", "old"],
  ["within a minute of a fast clock", "2027-06-12T10:13:00.000000Z", null],
  ["tomorrow", "2027-06-13T10:00:00Z", "future"],
  ["at 12:05 two hours east", "2027-06-12T12:05:00+02:00", null],
])("takes or leaves what was measured %s", async (_when, timestamp, why) => {
  answer.body = JSON.stringify(volts(timestamp));
  const { readings, left } = await fetchBoatData(list, "gannet-rock");
  expect([readings.length, left.map((each) => each.why)]).toEqual(why === null ? [1, []] : [0, [why]]);
  if (timestamp.endsWith("+02:00")) expect(readings[0]?.at).toBe("2027-06-12T10:05:00.000Z");
});

it("goes by the base's own limit, as it stood when the list was made", async () => {
  answer.body = JSON.stringify(volts("2027-06-12T09:30:00Z"));
  const rules = { ...usualRules, boatDataMinutes: 60 };
  expect((await fetchBoatData({ ...list, rules }, "gannet-rock")).readings).toHaveLength(1);
});

it("refuses a gateway that names another yacht", async () => {
  answer.body = JSON.stringify({ name: "Cold Harbour", ...volts("2027-06-12T10:00:00Z") });
  await expect(fetchBoatData(list, "gannet-rock")).rejects.toMatchObject({
    code: "gateway-other-yacht",
    params: { named: "Cold Harbour", yacht: "Gannet Rock" },
  });
});

it("shows the gateway the base's access token, where one is set", async () => {
  process.env.BRINECOVE_BOAT_DATA_TOKEN = "of-the-quay";
  await fetchBoatData(list, "gannet-rock");
  delete process.env.BRINECOVE_BOAT_DATA_TOKEN;
  await fetchBoatData(list, "gannet-rock");
  expect(shown.slice(-2)).toEqual(["Bearer of-the-quay", undefined]);
});

it("has in its own simulated boats only ids that Signal K allows: letters and digits", () => {
  const ids = (node: unknown): string[] =>
    typeof node === "object" && node !== null ? Object.entries(node).flatMap(([key, part]) => [key, ...ids(part)]) : [];
  const { uuid: _uuid, name: _name, ...vessel } = simulatedVessel("two-lanterns", "2027-06-12T10:00:00.000Z") ?? {};
  expect(ids(vessel).filter((id) => !/^[A-Za-z0-9]+$/.test(id) && id !== "$source")).toEqual([]);
  expect(ids(vessel).length).toBeGreaterThan(20);
});

it.each([
  ["an error", 500, "{}", "gateway-silent"],
  ["no JSON", 200, "<html>", "gateway-no-boat-data"],
  [
    "a number without its time",
    200,
    JSON.stringify({ propulsion: { main: { runTime: { value: 5 } } } }),
    "gateway-no-boat-data",
  ],
  ["too much", 200, `"${"x".repeat(1_000_001)}"`, "gateway-silent"],
])("refuses %s, and says to read by hand", async (_, status, body, code) => {
  answer = { status, body };
  await expect(fetchBoatData(list, "gannet-rock")).rejects.toMatchObject({
    status: 503,
    code,
  });
});

it("says so where a yacht has none", async () => {
  const without = {
    ...list,
    lines: list.lines.map((line) => (line.kind === "reading" ? { ...line, signal: undefined } : line)),
  };
  await expect(fetchBoatData(without as HandoverList, "pale-heron")).rejects.toMatchObject({
    status: 404,
    code: "no-gateway",
  });
  expect(
    (
      await simulated(new Request("http://127.0.0.1:4310/api/simulated"), {
        params: Promise.resolve({ yacht: "pale-heron" }),
      })
    ).status,
  ).toBe(404);
});

it("keeps both values when a person corrects what was fetched", () => {
  const line = list.lines.find((each) => each.id === "reading:engine-hours");
  if (line?.kind !== "reading") throw new Error("no such reading");
  const folded = fold([
    entryOf(1, `line:${line.id}`, "fetched", {
      values: { hours: 628.4 },
      at: "2027-06-12T10:00:00.000Z",
      from: "simulated boat data",
    }),
    entryOf(2, `line:${line.id}`, "reading", { hours: 628.4 }),
    entryOf(3, `line:${line.id}`, "reading", { hours: 629 }, { basis: [entryOf(2, "", "", 0).id] }),
  ]);
  const fetched = fetchedOf(folded, line);
  expect([
    fetched?.values,
    fetched && isCorrected({ hours: 629 }, fetched),
    fetched && isCorrected({ hours: 628.4 }, fetched),
  ]).toEqual([{ hours: 628.4 }, true, false]);
});

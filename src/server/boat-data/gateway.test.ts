import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";
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

beforeAll(async () => {
  const handover = await base.handoverOf("BR-1055", "check-in");
  list = (await base.inBase((db) => findHandover(db, handover)))!.list;
  gateway = createServer((request, response) => {
    asked.push(request.url ?? "");
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
  expect([from, readings[0]?.at]).toEqual(["simulated boat data", "2027-06-12T10:00:00.000Z"]);
});

it("leaves out what she does not measure, and what cannot be", async () => {
  const at = { timestamp: "2027-06-12T10:00:00.000Z" };
  answer.body = JSON.stringify({
    tanks: { fuel: { main: { currentLevel: { value: 1.4, ...at } } } },
    propulsion: { main: { runTime: { value: "many", ...at } } },
    electrical: { batteries: { service: { voltage: { value: 12.7, ...at } } } },
  });
  expect(await valuesOf()).toEqual({ "reading:battery-service": { volts: 12.7 } });
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

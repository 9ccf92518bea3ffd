import type { AddressInfo } from "node:net";
import { Type } from "@sinclair/typebox";
import { staff } from "@/api/callers";
import { endpoint } from "@/api/endpoint";
import { readHealth } from "@/api/system";
import { demoBase } from "@/testing/demo-base";
import { serve } from "../http/serve";
import { metricsText } from "./metrics";
import { serveMetrics } from "./serve-metrics";

jest.mock("next/headers", () => jest.requireActual("@/testing/cookie-jar"));

const base = demoBase("metrics");
const asked = async (route: ReturnType<typeof serve>, path: string) =>
  route(new Request(`http://127.0.0.1${path}`, { headers: { host: "127.0.0.1" } }), {
    params: Promise.resolve({ id: "1f1f1f1f-0000-7000-8000-000000000001" }),
  });
const lines = (text: string, name: string) => text.split("\n").filter((line) => line.startsWith(name));

it("counts requests by endpoint and status, and never by what stands in an address", async () => {
  const open = serve(
    readHealth,
    async () => ({ status: "ok", database: "ok", disk: "ok", backup: "none", messages: "ok" }) as const,
  );
  await asked(open, "/api/health");
  await asked(open, "/api/health");
  const shut = endpoint({
    name: "shut-one",
    method: "GET",
    path: "/api/shut/{id}",
    about: "Is there to be refused.",
    who: [staff("see-desk")],
    params: Type.Object({ id: Type.String() }),
    answer: Type.Object({}),
  });
  await asked(
    serve(shut, async () => ({})),
    "/api/shut/1f1f1f1f-0000-7000-8000-000000000001",
  );
  const { text, type } = await metricsText();
  expect(type).toContain("text/plain");
  const counts = lines(text, "brinecove_request_seconds_count");
  expect(counts).toContain('brinecove_request_seconds_count{endpoint="read-health",method="GET",status="200"} 2');
  expect(counts).toContain('brinecove_request_seconds_count{endpoint="shut-one",method="GET",status="401"} 1');
  expect(text).not.toContain("1f1f1f1f");
});

it("tells of the database, the disk and the last backup as they are when it is asked", async () => {
  await base.inBase((db) => db.query("select 1"));
  const first = (await metricsText()).text;
  expect(lines(first, "brinecove_last_backup_seconds")).toEqual(["brinecove_last_backup_seconds 0"]);
  expect(Number(lines(first, 'brinecove_database_connections{state="open"}')[0]?.split(" ")[1])).toBeGreaterThan(0);
  expect(Number(lines(first, "brinecove_disk_free_bytes")[0]?.split(" ")[1])).toBeGreaterThan(1e6);
  await base.asOwner(
    "insert into backup (id, asked_at, done_at, file, bytes, encrypted) values (gen_random_uuid(), '2027-06-12T00:00:00Z', '2027-06-12T00:00:00Z', 'x', 1, false)",
  );
  expect(lines((await metricsText()).text, "brinecove_last_backup_seconds")).toEqual([
    `brinecove_last_backup_seconds ${Date.parse("2027-06-12T00:00:00Z") / 1000}`,
  ]);
});

it("is served on loopback alone, at one address, and not at all where no port is named", async () => {
  expect(serveMetrics("")).toBeNull();
  const server = serveMetrics("0")!;
  // 0 lets the machine choose
  await new Promise((resolve) => server.once("listening", resolve));
  const { address, port } = server.address() as AddressInfo;
  expect(address).toBe("127.0.0.1");
  const answer = await fetch(`http://127.0.0.1:${port}/metrics`);
  expect([answer.status, await answer.text()]).toEqual([200, expect.stringContaining("process_cpu")]);
  expect((await fetch(`http://127.0.0.1:${port}/`)).status).toBe(404);
  expect((await fetch(`http://127.0.0.1:${port}/metrics`, { method: "POST" })).status).toBe(404);
  // the port is taken now: another is told so in the log, and nothing ends
  const second = serveMetrics(String(port))!;
  await new Promise((resolve) => second.once("error", resolve));
  await new Promise((resolve) => server.close(resolve));
});

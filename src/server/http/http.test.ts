import { Type } from "@sinclair/typebox";
import { BadInput } from "@/core/basics/calculation";
import { readBytes, readJson } from "./body";
import { fileNameOf } from "./file-name";
import { handle, type ErrorBody } from "./handle";
import { idParam } from "./id";
import { log } from "./log";
import { Refusal } from "./refusal";

const logged = {
  info: jest.spyOn(log, "info").mockImplementation(),
  error: jest.spyOn(log, "error").mockImplementation(),
};
beforeEach(() => jest.clearAllMocks());

const own = { host: "127.0.0.1:4310", origin: "http://127.0.0.1:4310" };
const post = (body: BodyInit | null, headers: Record<string, string> = {}) =>
  new Request("http://127.0.0.1:4310/api/x", {
    method: "POST",
    body,
    headers: { "content-type": "application/json", ...own, ...headers },
    ...(body instanceof ReadableStream ? { duplex: "half" } : {}),
  } as RequestInit);
const answer = async (work: () => Promise<Response>, request = post("{}")) => {
  const response = await handle("x", work)(request, undefined);
  return { response, body: (await response.json()) as ErrorBody };
};
const Count = Type.Object({ count: Type.Integer({ minimum: 0 }) }, { additionalProperties: false });

describe("reading a body", () => {
  it("gives the typed value", async () => {
    expect(await readJson(post('{"count":3}'), Count)).toEqual({ count: 3 });
  });

  it.each<[string, string, object]>([
    ["what is not JSON", "{count:3}", { status: 400, code: "not-json" }],
    ["a missing field", "{}", { status: 422, code: "wrong-form", message: 'The input needs "count".' }],
    [
      "a field too many",
      '{"count":1,"price":2}',
      { code: "wrong-form", message: 'The input has "price", which does not belong there.' },
    ],
    [
      "a wrong value",
      '{"count":-1}',
      { code: "wrong-form", where: "/count", message: "/count must be 0 or more (it is -1)." },
    ],
    ["another kind of value", '{"count":"3"}', { code: "wrong-form", where: "/count" }],
  ])("refuses %s", async (_what, text, problem) => {
    await expect(readJson(post(text), Count)).rejects.toMatchObject(problem);
  });

  it("refuses another content type and broken UTF-8", async () => {
    await expect(
      readJson(post("count=3", { "content-type": "application/x-www-form-urlencoded" }), Count),
    ).rejects.toMatchObject({ status: 415 });
    await expect(readJson(post(new Uint8Array([0x7b, 0xff, 0x7d])), Count)).rejects.toMatchObject({ status: 400 });
  });

  it("believes a declared length that is too large, without reading", async () => {
    await expect(readBytes(post("{}", { "content-length": "40000000" }), 400_000)).rejects.toMatchObject({
      status: 413,
      message: "This is larger than 400 kB. Send less at once.",
    });
  });

  it("stops reading when more comes than allowed, whatever was declared", async () => {
    let sent = 0;
    const endless = new ReadableStream({
      pull: (controller) => controller.enqueue(new Uint8Array((sent += 1) && 100_000)),
    });
    await expect(readBytes(post(endless), 1_000_000)).rejects.toMatchObject({
      status: 413,
      message: "This is larger than 1 MB. Send less at once.",
    });
    expect(sent).toBeLessThan(20);
  });
});

describe("answering", () => {
  it("gives every answer a request id and keeps it out of caches", async () => {
    const response = await handle("x", async () => Response.json({}))(post("{}"), undefined);
    expect(response.headers.get("x-request-id")).toMatch(/^[0-9a-f-]{36}$/);
    expect(response.headers.get("cache-control")).toBe("private, no-store");
  });

  it("says a refusal with status, code, words and place, under the id of the log", async () => {
    const { response, body } = await answer(() =>
      Promise.reject(new Refusal(409, "settled", "It is settled.", "where")),
    );
    expect([response.status, body.error]).toEqual([
      409,
      { code: "settled", message: "It is settled.", where: "where", requestId: response.headers.get("x-request-id") },
    ]);
  });

  it("says a computation's bad input with its place", async () => {
    const { response, body } = await answer(() => Promise.reject(new BadInput("/lines/0/id", "stands twice")));
    expect([response.status, body.error.code, body.error.where]).toEqual([422, "wrong-input", "/lines/0/id"]);
  });

  it.each([
    ["ECONNREFUSED", "x"],
    ["57P01", "x"],
    ["08006", "x"],
    ["", "timeout exceeded when trying to connect"],
  ])("says that the database is away (%s %s)", async (code, message) => {
    const { response, body } = await answer(() => Promise.reject(Object.assign(new Error(message), { code })));
    expect([response.status, body.error.code]).toEqual([503, "database-away"]);
    expect(body.error.message).toContain("kept on the device");
  });

  it("keeps inner detail of the unforeseen for the log", async () => {
    const { response, body } = await answer(() => Promise.reject(new Error("relation person: name Isa Calder")));
    expect(response.status).toBe(500);
    expect(JSON.stringify(body)).not.toContain("Isa");
    expect(body.error.message).toContain(body.error.requestId);
    expect(logged.error).toHaveBeenCalledWith(
      expect.objectContaining({ requestId: body.error.requestId }),
      "unforeseen",
    );
  });

  it("logs what, where and how long, and nothing that was sent", async () => {
    await answer(async () => Response.json({}), post('{"email":"odile@brinecove.example"}'));
    const [entry] = logged.info.mock.calls[0] as unknown as [Record<string, unknown>];
    expect(Object.keys(entry).sort()).toEqual(["method", "ms", "requestId", "route", "status"]);
  });
});

describe("changes from elsewhere", () => {
  const change = (headers: Record<string, string>) =>
    answer(
      async () => Response.json({ done: true }),
      new Request("http://127.0.0.1:4310/api/x", { method: "POST", headers: { host: own.host, ...headers } }),
    );

  it("are refused before any work is done", async () => {
    const work = jest.fn();
    const request = new Request("http://127.0.0.1:4310/api/x", {
      method: "POST",
      headers: { host: own.host, origin: "https://elsewhere.example" },
    });
    expect((await handle("x", work)(request, undefined)).status).toBe(403);
    expect(work).not.toHaveBeenCalled();
  });

  it("are those of another site, of an unknown sender, and of a name that is no address", async () => {
    for (const headers of [
      { origin: "https://elsewhere.example" },
      { origin: "null" },
      {},
      { "sec-fetch-site": "cross-site" },
    ] as Record<string, string>[])
      expect((await change(headers)).response.status).toBe(403);
    for (const headers of [{ origin: own.origin }, { "sec-fetch-site": "same-origin" }] as Record<string, string>[])
      expect((await change(headers)).response.status).toBe(200);
  });

  it("go by ORIGIN where a proxy stands in front", async () => {
    process.env.ORIGIN = "https://handover.example";
    expect((await change({ origin: "https://handover.example" })).response.status).toBe(200);
    expect((await change({ origin: own.origin })).response.status).toBe(403);
    delete process.env.ORIGIN;
  });
});

it("takes only ids as ids", () => {
  expect(idParam("01a20b7a-4159-7077-9e5d-d6a66c4cc61c")).toBe("01a20b7a-4159-7077-9e5d-d6a66c4cc61c");
  for (const text of ["", "1", "01a20b7a-4159-7077-9e5d-d6a66c4cc61c'--", "../../etc"])
    expect(() => idParam(text)).toThrow(expect.objectContaining({ status: 404 }));
});

it("takes a draft's address for a yacht's or a class's file and nothing else", async () => {
  const named = (of: string) => fileNameOf({ params: Promise.resolve({ of, slug: "quillback" }) });
  expect([await named("yachts"), await named("classes")]).toEqual([
    { of: "yachts", slug: "quillback" },
    { of: "classes", slug: "quillback" },
  ]);
  for (const other of ["boats", "", "__proto__"])
    await expect(named(other)).rejects.toMatchObject({ status: 404, code: "no-such-file" });
});

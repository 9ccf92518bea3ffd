import { Type } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import { anyone } from "@/api/callers";
import { endpoint } from "@/api/endpoint";
import { ItemAnswers, StudyBatch } from "@/api/schemas/book";
import type { ErrorBody } from "@/api/schemas/error";
import { InputError } from "@/core/basics/calculation";
import { sentenceOf } from "@/testing/sentence";
import { parseParams, parseQuery } from "./address";
import { readBytes, readJson, soundText, strictJson } from "./body";
import { log } from "../log";
import { serve } from "./serve";
import { disposition } from "./disposition";

jest.mock("next/headers", () => jest.requireActual("@/testing/cookie-jar"));
process.env.BRINECOVE_APP_DATABASE_URL ??= "postgres://nobody@127.0.0.1:1/none";
delete process.env.BRINECOVE_CHECK_CONTRACT;

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
const Count = Type.Object({ count: Type.Integer({ minimum: 0 }) }, { additionalProperties: false });
const count = endpoint({
  name: "count",
  method: "POST",
  path: "/api/x",
  about: "Counts.",
  who: [anyone],
  body: Count,
  answer: Type.Object({ counted: Type.Integer() }, { additionalProperties: false }),
  errors: ["settled"],
});
const nowhere = { params: Promise.resolve({}) };
const answer = async (work: () => Promise<Response | { counted: number }>, request = post('{"count":3}')) => {
  const response = await serve(count, work)(request, nowhere);
  return { response, body: (await response.json()) as ErrorBody };
};

describe("reading a body", () => {
  it("gives the typed value", async () => {
    expect(await readJson(post('{"count":3}'), Count)).toEqual({ count: 3 });
  });

  it.each<[string, string, object, string]>([
    ["what is not JSON", "{count:3}", { status: 400, code: "not-json" }, "This is not JSON: the body cannot be read."],
    ["a missing field", "{}", { status: 422, code: "wrong-form" }, 'The input needs "count".'],
    [
      "a field too many",
      '{"count":1,"price":2}',
      { code: "wrong-form" },
      'The input has "price", which does not belong there.',
    ],
    ["a wrong value", '{"count":-1}', { code: "wrong-form", where: "/count" }, "/count must be 0 or more (it is -1)."],
    [
      "another kind of value",
      '{"count":"3"}',
      { code: "wrong-form", where: "/count" },
      '/count must be a whole number (it is "3").',
    ],
  ])("refuses %s", async (_what, text, problem, words) => {
    await expect(readJson(post(text), Count)).rejects.toMatchObject(problem);
    expect(await sentenceOf(readJson(post(text), Count))).toBe(words);
  });

  it("refuses another content type and broken UTF-8", async () => {
    const form = { "content-type": "application/x-www-form-urlencoded" };
    await expect(readJson(post("count=3", form), Count)).rejects.toMatchObject({ status: 415 });
    await expect(readJson(post(new Uint8Array([0x7b, 0xff, 0x7d])), Count)).rejects.toMatchObject({ status: 400 });
  });

  it("refuses what PostgreSQL cannot keep, by the place it stands at", async () => {
    const Words = Type.Object({ of: Type.Array(Type.Object({ words: Type.String() })) });
    const read = (words: string) => readJson(post(`{"of":[{"words":"fine"},{"words":"${words}"}]}`), Words);
    await expect(read("\\u0000")).rejects.toMatchObject({ status: 422, code: "wrong-text", where: "/of/1/words" });
    await expect(read("\\ud83d")).rejects.toMatchObject({ code: "wrong-text" });
    // shown as "not tried" and kept as something else
    await expect(read("\\u202ederit ton")).rejects.toMatchObject({ code: "wrong-text" });
    // a whole pair is a letter like any other
    expect((await read("\\ud83d\\udea2")).of[1]?.words).toBe("🚢");
  });

  it("leaves the items of a batch to be answered one by one", async () => {
    const body = '{"answers":[{"id":"a"},{"id":"\\u0000"}]}';
    expect((await readJson(post(body), StudyBatch)).answers).toHaveLength(2);
    expect(ItemAnswers.properties.answers.type).toBe("array");
  });

  it("refuses a body of a hundred thousand levels before it is built", async () => {
    const deep = "[".repeat(100_000) + "]".repeat(100_000);
    await expect(readJson(post(deep), Type.Unknown(), 1_000_000)).rejects.toMatchObject({
      status: 422,
      code: "too-deep",
    });
    expect(() => strictJson(new TextEncoder().encode(deep))).toThrow(expect.objectContaining({ code: "too-deep" }));
    // brackets in a text are no levels
    expect(await readJson(post(JSON.stringify("[".repeat(500))), Type.String())).toHaveLength(500);
  });

  it("takes a file made by hand with the line of what is wrong, and CSV with the mark that spreadsheets put in front", () => {
    const bytes = (text: string) => new TextEncoder().encode(text);
    expect(() => strictJson(bytes('{\n "a": 1,\n "a": 2\n}'))).toThrow(
      expect.objectContaining({ code: "not-json", params: { what: expect.stringContaining("Line 3") } }),
    );
    expect(soundText(bytes("\uFEFFkey,name"))).toBe("key,name");
    expect(() => soundText(bytes("key\u0000"))).toThrow(expect.objectContaining({ code: "wrong-text" }));
    expect(() => soundText(new Uint8Array([0xe4]))).toThrow(expect.objectContaining({ code: "not-utf-8" }));
  });

  it("believes a declared length that is too large, without reading", async () => {
    const read = readBytes(post("{}", { "content-length": "40000000" }), 400_000);
    expect(await sentenceOf(read)).toBe("This is larger than 400 kB. Send less at once.");
  });

  it("stops reading when more comes than allowed, whatever was declared", async () => {
    let sent = 0;
    const endless = new ReadableStream({
      pull: (controller) => controller.enqueue(new Uint8Array((sent += 1) && 100_000)),
    });
    const read = readBytes(post(endless), 1_000_000);
    await expect(read).rejects.toMatchObject({ status: 413 });
    expect(sent).toBeLessThan(20);
  });
});

describe("an address", () => {
  const ById = Type.Object({ id: Type.String({ pattern: "^[0-9a-f-]{36}$" }) }, { additionalProperties: false });
  const After = Type.Object({ after: Type.Optional(Type.Integer({ minimum: 0 })) }, { additionalProperties: false });

  it("names a thing by an id and nothing else", () => {
    const id = "01a20b7a-4159-7077-9e5d-d6a66c4cc61c";
    expect(parseParams(ById, { id })).toEqual({ id });
    for (const text of ["", "1", `${id}'--`, "../../etc"])
      expect(() => parseParams(ById, { id: text })).toThrow(expect.objectContaining({ status: 404 }));
  });

  it("asks with whole numbers as numbers, and for nothing twice or unknown", () => {
    expect(parseQuery(After, new URLSearchParams("after=12"))).toEqual({ after: 12 });
    expect(parseQuery(null, new URLSearchParams())).toEqual({});
    for (const text of ["after=1.5", "after=-1", "after=x", "after=1&after=2", "before=3", "after=%00"])
      expect(() => parseQuery(After, new URLSearchParams(text))).toThrow(expect.objectContaining({ status: 422 }));
    expect(() => parseQuery(null, new URLSearchParams("x=1"))).toThrow(expect.objectContaining({ code: "wrong-form" }));
  });
});

describe("answering", () => {
  it("gives every answer a request id and keeps it out of caches", async () => {
    const { response, body } = await answer(async () => ({ counted: 3 }));
    expect([response.status, body]).toEqual([200, { counted: 3 }]);
    expect(response.headers.get("x-request-id")).toMatch(/^[0-9a-f-]{36}$/);
    expect(response.headers.get("cache-control")).toBe("private, no-store");
  });

  it("says a refusal with status, code, values, words and place, under the id of the log", async () => {
    const { response, body } = await answer(() => Promise.reject(new AppError("undecided", { count: 2 }, "where")));
    expect([response.status, body.error]).toEqual([
      409,
      {
        code: "undecided",
        params: { count: 2 },
        message: expect.stringMatching(/^2 differences are not decided yet/),
        where: "where",
        requestId: response.headers.get("x-request-id"),
      },
    ]);
  });

  it("says a computation's bad input with its place", async () => {
    const { response, body } = await answer(() => Promise.reject(new InputError("/lines/0/id", "stands twice")));
    expect([response.status, body.error.code, body.error.where, body.error.message]).toEqual([
      422,
      "wrong-input",
      "/lines/0/id",
      "stands twice",
    ]);
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
    await answer(async () => ({ counted: 1 }), post('{"count":4}'));
    const [entry] = logged.info.mock.calls[0] as unknown as [Record<string, unknown>];
    expect(Object.keys(entry).sort()).toEqual(["method", "ms", "requestId", "route", "status"]);
  });

  it("holds an answer to what the endpoint says, where tests ask for that", async () => {
    process.env.BRINECOVE_CHECK_CONTRACT = "yes";
    const { response } = await answer(async () => ({ counted: 3, price: 2 }) as { counted: number });
    expect(response.status).toBe(500);
    delete process.env.BRINECOVE_CHECK_CONTRACT;
  });
});

describe("changes from elsewhere", () => {
  const change = (headers: Record<string, string>) =>
    answer(
      async () => ({ counted: 1 }),
      new Request("http://127.0.0.1:4310/api/x", {
        method: "POST",
        body: '{"count":1}',
        headers: { host: own.host, "content-type": "application/json", ...headers },
      }),
    );

  it("are refused before any work is done", async () => {
    const work = jest.fn();
    const request = new Request("http://127.0.0.1:4310/api/x", {
      method: "POST",
      headers: { host: own.host, origin: "https://elsewhere.example" },
    });
    expect((await serve(count, work)(request, nowhere)).status).toBe(403);
    expect(work).not.toHaveBeenCalled();
  });

  it("are those of another site, of an unknown sender, and of a name that is no address", async () => {
    const foreign = [
      { origin: "https://elsewhere.example" },
      { origin: "null" },
      {},
      { "sec-fetch-site": "cross-site" },
    ];
    for (const headers of foreign as Record<string, string>[])
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

describe("what an answer is called when it is saved", () => {
  it.each([
    ["card-pale-heron.pdf", 'attachment; filename="card-pale-heron.pdf"'],
    // a curly apostrophe is no byte of a header: a plain name beside the whole one, percent-encoded (RFC 5987)
    ["Isa’s Tern.pdf", "attachment; filename=\"Isa?s Tern.pdf\"; filename*=UTF-8''Isa%E2%80%99s%20Tern.pdf"],
    ["Čedo.zip", "attachment; filename=\"?edo.zip\"; filename*=UTF-8''%C4%8Cedo.zip"],
    ['a "b".csv', 'attachment; filename="a \\"b\\".csv"'],
    ["a\r\nSet-Cookie: x=1\u0000.csv", 'attachment; filename="aSet-Cookie: x=1.csv"'],
  ])("%j", (name, header) => {
    expect(disposition(name)).toBe(header);
    expect(new Headers({ "content-disposition": disposition(name) }).get("content-disposition")).toBe(header);
  });
});

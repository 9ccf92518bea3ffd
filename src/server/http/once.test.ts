import { sendMessage } from "@/api/messages";
import { makeBookLink, noteCall } from "@/api/stays";
import { demoBase } from "@/testing/demo-base";
import { askedOnce, once } from "./once";

const base = demoBase("once");
const marked = (key: string) =>
  new Request("http://127.0.0.1/x", { method: "POST", headers: { "idempotency-key": key } });
const staff = (id: string) => ({ kind: "staff" as const, id });
const asked = (what: object, key = "key-of-one-tap", who = "maro") =>
  askedOnce(noteCall, marked(key), staff(who), what);

describe("a request that says it may be sent again", () => {
  it("is the same by who asks, for what and under which key", () => {
    const first = asked({ words: "no hot water" });
    expect(first).toMatch(/^[0-9a-f]{64}$/);
    expect(asked({ words: "no hot water" })).toBe(first);
    for (const other of [
      asked({ words: "no water" }),
      asked({ words: "no hot water" }, "another-tap"),
      asked({ words: "no hot water" }, "key-of-one-tap", "odile"),
    ])
      expect(other).not.toBe(first);
  });

  it("is none without a key, with an odd one, and where the answer holds a PIN", () => {
    expect(askedOnce(noteCall, new Request("http://127.0.0.1/x", { method: "POST" }), staff("maro"), {})).toBeNull();
    expect(asked({}, "short")).toBeNull();
    expect(askedOnce(makeBookLink, marked("key-of-one-tap"), staff("maro"), {})).toBeNull();
    // a message without a secret is: a second tap after a lost answer writes nothing twice
    expect(askedOnce(sendMessage, marked("key-of-one-tap"), staff("maro"), {})).not.toBeNull();
  });
});

describe("a guest or a device", () => {
  it.each(["charter", "device", "anyone"] as const)("of the kind %s fills no book of answers", (kind) =>
    expect(askedOnce(noteCall, marked("key-of-one-tap"), { kind, id: "guest" }, {})).toBeNull(),
  );
});

describe("work that is asked for once", () => {
  it("is done once, at the same time and later, and gives its first answer", async () => {
    let done = 0;
    const ask = () =>
      base.inBase((db) =>
        once(db, asked({ n: 1 }), () => {
          done += 1;
          return Promise.resolve({ done });
        }),
      );
    expect(await Promise.all([ask(), ask(), ask()])).toEqual([{ done: 1 }, { done: 1 }, { done: 1 }]);
    expect(await ask()).toEqual({ done: 1 });
    expect(done).toBe(1);
  });

  it("is done when the first try was refused or rolled back", async () => {
    const ask = (work: () => Promise<object>) => base.inBase((db) => once(db, asked({ n: 2 }), work));
    await expect(ask(() => Promise.reject(new Error("no connection")))).rejects.toThrow("no connection");
    expect(await ask(() => Promise.resolve({ kept: true }))).toEqual({ kept: true });
  });

  it("is done every time without a key", async () => {
    let done = 0;
    for (let i = 0; i < 2; i++) await base.inBase((db) => once(db, null, () => Promise.resolve({ done: (done += 1) })));
    expect(done).toBe(2);
  });
});

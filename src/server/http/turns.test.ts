import { inTurn } from "./turns";

/** Work that goes on until it is let go. */
function held() {
  const waiting: (() => void)[] = [];
  let running = 0;
  return {
    work: () => new Promise<void>((done) => ((running += 1), waiting.push(() => ((running -= 1), done())))),
    running: () => running,
    letGo: async () => {
      while (waiting.length > 0) {
        waiting.shift()?.();
        await new Promise((done) => setTimeout(done));
      }
    },
  };
}

it("lets three of a caller's calls run at once, and another caller's beside them", async () => {
  const [one, other] = [held(), held()];
  const calls = [...Array.from({ length: 10 }, () => inTurn("one", one.work)), inTurn("other", other.work)];
  await new Promise((done) => setTimeout(done));
  expect([one.running(), other.running()]).toEqual([3, 1]);
  await one.letGo();
  await other.letGo();
  await Promise.all(calls);
  expect(one.running()).toBe(0);
});

it("refuses what is too much to wait for, and takes calls again afterwards", async () => {
  const { work, letGo } = held();
  const calls = Array.from({ length: 203 }, () => inTurn("flood", work));
  await new Promise((done) => setTimeout(done));
  await expect(inTurn("flood", work)).rejects.toMatchObject({ code: "too-much-at-once" });
  await letGo();
  await Promise.all(calls);
  await expect(inTurn("flood", () => Promise.resolve(1))).resolves.toBe(1);
});

it("goes on after work that failed", async () => {
  await expect(inTurn("fails", () => Promise.reject(new Error("broken")))).rejects.toThrow("broken");
  await expect(inTurn("fails", () => Promise.resolve(1))).resolves.toBe(1);
});

import { isOwnHost } from "./own-host";

const before = process.env.ORIGIN;
afterEach(() => {
  if (before === undefined) delete process.env.ORIGIN;
  else process.env.ORIGIN = before;
});

it.each([
  ["127.0.0.1:4310", true],
  ["localhost:4310", true],
  ["[::1]:4310", true],
  [null, true],
  ["base.example", false],
  ["127.0.0.1.elsewhere.example", false],
  ["localhost.elsewhere.example:4310", false],
])("without an address of its own, %s is ours: %s", (host, own) => {
  delete process.env.ORIGIN;
  expect(isOwnHost(host)).toBe(own);
});

it("answers to the address people use, and to the machine itself, and to nothing else", () => {
  process.env.ORIGIN = "https://base.example";
  expect(["base.example", "127.0.0.1:4310", "other.example", "base.example:8080"].map(isOwnHost)).toEqual([
    true,
    true,
    false,
    false,
  ]);
});

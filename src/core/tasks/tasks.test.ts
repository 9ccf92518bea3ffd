import { mismatch } from "../../formats/validate";
import { demoYacht } from "../../testing/demo-yacht";
import { dueTasks, taskMinutes, type TaskFacts } from "./due";
import { tasksFaults } from "./faults";
import { Tasks, type Task } from "./task";
import { usualTasks } from "./usual";

const heron = demoYacht("pale-heron");
const facts = (change: Partial<TaskFacts> = {}): TaskFacts => ({
  yacht: "pale-heron",
  file: heron,
  backOn: "2027-06-12",
  outOn: "2027-06-12",
  ...change,
});
const keys = (change: Partial<TaskFacts> = {}, tasks: Tasks = usualTasks) =>
  dueTasks(tasks, facts(change)).map(({ key }) => key);
const one = (change: Partial<Task>): Tasks => ({ only: { ...usualTasks["clean"]!, ...change } });

describe("minutes of a task", () => {
  // by hand: 60 at 8 m and 150 at 16 m are 11.25 for each metre
  it.each<[number, number]>([
    [8, 60],
    [10, 85],
    [12, 105],
    [16, 150],
    [5, 60],
    [24, 150],
  ])("at %d m are %d", (lengthM, minutes) => {
    expect(taskMinutes({ small: 60, large: 150 }, lengthM)).toBe(minutes);
  });
});

describe("the tasks that are due", () => {
  it("are those of every turn-round where she goes out again the same day", () => {
    expect(keys()).toEqual(expect.arrayContaining(["sniff", "refuel", "clean", "linen", "keys"]));
    for (const idle of ["flush-heads", "fresh-water", "leave-alone", "bag-sails"]) expect(keys()).not.toContain(idle);
  });

  it("come with the days that she lies: from a fortnight on left alone and rinsed anew, from six weeks on laid up", () => {
    const after = (outOn: string) => keys({ outOn });
    expect(after("2027-06-25")).not.toContain("leave-alone");
    expect(after("2027-06-26")).toEqual(expect.arrayContaining(["leave-alone", "flush-heads", "fresh-water"]));
    expect(after("2027-07-23")).not.toContain("bag-sails");
    expect(after("2027-07-24")).toContain("bag-sails");
  });

  it("count her as having lain where nobody knows when she came back, and lay nothing up that nobody had out", () => {
    const unknown = keys({ backOn: null });
    expect(unknown).toContain("flush-heads");
    expect(unknown).not.toContain("leave-alone");
  });

  it("stand in the order of the round", () => {
    const all = keys({ backOn: "2026-10-10" });
    expect(all.indexOf("leave-alone")).toBeLessThan(all.indexOf("sniff"));
    expect(all.indexOf("sniff")).toBeLessThan(all.indexOf("first-switch"));
    expect(all.indexOf("clean")).toBeLessThan(all.indexOf("keys"));
    expect(all.at(-1)).toBe("shore-power");
  });

  it.each<[string, Partial<Task>, Partial<TaskFacts>, boolean]>([
    ["a head she has", { needs: "head" }, {}, true],
    ["a head she has not", { needs: "head" }, { file: { ...heron, heads: {} } }, false],
    ["no fuel tank", { needs: "fuel-tank" }, { file: { ...heron, tanks: {} } }, false],
    ["no tender", { needs: "tender" }, { file: { ...heron, tenders: {} } }, false],
    ["another yacht", { onlyOn: ["gannet-rock"] }, {}, false],
    ["this yacht", { onlyOn: ["gannet-rock", "pale-heron"] }, {}, true],
  ])("fit the yacht: %s", (_what, task, change, isDue) => {
    expect(keys(change, one(task))).toEqual(isDue ? ["only"] : []);
  });

  it("leave out a tender that is ashore", () => {
    const tenders = Object.fromEntries(
      Object.entries(heron.tenders).map(([key, tender]) => [
        key,
        { ...tender, outOfUse: { how: "ashore" as const, since: "2027-06-01", why: { en: "torn" } } },
      ]),
    );
    expect(Object.keys(tenders)).not.toEqual([]);
    expect(keys({}, one({ needs: "tender" }))).toEqual(["only"]);
    expect(keys({ file: { ...heron, tenders } }, one({ needs: "tender" }))).toEqual([]);
  });
});

describe("a list of tasks", () => {
  it("is sound as it comes", () => {
    expect(mismatch(Tasks, usualTasks)).toBeNull();
    expect(tasksFaults(usualTasks)).toEqual([]);
  });

  it.each<[string, (tasks: Tasks) => Tasks, { what: string; key: string }]>([
    [
      "two of one name",
      (tasks) => ({ ...tasks, more: { ...tasks["clean"]!, name: { en: "refuel " } } }),
      { what: "name-twice", key: "more" },
    ],
    [
      "no days",
      (tasks) => ({ ...tasks, clean: { ...tasks["clean"]!, when: "after-idle" } }),
      { what: "days-missing", key: "clean" },
    ],
    ["no sniffing", ({ sniff: _sniff, ...tasks }) => tasks, { what: "sniff-missing", key: "sniff" }],
    [
      "sniffing after the first switch",
      (tasks) => ({ ...tasks, sniff: { ...tasks["sniff"]!, step: 5 } }),
      { what: "sniff-missing", key: "sniff" },
    ],
    [
      "sniffing on one yacht alone",
      (tasks) => ({ ...tasks, sniff: { ...tasks["sniff"]!, onlyOn: ["pale-heron"] } }),
      { what: "sniff-missing", key: "sniff" },
    ],
  ])("is refused with %s", (_what, change, fault) => {
    expect(tasksFaults(change(usualTasks))).toEqual([fault]);
  });
});

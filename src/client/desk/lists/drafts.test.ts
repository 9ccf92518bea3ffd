import { Extra } from "@/core/extras/extra";
import { Task } from "@/core/tasks/task";
import { usualTasks } from "@/core/tasks/usual";
import { parseAs } from "@/formats/validate";
import { extraFaults, extraOf, typedExtra, type ExtraField, type ExtraFault } from "./extra-draft";
import { taskFaults, taskOf, typedTask, type TaskFault, type TaskField } from "./task-draft";

const board: Extra = {
  name: { en: "Paddle board", de: "Stehbrett" },
  where: { en: "rolled up in the quarter berth" },
  places: ["cabin", "aft"],
  system: "comfort",
  group: "deck",
  stock: 3,
  hireMinor: 9050,
  hirePer: "charter",
  replacementMinor: 62000,
  boughtOn: "2026-04-01",
  lifeMonths: 72,
  test: { how: { en: "Pump it up and leave it an hour." } },
  brief: { say: { en: "Never in an offshore wind." }, minutes: 4 },
} as Extra;
const typed = (change: Partial<Record<ExtraField, string>> = {}) => ({
  ...typedExtra(board, "EUR", "cabin", "2027-06-12"),
  ...change,
});

describe("an extra as it is typed", () => {
  it("comes back as it was, with the words of other languages and the places that its fields do not show", () => {
    expect(extraOf(typed(), board, false, "EUR")).toEqual(board);
  });

  it("begins with what is usual, and lacks a name and where it lies", () => {
    const fresh = typedExtra(null, "EUR", "cabin", "2027-06-12");
    expect(extraFaults(fresh, "EUR")).toEqual({ name: "name-missing", where: "where-missing" });
    const made = extraOf({ ...fresh, name: " Cool box ", where: "saloon" }, null, false, "EUR");
    expect(parseAs(Extra, made)).toMatchObject({
      name: { en: "Cool box" },
      places: ["cabin"],
      stock: 1,
      hireMinor: 0,
      boughtOn: "2027-06-12",
    });
    expect(made).not.toHaveProperty("test");
    expect(made).not.toHaveProperty("brief");
    expect(made).not.toHaveProperty("jacketKg");
  });

  // money as ISO 4217 counts it: the yen has no smaller unit, the euro two digits
  it("takes money in the base's own currency", () => {
    expect(extraOf(typed({ hire: "120,5" }), board, false, "EUR").hireMinor).toBe(12050);
    expect(typedExtra({ ...board, hireMinor: 1200 }, "JPY", "cabin", "2027-06-12").hire).toBe("1200");
    expect(extraOf(typed({ hire: "1200", replacement: "8000" }), board, false, "JPY")).toMatchObject({
      hireMinor: 1200,
      replacementMinor: 8000,
    });
  });

  it.each<[ExtraField, string, ExtraFault | undefined]>([
    ["name", "  ", "name-missing"],
    ["where", "", "where-missing"],
    ["stock", "0", "number-wrong"],
    ["stock", "2.5", "number-wrong"],
    ["stock", "12", undefined],
    ["hire", "ten", "price-wrong"],
    ["replacement", "10.005", "price-wrong"],
    ["replacement", "-5", "price-wrong"],
    ["boughtOn", "2026-02-30", "day-wrong"],
    ["boughtOn", "2026-02-28", undefined],
    ["lifeMonths", "", "number-wrong"],
    ["minutes", "0", "minutes-wrong"],
    ["minutes", "61", "minutes-wrong"],
    ["minutes", "60", undefined],
    ["jacketFrom", "heavy", "weight-wrong"],
    ["jacketFrom", "201", "weight-wrong"],
    ["jacketFrom", "40", undefined],
  ])("%s, typed as “%s”: %s", (field, text, fault) => {
    expect(extraFaults(typed({ [field]: text }), "EUR")[field]).toBe(fault);
  });

  it.each([
    ["", "90", "jacketFrom"],
    ["40", "30", "jacketTo"],
    ["40", "401", "jacketTo"],
    ["0", "0", "jacketTo"],
  ])("a jacket from “%s” to “%s” is refused at %s", (jacketFrom, jacketTo, at) => {
    expect(Object.keys(extraFaults(typed({ jacketFrom, jacketTo }), "EUR"))).toEqual([at]);
  });

  it("fits whom it is told to fit, or everybody from a weight on", () => {
    expect(extraOf(typed({ jacketFrom: "40", jacketTo: "90" }), board, true, "EUR")).toMatchObject({
      jacketKg: { from: 40, to: 90 },
      safety: true,
    });
    expect(extraOf(typed({ jacketFrom: "40" }), board, false, "EUR").jacketKg).toEqual({ from: 40 });
    expect(extraOf(typed(), { ...board, jacketKg: { from: 40 }, safety: true } as Extra, false, "EUR")).toEqual(board);
  });

  it("is neither tried nor said where its words are taken out", () => {
    const plain = extraOf(typed({ testHow: "", say: "" }), board, false, "EUR");
    expect(plain).not.toHaveProperty("test");
    expect(plain).not.toHaveProperty("brief");
  });
});

describe("a task as it is typed", () => {
  it("comes back as it was, each of the usual ones", () => {
    expect(Object.keys(usualTasks).length).toBeGreaterThan(5);
    for (const task of Object.values(usualTasks)) {
      expect(taskFaults(typedTask(task))).toEqual({});
      expect(taskOf(typedTask(task), task, task.onlyOn ?? [])).toEqual(task);
    }
  });

  it("begins with what is usual, and lacks a name and how", () => {
    const fresh = typedTask(null);
    expect(taskFaults(fresh)).toEqual({ name: "name-missing", how: "how-missing" });
    expect(parseAs(Task, taskOf({ ...fresh, name: "Air her", how: "Hatches open for an hour." }, null, []))).toEqual({
      name: { en: "Air her" },
      how: { en: "Hatches open for an hour." },
      section: "turn-round",
      step: 50,
      minutes: { small: 10, large: 20 },
      when: "always",
    });
  });

  it.each<[Partial<Record<TaskField, string>>, Partial<Record<TaskField, TaskFault>>]>([
    [{ step: "100" }, { step: "number-wrong" }],
    [{ small: "601" }, { small: "number-wrong" }],
    [{ large: "-1" }, { large: "number-wrong" }],
    [{ when: "before-idle", days: "" }, { days: "days-missing" }],
    [{ when: "before-idle", days: "0" }, { days: "days-missing" }],
    [{ when: "before-idle", days: "14" }, {}],
    [{ when: "always", days: "" }, {}],
  ])("%j: %j", (change, faults) => {
    expect(taskFaults({ ...typedTask(null), name: "a", how: "b", ...change })).toEqual(faults);
  });

  it("keeps its days only where they are asked for, and the yachts it is for only where some are named", () => {
    const typedOne = { ...typedTask(null), name: "a", how: "b", when: "after-idle", days: "21" };
    expect(taskOf(typedOne, null, ["quillback"])).toMatchObject({ days: 21, onlyOn: ["quillback"] });
    const always = taskOf({ ...typedOne, when: "always" }, null, []);
    expect(always).not.toHaveProperty("days");
    expect(always).not.toHaveProperty("onlyOn");
  });
});

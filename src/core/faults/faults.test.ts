import { demoYacht } from "../../testing/demo-yacht";
import type { AnswerSaid, TroubleAnswer, TroubleCall, TroubleEntry } from "./entry";
import { faultsOf, type Fault } from "./fault";
import { faultKinds } from "./kinds";
import { byUrgency, callOf } from "./call";
import { foundBy, safeCheck, standOf } from "./lead";
import { learnedChances, nothingFound } from "./learn";
import { checksLeft } from "./next-check";
import { troublesOf, type Trouble } from "./trouble";

const yachts = ["pale-heron", "quillback", "cold-harbour", "gannet-rock", "two-lanterns", "little-auk"];
const fleet = yachts.map((name) => ({ name, file: demoYacht(name), faults: faultsOf(demoYacht(name)) }));
const all = fleet.flatMap(({ name, file, faults }) => faults.map((fault) => ({ name, file, fault })));
const of = (yacht: string, key: string) => {
  const found = all.find((each) => each.name === yacht && each.fault.key === key);
  if (!found) throw new Error(`${yacht} has no ${key}`);
  return found;
};

describe("the usual faults", () => {
  it("are forty kinds at least, each on one of the boats", () => {
    expect(faultKinds.length).toBeGreaterThanOrEqual(40);
    const met = new Set(all.map(({ fault }) => fault.kind));
    expect(faultKinds.map(({ kind }) => kind).filter((kind) => !met.has(kind))).toEqual([]);
  });

  it("have one key each, chances that sum to 1 at most, and places, fittings and checks that are there", () => {
    for (const { name, file, faults } of fleet) {
      expect(new Set(faults.map(({ key }) => key)).size).toBe(faults.length);
      for (const { key, checks } of faults) {
        const where = `${name} ${key}`;
        const keys = checks.map((check) => check.key);
        expect([where, new Set(keys).size]).toEqual([where, keys.length]);
        expect(checks.reduce((sum, { chance }) => sum + chance, 0)).toBeLessThanOrEqual(1 + 1e-9);
        for (const { place, fitting, after } of checks) {
          expect([where, place, file.places[place] === undefined]).toEqual([where, place, false]);
          if (fitting !== null)
            expect([where, fitting, file.fittings[fitting] === undefined]).toEqual([where, fitting, false]);
          expect([where, after.filter((other) => !keys.includes(other))]).toEqual([where, []]);
        }
      }
    }
  });

  it("ask nothing of what she has not got", () => {
    const keys = (yacht: string) => fleet.find(({ name }) => name === yacht)!.faults.map(({ key }) => key);
    // the simple one has neither thruster nor generator; the day boat no windlass, no shore power, an outboard
    expect(keys("pale-heron").filter((key) => /thruster|generator|inverter|winch-dead|aircon/.test(key))).toEqual([]);
    expect(keys("little-auk").filter((key) => /windlass|shore|gas|head-|fridge|engine-no-start/.test(key))).toEqual([]);
    expect(keys("little-auk")).toContain("outboard-main-no-start");
    // two engines and two heads are told apart
    expect(keys("two-lanterns").filter((key) => key.startsWith("engine-no-start"))).toHaveLength(2);
    expect(keys("gannet-rock").filter((key) => key.startsWith("head-blocked"))).toHaveLength(2);
  });

  it("of one engine of two look at that engine's own fittings", () => {
    const { file, faults } = fleet.find(({ name }) => name === "two-lanterns")!;
    const [port, starboard] = faults.filter(({ kind }) => kind === "engine-no-cooling-water");
    const side = ({ place }: { place: string }) => file.places[place]!.side;
    for (const fault of [port!, starboard!])
      for (const check of fault.checks.filter(({ fitting }) => fitting !== null))
        expect([check.key, side(check)]).toEqual([check.key, file.places[fault.place]!.side]);
    expect(port!.checks.map(({ fitting }) => fitting)).not.toEqual(starboard!.checks.map(({ fitting }) => fitting));
  });

  it("let a crew push a breaker back only after its wait, and only where her file lets them", () => {
    const { file, fault } = of("gannet-rock", "windlass-dead");
    const breaker = fault.checks.find(({ code }) => code === "breaker")!;
    expect([breaker.found, breaker.waitMinutes, breaker.isOnce]).toEqual(["cure", 5, true]);
    const stricter = structuredClone(file);
    stricter.fittings[breaker.fitting!]!.mayReset = "call-first";
    const again = faultsOf(stricter)
      .find(({ key }) => key === "windlass-dead")!
      .checks.find(({ code }) => code === "breaker")!;
    expect([again.found, again.waitMinutes]).toEqual(["call", null]);
  });

  it("leave out what is out of use", () => {
    const file = structuredClone(of("gannet-rock", "generator-stops").file);
    file.generators.generator!.outOfUse = { since: "2027-06-01", words: { en: "at the workshop" } } as never;
    expect(faultsOf(file).filter(({ key }) => key.startsWith("generator"))).toEqual([]);
  });
});

let count = 0;
const uuid = () => `00000000-0000-7000-8000-${String(++count).padStart(12, "0")}`;
const minute = (minutes: number) => new Date(Date.parse("2027-06-14T21:00:00Z") + minutes * 60_000).toISOString();
/** A trouble on paper: begun, and answered in this order, a minute apart. */
function answered(fault: Fault, ...said: [TroubleAnswer["about"], string, AnswerSaid, basis?: string[]][]) {
  const begun: TroubleEntry = { kind: "trouble", id: uuid(), at: minute(0), fault: fault.key };
  const answers = said.map(([about, check, each, basis = []], index): TroubleAnswer => ({
    ...{ kind: "trouble-answer", id: uuid(), at: minute(index + 1), trouble: begun.id },
    ...{ about, check, said: each, basis },
  }));
  return { begun, answers, trouble: troublesOf([begun, ...answers])[0] as Trouble };
}
const safe = ["safe", safeCheck, "yes"] as const;

describe("being led", () => {
  it("every fault: nothing found ends at the base, each cause at a cure, a card, another fault or the base", () => {
    for (const { file, fault } of all) {
      const said: [TroubleAnswer["about"], string, AnswerSaid][] = fault.safe.length > 0 ? [[...safe]] : [];
      for (let step = 0; step <= fault.checks.length; step++) {
        const stand = standOf(file, fault, answered(fault, ...said).trouble);
        if (step === fault.checks.length) {
          expect([fault.key, stand]).toEqual([fault.key, { at: "call", reason: "none-left", check: null }]);
          break;
        }
        if (stand.at !== "check") throw new Error(`${fault.key}: ${stand.at}`);
        expect([stand.number, stand.of]).toEqual([step + 1, fault.checks.length]);
        const found = standOf(file, fault, answered(fault, ...said, ["look", stand.check.key, "is"]).trouble);
        const leads = stand.check.found;
        const last = step + 1 === fault.checks.length;
        expect([fault.key, stand.check.key, found.at]).toEqual([
          fault.key,
          stand.check.key,
          typeof leads === "object"
            ? "card" in leads
              ? "card"
              : "other-fault"
            : { cure: "cure", call: "call", licensed: "call", worked: "works", next: last ? "call" : "check" }[leads],
        ]);
        said.push(["look", stand.check.key, step % 2 === 0 ? "not" : "cannot-find"]);
      }
    }
  });

  it("asks whether all is safe before anything else", () => {
    const { file, fault } = of("pale-heron", "windlass-dead");
    expect(standOf(file, fault, answered(fault).trouble)).toEqual({ at: "safe" });
  });

  it("ends at a licensed technician where gas burns badly or a plug is burnt, and that is its cause", () => {
    const { file, fault } = of("pale-heron", "gas-yellow");
    const found = answered(fault, [...safe], ["look", "smell-gas", "not"], ["look", "sooty-flame", "is"]).trouble;
    expect(standOf(file, fault, found)).toMatchObject({ at: "call", reason: "licensed" });
    expect(foundBy(fault, found)?.key).toBe("sooty-flame");
    const plug = of("pale-heron", "no-shore-power");
    const burnt = answered(plug.fault, [...safe], ["look", "plug-wet", "is"]).trouble;
    expect(standOf(plug.file, plug.fault, burnt)).toMatchObject({ at: "call", reason: "licensed" });
  });

  it("waits for the motor from the answer on, over any restart, and calls after a second trip", () => {
    const { file, fault } = of("pale-heron", "windlass-dead");
    const found = answered(fault, [...safe], ["look", "breaker", "is"]);
    expect(standOf(file, fault, found.trouble)).toMatchObject({ at: "cure", since: minute(2), until: minute(7) });
    const tried = answered(fault, [...safe], ["look", "breaker", "is"], ["tried", "breaker", "not-yet"]);
    expect(standOf(file, fault, tried.trouble)).toMatchObject({ at: "call", reason: "again" });
    const works = answered(fault, [...safe], ["look", "breaker", "is"], ["tried", "breaker", "works"]).trouble;
    expect(standOf(file, fault, works)).toMatchObject({ at: "works" });
    expect(foundBy(fault, works)?.key).toBe("breaker");
    // the panel's switch may be tried again without harm: one goes on
    const other = answered(fault, [...safe], ["look", "switch-off", "is"], ["tried", "switch-off", "not-yet"]);
    expect(standOf(file, fault, other.trouble).at).toBe("check");
  });

  it("takes safety first, whatever its chance, and the card by itself", () => {
    const { file, fault } = of("gannet-rock", "gas-no-flame");
    const first = standOf(file, fault, answered(fault, [...safe]).trouble);
    expect(first).toMatchObject({ at: "check", check: { code: "smell-gas" } });
    const smelt = answered(fault, [...safe], ["look", "smell-gas", "is"]).trouble;
    expect(standOf(file, fault, smelt)).toMatchObject({ at: "card", card: "gas" });
    const dealt = answered(fault, [...safe], ["look", "smell-gas", "is"], ["tried", "smell-gas", "went-on"]).trouble;
    expect(standOf(file, fault, dealt).at).toBe("check");
  });

  it("shows two answers that did not know of each other, and takes the one that settles them", () => {
    const { file, fault } = of("pale-heron", "no-water");
    const begun: TroubleEntry = { kind: "trouble", id: uuid(), at: minute(0), fault: fault.key };
    const one = (said: AnswerSaid, at: number, basis: string[] = []): TroubleAnswer => ({
      ...{ kind: "trouble-answer", id: uuid(), at: minute(at), trouble: begun.id, about: "look", check: "switch-off" },
      ...{ said, basis },
    });
    const [mine, theirs] = [one("is", 1), one("not", 1)];
    const forked = troublesOf([begun, mine, theirs])[0]!;
    expect(standOf(file, fault, forked)).toMatchObject({ at: "fork", check: { key: "switch-off" } });
    // in whatever order, and twice: the same
    expect(troublesOf([theirs, begun, mine, theirs])).toEqual([forked]);
    const settled = troublesOf([begun, mine, theirs, one("not", 3, [mine.id, theirs.id])])[0]!;
    expect(standOf(file, fault, settled)).toMatchObject({ at: "check", number: 2 });
    // two that say the same are no fork
    expect(standOf(file, fault, troublesOf([begun, mine, one("is", 2)])[0]!).at).toBe("cure");
  });

  it("goes on with a changed answer", () => {
    const { file, fault } = of("pale-heron", "no-water");
    const first = answered(fault, ["look", "switch-off", "is"]);
    const [before] = first.answers;
    const changed: TroubleAnswer = { ...before!, id: uuid(), at: minute(5), said: "not", basis: [before!.id] };
    expect(standOf(file, fault, troublesOf([first.begun, before!, changed])[0]!).at).toBe("check");
  });

  it("orders what is left by what was learned", () => {
    const { file, fault } = of("pale-heron", "no-hot-water");
    const usual = checksLeft(file, fault, new Set(), fault.place);
    const learned = Object.fromEntries(fault.checks.map(({ key }) => [key, 0.02]));
    const last = usual.at(-1)!.key;
    const other = checksLeft(file, fault, new Set(), fault.place, { ...learned, [last]: 0.9 });
    expect(other[0]!.key).toBe(last);
    // a place that no way leads to leaves nobody without an answer
    expect(checksLeft({ ...file, ways: {} }, fault, new Set(), fault.place)).toHaveLength(fault.checks.length);
  });

  it("ends, and what ended is over", () => {
    const { file, fault } = of("pale-heron", "no-water");
    const { begun, answers } = answered(fault, ["look", "switch-off", "is"]);
    const end: TroubleEntry = {
      ...{ kind: "trouble-end", id: uuid(), at: minute(9), trouble: begun.id },
      ...{ outcome: "works", found: "switch-off", words: "" },
    };
    const [trouble] = troublesOf([begun, ...answers, end]);
    expect(standOf(file, fault, trouble!)).toMatchObject({ at: "works", check: { key: "switch-off" } });
  });
});

describe("what is learned", () => {
  const { fault } = of("pale-heron", "windlass-dead");
  const none = { yacht: nothingFound, sisters: nothingFound, others: nothingFound };
  const sum = (chances: object) => (Object.values(chances) as number[]).reduce((all, each) => all + each, 0);

  it("is the usual chance before anything was found", () => {
    const chances = learnedChances(fault, none);
    for (const { key, chance } of fault.checks) expect(chances[key]).toBeCloseTo(chance, 12);
  });

  it("counts this yacht whole, her sisters by half and the others by a quarter, reckoned by hand", () => {
    const found = (count: number) => ({ ended: count, found: { "remote-plug": count } });
    const chances = learnedChances(fault, { yacht: found(4), sisters: found(4), others: found(4) });
    // 10 · 0.12 + 4 + 2 + 1 of 10 + 7
    expect(chances["remote-plug"]).toBeCloseTo(8.2 / 17, 9);
    expect(chances.breaker).toBeCloseTo(2.8 / 17, 9);
  });

  it("never falls below 0.02, and sums to 1 at most", () => {
    const chances = learnedChances(fault, { ...none, yacht: { ended: 500, found: { breaker: 500 } } });
    expect(Math.min(...(Object.values(chances) as number[]))).toBeCloseTo(0.02, 9);
    expect(sum(chances)).toBeLessThanOrEqual(1 + 1e-9);
    expect(chances.breaker).toBeGreaterThan(0.9);
    const runs = of("pale-heron", "water-pump-runs").fault;
    // what makes her safe and finds nothing stays at none
    expect(learnedChances(runs, none)["pump-off-first"]).toBe(0);
  });
});

describe("calls", () => {
  const { fault } = of("pale-heron", "no-water");
  const called = (urgency: "now" | "today", at: number): TroubleEntry[] => {
    const begun: TroubleEntry = { kind: "trouble", id: uuid(), at: minute(at), fault: fault.key };
    const call: TroubleEntry = {
      ...{ kind: "trouble-call", id: uuid(), at: minute(at + 1), trouble: begun.id, urgency, persons: 2, words: "" },
      saidAt: minute(at + 1),
    };
    return [begun, call];
  };

  it("are open until the base answers or the trouble ends, and open again when the crew calls again", () => {
    const [begun, call] = called("now", 0) as [TroubleEntry, TroubleEntry];
    const received = new Map([[call.id, minute(30)]]);
    const trouble = troublesOf([begun, call])[0]!;
    expect(callOf(trouble, received, [])).toMatchObject({ isOpen: true, receivedAt: minute(30) });
    const answer = (at: number) => ({ trouble: begun.id, at: minute(at), words: "wait" });
    expect(callOf(trouble, received, [answer(31)])?.isOpen).toBe(false);
    expect(callOf(trouble, received, [answer(29)])?.isOpen).toBe(true);
    const again: TroubleEntry = { ...(call as TroubleCall), id: uuid(), at: minute(60), saidAt: minute(60) };
    const more = new Map([...received, [again.id, minute(61)]]);
    expect(callOf(troublesOf([begun, call, again])[0]!, more, [answer(31)])?.isOpen).toBe(true);
    expect(callOf(troublesOf([begun])[0]!, received, [])).toBeNull();
  });

  it("stand urgent first, and of equal ones who waits longest", () => {
    const call = (urgency: "now" | "today" | "tomorrow", at: number) => ({ urgency, receivedAt: minute(at) });
    const all = [call("today", 0), call("now", 9), call("tomorrow", 0), call("now", 3)];
    expect(all.toSorted(byUrgency)).toEqual([all[3], all[1], all[0], all[2]]);
  });
});

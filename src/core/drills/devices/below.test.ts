import { play } from "../../../testing/drill";
import { restVoltsOf } from "./batteries";

type More = Parameters<typeof play>[3];

describe("a pilot", () => {
  const pilot = (words: string, until: number, more: More = {}) =>
    play("pilot", words, until, { task: "test", ...more });

  it("is tried by ten each way in auto, then standby", () => {
    const tens = "1 auto; 1.1 -auto; 2 port-10; 2.1 -port-10; 8 starboard-10; 8.1 -starboard-10; ";
    expect(pilot(`${tens}20 standby`, 21)).toMatchObject({ done: true, clean: true, state: { mode: "standby" } });
    expect(pilot(tens, 21)).toMatchObject({ done: false, state: { mode: "auto", headingDeg: 0, courseDeg: 0 } });
    // 3° a second: 350 after 3.33 s
    expect(pilot("1 auto; 2 port-10", 4).state.headingDeg).toBeCloseTo(354, 1);
    expect(pilot("1 auto; 2 port-10", 9).state).toMatchObject({ headingDeg: 350, courseDeg: 350 });
    expect(pilot("2 port-10; 3 standby", 9).state.courseDeg).toBe(0);
  });
  it("is not steered against, nor left near land, nor turned by the knob", () => {
    expect(pilot("1 auto; 2 wheel=5; 3 wheel=-6", 4).wrong).toEqual(["steered-against-it@3"]);
    expect(pilot("0 landNm=0.2; 1 auto; 10.9 landNm=1; 12 landNm=0.2", 21).wrong).toEqual([]);
    expect(pilot("0 landNm=0.2; 1 auto", 21).wrong).toEqual(["left-in-auto-near-land@11"]);
    const knob = pilot("0 focus=pilot; 1 auto; 2 knob=3; 4 knob=3; 5 focus=chart; 6 knob=2", 20);
    expect([knob.wrong, knob.state.courseDeg]).toEqual([["knob-turned-the-boat@2", "knob-turned-the-boat@4"], 6]);
  });
  it("on a tiller needs plug and arm, and without instruments or drive does nothing", () => {
    const tiller = { setup: { kind: "tiller" } };
    expect(pilot("1 plug=in; 2 auto; 2.1 -auto; 3 arm=in; 4 auto", 5, tiller)).toMatchObject({
      wrong: ["plug-or-arm-not-in@2"],
      state: { mode: "auto" },
    });
    expect(pilot("1 auto", 5, { faults: ["instruments-off"] }).state.mode).toBe("standby");
    expect(pilot("1 auto; 2 starboard-10", 9, { faults: ["drive-dead"] }).state).toMatchObject({
      headingDeg: 0,
      courseDeg: 10,
    });
  });
});

describe("the sources", () => {
  const sources = (words: string, until: number, more: More = {}) =>
    play("sources", words, until, { task: "shore", ...more });
  const plugged = "0 boat-end=in; 1 quay-end=in; 2 pedestal=on; 3 main=on; 4 feed-shore=on; ";

  it("are shore's once both ends are in, then the pedestal, then the switch aboard", () => {
    expect(sources(plugged, 5)).toMatchObject({ done: true, clean: true, state: { source: "shore" } });
    expect(sources(plugged, 5, { faults: ["pedestal-dead"] }).state.source).toBe("none");
    expect(sources("0 pedestal=on; 1 boat-end=in; 2 quay-end=in; 3 boat-end=out", 5).wrong).toEqual([
      "plugged-live@2",
      "plugged-live@3",
    ]);
  });
  it("are one at a time, by the interlock or by hand", () => {
    const locked = sources(`${plugged}6 feed-inverter=on`, 8);
    expect([locked.wrong, locked.happened, locked.state["feed-inverter"]]).toEqual([
      ["two-sources@6"],
      ["blocked@6"],
      "off",
    ]);
    const open = sources(`${plugged}6 feed-inverter=on`, 8, { setup: { interlock: false } });
    expect([open.wrong, open.happened, open.state["feed-inverter"]]).toEqual([["two-sources@6"], [], "on"]);
  });
  it("the generator fires after its preheating, carries load once steady, and cools before it stops", () => {
    const generator = (words: string, until: number, more: More = {}) =>
      sources(words, until, { task: "generator", ...more });
    // fires at 11, steady at 31; load off at 60, cool at 240
    const good = "1 gen-start; 1.1 -gen-start; 30 feed-generator=on; 31 load=2000; 60 load=0; 240.1 gen-stop";
    expect(generator(good, 241)).toMatchObject({ done: true, clean: true, happened: ["fires@11"] });
    expect(generator("1 gen-start; 5 feed-generator=on; 6 load=100", 40).wrong).toEqual(["generator-under-load@6"]);
    expect(generator("1 gen-start; 40 feed-generator=on; 41 load=100; 60 load=0; 239 gen-stop", 240).wrong).toEqual([
      "stopped-under-load@239",
    ]);
    expect(generator("1 gen-start; 5 gen-stop", 40)).toMatchObject({ done: false, wrong: [], happened: [] });
    // dry for 15 + 10 s after firing
    expect(generator("0 gen-seacock=shut; 1 gen-start", 40).wrong).toEqual(["generator-without-water@36"]);
    expect(generator("1 gen-start", 40, { faults: ["generator-no-water"] }).wrong).toEqual([
      "generator-without-water@36",
    ]);
    expect(generator("1 gen-start; 60 gen-seacock=shut", 70).wrong).toEqual(["generator-without-water@60"]);
    expect(generator("1 gen-start", 40).state.genWaterLpm).toBeGreaterThan(0);
  });
  it("tell of wrong polarity, of too much for the inverter, and of a live cord in the water", () => {
    const lit = { faults: ["reverse-polarity"] };
    expect(sources(`${plugged}7.9 main=off`, 20, lit).wrong).toEqual([]);
    const ignored = sources(plugged, 20, lit);
    expect([ignored.wrong, ignored.state.polarityLamp]).toEqual([["polarity-ignored@8"], true]);
    const over = sources("1 feed-inverter=on; 2 load=2001", 10);
    expect([over.wrong, over.happened, over.state.source]).toEqual([["inverter-overloaded@5"], ["trips@5"], "none"]);
    expect(sources("1 feed-inverter=on; 2 load=2000", 10).wrong).toEqual([]);
    expect(sources(`${plugged}6 cord=in-water`, 8).wrong).toEqual(["shore-cord-in-the-water@6"]);
  });
});

describe("gas", () => {
  const gas = (words: string, until: number, more: More = {}) => play("gas", words, until, { task: "cook", ...more });
  const lit = "0 bottle=open; 1 tap=open; 2 knob=on; 2 push; 3 lighter; 3.1 -lighter; ";

  it("is cooked with, and shut at knob, tap and bottle", () => {
    const run = gas(`${lit}8.5 -push; 35 knob=off; 36 tap=shut; 37 bottle=shut; 38 leave`, 39);
    expect([run.wrong, run.done, run.state.flame]).toEqual([[], true, false]);
    // a second unlit between push and lighter
    expect(run.state.bilgeG).toBeCloseTo(1, 6);
    expect(gas(`${lit}8.5 -push; 20 knob=off; 36 tap=shut; 37 bottle=shut`, 39).done).toBe(false);
  });
  it("goes out where the knob is let go before the guard is hot, or the guard is dead", () => {
    expect(gas(`${lit}7.9 -push`, 9)).toMatchObject({ wrong: ["let-go-too-soon@7.9"], state: { flame: false } });
    expect(gas(`${lit}8 -push`, 9)).toMatchObject({ wrong: [], state: { flame: true } });
    expect(gas(`${lit}9 -push`, 10, { faults: ["guard-dead"] })).toMatchObject({ wrong: [], state: { flame: false } });
  });
  it("is not left burning, nor with the bottle open", () => {
    expect(gas(`${lit}9 -push; 10 leave`, 11).wrong).toEqual(["burner-left@10"]);
    expect(gas("0 bottle=open; 1 leave; 2 tap=open; 3 leave; 4 knob=on; 5 leave", 6).wrong).toEqual([
      "tap-shut-bottle-open@1",
      "tap-shut-bottle-open@3",
      "burner-left@5",
    ]);
  });
  it("in the bilge is pumped out by hand: no switch, no solenoid, no flame, all on deck", () => {
    const smell = (words: string, until: number, more: More = {}) =>
      gas(words, until, { task: "smell", faults: ["leak"], ...more });
    // 2 g a second: 20 g at 11 s
    const leak = "1 bottle=open; 12 bottle=shut; ";
    expect(smell(`${leak}13 switch=on; 14 tap=open`, 15)).toMatchObject({ wrong: ["switched-at-smell@13"] });
    expect(smell(`${leak}14 tap=open`, 15, { setup: { shutOff: "solenoid" } }).wrong).toEqual(["switched-at-smell@14"]);
    expect(smell(`${leak}13 lighter`, 15).wrong).toEqual(["relit-with-gas-in-the-bilge@13"]);
    const strokes = Array.from({ length: 9 }, (_, at) => `${14 + at} bilge-pump; ${14.5 + at} -bilge-pump`).join("; ");
    const run = smell(`${leak}12.5 crew=deck; 13 hatches=open; ${strokes}`, 30);
    // 22 g less nine strokes
    expect([run.wrong, run.done, run.state.bilgeG]).toEqual([[], true, expect.closeTo(4, 6)]);
    expect(smell(`${leak}13 hatches=open; ${strokes}`, 30).done).toBe(false);
  });
});

describe("a head", () => {
  const head = (words: string, until: number, more: More = {}) =>
    play("head", words, until, { task: "flush", ...more });
  const strokes = (from: number, count: number) =>
    Array.from({ length: count }, (_, at) => `${from + at} stroke; ${from + at + 0.5} -stroke`).join("; ");

  it("is flushed with enough strokes and locked", () => {
    const run = head(`0 use; 1 side=flush; ${strokes(2, 15)}; 20 side=locked; 21 leave`, 22);
    expect([run.wrong, run.done, run.state.strokes]).toEqual([[], true, 15]);
    // 5 l and fifteen of 0.4
    expect(run.state.tankL).toBeCloseTo(11, 6);
    expect(
      head(`0 use; 1 side=flush; ${strokes(2, 14)}; 20 side=dry; 21 side=flush; 22 side=locked`, 23),
    ).toMatchObject({
      wrong: ["not-enough-strokes@20"],
      done: false,
    });
    expect(head("1 side=flush; 2 side=locked; 3 leave", 4).wrong).toEqual([]);
    expect(head("1 use; 2 side=flush; 3 leave; 4 leave", 5).wrong).toEqual([
      "not-enough-strokes@3",
      "left-on-flush@3",
      "left-on-flush@4",
    ]);
  });
  it("is not pumped against what is shut: the third stroke is told, the tenth bursts it", () => {
    const sea = { setup: { leadsTo: "sea", inHarbour: false } };
    const run = head(`1 side=flush; ${strokes(2, 12)}`, 20, sea);
    expect([run.wrong, run.happened]).toEqual([["pumped-against-shut@4"], ["bursts@11"]]);
    expect(head(`0 outlet=open; 1 side=flush; ${strokes(2, 12)}`, 20, sea)).toMatchObject({ wrong: [], happened: [] });
    expect(head(`1 side=flush; ${strokes(2, 3)}`, 20, { faults: ["tank-full"] }).wrong).toEqual([
      "pumped-against-shut@4",
    ]);
    const y = { setup: { leadsTo: "y" } };
    expect(head(`1 side=flush; ${strokes(2, 3)}`, 20, y).wrong).toEqual([]);
    expect(head(`0 y-valve=sea; 1 side=flush; ${strokes(2, 3)}`, 20, y).wrong).toEqual(["pumped-against-shut@4"]);
    // opened between, it counts anew
    const between = `${strokes(2, 2)}; 4.2 outlet=open; 4.4 outlet=shut; ${strokes(5, 2)}`;
    expect(head(`1 side=flush; ${between}`, 20, sea).wrong).toEqual([]);
  });
  it("has its intake open, its valve shut in harbour, and no paper in it", () => {
    expect(head(`1 side=flush; ${strokes(2, 4)}`, 20, { faults: ["intake-shut"] }).wrong).toEqual(["seacock-shut@4"]);
    expect(head(`1 side=dry; ${strokes(2, 4)}`, 20, { faults: ["intake-shut"] }).wrong).toEqual([]);
    expect(head("1 paper; 1.2 -paper; 2 outlet=open; 3 outlet=shut; 4 outlet=open", 5).wrong).toEqual([
      "paper-in-it@1",
      "valve-open-in-harbour@2",
      "valve-open-in-harbour@4",
    ]);
  });
  it("that is electric counts seconds, and is judged when one leaves", () => {
    const electric = { setup: { kind: "electric" } };
    expect(head("0 use; 1 flush; 13 -flush; 14 leave", 15, electric)).toMatchObject({ wrong: [], done: true });
    expect(head("0 use; 1 flush; 12.5 -flush; 14 leave", 15, electric).wrong).toEqual(["not-enough-strokes@14"]);
    expect(head("1 intake=shut; 2 flush; 6 -flush", 7, electric).wrong).toEqual(["seacock-shut@5"]);
    expect(head("0 use; 1 flush; 13 -flush", 15, { ...electric, faults: ["pump-dead"] }).done).toBe(false);
  });
});

describe("water", () => {
  const water = (words: string, until: number, more: More = {}) =>
    play("water", words, until, { task: "change-tank", ...more });
  const open = "0 valve:fore=open; 1 pump=on; 2 tap=open; ";

  it("is drawn from each tank alone", () => {
    const run = water(`${open}32 valve:fore=shut; 32 valve:aft=open; 62 tap=shut`, 63);
    // 30 s at 8 l a minute are 4 l
    expect(run.state).toMatchObject({ "litres:fore": expect.closeTo(156, 3), "litres:aft": expect.closeTo(116, 3) });
    expect([run.wrong, run.done]).toEqual([[], true]);
    expect(water(open, 63).done).toBe(false);
  });
  it("does not come from two together, nor from none", () => {
    expect(water(`${open}3 valve:aft=open; 7.9 valve:fore=shut`, 12).wrong).toEqual([]);
    expect(water(`${open}3 valve:aft=open`, 12).wrong).toEqual(["two-tanks-open@8"]);
    const little = { setup: { tanks: [{ id: "only", capacityL: 50, litres: 0.4 }] } };
    // 0.4 l are 3 s, and ten more
    expect(water("0 valve:only=open; 1 pump=on; 2 shower=open; 20 leave", 21, little).wrong).toEqual([
      "pump-ran-dry@15",
      "shower-left-on@20",
    ]);
    expect(water(open, 20, { faults: ["pump-dead"] })).toMatchObject({ wrong: [], state: { flowLpm: 0 } });
    expect(water("1 pump=on; 2 tap=open", 20).wrong).toEqual(["pump-ran-dry@12"]);
  });
  it("is filled, shut again, and neither over the rim inside nor with diesel", () => {
    const half = {
      task: "fill",
      setup: { overflow: "inside", tanks: [{ id: "a", capacityL: 100, litres: 90 }] },
    };
    // 20 l a minute: full after 30 s
    const good = water("1 cap=a; 2 hose=water; 34 hose=off; 35 cap=none", 36, half);
    expect([good.wrong, good.done, good.state["litres:a"]]).toEqual([[], true, 100]);
    expect(water("1 cap=a; 2 hose=water", 40, half).wrong).toEqual(["overflowed-inside@35"]);
    expect(water("1 cap=a; 2 hose=diesel; 3 cap=fuel; 4 cap=waste", 40, half).wrong).toEqual([
      "diesel-in-the-water-filler@2",
    ]);
  });
});

describe("batteries", () => {
  const batteries = (words: string, until: number, more: More = {}) =>
    play("batteries", words, until, { task: "start", ...more });

  it("start her, and stay on while she runs", () => {
    expect(batteries("1 start; 4 -start", 5)).toMatchObject({ done: true, clean: true });
    expect(batteries("0 switch:negative=off; 1 start", 5).done).toBe(false);
    expect(
      batteries("1 start; 4 -start; 5 switch:service=off; 6 stop; 6.1 -stop; 7 switch:engine=off", 8).wrong,
    ).toEqual(["switched-off-running@5"]);
  });
  it("that are flat start her in parallel, for as long as it takes", () => {
    const flat = { faults: ["starter-flat"] };
    expect(batteries("1 start; 4 -start", 5, flat)).toMatchObject({ wrong: ["started-on-flat@1"], done: false });
    expect(batteries("0 parallel=on; 1 start; 4 -start; 10 parallel=off", 11, flat)).toMatchObject({
      done: true,
      clean: true,
    });
    // fires at 2.5
    expect(batteries("0 parallel=on; 1 start; 4 -start", 130, flat).wrong).toEqual(["paralleled-and-forgotten@122.5"]);
    expect(batteries("0 parallel=on; 3 leave", 5).wrong).toEqual(["paralleled-and-forgotten@3"]);
  });
  it("have the volts of their charge at rest, and fire from a quarter on", () => {
    expect([0, 25, 50, 75, 100].map(restVoltsOf)).toEqual([11.89, 12.06, 12.24, 12.45, 12.65]);
    expect(restVoltsOf(37.5)).toBeCloseTo(12.15, 9);
    const at = (starterPercent: number) => batteries("1 start; 4 -start", 5, { setup: { starterPercent } });
    // 12.2 V are 44.4 %
    expect([at(25), at(24), at(44), at(45)].map(({ done, wrong }) => [done, wrong.length])).toEqual([
      [true, 1],
      [false, 1],
      [true, 1],
      [true, 0],
    ]);
  });
  it("lose what is drawn, and gain what the alternator gives", () => {
    // 21 A for an hour of 210 Ah
    expect(batteries("0 load=21", 3600).state["percent:service"]).toBeCloseTo(80, 2);
    expect(batteries("0 load=40; 1 start", 3600).state["percent:service"]).toBeCloseTo(90, 1);
    expect(batteries("0 load=21; 1 start", 3600, { faults: ["alternator-dead"] }).state["percent:service"]).toBeCloseTo(
      80,
      2,
    );
  });
});

describe("lights", () => {
  const lights = (words: string, until: number, more: More = {}) =>
    play("lights", words, until, { task: "show", setup: { hasTricolour: true }, ...more });
  const seen = (words: string, more: More = {}) => {
    const { state } = lights(`0 panel=on; ${words}`, 2, more);
    return ["ahead", "port", "starboard", "astern"].map((from) => (state[`seen:${from}`] as string[]).join("+"));
  };

  it("are seen by their arcs", () => {
    expect(seen("1 three-way=left")).toEqual(["green+red+white", "red+white", "green+white", "white"]);
    expect(seen("1 three-way=right")).toEqual(["green+red", "red", "green", "white"]);
    expect(seen("1 three-way=left", { setup: { left: "sailing" } })).toEqual(["green+red", "red", "green", "white"]);
    expect(seen("1 tricolour=on")).toEqual(["green+red", "red", "green", "white"]);
    expect(seen("1 tricolour=on", { setup: {} })).toEqual(["", "", "", ""]);
    expect(seen("1 anchor-light=on")).toEqual(["white", "white", "white", "white"]);
    expect(seen("1 three-way=left", { faults: ["stern-lamp-dead"] })[3]).toBe("");
    expect(lights("1 three-way=left", 2).state["seen:ahead"]).toEqual([]);
  });
  it("are shown right for motoring, sailing and at anchor, and looked at from outside", () => {
    const shown =
      "0 panel=on; 1 three-way=left; 2 doing=motoring; 8 three-way=off; 8 tricolour=on; 8 doing=sailing; 14 tricolour=off; 14 anchor-light=on; 14 doing=anchored; 20 look outside; 21 leave";
    expect(lights(shown, 22)).toMatchObject({ done: true, clean: true });
    expect(lights(shown.replace("8 three-way=off; ", ""), 22)).toMatchObject({
      done: false,
      wrong: expect.arrayContaining(["tricolour-with-deck-lights@8", "wrong-lights@18"]),
    });
    expect(lights(shown.replace("20 look outside; ", ""), 22).wrong).toEqual(["not-looked-at-outside@21"]);
  });
  it("that are others for ten seconds are wrong, none at all as well, and not at the berth", () => {
    expect(lights("1 doing=anchored", 20).wrong).toEqual(["wrong-lights@11"]);
    expect(lights("1 doing=anchored; 10.9 doing=berthed; 11.5 doing=anchored", 20).wrong).toEqual([]);
    expect(lights("0 panel=on; 0 three-way=left; 0 anchor-light=on; 1 doing=motoring", 20).wrong).toEqual([
      "wrong-lights@11",
    ]);
  });
});

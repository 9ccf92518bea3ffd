import { play } from "../../../testing/drill";

// Seconds are worked out by hand from the rules in docs/drills.md.
type More = Parameters<typeof play>[3];
const of =
  (device: string, task: string) =>
  (words: string, until: number, more: More = {}) =>
    play(device, words, until, { task, ...more });

describe("a radio", () => {
  const call = of("radio", "call");
  const distress = of("radio", "distress");
  const said = "11 say-harbour; 12 say-name; 13 say-over; ";

  it("is answered three seconds after over, once the key is let go", () => {
    const good = call(`1 power=on; 2 channel='12; 10 key=held; ${said}14 key=free`, 20);
    expect(good).toMatchObject({ done: true, clean: true, happened: ["answered@16"], state: { sending: false } });
    expect(call(`1 power=on; 2 channel='12; 10 key=held; ${said}`, 20).done).toBe(false);
    expect(call(`2 channel='12; 10 key=held; ${said}14 key=free`, 20).wrong).toEqual([
      "said-unheard@11",
      "said-unheard@12",
      "said-unheard@13",
    ]);
  });
  it("hears others for six seconds of every twenty on 12, and is not pressed then", () => {
    expect(call("1 power=on; 2 channel='12", 5).state.heard).toBe("voices");
    expect(call("1 power=on; 2 channel='12", 6.5).state.heard).toBe("nothing");
    expect(call("1 power=on; 2 channel='12", 21).state.heard).toBe("voices");
    expect(call("1 power=on; 2 squelch=0", 5).state.heard).toBe("hiss");
    expect(call("1 power=on; 2 channel='12; 5.9 key=held", 6).wrong).toEqual(["talked-over@5.9"]);
    expect(call("1 power=on; 2 channel='12; 6 key=held", 7).wrong).toEqual([]);
    expect(call("1 power=on; 2 channel='12; 20 key=held", 21).wrong).toEqual(["talked-over@20"]);
  });
  it("wants the right channel, the right order, and no key that stays in", () => {
    expect(call("1 power=on; 2 key=held; 3 say-harbour", 5).wrong).toEqual(["wrong-channel@3"]);
    expect(call("1 power=on; 2 channel='12; 7 key=held; 8 say-name", 9).wrong).toEqual(["words-out-of-order@8"]);
    expect(call("1 power=on; 2 key=held", 32).wrong).toEqual([]);
    expect(call("1 power=on; 2 key=held", 33).wrong).toEqual(["key-stuck@32"]);
    expect(call("1 power=on; 2 key=held; 3 leave", 4).wrong).toEqual(["key-stuck@3"]);
    const sticks = { faults: ["key-sticks"] };
    expect(call("1 power=on; 2 key=held; 3 key=free", 5, sticks).state.sending).toBe(true);
    expect(call("1 power=on; 2 key=held; 3 key=free; 4 key=held; 5 key=free", 6, sticks).state.sending).toBe(false);
    expect(call("1 power=on; 2 squelch=9; 11.9 squelch=4", 13).wrong).toEqual([]);
    expect(call("1 power=on; 2 squelch=9", 13).wrong).toEqual(["squelch-shut@12"]);
    expect(call("1 power=on", 5, { faults: ["no-power"] }).state.lit).toBe(false);
  });
  it("calls for help on 16, at full power, after the alert, in the order that is listened for", () => {
    const alert = "1 power=on; 2 output=high; 3 cover=open; 4 distress; 9.5 -distress; 10 key=held; ";
    const words = ["mayday", "name", "position", "trouble", "persons", "over"];
    const spoken = words.map((word, at) => `${11 + at} say-${word}; `).join("");
    expect(distress(`${alert}${spoken}17 key=free`, 25)).toMatchObject({
      done: true,
      clean: true,
      happened: ["alert-sent@9", "answered@19"],
    });
    expect(distress(`${alert}11 say-mayday; 12 say-position`, 13).wrong).toEqual(["words-out-of-order@12"]);
    expect(distress("1 power=on; 2 key=held; 3 say-mayday", 4).wrong).toEqual(["low-power-in-distress@3"]);
    expect(distress("1 power=on; 2 channel='6; 2 key=held; 3 say-mayday", 4).wrong).toEqual(["wrong-channel@3"]);
    // under its cover nothing is pressed; a handheld has no such button
    expect(distress("1 power=on; 4 distress; 12 -distress", 13).happened).toEqual([]);
    const handheld = { setup: { hasDistressButton: false } };
    expect(distress(`1 power=on; 2 output=high; 10 key=held; ${spoken}17 key=free`, 25, handheld).done).toBe(true);
    expect(call("1 power=on; 2 cover=open; 3 distress; 9 -distress", 10).wrong).toEqual([
      "distress-sent-for-nothing@8",
    ]);
  });
});

describe("sails", () => {
  const reef = of("sails", "reef");
  const roll = of("sails", "roll-headsail");
  const ready = "1 topping-lift=set; 2 sheet=eased; 3 winch=on; 4 clutch=open; ";

  it("are reefed with lift and winch, halyard, tack, clutch, clew, lift, sheet", () => {
    const done = `${ready}5 halyard=0.75; 6 tack=hooked; 7 clutch=shut; 8 clew=hauled; 9 topping-lift=loose; 10 sheet=hauled`;
    expect(reef(done, 11)).toMatchObject({ done: true, clean: true });
    expect(reef(done.replace("0.75", "0.6"), 11).done).toBe(false);
    expect(reef(done.replace("8 clew=hauled; ", ""), 11).done).toBe(false);
  });
  it("pull as the wind has it", () => {
    // 18 kn are 9.259 m/s: 0.5 · 1.225 · 85.73 · 35 = 1838 N; eased a seventh or so
    expect(reef("", 1).state.loadN).toBeCloseTo(1837.8, 0);
    expect(reef("0 sheet=eased", 1).state.loadN).toBeCloseTo(275.7, 0);
  });
  it("drop no boom, run no halyard through hands, tear no eyelets", () => {
    expect(reef("1 sheet=eased; 2 winch=on; 3 clutch=open; 4 halyard=0.9", 5).wrong).toEqual(["boom-dropped@4"]);
    const held = { setup: { boomHeld: true } };
    expect(reef("1 sheet=eased; 2 winch=on; 3 clutch=open; 4 halyard=0.9", 5, held).wrong).toEqual([]);
    expect(reef("1 clutch=open", 2).wrong).toEqual(["clutch-opened-under-load@1"]);
    expect(reef("1 sheet=eased; 2 clutch=open", 3).wrong).toEqual([]);
    expect(reef("1 halyard=0.5", 2)).toMatchObject({
      wrong: [],
      happened: ["held-by-clutch@1"],
      state: { hoisted: 1 },
    });
    expect(reef(`${ready}5 halyard=0.75; 6 ties=tied; 7 sheet=hauled`, 8).wrong).toEqual(["ties-take-load@7"]);
    expect(reef(`${ready}5 halyard=0.75; 6 clew=hauled; 7 ties=tied; 8 sheet=hauled`, 9).wrong).toEqual([]);
    expect(reef("1 sheet=eased; 60.9 sheet=hauled", 70).wrong).toEqual([]);
    expect(reef("1 sheet=eased", 70).wrong).toEqual(["sail-flogged@61"]);
  });
  it("roll on a line that gives, but is not let go", () => {
    const mast = { setup: { main: "in-mast" as const } };
    expect(reef("1 outhaul=eased; 2 furl=0.4; 3 outhaul=hauled; 4 sheet=eased; 5 sheet=hauled", 6, mast)).toMatchObject(
      {
        done: true,
        clean: true,
      },
    );
    expect(reef("2 furl=0.4", 3, mast).wrong).toEqual(["furled-against-load@2"]);
    expect(reef("1 outhaul=let-go; 2 furl=0.4; 3 furl=0.2", 4, mast).wrong).toEqual(["furled-loose@2"]);
    expect(roll("1 jib-sheet=eased; 2 jib-furl=1", 3)).toMatchObject({ done: true, clean: true });
    expect(roll("2 jib-furl=0.5", 3).wrong).toEqual(["furled-against-load@2"]);
    expect(roll("1 jib-sheet=let-go; 2 jib-furl=1", 3)).toMatchObject({ done: false, wrong: ["furled-loose@2"] });
    expect(roll("1 jib-sheet=let-go; 2 turns=3; 3 jib-sheet=hauled", 4).wrong).toEqual(["riding-turn@3"]);
    expect(roll("1 jib-sheet=let-go; 2 turns=2; 3 jib-sheet=hauled", 4).wrong).toEqual([]);
  });
});

describe("an outboard", () => {
  const outboard = of("outboard", "start-and-stop");
  const ready = "0 vent=open; 0 fuel-tap=open; 0 kill-cord=worn; 0 choke=out; ";
  const pulled = `${ready}1 pull; 1.2 -pull; 2 pull; 2.2 -pull; `;

  it("fires at its second pull with the choke out, and is left with nothing open", () => {
    const good = outboard(`${pulled}4 look jet; 6 choke=in; 20 stop; 21 fuel-tap=shut; 22 vent=shut; 23 leave`, 24);
    expect(good).toMatchObject({ done: true, clean: true, happened: ["fires@2", "dead@20"] });
    // warm it wants no choke
    expect(outboard(`${pulled}4 look jet; 6 choke=in; 20 stop; 21 pull`, 22).happened).toContain("fires@21");
    expect(outboard(pulled.replace("choke=out", "choke=in"), 4).happened).toEqual([]);
    expect(outboard(pulled.replace("kill-cord=worn", "vent=open"), 4).happened).toEqual([]);
    expect(outboard(pulled, 4, { faults: ["no-fuel"] }).happened).toEqual([]);
  });
  it("tells of gear, leg, flooding, choke, vent, jet and water", () => {
    expect(outboard(`${ready}0 gear=ahead; 1 pull`, 2).wrong).toEqual(["pulled-in-gear@1"]);
    expect(outboard(`${ready}0 tilt=up; 1 pull`, 2).wrong).toEqual(["pulled-tilted@1"]);
    const six = [1, 2, 3, 4, 5, 6].map((at) => `${at} pull; ${at}.2 -pull; `).join("");
    expect(outboard(`0 choke=out; ${six}`, 7).wrong).toEqual(["flooded@6"]);
    // fired at 2: the choke chokes it at 17, the jet was due at 17 as well, 15 s after firing
    expect(outboard(`${pulled}3 look jet`, 18)).toMatchObject({
      wrong: ["choke-left-out@17"],
      happened: ["fires@2", "dead@17"],
    });
    expect(outboard(`${pulled}5 choke=in`, 18).wrong).toEqual(["jet-not-looked-at@17"]);
    expect(outboard(`${pulled}3 look jet; 5 choke=in; 6 vent=shut`, 67)).toMatchObject({
      wrong: ["vent-shut@66"],
      happened: ["fires@2", "dead@66"],
    });
    expect(outboard(`${pulled}3 look jet; 5 choke=in; 6 fuel-tap=shut`, 30).happened).toContain("dead@26");
    expect(outboard(`${pulled}3 look jet; 5 choke=in`, 33, { faults: ["no-jet"] }).wrong).toEqual([
      "jet-not-looked-at@17",
      "ran-without-water@32",
    ]);
  });
  it("is put in gear slowly and with the cord on you, and not left running or open", () => {
    const runs = `${pulled}3 look jet; 5 choke=in; `;
    expect(outboard(`${runs}6 kill-cord=in; 7 gear=ahead`, 8).wrong).toEqual(["cord-not-worn@7"]);
    expect(outboard(`${runs}6 throttle=0.4; 7 gear=astern`, 8).wrong).toEqual(["shifted-at-revs@7"]);
    expect(outboard(`${runs}6 kill-cord=out`, 8).happened).toContain("dead@6");
    expect(outboard(`${runs}6 leave`, 8).wrong).toEqual(["left-running@6"]);
    expect(outboard(`${runs}8 stop; 9 leave`, 10).wrong).toEqual(["petrol-left-open@9"]);
  });
});

describe("a tender in its davits", () => {
  const down = of("davits", "tender-down");
  const up = of("davits", "tender-up");
  const both = (way: string, from: number, to: number) =>
    `${from} bow-${way}; ${from} stern-${way}; ${to} -bow-${way}; ${to} -stern-${way}; `;

  it("goes down level, with bung and painter, and up without the bung, tethered", () => {
    // 1.8 m at 0.1 m/s
    expect(down(`0 bung=in; 1 painter=fast; 2 tethers=off; ${both("down", 3, 21.5)}`, 22)).toMatchObject({
      done: true,
      clean: true,
      state: { "heightM:bow": 0, "heightM:stern": 0 },
    });
    const afloat = { setup: { starts: "afloat" as const } };
    expect(up(`${both("up", 1, 19.5)}20 bung=out; 21 tethers=on; 22 leave`, 23, afloat)).toMatchObject({
      done: true,
      clean: true,
    });
    expect(up(`${both("up", 1, 19.5)}20 leave`, 21, afloat).wrong.toSorted()).toEqual([
      "bung-left-in@20",
      "not-lashed@20",
    ]);
    expect(up(`0 people=in; ${both("up", 1, 2)}`, 3, afloat).wrong).toEqual([
      "hoisted-with-people@1",
      "hoisted-with-people@1",
    ]);
  });
  it("tells of an end that hangs, people beneath, tethers, painter and bung", () => {
    // 0.3 m are passed after 3 s
    expect(down("0 tethers=off; 1 bow-down", 4).wrong).toEqual([]);
    expect(down("0 tethers=off; 1 bow-down", 5).wrong).toEqual(["hung-askew@4"]);
    expect(down("0 tethers=off; 0 beneath=somebody; 1 bow-down", 2).wrong).toEqual(["stood-beneath@1"]);
    expect(down("1 bow-down", 5)).toMatchObject({ wrong: ["lowered-on-tethers@1"], state: { "heightM:bow": 1.8 } });
    // afloat from 5 cm on: 17.5 s after it began, and full ten seconds later
    expect(down(`0 tethers=off; ${both("down", 1, 25)}`, 30).wrong).toEqual([
      "painter-not-fast@18.5",
      "afloat-without-bung@28.5",
    ]);
  });
});

describe("a bathing platform", () => {
  const bathe = of("platform", "bathe");
  const moved = "0 lock=free; 1 down; 9.5 -down; ";

  it("goes down and up in eight seconds each, and is locked", () => {
    expect(bathe(`${moved}10 ladder=out; 12 ladder=in; 13 up; 21.5 -up; 22 lock=locked; 23 leave`, 24)).toMatchObject({
      done: true,
      clean: true,
    });
    expect(bathe("0 lock=free; 1 down", 5).state.down).toBeCloseTo(0.5, 6);
  });
  it("is not moved locked, under people, over hands, or with the ladder out, nor gone with", () => {
    expect(bathe("1 down", 3)).toMatchObject({ wrong: ["moved-locked@1"], state: { down: 0 } });
    expect(bathe("0 lock=free; 0 people=on-it; 1 down", 3).wrong).toEqual(["people-on-it@1"]);
    expect(bathe("0 lock=free; 0 hands=near; 1 down", 3).wrong).toEqual(["hands-near@1"]);
    expect(bathe(`${moved}10 ladder=out; 11 up`, 12).wrong).toEqual(["ladder-in-the-way@11"]);
    expect(bathe(`${moved}10 speed=1; 12 speed=2`, 13).wrong).toEqual(["under-way-with-it-down@12"]);
    expect(bathe(`${moved}10 leave`, 11).wrong).toEqual(["not-locked@10"]);
  });
});

describe("a portable toilet", () => {
  const use = of("toilet", "use-it");
  const empty = of("toilet", "empty-it");

  it("is used with fluid and open slide, rinsed and shut", () => {
    const good = use("0 fluid=in; 1 slide=open; 2 use; 3 stroke; 4 slide=shut; 5 leave", 6);
    // 5 l, a litre, and 0.3 l of water
    expect(good).toMatchObject({ done: true, clean: true, state: { levelL: expect.closeTo(6.3, 9) as number } });
    expect(use("1 use", 2).wrong).toEqual(["no-fluid@1", "slide-shut@1"]);
    expect(use("0 fluid=in; 1 slide=open; 2 leave", 3).wrong).toEqual(["slide-left-open@2"]);
    expect(use("0 fluid=in; 1 slide=open; 2 use", 3, { setup: { startL: 19.5 } })).toMatchObject({
      wrong: ["overfilled@2"],
      state: { levelL: 20 },
    });
  });
  it("is emptied ashore, and latched again with new fluid", () => {
    expect(empty("0 latch=loose; 1 emptied=station; 2 fluid=in; 3 latch=fast; 4 leave", 5)).toMatchObject({
      done: true,
      clean: true,
      state: { levelL: 0 },
    });
    expect(empty("0 latch=loose; 1 emptied=sea; 2 fluid=in; 3 latch=fast", 5)).toMatchObject({
      done: false,
      wrong: ["emptied-overboard@1"],
    });
    expect(empty("0 slide=open; 1 latch=loose; 2 leave", 3).wrong).toEqual([
      "slide-left-open@1",
      "slide-left-open@2",
      "not-latched@2",
    ]);
    expect(empty("1 emptied=station", 2).state.levelL).toBe(5);
  });
});

describe("the bilge", () => {
  const leak = of("bilge", "leak");
  const off = { faults: ["hose-off"] };

  it("is made dry by finding the hose first: 40 l a minute come, 30 go", () => {
    const found = "8 look hoses; 9 seacock=shut; 10 switch=on; 20 switch=auto; 21 leave";
    expect(leak(found, 22, off)).toMatchObject({ done: true, clean: true });
    // 6 l after 9 s; the float starts the pump at 10 l, after 15 s
    expect(leak("", 9, off).state.waterL).toBeCloseTo(6, 6);
    expect([leak("", 14.9, off).state.pumping, leak("", 15.1, off).state.pumping]).toEqual([false, true]);
  });
  it("tells who only pumps, who does not, and what is left", () => {
    // 5 l are in after 7.5 s, and half a minute later nobody has looked
    expect(leak("", 40, off).wrong).toEqual(["pumped-without-looking@37.5"]);
    // nothing pumps: 30 l after 45 s, twenty seconds more
    const stuck = { faults: ["hose-off", "float-stuck"] };
    expect(leak("8 look hoses", 70, stuck)).toMatchObject({ wrong: ["nobody-pumped@65"], state: { alarm: true } });
    expect(leak("8 look hoses; 60 stroke", 70, stuck).wrong).toEqual([]);
    expect(leak("8 look hoses", 70, { faults: ["hose-off", "strainer-blocked"] }).wrong).toEqual(["nobody-pumped@65"]);
    expect(leak("8 look hoses; 50 clean", 70, { faults: ["hose-off", "strainer-blocked"] }).wrong).toEqual([]);
    expect(leak("0 switch=on", 21).wrong).toEqual(["pump-ran-dry@20"]);
    expect(leak("1 switch=off; 2 leave", 3, off).wrong).toEqual(["pump-left-off@2", "seacock-left-open@2"]);
    expect(leak("10 stroke", 11, off).state.waterL).toBeCloseTo((40 / 60) * 11 - 0.8, 6);
  });
});

describe("an emergency tiller", () => {
  const steer = of("tiller", "steer");
  const fitted = "0 lever=0.1; 1 cover=open; 2 tiller=fitted; 3 lever=0.5; ";

  it("pushed to port turns her to starboard: two degrees a second at half lever and 20 degrees", () => {
    // 20/30 · 3°/s · 0.5 · 2
    expect(steer(`${fitted}4 push=-20`, 9).state.headingDeg).toBeCloseTo(10, 6);
    expect(steer(`${fitted}4 push=-20; 14.1 push=20; 34.5 lever=0.1; 35 leave`, 36)).toMatchObject({
      done: true,
      clean: true,
    });
    expect(steer(`${fitted}4 push=20`, 10).wrong).toEqual(["steered-the-wrong-way@9"]);
  });
  it("is fitted slowly under an open plate, with the pilot off, and not let go", () => {
    expect(steer("1 lever=0.1; 2 tiller=fitted", 3)).toMatchObject({
      happened: ["under-its-cover@2"],
      state: { tiller: "stowed", steers: false },
    });
    expect(steer("1 cover=open; 2 tiller=fitted", 3).wrong).toEqual(["fitted-under-way@2"]);
    expect(steer(`${fitted}4 pilot=on; 5 push=-20`, 9)).toMatchObject({
      wrong: ["pilot-against-it@4"],
      state: { headingDeg: 0 },
    });
    expect(steer(`${fitted}4 leave`, 5).wrong).toEqual(["let-go-under-way@4"]);
  });
});

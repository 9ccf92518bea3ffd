/** How each mistake of each device is made: what is done, until when, and what stands otherwise than usual. */
export interface MadeMistake {
  code: string;
  words: string;
  until: number;
  task?: string;
  setup?: Readonly<Record<string, unknown>>;
  faults?: readonly string[];
}

const started = "0 power; 0.5 -power; 1 start; 3 -start; ";
const looked = `${started}15 look exhaust; `;
const weak = { faults: ["weak-starter"] };
const three = "0 power; 1 start; 4 -start; 30 start; 33 -start; 60 start; 63 -start; ";
const on = "0 on; 0.6 -on; ";
const down = { setup: { kind: "retracting" } };
const ready = "0 engine=on; 0 rpm=1600; 0 switch=on; 0 hatch=tied; 0 pin=out; ";
const plugged = "0 boat-end=in; 1 quay-end=in; 2 pedestal=on; 3 main=on; 4 feed-shore=on; ";
const strokes = (from: number, to: number) =>
  Array.from({ length: to - from + 1 }, (_, at) => `${from + at} stroke; ${from + at}.3 -stroke; `).join("");
const pulled = "0 vent=open; 0 fuel-tap=open; 0 kill-cord=worn; 0 choke=out; 1 pull; 1.2 -pull; 2 pull; 2.2 -pull; ";
const runs = `${pulled}3 look jet; 5 choke=in; `;
const sailReady = "1 topping-lift=set; 2 sheet=eased; 3 winch=on; 4 clutch=open; 5 halyard=0.75; ";

/** Every mistake of every device, by device. */
export const madeMistakes: Readonly<Record<string, readonly MadeMistake[]>> = {
  engine: [
    { code: "cranked-in-gear", words: "0 lever=0.2; 0 power; 0.3 -power; 4 start", until: 5 },
    { code: "cranked-too-long", words: "0 power; 1 start", until: 12, ...weak },
    { code: "cranked-again-without-rest", words: "0 power; 1 start; 4 -start; 5 start", until: 6, ...weak },
    { code: "cranked-with-seacock-open", words: `${three}90 start`, until: 91, ...weak },
    { code: "cooling-not-looked-at", words: started, until: 25 },
    { code: "ran-without-water", words: looked, until: 30, faults: ["no-cooling-water"] },
    { code: "power-off-before-stop", words: `${looked}17 power`, until: 18 },
    { code: "stop-let-go-early", words: `${looked}17 stop; 18 -stop`, until: 19 },
    { code: "panel-left-on", words: `${looked}17 stop; 24 -stop; 25 leave`, until: 26 },
    { code: "shifted-without-pause", words: `${looked}17 lever=0.08; 20 lever=-0.08`, until: 21 },
    { code: "shifted-at-revs", words: `${looked}17 hub=in; 18 lever=1; 25 hub=out`, until: 26 },
    { code: "alarm-not-heeded", words: looked, until: 80, faults: ["no-cooling-water"] },
    { code: "isolator-left-off", words: "0 isolator=off; 1 leave", until: 2 },
  ],
  thruster: [
    { code: "reversed-without-pause", words: `${on}2 port; 3 -port; 3.5 starboard`, until: 5 },
    { code: "ran-too-long", words: `${on}2 port`, until: 12 },
    { code: "used-before-down", words: `${on}1 port`, until: 2, ...down },
    { code: "under-way-with-it-down", words: `${on}7 speed=4`, until: 8, ...down },
    {
      code: "relied-on-it-asleep",
      words: `${on}2 port; 2.5 -port; 30 port; 32 -port`,
      until: 33,
      setup: { sleepSeconds: 20 },
    },
    { code: "lazy-line-in-it", words: `${on}2 port`, until: 3, setup: { lazyLines: true } },
    { code: "left-on", words: `${on}2 leave`, until: 3 },
  ],
  windlass: [
    { code: "started-without-engine", words: "0 switch=on; 0 pin=out; 0 hatch=tied; 1 down", until: 2 },
    { code: "pin-in", words: "0 engine=on; 0 switch=on; 0 hatch=tied; 1 down", until: 2 },
    { code: "hatch-loose", words: "0 engine=on; 0 switch=on; 0 pin=out; 1 down", until: 2 },
    { code: "hands-near", words: `${ready}0 hands=near; 1 down`, until: 2 },
    { code: "without-revs", words: `${ready}0 rpm=850; 1 down`, until: 4 },
    { code: "pulled-the-boat", words: `${ready}1 up`, until: 6, task: "raise", setup: { outM: 30, workingN: 600 } },
    {
      code: "pressed-through-strain",
      words: `${ready}1 up`,
      until: 6,
      task: "raise",
      setup: { outM: 30, workingN: 300 },
    },
    {
      code: "breaker-pushed-back-hot",
      words: "0 engine=on; 0 rpm=1600; 0 switch=on; 0 hatch=tied; 1 down; 50 -down; 55 breaker=in",
      until: 56,
    },
    { code: "anchor-swung", words: `${ready}1 down`, until: 4 },
    { code: "last-metre-not-in-touches", words: `${ready}1 up`, until: 5, task: "raise", setup: { outM: 1.5 } },
    { code: "wrong-way-by-remote", words: `${ready}1 down`, until: 3, setup: { remote: "reversed" } },
    { code: "splice-in-gypsy", words: `${ready}1 down`, until: 6, setup: { chainM: 1, ropeM: 30, outM: 0.5 } },
    { code: "clutch-under-load", words: `${ready}1 clutch=loose`, until: 2, setup: { outM: 30, windKn: 30 } },
    { code: "load-left-on", words: "1 leave", until: 2, setup: { outM: 30 } },
    { code: "too-little-chain", words: "0 relief=on; 1 leave", until: 2, setup: { outM: 10, plannedM: 30 } },
  ],
  sails: [
    { code: "boom-dropped", words: "1 sheet=eased; 2 winch=on; 3 clutch=open; 4 halyard=0.8", until: 5 },
    { code: "clutch-opened-under-load", words: "1 clutch=open", until: 2 },
    { code: "ties-take-load", words: `${sailReady}6 ties=tied; 7 sheet=hauled`, until: 8 },
    { code: "sail-flogged", words: "1 sheet=eased", until: 63 },
    {
      code: "riding-turn",
      words: "1 jib-sheet=let-go; 2 turns=3; 3 jib-sheet=hauled",
      until: 4,
      task: "roll-headsail",
    },
    { code: "furled-loose", words: "1 jib-sheet=let-go; 2 jib-furl=1", until: 3, task: "roll-headsail" },
    { code: "furled-against-load", words: "2 jib-furl=1", until: 3, task: "roll-headsail" },
  ],
  pilot: [
    { code: "steered-against-it", words: "1 auto; 2 wheel=10", until: 3 },
    { code: "left-in-auto-near-land", words: "0 landNm=0; 1 auto", until: 12 },
    { code: "plug-or-arm-not-in", words: "1 auto", until: 2, setup: { kind: "tiller" } },
    { code: "knob-turned-the-boat", words: "0 focus=pilot; 1 auto; 2 knob=3", until: 3 },
  ],
  tiller: [
    { code: "fitted-under-way", words: "1 cover=open; 2 tiller=fitted", until: 3 },
    { code: "pilot-against-it", words: "0 lever=0; 1 cover=open; 2 tiller=fitted; 3 pilot=on", until: 4 },
    {
      code: "steered-the-wrong-way",
      words: "0 lever=0; 1 cover=open; 2 tiller=fitted; 3 lever=0.5; 4 push=20",
      until: 12,
    },
    { code: "let-go-under-way", words: "0 lever=0; 1 cover=open; 2 tiller=fitted; 3 lever=0.5; 4 leave", until: 5 },
  ],
  radio: [
    { code: "talked-over", words: "1 power=on; 2 channel='12; 3 key=held", until: 4, task: "call" },
    { code: "wrong-channel", words: "1 power=on; 2 key=held; 3 say-harbour", until: 4, task: "call" },
    { code: "key-stuck", words: "1 power=on; 2 key=held", until: 34, task: "call" },
    { code: "said-unheard", words: "1 power=on; 2 say-harbour", until: 3, task: "call" },
    { code: "words-out-of-order", words: "1 power=on; 2 channel='12; 7 key=held; 8 say-over", until: 9, task: "call" },
    { code: "low-power-in-distress", words: "1 power=on; 2 key=held; 3 say-mayday", until: 4, task: "distress" },
    { code: "distress-sent-for-nothing", words: "1 power=on; 2 cover=open; 3 distress", until: 9, task: "call" },
    { code: "squelch-shut", words: "1 power=on; 2 squelch=10", until: 14, task: "call" },
  ],
  sources: [
    { code: "plugged-live", words: "0 pedestal=on; 1 quay-end=in", until: 2 },
    { code: "two-sources", words: `${plugged}6 feed-inverter=on`, until: 7 },
    {
      code: "generator-under-load",
      words: "1 gen-start; 1.3 -gen-start; 5 feed-generator=on; 6 load=1000",
      until: 15,
      task: "generator",
    },
    {
      code: "stopped-under-load",
      words: "1 gen-start; 1.3 -gen-start; 40 feed-generator=on; 41 load=1000; 45 load=0; 46 gen-stop",
      until: 47,
      task: "generator",
    },
    { code: "polarity-ignored", words: plugged, until: 10, faults: ["reverse-polarity"] },
    { code: "inverter-overloaded", words: "1 feed-inverter=on; 2 load=9000", until: 6 },
    { code: "shore-cord-in-the-water", words: `${plugged}6 cord=in-water`, until: 7 },
    { code: "generator-without-water", words: "0 gen-seacock=shut; 1 gen-start", until: 60, task: "generator" },
  ],
  gas: [
    { code: "burner-left", words: "0 knob=on; 1 leave", until: 2 },
    { code: "tap-shut-bottle-open", words: "0 bottle=open; 1 leave", until: 2 },
    {
      code: "let-go-too-soon",
      words: "0 bottle=open; 0 tap=open; 0 knob=on; 1 push; 2 lighter; 2.2 -lighter; 3 -push",
      until: 4,
    },
    { code: "switched-at-smell", words: "0 bottle=open; 13 switch=on", until: 14, faults: ["leak"] },
    { code: "relit-with-gas-in-the-bilge", words: "0 bottle=open; 5 lighter", until: 6, faults: ["leak"] },
  ],
  head: [
    { code: "not-enough-strokes", words: `0 use; 0.3 -use; 1 side=flush; ${strokes(2, 5)}7 side=locked`, until: 8 },
    { code: "valve-open-in-harbour", words: "1 outlet=open", until: 2 },
    { code: "pumped-against-shut", words: `1 side=flush; ${strokes(2, 4)}`, until: 6, faults: ["tank-full"] },
    { code: "seacock-shut", words: `0 intake=shut; 1 side=flush; ${strokes(2, 4)}`, until: 6 },
    { code: "left-on-flush", words: "1 side=flush; 2 leave", until: 3 },
    { code: "paper-in-it", words: "1 paper", until: 2 },
  ],
  toilet: [
    { code: "no-fluid", words: "0 slide=open; 1 use", until: 2, task: "use-it" },
    { code: "slide-shut", words: "0 fluid=in; 1 use", until: 2, task: "use-it" },
    { code: "slide-left-open", words: "0 slide=open; 1 leave", until: 2, task: "use-it" },
    { code: "overfilled", words: "0 fluid=in; 0 slide=open; 1 use", until: 2, task: "use-it", setup: { startL: 20 } },
    { code: "emptied-overboard", words: "0 latch=loose; 1 emptied=sea", until: 2, task: "empty-it" },
    { code: "not-latched", words: "0 latch=loose; 1 leave", until: 2, task: "empty-it" },
  ],
  water: [
    { code: "two-tanks-open", words: "0 valve:fore=open; 1 valve:aft=open; 2 pump=on", until: 8 },
    { code: "pump-ran-dry", words: "1 pump=on; 2 tap=open", until: 13 },
    { code: "diesel-in-the-water-filler", words: "1 cap=fore; 2 hose=diesel", until: 3, task: "fill" },
    { code: "shower-left-on", words: "1 shower=open; 2 leave", until: 3 },
    {
      code: "overflowed-inside",
      words: "1 cap=fore; 2 hose=water",
      until: 8,
      task: "fill",
      setup: { overflow: "inside" },
    },
  ],
  bilge: [
    { code: "pumped-without-looking", words: "0 switch=on", until: 60, faults: ["hose-off"] },
    { code: "pump-ran-dry", words: "0 switch=on", until: 22 },
    { code: "nobody-pumped", words: "8 look hoses", until: 70, faults: ["hose-off", "float-stuck"] },
    { code: "pump-left-off", words: "0 switch=off; 1 leave", until: 2 },
    { code: "seacock-left-open", words: "1 leave", until: 2, faults: ["hose-off"] },
  ],
  batteries: [
    { code: "switched-off-running", words: "1 start; 4 -start; 5 switch:service=off", until: 6 },
    { code: "paralleled-and-forgotten", words: "0 parallel=on; 1 leave", until: 2 },
    { code: "started-on-flat", words: "1 start", until: 2, faults: ["starter-flat"] },
  ],
  lights: [
    { code: "wrong-lights", words: "1 doing=anchored", until: 12 },
    {
      code: "tricolour-with-deck-lights",
      words: "0 panel=on; 0 tricolour=on; 0 three-way=left",
      until: 1,
      setup: { hasTricolour: true },
    },
    { code: "not-looked-at-outside", words: "0 panel=on; 0 anchor-light=on; 1 leave", until: 2 },
  ],
  outboard: [
    { code: "pulled-in-gear", words: "0 gear=ahead; 1 pull", until: 2 },
    { code: "pulled-tilted", words: "0 tilt=up; 1 pull", until: 2 },
    {
      code: "flooded",
      words: `0 choke=out; ${[1, 2, 3, 4, 5, 6].map((at) => `${at} pull; ${at}.2 -pull; `).join("")}`,
      until: 7,
    },
    { code: "choke-left-out", words: `${pulled}3 look jet`, until: 18 },
    { code: "vent-shut", words: `${runs}6 vent=shut`, until: 68 },
    { code: "jet-not-looked-at", words: `${pulled}5 choke=in`, until: 20 },
    { code: "ran-without-water", words: `${pulled}5 choke=in`, until: 34, faults: ["no-jet"] },
    { code: "cord-not-worn", words: `${runs}6 kill-cord=in; 7 gear=ahead`, until: 8 },
    { code: "shifted-at-revs", words: `${runs}6 throttle=0.6; 7 gear=ahead`, until: 8 },
    { code: "left-running", words: `${runs}6 leave`, until: 7 },
    { code: "petrol-left-open", words: "0 fuel-tap=open; 1 leave", until: 2 },
  ],
  davits: [
    { code: "hung-askew", words: "0 tethers=off; 1 bow-down", until: 5 },
    {
      code: "hoisted-with-people",
      words: "0 people=in; 1 bow-up",
      until: 2,
      task: "tender-up",
      setup: { starts: "afloat" },
    },
    { code: "stood-beneath", words: "0 tethers=off; 0 beneath=somebody; 1 bow-down", until: 2 },
    { code: "painter-not-fast", words: "0 painter=loose", until: 1, setup: { starts: "afloat" } },
    { code: "afloat-without-bung", words: "0 bung=out", until: 12, setup: { starts: "afloat" } },
    { code: "bung-left-in", words: "0 bung=in; 1 leave", until: 2 },
    { code: "not-lashed", words: "0 tethers=off; 1 leave", until: 2 },
    { code: "lowered-on-tethers", words: "1 bow-down", until: 2 },
  ],
  platform: [
    { code: "moved-locked", words: "1 down", until: 2 },
    { code: "people-on-it", words: "0 lock=free; 0 people=on-it; 1 down", until: 2 },
    { code: "hands-near", words: "0 lock=free; 0 hands=near; 1 down", until: 2 },
    { code: "under-way-with-it-down", words: "0 lock=free; 1 down; 3 -down; 4 speed=3", until: 5 },
    { code: "not-locked", words: "0 lock=free; 1 leave", until: 2 },
    { code: "ladder-in-the-way", words: "0 lock=free; 0 ladder=out; 1 up", until: 2 },
  ],
};

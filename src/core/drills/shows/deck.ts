import { windlass } from "../devices/windlass";
import { Drill } from "../drill";
import type { Shown } from "./shown";
import type { Shows } from "./shows";

interface WindlassShown {
  depthM: number;
  bowM: number;
  plannedM: number | null;
  outM: number;
  speedMs: number;
  chargingRpm: number;
  remote: "normal" | "reversed";
}

/** What must be so before a windlass turns. */
const ready = (shown: Shown, { chargingRpm }: WindlassShown): Shown =>
  shown
    .set("hatch", "tied", "hatch-loose")
    .set("engine", "on", "started-without-engine")
    .set("rpm", Math.ceil(chargingRpm), "without-revs")
    .set("switch", "on")
    .set("pin", "out", "pin-in");

function lower(shown: Shown, setup: WindlassShown): Shown {
  const button = setup.remote === "reversed" ? "up" : "down";
  const wrong = setup.remote === "reversed" ? "wrong-way-by-remote" : undefined;
  const wantedM = setup.plannedM ?? 3 * (setup.depthM + setup.bowM);
  const touches = Math.ceil(2.1 / (setup.speedMs * 1.8));
  ready(shown, setup);
  for (let touch = 0; touch < touches; touch++)
    shown.hold(button, 1.8, touch === 0 && wrong ? wrong : "anchor-swung").wait(0.5);
  return shown.hold(button, wantedM / setup.speedMs, "too-little-chain").set("relief", "on", "load-left-on");
}

/** From so much out on, m, it comes in by touches: a pull more would bring the anchor into its last metre. */
const touchesFromM = 1.9;
const mostPulls = 200;

/** Long pulls with pauses, with the boat's own engine taking the load; the last metre in touches. */
function raise(shown: Shown, setup: WindlassShown): Shown {
  const button = setup.remote === "reversed" ? "down" : "up";
  ready(shown, setup).set("ahead", 0.3, "pulled-the-boat");
  // how far a pull brings it depends on what hangs: it is tried on the machine
  const drill = new Drill(windlass, setup, [], "raise");
  let played = 0;
  const outM = () => {
    for (const step of shown.steps.slice(played)) {
      drill.goTo(step.at);
      drill.act(step);
    }
    played = shown.steps.length;
    return Number(drill.state().outM);
  };
  for (let pull = 0; pull < mostPulls && outM() > touchesFromM; pull++) shown.hold(button, 2.5, "pulled-the-boat");
  for (let touch = 0; touch < mostPulls && outM() > 0; touch++) shown.hold(button, 0.8, "last-metre-not-in-touches");
  return shown.set("ahead", 0).set("pin", "in");
}

/** What is worked on deck and at the helm. */
export const deck = {
  engine: (shown, setup) => {
    const of = setup as {
      sides: readonly string[];
      fireSeconds: number;
      coolingWaterSeconds: number;
      stopHoldSeconds: number;
      powerHoldSeconds: number;
      startThrottle: number;
    };
    for (const side of of.sides) {
      const named = (name: string) => (side === "main" ? name : `${name}:${side}`);
      if (of.startThrottle > 0) shown.set(named("hub"), "in", "cranked-in-gear").set(named("lever"), of.startThrottle);
      shown.tap(named("power")).hold(named("start"), of.fireSeconds + 0.5, "cranked-too-long");
      if (of.startThrottle > 0) shown.set(named("lever"), 0).set(named("hub"), "out");
      shown
        .wait(of.coolingWaterSeconds / 2)
        .look(named("exhaust"), "cooling-not-looked-at")
        .wait(3)
        .hold(named("stop"), of.stopHoldSeconds + 1, "stop-let-go-early")
        .wait(2)
        .hold(named("power"), of.powerHoldSeconds + 0.3, "power-off-before-stop");
    }
    return shown;
  },
  thruster: (shown, setup) => {
    const of = setup as { onHoldSeconds: number; downSeconds: number; pauseSeconds: number; kind: string };
    shown.set("lines", "clear", "lazy-line-in-it").hold("on", of.onHoldSeconds + 0.3);
    if (of.kind === "retracting") shown.wait(of.downSeconds);
    return shown
      .look("lamp", "used-before-down")
      .hold("port", 0.8, "ran-too-long")
      .wait(of.pauseSeconds)
      .hold("starboard", 0.8, "reversed-without-pause")
      .tap("off", "left-on");
  },
  windlass: (shown, setup, task) => (task === "lower" ? lower : raise)(shown, setup as WindlassShown),
  sails: (shown, setup, task) => {
    const of = setup as { main: string; reefAt: number };
    if (task === "roll-headsail")
      return shown.set("jib-sheet", "eased", "furled-against-load").set("jib-furl", 1, "furled-loose");
    if (of.main === "in-mast")
      return shown
        .set("sheet", "eased")
        .set("outhaul", "eased", "furled-against-load")
        .set("furl", 0.4, "furled-loose")
        .set("outhaul", "hauled")
        .set("sheet", "hauled", "sail-flogged");
    return shown
      .set("topping-lift", "set", "boom-dropped")
      .set("sheet", "eased")
      .set("winch", "on", "clutch-opened-under-load")
      .set("clutch", "open")
      .set("halyard", of.reefAt)
      .set("tack", "hooked")
      .set("clutch", "shut")
      .set("clew", "hauled", "ties-take-load")
      .set("topping-lift", "loose")
      .set("sheet", "hauled", "sail-flogged");
  },
  pilot: (shown) =>
    shown
      .set("plug", "in", "plug-or-arm-not-in")
      .set("arm", "in", "plug-or-arm-not-in")
      .tap("auto")
      .tap("port-10")
      .wait(5)
      .tap("starboard-10")
      .wait(5)
      .tap("standby", "left-in-auto-near-land"),
  tiller: (shown) =>
    shown
      .set("lever", 0.1, "fitted-under-way")
      .set("cover", "open")
      .set("pilot", "off", "pilot-against-it")
      .set("tiller", "fitted")
      .set("lever", 0.5)
      .set("push", -20, "steered-the-wrong-way")
      .wait(11)
      .set("push", 20)
      .wait(21)
      .set("push", 0)
      .set("lever", 0.1, "let-go-under-way"),
  radio: (shown, setup, task) => {
    const of = setup as { distressHoldSeconds: number };
    shown.set("power", "on");
    const say = (...words: readonly string[]) => {
      for (const word of words) shown.tap(word, "words-out-of-order");
    };
    if (task === "call") {
      shown.set("channel", "12", "wrong-channel").listen("speaker", "talked-over").wait(3).set("key", "held");
      say("say-harbour", "say-name", "say-over");
    } else {
      shown
        .set("output", "high", "low-power-in-distress")
        .set("cover", "open")
        .hold("distress", of.distressHoldSeconds + 0.5);
      shown.set("channel", "16", "wrong-channel").set("key", "held", "said-unheard");
      say("say-mayday", "say-name", "say-position", "say-trouble", "say-persons", "say-over");
    }
    return shown.set("key", "free", "key-stuck").listen("speaker").wait(2);
  },
  lights: (shown, setup) => {
    const { left } = setup as { left: string };
    const at = (doing: string) => (doing === left ? "left" : "right");
    return shown
      .set("three-way", at("motoring"))
      .set("panel", "on")
      .set("doing", "motoring", "wrong-lights")
      .look("outside", "not-looked-at-outside")
      .wait(4)
      .set("three-way", at("sailing"))
      .set("doing", "sailing")
      .look("outside", "not-looked-at-outside")
      .wait(4)
      .set("three-way", "off")
      .set("anchor-light", "on")
      .set("doing", "anchored")
      .look("outside", "not-looked-at-outside")
      .wait(4);
  },
  outboard: (shown, setup) => {
    const { pulls } = setup as { pulls: number };
    shown
      .set("vent", "open", "vent-shut")
      .set("fuel-tap", "open")
      .set("kill-cord", "worn", "cord-not-worn")
      .set("choke", "out");
    for (let pull = 0; pull < Math.max(1, pulls); pull++) shown.tap("pull", "pulled-in-gear");
    return shown
      .look("jet", "jet-not-looked-at")
      .set("choke", "in", "choke-left-out")
      .wait(5)
      .tap("stop", "left-running")
      .set("fuel-tap", "shut", "petrol-left-open")
      .set("vent", "shut", "petrol-left-open");
  },
  davits: (shown, setup, task) => {
    const seconds = (setup as { heightM: number }).heightM / 0.1 + 0.5;
    return task === "tender-down"
      ? shown
          .set("bung", "in", "afloat-without-bung")
          .set("painter", "fast", "painter-not-fast")
          .set("tethers", "off", "lowered-on-tethers")
          .together(["bow-down", "stern-down"], seconds, "hung-askew")
      : shown
          .set("people", "out", "hoisted-with-people")
          .together(["bow-up", "stern-up"], seconds, "hung-askew")
          .set("bung", "out", "bung-left-in")
          .set("tethers", "on", "not-lashed");
  },
  platform: (shown, setup) => {
    const { travelSeconds } = setup as { travelSeconds: number };
    return shown
      .set("lock", "free", "moved-locked")
      .hold("down", travelSeconds + 0.5, "people-on-it")
      .set("ladder", "out")
      .wait(3)
      .set("ladder", "in", "ladder-in-the-way")
      .hold("up", travelSeconds + 0.5, "hands-near")
      .set("lock", "locked", "not-locked");
  },
} satisfies Shows;

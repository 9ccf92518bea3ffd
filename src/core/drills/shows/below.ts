import type { Shows } from "./shows";

/** What is worked below deck. */
export const below = {
  sources: (shown, setup, task) => {
    const of = setup as { preheatSeconds: number; steadySeconds: number; coolDownSeconds: number };
    if (task === "shore")
      return shown
        .set("boat-end", "in", "plugged-live")
        .set("quay-end", "in", "plugged-live")
        .set("pedestal", "on")
        .look("polarity", "polarity-ignored")
        .set("main", "on")
        .set("feed-shore", "on", "two-sources");
    return shown
      .tap("gen-start")
      .wait(of.preheatSeconds)
      .look("gen-exhaust", "generator-without-water")
      .wait(of.steadySeconds)
      .set("feed-generator", "on", "generator-under-load")
      .set("load", 1000)
      .wait(5)
      .set("load", 0, "stopped-under-load")
      .wait(of.coolDownSeconds)
      .tap("gen-stop")
      .set("feed-generator", "off");
  },
  gas: (shown, setup, task) => {
    if (task === "cook")
      return shown
        .set("bottle", "open")
        .set("tap", "open")
        .set("knob", "on")
        .together(["push", "lighter"], (setup as { guardSeconds: number }).guardSeconds + 1.5, "let-go-too-soon")
        .wait(30)
        .set("knob", "off", "burner-left")
        .set("tap", "shut")
        .set("bottle", "shut", "tap-shut-bottle-open");
    const smelt = shown.set("bottle", "open").wait(2.5).set("bottle", "shut").set("hatches", "open");
    smelt.set("crew", "deck", "switched-at-smell");
    for (let stroke = 0; stroke < 4; stroke++) smelt.tap("bilge-pump", "relit-with-gas-in-the-bilge");
    return smelt;
  },
  head: (shown, setup) => {
    const { kind, strokesFrom, holdSeconds } = setup as { kind: string; strokesFrom: number; holdSeconds: number };
    shown.tap("use");
    if (kind === "electric") return shown.hold("flush", holdSeconds + 1, "not-enough-strokes");
    shown.set("side", "flush");
    for (let stroke = 0; stroke < strokesFrom; stroke++) shown.tap("stroke", "not-enough-strokes");
    return shown.set("side", "locked", "left-on-flush");
  },
  toilet: (shown, _setup, task) =>
    task === "use-it"
      ? shown
          .set("fluid", "in", "no-fluid")
          .set("slide", "open", "slide-shut")
          .tap("use")
          .tap("stroke")
          .set("slide", "shut", "slide-left-open")
      : shown
          .set("latch", "loose")
          .set("emptied", "station", "emptied-overboard")
          .set("fluid", "in", "no-fluid")
          .set("latch", "fast", "not-latched"),
  water: (shown, setup, task) => {
    const tanks = (setup as { tanks: { id: string; capacityL: number; litres: number }[]; fillLpm: number }).tanks;
    if (task === "fill") {
      const { fillLpm } = setup as { fillLpm: number };
      for (const { id, capacityL, litres } of tanks) {
        shown.set("cap", id, "diesel-in-the-water-filler").set("hose", "water");
        shown.wait(((capacityL - litres) / fillLpm) * 60).set("hose", "off", "overflowed-inside");
      }
      return shown.set("cap", "none");
    }
    shown.set("pump", "on");
    for (const [at, { id }] of tanks.entries()) {
      shown.set(`valve:${id}`, "open").set("tap", "open").set("tap", "shut", "pump-ran-dry");
      if (at < tanks.length - 1) shown.set(`valve:${id}`, "shut", "two-tanks-open");
    }
    return shown;
  },
  bilge: (shown) =>
    shown
      .wait(9)
      .look("sump")
      .look("hoses", "pumped-without-looking")
      .set("seacock", "shut", "seacock-left-open")
      .set("switch", "on", "nobody-pumped")
      .wait(15)
      .set("switch", "auto", "pump-left-off"),
  batteries: (shown) => shown.look("volts", "started-on-flat").hold("start", 2),
} satisfies Shows;

import { fittingsFor, servesPurpose, takesUp } from "../../yacht/purposes";
import type { YachtFile } from "../../yacht/schema";

/** A stop with what it waits for, while the rules are laid over it. */
export interface RuledStop {
  id: string;
  stop: YachtFile["stops"][string];
  after: Set<string>;
  closes: string | null;
}

/** A rule that says what must come before what. It only adds to `after`. */
interface StopRule {
  name: string;
  apply: (stops: readonly RuledStop[], file: YachtFile) => void;
}

const byId = (stops: readonly RuledStop[], id: string | null) => stops.find((each) => each.id === id);
/** Whether a stop comes after another, directly or through others. */
export function comesAfter(
  stops: readonly RuledStop[],
  later: RuledStop,
  earlier: string,
  seen = new Set<string>(),
): boolean {
  if (later.after.has(earlier) || later.closes === earlier) return true;
  return [...later.after, ...(later.closes ? [later.closes] : [])].some((id) => {
    const through = byId(stops, id);
    if (!through || seen.has(id)) return false;
    seen.add(id);
    return comesAfter(stops, through, earlier, seen);
  });
}

const engineStarts = (stops: readonly RuledStop[], file: YachtFile) =>
  stops.filter(
    ({ id, stop }) =>
      stop.system === "engine" && stops.some((each) => each.closes === id) && Object.values(file.engines).length > 0,
  );

/** What a procedure waits for, the stop that takes it up waits for: the stop where that other procedure is taken up. */
const asProceduresSay: StopRule = {
  name: "as-procedures-say",
  apply: (stops, file) => {
    for (const each of stops) {
      for (const needed of each.stop.topics.flatMap((key) => file.procedures[key]?.after ?? [])) {
        const home = stops.find(({ stop }) => stop.topics.includes(needed));
        // a sail is shown, not hoisted, at the berth: only what is worked there needs the engine
        if (
          !home ||
          home === each ||
          each.stop.system === "rig-and-sails" ||
          each.stop.system === "hull-and-deck" ||
          comesAfter(stops, home, each.id)
        )
          continue;
        each.after.add(home.id);
      }
    }
  },
};

/** The dips come before the start: oil is read, and coolant opened, on a cold engine only. */
const dipsBeforeStart: StopRule = {
  name: "dips-before-start",
  apply: (stops, file) => {
    const dipped = new Set(
      Object.values(file.readings)
        .filter(({ kind }) => kind === "engine-oil" || kind === "coolant")
        .map(({ place }) => place),
    );
    for (const start of engineStarts(stops, file)) {
      for (const each of stops)
        if (
          each !== start &&
          each.stop.system === "engine" &&
          dipped.has(each.stop.place) &&
          !comesAfter(stops, each, start.id)
        )
          start.after.add(each.id);
    }
  },
};

/** What lies in the engine space comes before the start or after the stop: nobody reaches in beside turning belts. */
const engineSpaceStill: StopRule = {
  name: "engine-space-still",
  apply: (stops, file) => {
    const spaces = new Set(
      Object.values(file.engines)
        .filter(({ kind }) => kind === "diesel")
        .map(({ place }) => place),
    );
    for (const start of engineStarts(stops, file)) {
      const stop = stops.find((each) => each.closes === start.id);
      for (const each of stops) {
        if (each === start || each === stop || !spaces.has(each.stop.place)) continue;
        if (!comesAfter(stops, each, start.id)) start.after.add(each.id);
        else if (stop && !comesAfter(stops, stop, each.id)) each.after.add(stop.id);
      }
    }
  },
};

/** Windlass and thruster are worked with the engine running, so they come before it is stopped. */
const workedByEngine: StopRule = {
  name: "worked-by-engine",
  apply: (stops, file) => {
    const hasWindlass = Object.values(file.groundTackle).some((tackle) => tackle.windlass !== undefined);
    const needsEngine = ({ topics }: RuledStop["stop"]) =>
      servesPurpose(file, topics, "thruster") || (hasWindlass && servesPurpose(file, topics, "anchor-down"));
    for (const start of engineStarts(stops, file)) {
      for (const each of stops) {
        if (each === start || comesAfter(stops, start, each.id)) continue;
        if (needsEngine(each.stop)) each.after.add(start.id);
      }
    }
  },
};

/** What has a switch of its own to be shown waits for the stop that takes the switch up. */
const switchesOn: StopRule = {
  name: "switches-on",
  apply: (stops, file) => {
    const switches = [
      ["anchor-down", "windlass-switch"],
      ["thruster", "thruster-switch"],
    ] as const;
    for (const [worked, switched] of switches)
      for (const key of fittingsFor(file, switched)) {
        const fitting = file.fittings[key];
        const shown = fitting && stops.find(({ stop }) => takesUp(stop, fitting));
        if (!shown) continue;
        for (const each of stops)
          if (each !== shown && servesPurpose(file, each.stop.topics, worked) && !comesAfter(stops, shown, each.id))
            each.after.add(shown.id);
      }
  },
};

/** As the base wants it on this yacht: before or after all that does not depend on it. */
const pinned: StopRule = {
  name: "pinned",
  apply: (stops) => {
    for (const pin of stops.filter(({ stop }) => stop.pin === "first"))
      for (const each of stops)
        if (each !== pin && each.stop.pin !== "first" && !comesAfter(stops, pin, each.id)) each.after.add(pin.id);
    for (const pin of stops.filter(({ stop }) => stop.pin === "last"))
      for (const each of stops)
        if (each !== pin && each.stop.pin !== "last" && !comesAfter(stops, each, pin.id)) pin.after.add(each.id);
  },
};

/** Moved to its place by the base: after one stop and before another. */
const placed: StopRule = {
  name: "placed",
  apply: (stops) => {
    for (const each of stops) {
      const { after, before } = each.stop.between ?? {};
      const [earlier, later] = [after, before].map((id) => stops.find((other) => other.id === id && other !== each));
      if (earlier && !comesAfter(stops, earlier, each.id)) each.after.add(earlier.id);
      if (later && !comesAfter(stops, each, later.id)) later.after.add(each.id);
    }
  },
};

/** In this order: what is placed or pinned gives way to what must be. */
export const stopRules: readonly StopRule[] = [
  asProceduresSay,
  dipsBeforeStart,
  engineSpaceStill,
  workedByEngine,
  switchesOn,
  placed,
  pinned,
];

/** The stops of a file with everything that the rules make them wait for. */
export function ruledStops(file: YachtFile): RuledStop[] {
  const stops = Object.entries(file.stops).map(([id, stop]): RuledStop => ({
    id,
    stop,
    after: new Set(stop.after),
    closes: stop.closes ?? null,
  }));
  for (const rule of stopRules) rule.apply(stops, file);
  return stops;
}

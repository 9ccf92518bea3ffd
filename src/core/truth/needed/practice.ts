import type { YachtFile } from "../../yacht/schema";
import type { ProcedurePurpose } from "../../yacht/parts/purposes";
import type { Found } from "../finding";
import { missing, saidInSteps, type Needed } from "./needed";

type Procedure = YachtFile["procedures"][string];
type Entry = readonly [key: string, procedure: Procedure];

const withPurpose = (file: YachtFile, purpose: ProcedurePurpose): Entry[] =>
  Object.entries(file.procedures).filter(([, each]) => each.purpose === purpose);
const titled = (file: YachtFile, title: RegExp): Entry[] =>
  Object.entries(file.procedures).filter(([, each]) => title.test(each.title.en ?? ""));
const firstAt = (steps: readonly string[], words: RegExp) => steps.findIndex((step) => words.test(step));
const hasDiesel = ({ engines }: YachtFile) => Object.values(engines).some(({ kind }) => kind === "diesel");
const step = (key: string, at: number) => `/procedures/${key}/steps/${at}/words`;

/** Revs carry the windlass while it works: they fall to idle before gear is put in, and not before the chain runs. */
function anchoring(file: YachtFile): Found[] {
  const lowering = withPurpose(file, "anchor-down").flatMap(([key, procedure]): Found[] => {
    const steps = saidInSteps(procedure);
    const idle = firstAt(steps, /\bidle\b/);
    const works = procedure.steps.findIndex(
      ({ fitting }) => fitting !== undefined && file.fittings[fitting]?.kind === "winch",
    );
    return idle >= 0 && works >= 0 && idle < works && firstAt(steps, /\brevs\b/) <= idle
      ? [{ path: step(key, idle), code: "says-other", fact: step(key, works) }]
      : [];
  });
  const raising = titled(file, /^(raise|weigh|lift|pull up) .*anchor/i).flatMap(([key, procedure]): Found[] => {
    const steps = saidInSteps(procedure);
    return firstAt(steps, /\brevs\b/) >= 0 && firstAt(steps, /\bidle\b/) < 0
      ? [missing(`/procedures/${key}/title`)]
      : [];
  });
  return [...lowering, ...raising];
}

/** The clutch is opened with the load on something else. */
function clutch(file: YachtFile): Found[] {
  return Object.entries(file.procedures)
    .filter(([, { system }]) => system === "anchoring")
    .flatMap(([key, procedure]): Found[] => {
      const steps = saidInSteps(procedure);
      const opens = firstAt(steps, /clutch (is )?open|open(s|ed)? the clutch|clutch handle/);
      const relieved = firstAt(steps, /snubber|bridle|chain stop|load (is )?(off|on)|takes the load/);
      return opens >= 0 && (relieved < 0 || relieved > opens) ? [missing(step(key, opens))] : [];
    });
}

/** The engine is off before its seacock is shut. */
function seacocks(file: YachtFile): Found[] {
  if (!hasDiesel(file)) return [];
  return Object.entries(file.procedures)
    .filter(([, { system }]) => system === "bilge")
    .flatMap(([key, procedure]): Found[] => {
      const steps = saidInSteps(procedure);
      const shut = firstAt(steps, /shut (every seacock|all seacocks|seacocks one by one|the seacocks)/);
      const off = firstAt(steps, /engine (is )?(off|stopped)|stop the engine/);
      return shut >= 0 && (off < 0 || off > shut) ? [missing(step(key, shut))] : [];
    });
}

const stopsHer =
  /\b(stop her|heave to|hove to|luff|sheets? free|let (the )?sheets? (go|fly)|into the wind|head to wind)\b/;

/** Under sail she is stopped before anything else is done for who fell overboard, and the call goes out early. */
function overboard(file: YachtFile): Found[] {
  if (Object.keys(file.sails).length === 0) return [];
  const procedures = withPurpose(file, "man-overboard").flatMap(([key, procedure]): Found[] =>
    stopped(saidInSteps(procedure)) ? [] : [missing(`/procedures/${key}/title`)],
  );
  const cards = Object.entries(file.emergencyCards)
    .filter(([, { title }]) => /overboard/i.test(title.en ?? ""))
    .flatMap(([key, card]): Found[] =>
      stopped(card.steps.map((each) => (each.en ?? "").toLowerCase())) ? [] : [missing(`/emergencyCards/${key}/title`)],
    );
  return [...procedures, ...cards];
}
const stopped = (steps: readonly string[]) => {
  const at = firstAt(steps, stopsHer);
  return at >= 0 && at <= 2;
};

/** A boom that hangs on its sail alone falls with the halyard. */
function reefing(file: YachtFile): Found[] {
  if (!Object.values(file.sails).some(({ kind }) => kind === "main-slab")) return [];
  return withPurpose(file, "reefing").flatMap(([key, procedure]): Found[] => {
    const steps = saidInSteps(procedure);
    const down = firstAt(steps, /halyard (is )?(down|eased|off|goes)/);
    const lift = firstAt(steps, /topping lift|lazy ?jacks|rigid vang|kicker holds/);
    return down >= 0 && (lift < 0 || lift > down) ? [missing(step(key, down))] : [];
  });
}

/** Starting is done when lamps and alarm are out; what will not stop is stopped by its own lever first. */
function engine(file: YachtFile): Found[] {
  if (!hasDiesel(file)) return [];
  const starts = withPurpose(file, "engine-start").flatMap(([key, procedure]): Found[] =>
    firstAt(saidInSteps(procedure), /(lamps?|alarm|sound)[^.]*\b(out|dark|off|silent|stops?)\b/) >= 0
      ? []
      : [missing(`/procedures/${key}/title`)],
  );
  const lever = Object.entries(file.fittings).find(
    ([, { kind, system, name }]) => kind === "cut-off" && system === "engine" && /\bstop\b/i.test(name.en ?? ""),
  );
  const stops = titled(file, /will not stop|does not stop/i)
    .filter(([, { system }]) => system === "engine")
    .flatMap(([key, procedure]): Found[] => {
      if (!lever) return [];
      const own = procedure.steps.findIndex(({ fitting }) => fitting === lever[0] || /stop lever/i.test(fitting ?? ""));
      const fuel = procedure.steps.findIndex(
        ({ fitting }) => fitting !== undefined && file.fittings[fitting]?.system === "fuel",
      );
      return own < 0 || (fuel >= 0 && fuel < own) ? [missing(`/procedures/${key}/title`, `/fittings/${lever[0]}`)] : [];
    });
  return [...starts, ...stops];
}

/** Where petrol burns the crew comes before anything that is done about it. */
function petrol(file: YachtFile): Found[] {
  const isPetrol = Object.values(file.engines).some(({ kind }) => kind === "petrol-outboard");
  if (!isPetrol) return [];
  const people = /\b(jackets?|raft|overboard yourselves|leave her)\b/;
  return [
    ...Object.entries(file.emergencyCards)
      .filter(([, { title }]) => /fire/i.test(title.en ?? ""))
      .flatMap(([key, card]): Found[] =>
        people.test((card.steps[0]?.en ?? "").toLowerCase()) ? [] : [missing(`/emergencyCards/${key}/steps/0`)],
      ),
    ...withPurpose(file, "extinguishers").flatMap(([key, procedure]): Found[] => {
      const steps = saidInSteps(procedure);
      return steps.some((each) => /petrol/.test(each)) && !people.test(steps[0] ?? "") ? [missing(step(key, 0))] : [];
    }),
  ];
}

/** What keeps the pump alive is said where everything else is switched off. */
function leaving(file: YachtFile): Found[] {
  return Object.entries(file.procedures).flatMap(([key, procedure]) =>
    saidInSteps(procedure).flatMap((words, at): Found[] =>
      /bilge pump/.test(words) && /everything else off/.test(words) && !/\b(service|battery) switch|breaker/.test(words)
        ? [missing(step(key, at))]
        : [],
    ),
  );
}

/** A valve that her own rule keeps shut is opened in no fault of the head. */
function holding(file: YachtFile): Found[] {
  return Object.entries(file.procedures)
    .filter(([, { system, kind }]) => system === "waste" && kind === "fault")
    .flatMap(([key, procedure]) =>
      procedure.steps.flatMap((each, at): Found[] => {
        const fitting = each.fitting === undefined ? undefined : file.fittings[each.fitting];
        const asksOpen = /\b(in line|open)\b/i.test(each.words.en ?? "") && !/\bshut\b/i.test(each.words.en ?? "");
        return fitting?.kind === "valve" && fitting.normally === "shut" && asksOpen
          ? [{ path: step(key, at), code: "says-other", fact: `/fittings/${each.fitting}/normally` }]
          : [];
      }),
    );
}

/** The order in which practice does what can hurt somebody. */
export const practice: Needed = {
  name: "practice",
  find: (file) =>
    [anchoring, clutch, seacocks, overboard, reefing, engine, petrol, leaving, holding].flatMap((each) => each(file)),
};

import fc from "fast-check";
import { demoYacht } from "../../../testing/demo-yacht";
import { largeWalk } from "../../../testing/large-walk";
import { InputError } from "../../basics/calculation";
import { costOf, isLess } from "./cost";
import { nearestFirst } from "./greedy";
import { isAllowed } from "./improve";
import { planWalk } from "./plan-walk";
import { walkProblem } from "./problem";
import { shortestTo } from "./search";
import { bestOfFew } from "./small";
import type { WalkInput, WalkOrder, WalkPlan, WalkStop } from "./schema";

const stop = (id: string, place: string, more: Partial<WalkStop> = {}): WalkStop => ({
  id,
  place,
  system: "engine",
  minutes: 1,
  after: [],
  safety: false,
  ...more,
});
/** Quay, stern, helm and bow in a row on deck, the saloon below the helm, a cabin behind it. */
const boat = (stops: WalkStop[], more: Partial<WalkInput> = {}): WalkInput => ({
  places: [
    { id: "quay", level: "deck" },
    { id: "stern", level: "deck" },
    { id: "helm", level: "deck" },
    { id: "bow", level: "deck" },
    { id: "saloon", level: "below" },
    { id: "cabin", level: "below" },
  ],
  ways: [
    { from: "quay", to: "stern", seconds: 5 },
    { from: "stern", to: "helm", seconds: 4 },
    { from: "helm", to: "bow", seconds: 12 },
    { from: "helm", to: "saloon", seconds: 8 },
    { from: "saloon", to: "cabin", seconds: 6 },
  ],
  stops,
  start: "quay",
  end: null,
  order: "shortest",
  ...more,
});
const fault = (input: WalkInput): string => {
  try {
    planWalk(input);
  } catch (error) {
    if (error instanceof InputError) return `${error.where}: ${error.message}`;
    throw error;
  }
  return "";
};

describe("a walk worked out by hand", () => {
  const engine = [
    stop("start", "helm", { minutes: 4, after: ["switch"] }),
    stop("switch", "saloon", { minutes: 1 }),
    stop("windlass", "bow", { minutes: 5, after: ["start"] }),
    stop("stop", "helm", { minutes: 2, closes: "start" }),
  ];

  it("goes below for the switch first, closes what it opened, and tells legs, talk and what stands open", () => {
    // quay 5 stern 4 helm 8 saloon, 8 back, 12 to the bow, 12 back: 49 seconds; open 5 minutes and 24 seconds
    expect(planWalk(boat(engine))).toEqual({
      sequence: ["switch", "start", "windlass", "stop"],
      legs: [
        { from: "quay", to: "saloon", via: ["stern", "helm"], seconds: 17 },
        { from: "saloon", to: "helm", via: [], seconds: 8 },
        { from: "helm", to: "bow", via: [], seconds: 12 },
        { from: "bow", to: "helm", via: [], seconds: 12 },
      ],
      walkSeconds: 49,
      talkMinutes: 12,
      boundSeconds: 49,
      optimal: true,
      repeats: 0,
      open: [{ from: "start", to: "stop", minutes: 5.4 }],
      exceptions: [],
    } satisfies WalkPlan);
  });

  it("walks on to the end that is asked, and in one direction only where a way says so", () => {
    expect(planWalk(boat(engine, { end: "quay" }))).toMatchObject({
      walkSeconds: 58,
      legs: expect.arrayContaining([{ from: "helm", to: "quay", via: ["stern"], seconds: 9 }]) as unknown,
    });
    // down the fore hatch, never up: the cabin is last
    const hatch = boat([stop("a", "cabin"), stop("b", "helm"), stop("c", "bow")], {
      ways: [
        { from: "quay", to: "helm", seconds: 3 },
        { from: "helm", to: "bow", seconds: 5 },
        { from: "bow", to: "cabin", seconds: 2, oneWay: true },
      ],
    });
    expect(planWalk(hatch)).toMatchObject({ sequence: ["b", "c", "a"], walkSeconds: 10, optimal: true });
  });

  it("takes the shortest of several ways, and nothing for nothing", () => {
    expect(
      planWalk(
        boat([stop("a", "bow")], {
          ways: [
            { from: "quay", to: "bow", seconds: 9 },
            { from: "bow", to: "quay", seconds: 7 },
          ],
        }),
      ).walkSeconds,
    ).toBe(7);
    expect(planWalk(boat([]))).toMatchObject({
      sequence: [],
      legs: [],
      walkSeconds: 0,
      boundSeconds: 0,
      optimal: true,
      repeats: 0,
      talkMinutes: 0,
    });
    expect(planWalk(boat([], { end: "helm" }))).toMatchObject({ walkSeconds: 9, legs: [{ from: "quay", to: "helm" }] });
  });

  it("keeps what needs a stop open before the one that closes it, unless it comes after that anyway", () => {
    const late = stop("strainer", "cabin", { after: ["start", "stop"] });
    const early = stop("thruster", "cabin", { after: ["start"] });
    const { sequence } = planWalk(boat([...engine, late, early]));
    expect(sequence.indexOf("thruster")).toBeLessThan(sequence.indexOf("stop"));
    expect(sequence.indexOf("strainer")).toBeGreaterThan(sequence.indexOf("stop"));
    const through = planWalk(
      boat([
        ...engine,
        stop("between", "helm", { after: ["stop"] }),
        stop("strainer", "cabin", { after: ["start", "between"] }),
      ]),
    );
    expect(through.sequence.at(-1)).toBe("strainer");
  });

  it("in deck-first leaves all below to the last, but for what a stop on deck depends on", () => {
    const plan = planWalk(boat([...engine, stop("head", "cabin"), stop("raft", "stern")], { order: "deck-first" }));
    expect(plan.sequence).toEqual(["raft", "switch", "start", "windlass", "stop", "head"]);
    expect(plan.exceptions).toEqual(["switch"]);
    // what the closing stop needs open counts too: the cabin's switch needs the engine running, and so the deck waits for it
    const closes = planWalk(boat([...engine, stop("charge", "cabin", { after: ["start"] })], { order: "deck-first" }));
    expect(closes.exceptions).toEqual(["switch", "charge"]);
  });

  it("in by-system goes back to a system only when it must", () => {
    const mixed = [
      stop("e1", "helm", { system: "engine" }),
      stop("g1", "helm", { system: "gas" }),
      stop("e2", "cabin", { system: "engine" }),
      stop("g2", "cabin", { system: "gas" }),
    ];
    // one system after the other costs 9 + 14 to the cabin, 14 back to the helm, 14 again
    expect(planWalk(boat(mixed, { order: "by-system" }))).toMatchObject({
      repeats: 0,
      walkSeconds: 23 + 0 + 14,
      optimal: true,
    });
    expect(planWalk(boat(mixed))).toMatchObject({ walkSeconds: 23 });
    const forced = [
      stop("a1", "helm", { system: "a" }),
      stop("b1", "helm", { system: "b", after: ["a1"] }),
      stop("a2", "helm", { system: "a", after: ["b1"] }),
    ];
    expect(planWalk(boat(forced, { order: "by-system" }))).toMatchObject({
      sequence: ["a1", "b1", "a2"],
      repeats: 1,
      optimal: true,
    });
  });

  it("of equal walks takes one that leaves less standing open", () => {
    const here = [
      stop("start", "helm"),
      stop("stop", "helm", { closes: "start" }),
      ...["a", "b", "c"].map((id) => stop(id, "helm", { minutes: 10 })),
    ];
    expect(planWalk(boat(here)).open).toEqual([{ from: "start", to: "stop", minutes: 0 }]);
  });
});

describe("what cannot be planned", () => {
  it.each<[string, WalkInput, RegExp]>([
    [
      "an unknown place of a stop",
      boat([stop("a", "attic")]),
      /stop "a" is at the place "attic", which is not among those given/,
    ],
    ["an unknown place of a way", boat([], { ways: [{ from: "quay", to: "moon", seconds: 1 }] }), /"moon"/],
    ["an unknown start", boat([], { start: "moon" }), /"moon"/],
    ["an unknown end", boat([], { end: "moon" }), /"moon"/],
    ["an unknown stop to come after", boat([stop("a", "bow", { after: ["z"] })]), /stop "a" names the stop "z"/],
    ["an unknown stop to close", boat([stop("a", "bow", { closes: "z" })]), /"z"/],
    [
      "a stop that no way leads to",
      boat([stop("a", "bow")], { ways: [{ from: "quay", to: "helm", seconds: 1 }] }),
      /stop "a" cannot be reached/,
    ],
    [
      "an end that no way leads to",
      boat([stop("a", "helm")], { ways: [{ from: "quay", to: "helm", seconds: 1 }], end: "bow" }),
      /end "bow" cannot be reached/,
    ],
    [
      "two stops, neither reached from the other",
      boat([stop("a", "helm"), stop("b", "bow")], {
        ways: [
          { from: "quay", to: "helm", seconds: 1, oneWay: true },
          { from: "quay", to: "bow", seconds: 1, oneWay: true },
        ],
      }),
      /stop "b" cannot be reached in any allowed order/,
    ],
    [
      "an order against a way in one direction",
      boat([stop("a", "helm", { after: ["b"] }), stop("b", "bow")], {
        ways: [
          { from: "quay", to: "helm", seconds: 1 },
          { from: "helm", to: "bow", seconds: 1, oneWay: true },
        ],
      }),
      /in no allowed order.*a → b → a|in no allowed order.*b → a → b/,
    ],
    [
      "a circle",
      boat([
        stop("a", "helm", { after: ["c"] }),
        stop("b", "helm", { after: ["a"] }),
        stop("c", "helm", { after: ["b"] }),
      ]),
      /a → b → c → a|b → c → a → b|c → a → b → c/,
    ],
    ["a stop after itself", boat([stop("a", "helm", { after: ["a"] })]), /a → a/],
    ["a stop there twice", boat([stop("a", "helm"), stop("a", "bow")]), /"a" is there twice/],
    [
      "a place there twice",
      boat([], {
        places: [
          { id: "quay", level: "deck" },
          { id: "quay", level: "deck" },
        ],
        ways: [],
      }),
      /"quay" is there twice/,
    ],
    [
      "seconds below 0",
      boat([], { ways: [{ from: "quay", to: "stern", seconds: -1 }] }),
      /from "quay" to "stern" takes -1 seconds/,
    ],
    ["minutes below 0", boat([stop("a", "helm", { minutes: -2 })]), /stop "a" takes -2 minutes/],
    [
      "two that close one",
      boat([stop("a", "helm"), stop("b", "helm", { closes: "a" }), stop("c", "helm", { closes: "a" })]),
      /"a" is closed by two: "b" and "c"/,
    ],
  ])("%s is named", (_what, input, message) => expect(fault(input)).toMatch(message));
});

/** Every allowed order of a few stops, by the rules as they are written down and nothing else. */
function bestByTrying(input: WalkInput): { repeats: number; seconds: number } | null {
  const level = new Map(input.places.map((place) => [place.id, place.level]));
  const ids = input.places.map((place) => place.id);
  const walk = new Map(ids.map((from) => [from, new Map(ids.map((to) => [to, from === to ? 0 : Infinity]))]));
  const set = (from: string, to: string, seconds: number) =>
    walk.get(from)!.set(to, Math.min(seconds, walk.get(from)!.get(to)!));
  for (const way of input.ways) {
    set(way.from, way.to, way.seconds);
    if (!way.oneWay) set(way.to, way.from, way.seconds);
  }
  for (const via of ids)
    for (const from of ids) for (const to of ids) set(from, to, walk.get(from)!.get(via)! + walk.get(via)!.get(to)!);
  // what comes before what: after and closes, with all that follows from them
  const comesAfter = new Map(
    input.stops.map((each) => [each.id, new Set([...(each.after ?? []), ...(each.closes ? [each.closes] : [])])]),
  );
  const spread = () => {
    for (let grown = true; grown;) {
      grown = false;
      for (const set of comesAfter.values())
        for (const id of [...set])
          for (const further of comesAfter.get(id)!) if (!set.has(further)) grown = !!set.add(further);
    }
  };
  spread();
  const needed: [string, string][] = input.stops.flatMap((closing) =>
    input.stops
      .filter(
        (each) =>
          closing.closes &&
          each.id !== closing.id &&
          each.after?.includes(closing.closes) &&
          !comesAfter.get(each.id)!.has(closing.id),
      )
      .map((each): [string, string] => [each.id, closing.id]),
  );
  for (const [earlier, later] of needed) comesAfter.get(later)!.add(earlier);
  spread();
  const onDeck = input.stops.filter((each) => level.get(each.place) === "deck");
  const isFree = (id: string) => !onDeck.some((deck) => comesAfter.get(deck.id)!.has(id));
  let best: { repeats: number; seconds: number } | null = null;
  const go = (done: WalkStop[], seconds: number, runs: number) => {
    if (done.length === input.stops.length) {
      const home = input.end === null ? 0 : walk.get(done.at(-1)?.place ?? input.start)!.get(input.end)!;
      const repeats = input.order === "by-system" ? runs - new Set(input.stops.map((each) => each.system)).size : 0;
      if (
        seconds + home < Infinity &&
        (!best || repeats < best.repeats || (repeats === best.repeats && seconds + home < best.seconds))
      )
        best = { repeats, seconds: seconds + home };
      return;
    }
    for (const next of input.stops) {
      if (done.includes(next) || [...comesAfter.get(next.id)!].some((id) => !done.some((each) => each.id === id)))
        continue;
      if (
        input.order === "deck-first" &&
        level.get(next.place) === "below" &&
        isFree(next.id) &&
        onDeck.some((deck) => !done.includes(deck))
      )
        continue;
      go(
        [...done, next],
        seconds + walk.get(done.at(-1)?.place ?? input.start)!.get(next.place)!,
        runs + (done.at(-1)?.system === next.system ? 0 : 1),
      );
    }
  };
  go([], 0, 0);
  return best;
}

const orders: WalkOrder[] = ["shortest", "deck-first", "by-system"];
/** A yacht of some places in a tree with a few more ways, and stops that wait for earlier ones. */
const anyWalk = (places: number, stops: number, waits: number) =>
  fc
    .record({
      levels: fc.array(fc.constantFrom<"deck" | "below">("deck", "below"), { minLength: places, maxLength: places }),
      up: fc.array(fc.tuple(fc.nat(), fc.integer({ min: 0, max: 9 })), {
        minLength: places - 1,
        maxLength: places - 1,
      }),
      more: fc.array(fc.tuple(fc.nat(places - 1), fc.nat(places - 1), fc.integer({ min: 1, max: 12 }), fc.boolean()), {
        maxLength: 3,
      }),
      stops: fc.array(fc.tuple(fc.nat(places - 1), fc.nat(3), fc.array(fc.nat(), { maxLength: waits }), fc.boolean()), {
        minLength: 1,
        maxLength: stops,
      }),
      end: fc.option(fc.nat(places - 1)),
      order: fc.constantFrom(...orders),
    })
    .map(({ levels, up, more, stops: raw, end, order }): WalkInput => {
      const closed = new Set<number>();
      return {
        places: levels.map((level, i) => ({ id: `p${i}`, level })),
        ways: [
          ...up.map(([to, seconds], i) => ({ from: `p${i + 1}`, to: `p${to % (i + 1)}`, seconds })),
          ...more.map(([from, to, seconds, oneWay]) => ({ from: `p${from}`, to: `p${to}`, seconds, oneWay })),
        ],
        stops: raw.map(([place, system, after, closes], i) => {
          const opening = (after[0] ?? 0) % Math.max(1, i);
          const isClosing = closes && i > 0 && !closed.has(opening);
          if (isClosing) closed.add(opening);
          return {
            id: `s${i}`,
            place: `p${place}`,
            system: `y${system}`,
            minutes: 1,
            after: i === 0 ? [] : [...new Set(after.map((n) => `s${n % i}`))],
            ...(isClosing ? { closes: `s${opening}` } : {}),
            safety: false,
          };
        }),
        start: "p0",
        end: end === null ? null : `p${end}`,
        order,
      };
    });

describe("against a second, plain planner that tries every order", () => {
  it("is as short, proven, and keeps every rule", () => {
    fc.assert(
      fc.property(anyWalk(5, 6, 2), (input) => {
        const best = bestByTrying(input);
        if (!best) return expect(fault(input)).not.toBe("");
        const plan = planWalk(input);
        const repeats = input.order === "by-system" ? plan.repeats : 0;
        expect({ repeats, seconds: plan.walkSeconds, optimal: plan.optimal, bound: plan.boundSeconds }).toEqual({
          repeats: best.repeats,
          seconds: best.seconds,
          optimal: true,
          bound: best.seconds,
        });
        const problem = walkProblem(input);
        expect(
          isAllowed(
            problem,
            plan.sequence.map((id) => input.stops.findIndex((each) => each.id === id)),
          ),
        ).toBe(true);
        expect(plan.legs.reduce((sum, leg) => sum + leg.seconds, 0)).toBeCloseTo(plan.walkSeconds, 6);
      }),
      { numRuns: 300, seed: 7 },
    );
  });
});

describe("the search for many stops", () => {
  it("finds walks as short as the one for few, which looks at every set of stops", () => {
    fc.assert(
      fc.property(
        anyWalk(9, 12, 2).filter((input) => input.order !== "by-system" && fault(input) === ""),
        (input) => {
          const problem = walkProblem(input);
          const exact = costOf(problem, bestOfFew(problem)).seconds;
          const ends = problem.end === null ? [...new Set(problem.placeOf)] : [problem.end];
          const found = ends.map((end) => shortestTo(problem, end, Infinity, 100_000));
          expect(Math.min(...found.map((each) => each.seconds))).toBeCloseTo(exact, 6);
          // given up early, it still promises nothing that is not so
          const bound = Math.min(...ends.map((end) => shortestTo(problem, end, Infinity, 3).bound));
          expect(bound).toBeLessThanOrEqual(exact + 1e-6);
        },
      ),
      { numRuns: 200, seed: 11 },
    );
  });
});

describe("the demo yachts", () => {
  it.each(
    ["pale-heron", "quillback", "cold-harbour", "gannet-rock", "two-lanterns", "little-auk"].flatMap((slug) =>
      orders.map((order) => [slug, order] as const),
    ),
  )("%s, %s", (slug, order) => {
    const file = demoYacht(slug);
    for (const end of [Object.hasOwn(file.places, "cockpit") ? "cockpit" : (Object.keys(file.places)[0] ?? ""), null]) {
      const input: WalkInput = {
        places: Object.entries(file.places).map(([id, { level }]) => ({ id, level })),
        ways: Object.values(file.ways),
        start: Object.keys(file.places)[0] ?? "",
        end,
        order,
        stops: Object.entries(file.stops).map(([id, { place, system, minutes, after, closes, safety }]) => ({
          id,
          place,
          system,
          minutes,
          after,
          ...(closes ? { closes } : {}),
          safety,
        })),
      };
      const plan = planWalk(input);
      const problem = walkProblem(input);
      expect(
        isAllowed(
          problem,
          plan.sequence.map((id) => Object.keys(file.stops).indexOf(id)),
        ),
      ).toBe(true);
      if (order !== "by-system" || slug === "little-auk") expect(plan.optimal).toBe(true);
      expect(plan.boundSeconds).toBeLessThanOrEqual(plan.walkSeconds);
      const greedy = costOf(problem, nearestFirst(problem));
      expect(
        isLess(greedy, {
          repeats: order === "by-system" ? plan.repeats : 0,
          seconds: plan.walkSeconds,
          openMinutes: Infinity,
        }) && greedy.seconds < plan.walkSeconds,
      ).toBe(false);
    }
  });
});

describe("a large walk", () => {
  it.each(orders)(
    "%s: allowed, never worse than nearest first or any random order, with an honest bound, and the same each time",
    (order) => {
      const input = largeWalk(order);
      const problem = walkProblem(input);
      const plan = planWalk(input);
      const mine = costOf(
        problem,
        plan.sequence.map((id) => Number(id.slice(1))),
      );
      expect(
        isAllowed(
          problem,
          plan.sequence.map((id) => Number(id.slice(1))),
        ),
      ).toBe(true);
      expect(plan.boundSeconds).toBeLessThanOrEqual(plan.walkSeconds);
      expect(isLess(costOf(problem, nearestFirst(problem)), mine)).toBe(false);
      let state = 99;
      for (let n = 0; n < 200; n++) {
        const left = new Set(input.stops.keys());
        const sequence: number[] = [];
        while (left.size > 0) {
          const open = [...left].filter((each) =>
            (problem.precedence.before[each] ?? []).every((earlier) => !left.has(earlier)),
          );
          state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
          const next = open[state % open.length]!;
          left.delete(next);
          sequence.push(next);
        }
        expect(isLess(costOf(problem, sequence), mine)).toBe(false);
      }
      expect(planWalk(input)).toEqual(plan);
    },
  );
});

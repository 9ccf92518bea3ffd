import type { Task, Tasks } from "./task";

const task = (
  [section, step]: [Task["section"], number],
  name: string,
  how: string,
  [small, large]: [number, number],
  more: Partial<Task> = {},
): Task => ({
  name: { en: name },
  how: { en: how },
  section,
  step,
  minutes: { small, large },
  when: "always",
  ...more,
});

/** Lies so many days: the usual length of two charter weeks without a charter. */
const idleDays = 14;
/** From here on she is laid up, not only left. */
const layUpDays = 42;

/**
 * What is done between two charters at a base that has settled nothing yet. Minutes are of one person and from practice:
 * cleaning 60 to 150 by size, linen 15, refuelling 20 and the queue.
 */
export const usualTasks: Tasks = {
  "bag-sails": task(
    ["laying-up", 1],
    "Take the sails off or cover them",
    "Bagged dry, never wet. Halyards tied away from the mast.",
    [20, 60],
    { when: "before-idle", days: layUpDays, needs: "sails" },
  ),
  "rinse-waste": task(
    ["laying-up", 2],
    "Rinse heads and holding tanks",
    "Fresh water through bowl, pump and tank, emptied where the local rule allows it, seacocks shut.",
    [20, 40],
    { when: "before-idle", days: layUpDays, needs: "head" },
  ),
  "leave-alone": task(
    ["laying-up", 3],
    "Leave her to herself",
    "Whatever she has of it: gas bottle shut, fridge empty and open, batteries full, lines and fenders doubled, canvas off, hatches shut, bilge dry.",
    [20, 30],
    { when: "before-idle", days: idleDays },
  ),
  sniff: task(
    ["opening-up", 1],
    "Open her up and sniff",
    "Hatches and boards open, nose low over the bilge. Some extra strokes of the hand pump: heavy gas goes with the water.",
    [5, 5],
    {
      caution: {
        en: "Touch no switch, on or off, before it smells of nothing. Smell of gas: bottle shut by hand, everybody on deck.",
      },
    },
  ),
  "first-switch": task(
    ["opening-up", 4],
    "First switch, then look",
    "Isolators on. Gas alarm lit, gauges alive, nothing hums that should not.",
    [5, 5],
  ),
  "put-back": task(
    ["opening-up", 5],
    "Put back what was taken off for the lay-over",
    "Log impeller: arrow forward, finger-tight, spins. Isolators and theft switches to run, fuel shut-off open.",
    [5, 10],
  ),
  "flush-heads": task(
    ["turn-round", 1],
    "Flush the heads after a long lie",
    "Until it smells of nothing: a hand pump takes 20 to 30 strokes with the flush open, an electric one several flushes.",
    [5, 15],
    { when: "after-idle", days: idleDays, needs: "head" },
  ),
  "fresh-water": task(
    ["turn-round", 2],
    "Change the water that has stood",
    "Run the tanks down through every tap, fill them anew, taste it.",
    [30, 60],
    { when: "after-idle", days: idleDays, needs: "water-tank" },
  ),
  refuel: task(
    ["turn-round", 3],
    "Refuel",
    "To the rule of the charter. Engine and heaters off, nobody below, no flame; nozzle touching the filler.",
    [20, 20],
    {
      needs: "fuel-tank",
      caution: { en: "The word on the filler is read before the cap comes off: fuel and water look alike on deck." },
    },
  ),
  clean: task(
    ["turn-round", 4],
    "Clean below and on deck",
    "Bilges, fridge, galley, heads, lockers looked into for what was left behind; then deck and cockpit.",
    [60, 150],
  ),
  linen: task(["turn-round", 5], "Beds and linen", "One set for each person on the list, towels counted.", [15, 15], {
    needs: "berths",
  }),
  "tender-ready": task(
    ["turn-round", 6],
    "Tender ready",
    "Pressed hard, plug in, pump and oars in her, painter whole.",
    [10, 15],
    { needs: "tender" },
  ),
  "outboard-ready": task(
    ["turn-round", 7],
    "Outboard ready",
    "Fuel and spare, kill cord on it, started once in a bucket or over the side, clamped and tied.",
    [10, 10],
    { needs: "outboard" },
  ),
  papers: task(["departure", 1], "Papers aboard", "Ship's papers, crew list form, insurance, in their folder.", [5, 5]),
  keys: task(["departure", 2], "Keys", "All in one place, each tried in its lock.", [5, 5]),
  "shore-power": task(
    ["departure", 3],
    "Left as the crew is to find her",
    "Whatever she has of it: shore power on, fridge cold, gas bottle shut, lights off.",
    [5, 5],
  ),
};

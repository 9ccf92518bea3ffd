/** Plain words and what the field calls the same; each word of a row may stand for the others. */
const same: readonly string[][] = [
  ["somebody", "someone", "person", "man"],
  ["toilet", "loo", "wc", "bathroom", "head"],
  ["kitchen", "galley"],
  ["motor", "engine", "diesel engine"],
  ["diesel", "fuel", "petrol"],
  ["refuel", "fill"],
  ["plug", "inlet", "socket", "outlet"],
  ["fuse", "breaker"],
  ["tap", "valve", "cock", "faucet"],
  ["vest", "jacket", "lifejacket"],
  ["dinghy", "tender"],
  ["genoa", "jib", "foresail", "headsail"],
  ["main", "mainsail"],
  ["heating", "heater"],
  ["boiler", "heater"],
  ["cooker", "stove", "hob", "oven"],
  ["refrigerator", "fridge"],
  ["vhf", "radio"],
  ["genset", "generator"],
  ["lamp", "light"],
  ["cable", "cord", "lead"],
  ["rope", "line"],
  ["front", "fore", "forward", "bow"],
  ["rear", "back", "aft", "stern"],
  ["buoy", "mooring"],
  ["mob", "overboard"],
  ["rocket", "flare"],
  ["medical", "aid"],
  ["bumper", "fender"],
  ["bedroom", "cabin"],
  ["electricity", "power"],
  ["shore", "pedestal"],
  ["volt", "voltage"],
  ["switch", "button"],
  ["anchor", "windlass"],
  ["rudder", "steering"],
  ["navtex", "plotter", "gps"],
  ["pilot", "autopilot", "autohelm"],
  ["cooling", "coolant"],
  ["sewage", "holding", "waste", "black"],
  ["leak", "flood", "sink", "sinking"],
  ["burn", "fire", "smoke"],
  ["stuck", "jam", "jammed", "block", "blocked"],
];

const byWord = new Map<string, Set<string>>();
for (const row of same)
  for (const word of row)
    byWord.set(word, new Set([...(byWord.get(word) ?? []), ...row.filter((other) => other !== word)]));

/** Other words for one: what a plain word is called in the field, and the other way round. */
export function otherWordsFor(word: string): string[] {
  return [...(byWord.get(word) ?? [])];
}

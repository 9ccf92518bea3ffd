type OptionWord = `oil.${"clean" | "black" | "creamy" | "gritty" | "fuel-smell"}` | `needle.${"green" | "red" | "none"}` | "reading.pin-there" | "reading.pin-missing";
type FieldName = "volts" | "restHours" | "levelPercent" | "looks" | "litres" | "hours" | "date" | "needle" | "pinAndSeal";

/** One thing a person reads off and types or taps. Bounds are what an instrument can show at all. */
export type FieldSpec =
  | { name: FieldName; type: "number"; least: number; most: number }
  | { name: FieldName; type: "month" }
  | { name: FieldName; type: "choice"; options: { value: string; word: OptionWord }[]; yesNo?: boolean };

const level: FieldSpec = { name: "levelPercent", type: "number", least: -200, most: 400 };
const litres: FieldSpec = { name: "litres", type: "number", least: 0, most: 5000 };
const date: FieldSpec = { name: "date", type: "month" };

/** What is read off, by kind of reading. */
export const readingFields: Readonly<Record<string, readonly FieldSpec[]>> = {
  "battery-rest": [
    { name: "volts", type: "number", least: 0, most: 60 },
    { name: "restHours", type: "number", least: 0, most: 1000 },
  ],
  "engine-oil": [level, { name: "looks", type: "choice", options: (["clean", "black", "creamy", "gritty", "fuel-smell"] as const).map((value) => ({ value, word: `oil.${value}` })) }],
  coolant: [level],
  fuel: [litres],
  water: [litres],
  "engine-hours": [{ name: "hours", type: "number", least: 0, most: 100_000 }],
  "dated-item": [date],
  extinguisher: [
    { name: "needle", type: "choice", options: (["green", "red", "none"] as const).map((value) => ({ value, word: `needle.${value}` })) },
    { name: "pinAndSeal", type: "choice", yesNo: true, options: [{ value: "yes", word: "reading.pin-there" }, { value: "no", word: "reading.pin-missing" }] },
    date,
  ],
};

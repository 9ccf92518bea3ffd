/** What ends a field's name when it has a unit, and how that unit is written. */
const units: Readonly<Record<string, string>> = {
  M: "m", M2: "m²", Mm: "mm", Kg: "kg", Kn: "kn", Kw: "kW", W: "W", A: "A", Ah: "Ah", V: "V", L: "l", Lph: "l/h", Rpm: "rev/min", Seconds: "s", Minutes: "min", Hours: "h", Months: "months", Minor: "cents",
};

/** A field of the file's schema as words, with its unit: `stopHoldSeconds` is "Stop hold (s)", `notThis` is "Not this". */
export function fieldName(name: string): string {
  const parts = name === "at" ? ["spot", "on", "the", "plan"] : name.split(/(?=[A-Z])/);
  const unit = parts.length > 1 ? units[parts.at(-1) ?? ""] : undefined;
  const words = (unit === undefined ? parts : parts.slice(0, -1)).join(" ").toLowerCase();
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}${unit === undefined ? "" : ` (${unit})`}`;
}

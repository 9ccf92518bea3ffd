import type { FileChange } from "@/core/yacht/changes";
import type { Translator } from "./translator";

const units: Record<string, string> = {
  M: "m",
  M2: "m²",
  Mm: "mm",
  L: "l",
  Kn: "kn",
  Kg: "kg",
  A: "A",
  Ah: "Ah",
  V: "V",
  W: "W",
  Kw: "kW",
  Lph: "l/h",
  Rpm: "revs",
  Seconds: "seconds",
  Minutes: "minutes",
  Hours: "hours",
  Months: "months",
  Minor: "cents",
};

/** A photographed photo is kept under the hash of its bytes, which says nothing to anybody. */
const photoHash = /^[0-9a-f]{64}$/;

/**
 * A field of the yacht file as people read it: its name in words, with the unit it carries.
 *
 * @param field a field's name, or one entry of a list by its number
 * @example fieldWords("stopHoldSeconds") // "stop hold, seconds"
 * @example fieldWords("steps.3.where") // "steps 3, where"
 */
export function fieldWords(field: string): string {
  if (field === "at") return "spot on the plan";
  const [list = "", number, inside] = field.split(".");
  if (number !== undefined)
    return [`${fieldWords(list)} ${number}`, ...(inside ? [fieldWords(inside)] : [])].join(", ");
  const parts = field.match(/[A-Z]?[a-z0-9]+|[A-Z]/g) ?? [field];
  const unit = parts.length > 1 ? units[parts.at(-1) ?? ""] : undefined;
  const name = (unit ? parts.slice(0, -1) : parts).join(" ").toLowerCase();
  return unit ? `${name}, ${unit}` : name;
}

/** A value of a yacht file in a few words: its text, its number, or how many there are. */
export function valueText(t: Translator, value: unknown): string {
  if (value === null || value === undefined) return t("change.nothing");
  if (typeof value === "number") return String(value);
  if (typeof value === "string") return photoHash.test(value) ? t("change.photo") : value;
  if (typeof value === "boolean") return t(value ? "change.yes" : "change.no");
  if (Array.isArray(value))
    return value.every((item) => typeof item === "string")
      ? value.join(", ")
      : t("change.entries", { entries: value.length });
  const { en, words, name, title } = value as Record<string, unknown>;
  if (typeof en === "string") return en;
  for (const text of [name, title, words])
    if (typeof text === "object" && text !== null && "en" in text) return String(text.en);
  return Object.entries(value)
    .map(([key, part]) => `${fieldWords(key)}: ${valueText(t, part)}`)
    .join(", ");
}

/** A change in a sentence: "Gas tap, where: from “left” to “right”". */
export function changeWords(t: Translator, change: FileChange): string {
  if (change.field === null) return t(change.from === null ? "change.came" : "change.went", { part: change.part });
  const [from, to] = [valueText(t, change.from), valueText(t, change.to)];
  if (from === to) return t("change.otherwise", { part: change.part, field: fieldWords(change.field) });
  return t("change.field", { part: change.part, field: fieldWords(change.field), from, to });
}

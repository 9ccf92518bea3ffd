import type { CountValue, LookValue, MarkStateValue, ReadingValue, ResultValue } from "@/core/handover/aspects";
import type { Line } from "@/core/handover/list";
import type { Mark } from "@/core/handover/mark";
import type { Translator } from "./translator";

/** What was recorded on a line, in a few words: "counted 7 of 8, 1 short". */
export function valueWords(t: Translator, line: Line, value: unknown): string {
  switch (line.kind) {
    case "count": {
      const { count } = value as CountValue;
      const short = line.expected - count;
      if (short > 0) return t("line.counted-short", { count, expected: line.expected, short });
      return short < 0 ? t("line.counted-more", { count, expected: line.expected, more: -short }) : t("line.counted-all", { count });
    }
    case "test": {
      const given = value as ResultValue;
      if (given.result === "works" || given.result === "shown") return t(`line.${given.result}`);
      if (given.result === "works-but") return t("line.works-but", { remark: given.remark });
      if (given.result === "fails") return t("line.fails", { remark: given.remark });
      return given.withinHours === null ? t("line.not-tried", { reason: given.reason }) : t("line.not-tried-within", { reason: given.reason, hours: given.withinHours });
    }
    case "reading":
      return readingWords(t, line.reading, value as ReadingValue);
    case "look":
      return t(`look.${(value as LookValue).state}`);
    case "mark":
      return t(`mark-state.${(value as MarkStateValue).state}`);
  }
}

/** A value read off, with its unit. */
export function readingWords(t: Translator, kind: string, value: ReadingValue): string {
  switch (kind) {
    case "battery-rest":
      return t("reading.battery-rest", { volts: Number(value.volts), hours: Number(value.restHours) });
    case "engine-oil":
      return t("reading.engine-oil", { percent: Number(value.levelPercent), looks: t(`oil.${String(value.looks) as "clean"}`) });
    case "coolant":
      return t("reading.coolant", { percent: Number(value.levelPercent) });
    case "fuel":
    case "water":
      return t("reading.litres", { litres: Number(value.litres) });
    case "engine-hours":
      return t("reading.hours", { hours: Number(value.hours) });
    case "extinguisher":
      return t("reading.extinguisher", { needle: t(`needle.${String(value.needle) as "green"}`), seal: value.pinAndSeal ? t("reading.pin-there") : t("reading.pin-missing"), date: String(value.date) });
    default:
      return String(value.date ?? "");
  }
}

/** A mark in a few words: "scratch, 120 mm: at the anchor roller". */
export function markWords(t: Translator, mark: Mark): string {
  const what = t("mark.size", { kind: t(`mark-kind.${mark.kind}`), mm: mark.sizeMm });
  return mark.words === "" ? what : `${what}: ${mark.words}`;
}

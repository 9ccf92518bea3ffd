import type {
  CountValue,
  LookValue,
  MarkStateValue,
  ReadingValue,
  ResultValue,
  ViewValue,
} from "@/core/handover/aspects";
import { readingRules } from "@/core/readings";
import type { ReadingKind } from "@/core/readings/kinds";
import type { Line } from "@/core/handover/list";
import type { Mark } from "@/core/handover/mark";
import type { Translator } from "./translator";

/** What was recorded on a line, in a few words: "counted 7 of 8, 1 short". */
export function valueWords(t: Translator, line: Line, value: unknown): string {
  switch (line.kind) {
    case "count": {
      const { count, together } = value as CountValue;
      const short = line.expected - count;
      if (short > 0) return t("line.counted-short", { count, expected: line.expected, short });
      return short < 0
        ? t("line.counted-more", { count, expected: line.expected, more: -short })
        : t(together ? "line.counted-together" : "line.counted-all", { count });
    }
    case "test": {
      const given = value as ResultValue;
      if (given.result === "works" || given.result === "shown") return t(`line.${given.result}`);
      if (given.result === "works-but") return t("line.works-but", { remark: given.remark });
      if (given.result === "fails") return t("line.fails", { remark: given.remark });
      return given.withinHours === null
        ? t("line.not-tried", { reason: given.reason })
        : t("line.not-tried-within", { reason: given.reason, hours: given.withinHours });
    }
    case "reading":
      return readingWords(t, line.reading, value as ReadingValue);
    case "look":
      return t(`look.${(value as LookValue).state}`);
    case "view":
      return t((value as ViewValue).photo === null ? "view.said-by-eye" : "view.said-photo");
    case "mark":
      return t(`mark-state.${(value as MarkStateValue).state}`);
  }
}

/** A value read off, with its unit: one message for each kind of reading, said with the value's own fields. */
export function readingWords(t: Translator, kind: string, value: ReadingValue): string {
  const fields = readingRules[kind]?.fields ?? [];
  const said = fields.flatMap(({ name, type }) => {
    const read = value[name];
    return [
      [name, read === undefined ? (type === "number" ? 0 : "") : typeof read === "boolean" ? String(read) : read],
      [`${name}Read`, read === undefined ? "no" : "yes"],
    ];
  });
  const sentence = t(`reading.${kind as ReadingKind}`, Object.fromEntries(said) as never);
  return Number(value.addedMl ?? 0) > 0 ? t("reading.added", { sentence, addedMl: Number(value.addedMl) }) : sentence;
}

/** What a boat-data server measured, field by field: "Hours run 628.4". */
export function fetchedWords(t: Translator, values: Readonly<Record<string, number>>): string {
  return Object.entries(values)
    .map(([field, measured]) => t("boat-data.field", { field: t(`field.${field as "volts"}`), measured }))
    .join(", ");
}

/** A mark in a few words: "scratch, 120 mm: at the anchor roller". */
export function markWords(t: Translator, mark: Mark): string {
  const what = t("mark.size", { kind: t(`mark-kind.${mark.kind}`), mm: mark.sizeMm });
  return mark.words === "" ? what : `${what}: ${mark.words}`;
}

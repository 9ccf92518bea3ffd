import type { Said } from "@/core/basics/said";
import { kindOf, type Line, type LineValue } from "@/core/handover/lines";
import type { Mark } from "@/core/handover/lines/mark-form";
import type { Translator } from "./translator";

/** What the core says, in the catalogue's words. Its keys are not typed by the catalogue; a test says every one of them. */
export function saidIn(t: Translator, { key, values, parts }: Said): string {
  const said = Object.entries(parts ?? {}).map(([name, part]) => [name, saidIn(t, part)] as const);
  return t(key as "line.works", { ...values, ...Object.fromEntries(said) });
}

/** What was recorded on a line, in a few words: "counted 7 of 8, 1 short". */
export function valueWords<L extends Line>(t: Translator, line: L, value: LineValue<L>): string {
  return saidIn(t, kindOf(line).words(line, value));
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

import { useState } from "react";
import type { LookName } from "@/core/underway/log/entry";
import { roundItems } from "@/core/underway/log/round";
import { gaugeTaps } from "@/core/readings/tank-level";
import { readingRules, type ReadingValue } from "@/core/readings";
import { mayBeLeftOut, type ReadField } from "@/core/readings/rule";
import type { YachtFile } from "@/core/yacht/schema";
import { parsedField } from "../../lines/ReadFieldInput";
import { begunRound, keepRound, type BegunRound } from "../../store/begun-round";

/** What is read off for a reading, tapped where its gauge is marked. */
export function fieldsOf(file: YachtFile, key: string): readonly ReadField[] {
  const spec = file.readings[key];
  const fields = spec ? (readingRules[spec.kind]?.fields ?? []) : [];
  const tank = file.tanks[spec?.of ?? ""];
  if (!tank) return fields;
  const capacityL = [spec?.of ?? "", ...(spec?.with ?? [])].reduce(
    (sum, each) => sum + (file.tanks[each]?.capacityL ?? 0),
    0,
  );
  const taps = gaugeTaps(tank, capacityL);
  return taps.length === 0
    ? fields
    : fields.map((field) => (field.type === "number" && field.name === "litres" ? { ...field, taps } : field));
}

/** A reading as it was typed so far: whole, empty, or not whole yet. */
export function valueOf(
  file: YachtFile,
  key: string,
  typed: Partial<Record<string, string>> = {},
): ReadingValue | "empty" | "part" {
  const fields = fieldsOf(file, key);
  const value: ReadingValue = {};
  let isEmpty = true;
  for (const field of fields) {
    const parsed = parsedField(field, typed[field.name] ?? "");
    if (parsed !== "empty") isEmpty = false;
    if (typeof parsed === "object") value[field.name] = parsed.value;
    else if (parsed === "wrong" || !mayBeLeftOut(field)) value[field.name] = Number.NaN;
  }
  if (isEmpty) return "empty";
  return Object.values(value).some((each) => typeof each === "number" && Number.isNaN(each)) ? "part" : value;
}

/** The round under way on this device, kept with every tap. */
export function useRound(stay: string, file: YachtFile) {
  const [begun, setBegun] = useState<BegunRound | null>(() => begunRound(stay));
  const items = roundItems(file);
  const keep = (change: (before: BegunRound) => BegunRound) => {
    const next = change(begun ?? { startedAt: new Date().toISOString(), looks: {}, typed: {} });
    setBegun(next);
    keepRound(stay, next);
  };
  const done =
    items.looks.filter((look) => begun?.looks[look]).length +
    items.readings.filter((key) => typeof valueOf(file, key, begun?.typed[key]) === "object").length;
  return {
    begun,
    items,
    done,
    all: items.looks.length + items.readings.length,
    look: (look: LookName, isFine: boolean, words: string) =>
      keep((before) => ({ ...before, looks: { ...before.looks, [look]: { isFine, words } } })),
    type: (key: string, field: string, text: string) =>
      keep((before) => ({
        ...before,
        typed: { ...before.typed, [key]: { ...before.typed[key], [field]: text } },
      })),
    end: () => {
      setBegun(null);
      keepRound(stay, null);
    },
  };
}

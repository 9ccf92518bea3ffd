"use client";
import { useTranslations } from "next-intl";
import { valueAt } from "@/core/yacht/draft/pointer";
import type { Level, Point } from "@/core/yacht/schema";
import { useEditing } from "../inputs/editing";
import { JsonField } from "../inputs/JsonField";
import { PlanPoints } from "../inputs/PlanPoints";
import type { FieldPart } from "./field-part";

/** A spot or an outline, set on the plan; what has no field of its own is written as JSON. */
export function OnThePlan({ path, field, label, value, error, put }: FieldPart) {
  const t = useTranslations("editor");
  const { file, collection, disabled } = useEditing();
  const isOutline = field.name === "outline";
  if (!isOutline && field.name !== "at")
    return (
      <JsonField label={`${label}, ${t("as-json")}`} value={value} error={error} disabled={disabled} onKeep={put} />
    );
  const part = valueAt(file, path.slice(0, path.lastIndexOf("/"))) as { place?: string; level?: Level };
  const place = collection === "places" ? (path.split("/")[2] ?? null) : (part.place ?? null);
  return (
    <PlanPoints
      file={file}
      label={label}
      place={place}
      level={part.level ?? file.places[place ?? ""]?.level ?? "deck"}
      points={value === null ? [] : isOutline ? (value as Point[]) : [value as Point]}
      many={isOutline}
      error={error}
      disabled={disabled}
      onKeep={(next) => put(next === null ? null : isOutline ? next : (next[0] ?? null))}
    />
  );
}

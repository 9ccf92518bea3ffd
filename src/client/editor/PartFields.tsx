"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { blankPart } from "@/core/yacht/draft/blank";
import { referredCollection, type FieldSpec } from "@/core/yacht/draft/fields";
import { valueAt } from "@/core/yacht/draft/pointer";
import type { Point } from "@/core/yacht/schema";
import { fillFigures } from "@/core/yacht/figures";
import { fieldWords, valueText } from "@/messages/change-words";
import { Field } from "@/ui/Field";
import { useEditing } from "./editing";
import styles from "./FileEditor.module.css";
import { FieldFindings } from "./FieldFindings";
import { PhotoField } from "./PhotoField";
import { PlanPoints } from "./PlanPoints";
import { Sortable, SortableRow } from "./Sortable";
import { TextFigures } from "./TextFigures";
import { partName } from "./tree";
import { TextField } from "./TextField";
import { JsonField } from "./JsonField";

/** The fields of a part, each kept as soon as it is left, with what the checks say of it beside it. */
export function PartFields({
  path,
  fields,
}: {
  /** where the part stands */ path: string;
  fields: readonly FieldSpec[];
}) {
  return (
    <Box display="grid" gap="3">
      {fields.map((field) => (
        <PartField key={`${path}/${field.name}`} path={`${path}/${field.name}`} field={field} />
      ))}
    </Box>
  );
}

/** One field with what the checks say of it. */
function PartField({ path, field }: { path: string; field: FieldSpec }) {
  const { findings } = useEditing();
  return (
    <Box>
      <FieldInput path={path} field={field} />
      <FieldFindings findings={findings.filter((finding) => finding.path === path || finding.path === `${path}/en`)} />
    </Box>
  );
}

function FieldInput({ path, field }: { path: string; field: FieldSpec }) {
  const t = useTranslations("editor");
  const { file, collection, fault, disabled, onChange } = useEditing();
  const words = fieldWords(field.name);
  const name = words.charAt(0).toUpperCase() + words.slice(1);
  const label = field.optional ? t("optional", { name }) : name;
  const value = valueAt(file, path);
  const error = fault && (fault.path === path || fault.path.startsWith(`${path}/`)) ? fault.words : null;
  const put = (to: unknown) => onChange([{ path, to }]);
  switch (field.kind) {
    case "yes-no":
      return (
        <Box>
          <chakra.label display="inline-flex" alignItems="center" gap="2" minHeight="48px" fontWeight="600">
            <input
              type="checkbox"
              checked={value === true}
              disabled={disabled}
              style={{ width: 24, height: 24 }}
              onChange={(event) => void put(event.target.checked ? true : field.optional ? null : false)}
            />
            {label}
          </chakra.label>
        </Box>
      );
    case "choice":
    case "text": {
      const refers = field.kind === "text" ? referredCollection(collection, field.name) : null;
      const parts = refers === null ? null : (file as unknown as Record<string, Record<string, unknown>>)[refers];
      const options =
        field.options?.map((option) => ({ value: option, word: option.replaceAll("-", " ") })) ??
        (parts
          ? Object.entries(parts).map(([key, part]) => ({ value: key, word: `${partName(part, key)} (${key})` }))
          : null);
      if (options) {
        return (
          <Box>
            <Field label={label} error={error}>
              {(ids) => (
                <select
                  {...ids}
                  disabled={disabled}
                  value={String(value ?? "")}
                  onChange={(event) => void put(event.target.value === "" ? null : event.target.value)}
                >
                  {(field.optional || value === null) && <option value="">{t("nothing")}</option>}
                  {options.map((option) => (
                    <option key={option.value} value={option.value}>
                      {option.word}
                    </option>
                  ))}
                </select>
              )}
            </Field>
          </Box>
        );
      }
      if (field.name === "photo")
        return (
          <PhotoField
            path={path}
            label={label}
            value={value === null ? null : String(value)}
            error={error}
            disabled={disabled}
            onKeep={put}
          />
        );
      return (
        <TextField
          label={label}
          value={String(value ?? "")}
          error={error}
          disabled={disabled}
          onKeep={(text) => put(text === "" && field.optional ? null : text)}
        />
      );
    }
    case "words": {
      const english = (value as { en?: string } | null)?.en ?? "";
      const shown = english.includes("{") ? fillFigures(english, file) : null;
      return (
        <Box>
          <TextField
            label={label}
            value={english}
            error={error}
            long
            disabled={disabled}
            onKeep={(text) => put(text === "" ? null : { ...(value as object | null), en: text })}
          />
          {shown !== null && <p>{t("reads", { text: shown })}</p>}
          <TextFigures path={path} text={english} onKeep={(text) => put({ ...(value as object | null), en: text })} />
        </Box>
      );
    }
    case "number":
      return (
        <TextField
          label={label}
          value={value === null ? "" : String(value as number)}
          error={error}
          disabled={disabled}
          number
          onKeep={async (text) => {
            if (text === "" && field.optional) return put(null);
            const number = Number(text.replace(",", "."));
            return text.trim() !== "" && Number.isFinite(number) ? put(number) : false;
          }}
        />
      );
    case "keys":
    case "texts":
      return (
        <TextField
          label={`${label} (${t("by-comma")})`}
          value={((value as string[] | null) ?? []).join(", ")}
          error={error}
          disabled={disabled}
          onKeep={(text) => {
            const list = text
              .split(",")
              .map((each) => each.trim())
              .filter((each) => each !== "");
            return put(list.length === 0 && field.optional ? null : list);
          }}
        />
      );
    case "part":
      return (
        <chakra.fieldset
          borderLeftWidth="4px"
          borderLeftStyle="solid"
          borderColor="line"
          paddingLeft="3"
          display="grid"
          gap="2"
        >
          <chakra.legend fontWeight="700">{label}</chakra.legend>
          {value === null ? (
            <Button
              justifySelf="start"
              disabled={disabled}
              onClick={() => void put(blankPart(field.of ?? [], file, collection))}
              aria-label={t("one-more", { name })}
            >
              {t("begin")}
            </Button>
          ) : (
            <PartFields path={path} fields={field.of ?? []} />
          )}
        </chakra.fieldset>
      );
    case "list":
      return <ListField path={path} field={field} label={label} list={(value as unknown[] | null) ?? []} />;
    case "other": {
      const isOutline = field.name === "outline";
      if (isOutline || field.name === "at") {
        const part = valueAt(file, path.slice(0, path.lastIndexOf("/"))) as {
          place?: string;
          level?: "deck" | "below";
        };
        const place = collection === "places" ? (path.split("/")[2] ?? null) : (part.place ?? null);
        const points = value === null ? [] : isOutline ? (value as Point[]) : [value as Point];
        return (
          <PlanPoints
            file={file}
            label={label}
            place={place}
            level={part.level ?? file.places[place ?? ""]?.level ?? "deck"}
            points={points}
            many={isOutline}
            error={error}
            disabled={disabled}
            onKeep={(next) => put(next === null ? null : isOutline ? next : (next[0] ?? null))}
          />
        );
      }
      return (
        <JsonField label={`${label}, ${t("as-json")}`} value={value} error={error} disabled={disabled} onKeep={put} />
      );
    }
  }
}

function ListField({ path, field, label, list }: { path: string; field: FieldSpec; label: string; list: unknown[] }) {
  const t = useTranslations("editor");
  const { file, collection, findings, disabled, onChange } = useEditing();
  const all = useTranslations();
  // one entry at a time is open: closed ones are low enough to be dragged past one another
  const [open, setOpen] = useState<number | null>(null);
  const areWords = (field.of ?? []).length === 0;
  const entryWords = (entry: unknown) => fillFigures(valueText(all, entry), file).slice(0, 90);
  const add = () => {
    const entry = blankPart(field.of ?? [], file, collection);
    setOpen(list.length);
    // the first one begins the list, where there was none
    void onChange([list.length === 0 ? { path, to: [entry] } : { path: `${path}/${list.length}`, to: entry }]);
  };
  const move = (from: number, to: number) => {
    setOpen(null);
    const next = [...list];
    const [entry] = next.splice(from, 1);
    next.splice(to, 0, entry);
    void onChange([{ path, to: next }]);
  };
  return (
    <chakra.fieldset
      borderLeftWidth="4px"
      borderLeftStyle="solid"
      borderColor="line"
      paddingLeft="3"
      display="grid"
      gap="3"
    >
      <chakra.legend fontWeight="700">{label}</chakra.legend>
      <Sortable ids={list.map((_, index) => String(index))} disabled={disabled} onMove={move}>
        {list.map((entry, index) => {
          const name = `${label} ${index + 1}`;
          const isOpen = areWords || open === index;
          return (
            <SortableRow key={index} id={String(index)} name={name} disabled={disabled}>
              <Box
                flex="1"
                minWidth="0"
                display="grid"
                gap="2"
                borderBottomWidth="1px"
                borderBottomStyle="solid"
                borderColor="line"
                paddingBottom="2"
              >
                <Box display="flex" flexWrap="wrap" gap="2" alignItems="center">
                  <strong>{index + 1}</strong>
                  {!areWords && (
                    <button
                      type="button"
                      className={styles.entry}
                      aria-expanded={isOpen}
                      aria-label={t("entry", { name, words: entryWords(entry) })}
                      onClick={() => setOpen(isOpen ? null : index)}
                    >
                      {isOpen ? "▾" : "▸"} {entryWords(entry)}
                    </button>
                  )}
                  <Button
                    disabled={disabled || index === 0}
                    onClick={() => move(index, index - 1)}
                    aria-label={t("up", { name })}
                  >
                    ↑
                  </Button>
                  <Button
                    disabled={disabled || index === list.length - 1}
                    onClick={() => move(index, index + 1)}
                    aria-label={t("down", { name })}
                  >
                    ↓
                  </Button>
                  <Button
                    disabled={disabled}
                    onClick={() => void onChange([{ path: `${path}/${index}`, to: null }])}
                    aria-label={t("take-out-of", { name })}
                  >
                    {t("take-out")}
                  </Button>
                </Box>
                <FieldFindings
                  findings={findings.filter(
                    (finding) =>
                      (!isOpen && finding.path.startsWith(`${path}/${index}/`)) || finding.path === `${path}/${index}`,
                  )}
                />
                {isOpen && areWords && (
                  <PartField
                    path={`${path}/${index}`}
                    field={{ name: String(index + 1), kind: "words", optional: false }}
                  />
                )}
                {isOpen && !areWords && <PartFields path={`${path}/${index}`} fields={field.of ?? []} />}
              </Box>
            </SortableRow>
          );
        })}
      </Sortable>
      <Button justifySelf="start" disabled={disabled} onClick={add}>
        {t("one-more", { name: label })}
      </Button>
    </chakra.fieldset>
  );
}

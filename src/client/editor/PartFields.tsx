"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { referredCollection, type FieldSpec } from "@/core/yacht/draft/fields";
import { valueAt } from "@/core/yacht/draft/pointer";
import type { CheckedFinding } from "@/core/yacht/checks";
import type { Point, YachtFile } from "@/core/yacht/schema";
import { fillFigures } from "@/core/yacht/figures";
import { writtenAsReference, type TypedFigure } from "@/core/yacht/typed-figures";
import { fieldWords, valueText } from "@/messages/change-words";
import { Field } from "@/ui/Field";
import { VerdictMark } from "@/ui/VerdictMark";
import { PlanPoints } from "./PlanPoints";
import { Sortable, SortableRow } from "./Sortable";
import type { Wanted } from "./useDraft";
import { partName } from "./tree";

interface Props {
  file: YachtFile;
  collection: string;
  /** where the part stands */
  path: string;
  fields: readonly FieldSpec[];
  findings: readonly CheckedFinding[];
  /** figures that stand in texts as typed where the file has a field */
  typed: readonly TypedFigure[];
  fault: { path: string; words: string } | null;
  disabled: boolean;
  onChange: (wanted: Wanted[]) => Promise<boolean>;
}

/** The fields of a part, each kept as soon as it is left, with what the checks say of it beside it. */
export function PartFields({ file, collection, path, fields, findings, typed, fault, disabled, onChange }: Props) {
  return (
    <Box display="grid" gap="3">
      {fields.map((field) => (
        <PartField key={`${path}/${field.name}`} file={file} collection={collection} path={`${path}/${field.name}`} field={field} findings={findings} typed={typed} fault={fault} disabled={disabled} onChange={onChange} />
      ))}
    </Box>
  );
}

function PartField({ file, collection, path, field, findings, typed, fault, disabled, onChange }: Omit<Props, "fields"> & { field: FieldSpec }) {
  const t = useTranslations("editor");
  const label = useFieldLabel(field);
  const value = valueAt(file, path);
  const here = findings.filter((finding) => finding.path === path || finding.path === `${path}/en`);
  const error = fault && (fault.path === path || fault.path.startsWith(`${path}/`)) ? fault.words : null;
  const put = (to: unknown) => onChange([{ path, to }]);
  const found = here.map((finding) => <Found key={finding.message} finding={finding} />);
  switch (field.kind) {
    case "yes-no":
      return (
        <Box>
          <chakra.label display="inline-flex" alignItems="center" gap="2" minHeight="48px" fontWeight="600">
            <input type="checkbox" checked={value === true} disabled={disabled} style={{ width: 24, height: 24 }} onChange={(event) => void put(event.target.checked ? true : field.optional ? null : false)} />
            {label}
          </chakra.label>
          {found}
        </Box>
      );
    case "choice":
    case "text": {
      const refers = field.kind === "text" ? referredCollection(collection, field.name) : null;
      const parts = refers === null ? null : (file as unknown as Record<string, Record<string, unknown>>)[refers];
      const options = field.options?.map((option) => ({ value: option, word: option })) ?? (parts ? Object.entries(parts).map(([key, part]) => ({ value: key, word: `${partName(part, key)} (${key})` })) : null);
      if (options) {
        return (
          <Box>
            <Field label={label} error={error}>
              {(ids) => (
                <select {...ids} disabled={disabled} value={String(value ?? "")} onChange={(event) => void put(event.target.value === "" ? null : event.target.value)}>
                  {(field.optional || value === null) && <option value="">{t("nothing")}</option>}
                  {options.map((option) => (
                    <option key={option.value} value={option.value}>
                      {option.word}
                    </option>
                  ))}
                </select>
              )}
            </Field>
            {found}
          </Box>
        );
      }
      return <Typed label={label} value={String(value ?? "")} error={error} found={found} disabled={disabled} onKeep={(text) => put(text === "" && field.optional ? null : text)} />;
    }
    case "words": {
      const english = (value as { en?: string } | null)?.en ?? "";
      const shown = english.includes("{") ? fillFigures(english, file) : null;
      return (
        <Box>
          <Typed label={label} value={english} error={error} found={found} long disabled={disabled} onKeep={(text) => put(text === "" ? null : { ...(value as object | null), en: text })} />
          {shown !== null && <p>{t("reads", { text: shown })}</p>}
          {typed.filter((each) => each.path === path).map((each) => (
            <Box key={each.figure} display="flex" flexWrap="wrap" gap="3" alignItems="center">
              <span>{t("figure-typed", { figure: each.figure, reference: each.reference })}</span>
              {!disabled && <Button onClick={() => void put({ ...(value as object | null), en: writtenAsReference(english, each) })}>{t("figure-refer")}</Button>}
            </Box>
          ))}
        </Box>
      );
    }
    case "number":
      return (
        <Typed
          label={label} value={value === null ? "" : String(value as number)} error={error} found={found} disabled={disabled} number
          onKeep={async (text) => {
            if (text === "" && field.optional) return put(null);
            const number = Number(text.replace(",", "."));
            return text.trim() !== "" && Number.isFinite(number) ? put(number) : false;
          }}
        />
      );
    case "keys":
    case "texts":
      return <Typed label={`${label} (${t("by-comma")})`} value={((value as string[] | null) ?? []).join(", ")} error={error} found={found} disabled={disabled} onKeep={(text) => { const list = text.split(",").map((each) => each.trim()).filter((each) => each !== ""); return put(list.length === 0 && field.optional ? null : list); }} />;
    case "part":
      return (
        <chakra.fieldset borderLeftWidth="4px" borderLeftStyle="solid" borderColor="line" paddingLeft="3" display="grid" gap="2">
          <chakra.legend fontWeight="700">{label}</chakra.legend>
          {value === null ? (
            <Whole label={t("as-json")} value={null} error={error} disabled={disabled} onKeep={put} />
          ) : (
            <PartFields file={file} collection={collection} path={path} fields={field.of ?? []} findings={findings} typed={typed} fault={fault} disabled={disabled} onChange={onChange} />
          )}
        </chakra.fieldset>
      );
    case "list":
      return <ListField {...{ file, collection, path, field, findings, typed, fault, disabled, onChange }} label={label} list={(value as unknown[] | null) ?? []} />;
    case "other": {
      const isOutline = field.name === "outline";
      if (isOutline || field.name === "at") {
        const part = valueAt(file, path.slice(0, path.lastIndexOf("/"))) as { place?: string; level?: "deck" | "below" };
        const place = collection === "places" ? path.split("/")[2] ?? null : (part.place ?? null);
        const points = value === null ? [] : isOutline ? (value as Point[]) : [value as Point];
        return (
          <PlanPoints
            file={file} label={label} place={place} level={part.level ?? file.places[place ?? ""]?.level ?? "deck"} points={points} many={isOutline} error={error} disabled={disabled}
            onKeep={(next) => put(next === null ? null : isOutline ? next : (next[0] ?? null))}
          />
        );
      }
      return <Whole label={`${label}, ${t("as-json")}`} value={value} error={error} disabled={disabled} onKeep={put} />;
    }
  }
}

/** What a check says, with its sign. */
function Found({ finding }: { finding: CheckedFinding }) {
  return (
    <p>
      <VerdictMark verdict={finding.level === "error" ? "stop" : "watch"} /> {finding.message}
    </p>
  );
}

function useFieldLabel(field: FieldSpec): string {
  const t = useTranslations("editor");
  const words = fieldWords(field.name);
  const shown = words.charAt(0).toUpperCase() + words.slice(1);
  return field.optional ? t("optional", { name: shown }) : shown;
}

interface TypedProps {
  label: string;
  value: string;
  error: string | null;
  found: React.ReactNode;
  disabled: boolean;
  long?: boolean;
  number?: boolean;
  onKeep: (text: string) => Promise<boolean>;
}

/** A field that keeps what was typed when it is left. What was refused stays typed beside what stands there now. */
function Typed({ label, value, error, found, disabled, long = false, number = false, onKeep }: TypedProps) {
  const t = useTranslations("editor");
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);
  const shown = typed ?? value;
  const keep = async () => {
    if (typed === null) return;
    if (typed.trim() === value) return setTyped(null);
    const kept = await onKeep(typed.trim());
    setWrong(!kept && number);
    if (kept) setTyped(null);
  };
  const keys = { onBlur: () => void keep(), disabled, value: shown };
  return (
    <Box>
      <Field label={label} error={error ?? (wrong ? t("number-wrong") : null)}>
        {(ids) =>
          long && shown.length > 60 ? (
            <textarea {...ids} {...keys} rows={Math.min(6, Math.ceil(shown.length / 70) + 1)} onChange={(event) => setTyped(event.target.value)} />
          ) : (
            <input {...ids} {...keys} inputMode={number ? "decimal" : undefined} onChange={(event) => setTyped(event.target.value)} onKeyDown={(event) => event.key === "Enter" && void keep()} />
          )
        }
      </Field>
      {typed !== null && typed !== value && error !== null && <p>{t("stands", { value })}</p>}
      {found}
    </Box>
  );
}

/** What has no field of its own, as JSON. */
function Whole({ label, value, error, disabled, onKeep }: { label: string; value: unknown; error: string | null; disabled: boolean; onKeep: (to: unknown) => Promise<boolean> }) {
  const t = useTranslations("editor");
  const standing = value === null ? "" : JSON.stringify(value);
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);
  const keep = async () => {
    if (typed === null || typed === standing) return setTyped(null);
    let to: unknown = null;
    try {
      to = typed.trim() === "" ? null : (JSON.parse(typed) as unknown);
    } catch {
      return setWrong(true);
    }
    setWrong(false);
    if (await onKeep(to)) setTyped(null);
  };
  return (
    <Field label={label} error={error ?? (wrong ? t("json-wrong") : null)}>
      {(ids) => <textarea {...ids} rows={2} disabled={disabled} value={typed ?? standing} onChange={(event) => setTyped(event.target.value)} onBlur={() => void keep()} />}
    </Field>
  );
}

function ListField({ file, collection, path, field, findings, typed, fault, disabled, onChange, label, list }: Omit<Props, "fields"> & { field: FieldSpec; label: string; list: unknown[] }) {
  const t = useTranslations("editor");
  const all = useTranslations();
  // one entry at a time is open: closed ones are low enough to be dragged past one another
  const [open, setOpen] = useState<number | null>(null);
  const areWords = (field.of ?? []).length === 0;
  const entryWords = (entry: unknown) => fillFigures(valueText(all, entry), file).slice(0, 90);
  const move = (from: number, to: number) => {
    setOpen(null);
    const next = [...list];
    const [entry] = next.splice(from, 1);
    next.splice(to, 0, entry);
    void onChange([{ path, to: next }]);
  };
  return (
    <chakra.fieldset borderLeftWidth="4px" borderLeftStyle="solid" borderColor="line" paddingLeft="3" display="grid" gap="3">
      <chakra.legend fontWeight="700">{label}</chakra.legend>
      <Sortable ids={list.map((_, index) => String(index))} disabled={disabled} onMove={move}>
        {list.map((entry, index) => {
          const name = `${label} ${index + 1}`;
          const isOpen = areWords || open === index;
          return (
            <SortableRow key={index} id={String(index)} name={name} disabled={disabled}>
              <Box flex="1" minWidth="0" display="grid" gap="2" borderBottomWidth="1px" borderBottomStyle="solid" borderColor="line" paddingBottom="2">
                <Box display="flex" flexWrap="wrap" gap="2" alignItems="center">
                  <strong>{index + 1}</strong>
                  {!areWords && (
                    <chakra.button type="button" flex="1 1 14rem" minHeight="44px" textAlign="left" cursor="pointer" aria-expanded={isOpen} aria-label={t("entry", { name, words: entryWords(entry) })} onClick={() => setOpen(isOpen ? null : index)}>
                      {isOpen ? "▾" : "▸"} {entryWords(entry)}
                    </chakra.button>
                  )}
                  <Button disabled={disabled || index === 0} onClick={() => move(index, index - 1)} aria-label={t("up", { name })}>
                    ↑
                  </Button>
                  <Button disabled={disabled || index === list.length - 1} onClick={() => move(index, index + 1)} aria-label={t("down", { name })}>
                    ↓
                  </Button>
                  <Button disabled={disabled} onClick={() => void onChange([{ path: `${path}/${index}`, to: null }])} aria-label={t("take-out-of", { name })}>
                    {t("take-out")}
                  </Button>
                </Box>
                {!isOpen && findings.filter((finding) => finding.path.startsWith(`${path}/${index}/`)).map((finding) => <Found key={`${finding.path} ${finding.message}`} finding={finding} />)}
                {isOpen && areWords && (
                  <PartField file={file} collection={collection} path={`${path}/${index}`} field={{ name: String(index + 1), kind: "words", optional: false }} findings={findings} typed={typed} fault={fault} disabled={disabled} onChange={onChange} />
                )}
                {isOpen && !areWords && <PartFields file={file} collection={collection} path={`${path}/${index}`} fields={field.of ?? []} findings={findings} typed={typed} fault={fault} disabled={disabled} onChange={onChange} />}
              </Box>
            </SortableRow>
          );
        })}
      </Sortable>
      <Button justifySelf="start" disabled={disabled || list.length === 0} onClick={() => { setOpen(list.length); void onChange([{ path: `${path}/${list.length}`, to: list.at(-1) }]); }}>
        {t("one-more", { name: label })}
      </Button>
    </chakra.fieldset>
  );
}

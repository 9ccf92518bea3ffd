"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { blankPart } from "@/core/yacht/draft/blank";
import type { FieldSpec } from "@/core/yacht/draft/fields";
import { freeKey } from "@/core/yacht/note/propose";
import type { YachtFile } from "@/core/yacht/schema";
import { Field } from "@/ui/Field";
import type { Wanted } from "./useDraft";

interface Props {
  file: YachtFile;
  fields: Record<string, FieldSpec[]>;
  onChange: (wanted: Wanted[]) => Promise<boolean>;
  /** shows the part that was made */
  onMade: (path: string) => void;
}

/** A new part of any kind: a procedure, an oddity, a test, a tank. What is stowed is made at its place, or pasted. */
export function NewPart({ file, fields, onChange, onMade }: Props) {
  const t = useTranslations("editor");
  const all = useTranslations();
  const [open, setOpen] = useState(false);
  const [collection, setCollection] = useState("procedures");
  const [name, setName] = useState("");
  const [wrong, setWrong] = useState(false);
  const make = async () => {
    if (name.trim() === "") return setWrong(true);
    const specs = fields[collection] ?? [];
    const called = specs.find((field) => field.kind === "words" && ["name", "title", "words"].includes(field.name));
    const key = freeKey((file as unknown as Record<string, object>)[collection] ?? {}, name);
    const to = { ...(blankPart(specs, file, collection) as object), ...(called ? { [called.name]: { en: name.trim() } } : {}) };
    if (!(await onChange([{ path: `/${collection}/${key}`, to }]))) return;
    setOpen(false);
    setName("");
    onMade(`/${collection}/${key}`);
  };
  if (!open) return <Button onClick={() => setOpen(true)}>{t("new-part")}</Button>;
  return (
    <Box display="grid" gap="3" role="group" aria-label={t("new-part")}>
      <Field label={t("new-kind")}>
        {(ids) => (
          <select {...ids} value={collection} onChange={(event) => setCollection(event.target.value)}>
            {Object.keys(fields).filter((each) => each !== "particulars" && each !== "inventory").map((each) => (
              <option key={each} value={each}>
                {t(`collection-${each as "fittings"}`)}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field label={t("new-name")} error={wrong ? all("survey.say-name") : null}>
        {(ids) => <input {...ids} autoFocus maxLength={80} value={name} onChange={(event) => setName(event.target.value)} onKeyDown={(event) => event.key === "Enter" && void make()} />}
      </Field>
      <Box display="flex" gap="3">
        <Button variant="solid" onClick={() => void make()}>
          {all("survey.keep")}
        </Button>
        <Button onClick={() => setOpen(false)}>{all("common.back")}</Button>
      </Box>
    </Box>
  );
}

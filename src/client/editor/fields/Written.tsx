"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { fillFigures } from "@/core/yacht/figures";
import { blankWords } from "@/core/yacht/parts/blank";
import { useEditing } from "../inputs/editing";
import { TextField } from "../inputs/TextField";
import { TextFigures } from "../inputs/TextFigures";
import type { FieldPart } from "./field-part";

/** A text that people read, with the file's own figures as they will be written in. */
export function Written({ path, field, label, value, error, put }: FieldPart) {
  const t = useTranslations("editor");
  const { file, disabled } = useEditing();
  const written = (value as { en?: string } | null)?.en ?? "";
  const english = written === blankWords ? "" : written;
  const shown = english.includes("{") ? fillFigures(english, file) : null;
  const keep = (text: string) => put({ ...(value as object | null), en: text });
  return (
    <Box>
      <TextField
        label={label}
        value={english}
        error={error}
        long
        disabled={disabled}
        onKeep={(text) => (text !== "" ? keep(text) : field.optional ? put(null) : keep(blankWords))}
      />
      {shown !== null && <p>{t("reads", { text: shown })}</p>}
      <TextFigures path={path} text={english} onKeep={keep} />
    </Box>
  );
}

"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useId, useState } from "react";
import { writtenSpan } from "@/core/basics/span";
import { figureAt, figureFields, referencesIn } from "@/core/yacht/figures";
import { writtenAsReference } from "@/core/yacht/typed-figures";
import { fieldWords } from "@/messages/change-words";
import { Field } from "@/ui/Field";
import { useEditing } from "./editing";
import styles from "./Editor.module.css";

/** The figures that a text takes from the file, each a way to where it stands; others to be put in; and figures that are typed where the file has a field. */
export function TextFigures({
  path,
  text,
  onKeep,
}: {
  path: string;
  text: string;
  onKeep: (text: string) => Promise<boolean>;
}) {
  const t = useTranslations("editor");
  const { file, typed, disabled, onOpen } = useEditing();
  const [adding, setAdding] = useState(false);
  const isName = /\/(name|title)$/.test(path);
  const known = new Map(figureFields(file).map((each) => [each.reference, each]));
  return (
    <Box display="grid" gap="2" justifyItems="start">
      {referencesIn(text).map((reference) => {
        const figure = known.get(reference);
        const field = reference.split(".").at(-1) ?? "";
        const value = figureAt(file, reference);
        return (
          <Button key={reference} size="sm" onClick={() => onOpen(`/${reference.replaceAll(".", "/")}`)}>
            {value === null
              ? t("figure-broken", { reference })
              : t("figure-is", { part: figure?.part ?? reference, field: fieldWords(field), value })}
          </Button>
        );
      })}
      {typed
        .filter((each) => each.path === path)
        .map((each) => (
          <Box key={each.figure} display="flex" flexWrap="wrap" gap="3" alignItems="center">
            <span>{t("figure-typed", { figure: each.figure, reference: each.reference })}</span>
            {!disabled && (
              <Button onClick={() => void onKeep(writtenAsReference(text, each))}>{t("figure-refer")}</Button>
            )}
          </Box>
        ))}
      {!disabled && text !== "" && !isName && !adding && (
        <button type="button" className={styles.plain} onClick={() => setAdding(true)}>
          {t("figure-add")}
        </button>
      )}
      {adding && (
        <FigurePicker
          onPick={(reference) => {
            setAdding(false);
            void onKeep(`${text} {${reference}}`);
          }}
        />
      )}
    </Box>
  );
}

function FigurePicker({ onPick }: { onPick: (reference: string) => void }) {
  const t = useTranslations("editor");
  const { file } = useEditing();
  const list = useId();
  const options = figureFields(file).map((each) => ({
    ...each,
    words: t("figure-is", { part: each.part, field: fieldWords(each.field), value: writtenSpan(each.value) }),
  }));
  return (
    <Field label={t("figure-find")}>
      {(ids) => (
        <>
          <input
            {...ids}
            list={list}
            autoFocus
            onChange={(event) => {
              const picked = options.find(({ words }) => words === event.target.value);
              if (picked) onPick(picked.reference);
            }}
          />
          <datalist id={list}>
            {options.map(({ reference, words }) => (
              <option key={reference} value={words} />
            ))}
          </datalist>
        </>
      )}
    </Field>
  );
}

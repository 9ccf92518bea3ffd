"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { AddendaView } from "@/api/schemas/book";
import type { Addendum } from "@/core/handover/addenda/addendum";
import { Field } from "@/ui/Field";

export type Visit = Pick<Extract<Addendum, { kind: "visit" }>, "kind" | "words" | "touched">;

/** A visit of the base aboard after the check-in: what was done, and the line that it touched. */
export function VisitForm({
  afterwards,
  fault,
  onKeep,
  onBack,
}: {
  afterwards: AddendaView;
  fault: string | null;
  onKeep: (visit: Visit) => void;
  onBack: () => void;
}) {
  const t = useTranslations("after");
  const all = useTranslations();
  const [words, setWords] = useState("");
  const [line, setLine] = useState("");
  const [count, setCount] = useState("");
  const [wrong, setWrong] = useState<string | null>(null);
  const counted = afterwards.lines.find((each) => each.id === line)?.isCount ?? false;
  const keep = () => {
    if (words.trim() === "") return setWrong(all("test.words-missing"));
    if (counted && !/^\d{1,4}$/.test(count.trim())) return setWrong(all("count.wrong", { most: 9999 }));
    onKeep({
      kind: "visit",
      words: words.trim(),
      touched: line === "" ? [] : [{ line, count: counted ? Number(count) : null }],
    });
  };
  return (
    <Box display="grid" gap="3" width="100%" maxWidth="40rem">
      <Field label={t("visit-what")} error={wrong ?? fault}>
        {(ids) => (
          <input {...ids} maxLength={1000} value={words} autoFocus onChange={(event) => setWords(event.target.value)} />
        )}
      </Field>
      <Field label={t("visit-line")}>
        {(ids) => (
          <select {...ids} value={line} onChange={(event) => setLine(event.target.value)}>
            <option value="">{t("no-line")}</option>
            {afterwards.lines.map((each) => (
              <option key={each.id} value={each.id}>
                {each.place}: {each.name}
              </option>
            ))}
          </select>
        )}
      </Field>
      {counted && (
        <Field label={t("visit-count")}>
          {(ids) => (
            <input {...ids} inputMode="numeric" value={count} onChange={(event) => setCount(event.target.value)} />
          )}
        </Field>
      )}
      <Box display="flex" gap="3">
        <Button variant="solid" onClick={keep}>
          {t("visit-keep")}
        </Button>
        <Button onClick={onBack}>{all("common.back")}</Button>
      </Box>
    </Box>
  );
}

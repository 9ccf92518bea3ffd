"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { CheckedFinding } from "@/core/checks";
import { withReference } from "@/core/truth/put-reference";
import { valueAt } from "@/core/yacht/draft/pointer";
import { useEditing } from "./editing";

/**
 * What can be done about a text in question, besides writing it anew: take its figure from the file, go to the fact it is
 * measured against, or say that one has read both and it is right as it stands.
 */
export function TextQuestion({ finding: { path, question } }: { finding: CheckedFinding }) {
  const t = useTranslations("in-question");
  const { file, disabled, onChange, onOpen, onRight } = useEditing();
  if (!question) return null;
  const words = valueAt(file, path) as { en?: string } | null;
  const fixed = words?.en && question.fact ? withReference(file, words.en, question.fact) : null;
  const { basis } = question;
  const [, collection = "", key = ""] = question.fact?.split("/") ?? [];
  // "no stop has it" is a fact of no one part
  const fact = key !== "" && valueAt(file, `/${collection}/${key}`) !== null ? question.fact : null;
  return (
    <Box display="flex" flexWrap="wrap" gap="3" paddingBlock="1">
      {!disabled && fixed !== null && (
        <Button onClick={() => void onChange([{ path, to: { ...words, en: fixed } }])}>{t("put-reference")}</Button>
      )}
      {!disabled && (
        <Button variant="outline" onClick={() => void onRight(path, basis)}>
          {t(question.code === "needed-missing" ? "not-needed" : "still-right")}
        </Button>
      )}
      {fact !== null && (
        <Button variant="outline" onClick={() => onOpen(fact)}>
          {t("open-fact")}
        </Button>
      )}
    </Box>
  );
}

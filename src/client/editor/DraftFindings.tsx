"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { DraftScreen } from "@/api/schemas/draft";
import { valueAt } from "@/core/yacht/draft/pointer";
import { fieldWords } from "@/messages/change-words";
import { Field } from "@/ui/Field";
import { VerdictMark } from "@/ui/VerdictMark";
import styles from "./inputs/Editor.module.css";
import { partName } from "./inputs/tree";

/** What the checks find: an error keeps the draft from being published, a warning is accepted with a word. Each leads to its part. */
export function DraftFindings({
  screen: { findings, document },
  accepts,
  onAccept,
  onOpen,
}: {
  screen: DraftScreen;
  accepts: Record<string, string>;
  onAccept: (accepts: Record<string, string>) => void;
  onOpen: (path: string) => void;
}) {
  const t = useTranslations("publish");
  const errors = findings.filter((finding) => finding.level === "error");
  const warnings = findings.filter((finding) => finding.level === "warning");
  const where = (path: string) => {
    const [, collection = "", key = "", ...field] = path.split("/");
    const part = valueAt(document, `/${collection}/${key}`);
    const name = part === null || collection === "particulars" ? key || collection : partName(part, key);
    return field.length === 0 ? name : `${name}, ${fieldWords(field.join("."))}`;
  };
  const way = (path: string) => (
    <button type="button" className={styles.plain} onClick={() => onOpen(path)}>
      {where(path)}
    </button>
  );
  return (
    <>
      {errors.length > 0 && <h2>{t("errors", { errors: errors.length })}</h2>}
      <chakra.ul listStyleType="none" display="grid" gap="2">
        {errors.map((finding) => (
          <li key={`${finding.path} ${finding.message}`}>
            <VerdictMark verdict="stop" /> {way(finding.path)}: {finding.message}
          </li>
        ))}
      </chakra.ul>
      {warnings.map((finding) => (
        <Box key={`${finding.check} ${finding.path}`}>
          {way(finding.path)}
          <Field label={finding.message} hint={t("accept-words", { path: where(finding.path) })}>
            {(ids) => (
              <input
                {...ids}
                maxLength={500}
                value={accepts[finding.path] ?? ""}
                onChange={(event) => onAccept({ ...accepts, [finding.path]: event.target.value })}
              />
            )}
          </Field>
        </Box>
      ))}
    </>
  );
}

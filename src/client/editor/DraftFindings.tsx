"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { CheckedFinding } from "@/core/checks";
import { isUntold, untoldPaths } from "@/core/checks/untold";
import type { DraftScreen } from "@/api/schemas/draft";
import { valueAt } from "@/core/yacht/draft/pointer";
import { fieldWords } from "@/messages/change-words";
import { Field } from "@/ui/Field";
import { VerdictMark } from "@/ui/VerdictMark";
import styles from "./inputs/Editor.module.css";
import { partName } from "./inputs/tree";

/** What the checks find: an error keeps the draft from being published, a warning is accepted with a word. Each leads to its part. */
export function DraftFindings({
  screen: { file, findings, document },
  accepts,
  onAccept,
  onOpen,
  onTell,
  onRight,
}: {
  screen: DraftScreen;
  accepts: Record<string, string>;
  onAccept: (accepts: Record<string, string>) => void;
  onOpen: (path: string) => void;
  /** shows what nobody has told yet, with its fields */
  onTell: () => void;
  /** says of what is in question that it is right as it is; null for who may not */
  onRight: ((path: string, basis: string) => Promise<boolean>) | null;
}) {
  const t = useTranslations("publish");
  const isClass = file.of === "classes";
  const untold = untoldPaths(findings.filter(({ level }) => isClass || level === "error")).length;
  const errors = findings.filter((finding) => finding.level === "error" && !isUntold(finding));
  const warnings = findings.filter((finding) => finding.level === "warning" && !(isClass && isUntold(finding)));
  const partAt = (path: string) => valueAt(document, path.split("/").slice(0, 3).join("/"));
  const where = (path: string) => {
    const [, collection = "", key = "", ...field] = path.split("/");
    if (collection === "particulars") return fieldWords([key, ...field].join("."));
    const part = partAt(path);
    const name = part === null ? fieldWords(key || collection) : partName(part, key);
    return field.length === 0 ? name : `${name}, ${fieldWords(field.join("."))}`;
  };
  // what is not there cannot be opened
  const way = (path: string) =>
    path.split("/").length > 2 && partAt(path) !== null ? (
      <button type="button" className={styles.plain} onClick={() => onOpen(path)}>
        {where(path)}
      </button>
    ) : (
      <strong>{where(path)}</strong>
    );
  return (
    <>
      {untold > 0 && (
        <p>
          <VerdictMark verdict={isClass ? "watch" : "stop"} /> {t(isClass ? "untold-class" : "untold", { untold })}{" "}
          <button type="button" className={styles.plain} onClick={onTell}>
            {t("tell")}
          </button>
        </p>
      )}
      {errors.length > 0 && <h2>{t("errors", { errors: errors.length })}</h2>}
      <chakra.ul listStyleType="none" display="grid" gap="2">
        {errors.map((finding) => (
          <li key={`${finding.path} ${finding.message}`}>
            <VerdictMark verdict="stop" /> {way(finding.path)}: {finding.message}{" "}
            {onRight && <StandsAsIs finding={finding} name={where(finding.path)} onRight={onRight} />}
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

/** Says of a text that it is right, or of what is missing that she needs none: also where no part of hers can be opened. */
function StandsAsIs({
  finding: { path, question },
  name,
  onRight,
}: {
  finding: CheckedFinding;
  name: string;
  onRight: (path: string, basis: string) => Promise<boolean>;
}) {
  const t = useTranslations("in-question");
  if (!question) return null;
  const words = t(question.code === "needed-missing" ? "not-needed" : "still-right");
  return (
    <Button aria-label={`${words}: ${name}`} onClick={() => void onRight(path, question.basis)}>
      {words}
    </Button>
  );
}

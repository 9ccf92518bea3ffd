"use client";
import { Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { ofTheClass } from "@/core/checks/untold";
import { Chip } from "@/ui/Chip";
import styles from "../inputs/Editor.module.css";
import type { Draft } from "../inputs/useDraft";

/** Taking back, whether it is kept, what the checks find, and what the base said against the last change. */
export function EditorBar({ draft: { screen, state, fault, undo, redo } }: { draft: Draft }) {
  const t = useTranslations("editor");
  const findings = screen.file.of === "classes" ? ofTheClass(screen.findings) : screen.findings;
  const errors = findings.filter((finding) => finding.level === "error").length;
  return (
    <div className={styles.bar}>
      <Button disabled={!screen.undo} onClick={() => void undo()}>
        {t("undo")}
      </Button>
      <Button disabled={!screen.redo} onClick={() => void redo()}>
        {t("redo")}
      </Button>
      <span role="status">{t(`state-${state}`)}</span>
      <Chip verdict={errors > 0 ? "stop" : findings.length > 0 ? "watch" : "fine"}>
        {t("checks", { errors, warnings: findings.length - errors })}
      </Chip>
      {fault && (
        <strong role="alert" className={styles.refused}>
          {fault.words}
        </strong>
      )}
    </div>
  );
}

"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { Reason } from "@/core/handover/gate";
import { overrideCell } from "@/core/handover/override";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { useHandover, useVersion } from "../store/handover-context";
import { ManagerHere } from "../second/ManagerHere";
import styles from "./Sheets.module.css";

/** The manager's override of one reason: a written reason of its own, and the way back. On somebody else's device the manager signs in first. Nothing for what nobody lets go. */
export function Override({ reason }: { reason: Reason }) {
  const t = useTranslations();
  const store = useHandover();
  const [why, setWhy] = useState<string | null>(null);
  const [empty, setEmpty] = useState(false);
  useVersion();
  const { me } = store.bundle;
  if (me.side !== "base" || reason.lift === "nobody" || (!reason.blocks && !reason.override)) return null;
  const manager = store.managerHere();
  if (manager === null) return <ManagerHere />;
  const { subject, aspect } = overrideCell(reason);
  const record = (words: string | null) => store.record(subject, aspect, { why: words }, "base", manager);
  if (reason.override) return <Button onClick={() => record(null)}>{t("gate.take-back")}</Button>;
  if (why === null) return <Button onClick={() => setWhy("")}>{t("gate.let-her-go")}</Button>;
  const keep = () => {
    if (why.trim() === "") return setEmpty(true);
    record(why.trim());
    setWhy(null);
  };
  return (
    <div className={styles.override}>
      <Field label={t("gate.why")} error={empty ? t("gate.why-missing") : null} hint={t("gate.why-hint")}>
        {(ids) => (
          <input {...ids} maxLength={500} value={why} autoFocus onChange={(event) => setWhy(event.target.value)} />
        )}
      </Field>
      <Button look="main" onClick={keep}>
        {t("gate.let-her-go")}
      </Button>
      <Button onClick={() => setWhy(null)}>{t("common.back")}</Button>
    </div>
  );
}

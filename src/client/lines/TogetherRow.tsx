"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { localize } from "@/core/basics/words";
import type { Line } from "@/core/handover/lines";
import { statusOf } from "@/core/handover/state";
import { togetherAmong } from "@/core/handover/together";
import { Button } from "@/ui/Button";
import { useHandover, useVersion } from "../store/handover-context";
import styles from "./Together.module.css";

/** Things confirmed as one after one look at them: each is named with its number first. Never what is safety, and at check-out never what is likely to have changed. */
export function TogetherRow({ lines }: { lines: readonly Line[] }) {
  const t = useTranslations("together");
  const store = useHandover();
  useVersion();
  const [open, setOpen] = useState(false);
  const together = togetherAmong(
    lines.filter((line) => statusOf(store.folded(), line).step === "open"),
    store.bundle.list,
  );
  if (together.length === 0) return null;
  const keep = () => {
    for (const line of together) store.recordLine(line, { count: line.expected, together: true });
    setOpen(false);
  };
  return (
    <section className={styles.together} aria-label={t("title")}>
      {!open ? (
        <Button onClick={() => setOpen(true)}>
          {t(`open-${store.bundle.list.kind === "check-out" ? "out" : "in"}`, { lines: together.length })}
        </Button>
      ) : (
        <>
          <p>
            <strong>{t("ask")}</strong>{" "}
            {together.map((line) => t("thing", { count: line.expected, name: localize(line.name) })).join(", ")}
          </p>
          <div className={styles.actions}>
            <Button look="main" onClick={keep}>
              {t("keep")}
            </Button>
            <Button onClick={() => setOpen(false)}>{t("no")}</Button>
          </div>
        </>
      )}
    </section>
  );
}

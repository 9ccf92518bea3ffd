"use client";
import { readBoatData } from "@/api/handovers";
import { AppError } from "@/api/app-error";
import { call } from "../api/call";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { lineSubject, type Line, type ReadingLine } from "@/core/handover/lines";
import { localize } from "@/core/basics/words";
import { mainCell } from "@/core/handover/state";
import { readingRules } from "@/core/readings";
import { mayBeLeftOut } from "@/core/readings/rule";
import { stampIn } from "@/messages/stamp";
import { Button } from "@/ui/Button";
import { useHandover, useVersion } from "../store/handover-context";
import styles from "./Together.module.css";

/** Fetches what the yacht's own gateway measures of the readings here. What a person wrote already stays; what is fetched whole stands until it is corrected. */
export function BoatData({ lines }: { lines: readonly Line[] }) {
  const t = useTranslations("boat-data");
  const store = useHandover();
  useVersion();
  const [said, setSaid] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const measured = lines.filter((line): line is ReadingLine => line.kind === "reading" && line.signal !== undefined);
  if (measured.length === 0) return null;
  const fetchThem = async () => {
    setBusy(true);
    setSaid(null);
    try {
      const { from, readings, left } = await call(readBoatData, {
        params: { id: store.bundle.list.handover },
        grant: store.grant,
      });
      const here = readings.flatMap((reading) =>
        measured.filter((line) => line.id === reading.line).map((line) => ({ ...reading, line })),
      );
      for (const { line, values, at } of here) {
        store.record(lineSubject(line.id), "fetched", { values, at, from });
        const isWhole = (readingRules[line.reading]?.fields ?? []).every(
          (field) => mayBeLeftOut(field) || values[field.name] !== undefined,
        );
        if (isWhole && !mainCell(store.folded(), line)) store.recordLine(line, values);
      }
      const notTaken = left.flatMap(({ line, at, why }) => {
        const found = measured.find((each) => each.id === line);
        return found
          ? [t("left", { what: localize(found.name), at: stampIn(at, store.bundle.base.timeZone), why })]
          : [];
      });
      setSaid(here.length === 0 && notTaken.length === 0 ? t("none") : notTaken.join(" "));
    } catch (error) {
      setSaid(error instanceof AppError ? error.message : t("no-signal"));
    }
    setBusy(false);
  };
  return (
    <section className={styles.together} aria-label={t("title")}>
      <Button onClick={() => void fetchThem()} disabled={busy}>
        {busy ? t("busy") : t("fetch", { lines: measured.length })}
      </Button>
      <p role="status">{said}</p>
    </section>
  );
}

"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { localize } from "@/core/basics/words";
import { lineSubject, type CountLine } from "@/core/handover/lines";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { useCell, useHandover } from "../store/handover-context";
import styles from "./Row.module.css";

/** "Found in …": a thing that lies in another place than the list says. For this charter it belongs there: the check-out looks there. */
export function OtherPlace({ line }: { line: CountLine }) {
  const t = useTranslations();
  const store = useHandover();
  const subject = lineSubject(line.id);
  const cell = useCell(subject, "found-in");
  const [asking, setAsking] = useState(false);
  const { places } = store.bundle.list;
  const place = cell?.value?.place ?? null;
  const name = localize(line.name);
  const choose = (to: string) => {
    store.record(subject, "found-in", { place: to === line.place || to === "" ? null : to });
    setAsking(false);
  };
  if (asking) {
    return (
      <div className={styles.ask}>
        <Field label={t("elsewhere.where", { name })}>
          {(ids) => (
            <select {...ids} value={place ?? line.place} onChange={(event) => choose(event.target.value)}>
              {places.map((each) => (
                <option key={each.id} value={each.id}>
                  {localize(each.name)}
                  {each.id === line.place ? ` ${t("elsewhere.as-listed")}` : ""}
                </option>
              ))}
            </select>
          )}
        </Field>
        <Button onClick={() => setAsking(false)}>{t("common.back")}</Button>
      </div>
    );
  }
  return (
    <Button aria-label={`${t("elsewhere.ask")}: ${name}`} onClick={() => setAsking(true)}>
      {t("elsewhere.ask")}
    </Button>
  );
}

"use client";
import { printWhatIsLeft } from "@/api/handovers";
import { href } from "../api/call";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import { instantIn } from "@/core/basics/instant";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { useHandover, useVersion } from "../store/handover-context";
import styles from "./Sheets.module.css";

/** Paper as a last resort: printing what is left, and typing it in later under the time at which it was written. */
export function FromPaper() {
  const t = useTranslations("left-paper");
  const format = useFormatter();
  const store = useHandover();
  useVersion();
  const { list, base } = store.bundle;
  const [when, setWhen] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);
  const begin = () => {
    const [day = "", time = ""] = (when ?? "").split("T");
    const at =
      /^\d{4}-\d{2}-\d{2}$/.test(day) && /^\d{2}:\d{2}/.test(time)
        ? instantIn(day, time.slice(0, 5), base.timeZone)
        : null;
    if (at === null || Date.parse(at) > Date.now() + 60_000) return setWrong(true);
    store.typeFromPaper(at);
    setWhen(null);
  };
  if (store.paperAt !== null) {
    return (
      <p className={styles.local}>
        {t("typing", {
          at: format.dateTime(new Date(store.paperAt), {
            timeZone: base.timeZone,
            dateStyle: "medium",
            timeStyle: "short",
          }),
        })}{" "}
        <Button onClick={() => store.typeFromPaper(null)}>{t("stop")}</Button>
      </p>
    );
  }
  return (
    <div className={styles.override}>
      {when === null ? (
        <>
          <a
            className={styles.print}
            href={href(printWhatIsLeft, { params: { id: list.handover } })}
            target="_blank"
            rel="noreferrer"
          >
            {t("print")}
          </a>
          <Button onClick={() => setWhen("")}>{t("type-in")}</Button>
        </>
      ) : (
        <>
          <Field label={t("when")} error={wrong ? t("when-wrong") : null}>
            {(ids) => (
              <input {...ids} type="datetime-local" value={when} onChange={(event) => setWhen(event.target.value)} />
            )}
          </Field>
          <Button look="main" onClick={begin}>
            {t("begin")}
          </Button>
          <Button onClick={() => setWhen(null)}>{t("back")}</Button>
        </>
      )}
    </div>
  );
}

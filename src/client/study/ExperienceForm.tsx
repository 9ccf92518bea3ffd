"use client";
import { useTranslations } from "next-intl";
import { useState, type SubmitEvent } from "react";
import { handled, type Experience, type Handled } from "@/core/briefing/experience";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import styles from "./Study.module.css";

const languages = ["en", "de", "fr", "it", "es", "nl", "pl", "sv", "other"] as const;
const wholeOr = (text: string, most: number): number | null => {
  const number = Number(text.replace(",", "."));
  return text.trim() !== "" && Number.isFinite(number) && number >= 0 && number <= most ? number : null;
};

/** A few short questions on what the skipper has handled; no test. */
export function ExperienceForm({
  experience,
  onKeep,
}: {
  experience: Experience | null;
  onKeep: (experience: Experience) => void;
}) {
  const t = useTranslations();
  const [longest, setLongest] = useState(experience ? String(experience.longestM) : "");
  const [weeks, setWeeks] = useState(experience ? String(experience.weeks) : "");
  const [language, setLanguage] = useState<string>(experience?.language ?? "en");
  const [known, setKnown] = useState<ReadonlySet<Handled>>(new Set(experience?.handled));
  const [tried, setTried] = useState(false);
  const [longestM, weeksInCommand] = [wholeOr(longest, 100), wholeOr(weeks, 5000)];
  const keep = (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    setTried(true);
    if (longestM === null || weeksInCommand === null) return;
    onKeep({
      longestM,
      weeks: Math.round(weeksInCommand),
      handled: handled.filter((each) => known.has(each)),
      language: language === "other" ? "xx" : language,
    });
  };
  return (
    <form className={styles.form} onSubmit={keep} noValidate>
      <p>{t("study.experience-words")}</p>
      <Field label={t("study.longest")} error={tried && longestM === null ? t("study.wrong-number") : null}>
        {(ids) => (
          <input
            {...ids}
            inputMode="decimal"
            autoComplete="off"
            value={longest}
            onChange={(event) => setLongest(event.target.value)}
          />
        )}
      </Field>
      <Field label={t("study.weeks")} error={tried && weeksInCommand === null ? t("study.wrong-number") : null}>
        {(ids) => (
          <input
            {...ids}
            inputMode="numeric"
            autoComplete="off"
            value={weeks}
            onChange={(event) => setWeeks(event.target.value)}
          />
        )}
      </Field>
      <Field label={t("study.language")}>
        {(ids) => (
          <select
            {...ids}
            value={languages.includes(language as "en") ? language : "other"}
            onChange={(event) => setLanguage(event.target.value)}
          >
            {languages.map((each) => (
              <option key={each} value={each}>
                {t(`study.language-${each}`)}
              </option>
            ))}
          </select>
        )}
      </Field>
      <HandledChoice known={known} onKnow={setKnown} />
      <Button type="submit" look="main" large>
        {t("study.keep")}
      </Button>
    </form>
  );
}

/** What of a yacht the skipper has worked before. */
function HandledChoice({
  known,
  onKnow,
}: {
  known: ReadonlySet<Handled>;
  onKnow: (known: ReadonlySet<Handled>) => void;
}) {
  const t = useTranslations();
  return (
    <fieldset className={styles.handled}>
      <legend>{t("study.handled")}</legend>
      {handled.map((each) => (
        <label key={each}>
          <input
            type="checkbox"
            checked={known.has(each)}
            onChange={(event) => {
              const next = new Set(known);
              if (event.target.checked) next.add(each);
              else next.delete(each);
              onKnow(next);
            }}
          />
          {t(`handled.${each}`)}
        </label>
      ))}
    </fieldset>
  );
}

"use client";
import { useTranslations } from "next-intl";
import { useDeferredValue, useEffect, useMemo, useState } from "react";
import type { Finder, Hit } from "@/core/yacht/finder/finder";
import type { YachtFile } from "@/core/yacht/schema";
import { Field } from "@/ui/Field";
import styles from "./Finder.module.css";

interface Props {
  file: YachtFile;
  chosen: string | null;
  onChoose: (hit: Hit) => void;
}

/** One field over everything aboard; the answers are computed on this device. */
export function FinderField({ file, chosen, onChoose }: Props) {
  const t = useTranslations("finder");
  const [finder, setFinder] = useState<Finder | null>(null);
  const [ask, setAsk] = useState("");
  const [isListed, setIsListed] = useState(false);
  const asked = useDeferredValue(ask);
  useEffect(() => {
    let gone = false;
    // its index is made once per file, apart from the page's first load
    void import("@/core/yacht/finder/finder").then(({ makeFinder }) => {
      if (!gone) setFinder(makeFinder(file));
    });
    return () => {
      gone = true;
    };
  }, [file]);
  const hits = useMemo(() => (finder ? finder.find(asked, 8) : []), [finder, asked]);
  const isAsking = asked.trim() !== "";
  const choose = (hit: Hit) => {
    setIsListed(false);
    onChoose(hit);
  };
  return (
    <section className={styles.finder} aria-label={t("title")}>
      <Field label={t("ask")} hint={isAsking ? undefined : t("example")}>
        {(ids) => (
          <input
            {...ids}
            type="search"
            autoComplete="off"
            maxLength={200}
            value={ask}
            onChange={(event) => {
              setAsk(event.target.value);
              setIsListed(true);
            }}
            onKeyDown={(event) => {
              // the list may be a moment behind what is typed: Enter is about what stands in the field
              const [first] = event.key === "Enter" && finder ? finder.find(ask, 1) : [];
              if (first) choose(first);
              if (event.key === "Escape") setAsk("");
            }}
          />
        )}
      </Field>
      <p role="status" className={styles.status}>
        {isAsking && isListed && finder ? (hits.length === 0 ? t("none") : t("found", { hits: hits.length })) : ""}
      </p>
      {hits.length > 0 && !isListed && (
        <button type="button" className={styles.again} onClick={() => setIsListed(true)}>
          {t("list-again", { hits: hits.length })}
        </button>
      )}
      {isListed && hits.length > 0 && (
        <ol className={styles.hits}>
          {hits.map((hit) => (
            <li key={`${hit.kind}:${hit.id}`}>
              <button type="button" aria-pressed={chosen === `${hit.kind}:${hit.id}`} onClick={() => choose(hit)}>
                <strong>{hit.title}</strong>
                <span>
                  {t(`kind-${hit.kind}`)}
                  {hit.where && ` · ${hit.where}`}
                </span>
              </button>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

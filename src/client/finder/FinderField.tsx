"use client";
import { useTranslations } from "next-intl";
import { useDeferredValue, useEffect, useMemo, useState } from "react";
import type { Finder, Hit } from "@/core/yacht/finder/finder";
import type { FigureId } from "@/core/yacht/figures-sheet";
import type { YachtFile } from "@/core/yacht/schema";
import { Field } from "@/ui/Field";
import { finderOf } from "./finder-of";
import styles from "./Finder.module.css";

interface Props {
  file: YachtFile;
  /** what is shown in full below the field, `kind:id`; the answers are folded away while something is */
  chosen: string | null;
  /** with what was asked */
  onChoose: (hit: Hit, asked: string) => void;
  /** what was asked lately, to be asked again with one tap */
  before?: readonly string[];
}

/** One field over everything aboard; the answers are computed on this device. */
export function FinderField({ file, chosen, onChoose, before = [] }: Props) {
  const t = useTranslations("finder");
  const [finder, setFinder] = useState<Finder | null>(null);
  const [ask, setAsk] = useState("");
  const [isListed, setIsListed] = useState(false);
  const asked = useDeferredValue(ask);
  useEffect(() => {
    let gone = false;
    finderOf(file).then(
      (each) => !gone && setFinder(each),
      () => undefined,
    );
    return () => {
      gone = true;
    };
  }, [file]);
  const hits = useMemo(() => (finder ? finder.find(asked, 8) : []), [finder, asked]);
  const isAsking = asked.trim() !== "";
  const isShown = isListed || chosen === null;
  const choose = (hit: Hit) => {
    setIsListed(false);
    onChoose(hit, ask);
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
      {!isAsking && before.length > 0 && (
        <AskedBefore
          before={before}
          onAsk={(each) => {
            setAsk(each);
            setIsListed(true);
          }}
        />
      )}
      <p role="status" className={styles.status}>
        {isAsking && isShown && finder ? (hits.length === 0 ? t("none") : t("found", { hits: hits.length })) : ""}
      </p>
      {hits.length > 0 && !isShown && (
        <button type="button" className={styles.again} onClick={() => setIsListed(true)}>
          {t("list-again", { hits: hits.length })}
        </button>
      )}
      {isShown && hits.length > 0 && <Hits hits={hits} chosen={chosen} onChoose={choose} />}
    </section>
  );
}

function AskedBefore({ before, onAsk }: { before: readonly string[]; onAsk: (words: string) => void }) {
  const t = useTranslations("finder");
  return (
    <div className={styles.before} role="group" aria-label={t("before-title")}>
      {before.map((each) => (
        <button key={each} type="button" onClick={() => onAsk(each)}>
          {each}
        </button>
      ))}
    </div>
  );
}

function Hits({
  hits,
  chosen,
  onChoose,
}: {
  hits: readonly Hit[];
  chosen: string | null;
  onChoose: (hit: Hit) => void;
}) {
  const t = useTranslations("finder");
  const figures = useTranslations("figures");
  return (
    <ol className={styles.hits}>
      {hits.map((hit) => (
        <li key={`${hit.kind}:${hit.id}`}>
          <button type="button" aria-pressed={chosen === `${hit.kind}:${hit.id}`} onClick={() => onChoose(hit)}>
            <strong>{hit.kind === "figure" ? figures(hit.id as FigureId) : hit.title}</strong>
            <span>
              {t(`kind-${hit.kind}`)}
              {hit.where && ` · ${hit.where}`}
            </span>
          </button>
        </li>
      ))}
    </ol>
  );
}

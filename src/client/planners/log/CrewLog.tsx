"use client";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import { isOfTrouble, type DayEntry } from "@/core/underway/log/entry";
import { logCsv, logGpx } from "@/formats/boat-log";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import type { BookStore, KeptLog } from "../../store/book-store";
import { useWhereSheIs } from "../back/where-she-is";
import { NoAnswer } from "../frame/Answer";
import { Slider } from "../frame/FigureRow";
import type { OfBoat } from "../frame/of-boat";
import { PlannerFrame } from "../frame/PlannerFrame";
import { useShown } from "../frame/units";
import { useClock } from "../frame/useClock";
import styles from "./Log.module.css";
import { saveFile } from "./save-file";

const litresField = { unit: "l", least: 1, most: 1000, step: 1 } as const;

/** The crew's own log: what happened, where they were, what was filled; told to the base only where they choose to. */
export function CrewLog({
  of,
  store,
  log,
  onBack,
}: {
  of: OfBoat;
  store: BookStore;
  log: readonly KeptLog[];
  onBack: () => void;
}) {
  const t = useTranslations("crew-log");
  const name = `${store.book.reference}-${store.book.yacht.slug}`;
  const day = log.filter(isOfDay);
  return (
    <PlannerFrame title={t("title")} onBack={onBack}>
      <p>{t("whose")}</p>
      <AddNote store={store} />
      <AddPosition of={of} store={store} />
      <AddFuel store={store} />
      {day.length === 0 ? (
        <NoAnswer>{t("empty")}</NoAnswer>
      ) : (
        <ol className={styles.log}>
          {day.toReversed().map((kept) => (
            <LogRow key={kept.id} of={of} kept={kept} onShare={() => void store.share(kept.id)} />
          ))}
        </ol>
      )}
      {day.length > 0 && (
        <div className={styles.ways}>
          <Button onClick={() => saveFile(`${name}.csv`, "text/csv", logCsv(day.map(({ entry }) => entry)))}>
            {t("as-csv")}
          </Button>
          <Button
            onClick={() =>
              saveFile(
                `${name}.gpx`,
                "application/gpx+xml",
                logGpx(
                  name,
                  day.map(({ entry }) => entry),
                ),
              )
            }
          >
            {t("as-gpx")}
          </Button>
        </div>
      )}
    </PlannerFrame>
  );
}

type KeptDay = KeptLog & { entry: DayEntry };
const isOfDay = (kept: KeptLog): kept is KeptDay => !isOfTrouble(kept.entry);

function LogRow({ of, kept, onShare }: { of: OfBoat; kept: KeptDay; onShare: () => void }) {
  const t = useTranslations("crew-log");
  const clock = useClock(of.timeZone, of.now);
  const words = useEntryWords();
  return (
    <li>
      <span>{words(kept.entry)}</span>
      {kept.isOwn && (
        <Button look="quiet" onClick={onShare}>
          {t("share")}
        </Button>
      )}
      <small>
        {clock(kept.entry.at)} ·{" "}
        {kept.isOwn
          ? t("own")
          : kept.state === "refused"
            ? t("refused", { message: kept.message ?? "" })
            : t(kept.state === "waiting" ? "waits" : "base-has-it")}
      </small>
    </li>
  );
}

/** What an entry says, in a line. */
function useEntryWords(): (entry: DayEntry) => string {
  const t = useTranslations("crew-log");
  const format = useFormatter();
  const shown = useShown();
  return (entry) => {
    switch (entry.kind) {
      case "note":
        return entry.words;
      case "fuelled":
        return t("fuelled", { litres: shown("l").words(entry.litres) });
      case "position":
        return t("position", {
          lat: format.number(entry.lat, { minimumFractionDigits: 4 }),
          lon: format.number(entry.lon, { minimumFractionDigits: 4 }),
        });
      case "tonight":
        return t("tonight", { where: entry.where });
      case "round":
        return t("round", { odd: entry.looks.filter(({ isFine }) => !isFine).length });
    }
  };
}

function AddNote({ store }: { store: BookStore }) {
  const t = useTranslations("crew-log");
  const [words, setWords] = useState("");
  return (
    <form
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault();
        if (words.trim() === "") return;
        void store.write({ kind: "note", words: words.trim() });
        setWords("");
      }}
    >
      <Field label={t("what-happened")}>
        {(ids) => (
          <textarea {...ids} rows={2} maxLength={500} value={words} onChange={({ target }) => setWords(target.value)} />
        )}
      </Field>
      <Button type="submit">{t("write")}</Button>
    </form>
  );
}

function AddPosition({ of, store }: { of: OfBoat; store: BookStore }) {
  const t = useTranslations("crew-log");
  const { fault, locate } = useWhereSheIs(
    of.stay,
    (lon, lat) => void store.write({ kind: "position", lon, lat, words: "" }),
  );
  return (
    <>
      <Button onClick={locate}>{t("add-position")}</Button>
      {fault && <p role="alert">{t("no-position")}</p>}
    </>
  );
}

function AddFuel({ store }: { store: BookStore }) {
  const t = useTranslations("crew-log");
  const [litres, setLitres] = useState<number | null>(null);
  if (litres === null) return <Button onClick={() => setLitres(50)}>{t("add-fuel")}</Button>;
  return (
    <div className={styles.form}>
      <Slider label={t("add-fuel")} field={litresField} value={litres} onChange={setLitres} />
      <Button
        onClick={() => {
          void store.write({ kind: "fuelled", litres });
          setLitres(null);
        }}
      >
        {t("write")}
      </Button>
    </div>
  );
}

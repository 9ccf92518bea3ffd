"use client";
import { useFormatter, useTranslations } from "next-intl";
import { useEffect, useState } from "react";
import { HullIcon } from "@/ui/plan/HullIcon";
import type { BookStore } from "../store/book-store";
import { StatementPart } from "./StatementPart";
import { StudyScreen } from "../study/StudyScreen";
import { NoSignalState } from "../offline/NoSignalState";
import styles from "./Book.module.css";
import { AfterCheckIn } from "./AfterCheckIn";
import { ComingBack } from "./ComingBack";
import { EmergencyButton } from "../parts/EmergencyButton";
import { WalkAlone } from "./WalkAlone";
import { YachtBook } from "./YachtBook";
import { CloseBook } from "./CloseBook";
import { SignedHandover } from "./SignedHandover";
import { StudyPart } from "./StudyPart";

/** The boat book once it is open: study, what was signed and reported, her plan and the emergency cards. */
export function OpenBook({ store }: { store: BookStore }) {
  const { book } = store;
  const t = useTranslations();
  const format = useFormatter();
  const { timeZone, phone } = book.base;
  const at = (instant: string) =>
    format.dateTime(new Date(instant), {
      weekday: "short",
      day: "numeric",
      month: "long",
      hour: "2-digit",
      minute: "2-digit",
      hourCycle: "h23",
      timeZone,
    });
  const [studying, setStudying] = useState(false);
  const [openedAt] = useState(() => Date.now());
  const [keptBytes, setKeptBytes] = useState<number | null>(null);
  useEffect(() => {
    void store.keepEverything().then(setKeptBytes);
  }, [store]);
  if (studying) return <StudyScreen store={store} onBack={() => setStudying(false)} />;
  const isOut =
    book.afterwards && !book.handovers.some((handover) => handover.kind === "check-out" && handover.sealedAt);
  const mayStudy = !book.handovers.some((handover) => handover.sealedAt);
  return (
    <div className={styles.page}>
      <BookHead book={book} at={at} />
      <main className={styles.page}>
        <section className={styles.part}>
          <a className={styles.call} href={`tel:${phone.replaceAll(" ", "")}`}>
            {t("book.call", { phone })}
          </a>
        </section>
        <div className={styles.part}>
          <NoSignalState shell="/book" bytes={keptBytes} />
        </div>
        {store.keptAt && (
          <p className={styles.part} role="status">
            {t("book.kept-from", { at: at(store.keptAt) })}
          </p>
        )}
        {mayStudy && <StudyPart store={store} onOpen={() => setStudying(true)} />}
        {book.notAlone && !store.keptAt && <WalkAlone against={book.notAlone} />}
        {isOut && <AfterCheckIn store={store} />}
        {isOut && <ComingBack store={store} nowMs={openedAt} />}
        <Records store={store} at={at} />
        <section className={styles.part} aria-label={t("book.your-yacht")}>
          <h2>{t("book.your-yacht")}</h2>
          <YachtBook file={book.yacht.file} tells={book.yacht.slug} />
        </section>
        <EmergencyButton file={book.yacht.file} />
        <section className={styles.part}>
          <CloseBook store={store} />
        </section>
      </main>
    </div>
  );
}

type At = (instant: string) => string;

/** Which yacht, whose charter, from when to when and at which berth. */
function BookHead({ book, at }: { book: BookStore["book"]; at: At }) {
  const t = useTranslations();
  return (
    <header className={styles.top}>
      <div>
        <p>
          {t("book.title")} · {book.reference} · {book.skipper}
        </p>
        <h1>{book.yacht.name}</h1>
        <p>
          {t("book.stay", { from: at(book.stay.startsAt), to: at(book.stay.endsAt), aboard: book.stay.aboard })} ·{" "}
          {t("book.berth", { berth: book.yacht.berth })}
        </p>
      </div>
      <HullIcon particulars={book.yacht.file.particulars} tone="on-dark" width={84} />
    </header>
  );
}

/** What was signed: check-in, check-out and statement. */
function Records({ store, at }: { store: BookStore; at: At }) {
  const t = useTranslations();
  const { book } = store;
  return (
    <section className={styles.part} aria-label={t("book.records")}>
      <h2>{t("book.records")}</h2>
      {book.handovers.length === 0 && <p>{t("book.none-yet")}</p>}
      {book.handovers.map((handover) =>
        handover.sealedAt ? (
          <SignedHandover
            key={handover.id}
            store={store}
            handover={{ ...handover, sealedAt: handover.sealedAt }}
            at={at}
          />
        ) : (
          <p key={handover.id}>{t(`book.not-yet-${handover.kind}`)}</p>
        ),
      )}
      {book.settlement && (
        <StatementPart
          settlement={book.settlement}
          stayId={book.stay.id}
          currency={book.base.currency}
          timeZone={book.base.timeZone}
          onChanged={() => location.reload()}
        />
      )}
    </section>
  );
}

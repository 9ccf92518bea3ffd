"use client";
import { useTranslations } from "next-intl";
import type { BoatBook } from "@/api/schemas/book";
import type { BookStore } from "../../store/book-store";
import styles from "../Book.module.css";
import { CloseBook } from "../CloseBook";
import { LookChoice } from "../frame/LookChoice";
import { SignedHandover } from "../SignedHandover";
import { StatementPart } from "../StatementPart";
import { useAt } from "../useAt";
import { BoatCard } from "./BoatCard";
import { Figures } from "./Figures";
import { Manuals } from "./Manuals";
import { Terms } from "./Terms";

/** Papers: what was signed, what was agreed, her card, and what this device does with the book. */
export function PapersTab({ store }: { store: BookStore }) {
  const t = useTranslations();
  const { book } = store;
  return (
    <>
      <Records store={store} />
      {book.others
        ?.filter(({ handovers }) => handovers.length > 0)
        .map((other) => (
          <Signed
            key={other.reference}
            store={store}
            title={t("book.records-of", { yacht: other.yacht })}
            handovers={other.handovers}
            settlement={other.settlement}
            stayId={other.stayId}
          />
        ))}
      {book.terms && <Terms store={store} terms={book.terms} />}
      <Figures file={book.yacht.file} />
      <Manuals file={book.yacht.file} />
      <BoatCard slug={book.yacht.slug} />
      <section className={styles.block} aria-label={t("light.section")}>
        <h2>{t("light.section")}</h2>
        <LookChoice />
        <CloseBook store={store} />
      </section>
    </>
  );
}

/** What was signed: check-in, check-out and statement. */
function Records({ store }: { store: BookStore }) {
  const t = useTranslations("book");
  const { handovers, settlement, stay } = store.book;
  return <Signed title={t("records")} stayId={stay.id} {...{ store, handovers, settlement }} />;
}

/** What was signed of one of a charter's yachts. */
function Signed({
  store: { book },
  title,
  handovers,
  settlement,
  stayId,
}: {
  store: BookStore;
  title: string;
  stayId: string;
} & Pick<BoatBook, "handovers" | "settlement">) {
  const t = useTranslations();
  const at = useAt(book.base.timeZone);
  return (
    <section className={styles.block} aria-label={title}>
      <h2>{title}</h2>
      {handovers.length === 0 && <p>{t("book.none-yet")}</p>}
      {handovers.map((handover) =>
        handover.sealedAt ? (
          <SignedHandover key={handover.id} handover={{ ...handover, sealedAt: handover.sealedAt }} at={at} />
        ) : (
          <p key={handover.id}>{t(`book.not-yet-${handover.kind}`)}</p>
        ),
      )}
      {settlement && (
        <StatementPart
          settlement={settlement}
          stayId={stayId}
          currency={book.base.currency}
          timeZone={book.base.timeZone}
          onChanged={() => location.reload()}
        />
      )}
    </section>
  );
}

"use client";
import { printRecord } from "@/api/handovers";
import { href } from "../api/call";
import { useTranslations } from "next-intl";
import { VerdictMark } from "@/ui/VerdictMark";
import type { BoatBook } from "@/api/schemas/book";
import { KeptPhoto } from "../photos/KeptPhoto";
import styles from "./Book.module.css";
import { useLanguage } from "../language/language";

/** A handover that both have signed, as the skipper's copy shows it. */
export function SignedHandover({
  handover,
  at,
}: {
  handover: BoatBook["handovers"][number] & { sealedAt: string };
  at: (instant: string) => string;
}) {
  const t = useTranslations();
  const language = useLanguage();
  return (
    <article className={styles.record}>
      <h3>{t(`book.signed-${handover.kind}`, { at: at(handover.sealedAt) })}</h3>
      <p>{t("book.lines", { lines: handover.lines, noted: handover.noted.length })}</p>
      {(handover.unfit ?? []).map((words) => (
        <p key={words} role="alert">
          <VerdictMark verdict="stop" /> {words}
        </p>
      ))}
      <ul className={styles.noted}>
        {handover.noted.map((noted, index) => (
          <li key={index}>
            <VerdictMark verdict={noted.verdict} />
            <span>
              <strong>{noted.name}</strong>, {noted.place}: {noted.words}
              {noted.photos.map((hash, number) => (
                <KeptPhoto key={hash} hash={hash} alt={t("photo.of", { name: noted.name, number: number + 1 })} />
              ))}
            </span>
          </li>
        ))}
      </ul>
      <p className={styles.links}>
        <a
          href={href(printRecord, { params: { id: handover.id }, query: { language } })}
          target="_blank"
          rel="noreferrer"
        >
          {t("book.pdf")}
        </a>
      </p>
    </article>
  );
}

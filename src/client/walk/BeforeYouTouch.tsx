"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import type { YachtFile } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { VerdictMark } from "@/ui/VerdictMark";
import styles from "./Walk.module.css";

interface Props {
  file: YachtFile;
  needs: readonly { id: string; isOn: boolean }[];
  onGo: (stop: string) => void;
}

/** What must be on before this is touched, whether it is, and where it is put on. */
export function BeforeYouTouch({ file, needs, onGo }: Props) {
  const t = useTranslations("walk");
  if (needs.length === 0) return null;
  const isReady = needs.every((need) => need.isOn);
  return (
    <section className={`${styles.before} ${isReady ? styles.ready : ""}`} aria-label={t("before")}>
      <h2>{t("before")}</h2>
      <ul>
        {needs.map(({ id, isOn }) => {
          const stop = file.stops[id];
          const state = localize(stop?.state ?? { en: id });
          return (
            <li key={id}>
              <VerdictMark verdict={isOn ? "fine" : "watch"} size={20} />
              <span>
                {isOn ? (
                  state
                ) : (
                  <strong>
                    {t("not-on", { state, place: localize(file.places[stop?.place ?? ""]?.name ?? { en: "" }) })}
                  </strong>
                )}
              </span>
              {!isOn && <Button onClick={() => onGo(id)}>{t("go-there")}</Button>}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

"use client";
import { makeJoinCode } from "@/api/handovers";
import { AppError } from "@/api/app-error";
import { call } from "../api/call";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import { localize } from "@/core/basics/words";
import { takenPlaces } from "@/core/handover/taken";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { useHandover, useVersion } from "../store/handover-context";
import styles from "./Sheets.module.css";

interface Code {
  code: string;
  until: string;
}
/** The crew counts while the briefer teaches: a code to join with, and who has taken which place. */
export function CrewSheet({ onClose }: { onClose: () => void }) {
  const t = useTranslations();
  const format = useFormatter();
  const store = useHandover();
  useVersion();
  const { list, base } = store.bundle;
  const [code, setCode] = useState<Code | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const taken = takenPlaces(store.folded());
  const make = async () => {
    try {
      setCode(await call(makeJoinCode, { params: { id: list.handover }, grant: store.grant }));
      setFault(null);
    } catch (error) {
      setFault(error instanceof AppError ? error.message : t("desk.no-signal"));
    }
  };
  return (
    <Sheet title={t("crew-join.title")} closeWord={t("common.close")} onClose={onClose}>
      <div className={styles.stack}>
        <p>{t("crew-join.words")}</p>
        {code ? (
          <p className={styles.code}>
            <span>{t("crew-join.go-to", { address: `${location.origin}/join` })}</span>
            <strong>{`${code.code.slice(0, 4)} ${code.code.slice(4)}`}</strong>
            <span>
              {t("crew-join.until", {
                at: format.dateTime(new Date(code.until), {
                  hour: "2-digit",
                  minute: "2-digit",
                  hourCycle: "h23",
                  timeZone: base.timeZone,
                }),
              })}
            </span>
          </p>
        ) : (
          <Button look="main" onClick={() => void make()}>
            {t("crew-join.make")}
          </Button>
        )}
        {fault && <p role="alert">{fault}</p>}
        <ul className={styles.rows}>
          {[...taken].map(([place, person]) => (
            <li key={place}>
              <span className={styles.plain}>
                {localize(list.places.find((each) => each.id === place)?.name ?? { en: place })}
              </span>
              <span className={styles.place}>{store.nameOf(person)}</span>
            </li>
          ))}
        </ul>
      </div>
    </Sheet>
  );
}

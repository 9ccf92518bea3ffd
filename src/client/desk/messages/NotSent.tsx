"use client";
import { useFormatter, useTranslations } from "next-intl";
import type { OutMessage } from "@/api/schemas/messages";
import { DeskPart } from "../shared/DeskPart";
import { MessageList } from "./MessageList";

interface Props {
  waiting: { count: number; since: string | null };
  notSent: readonly OutMessage[];
  /** why nothing leaves the house; null where mail does */
  stays: "demo" | "simulated" | null;
  timeZone: string;
}

/** How the messages of the base fare: what waits, and what did not go out. */
export function NotSent({ waiting, notSent, stays, timeZone }: Props) {
  const t = useTranslations("outbox");
  const format = useFormatter();
  const since =
    waiting.since === null
      ? ""
      : format.dateTime(new Date(waiting.since), { dateStyle: "medium", timeStyle: "short", timeZone });
  return (
    <DeskPart title={t("title")}>
      {stays && <p>{t(stays)}</p>}
      <p>{t("waiting", { count: waiting.count, since })}</p>
      {notSent.length === 0 ? (
        <p>{t("all-sent")}</p>
      ) : (
        <>
          <p>{t("not-sent")}</p>
          <MessageList messages={notSent} timeZone={timeZone} />
        </>
      )}
    </DeskPart>
  );
}

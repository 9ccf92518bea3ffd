"use client";
import { useFormatter, useTranslations } from "next-intl";
import type { KeptAddendum } from "@/core/handover/addenda/kept";
import { addendumWords } from "@/messages/addendum-words";
import { VerdictMark } from "@/ui/VerdictMark";

/** One thing added to a signed record; a late finding carries a mark, and another shape when it came too late. */
export function AddendumWords({ kept, timeZone }: { kept: KeptAddendum; timeZone: string }) {
  const t = useTranslations();
  const format = useFormatter();
  const at = (instant: string) =>
    format.dateTime(new Date(instant), {
      day: "numeric",
      month: "short",
      hour: "2-digit",
      minute: "2-digit",
      hourCycle: "h23",
      timeZone,
    });
  return (
    <p>
      {kept.addendum.kind === "late-finding" && <VerdictMark verdict={kept.inTime === false ? "stop" : "watch"} />}{" "}
      {addendumWords(t, kept, at)}
    </p>
  );
}

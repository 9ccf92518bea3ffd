"use client";
import { useFormatter, useTranslations } from "next-intl";
import type { DraftScreen } from "@/api/schemas/draft";

const clock = { hour: "2-digit", minute: "2-digit", hourCycle: "h23" } as const;

/** What was changed last, by whom and when, while no part is open. */
export function LatelyEdited({ lately, timeZone }: { lately: DraftScreen["lately"]; timeZone: string }) {
  const t = useTranslations("editor");
  const format = useFormatter();
  return (
    <>
      <p>{t("choose")}</p>
      {lately.length > 0 && (
        <>
          <h2>{t("lately")}</h2>
          <ul>
            {lately.map((each, index) => (
              <li key={`${each.at} ${each.path} ${index}`}>
                {each.isMine ? t("you") : each.by}, {format.dateTime(new Date(each.at), { ...clock, timeZone })}:{" "}
                <code>{each.path}</code>
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}

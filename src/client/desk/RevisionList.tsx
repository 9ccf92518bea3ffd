"use client";
import { Box } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import type { RevisionView } from "@/api/schemas/desk";
import { changeWords } from "@/messages/change-words";

/** The revisions of a yacht's file: what changed, from what to what, by whom and why. */
export function RevisionList({ revisions, timeZone }: { revisions: RevisionView[]; timeZone: string }) {
  const t = useTranslations();
  const format = useFormatter();
  return (
    <Box display="grid" gap="2">
      {revisions.map(({ revision, publishedAt, by, why, changes, accepted }) => (
        <details key={revision}>
          <summary>
            {t("revision.line", {
              revision,
              at: format.dateTime(new Date(publishedAt), {
                day: "numeric",
                month: "long",
                year: "numeric",
                hour: "2-digit",
                minute: "2-digit",
                hourCycle: "h23",
                timeZone,
              }),
              by: by ?? t("revision.nobody"),
              why,
            })}
          </summary>
          <ul>
            {changes.map((change) => (
              <li key={change.path}>{changeWords(t, change)}</li>
            ))}
            {accepted.map((each) => (
              <li key={`${each.check} ${each.path}`}>
                {t("revision.accepted", { message: each.message, reason: each.reason })}
              </li>
            ))}
          </ul>
        </details>
      ))}
    </Box>
  );
}

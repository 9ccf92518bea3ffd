"use client";
import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useFormatter, useTranslations } from "next-intl";
import { findElsewhere } from "@/api/feeds";
import { isDay } from "@/core/basics/instant";
import type { AgreedDays } from "@/core/charters/days";
import { call } from "../../api/call";

/** Says, beside the days of a charter, where another calendar promises the yacht in them. It forbids nothing. */
export function ElsewhereNote({ yacht, fromDay, outAt, toDay, backAt }: AgreedDays & { yacht: string }) {
  const t = useTranslations("charters");
  const format = useFormatter();
  const query = { yacht, fromDay, outAt, toDay, backAt };
  const isAsked = yacht !== "" && isDay(fromDay) && isDay(toDay) && outAt !== "" && backAt !== "";
  const { data } = useQuery({
    queryKey: ["elsewhere", query],
    queryFn: () => call(findElsewhere, { query }),
    enabled: isAsked,
    retry: false,
  });
  if (!isAsked || !data || data.elsewhere.length === 0) return null;
  const at = (instant: string) =>
    format.dateTime(new Date(instant), { dateStyle: "medium", timeStyle: "short", timeZone: data.timeZone });
  return (
    <Box role="status" borderLeftWidth="4px" borderLeftStyle="solid" borderColor="alarmInk" paddingLeft="3">
      {data.elsewhere.map(({ feed, startsAt, endsAt }) => (
        <p key={`${feed} ${startsAt}`}>{t("elsewhere", { feed, from: at(startsAt), until: at(endsAt) })}</p>
      ))}
    </Box>
  );
}

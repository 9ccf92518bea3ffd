"use client";
import { noteRestock } from "@/api/upkeep";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { Readiness } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { VerdictMark } from "@/ui/VerdictMark";
import { Fault } from "./shared/Fault";
import { useRequest } from "../api/useRequest";
import { Allowed } from "./shared/staff";

/** How ready a yacht is, in a word and a shape. */
export function ReadyChip({ readiness: { state } }: { readiness: Readiness }) {
  const t = useTranslations("ready");
  return <Chip verdict={state === "ready" ? "fine" : state === "not-ready" ? "stop" : "watch"}>{t(state)}</Chip>;
}

/** How ready a yacht is for her next check-in, with every reason; what was short is noted here when it is aboard. */
export function ReadinessPart({
  readiness,
  slug,
  withWork = true,
}: {
  readiness: Readiness;
  slug: string;
  /** false where the work stands in a list of its own */ withWork?: boolean;
}) {
  const t = useTranslations("ready");
  const { fault, request } = useRequest();
  const put = async (line: string, pieces: number) => {
    await request(noteRestock, { params: { slug }, body: { line, pieces } });
  };
  return (
    <Box display="grid" gap="2" justifyItems="start">
      <ReadyChip readiness={readiness} />
      <ul>
        {readiness.reasons
          .filter(({ code }) => code !== "restock" && (withWork || (code !== "work" && code !== "safety-work")))
          .map((reason) => (
            <li key={`${reason.code} ${reason.words}`}>
              <VerdictMark verdict={reason.holds ? "stop" : "watch"} />{" "}
              {t(`reason-${reason.code}`, { words: reason.words })}
            </li>
          ))}
        {readiness.short.map((item) => (
          <li key={item.line}>
            <Box display="flex" flexWrap="wrap" gap="3" alignItems="center">
              <span>
                <VerdictMark verdict={item.safety ? "stop" : "watch"} />{" "}
                {t("reason-restock", { words: `${item.missing} × ${item.name}` })}
              </span>
              <Allowed action="note-restock" quiet>
                <Button onClick={() => void put(item.line, item.missing)} aria-label={`${t("put")}: ${item.name}`}>
                  {t("put")}
                </Button>
              </Allowed>
            </Box>
          </li>
        ))}
      </ul>
      <Fault words={fault} />
    </Box>
  );
}

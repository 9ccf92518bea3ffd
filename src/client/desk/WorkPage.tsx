"use client";
import { noteFoundThing } from "@/api/upkeep";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import type { FoundState } from "@/core/upkeep/found";
import type { FoundItem } from "@/api/schemas/desk";
import { Field } from "@/ui/Field";
import { WorkTable } from "./WorkTable";
import type { Work, Worker } from "./work";
import { Fault } from "./shared/Fault";
import { PhotoStrip } from "./PhotoStrip";
import { useRequest } from "../api/useRequest";

interface Props {
  work: Work[];
  found: FoundItem[];
  timeZone: string;
  mayWork: boolean;
  /** who can be given work */
  workers: Worker[];
  /** who looks */
  me: string;
}

/** What is to be mended in the fleet, in the order in which it is needed, and what crews left aboard. */
export function WorkPage({ work, found, timeZone, mayWork, workers, me }: Props) {
  const t = useTranslations("work");
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start">
      <Box display="flex" flexWrap="wrap" alignItems="baseline" gap="4px 16px">
        <h1>{t("page")}</h1>
        <p>{t("page-words")}</p>
      </Box>
      <section aria-label={t("title")}>
        {work.length === 0 ? (
          <p>{t("all-done")}</p>
        ) : (
          <WorkTable work={work} timeZone={timeZone} mayWork={mayWork} workers={workers} me={me} />
        )}
      </section>
      <chakra.section
        aria-label={t("found-title")}
        borderTopWidth="2px"
        borderTopStyle="solid"
        borderColor="kelp"
        paddingTop="4"
        display="grid"
        gap="3"
      >
        <h2>{t("found-title")}</h2>
        {found.length === 0 && <p>{t("found-none")}</p>}
        {found.map((item) => (
          <FoundRow key={`${item.handover} ${item.found}`} item={item} timeZone={timeZone} />
        ))}
      </chakra.section>
    </chakra.main>
  );
}

function FoundRow({ item, timeZone }: { item: FoundItem; timeZone: string }) {
  const t = useTranslations("work");
  const format = useFormatter();
  const { fault, setFault, busy, request } = useRequest();
  const [words, setWords] = useState("");
  const at = format.dateTime(new Date(item.sealedAt), { day: "numeric", month: "short", timeZone });
  const say = async (state: FoundState) => {
    if (words.trim() === "") return setFault(t("found-words-missing"));
    const { handover, found } = item;
    if (await request(noteFoundThing, { params: { handover, found }, body: { state, words: words.trim() } }))
      setWords("");
  };
  return (
    <Box
      role="group"
      aria-label={item.words}
      borderBottomWidth="1px"
      borderBottomStyle="solid"
      borderColor="line"
      paddingBottom="3"
      display="grid"
      gap="2"
    >
      <p>
        <strong>
          {item.count} × {item.words}
        </strong>
        , {item.yachtName}
        {item.kept && `, ${t("found-kept", { words: item.kept.words })}`}
      </p>
      <p>
        {item.isTheirs
          ? t("found-theirs", { charter: item.charter, charterer: item.charterer, at })
          : t("found-earlier", { charter: item.charter, at })}
      </p>
      <PhotoStrip photos={item.photos} name={item.words} />
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        <Box flex="1 1 14rem" maxWidth="26rem">
          <Field label={t("found-words")}>
            {(ids) => (
              <input {...ids} maxLength={300} value={words} onChange={(event) => setWords(event.target.value)} />
            )}
          </Field>
        </Box>
        {(["kept", "returned", "disposed"] as const).map((state) => (
          <Button key={state} disabled={busy} onClick={() => void say(state)}>
            {t(`found-say-${state}`)}
          </Button>
        ))}
      </Box>
      <Fault words={fault} />
    </Box>
  );
}

"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { WorkState } from "@/core/upkeep/defect";
import type { DefectView } from "@/formats/desk";
import { Chip } from "@/ui/Chip";
import { Field } from "@/ui/Field";
import { anything, ApiFault, ask } from "../api";
import { PhotoStrip } from "./PhotoStrip";

/** What is wrong with a yacht and how the work on it stands; who may says that it is done, with a word on how. */
export function DefectList({ defects, timeZone, mayWork }: { defects: readonly DefectView[]; timeZone: string; mayWork: boolean }) {
  const t = useTranslations("work");
  if (defects.length === 0) return <p>{t("none")}</p>;
  return (
    <chakra.ul listStyleType="none" display="grid" gap="3">
      {defects.map((defect) => (
        <DefectRow key={defect.id} defect={defect} timeZone={timeZone} mayWork={mayWork} />
      ))}
    </chakra.ul>
  );
}

function DefectRow({ defect, timeZone, mayWork }: { defect: DefectView; timeZone: string; mayWork: boolean }) {
  const t = useTranslations("work");
  const all = useTranslations();
  const format = useFormatter();
  const router = useRouter();
  const [saying, setSaying] = useState<WorkState | null>(null);
  const [words, setWords] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const day = (instant: string) => format.dateTime(new Date(instant), { day: "numeric", month: "short", timeZone });
  const keep = async () => {
    if (words.trim() === "") return setFault(t("words-missing"));
    try {
      await ask(`/api/defects/${defect.id}/work`, anything, { method: "POST", body: { state: saying, words } });
      setSaying(null);
      setWords("");
      setFault(null);
      router.refresh();
    } catch (error) {
      setFault(error instanceof ApiFault ? error.message : all("desk.no-signal"));
    }
  };
  return (
    <chakra.li borderBottomWidth="1px" borderBottomStyle="solid" borderColor="line" paddingBottom="3" display="grid" gap="1">
      <Box display="flex" flexWrap="wrap" gap="8px 12px" alignItems="center">
        <strong>{defect.title}</strong>
        <Chip verdict={defect.state === "done" ? "fine" : defect.safety && defect.state === "ordered" ? "stop" : "watch"}>{t(`state-${defect.state}`)}</Chip>
        {defect.safety && <span>{t("safety")}</span>}
      </Box>
      <p>{defect.words}</p>
      <p>
        {t("found", { at: day(defect.since), by: defect.foundBy ?? all("paper.erased") })}
        {defect.workWords !== "" && ` · ${day(defect.workAt)}: ${defect.workWords}`}
      </p>
      <PhotoStrip photos={defect.photos} name={defect.title} />
      {mayWork && saying === null && (
        <Box display="flex" gap="3">
          {(["done", "stays", "ordered"] as const)
            .filter((state) => state !== defect.state)
            .map((state) => (
              <Button key={state} onClick={() => setSaying(state)} aria-label={`${t(`say-${state}`)}: ${defect.title}`}>
                {t(`say-${state}`)}
              </Button>
            ))}
        </Box>
      )}
      {saying && (
        <Box display="grid" gap="2" maxWidth="40rem">
          <Field label={t(`words-${saying}`)} error={fault}>
            {(ids) => <input {...ids} maxLength={500} value={words} autoFocus onChange={(event) => setWords(event.target.value)} />}
          </Field>
          <Box display="flex" gap="3">
            <Button variant="solid" onClick={() => void keep()}>
              {t(`say-${saying}`)}
            </Button>
            <Button onClick={() => setSaying(null)}>{all("common.back")}</Button>
          </Box>
        </Box>
      )}
    </chakra.li>
  );
}

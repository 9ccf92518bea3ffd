"use client";
import { Box, Button } from "@chakra-ui/react";
import { Map } from "lucide-react";
import { useFormatter, useTranslations } from "next-intl";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { keepArea, saveArea } from "@/api/area";
import { addressOf } from "@/api/endpoint";
import type { Area } from "@/core/area/area";
import { areaFaults } from "@/core/area/faults";
import { Field } from "@/ui/Field";
import { EmptyState } from "@/ui/kit/EmptyState";
import { AreaPart } from "../area/AreaPart";
import { bodyChecks } from "../api/generated/body-checks";
import { useRequest } from "../api/useRequest";
import { DeskPart } from "./shared/DeskPart";
import { Fault } from "./shared/Fault";
import { Allowed } from "./shared/staff";

interface Props {
  told: { number: number; area: Area; by: string; at: string } | null;
  timeZone: string;
}

/** The waters of the base: as crews see them, out and in as GeoJSON; what is put in is looked at before it is kept. */
export function AreaPage({ told, timeZone }: Props) {
  const t = useTranslations("area-page");
  const format = useFormatter();
  const [next, setNext] = useState<Area | null>(null);
  const shown = next ?? told?.area ?? null;
  return (
    <Box
      as="main"
      padding="6"
      display="grid"
      gridTemplateColumns={{ base: "1fr", lg: "1.5fr 1fr" }}
      gap="6"
      alignItems="start"
    >
      <Box display="grid" gap="4">
        <h1>{shown?.name ?? t("title")}</h1>
        {shown ? (
          <AreaPart key={next ? "next" : (told?.number ?? 0)} area={shown} />
        ) : (
          <EmptyState sign={Map} title={t("none")} words={t("none-words")} />
        )}
      </Box>
      <Box display="grid" gap="4">
        <DeskPart title={t("keep")} isFirst>
          {told && (
            <>
              <p>
                {t("told", {
                  by: told.by,
                  at: format.dateTime(new Date(told.at), { dateStyle: "medium", timeStyle: "short", timeZone }),
                })}
              </p>
              <a href={addressOf(saveArea)} download>
                {t("save")}
              </a>
            </>
          )}
          <Allowed action="keep-area">
            <TakeArea next={next} onNext={setNext} onNumber={told?.number ?? 0} />
          </Allowed>
        </DeskPart>
        <DeskPart title={t("format")}>
          <p>{t("format-words")}</p>
        </DeskPart>
      </Box>
    </Box>
  );
}

/** Takes a file, shows it, and keeps it when told so. */
function TakeArea({
  next,
  onNext,
  onNumber,
}: {
  next: Area | null;
  onNext: (area: Area | null) => void;
  onNumber: number;
}) {
  const t = useTranslations("area-page");
  const router = useRouter();
  const { request, fault, setFault, busy } = useRequest();
  const take = async (file: File | undefined) => {
    setFault(null);
    onNext(null);
    if (!file) return;
    if (file.size > 1_900_000) return setFault(t("too-large"));
    let area: Area;
    try {
      area = JSON.parse(await file.text()) as Area;
    } catch {
      return setFault(t("no-json"));
    }
    if (area?.type !== "FeatureCollection" || !Array.isArray(area.features) || !Array.isArray(area.base?.position))
      return setFault(t("no-area"));
    const check = await bodyChecks[keepArea.name]?.();
    if (check?.faults({ onNumber, area }).length === 0 && areaFaults(area).length === 0) return onNext(area);
    // what is wrong with it, where, and how it is mended, is the base's to say: it has the words
    await request(keepArea, { body: { onNumber, area } });
  };
  const keep = async () => {
    if (!next || !(await request(keepArea, { body: { onNumber, area: next } }))) return;
    onNext(null);
    router.refresh();
  };
  return (
    <Box display="grid" gap="3">
      <Field label={t("choose")} hint={t("choose-words")}>
        {(ids) => (
          <input
            {...ids}
            type="file"
            accept=".geojson,.json,application/geo+json,application/json"
            onChange={(event) => void take(event.target.files?.[0])}
          />
        )}
      </Field>
      <Fault words={fault} />
      {next && (
        <Box display="flex" gap="3" flexWrap="wrap" alignItems="center">
          <p role="status">{t("look", { features: next.features.length })}</p>
          <Button variant="solid" disabled={busy} onClick={() => void keep()}>
            {t("keep-it")}
          </Button>
          <Button onClick={() => onNext(null)}>{t("leave-it")}</Button>
        </Box>
      )}
    </Box>
  );
}

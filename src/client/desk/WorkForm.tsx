"use client";
import { putPhoto } from "@/api/photos";
import { noteWork } from "@/api/upkeep";
import { call } from "../api/call";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { WorkState, WorkStep } from "@/core/upkeep/defect";
import type { DefectView } from "@/api/schemas/desk";
import { Field } from "@/ui/Field";
import { usePhotos } from "../photos/usePhotos";
import { Fault } from "./shared/Fault";
import { useRequest } from "../api/useRequest";

/** Says how the work on a defect stands now; of what is done, what it took and what proves it. */
export function WorkForm({ defect, state, onDone }: { defect: DefectView; state: WorkState; onDone: () => void }) {
  const t = useTranslations("work");
  const all = useTranslations();
  const { fault, faultAt, setFault, busy, request } = useRequest(["words", "parts", "minutes", "reading"]);
  const { photos, fault: photoFault, take } = usePhotos();
  const [words, setWords] = useState("");
  const [parts, setParts] = useState("");
  const [minutes, setMinutes] = useState("");
  const [reading, setReading] = useState("");
  const keep = async () => {
    if (words.trim() === "") return setFault(t("words-missing"), "words");
    if (minutes.trim() !== "" && !/^\d{1,5}$/.test(minutes.trim())) return setFault(t("minutes-wrong"), "minutes");
    const step: WorkStep = {
      state,
      words: words.trim(),
      ...(parts.trim() === "" ? {} : { parts: parts.trim() }),
      ...(minutes.trim() === "" ? {} : { minutes: Number(minutes) }),
      ...(reading.trim() === "" ? {} : { reading: reading.trim() }),
      ...(photos.length === 0 ? {} : { photos: photos.map(({ hash }) => hash) }),
    };
    try {
      // the pictures first: a step that names them is kept only with them
      for (const { hash, bytes } of photos)
        await call(putPhoto, { params: { hash }, query: { handover: defect.handoverId ?? undefined }, body: bytes });
    } catch {
      return setFault(all("desk.no-signal"));
    }
    if (await request(noteWork, { params: { id: defect.id }, body: { onNumber: defect.workNumber, step } })) onDone();
  };
  const took = [
    { name: "parts", flex: "2 1 14rem", maxLength: 300, value: parts, set: setParts },
    { name: "minutes", flex: "0 0 7rem", inputMode: "numeric", value: minutes, set: setMinutes },
    { name: "reading", flex: "1 1 10rem", maxLength: 200, value: reading, set: setReading },
  ] as const;
  return (
    <Box display="grid" gap="3" maxWidth="44rem">
      <Field label={t(`words-${state}`)} error={faultAt("words")}>
        {(ids) => (
          <input {...ids} maxLength={500} value={words} autoFocus onChange={(event) => setWords(event.target.value)} />
        )}
      </Field>
      {state === "done" && (
        <>
          <Box display="flex" flexWrap="wrap" gap="3">
            {took.map(({ name, flex, value, set, ...rest }) => (
              <Box key={name} flex={flex}>
                <Field label={t(name)} error={faultAt(name)}>
                  {(ids) => <input {...ids} {...rest} value={value} onChange={(event) => set(event.target.value)} />}
                </Field>
              </Box>
            ))}
          </Box>
          {defect.handoverId !== null && (
            <Field label={t("photo")} error={photoFault === null ? null : all(`photo.${photoFault}`)}>
              {(ids) => (
                <input {...ids} type="file" accept="image/*" onChange={(event) => void take(event.target.files?.[0])} />
              )}
            </Field>
          )}
          {photos.length > 0 && <p role="status">{t("photos-ready", { photos: photos.length })}</p>}
        </>
      )}
      <Box display="flex" gap="3">
        <Button variant="solid" disabled={busy} onClick={() => void keep()}>
          {t(`say-${state}`)}
        </Button>
        <Button onClick={onDone}>{all("common.back")}</Button>
      </Box>
      <Fault words={fault} />
    </Box>
  );
}

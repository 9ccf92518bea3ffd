"use client";
import { putPhoto } from "@/api/photos";
import { noteWork } from "@/api/upkeep";
import { call } from "../api/call";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { WorkState } from "@/core/upkeep/defect";
import type { DefectView } from "@/api/schemas/desk";
import { Field } from "@/ui/Field";
import { usePhotos } from "../photos/usePhotos";
import { FormFrame } from "../forms/FormFrame";
import { FormInput } from "../forms/FormField";
import { useDeskForm } from "../forms/useDeskForm";

/** Says how the work on a defect stands now; of what is done, what it took and what proves it. */
export function WorkForm({ defect, state, onDone }: { defect: DefectView; state: WorkState; onDone: () => void }) {
  const t = useTranslations("work");
  const all = useTranslations();
  const { photos, fault: photoFault, take } = usePhotos();
  const form = useDeskForm(noteWork, {
    fields: {
      words: { label: t(`words-${state}`) },
      parts: { label: t("parts") },
      minutes: { label: t("minutes") },
      reading: { label: t("reading") },
    },
    says: ({ words, minutes }) => ({
      words: words.trim() === "" && t("words-missing"),
      minutes: minutes.trim() !== "" && !/^\d{1,5}$/.test(minutes.trim()) && t("minutes-wrong"),
    }),
    ask: ({ words, parts, minutes, reading }) => ({
      params: { id: defect.id },
      body: {
        onNumber: defect.workNumber,
        step: {
          state,
          words: words.trim(),
          ...(parts.trim() === "" ? {} : { parts: parts.trim() }),
          ...(minutes.trim() === "" ? {} : { minutes: Number(minutes) }),
          ...(reading.trim() === "" ? {} : { reading: reading.trim() }),
          ...(photos.length === 0 ? {} : { photos: photos.map(({ hash }) => hash) }),
        },
      },
    }),
    // the pictures first: a step that names them is kept only with them
    before: async () => {
      for (const { hash, bytes } of photos)
        await call(putPhoto, { params: { hash }, query: { handover: defect.handoverId ?? undefined }, body: bytes });
    },
    onTaken: onDone,
  });
  const took = [
    { name: "parts", flex: "2 1 14rem", maxLength: 300 },
    { name: "minutes", flex: "0 0 7rem", inputMode: "numeric" },
    { name: "reading", flex: "1 1 10rem", maxLength: 200 },
  ] as const;
  return (
    <FormFrame form={form} action={t(`say-${state}`)} beside={<Button onClick={onDone}>{all("common.back")}</Button>}>
      <FormInput form={form} name="words" maxLength={500} autoFocus />
      {state === "done" && (
        <>
          <Box display="flex" flexWrap="wrap" gap="3">
            {took.map(({ name, flex, ...rest }) => (
              <Box key={name} flex={flex}>
                <FormInput form={form} name={name} {...rest} />
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
    </FormFrame>
  );
}

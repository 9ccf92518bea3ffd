"use client";
import { useTranslations } from "next-intl";
import type { YachtNote } from "@/core/yacht/note/note";
import { Field } from "@/ui/Field";
import { NoteForm } from "../notes/NoteForm";
import { usePhotos } from "../photos/usePhotos";
import type { NewNote } from "../store/note-store";

/** Says from the boat book that the yacht's file is wrong about a thing. */
export function NoteInBook({
  yacht,
  about,
  name,
}: {
  yacht: string;
  about: NonNullable<YachtNote["about"]>;
  name: string;
}) {
  const t = useTranslations();
  const { photos, fault, take } = usePhotos();
  const tell = async (note: NewNote) => {
    const { NoteStore } = await import("../store/note-store");
    await NoteStore.open().add(yacht, note, photos);
  };
  return (
    <NoteForm about={about} name={name} onTell={tell}>
      <Field
        label={t("mark.photo")}
        hint={photos.length > 0 ? t("after.photos-ready", { photos: photos.length }) : t("photo.hint")}
        error={fault ? t(`photo.${fault}`) : null}
      >
        {(ids) => (
          <input {...ids} type="file" accept="image/*" onChange={(event) => void take(event.target.files?.[0])} />
        )}
      </Field>
    </NoteForm>
  );
}

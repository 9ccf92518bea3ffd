"use client";
import { Box, Button } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import type { DraftScreen } from "@/formats/draft";
import { changeWords } from "@/messages/change-words";
import { Field } from "@/ui/Field";
import { PhotoStrip } from "../desk/PhotoStrip";
import { Fault } from "../desk/Fault";
import { useAsk } from "../desk/useAsk";
import { partName } from "./tree";
import type { Wanted } from "./useDraft";

interface Props {
  slug: string;
  screen: DraftScreen;
  mayPublish: boolean;
  timeZone: string;
  onDone: () => Promise<void>;
  onMove: (wanted: Wanted) => Promise<boolean>;
}

/** What people aboard and at handovers say of the file, as changes that one key takes over. */
export function ProposedPart({ slug, screen, mayPublish, timeZone, onDone, onMove }: Props) {
  const t = useTranslations("editor");
  const { notes, moved } = screen;
  return (
    <>
      <h2>{t("proposed")}</h2>
      {notes.length + moved.length === 0 && <p>{t("nothing-proposed")}</p>}
      {moved.map((each) => (
        <Box key={each.path} display="flex" flexWrap="wrap" gap="3" alignItems="center">
          <span>{t("moved", { name: each.name, place: each.place })}</span>
          {mayPublish && <Button onClick={() => void onMove({ path: each.path, to: each.to })}>{t("take-over")}</Button>}
        </Box>
      ))}
      {notes.map((each) => (
        <NoteRow key={each.note.id} each={each} slug={slug} screen={screen} mayPublish={mayPublish} timeZone={timeZone} onDone={onDone} />
      ))}
    </>
  );
}

function NoteRow({ each: { note, by, edits }, slug, screen, mayPublish, timeZone, onDone }: { each: DraftScreen["notes"][number] } & Omit<Props, "onMove">) {
  const t = useTranslations("editor");
  const all = useTranslations();
  const format = useFormatter();
  const { send, fault, busy } = useAsk();
  const [words, setWords] = useState("");
  const about = note.about ? (screen.document as unknown as Record<string, Record<string, unknown>>)[note.about.collection]?.[note.about.key] : null;
  const name = note.kind === "new" ? note.name : about ? partName(about, note.about?.key ?? "") : (note.about?.key ?? "");
  const answer = async (how: "taken-over" | "declined") => {
    if (await send(`/api/yachts/${slug}/notes/${note.id}`, { answer: how, words: words.trim() })) await onDone();
  };
  return (
    <Box as="article" aria-label={name} borderBottomWidth="1px" borderBottomStyle="solid" borderColor="line" paddingBottom="4" display="grid" gap="2">
      <p>
        <strong>{name}</strong>: {t(`note-${note.kind}`)} · {by ?? t("crew")}, {format.dateTime(new Date(note.at), { dateStyle: "medium", timeStyle: "short", timeZone })}
      </p>
      {[note.where, note.how].filter((said) => said !== "").map((said) => (
        <p key={said}>“{said}”</p>
      ))}
      <PhotoStrip photos={note.photos} name={name} />
      {edits.length === 0 ? (
        <p>{t("nothing-left")}</p>
      ) : (
        <ul>
          {edits.map((edit) => {
            const [, collection = "", key = "", field] = edit.path.split("/");
            return <li key={edit.path}>{changeWords(all, { path: edit.path, part: field === undefined ? partName((edit.to ?? edit.from ?? {}) as object, key) : name || collection, field: field ?? null, from: edit.from, to: edit.to })}</li>;
          })}
        </ul>
      )}
      {mayPublish && (
        <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
          {edits.length > 0 && (
            <Button variant="solid" disabled={busy} onClick={() => void answer("taken-over")} aria-label={`${t("take-over")}: ${name}`}>
              {t("take-over")}
            </Button>
          )}
          <Box flex="1 1 12rem" maxWidth="24rem">
            <Field label={t("decline-words")}>{(ids) => <input {...ids} maxLength={300} value={words} onChange={(event) => setWords(event.target.value)} />}</Field>
          </Box>
          <Button disabled={busy} onClick={() => void answer("declined")}>
            {t("decline")}
          </Button>
        </Box>
      )}
      <Fault words={fault} />
    </Box>
  );
}

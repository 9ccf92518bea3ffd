"use client";
import { answerNote } from "@/api/yachts";
import { Box, Button } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { useEffect, useRef, useState, type KeyboardEvent } from "react";
import type { YachtNote } from "@/core/yacht/note/note";
import type { DraftScreen } from "@/api/schemas/draft";
import { changeWords } from "@/messages/change-words";
import { Field } from "@/ui/Field";
import { PhotoStrip } from "../desk/PhotoStrip";
import { Fault } from "../desk/shared/Fault";
import { useRequest } from "../api/useRequest";
import styles from "./inputs/Editor.module.css";
import { partName } from "./inputs/tree";
import type { Wanted } from "./inputs/useDraft";

interface Props {
  slug: string;
  screen: DraftScreen;
  mayEdit: boolean;
  timeZone: string;
  onDone: () => Promise<void>;
  onMove: (wanted: Wanted) => Promise<boolean>;
}

/** What people aboard and at handovers say of the file, as changes that one key takes over. */
export function ProposedPart({ slug, screen, mayEdit, timeZone, onDone, onMove }: Props) {
  const t = useTranslations("editor");
  const { notes, moved } = screen;
  const format = useFormatter();
  const list = useRef<HTMLDivElement>(null);
  const first = notes[0]?.note.id;
  // the first one has the focus, also when the one before it has been answered by its key
  useEffect(() => {
    if (document.activeElement === document.body) list.current?.querySelector<HTMLElement>("article")?.focus();
  }, [first]);
  useEffect(() => list.current?.querySelector<HTMLElement>("article")?.focus(), []);
  const keys = (event: KeyboardEvent<HTMLDivElement>) => {
    const articles = [...(list.current?.querySelectorAll<HTMLElement>("article") ?? [])];
    const at = articles.indexOf(event.target as HTMLElement);
    const to =
      at < 0
        ? undefined
        : event.key === "ArrowDown"
          ? articles[at + 1]
          : event.key === "ArrowUp"
            ? articles[at - 1]
            : undefined;
    if (!to) return;
    event.preventDefault();
    to.focus();
  };
  return (
    <>
      <h2>{t("proposed")}</h2>
      {notes.length + moved.length === 0 && <p>{t("nothing-proposed")}</p>}
      {notes.length > 0 && mayEdit && <p>{t("proposed-keys")}</p>}
      {moved.map((each) => (
        <Box key={each.path} display="flex" flexWrap="wrap" gap="3" alignItems="center">
          <span>{t("moved", { name: each.name, place: each.place })}</span>
          {mayEdit && <Button onClick={() => void onMove({ path: each.path, to: each.to })}>{t("take-over")}</Button>}
        </Box>
      ))}
      <div ref={list} style={{ display: "grid", gap: 16 }} onKeyDown={keys}>
        {notes.map((each) => (
          <NoteRow
            key={each.note.id}
            each={each}
            slug={slug}
            screen={screen}
            mayEdit={mayEdit}
            timeZone={timeZone}
            onDone={onDone}
          />
        ))}
      </div>
      {screen.answered.length > 0 && (
        <>
          <h3>{t("answered")}</h3>
          <ul>
            {screen.answered.map(({ note, content, answer, words, writtenBy, by, at }) => (
              <li key={note}>
                {format.dateTime(new Date(at), { dateStyle: "medium", timeStyle: "short", timeZone })}:{" "}
                <strong>{noteName(content, screen)}</strong> ({t(`note-${content.kind}`)}, {writtenBy ?? t("crew")}){" "}
                {t(`answered-${answer}`, { by, words })}
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}

/** What a note is about, by the name that the file has for it, or her class where her file has it no more. */
function noteName({ about, name }: YachtNote, { document, absent }: DraftScreen): string {
  if (!about) return name;
  const part = document[about.collection][about.key];
  return part
    ? partName(part, about.key)
    : (absent.find(({ collection, key }) => collection === about.collection && key === about.key)?.name ?? about.key);
}

function NoteRow({
  each: { note, by, edits },
  slug,
  screen,
  mayEdit,
  timeZone,
  onDone,
}: { each: DraftScreen["notes"][number] } & Omit<Props, "onMove">) {
  const t = useTranslations("editor");
  const format = useFormatter();
  const { request, fault, faultAt, busy } = useRequest(["words"]);
  const [words, setWords] = useState("");
  const name = noteName(note, screen);
  const answer = async (how: "taken-over" | "declined") => {
    const body = { answer: how, words: words.trim() };
    if (await request(answerNote, { params: { slug, id: note.id }, body })) await onDone();
  };
  return (
    <Box
      as="article"
      className={styles.proposed}
      tabIndex={0}
      aria-label={name}
      onKeyDown={(event) => {
        if (event.key === "Enter" && event.target === event.currentTarget && mayEdit && !busy && edits.length > 0)
          void answer("taken-over");
      }}
      display="grid"
      gap="2"
    >
      <p>
        <strong>{name}</strong>: {t(`note-${note.kind}`)} · {by ?? t("crew")},{" "}
        {format.dateTime(new Date(note.at), { dateStyle: "medium", timeStyle: "short", timeZone })}
      </p>
      {[note.where, note.how]
        .filter((said) => said !== "")
        .map((said) => (
          <p key={said}>“{said}”</p>
        ))}
      <PhotoStrip photos={note.photos} name={name} />
      <NoteEdits name={name} edits={edits} />
      {mayEdit && (
        <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
          {edits.length > 0 && (
            <Button
              variant="solid"
              disabled={busy}
              onClick={() => void answer("taken-over")}
              aria-label={`${t("take-over")}: ${name}`}
            >
              {t("take-over")}
            </Button>
          )}
          <Box flex="1 1 12rem" maxWidth="24rem">
            <Field label={t("decline-words")} error={faultAt("words")}>
              {(ids) => (
                <input {...ids} maxLength={300} value={words} onChange={(event) => setWords(event.target.value)} />
              )}
            </Field>
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

/** What a note would change in the file, in words. */
function NoteEdits({ name, edits }: { name: string; edits: DraftScreen["notes"][number]["edits"] }) {
  const t = useTranslations("editor");
  const all = useTranslations();
  if (edits.length === 0) return <p>{t("nothing-left")}</p>;
  return (
    <ul>
      {edits.map((edit) => {
        const [, collection = "", key = "", field] = edit.path.split("/");
        const whole = partName((edit.to ?? edit.from ?? {}) as object, key);
        const part = field !== undefined ? name : collection === "oddities" ? t("oddity-new", { words: whole }) : whole;
        return (
          <li key={edit.path}>
            {changeWords(all, { path: edit.path, part, field: field ?? null, from: edit.from, to: edit.to })}
          </li>
        );
      })}
    </ul>
  );
}

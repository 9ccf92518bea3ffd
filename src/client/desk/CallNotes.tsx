"use client";
import { noteCall } from "@/api/stays";
import { Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { CallView } from "@/api/schemas/desk";
import { Field } from "@/ui/Field";
import { useRequest } from "../api/useRequest";
import styles from "./shared/Desk.module.css";
import { DeskPart } from "./shared/DeskPart";

/** What this crew called about, and a line to note another call: it stands on the next briefer's sheet. */
export function CallNotes({
  stayId,
  calls,
  topics,
}: {
  stayId: string;
  calls: CallView[];
  topics: { id: string; title: string }[];
}) {
  const t = useTranslations("briefing-sheet");
  const [words, setWords] = useState("");
  const [topic, setTopic] = useState("");
  const { fault, faultAt, request } = useRequest(["words", "topic"]);
  const note = async () => {
    const body = { topic: topic === "" ? null : topic, words };
    if (await request(noteCall, { params: { id: stayId }, body })) setWords("");
  };
  return (
    <DeskPart title={t("calls")}>
      <ul className={styles.points}>
        {calls.map((call) => (
          <li key={call.id}>
            {topics.find((each) => each.id === call.topic)?.title ?? ""} {call.words}
          </li>
        ))}
      </ul>
      <Field label={t("call-topic")} error={faultAt("topic")}>
        {(ids) => (
          <select {...ids} value={topic} onChange={(event) => setTopic(event.target.value)}>
            <option value="">{t("call-any")}</option>
            {topics.map((each) => (
              <option key={each.id} value={each.id}>
                {each.title}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field label={t("call-words")} error={faultAt("words") ?? fault}>
        {(ids) => <input {...ids} maxLength={500} value={words} onChange={(event) => setWords(event.target.value)} />}
      </Field>
      <Button justifySelf="start" disabled={words.trim() === ""} onClick={() => void note()}>
        {t("call-note")}
      </Button>
    </DeskPart>
  );
}

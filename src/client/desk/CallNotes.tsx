"use client";
import { useTranslations } from "next-intl";
import { noteCall } from "@/api/stays";
import type { CallView } from "@/api/schemas/desk";
import { FormFrame } from "../forms/FormFrame";
import { FormInput, FormSelect } from "../forms/FormField";
import { useDeskForm } from "../forms/useDeskForm";
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
  const form = useDeskForm(noteCall, {
    fields: { topic: { label: t("call-topic") }, words: { label: t("call-words") } },
    ask: ({ topic, words }) => ({
      params: { id: stayId },
      body: { topic: topic === "" ? null : topic, words: words.trim() },
    }),
    clears: true,
  });
  return (
    <DeskPart title={t("calls")}>
      <ul className={styles.points}>
        {calls.map((call) => (
          <li key={call.id}>
            {topics.find((each) => each.id === call.topic)?.title ?? ""} {call.words}
          </li>
        ))}
      </ul>
      <FormFrame form={form} action={t("call-note")} disabled={form.typed.words.trim() === ""}>
        <FormSelect form={form} name="topic">
          <option value="">{t("call-any")}</option>
          {topics.map((each) => (
            <option key={each.id} value={each.id}>
              {each.title}
            </option>
          ))}
        </FormSelect>
        <FormInput form={form} name="words" maxLength={500} />
      </FormFrame>
    </DeskPart>
  );
}

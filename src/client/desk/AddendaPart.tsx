"use client";
import { postBaseAddenda } from "@/api/handovers";
import { AppError } from "@/api/app-error";
import { call } from "../api/call";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { v7 as uuid } from "uuid";
import type { Addendum } from "@/core/handover/addenda/addendum";
import type { AddendaView } from "@/api/schemas/book";
import { Field } from "@/ui/Field";
import { AddendumWords } from "../book/AddendumWords";
import { PhotoStrip } from "./PhotoStrip";

const answers = ["there-before", "looked-into", "at-check-out"] as const;
type Said =
  | Pick<Extract<Addendum, { kind: "answer" }>, "kind" | "to" | "answer" | "words">
  | Pick<Extract<Addendum, { kind: "visit" }>, "kind" | "words" | "touched">;

/** What came after the signed check-in: late findings, each answered with one tap, and the base's own visits. */
export function AddendaPart({
  afterwards,
  person,
  timeZone,
}: {
  afterwards: AddendaView;
  person: string;
  timeZone: string;
}) {
  const t = useTranslations("after");
  const all = useTranslations();
  const router = useRouter();
  const [visiting, setVisiting] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const add = async (said: Said) => {
    try {
      const addendum = {
        v: 1,
        id: uuid(),
        handover: afterwards.handover,
        at: new Date().toISOString(),
        by: { side: "base", person },
        ...said,
      };
      const { answers: taken } = await call(postBaseAddenda, {
        params: { id: afterwards.handover },
        body: { addenda: [addendum] },
      });
      const refused = taken.find(({ status }) => status === "refused");
      if (refused) return setFault(refused.message);
      setFault(null);
      setVisiting(false);
      router.refresh();
    } catch (error) {
      setFault(error instanceof AppError ? error.message : all("desk.no-signal"));
    }
  };
  const answered = new Set(
    afterwards.addenda.flatMap(({ addendum }) => (addendum.kind === "answer" ? [addendum.to] : [])),
  );
  return (
    <Box display="grid" gap="3" justifyItems="start">
      <h3>{t("desk-title")}</h3>
      {afterwards.addenda.length === 0 && <p>{t("none")}</p>}
      <chakra.ul listStyleType="none" display="grid" gap="3" width="100%">
        {afterwards.addenda.map((each) => (
          <chakra.li
            key={each.addendum.id}
            borderBottomWidth="1px"
            borderBottomStyle="solid"
            borderColor="line"
            paddingBottom="2"
          >
            <AddendumWords kept={each} timeZone={timeZone} />
            {each.addendum.kind === "late-finding" && (
              <Box display="flex" flexWrap="wrap" gap="3" marginTop="2">
                <PhotoStrip photos={each.addendum.photos} name={each.about?.name ?? t("finding")} />
                {!answered.has(each.addendum.id) &&
                  answers.map((answer) => (
                    <Button
                      key={answer}
                      onClick={() => void add({ kind: "answer", to: each.addendum.id, answer, words: "" })}
                    >
                      {t(`answer-${answer}`)}
                    </Button>
                  ))}
              </Box>
            )}
          </chakra.li>
        ))}
      </chakra.ul>
      {visiting ? (
        <VisitForm
          afterwards={afterwards}
          fault={fault}
          onKeep={(said) => void add(said)}
          onBack={() => setVisiting(false)}
        />
      ) : (
        <Button onClick={() => setVisiting(true)}>{t("visit-open")}</Button>
      )}
      {fault && !visiting && <p role="alert">{fault}</p>}
    </Box>
  );
}

function VisitForm({
  afterwards,
  fault,
  onKeep,
  onBack,
}: {
  afterwards: AddendaView;
  fault: string | null;
  onKeep: (said: Said) => void;
  onBack: () => void;
}) {
  const t = useTranslations("after");
  const all = useTranslations();
  const [words, setWords] = useState("");
  const [line, setLine] = useState("");
  const [count, setCount] = useState("");
  const [wrong, setWrong] = useState<string | null>(null);
  const counted = afterwards.lines.find((each) => each.id === line)?.isCount ?? false;
  const keep = () => {
    if (words.trim() === "") return setWrong(all("test.words-missing"));
    if (counted && !/^\d{1,4}$/.test(count.trim())) return setWrong(all("count.wrong", { most: 9999 }));
    onKeep({
      kind: "visit",
      words: words.trim(),
      touched: line === "" ? [] : [{ line, count: counted ? Number(count) : null }],
    });
  };
  return (
    <Box display="grid" gap="3" width="100%" maxWidth="40rem">
      <Field label={t("visit-what")} error={wrong ?? fault}>
        {(ids) => (
          <input {...ids} maxLength={1000} value={words} autoFocus onChange={(event) => setWords(event.target.value)} />
        )}
      </Field>
      <Field label={t("visit-line")}>
        {(ids) => (
          <select {...ids} value={line} onChange={(event) => setLine(event.target.value)}>
            <option value="">{t("no-line")}</option>
            {afterwards.lines.map((each) => (
              <option key={each.id} value={each.id}>
                {each.place}: {each.name}
              </option>
            ))}
          </select>
        )}
      </Field>
      {counted && (
        <Field label={t("visit-count")}>
          {(ids) => (
            <input {...ids} inputMode="numeric" value={count} onChange={(event) => setCount(event.target.value)} />
          )}
        </Field>
      )}
      <Box display="flex" gap="3">
        <Button variant="solid" onClick={keep}>
          {t("visit-keep")}
        </Button>
        <Button onClick={onBack}>{all("common.back")}</Button>
      </Box>
    </Box>
  );
}

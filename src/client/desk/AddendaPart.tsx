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
import { AddendumWords } from "../book/AddendumWords";
import { PhotoStrip } from "./PhotoStrip";
import { VisitForm, type Visit } from "./VisitForm";

const answers = ["there-before", "looked-into", "at-check-out"] as const;
type Said = Pick<Extract<Addendum, { kind: "answer" }>, "kind" | "to" | "answer" | "words"> | Visit;

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
    <Box id="after" display="grid" gap="3" justifyItems="start">
      <h3>{t("desk-title")}</h3>
      {afterwards.addenda.length === 0 && <p>{t("none")}</p>}
      <chakra.ul listStyleType="none" display="grid" gap="3" width="100%">
        {afterwards.addenda.map((each) => (
          <AddendumItem
            key={each.addendum.id}
            kept={each}
            timeZone={timeZone}
            isAnswered={answered.has(each.addendum.id)}
            onAnswer={(answer) => void add({ kind: "answer", to: each.addendum.id, answer, words: "" })}
          />
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

/** What came in after the signature; a late finding with its pictures and the answers to it. */
function AddendumItem({
  kept,
  timeZone,
  isAnswered,
  onAnswer,
}: {
  kept: AddendaView["addenda"][number];
  timeZone: string;
  isAnswered: boolean;
  onAnswer: (answer: (typeof answers)[number]) => void;
}) {
  const t = useTranslations("after");
  return (
    <chakra.li borderBottomWidth="1px" borderBottomStyle="solid" borderColor="line" paddingBottom="2">
      <AddendumWords kept={kept} timeZone={timeZone} />
      {kept.addendum.kind === "late-finding" && (
        <Box display="flex" flexWrap="wrap" gap="3" marginTop="2">
          <PhotoStrip photos={kept.addendum.photos} name={kept.about?.name ?? t("finding")} />
          {!isAnswered &&
            answers.map((answer) => (
              <Button key={answer} onClick={() => onAnswer(answer)}>
                {t(`answer-${answer}`)}
              </Button>
            ))}
        </Box>
      )}
    </chakra.li>
  );
}

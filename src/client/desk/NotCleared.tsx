"use client";
import { liftClearance } from "@/api/handovers";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { HandoverBrief } from "@/api/schemas/desk";
import { Segments } from "@/ui/kit/Segments";
import { Chip } from "@/ui/Chip";
import { FormFrame } from "../forms/FormFrame";
import { FormInput } from "../forms/FormField";
import { useDeskForm } from "../forms/useDeskForm";
import { useMay } from "./shared/staff";

const ways = ["cured", "overridden"] as const;

/** She was signed over while not cleared to leave: the mark stays until what stood against it is put right, or a manager lets her go. */
export function NotCleared({ handover, at }: { handover: HandoverBrief; at: (instant: string) => string }) {
  const t = useTranslations("not-cleared");
  const mayLift = useMay("override");
  const { lifted, against } = handover;
  if (lifted) return <p>{t(`lifted-${lifted.how}`, { by: lifted.by, at: at(lifted.at), why: lifted.why })}</p>;
  return (
    <Box display="grid" gap="3">
      <Chip verdict="stop">{t("title")}</Chip>
      <p>{t("words")}</p>
      <chakra.ul paddingLeft="5" listStyleType="square">
        {against.map((words) => (
          <li key={words}>{words}</li>
        ))}
      </chakra.ul>
      {mayLift ? <LiftForm handover={handover.id} /> : <p>{t("manager")}</p>}
    </Box>
  );
}

function LiftForm({ handover }: { handover: string }) {
  const t = useTranslations("not-cleared");
  const [how, setHow] = useState<(typeof ways)[number]>("cured");
  const form = useDeskForm(liftClearance, {
    fields: { why: { label: t(`why-${how}`) } },
    says: ({ why }) => ({ why: why.trim() === "" && t("why-missing") }),
    ask: ({ why }) => ({ params: { id: handover }, body: { how, why: why.trim() } }),
  });
  return (
    <FormFrame form={form} action={t("go")}>
      <Segments
        label={t("how")}
        options={ways.map((value) => ({ value, word: t(`how-${value}`) }))}
        value={how}
        onChoose={setHow}
      />
      <FormInput form={form} name="why" maxLength={500} />
    </FormFrame>
  );
}

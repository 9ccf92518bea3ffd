"use client";
import { keepCrewList } from "@/api/stays";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { CrewMember } from "@/api/schemas/desk";
import { FormFrame } from "../forms/FormFrame";
import { FormInput } from "../forms/FormField";
import { useDeskForm, type Typed } from "../forms/useDeskForm";

type Column = "name" | "weightKg";
type Cell = `crew/${number}/${Column}`;
interface Props {
  stayId: string;
  aboard: number;
  crew: readonly CrewMember[];
}

const isWeight = (typed: string) => /^\d{1,3}$/.test(typed) && Number(typed) >= 3 && Number(typed) <= 300;

/** The crew list of a stay: who is aboard, and their weights, by which the life jackets are given out. */
export function CrewList(props: Props) {
  const [isOpen, setOpen] = useState(false);
  return isOpen ? (
    <CrewForm {...props} onClose={() => setOpen(false)} />
  ) : (
    <CrewSummary {...props} onOpen={() => setOpen(true)} />
  );
}

/** A row for each person aboard; a row without a word is left out. */
function CrewForm({ stayId, aboard, crew, onClose }: Props & { onClose: () => void }) {
  const t = useTranslations("crew");
  const all = useTranslations();
  // the skipper may have named more than were agreed: nobody goes missing here
  const rows = Array.from({ length: Math.max(aboard, crew.length) }, (_, at) => at);
  const row = (typed: Typed<Cell>, at: number) => ({
    name: (typed[`crew/${at}/name`] ?? "").trim(),
    weight: (typed[`crew/${at}/weightKg`] ?? "").trim(),
  });
  const isTold = (typed: Typed<Cell>, at: number) => {
    const { name, weight } = row(typed, at);
    return name !== "" || weight !== "";
  };
  const form = useDeskForm<typeof keepCrewList, Cell>(keepCrewList, {
    fields: Object.fromEntries(
      rows.flatMap((at) => [
        [`crew/${at}/name`, { label: t("name", { number: at + 1 }), typed: crew[at]?.name ?? "" }],
        [`crew/${at}/weightKg`, { label: t("weight", { number: at + 1 }), typed: String(crew[at]?.weightKg ?? "") }],
      ]),
    ) as Record<Cell, { label: string; typed: string }>,
    says: (typed) =>
      Object.fromEntries(
        rows
          .filter((at) => isTold(typed, at))
          .flatMap((at) => [
            [`crew/${at}/name`, row(typed, at).name === "" && t("name-missing")],
            [`crew/${at}/weightKg`, !isWeight(row(typed, at).weight) && t("weight-wrong")],
          ]),
      ) as Record<Cell, string | false>,
    ask: (typed) => ({
      params: { id: stayId },
      body: {
        crew: rows
          .filter((at) => isTold(typed, at))
          .map((at) => {
            const { name, weight } = row(typed, at);
            // what the skipper told besides stays with the name
            return { ...crew.find((member) => member.name === name), name, weightKg: Number(weight) };
          }),
      },
    }),
    onTaken: onClose,
  });
  return (
    <FormFrame form={form} action={t("keep")} beside={<Button onClick={onClose}>{all("common.back")}</Button>}>
      {rows.map((at) => (
        <Box key={at} display="grid" gridTemplateColumns="minmax(0, 1fr) 9rem" gap="3">
          <FormInput form={form} name={`crew/${at}/name`} maxLength={120} />
          <FormInput form={form} name={`crew/${at}/weightKg`} inputMode="numeric" />
        </Box>
      ))}
    </FormFrame>
  );
}

/** Who of the crew is told already, and the way into the list. */
function CrewSummary({ aboard, crew, onOpen }: { aboard: number; crew: readonly CrewMember[]; onOpen: () => void }) {
  const t = useTranslations("crew");
  const weights = crew
    .map((member) => member.weightKg)
    .sort((a, b) => a - b)
    .join(", ");
  return (
    <Box display="grid" gap="2" justifyItems="start">
      <p>{crew.length === 0 ? t("none", { aboard }) : t("sum", { told: crew.length, aboard, weights })}</p>
      <ToldBesides crew={crew} />
      <Button onClick={onOpen}>{t("open")}</Button>
    </Box>
  );
}

/** What the skipper told of people besides name and weight: the briefer reads it before they come. */
function ToldBesides({ crew }: Pick<Props, "crew">) {
  const t = useTranslations("crew");
  const told = ({ isChild, swims, speaks, sailed, toKnow }: CrewMember): string[] => [
    ...(isChild ? [t("child")] : []),
    ...(swims ? [t("swims")] : []),
    ...(speaks === undefined ? [] : [t("speaks", { speaks })]),
    ...(sailed === undefined ? [] : [t(`sailed-${sailed}`)]),
    ...(toKnow === undefined ? [] : [toKnow]),
  ];
  const people = crew.filter((member) => told(member).length > 0);
  return (
    people.length > 0 && (
      <ul>
        {people.map((member, at) => (
          <li key={at}>{t("besides", { name: member.name, told: told(member).join(" · ") })}</li>
        ))}
      </ul>
    )
  );
}

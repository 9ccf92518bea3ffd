"use client";
import { keepCrewList } from "@/api/stays";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { CrewMember } from "@/api/schemas/desk";
import { Field } from "@/ui/Field";
import { Fault } from "./shared/Fault";
import { useRequest } from "../api/useRequest";

interface Row {
  name: string;
  weight: string;
}

const isTold = ({ name, weight }: Row) => name.trim() !== "" || weight.trim() !== "";
const isName = ({ name }: Row) => name.trim() !== "";
const isWeight = ({ weight }: Row) => /^\d{1,3}$/.test(weight.trim()) && Number(weight) >= 3 && Number(weight) <= 300;
/** Where a row stands in what is sent: rows without a word are left out. */
const sentAs = (rows: readonly Row[], index: number, field: "name" | "weightKg") =>
  `crew/${rows.slice(0, index).filter(isTold).length}/${field}`;

/** The crew list of a stay: who is aboard, and their weights, by which the life jackets are given out. */
export function CrewList({ stayId, aboard, crew }: { stayId: string; aboard: number; crew: readonly CrewMember[] }) {
  const t = useTranslations("crew");
  const all = useTranslations();
  const [rows, setRows] = useState<Row[] | null>(null);
  const { fault, faultAt, setFault, request } = useRequest(
    (rows ?? []).flatMap((_, index) => [`crew/${index}/name`, `crew/${index}/weightKg`]),
  );
  const kept = async () => {
    const told = (rows ?? []).filter(isTold);
    const wrong = told.findIndex((row) => !isName(row) || !isWeight(row));
    const [row] = told.slice(wrong);
    if (wrong >= 0 && row)
      return setFault(t("wrong", { row: wrong + 1 }), `crew/${wrong}/${isName(row) ? "weightKg" : "name"}`);
    const crewTold = told.map((each) => ({ name: each.name.trim(), weightKg: Number(each.weight) }));
    if (await request(keepCrewList, { params: { id: stayId }, body: { crew: crewTold } })) setRows(null);
  };
  if (!rows)
    return (
      <CrewSummary
        aboard={aboard}
        crew={crew}
        onOpen={() =>
          setRows(
            Array.from({ length: aboard }, (_, i) => ({
              name: crew[i]?.name ?? "",
              weight: crew[i] ? String(crew[i].weightKg) : "",
            })),
          )
        }
      />
    );
  const change = (index: number, field: Partial<Row>) =>
    setRows(rows.map((row, i) => (i === index ? { ...row, ...field } : row)));
  return (
    <Box display="grid" gap="2">
      {rows.map((row, index) => (
        <Box key={index} display="grid" gridTemplateColumns="minmax(0, 1fr) 7rem" gap="3">
          <Field
            label={t("name", { number: index + 1 })}
            error={isTold(row) ? faultAt(sentAs(rows, index, "name")) : null}
          >
            {(ids) => (
              <input
                {...ids}
                maxLength={120}
                autoComplete="off"
                value={row.name}
                onChange={(event) => change(index, { name: event.target.value })}
              />
            )}
          </Field>
          <Field label={t("weight")} error={isTold(row) ? faultAt(sentAs(rows, index, "weightKg")) : null}>
            {(ids) => (
              <input
                {...ids}
                inputMode="numeric"
                autoComplete="off"
                value={row.weight}
                onChange={(event) => change(index, { weight: event.target.value })}
              />
            )}
          </Field>
        </Box>
      ))}
      <Fault words={fault} />
      <Box display="flex" gap="3">
        <Button variant="solid" onClick={() => void kept()}>
          {t("keep")}
        </Button>
        <Button onClick={() => setRows(null)}>{all("common.back")}</Button>
      </Box>
    </Box>
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
      <Button onClick={onOpen}>{t("open")}</Button>
    </Box>
  );
}

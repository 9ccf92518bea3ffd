"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { assignWork } from "@/api/upkeep";
import { Field } from "@/ui/Field";
import { toaster } from "@/ui/kit/toaster";
import { useRequest } from "../api/useRequest";
import { Fault } from "./shared/Fault";
import type { Work, Worker } from "./work";

/** Gives what is chosen to somebody, or to nobody again; what was before comes back with one tap. */
export function AssignWork({
  work,
  workers,
  onAssigned,
}: {
  work: readonly Work[];
  workers: readonly Worker[];
  onAssigned: () => void;
}) {
  const t = useTranslations("work");
  const { fault, busy, request } = useRequest();
  const [person, setPerson] = useState("");
  if (work.length === 0) return null;
  const undo = async () => {
    for (const person of new Set(work.map(({ assignee }) => assignee)))
      await request(assignWork, {
        body: { defects: work.filter(({ assignee }) => assignee === person).map(({ id }) => id), person },
      });
  };
  const assign = async () => {
    const given = person === "" ? null : person;
    if (!(await request(assignWork, { body: { defects: work.map(({ id }) => id), person: given } }))) return;
    const name = workers.find(({ id }) => id === given)?.name;
    toaster.create({
      title: name === undefined ? t("taken-back", { count: work.length }) : t("given", { count: work.length, name }),
      action: { label: t("undo"), onClick: () => void undo() },
    });
    onAssigned();
  };
  return (
    <Box role="group" aria-label={t("assign-title")} display="flex" alignItems="flex-end" flexWrap="wrap" gap="3">
      <Box width="13rem">
        <Field label={t("give-to", { count: work.length })}>
          {(ids) => (
            <select {...ids} value={person} onChange={(event) => setPerson(event.target.value)}>
              <option value="">{t("nobody")}</option>
              {workers.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          )}
        </Field>
      </Box>
      <Button variant="solid" disabled={busy} onClick={() => void assign()}>
        {t("assign")}
      </Button>
      <Fault words={fault} />
    </Box>
  );
}

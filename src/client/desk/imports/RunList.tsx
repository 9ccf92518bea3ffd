"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import { readImport, undoRow } from "@/api/imports";
import type { ImportRunView, ImportStart } from "@/api/schemas/imports";
import { Dialog } from "@/ui/kit/Dialog";
import { call } from "../../api/call";
import { useRequest } from "../../api/useRequest";
import { DeskPart } from "../shared/DeskPart";
import { Fault } from "../shared/Fault";

/** The lists that were taken in, newest first, each with its rows. */
export function RunList({ start: { runs, timeZone } }: { start: ImportStart }) {
  const t = useTranslations("imports");
  const format = useFormatter();
  const [open, setOpen] = useState<ImportRunView | null>(null);
  const at = (instant: string) =>
    format.dateTime(new Date(instant), { dateStyle: "medium", timeStyle: "short", timeZone });
  return (
    <DeskPart title={t("runs")}>
      {runs.length === 0 ? (
        <p>{t("no-runs")}</p>
      ) : (
        <chakra.ul listStyleType="none" display="grid" gap="3">
          {runs.map((run) => {
            const { id, fileName, by, ...counts } = run;
            return (
              <chakra.li key={id} display="flex" flexWrap="wrap" gap="2 16px" alignItems="center">
                <Box flex="1 1 24rem">
                  <p>
                    <strong>{t("run", { at: at(run.at), by, file: fileName })}</strong>
                  </p>
                  <p>{t("run-counts", counts)}</p>
                </Box>
                <Button onClick={() => setOpen(run)}>{t("run-rows")}</Button>
              </chakra.li>
            );
          })}
        </chakra.ul>
      )}
      {open && <RunRows run={open} onClose={() => setOpen(null)} />}
    </DeskPart>
  );
}

/** The rows that a list brought, each undone by one tap until something is built on it. */
function RunRows({ run, onClose }: { run: ImportRunView; onClose: () => void }) {
  const t = useTranslations("imports");
  const common = useTranslations("common");
  const queries = useQueryClient();
  const key = ["import", run.id];
  const { data } = useQuery({
    queryKey: key,
    queryFn: () => call(readImport, { params: { id: run.id } }),
    retry: false,
  });
  const { request, busy, fault } = useRequest();
  const undo = async (line: number) => {
    if (await request(undoRow, { params: { id: run.id }, body: { line } }))
      await queries.invalidateQueries({ queryKey: key });
  };
  return (
    <Dialog title={t("rows-title", { file: run.fileName })} closeWord={common("back")} onClose={onClose} atSide>
      <p>{data?.rows.length === 0 ? t("rows-none") : t("undo-words")}</p>
      <Fault words={fault} />
      <chakra.ul listStyleType="none" display="grid" gap="2" marginTop="3">
        {data?.rows.map(({ line, reference, fate, undoneAt }) => (
          <chakra.li key={line} display="flex" gap="3" alignItems="center" justifyContent="space-between">
            <span>{t("row", { line, reference, fate })}</span>
            {undoneAt === null ? (
              <Button disabled={busy} onClick={() => void undo(line)}>
                {t("undo")}
              </Button>
            ) : (
              <span>{t("undone")}</span>
            )}
          </chakra.li>
        ))}
      </chakra.ul>
    </Dialog>
  );
}

"use client";
import { Box, Button, Textarea } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { mostRows } from "@/api/schemas/imports";
import { decodeText, readTable } from "@/formats/table-csv";
import { Field } from "@/ui/Field";
import { Fault } from "../shared/Fault";
import type { ReadList } from "./useList";

const mostBytes = 8_000_000;

/** Chooses the list that is read: a file, or rows that are pasted. */
export function ChooseList({ onRead, list }: { onRead: (list: ReadList | null) => void; list: ReadList | null }) {
  const t = useTranslations("imports");
  const [fault, setFault] = useState<string | null>(null);
  const [pasted, setPasted] = useState("");
  const read = (text: string, fileName: string) => {
    const table = readTable(text);
    const isTooMany = table !== null && table.rows.length > mostRows;
    setFault(
      table === null ? t("no-table") : isTooMany ? t("too-many", { count: table.rows.length, most: mostRows }) : null,
    );
    onRead(table === null || isTooMany ? null : { fileName, table });
  };
  const readFile = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > mostBytes) return setFault(t("too-large"));
    read(decodeText(new Uint8Array(await file.arrayBuffer())), file.name.slice(0, 200));
  };
  return (
    <Box display="grid" gap="3">
      <Box display="grid" gridTemplateColumns={{ base: "1fr", lg: "1fr 1fr" }} gap="4" alignItems="start">
        <Field label={t("file")}>
          {(ids) => (
            <input
              {...ids}
              type="file"
              accept=".csv,.txt,.tsv,text/csv,text/plain"
              onChange={(event) => void readFile(event.target.files?.[0])}
            />
          )}
        </Field>
        {!list && (
          <Box display="grid" gap="2">
            <Field label={t("paste")}>
              {(ids) => (
                <Textarea {...ids} rows={3} value={pasted} onChange={(event) => setPasted(event.target.value)} />
              )}
            </Field>
            {pasted.trim() !== "" && (
              <Button justifySelf="start" onClick={() => read(pasted, t("pasted"))}>
                {t("read-pasted")}
              </Button>
            )}
          </Box>
        )}
      </Box>
      <Fault words={fault} />
      {list && (
        <p role="status">
          {t("read", { file: list.fileName, rows: list.table.rows.length, columns: list.table.heads.length })}
        </p>
      )}
    </Box>
  );
}

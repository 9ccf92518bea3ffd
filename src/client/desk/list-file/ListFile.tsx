"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { decodeText, readTable, type TextTable } from "@/formats/table-csv";
import { Field } from "@/ui/Field";
import { saveCsv } from "../table/save-csv";
import { Fault } from "../shared/Fault";

/** What becomes of a row, as far as it is told here. */
interface Fate {
  line: number;
  words: string;
  fate: "new" | "changed" | "same" | "refused";
  faults: { column: string; what: "missing" | "twice" | "wrong"; text: string }[];
  becomes: unknown;
}

interface Props<F extends Fate> {
  /** the file that is saved: its name, its heads and its rows */
  csv: { name: string; heads: readonly string[]; rows: () => string[][] };
  /** what becomes of each row of a table; null where no column says what a row is about */
  fatesOf: (table: TextTable) => F[] | null;
  columnWord: (column: F["faults"][number]["column"]) => string;
  /** what is said below the field for the file */
  hint: string;
  busy?: boolean;
  fault?: string | null;
  onTake: (fates: F[]) => void;
}

const mostBytes = 1_000_000;

/** A list of the base out of a file and into one: what each row brings is told, then it is put into the list. */
export function ListFile<F extends Fate>({
  csv,
  fatesOf,
  columnWord,
  hint,
  busy = false,
  fault: not,
  onTake,
}: Props<F>) {
  const t = useTranslations("list-file");
  const [read, setRead] = useState<{ name: string; fates: F[] } | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const readFile = async (file: File | undefined) => {
    if (!file) return;
    const table = file.size > mostBytes ? null : readTable(decodeText(new Uint8Array(await file.arrayBuffer())));
    const fates = table && fatesOf(table);
    setFault(fates ? null : t("none"));
    setRead(fates && { name: file.name, fates });
  };
  const brought = read?.fates.filter(({ becomes }) => becomes !== null) ?? [];
  return (
    <Box display="grid" gap="2">
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        <Field label={t("file")} hint={hint}>
          {(ids) => (
            <input
              {...ids}
              type="file"
              accept=".csv,.txt,text/csv"
              onChange={(event) => void readFile(event.target.files?.[0])}
            />
          )}
        </Field>
        <Button onClick={() => saveCsv(csv.name, csv.heads, csv.rows())}>{t("save")}</Button>
      </Box>
      <Fault words={fault ?? not ?? null} />
      {read && (
        <Box role="status" borderLeftWidth="4px" borderLeftStyle="solid" borderColor="brass" paddingLeft="3">
          <FileSays fates={read.fates} name={read.name} columnWord={columnWord} />
          {brought.length > 0 && (
            <Button
              marginTop="2"
              disabled={busy}
              onClick={() => {
                onTake(read.fates);
                setRead(null);
              }}
            >
              {t("take", { count: brought.length })}
            </Button>
          )}
        </Box>
      )}
    </Box>
  );
}

/** How many rows are what, and why those that are refused are. */
function FileSays<F extends Fate>({
  fates,
  name,
  columnWord,
}: {
  fates: readonly F[];
  name: string;
  columnWord: Props<F>["columnWord"];
}) {
  const t = useTranslations("list-file");
  const count = (fate: Fate["fate"]) => fates.filter((each) => each.fate === fate).length;
  const counts = { new: count("new"), changed: count("changed"), same: count("same"), refused: count("refused") };
  return (
    <>
      <p>{t("says", { name, ...counts })}</p>
      <chakra.ul listStyleType="disc" paddingLeft="5">
        {fates
          .filter(({ faults }) => faults.length > 0)
          .map(({ line, words, faults }) => (
            <li key={line}>
              {t("refused", {
                line,
                words: words || "none",
                why: faults
                  .map(({ column, what, text }) => t(`why-${what}`, { column: columnWord(column), text }))
                  .join("; "),
              })}
            </li>
          ))}
      </chakra.ul>
    </>
  );
}

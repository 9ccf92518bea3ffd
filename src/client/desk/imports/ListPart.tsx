"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { takeList } from "@/api/imports";
import type { ImportStart } from "@/api/schemas/imports";
import { neededColumns } from "@/core/imports/columns";
import { useRequest } from "../../api/useRequest";
import { DeskPart } from "../shared/DeskPart";
import { Fault } from "../shared/Fault";
import { ColumnsPart } from "./ColumnsPart";
import { FateTable } from "./FateTable";
import { useRowWords } from "./useRowWords";
import { givenOf, useLook, useReading, type Looked, type ReadList } from "./useList";

const none: ReadonlySet<number> = new Set();

/** A list that was read: its columns, what becomes of its rows, and taking them. */
export function ListPart({ list, start, onDone }: { list: ReadList; start: ImportStart; onDone: () => void }) {
  const t = useTranslations("imports");
  const reading = useReading(list, start.mappings);
  const [looked, setLooked] = useState<Looked | null>(null);
  const { look, isLooking, error } = useLook();
  const missing = neededColumns.filter((column) => reading.mapping[column] === undefined);
  const lookThrough = async () => setLooked(await look(givenOf(list, reading, none)));
  return (
    <>
      <DeskPart title={t("step-columns")}>
        <ColumnsPart
          list={list}
          start={start}
          reading={{
            ...reading,
            // what was looked through was read otherwise
            setColumn: (...given) => (setLooked(null), reading.setColumn(...given)),
            setOrder: (order) => (setLooked(null), reading.setOrder(order)),
            takeKept: (name) => (setLooked(null), reading.takeKept(name)),
          }}
        />
        {missing.length > 0 && (
          <p>{t("missing-columns", { columns: missing.map((column) => t(`column-${column}`)).join(", ") })}</p>
        )}
        <Button
          justifySelf="start"
          variant={looked ? "outline" : "solid"}
          disabled={isLooking || missing.includes("reference") || reading.told === null}
          onClick={() => void lookThrough()}
        >
          {t(isLooking ? "looking" : "look")}
        </Button>
        <Fault words={error} />
      </DeskPart>
      {looked && (
        <DeskPart title={t("step-rows")}>
          <TakePart list={list} reading={reading} looked={looked} timeZone={start.timeZone} onDone={onDone} />
        </DeskPart>
      )}
    </>
  );
}

/** What becomes of the rows, and taking those that are chosen. */
function TakePart({
  list,
  reading,
  looked: first,
  timeZone,
  onDone,
}: {
  list: ReadList;
  reading: ReturnType<typeof useReading>;
  looked: Looked;
  timeZone: string;
  onDone: () => void;
}) {
  const t = useTranslations("imports");
  const whatOf = useRowWords(timeZone);
  const [looked, setLooked] = useState(first);
  const bringing = (rows: Looked["rows"]) => rows.filter(({ fate }) => fate === "new" || fate === "changed");
  const [chosen, setChosen] = useState<ReadonlySet<string>>(
    () => new Set(bringing(first.rows).map(({ line }) => String(line))),
  );
  const { look, isLooking, error } = useLook();
  const { request, busy, fault, setFault } = useRequest();
  const taken = bringing(looked.rows).filter(({ line }) => chosen.has(String(line)));
  const take = async () => {
    const leftOut = new Set(bringing(first.rows).flatMap(({ line }) => (chosen.has(String(line)) ? [] : [line])));
    const given = givenOf(list, reading, leftOut);
    let { seen } = looked;
    if (leftOut.size > 0) {
      const again = await look(given);
      if (!again) return;
      const isSame = taken.every(
        (row) => JSON.stringify(again.rows.find(({ line }) => line === row.line)) === JSON.stringify(row),
      );
      if (!isSame) {
        const others = looked.rows.filter(({ line }) => leftOut.has(line));
        setLooked({ ...again, rows: [...again.rows, ...others].sort((a, b) => a.line - b.line) });
        return setFault(t("stands-otherwise"));
      }
      seen = again.seen;
    }
    if (await request(takeList, { body: { ...given, fileName: list.fileName, seen } })) onDone();
  };
  return (
    <>
      <FateTable rows={looked.rows} whatOf={whatOf} choosing={{ chosen, onChosen: setChosen }} />
      <p>{t("taking-words")}</p>
      <Fault words={fault ?? error} />
      <Box display="flex" gap="3">
        <Button variant="solid" disabled={busy || isLooking || taken.length === 0} onClick={() => void take()}>
          {t("take", { count: taken.length })}
        </Button>
      </Box>
    </>
  );
}

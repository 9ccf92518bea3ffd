"use client";
import { Box, Button, Input } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { v4 as uuid } from "uuid";
import { keepMappings } from "@/api/imports";
import type { ImportStart } from "@/api/schemas/imports";
import { dateOrders } from "@/core/imports/cells";
import { charterColumns, neededColumns, type CharterColumn } from "@/core/imports/columns";
import { headsOf, mappingIn } from "@/core/imports/mappings";
import { Field } from "@/ui/Field";
import { Segments } from "@/ui/kit/Segments";
import { useRequest } from "../../api/useRequest";
import { Fault } from "../shared/Fault";
import type { Reading, ReadList } from "./useList";

/** Which column of the list holds what, and how it writes days. */
export function ColumnsPart({ list, start, reading }: { list: ReadList; start: ImportStart; reading: Reading }) {
  const t = useTranslations("imports");
  const { heads } = list.table;
  const fitting = Object.entries(start.mappings).filter(([, each]) => mappingIn(each, heads) !== null);
  return (
    <Box display="grid" gap="3">
      {fitting.length > 0 && (
        <Field label={t("kept")}>
          {(ids) => (
            <select {...ids} onChange={(event) => reading.takeKept(event.target.value)} defaultValue={fitting[0]?.[0]}>
              {fitting.map(([key, { name }]) => (
                <option key={key} value={key}>
                  {name}
                </option>
              ))}
              <option value="">{t("kept-none")}</option>
            </select>
          )}
        </Field>
      )}
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(16rem, 1fr))" gap="3" alignItems="start">
        {charterColumns.map((column) => (
          <ColumnField key={column} column={column} list={list} reading={reading} />
        ))}
      </Box>
      <DayOrder reading={reading} />
      <KeepReading list={list} start={start} reading={reading} />
    </Box>
  );
}

/** Which column of the list is one of ours, with what its first row has there. */
function ColumnField({ column, list, reading }: { column: CharterColumn; list: ReadList; reading: Reading }) {
  const t = useTranslations("imports");
  const { heads, rows } = list.table;
  const place = reading.mapping[column];
  const word = t(`column-${column}`);
  const example = place === undefined ? "" : (rows[0]?.cells[place] ?? "").slice(0, 40);
  return (
    <Field
      label={neededColumns.includes(column) ? t("needed", { column: word }) : word}
      hint={place === undefined ? undefined : t("example", { example: example || "none" })}
    >
      {(ids) => (
        <select
          {...ids}
          value={place ?? ""}
          onChange={({ target: { value } }) => reading.setColumn(column, value === "" ? null : Number(value))}
        >
          <option value="">{t("not-there")}</option>
          {heads.map((head, at) => (
            <option key={at} value={at}>
              {head || String(at + 1)}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}

function DayOrder({ reading: { told, order, setOrder } }: { reading: Reading }) {
  const t = useTranslations("imports");
  const options = dateOrders.map((value) => ({ value, word: t(`order-${value}`) }));
  if (told === null) return <Fault words={t("order-odds")} />;
  return (
    <Box display="flex" flexWrap="wrap" gap="3" alignItems="center">
      <span>{t("order")}</span>
      <Segments label={t("order")} options={options} value={order} disabled={told !== "either"} onChoose={setOrder} />
      <span>{t(told === "either" ? "order-either" : "order-told")}</span>
    </Box>
  );
}

/** Keeps how this list is read under a name, for the next one of the same program. */
function KeepReading({ list, start, reading }: { list: ReadList; start: ImportStart; reading: Reading }) {
  const t = useTranslations("imports");
  const [name, setName] = useState("");
  const { request, busy, fault } = useRequest();
  const keep = async () => {
    const same = Object.entries(start.mappings).find(
      ([, each]) => each.name.toLowerCase() === name.trim().toLowerCase(),
    );
    const kept = { name: name.trim(), columns: headsOf(reading.mapping, list.table.heads), order: reading.order };
    const mappings = { ...start.mappings, [same?.[0] ?? `r-${uuid().slice(0, 8)}`]: kept };
    if (await request(keepMappings, { body: { onNumber: start.mappingsNumber, mappings } })) setName("");
  };
  return (
    <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
      <Field label={t("keep-as")} error={fault}>
        {(ids) => <Input {...ids} value={name} maxLength={60} onChange={(event) => setName(event.target.value)} />}
      </Field>
      <Button disabled={busy || name.trim() === ""} onClick={() => void keep()}>
        {t("keep")}
      </Button>
    </Box>
  );
}

"use client";
import { settlePrices } from "@/api/base";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { canonicalJson } from "@/core/basics/digest";
import { formatMoney, minorDigits, parseMoney } from "@/core/basics/money";
import { priceOf, type PriceItem, type PriceList } from "@/core/settlement/prices";
import { groups } from "@/core/yacht/parts/basics";
import { Field } from "@/ui/Field";
import { Fault } from "./shared/Fault";
import { useRequest } from "../api/useRequest";
import styles from "./shared/Desk.module.css";

interface Props {
  prices: PriceList;
  number: number;
  currency: string;
  maySettle: boolean;
}

/** An item as it is typed. */
interface Row {
  id: string;
  words: string;
  category: PriceItem["category"];
  remedy: PriceItem["remedy"];
  material: string;
  minutes: string;
  life: string;
}

const categories = [...groups, "service"] as const;

/** What the base asks for work, parts and services: typed in a table, settled with a reason, never over another's change. */
export function PriceListPart({ prices, number, currency, maySettle }: Props) {
  const t = useTranslations("prices");
  const { fault, faultAt, setFault, busy, request } = useRequest(["why", "labourPerHourMinor"]);
  const shown = (minor: number) => (minor / 10 ** minorDigits(currency)).toFixed(minorDigits(currency));
  const rowOf = (item: PriceItem): Row => ({
    ...item,
    material: shown(item.materialMinor),
    minutes: String(item.labourMinutes),
    life: item.lifeMonths === null ? "" : String(item.lifeMonths),
  });
  const [rows, setRows] = useState<Row[]>(() => prices.items.map(rowOf));
  const [labour, setLabour] = useState(shown(prices.labourPerHourMinor));
  const [free, setFree] = useState(String(prices.lateReturn.freeMinutes));
  const [late, setLate] = useState(shown(prices.lateReturn.perHourMinor));
  const [why, setWhy] = useState("");
  const change = (at: number, part: Partial<Row>) =>
    setRows((all) => all.map((row, index) => (index === at ? { ...row, ...part } : row)));
  const whole = (text: string) => (/^\d{1,5}$/.test(text.trim()) ? Number(text) : null);

  /** The list as typed, or what is wrong with it: which line, and how to mend it. */
  const read = (): PriceList | string => {
    const items: PriceItem[] = [];
    for (const row of rows) {
      const materialMinor = parseMoney(row.material, currency);
      const labourMinutes = whole(row.minutes);
      const lifeMonths = row.life.trim() === "" ? null : whole(row.life);
      if (row.words.trim() === "") return t("words-missing");
      if (materialMinor === null) return t("material-wrong", { words: row.words });
      if (labourMinutes === null) return t("minutes-wrong", { words: row.words });
      if (row.life.trim() !== "" && (lifeMonths === null || lifeMonths === 0))
        return t("life-wrong", { words: row.words });
      items.push({
        id: row.id,
        words: row.words.trim(),
        category: row.category,
        remedy: row.remedy,
        materialMinor,
        labourMinutes,
        lifeMonths,
      });
    }
    const [labourPerHourMinor, perHourMinor, freeMinutes] = [
      parseMoney(labour, currency),
      parseMoney(late, currency),
      whole(free),
    ];
    if (labourPerHourMinor === null || perHourMinor === null || freeMinutes === null) return t("terms-wrong");
    return { labourPerHourMinor, lateReturn: { freeMinutes, perHourMinor }, items };
  };
  const wanted = read();
  const isChanged = typeof wanted === "string" || canonicalJson(wanted) !== canonicalJson(prices);
  const settle = async () => {
    if (typeof wanted === "string") return setFault(wanted);
    if (why.trim() === "") return setFault(t("why-missing"), "why");
    if (await request(settlePrices, { body: { onNumber: number, prices: wanted, why: why.trim() } })) setWhy("");
  };
  const money = (minor: number) => formatMoney(minor, currency);
  return (
    <chakra.section display="grid" gap="3" aria-label={t("title")}>
      <h2>{t("title")}</h2>
      <p>{t("about")}</p>
      <Box display="flex" flexWrap="wrap" gap="3">
        <Box width="12rem">
          <Field label={t("labour", { currency })} error={faultAt("labourPerHourMinor")}>
            {(ids) => (
              <input
                {...ids}
                inputMode="decimal"
                disabled={!maySettle}
                value={labour}
                onChange={(event) => setLabour(event.target.value)}
              />
            )}
          </Field>
        </Box>
        <Box width="14rem">
          <Field label={t("late-free")}>
            {(ids) => (
              <input
                {...ids}
                inputMode="numeric"
                disabled={!maySettle}
                value={free}
                onChange={(event) => setFree(event.target.value)}
              />
            )}
          </Field>
        </Box>
        <Box width="14rem">
          <Field label={t("late-hour", { currency })}>
            {(ids) => (
              <input
                {...ids}
                inputMode="decimal"
                disabled={!maySettle}
                value={late}
                onChange={(event) => setLate(event.target.value)}
              />
            )}
          </Field>
        </Box>
      </Box>
      <Box overflowX="auto">
        <table className={`${styles.table} ${styles.typed}`} aria-label={t("title")}>
          <thead>
            <tr>
              {(["what", "category", "remedy", "material", "minutes", "life", "comes-to"] as const).map((column) => (
                <th key={column} scope="col">
                  {t(column, { currency })}
                </th>
              ))}
              {maySettle && <th scope="col">{t("off")}</th>}
            </tr>
          </thead>
          <tbody>
            {rows.map((row, index) => {
              const material = parseMoney(row.material, currency);
              const minutes = whole(row.minutes);
              const rate = parseMoney(labour, currency);
              const label = (column: "what" | "category" | "remedy" | "material" | "minutes" | "life") =>
                `${t(column, { currency })}: ${row.words}`;
              return (
                <tr key={row.id}>
                  <td>
                    <input
                      aria-label={label("what")}
                      disabled={!maySettle}
                      maxLength={120}
                      size={34}
                      value={row.words}
                      onChange={(event) => change(index, { words: event.target.value })}
                    />
                  </td>
                  <td>
                    <select
                      aria-label={label("category")}
                      disabled={!maySettle}
                      value={row.category}
                      onChange={(event) => change(index, { category: event.target.value as Row["category"] })}
                    >
                      {categories.map((category) => (
                        <option key={category} value={category}>
                          {t(`group-${category}`)}
                        </option>
                      ))}
                    </select>
                  </td>
                  <td>
                    <select
                      aria-label={label("remedy")}
                      disabled={!maySettle}
                      value={row.remedy}
                      onChange={(event) => change(index, { remedy: event.target.value as Row["remedy"] })}
                    >
                      <option value="repair">{t("repair")}</option>
                      <option value="replace">{t("replace")}</option>
                    </select>
                  </td>
                  <td>
                    <input
                      aria-label={label("material")}
                      disabled={!maySettle}
                      inputMode="decimal"
                      size={7}
                      value={row.material}
                      onChange={(event) => change(index, { material: event.target.value })}
                    />
                  </td>
                  <td>
                    <input
                      aria-label={label("minutes")}
                      disabled={!maySettle}
                      inputMode="numeric"
                      size={4}
                      value={row.minutes}
                      onChange={(event) => change(index, { minutes: event.target.value })}
                    />
                  </td>
                  <td>
                    <input
                      aria-label={label("life")}
                      disabled={!maySettle}
                      inputMode="numeric"
                      size={4}
                      value={row.life}
                      onChange={(event) => change(index, { life: event.target.value })}
                    />
                  </td>
                  <td className={styles.number}>
                    {material !== null && minutes !== null && rate !== null
                      ? money(priceOf({ materialMinor: material, labourMinutes: minutes }, rate))
                      : ""}
                  </td>
                  {maySettle && (
                    <td>
                      <Button
                        aria-label={t("take-off", { words: row.words })}
                        onClick={() => setRows((all) => all.filter((_, at) => at !== index))}
                      >
                        ×
                      </Button>
                    </td>
                  )}
                </tr>
              );
            })}
          </tbody>
        </table>
      </Box>
      {maySettle && (
        <>
          <Button
            justifySelf="start"
            onClick={() =>
              setRows((all) => [
                ...all,
                {
                  id: crypto.randomUUID(),
                  words: "",
                  category: "hull",
                  remedy: "repair",
                  material: "0.00",
                  minutes: "0",
                  life: "",
                },
              ])
            }
          >
            {t("add")}
          </Button>
          <Box display="grid" gap="3" maxWidth="40rem">
            <Field label={t("why")} error={faultAt("why")}>
              {(ids) => <input {...ids} maxLength={500} value={why} onChange={(event) => setWhy(event.target.value)} />}
            </Field>
            <Button variant="solid" justifySelf="start" disabled={!isChanged || busy} onClick={() => void settle()}>
              {t("settle")}
            </Button>
          </Box>
        </>
      )}
      <Fault words={fault} />
    </chakra.section>
  );
}

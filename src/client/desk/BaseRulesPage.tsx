"use client";
import { settleRules } from "@/api/base";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import { rulesFrom, usualRules, type BaseRules } from "@/core/base/rules";
import { canonicalJson } from "@/core/basics/digest";
import { clearanceTopics } from "@/core/basics/clearance-topics";
import type { RulesChange } from "@/api/schemas/desk";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { useRequest } from "../api/useRequest";
import styles from "./Desk.module.css";

interface Props {
  rules: BaseRules;
  number: number;
  history: readonly RulesChange[];
  timeZone: string;
  maySettle: boolean;
}

const figures = [
  ["markFromMm", "mark-from"],
  ["markSingleFromMm", "mark-single"],
  ["lateHours", "late-hours"],
  ["boatDataMinutes", "boat-data-minutes"],
  ["objectDays", "object-days"],
  ["windLimitKn", "wind"],
] as const;
type Figure = (typeof figures)[number][0];
/** Figures with decimals. */
const measures = [
  ["markToleranceM", "mark-tolerance"],
  ["markWorseFactor", "mark-worse"],
] as const;
type Measure = (typeof measures)[number][0];
/** Limits that make sense for a whole fleet; those of batteries and tanks go by chemistry and size, and stand in each yacht's file. */
const limits = [
  ["belt", "tightBelowMm"],
  ["belt", "watchAboveMm"],
  ["belt", "stopAboveMm"],
  ["gas", "watchBelowPercent"],
] as const;
type Limit = (typeof limits)[number][1];

/** The fields of the page, by their names in the rules. */
const marked = [
  ...figures.map(([field]) => field),
  ...measures.map(([field]) => field),
  ...limits.map(([, limit]) => limit),
  "why",
];

/** A limit as it is typed: a number up to 999 with one decimal, or nothing. */
const isLimit = (typed: string) => /^(\d{1,3}(\.\d)?)?$/.test(typed.trim());

function limitsOf(before: BaseRules["readingLimits"], numbers: Record<Limit, string>): BaseRules["readingLimits"] {
  // what was settled for other readings stays
  const settled = Object.fromEntries(
    Object.entries(before).filter(([kind]) => !limits.some(([each]) => each === kind)),
  );
  for (const [kind, limit] of limits)
    if (isLimit(numbers[limit]) && numbers[limit].trim() !== "")
      settled[kind] = { ...settled[kind], [limit]: Number(numbers[limit]) };
  return settled;
}

/** What the base has settled for all its yachts; a manager settles it anew, with a reason that stays. */
export function BaseRulesPage({ rules, number, history, timeZone, maySettle }: Props) {
  const t = useTranslations("rules");
  const all = useTranslations();
  const format = useFormatter();
  const [draft, setDraft] = useState(rules);
  const [why, setWhy] = useState("");
  const { fault, faultAt, setFault, request } = useRequest(marked);
  const [numbers, setNumbers] = useState(
    () =>
      Object.fromEntries(figures.map(([field]) => [field, String(rules[field] ?? usualRules[field])])) as Record<
        Figure,
        string
      >,
  );
  const [limitNumbers, setLimitNumbers] = useState(
    () =>
      Object.fromEntries(
        limits.map(([kind, limit]) => [limit, String(rules.readingLimits[kind]?.[limit] ?? "")]),
      ) as Record<Limit, string>,
  );
  const [measured, setMeasured] = useState(
    () =>
      Object.fromEntries(measures.map(([field]) => [field, String(rules[field] ?? usualRules[field])])) as Record<
        Measure,
        string
      >,
  );
  const isMeasure = (typed: string) => /^\d{1,2}(\.\d{1,2})?$/.test(typed.trim());
  const wanted = {
    ...draft,
    ...Object.fromEntries(measures.map(([field]) => [field, Number(measured[field])])),
    readingLimits: limitsOf(rules.readingLimits, limitNumbers),
    ...Object.fromEntries(figures.map(([field]) => [field, Number(numbers[field])])),
  };
  // what cannot be read as a number is changed too, and refused when it is to be settled
  const isReadable =
    figures.every(([field]) => Number.isFinite(wanted[field])) &&
    limits.every(([, limit]) => isLimit(limitNumbers[limit])) &&
    measures.every(([field]) => isMeasure(measured[field]));
  const isChanged = !isReadable || canonicalJson(wanted) !== canonicalJson(rules);
  const settle = async () => {
    setFault(null);
    const figure = figures.find(([field]) => !/^\d{1,4}$/.test(numbers[field].trim()));
    if (figure) return setFault(t("numbers-wrong"), figure[0]);
    const measure = measures.find(([field]) => !isMeasure(measured[field]));
    if (measure) return setFault(t("measures-wrong"), measure[0]);
    const limit = limits.find(([, each]) => !isLimit(limitNumbers[each]));
    if (limit) return setFault(t("limits-wrong"), limit[1]);
    if (why.trim() === "") return setFault(t("why-missing"), "why");
    await request(settleRules, { body: { onNumber: number, rules: wanted, why } });
  };
  const said = (those: BaseRules, field: keyof BaseRules): string => {
    const value = those[field];
    if (typeof value === "boolean") return t(value ? "yes" : "no");
    if (field === "expectedShown") return t(those.expectedShown);
    if (field === "neverLetGo") return those.neverLetGo.map((matter) => all(`matter.${matter}`)).join(", ");
    if (field === "readingLimits")
      return (
        limits
          .flatMap(([kind, limit]) =>
            those.readingLimits[kind]?.[limit] === undefined
              ? []
              : [`${t(`limit-${limit}`)} ${those.readingLimits[kind][limit]}`],
          )
          .join(", ") || t("limits-none")
      );
    return String(value);
  };
  const names = {
    walkAlone: "walk-alone",
    expectedShown: "expected-shown",
    neverLetGo: "never",
    readingLimits: "limits",
    ...Object.fromEntries([...figures, ...measures]),
  } as unknown as Partial<Record<keyof BaseRules, "walk-alone">>;
  const whatChanged = (now: BaseRules, before: BaseRules) =>
    (Object.keys(names) as (keyof BaseRules)[])
      .flatMap((field) =>
        canonicalJson(now[field]) === canonicalJson(before[field])
          ? []
          : [`${t(names[field] ?? "walk-alone")}: ${said(before, field)} → ${said(now, field)}`],
      )
      .join("; ");
  const yesNo = [
    { value: "yes", word: t("yes") },
    { value: "no", word: t("no") },
  ] as const;
  return (
    <chakra.main padding={{ base: "4", md: "7" }} display="grid" gap="5" alignContent="start" maxWidth="60rem">
      <Box>
        <h1>{t("title")}</h1>
        <p>{t("words")}</p>
      </Box>
      <section>
        <h2>{t("walk-alone")}</h2>
        <p>{t("walk-alone-words")}</p>
        <Choice
          label={t("walk-alone")}
          value={draft.walkAlone ? "yes" : "no"}
          options={[...yesNo]}
          onChoose={(value) => setDraft({ ...draft, walkAlone: value === "yes" })}
        />
      </section>
      <chakra.section display="grid" gap="3">
        <h2>{t("handovers")}</h2>
        <p>
          <strong>{t("expected-shown")}.</strong> {t("expected-words")}
        </p>
        <Choice
          label={t("expected-shown")}
          value={draft.expectedShown}
          options={(["after", "before"] as const).map((value) => ({ value, word: t(value) }))}
          onChoose={(expectedShown) => setDraft({ ...draft, expectedShown })}
        />
        <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="3">
          {figures.map(([field, word]) => (
            <Field key={field} label={t(word)} error={faultAt(field)}>
              {(ids) => (
                <input
                  {...ids}
                  inputMode="numeric"
                  value={numbers[field]}
                  onChange={(event) => setNumbers({ ...numbers, [field]: event.target.value })}
                />
              )}
            </Field>
          ))}
          {measures.map(([field, word]) => (
            <Field key={field} label={t(word)} error={faultAt(field)}>
              {(ids) => (
                <input
                  {...ids}
                  inputMode="decimal"
                  value={measured[field]}
                  onChange={(event) => setMeasured({ ...measured, [field]: event.target.value })}
                />
              )}
            </Field>
          ))}
        </Box>
      </chakra.section>
      <chakra.section display="grid" gap="3">
        <h2>{t("limits")}</h2>
        <p>{t("limits-words")}</p>
        <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="3">
          {limits.map(([, limit]) => (
            <Field key={limit} label={t(`limit-${limit}`)} error={faultAt(limit)}>
              {(ids) => (
                <input
                  {...ids}
                  inputMode="decimal"
                  value={limitNumbers[limit]}
                  onChange={(event) => setLimitNumbers({ ...limitNumbers, [limit]: event.target.value })}
                />
              )}
            </Field>
          ))}
        </Box>
      </chakra.section>
      <chakra.section display="grid" gap="2">
        <h2>{t("never")}</h2>
        <p>{t("never-words")}</p>
        <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="2">
          {clearanceTopics.map((matter) => (
            <chakra.label key={matter} display="flex" gap="3" alignItems="center" minHeight="44px">
              <input
                type="checkbox"
                checked={draft.neverLetGo.includes(matter)}
                disabled={!maySettle}
                onChange={(event) =>
                  setDraft({
                    ...draft,
                    neverLetGo: clearanceTopics.filter((each) =>
                      each === matter ? event.target.checked : draft.neverLetGo.includes(each),
                    ),
                  })
                }
              />
              {all(`matter.${matter}`)}
            </chakra.label>
          ))}
        </Box>
      </chakra.section>
      {maySettle ? (
        <Box display="grid" gap="3" maxWidth="40rem">
          <Field label={t("why")} error={faultAt("why") ?? fault}>
            {(ids) => <input {...ids} maxLength={500} value={why} onChange={(event) => setWhy(event.target.value)} />}
          </Field>
          <Button variant="solid" justifySelf="start" disabled={!isChanged} onClick={() => void settle()}>
            {t("settle")}
          </Button>
        </Box>
      ) : (
        <p>{t("not-yours")}</p>
      )}
      <section>
        <h2>{t("history")}</h2>
        {history.length === 0 ? (
          <p>{t("as-usual")}</p>
        ) : (
          <table className={styles.table} aria-label={t("history")}>
            <thead>
              <tr>
                <th scope="col">{t("number")}</th>
                <th scope="col">{t("when")}</th>
                <th scope="col">{t("who")}</th>
                <th scope="col">{t("what")}</th>
                <th scope="col">{t("why-column")}</th>
              </tr>
            </thead>
            <tbody>
              {history.map((change, index) => (
                <tr key={change.number}>
                  <td>{change.number}</td>
                  <td>{format.dateTime(new Date(change.at), { dateStyle: "medium", timeStyle: "short", timeZone })}</td>
                  <td>{change.by}</td>
                  <td>{whatChanged(rulesFrom(change.rules), rulesFrom(history[index + 1]?.rules ?? null))}</td>
                  <td>{change.why}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </section>
    </chakra.main>
  );
}

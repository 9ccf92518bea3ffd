"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { BaseRules } from "@/core/base/rules";
import type { RulesChange } from "@/formats/desk";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { anything, ApiFault, ask } from "../api";
import styles from "./Desk.module.css";

interface Props {
  rules: BaseRules;
  number: number;
  history: readonly RulesChange[];
  timeZone: string;
  maySettle: boolean;
}

/** What the base has settled for all its yachts; a manager settles it anew, with a reason that stays. */
export function BaseRulesPage({ rules, number, history, timeZone, maySettle }: Props) {
  const t = useTranslations("rules");
  const all = useTranslations();
  const format = useFormatter();
  const router = useRouter();
  const [draft, setDraft] = useState(rules);
  const [why, setWhy] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const isChanged = JSON.stringify(draft) !== JSON.stringify(rules);
  const settle = async () => {
    setFault(null);
    if (why.trim() === "") return setFault(t("why-missing"));
    try {
      await ask("/api/base/rules", anything, { method: "POST", body: { onNumber: number, rules: draft, why } });
      router.refresh();
    } catch (error) {
      setFault(error instanceof ApiFault ? error.message : all("desk.no-signal"));
    }
  };
  const yesNo = [{ value: "yes", word: t("yes") }, { value: "no", word: t("no") }] as const;
  return (
    <chakra.main padding={{ base: "4", md: "7" }} display="grid" gap="5" alignContent="start" maxWidth="60rem">
      <Box>
        <h1>{t("title")}</h1>
        <p>{t("words")}</p>
      </Box>
      <section>
        <h2>{t("walk-alone")}</h2>
        <p>{t("walk-alone-words")}</p>
        <Choice label={t("walk-alone")} value={draft.walkAlone ? "yes" : "no"} options={[...yesNo]} onChoose={(value) => setDraft({ ...draft, walkAlone: value === "yes" })} />
      </section>
      {maySettle ? (
        <Box display="grid" gap="3" maxWidth="40rem">
          <Field label={t("why")} error={fault}>
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
                <th scope="col">{t("why-column")}</th>
              </tr>
            </thead>
            <tbody>
              {history.map((change) => (
                <tr key={change.number}>
                  <td>{change.number}</td>
                  <td>{format.dateTime(new Date(change.at), { dateStyle: "medium", timeStyle: "short", timeZone })}</td>
                  <td>{change.by}</td>
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

"use client";
import { settleRules } from "@/api/base";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { RulesChange } from "@/api/schemas/desk";
import type { BaseRules } from "@/core/base/rules";
import { canonicalJson } from "@/core/basics/digest";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { useRequest } from "../api/useRequest";
import { figures, limits, markedFields, measures, typedRules, wantedRules, wrongNumber } from "./rules/draft";
import { NeverList } from "./rules/NeverList";
import { NumberFields } from "./rules/NumberFields";
import { RulesHistory } from "./rules/RulesHistory";

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
  const [draft, setDraft] = useState(rules);
  const [typed, setTyped] = useState(() => typedRules(rules));
  const [why, setWhy] = useState("");
  const { fault, faultAt, setFault, request } = useRequest(markedFields);
  const wanted = wantedRules(draft, typed);
  const wrong = wrongNumber(typed);
  // what cannot be read as a number is changed too, and refused when it is to be settled
  const isChanged = wrong !== null || canonicalJson(wanted) !== canonicalJson(rules);
  const settle = async () => {
    if (wrong) return setFault(t(wrong.say), wrong.field);
    if (why.trim() === "") return setFault(t("why-missing"), "why");
    await request(settleRules, { body: { onNumber: number, rules: wanted, why } });
  };
  const numbers = {
    typed,
    faultAt,
    onType: (field: keyof typeof typed, text: string) => setTyped({ ...typed, [field]: text }),
  };
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="5" alignContent="start" maxWidth="60rem">
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
          options={(["yes", "no"] as const).map((value) => ({ value, word: t(value) }))}
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
        <NumberFields {...numbers} whole fields={figures.map(([field, word]) => ({ field, label: t(word) }))} />
        <NumberFields {...numbers} fields={measures.map(([field, word]) => ({ field, label: t(word) }))} />
      </chakra.section>
      <chakra.section display="grid" gap="3">
        <h2>{t("limits")}</h2>
        <p>{t("limits-words")}</p>
        <NumberFields {...numbers} fields={limits.map(([, limit]) => ({ field: limit, label: t(`limit-${limit}`) }))} />
      </chakra.section>
      <NeverList
        never={draft.neverLetGo}
        disabled={!maySettle}
        onChange={(neverLetGo) => setDraft({ ...draft, neverLetGo })}
      />
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
      <RulesHistory history={history} timeZone={timeZone} />
    </chakra.main>
  );
}

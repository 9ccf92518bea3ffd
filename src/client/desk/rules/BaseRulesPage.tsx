"use client";
import { Box, chakra } from "@chakra-ui/react";
import { SearchX } from "lucide-react";
import { useTranslations } from "next-intl";
import { useState, type ReactNode } from "react";
import { settleRules } from "@/api/base";
import type { RulesChange } from "@/api/schemas/desk";
import type { BaseRules } from "@/core/base/rules";
import { canonicalJson } from "@/core/basics/digest";
import { Field } from "@/ui/Field";
import { EmptyState } from "@/ui/kit/EmptyState";
import { Tabs } from "@/ui/kit/Tabs";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";
import { DeskPart } from "../shared/DeskPart";
import { faultsOf, ruleFields, typedRules, wantedRules } from "./draft";
import { ruleGroups, settledBy } from "./groups";
import type { RulesPart } from "./parts";
import { RuleLine } from "./RuleLine";
import { RulesHistory } from "./RulesHistory";

interface Props {
  rules: BaseRules;
  number: number;
  history: readonly RulesChange[];
  timeZone: string;
  maySettle: boolean;
  /** the part that is open at first */
  start?: RulesPart;
  /** the price list, which is settled by itself */
  prices?: ReactNode;
  /** terms and hours that are usual in charters */
  terms?: ReactNode;
  /** what the base lends, and what it does between two charters */
  extras?: ReactNode;
  turnRound?: ReactNode;
  /** what guests are written */
  messages?: ReactNode;
  /** for how long what is private is held */
  keeping?: ReactNode;
}

/** What the base has settled for all its yachts, by what it is about; a manager settles it anew, with a reason that stays. */
export function BaseRulesPage({
  history,
  timeZone,
  prices,
  terms,
  extras,
  turnRound,
  messages,
  keeping,
  start = "rules",
  ...settled
}: Props) {
  const t = useTranslations("rules");
  const lent = useTranslations("lent");
  const round = useTranslations("turn-round");
  const outbox = useTranslations("outbox");
  const charters = useTranslations("charters");
  const held = useTranslations("private");
  const [part, setPart] = useState(start);
  const tabs = [
    {
      value: "rules" as const,
      word: t("part-rules"),
      shown: <Rules {...settled} history={history} timeZone={timeZone} />,
    },
    ...(prices ? [{ value: "prices" as const, word: t("part-prices"), shown: prices }] : []),
    ...(terms ? [{ value: "terms" as const, word: charters("tab"), shown: terms }] : []),
    ...(extras ? [{ value: "extras" as const, word: lent("part"), shown: extras }] : []),
    ...(turnRound ? [{ value: "turn-round" as const, word: round("part"), shown: turnRound }] : []),
    ...(messages ? [{ value: "messages" as const, word: outbox("part"), shown: messages }] : []),
    ...(keeping ? [{ value: "keeping" as const, word: held("part"), shown: keeping }] : []),
    {
      value: "history" as const,
      word: t("history"),
      shown: <RulesHistory history={history} timeZone={timeZone} />,
    },
  ];
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="3" alignContent="start">
      <Box display="flex" flexWrap="wrap" alignItems="baseline" gap="4px 16px">
        <h1>{t("title")}</h1>
        <p>{t("words")}</p>
      </Box>
      <Tabs label={t("title")} tabs={tabs} value={part} onChoose={setPart} />
    </chakra.main>
  );
}

function Rules({ rules, number, history, timeZone, maySettle }: Omit<Props, "prices" | "extras" | "turnRound">) {
  const t = useTranslations("rules");
  const [draft, setDraft] = useState(rules);
  const [find, setFind] = useState("");
  const form = useRulesForm(rules, number, draft);
  const { why: _why, ...numbers } = form.typed;
  // what cannot be read as a number is changed too, and refused when it is to be settled
  const isChanged =
    Object.keys(faultsOf(numbers)).length > 0 || canonicalJson(wantedRules(draft, numbers)) !== canonicalJson(rules);
  const shown = useShownGroups(find);
  return (
    <Box display="grid" gap="3">
      <Box maxWidth="18rem">
        <Field label={t("find")}>
          {(ids) => <input {...ids} type="search" value={find} onChange={(event) => setFind(event.target.value)} />}
        </Field>
      </Box>
      {shown.length === 0 && <EmptyState sign={SearchX} title={t("find-none")} />}
      <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1fr 1fr" }} gap="0 32px" alignItems="start">
        {shown.map(({ group, help, rows }) => (
          <DeskPart key={group} title={t(`group-${group}`)}>
            {help && <p>{t(help)}</p>}
            {rows.map((row) => (
              <RuleLine
                key={row.field}
                row={row}
                form={form}
                draft={draft}
                disabled={!maySettle}
                settled={settledBy(history, row.field)}
                timeZone={timeZone}
                onChange={setDraft}
              />
            ))}
          </DeskPart>
        ))}
      </Box>
      {maySettle ? (
        <Box
          position={isChanged ? "sticky" : "static"}
          bottom="0"
          background="cloth"
          borderTopWidth="2px"
          borderTopStyle="solid"
          borderColor="kelp"
          paddingBlock="3"
        >
          <FormFrame form={form} action={t("settle")} disabled={!isChanged}>
            <FormInput form={form} name="why" maxLength={500} />
          </FormFrame>
        </Box>
      ) : (
        <p>{t("not-yours")}</p>
      )}
    </Box>
  );
}

/** The form over the numbers of the rules and the reason; what is chosen and not typed is in the draft. */
function useRulesForm(rules: BaseRules, number: number, draft: BaseRules) {
  const t = useTranslations("rules");
  const typed = typedRules(rules);
  return useDeskForm(settleRules, {
    fields: {
      ...(Object.fromEntries(
        ruleFields.map(([field, word]) => [field, { label: t(word), typed: typed[field] }]),
      ) as Record<keyof typeof typed, { label: string; typed: string }>),
      why: { label: t("why") },
    },
    says: ({ why, ...numbers }) => ({
      ...Object.fromEntries(Object.entries(faultsOf(numbers)).map(([field, say]) => [field, t(say)])),
      why: why.trim() === "" && t("why-missing"),
    }),
    ask: ({ why, ...numbers }) => ({
      body: { onNumber: number, rules: wantedRules(draft, numbers), why: why.trim() },
    }),
  });
}

/** The groups of rules that have these words, with those of their rules that have them. */
function useShownGroups(find: string) {
  const t = useTranslations("rules");
  const asked = find.trim().toLowerCase();
  return ruleGroups
    .map(({ rows, ...group }) => ({
      ...group,
      rows: rows.filter(({ word, help, field }) =>
        [t(`group-${group.group}`), t(word), help ? t(help) : "", field === "neverLetGo" ? t("never-words") : ""]
          .join(" ")
          .toLowerCase()
          .includes(asked),
      ),
    }))
    .filter(({ rows }) => rows.length > 0);
}

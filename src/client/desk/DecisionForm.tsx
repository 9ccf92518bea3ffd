"use client";
import { decideCharge } from "@/api/stays";
import { Box, Button, chakra, Input } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { formatMoney, minorDigits, parseMoney } from "@/core/basics/money";
import { priceOf } from "@/core/settlement/prices";
import type { Decision } from "@/core/settlement/propose";
import type { SettlementItem, SettlementScreen } from "@/api/schemas/desk";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { CheckRow } from "./CheckRow";
import { Fault } from "./Fault";
import { PricePicker } from "./PricePicker";
import { useRequest } from "../api/useRequest";
import { useMay } from "./staff";

const causes = ["charterer", "wear", "base", "unclear"] as const;
const remedies = ["repair", "replace"] as const;
/** The fields of the form, and what they are in the body that is sent. */
const bodyFields = {
  cause: ["cause"],
  estimate: ["estimateMinor"],
  low: ["estimateLowMinor"],
  age: ["ageMonths", "lifeMonths"],
  share: ["sharePercent"],
  goodwill: ["goodwillMinor"],
  why: ["why", "grossNegligence"],
} as const;
const decisionFields = Object.values(bodyFields).flat();

const months = (text: string) => (/^\d{1,4}$/.test(text.trim()) ? Number(text) : null);

/** Whose a difference is, what it costs, and why: with the price list at hand, a range where the price is not fixed, and the reasons that have to be written down. */
export function DecisionForm({ item, screen }: { item: SettlementItem; screen: SettlementScreen }) {
  const t = useTranslations("settle");
  const words = useTranslations();
  const maySayNegligence = useMay("say-gross-negligence");
  const { fault: refused, faultAt, busy, request } = useRequest(decisionFields);
  const { line, difference, decided } = item.proposal;
  const { currency, prices } = screen;
  const typed = (minor: number | undefined) =>
    minor ? (minor / 10 ** minorDigits(currency)).toFixed(minorDigits(currency)).replace(/\.00$/, "") : "";
  const [charge, setCharge] = useState(line !== null);
  const hasCause = difference.kind !== "reading-changed";
  const isDamage = difference.kind !== "missing" && difference.kind !== "consumed" && hasCause;
  const damage = line?.kind === "damage" ? line : null;
  const fuel = line?.kind === "fuel" ? line : null;
  const [cause, setCause] = useState(decided && line && "cause" in line ? line.cause : null);
  const [remedy, setRemedy] = useState<"repair" | "replace">(damage?.remedy ?? "repair");
  const [estimate, setEstimate] = useState(typed(damage?.estimateMinor));
  const [low, setLow] = useState(typed(damage?.estimateLowMinor));
  const [age, setAge] = useState(String(damage?.ageMonths ?? 0));
  const [life, setLife] = useState(String(damage?.lifeMonths ?? 120));
  const [share, setShare] = useState(String(damage?.sharePercent ?? 100));
  const [priced, setPriced] = useState<string | null>(null);
  const [disputed, setDisputed] = useState(fuel?.doubt === undefined && (line?.disputed ?? false));
  const [believed, setBelieved] = useState(false);
  const [negligence, setNegligence] = useState(
    line !== null && "grossNegligence" in line && line.grossNegligence === true,
  );
  const [goodwill, setGoodwill] = useState(typed(line?.goodwillMinor));
  const [why, setWhy] = useState(item.why);
  const [fault, setFault] = useState<{ field: keyof typeof bodyFields; words: string } | null>(null);
  const costs = charge && (cause === "charterer" || cause === "unclear");

  const damageOf = (): Partial<Decision> | { field: keyof typeof bodyFields; words: string } => {
    const minor = parseMoney(estimate, currency);
    if (minor === null || minor === 0) return { field: "estimate", words: t("estimate-wrong") };
    const lowMinor = low.trim() === "" ? minor : parseMoney(low, currency);
    if (lowMinor === null) return { field: "low", words: t("estimate-wrong") };
    if (lowMinor > minor) return { field: "low", words: t("range-wrong") };
    const percent = months(share);
    if (percent === null || percent > 100) return { field: "share", words: t("share-wrong") };
    const [ageMonths, lifeMonths] = [months(age), months(life)];
    if (remedy === "replace" && (ageMonths === null || lifeMonths === null || lifeMonths === 0))
      return { field: "age", words: t("age-wrong") };
    return {
      remedy,
      estimateMinor: minor,
      sharePercent: percent,
      ...(lowMinor < minor ? { estimateLowMinor: lowMinor } : {}),
      ...(priced === null ? {} : { priced }),
      ...(remedy === "replace" && ageMonths !== null && lifeMonths !== null ? { ageMonths, lifeMonths } : {}),
    };
  };
  const keep = async () => {
    const decision: Decision = { charge };
    if (charge) {
      if (hasCause) {
        if (!cause) return setFault({ field: "cause", words: t("cause-missing") });
        decision.cause = cause;
      }
      decision.disputed = disputed;
      if (isDamage && costs) {
        const found = damageOf();
        if ("field" in found) return setFault(found);
        Object.assign(decision, found);
      }
      const off = goodwill.trim() === "" ? 0 : parseMoney(goodwill, currency);
      if (off === null) return setFault({ field: "goodwill", words: t("estimate-wrong") });
      if (off > 0) decision.goodwillMinor = off;
      if (negligence && costs) decision.grossNegligence = true;
      if (believed) decision.gaugeBelieved = true;
      if (off > 0 && why.trim() === "") return setFault({ field: "why", words: t("goodwill-why") });
      if (negligence && costs && why.trim() === "") return setFault({ field: "why", words: t("negligence-why") });
      if (believed && why.trim() === "") return setFault({ field: "why", words: t("believed-why") });
    }
    setFault(null);
    await request(decideCharge, {
      params: { id: screen.stay.stayId },
      body: { differenceId: difference.id, decision, why: why.trim() },
    });
  };
  const says = (field: keyof typeof bodyFields) => {
    const refusedAt = bodyFields[field].map(faultAt).find((words) => words !== null);
    return fault?.field === field ? fault.words : (refusedAt ?? null);
  };
  return (
    <Box display="grid" gap="3">
      {hasCause && (
        <Box display="flex" flexWrap="wrap" gap="2" alignItems="center">
          <span>{t("whose")}</span>
          <Choice
            label={`${t("whose")} ${item.name}`}
            options={[
              ...causes
                .filter((value) => item.prior === null || value === "base" || value === "wear")
                .map((value) => ({ value: value as string, word: words(`cause.${value}`) })),
              { value: "none", word: t("no-charge") },
            ]}
            value={charge ? cause : "none"}
            onChoose={(value) => {
              setCharge(value !== "none");
              if (value !== "none") setCause(value as (typeof causes)[number]);
            }}
          />
          {says("cause") && <p role="alert">{says("cause")}</p>}
        </Box>
      )}
      {isDamage && costs && (
        <>
          <PricePicker
            label={t("from-list")}
            prices={prices}
            group={difference.group}
            currency={currency}
            onPick={(picked) => {
              setPriced(picked.words);
              setEstimate(typed(priceOf(picked, prices.labourPerHourMinor)));
              setLow("");
              setRemedy(picked.remedy);
              if (picked.lifeMonths !== null) setLife(String(picked.lifeMonths));
            }}
          />
          <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-start">
            <Box paddingTop="6">
              <Choice
                label={t("remedy")}
                options={remedies.map((value) => ({ value, word: words(`remedy.${value}`) }))}
                value={remedy}
                onChoose={setRemedy}
              />
            </Box>
            <Box width="9rem">
              <Field label={t("estimate", { currency })} error={says("estimate")}>
                {(ids) => (
                  <Input
                    {...ids}
                    inputMode="decimal"
                    value={estimate}
                    onChange={(event) => setEstimate(event.target.value)}
                  />
                )}
              </Field>
            </Box>
            <Box width="11rem">
              <Field label={t("low", { currency })} error={says("low")}>
                {(ids) => (
                  <Input {...ids} inputMode="decimal" value={low} onChange={(event) => setLow(event.target.value)} />
                )}
              </Field>
            </Box>
            {remedy === "replace" && (
              <>
                <Box width="7rem">
                  <Field label={t("age")} error={says("age")}>
                    {(ids) => (
                      <Input
                        {...ids}
                        inputMode="numeric"
                        value={age}
                        onChange={(event) => setAge(event.target.value)}
                      />
                    )}
                  </Field>
                </Box>
                <Box width="7rem">
                  <Field label={t("life")}>
                    {(ids) => (
                      <Input
                        {...ids}
                        inputMode="numeric"
                        value={life}
                        onChange={(event) => setLife(event.target.value)}
                      />
                    )}
                  </Field>
                </Box>
              </>
            )}
          </Box>
        </>
      )}
      {charge && (cause !== null || !hasCause) && (
        <Box display="flex" flexWrap="wrap" gap="0 20px" alignItems="center">
          <CheckRow checked={disputed} onChange={setDisputed}>
            {t("disputed")}
          </CheckRow>
          {fuel?.doubt !== undefined && (
            <CheckRow checked={believed} onChange={setBelieved}>
              {t("believed")}
            </CheckRow>
          )}
        </Box>
      )}
      {charge && (costs || !hasCause) && (
        <details>
          <chakra.summary minHeight="44px" paddingBlock="2" fontWeight="600" cursor="pointer">
            {t("less-usual")}
          </chakra.summary>
          <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
            {isDamage && (
              <Box width="7rem">
                <Field label={t("share")} error={says("share")}>
                  {(ids) => (
                    <Input
                      {...ids}
                      inputMode="numeric"
                      value={share}
                      onChange={(event) => setShare(event.target.value)}
                    />
                  )}
                </Field>
              </Box>
            )}
            <Box width="9rem">
              <Field label={t("goodwill", { currency })} error={says("goodwill")}>
                {(ids) => (
                  <Input
                    {...ids}
                    inputMode="decimal"
                    value={goodwill}
                    onChange={(event) => setGoodwill(event.target.value)}
                  />
                )}
              </Field>
            </Box>
            {hasCause &&
              (maySayNegligence ? (
                <CheckRow checked={negligence} onChange={setNegligence}>
                  {t("negligence")}
                </CheckRow>
              ) : (
                <chakra.p paddingBottom="3">{t("negligence-not-yours")}</chakra.p>
              ))}
          </Box>
        </details>
      )}
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        <Box flex="1 1 16rem">
          <Field label={t("why")} error={says("why")}>
            {(ids) => <Input {...ids} maxLength={500} value={why} onChange={(event) => setWhy(event.target.value)} />}
          </Field>
        </Box>
        <Button
          variant={item.proposal.needs ? "solid" : "outline"}
          onClick={() => void keep()}
          disabled={busy}
          aria-label={`${t("keep")}: ${item.name}`}
        >
          {t("keep")}
        </Button>
      </Box>
      {priced !== null && <p>{t("priced", { priced, labour: formatMoney(prices.labourPerHourMinor, currency) })}</p>}
      <Fault words={refused} />
    </Box>
  );
}

"use client";
import { Box, Button, chakra, Input } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import { formatMoney, parseMoney } from "@/core/basics/money";
import type { Decision } from "@/core/settlement/propose";
import type { SettlementItem, SettlementScreen } from "@/formats/desk";
import { Chip } from "@/ui/Chip";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { anything, ApiFault, ask } from "../api";
import { PhotoStrip } from "./PhotoStrip";

const causes = ["charterer", "wear", "base", "unclear"] as const;
const remedies = ["repair", "replace"] as const;

/** One difference: both sides' evidence beside one another, whose it is, and what it comes to. */
export function DifferenceCard({ item, screen }: { item: SettlementItem; screen: SettlementScreen }) {
  const t = useTranslations();
  const { proposal } = item;
  const settled = (screen.signed?.output ?? screen.output).lines.find((line) => line.id === proposal.difference.id);
  const verdict = proposal.needs ? "watch" : "fine";
  return (
    <Box as="section" borderTopWidth="2px" borderTopStyle="solid" borderColor="kelp" paddingTop="3" display="grid" gap="3" aria-label={item.name}>
      <Box display="flex" flexWrap="wrap" justifyContent="space-between" gap="2" alignItems="baseline">
        <chakra.h2 fontSize="1.125rem">
          {item.name}{" "}
          <chakra.span fontWeight="400" color="kelp2">
            {item.place}
          </chakra.span>
        </chakra.h2>
        <Chip verdict={verdict}>{proposal.needs ? item.what : t("settle.decided", { what: item.what })}</Chip>
      </Box>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", sm: "1fr 1fr" }} gap="0" background="paper" borderWidth="1px" borderStyle="solid" borderColor="line">
        <EvidenceSide title={t("paper.before")} side={item.before} timeZone={screen.timeZone} name={item.name} />
        <EvidenceSide title={t("paper.after")} side={item.after} timeZone={screen.timeZone} name={item.name} right />
      </Box>
      {!screen.signed && proposal.difference.id && canBeCharged(item) && <DecisionForm item={item} screen={screen} />}
      {screen.signed && item.why && <p>{t("settle.why-said", { why: item.why })}</p>}
      {settled && !proposal.needs && (
        <p>
          {settled.how}
          {": "}
          <strong>
            {settled.heldMinor > 0 ? t("settle.line-held", { sum: formatMoney(settled.heldMinor, screen.currency, "en") }) : t("settle.line-charged", { sum: formatMoney(settled.chargedMinor, screen.currency, "en") })}
          </strong>
        </p>
      )}
      {!settled && canBeCharged(item) && proposal.decided && <p>{t("settle.not-charged")}</p>}
    </Box>
  );
}

/** Kinds of difference that may cost something. */
function canBeCharged({ proposal }: SettlementItem): boolean {
  return proposal.line !== null || ["missing", "new-mark", "mark-worse", "look-worse", "test-failing"].includes(proposal.difference.kind);
}

function EvidenceSide({ title, side, timeZone, name, right = false }: { title: string; side: SettlementItem["before"]; timeZone: string; name: string; right?: boolean }) {
  const format = useFormatter();
  return (
    <Box padding="3" borderLeftWidth={right ? { base: 0, sm: "1px" } : 0} borderLeftStyle="solid" borderColor="line" display="grid" gap="1" alignContent="start">
      <chakra.p fontSize="0.9375rem" color="kelp2">
        {title}
      </chakra.p>
      <chakra.p fontWeight="600">{side.words}</chakra.p>
      {side.at && (
        <chakra.p fontSize="0.9375rem" color="kelp2">
          {side.by}, {format.dateTime(new Date(side.at), { dateStyle: "medium", timeStyle: "short", timeZone })}
        </chakra.p>
      )}
      <PhotoStrip photos={side.photos} name={name} />
    </Box>
  );
}

function DecisionForm({ item, screen }: { item: SettlementItem; screen: SettlementScreen }) {
  const t = useTranslations("settle");
  const words = useTranslations();
  const router = useRouter();
  const { line, difference, decided } = item.proposal;
  const [charge, setCharge] = useState(line !== null);
  const hasCause = difference.kind !== "reading-changed";
  const isDamage = difference.kind !== "missing" && hasCause;
  const damage = line?.kind === "damage" ? line : null;
  const [cause, setCause] = useState(decided && line && "cause" in line ? line.cause : null);
  const [remedy, setRemedy] = useState<"repair" | "replace">(damage?.remedy ?? "repair");
  const [estimate, setEstimate] = useState(damage && damage.estimateMinor > 0 ? String(damage.estimateMinor / 100) : "");
  const [share, setShare] = useState(String(damage?.sharePercent ?? 100));
  const [disputed, setDisputed] = useState(line?.disputed ?? false);
  const [goodwill, setGoodwill] = useState(line?.goodwillMinor ? String(line.goodwillMinor / 100) : "");
  const [why, setWhy] = useState(item.why);
  const [fault, setFault] = useState<{ field: string; words: string } | null>(null);
  const [busy, setBusy] = useState(false);

  const keep = async () => {
    const decision: Decision = { charge };
    if (charge) {
      if (hasCause) {
        if (!cause) return setFault({ field: "cause", words: t("cause-missing") });
        decision.cause = cause;
      }
      decision.disputed = disputed;
      if (isDamage && cause !== "wear" && cause !== "base") {
        const minor = parseMoney(estimate, screen.currency);
        if (minor === null || minor === 0) return setFault({ field: "estimate", words: t("estimate-wrong") });
        const percent = Number(share);
        if (!Number.isInteger(percent) || percent < 0 || percent > 100) return setFault({ field: "share", words: t("share-wrong") });
        Object.assign(decision, { remedy, estimateMinor: minor, sharePercent: percent });
      }
      const off = goodwill.trim() === "" ? 0 : parseMoney(goodwill, screen.currency);
      if (off === null) return setFault({ field: "goodwill", words: t("estimate-wrong") });
      if (off > 0) decision.goodwillMinor = off;
      if (off > 0 && why.trim() === "") return setFault({ field: "why", words: t("goodwill-why") });
    }
    setFault(null);
    setBusy(true);
    try {
      await ask(`/api/stays/${screen.stay.stayId}/decisions`, anything, { method: "POST", body: { differenceId: difference.id, decision, why: why.trim() } });
      router.refresh();
    } catch (error) {
      setFault({ field: "all", words: error instanceof ApiFault ? error.message : t("no-signal") });
    }
    setBusy(false);
  };
  const says = (field: string) => (fault?.field === field ? fault.words : null);
  return (
    <Box display="grid" gap="3">
      {hasCause && (
        <Box display="flex" flexWrap="wrap" gap="2" alignItems="center">
          <span>{t("whose")}</span>
          <Choice
            label={`${t("whose")} ${item.name}`}
            options={[...causes.map((value) => ({ value: value as string, word: words(`cause.${value}`) })), { value: "none", word: t("no-charge") }]}
            value={charge ? cause : "none"}
            onChoose={(value) => {
              setCharge(value !== "none");
              if (value !== "none") setCause(value as (typeof causes)[number]);
            }}
          />
          {says("cause") && <p role="alert">{says("cause")}</p>}
        </Box>
      )}
      {charge && (cause !== null || !hasCause) && (
        <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
          {isDamage && cause !== "wear" && cause !== "base" && (
            <>
              <Choice label={t("remedy")} options={remedies.map((value) => ({ value, word: words(`remedy.${value}`) }))} value={remedy} onChoose={setRemedy} />
              <Box width="9rem">
                <Field label={t("estimate", { currency: screen.currency })} error={says("estimate")}>
                  {(ids) => <Input {...ids} inputMode="decimal" value={estimate} onChange={(event) => setEstimate(event.target.value)} />}
                </Field>
              </Box>
              <Box width="7rem">
                <Field label={t("share")} error={says("share")}>
                  {(ids) => <Input {...ids} inputMode="numeric" value={share} onChange={(event) => setShare(event.target.value)} />}
                </Field>
              </Box>
            </>
          )}
          <Box width="9rem">
            <Field label={t("goodwill", { currency: screen.currency })} error={says("goodwill")}>
              {(ids) => <Input {...ids} inputMode="decimal" value={goodwill} onChange={(event) => setGoodwill(event.target.value)} />}
            </Field>
          </Box>
          <chakra.label display="inline-flex" alignItems="center" gap="2" minHeight="48px" fontWeight="600">
            <input type="checkbox" checked={disputed} onChange={(event) => setDisputed(event.target.checked)} style={{ width: 24, height: 24 }} />
            {t("disputed")}
          </chakra.label>
        </Box>
      )}
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        <Box flex="1 1 16rem">
          <Field label={t("why")} error={says("why")}>
            {(ids) => <Input {...ids} maxLength={500} value={why} onChange={(event) => setWhy(event.target.value)} />}
          </Field>
        </Box>
        <Button variant={item.proposal.needs ? "solid" : "outline"} onClick={keep} disabled={busy} aria-label={`${t("keep")}: ${item.name}`}>
          {t("keep")}
        </Button>
      </Box>
      {says("all") && (
        <chakra.p role="alert" color="alarmInk" fontWeight="600">
          {says("all")}
        </chakra.p>
      )}
    </Box>
  );
}
